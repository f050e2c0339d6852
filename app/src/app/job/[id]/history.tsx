import { useLocalSearchParams } from 'expo-router'
import { stageScreen } from '../../../parts/frame/stage-screen'
import { useJob } from '../../../platform/state/app'

const HistoryScreen = stageScreen(
  async () => (await import('../../../handover/history/HistoryScreen')).HistoryScreen,
)

export default function History() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return <HistoryScreen key={id} id={id} job={useJob(id)} />
}
