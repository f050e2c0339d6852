import { useLocalSearchParams } from 'expo-router'
import { stageScreen } from '../../../job/stage-screen'
import { useJob } from '../../../state/app'

const StartupScreen = stageScreen(async () => (await import('../../../startup/StartupScreen')).StartupScreen)

export default function Startup() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return <StartupScreen key={id} id={id} job={useJob(id)} />
}
