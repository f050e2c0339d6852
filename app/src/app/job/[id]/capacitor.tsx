import { useLocalSearchParams } from 'expo-router'
import { stageScreen } from '../../../parts/frame/stage-screen'
import { useJob } from '../../../platform/state/app'

const CapacitorScreen = stageScreen(
  async () => (await import('../../../stages/can/CapacitorScreen')).CapacitorScreen,
)

export default function Capacitor() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return <CapacitorScreen key={id} id={id} job={useJob(id)} />
}
