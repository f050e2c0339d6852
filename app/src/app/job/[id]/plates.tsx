import { useLocalSearchParams } from 'expo-router'
import { stageScreen } from '../../../parts/frame/stage-screen'
import { useJob } from '../../../platform/state/app'

const PlatesScreen = stageScreen(
  async () => (await import('../../../stages/plates/PlatesScreen')).PlatesScreen,
)

export default function Plates() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return <PlatesScreen key={id} id={id} job={useJob(id)} />
}
