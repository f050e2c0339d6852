import { useLocalSearchParams } from 'expo-router'
import { stageScreen } from '../../../parts/frame/stage-screen'
import { useJob } from '../../../platform/state/app'

const WiresScreen = stageScreen(async () => (await import('../../../stages/wires/WiresScreen')).WiresScreen)

export default function Wires() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return <WiresScreen key={id} id={id} job={useJob(id)} />
}
