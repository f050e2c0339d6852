import type { JobId } from '@oak/core/job/job-id'
import { useLocalSearchParams } from 'expo-router'
import { TagEditor } from '../screens'

export default function Tag() {
  const { job, sheet } = useLocalSearchParams<{ job?: JobId; sheet?: string }>()
  return <TagEditor key={`${job} ${sheet}`} job={job ?? null} sheet={sheet ?? null} />
}
