import { useLocalSearchParams } from 'expo-router'
import { stageScreen } from '../../../parts/frame/stage-screen'
import { useJob } from '../../../platform/state/app'

const StartupScreen = stageScreen(
  async () => (await import('../../../stages/startup/StartupScreen')).StartupScreen,
)

export default function Startup() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return <StartupScreen key={id} id={id} job={useJob(id)} />
}
