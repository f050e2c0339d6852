import type { JobId } from '@oak/core/job/job-id'
import { useLocalSearchParams } from 'expo-router'
import { WithJob } from '../parts/frame/WithJob'
import { TagEditor } from '../screens'

export default function Tag() {
  const { job, sheet, stays, like } = useLocalSearchParams<{
    job?: JobId
    sheet?: string
    stays?: string
    like?: string
  }>()
  const editor = (
    <TagEditor
      key={`${job} ${sheet} ${stays} ${like}`}
      job={job ?? null}
      sheet={sheet ?? null}
      old={oldMotor(job, stays, like)}
    />
  )
  return job ? <WithJob id={job}>{editor}</WithJob> : editor
}

/** What the tag has to do with the job's old motor: it is that one, or one like it. */
function oldMotor(job: JobId | undefined, stays: string | undefined, like: string | undefined) {
  if (job === undefined) return null
  if (stays === '1') return 'stays'
  return like === '1' ? 'like' : null
}
