// Every screen of a job stands under this: an address of no job opens none, so that nothing is entered into a job that nobody made.
import { Slot, useGlobalSearchParams } from 'expo-router'
import { WithJob } from '../../../parts/frame/WithJob'

export default function JobLayout() {
  const { id } = useGlobalSearchParams<{ id: string }>()
  return (
    <WithJob id={id}>
      <Slot />
    </WithJob>
  )
}
