// Every screen of a job stands under this: an address of no job opens none, so that nothing is entered into a job that nobody made.
import { Slot, useGlobalSearchParams } from 'expo-router'
import { UnknownJob } from '../../../parts/frame/UnknownJob'
import { useIsJob } from '../../../platform/state/app'

export default function JobLayout() {
  const { id } = useGlobalSearchParams<{ id: string }>()
  return useIsJob(id) ? <Slot /> : <UnknownJob />
}
