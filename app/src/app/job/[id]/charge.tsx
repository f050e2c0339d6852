import { useLocalSearchParams } from 'expo-router'
import { stageScreen } from '../../../job/stage-screen'
import { useJob } from '../../../state/app'

const ChargeScreen = stageScreen(async () => (await import('../../../startup/ChargeScreen')).ChargeScreen)

export default function Charge() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return <ChargeScreen key={id} id={id} job={useJob(id)} />
}
