import type { JobId } from '@oak/core/job/job-id'
import { useLocalSearchParams } from 'expo-router'
import { WithJob } from '../parts/frame/WithJob'
import { UnitEditor } from '../screens'

export default function Unit() {
  const { job, unit } = useLocalSearchParams<{ job?: JobId; unit?: string }>()
  const editor = <UnitEditor key={`${job} ${unit}`} job={job ?? null} unit={unit ?? null} />
  return job ? <WithJob id={job}>{editor}</WithJob> : editor
}
