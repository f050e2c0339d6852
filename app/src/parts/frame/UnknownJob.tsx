// The address names a job that nobody knows of here.
import { Words } from '../../ui/Words'
import { NoJob } from './NoJob'

export const UnknownJob = () => (
  <NoJob title="This job is not on this device." testID="unknown-job">
    <Words>
      Its address may be cut short, or another device has not delivered it yet. When it comes, it opens here.
    </Words>
  </NoJob>
)
