import type { JobId } from '@oak/core/job/job-id'
import { useLocalSearchParams } from 'expo-router'
import { UnitEditor } from '../screens'

export default function Unit() {
  const { job, unit } = useLocalSearchParams<{ job?: JobId; unit?: string }>()
  return <UnitEditor key={`${job} ${unit}`} job={job ?? null} unit={unit ?? null} />
}
