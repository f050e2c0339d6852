import { useLocalSearchParams } from 'expo-router'
import { stageScreen } from '../../../parts/frame/stage-screen'
import { useJob } from '../../../platform/state/app'

const LeadFinder = stageScreen(async () => (await import('../../../stages/leads/LeadFinder')).LeadFinder)

export default function Leads() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return <LeadFinder key={id} id={id} job={useJob(id)} />
}
