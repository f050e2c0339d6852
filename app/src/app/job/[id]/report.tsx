import { useLocalSearchParams } from 'expo-router'
import { stageScreen } from '../../../job/stage-screen'
import { useJob } from '../../../state/app'

const ReportScreen = stageScreen(async () => (await import('../../../report/ReportScreen')).ReportScreen)

export default function Report() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return <ReportScreen key={id} id={id} job={useJob(id)} />
}
