import { useLocalSearchParams } from 'expo-router'
import { stageScreen } from '../../../job/stage-screen'
import { useJob } from '../../../state/app'

const PlatesScreen = stageScreen(async () => (await import('../../../plates/PlatesScreen')).PlatesScreen)

export default function Plates() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return <PlatesScreen key={id} id={id} job={useJob(id)} />
}
