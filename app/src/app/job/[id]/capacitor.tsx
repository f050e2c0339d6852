import { useLocalSearchParams } from 'expo-router'
import { stageScreen } from '../../../job/stage-screen'
import { useJob } from '../../../state/app'

const CapacitorScreen = stageScreen(
  async () => (await import('../../../capacitor/CapacitorScreen')).CapacitorScreen,
)

export default function Capacitor() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return <CapacitorScreen key={id} id={id} job={useJob(id)} />
}
