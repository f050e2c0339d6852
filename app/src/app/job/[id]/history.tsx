import { useLocalSearchParams } from 'expo-router'
import { stageScreen } from '../../../job/stage-screen'
import { useJob } from '../../../state/app'

const HistoryScreen = stageScreen(async () => (await import('../../../history/HistoryScreen')).HistoryScreen)

export default function History() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return <HistoryScreen key={id} id={id} job={useJob(id)} />
}
