import { useLocalSearchParams } from 'expo-router'
import { stageScreen } from '../../../parts/frame/stage-screen'
import { useJob } from '../../../platform/state/app'

const CarryScreen = stageScreen(async () => (await import('../../../shop/carry/CarryScreen')).CarryScreen)

export default function Carry() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return <CarryScreen key={id} id={id} job={useJob(id)} />
}
