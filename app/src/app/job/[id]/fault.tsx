import { useLocalSearchParams } from 'expo-router'
import { stageScreen } from '../../../parts/frame/stage-screen'
import { useJob } from '../../../platform/state/app'

const FaultScreen = stageScreen(async () => (await import('../../../stages/fault/FaultScreen')).FaultScreen)

export default function Fault() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return <FaultScreen key={id} id={id} job={useJob(id)} />
}
