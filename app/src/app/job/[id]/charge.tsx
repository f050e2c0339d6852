import { useLocalSearchParams } from 'expo-router'
import { stageScreen } from '../../../parts/frame/stage-screen'
import { useJob } from '../../../platform/state/app'

const ChargeScreen = stageScreen(
  async () => (await import('../../../stages/charge/ChargeScreen')).ChargeScreen,
)

export default function Charge() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return <ChargeScreen key={id} id={id} job={useJob(id)} />
}
