import { useLocalSearchParams } from 'expo-router'
import { stageScreen } from '../../../parts/frame/stage-screen'
import { useJob } from '../../../platform/state/app'

const MountScreen = stageScreen(async () => (await import('../../../stages/mount/MountScreen')).MountScreen)

export default function Mount() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return <MountScreen key={id} id={id} job={useJob(id)} />
}
