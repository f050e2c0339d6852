import { useLocalSearchParams } from 'expo-router'
import { stageScreen } from '../../../job/stage-screen'
import { useJob } from '../../../state/app'

const CardScreen = stageScreen(async () => (await import('../../../card/CardScreen')).CardScreen)

export default function Card() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return <CardScreen key={id} id={id} job={useJob(id)} />
}
