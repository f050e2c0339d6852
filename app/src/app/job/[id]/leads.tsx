import { useLocalSearchParams } from 'expo-router'
import { stageScreen } from '../../../job/stage-screen'
import { useJob } from '../../../state/app'

const LeadFinder = stageScreen(async () => (await import('../../../leads/LeadFinder')).LeadFinder)

export default function Leads() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return <LeadFinder key={id} id={id} job={useJob(id)} />
}
