import { useLocalSearchParams } from 'expo-router'
import { stageScreen } from '../../../job/stage-screen'
import { useJob } from '../../../state/app'

const SafeScreen = stageScreen(async () => (await import('../../../safe/SafeScreen')).SafeScreen)

export default function Safe() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return <SafeScreen key={id} id={id} job={useJob(id)} />
}
