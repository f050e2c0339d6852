import { useLocalSearchParams } from 'expo-router'
import { stageScreen } from '../../../parts/frame/stage-screen'
import { useJob } from '../../../platform/state/app'

const ReportScreen = stageScreen(
  async () => (await import('../../../handover/report/ReportScreen')).ReportScreen,
)

export default function Report() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return <ReportScreen key={id} id={id} job={useJob(id)} />
}
