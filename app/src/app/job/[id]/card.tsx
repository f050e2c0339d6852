import { useLocalSearchParams } from 'expo-router'
import { stageScreen } from '../../../parts/frame/stage-screen'
import { useJob } from '../../../platform/state/app'

const CardScreen = stageScreen(async () => (await import('../../../handover/card/CardScreen')).CardScreen)

export default function Card() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return <CardScreen key={id} id={id} job={useJob(id)} />
}
