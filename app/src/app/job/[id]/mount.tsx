import { useLocalSearchParams } from 'expo-router'
import { stageScreen } from '../../../job/stage-screen'
import { useJob } from '../../../state/app'

const MountScreen = stageScreen(async () => (await import('../../../mount/MountScreen')).MountScreen)

export default function Mount() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return <MountScreen key={id} id={id} job={useJob(id)} />
}
