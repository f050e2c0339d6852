// A job from home: what it is called, where it is, and whether it stands on the list.
import { useRouter } from 'expo-router'
import { JobNames } from '../../parts/names/JobNames'
import { editJob } from '../../platform/state/app'
import type { JobEntry } from '../../platform/state/jobs'
import { QuietButton } from '../../ui/PrimaryButton'
import { Sheet } from '../../ui/Sheet'
import { Words } from '../../ui/Words'
import { jobName } from './home-model'

export interface JobSheetProps {
  readonly entry: JobEntry
  readonly onClose: () => void
}

const NAMES = ['title', 'site', 'unitName'] as const

export function JobSheet({ entry, onClose }: JobSheetProps) {
  const router = useRouter()
  const { id, document: job } = entry
  return (
    <Sheet title={jobName(entry)} open onClose={onClose} testID="job-sheet">
      <JobNames id={id} job={job} fields={NAMES} />
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
