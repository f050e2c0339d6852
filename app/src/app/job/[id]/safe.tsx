import { useLocalSearchParams } from 'expo-router'
import { stageScreen } from '../../../parts/frame/stage-screen'
import { useJob } from '../../../platform/state/app'

const SafeScreen = stageScreen(async () => (await import('../../../stages/safe/SafeScreen')).SafeScreen)

export default function Safe() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return <SafeScreen key={id} id={id} job={useJob(id)} />
}
