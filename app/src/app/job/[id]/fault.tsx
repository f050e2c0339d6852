import { useLocalSearchParams } from 'expo-router'
import { stageScreen } from '../../../job/stage-screen'
import { useJob } from '../../../state/app'

const FaultScreen = stageScreen(async () => (await import('../../../fault/FaultScreen')).FaultScreen)

export default function Fault() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return <FaultScreen key={id} id={id} job={useJob(id)} />
}
