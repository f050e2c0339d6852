import type { JobId } from '@oak/core/job/job-id'
import { useLocalSearchParams } from 'expo-router'
import { TagEditor } from '../screens'

export default function Tag() {
  const { job, sheet, stays } = useLocalSearchParams<{ job?: JobId; sheet?: string; stays?: string }>()
  return (
    <TagEditor
      key={`${job} ${sheet} ${stays}`}
      job={job ?? null}
      sheet={sheet ?? null}
      stays={stays === '1' && job !== undefined}
    />
  )
}
