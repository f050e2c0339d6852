import { useLocalSearchParams } from 'expo-router'
import { stageScreen } from '../../../job/stage-screen'
import { useJob } from '../../../state/app'

const WiresScreen = stageScreen(async () => (await import('../../../wires/WiresScreen')).WiresScreen)

export default function Wires() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return <WiresScreen key={id} id={id} job={useJob(id)} />
}
