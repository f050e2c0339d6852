import { useLocalSearchParams } from 'expo-router'
import { stageScreen } from '../../../job/stage-screen'
import { useJob } from '../../../state/app'

const CarryScreen = stageScreen(async () => (await import('../../../carry/CarryScreen')).CarryScreen)

export default function Carry() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return <CarryScreen key={id} id={id} job={useJob(id)} />
}
