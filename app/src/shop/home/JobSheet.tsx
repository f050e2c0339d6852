// A job from home: what it is called, where it is, and whether it stands on the list.
import { useRouter } from 'expo-router'
import { useEffect, useState } from 'react'
import { JobNames } from '../../parts/names/JobNames'
import type { JobSummary } from '@oak/core/job/summary/summary'
import { editJob, isKeptHere, keepHere, useJob, useJobHere } from '../../platform/state/app'
import { QuietButton } from '../../ui/PrimaryButton'
import { Sheet } from '../../ui/Sheet'
import { Words } from '../../ui/Words'
import { jobName } from './home-model'

export interface JobSheetProps {
  readonly summary: JobSummary
  readonly onClose: () => void
}

const NAMES = ['title', 'site', 'unitName'] as const

export function JobSheet({ summary, onClose }: JobSheetProps) {
  const router = useRouter()
  const { job: id } = summary
  const job = useJob(id)
  const here = useJobHere(id)
  if (here !== 'here')
    return (
      <Sheet title={jobName(summary)} open onClose={onClose} testID="job-sheet">
        <Words>
          {here === 'reading'
            ? 'Fetching the job…'
            : 'This job is not on this phone, and the server is not reached now: it can be named or put away when it is.'}
        </Words>
      </Sheet>
    )
  return (
    <Sheet title={jobName(summary)} open onClose={onClose} testID="job-sheet">
      <JobNames id={id} job={job} fields={NAMES} />
      <KeepHere id={id} />
      <QuietButton
        text="Its visit: other work, parts on order, the next one"
        onPress={() => {
          onClose()
          router.navigate(`/job/${id}/visit`)
        }}
        testID="to-visit"
      />
      <Words size="small" tone="quiet">
        {job.removed
          ? 'It is put away: kept whole, and off the list.'
          : 'A job that is put away is kept whole, and can be brought back.'}
      </Words>
      <QuietButton
        text={job.removed ? 'Bring it back to the list' : 'Put this job away'}
        testID="put-away"
        onPress={() => {
          editJob(id, [{ path: ['removed'], value: !job.removed }])
          onClose()
        }}
      />
    </Sheet>
  )
}

/** An old job goes from this phone, and stays on the server; one that is wanted down in a basement may stay. */
function KeepHere({ id }: { readonly id: string }) {
  const [stays, setStays] = useState<boolean | null>(null)
  useEffect(() => {
    void isKeptHere(id).then(setStays)
  }, [id])
  if (stays === null) return null
  const toggle = () => {
    setStays(!stays)
    void keepHere(id, !stays)
  }
  return (
    <QuietButton
      text={stays ? 'It stays on this phone: let it go when it is old' : 'Keep it on this phone, however old'}
      onPress={toggle}
      testID="keep-here"
    />
  )
}
