import { useLocalSearchParams } from 'expo-router'
import { stageScreen } from '../../../job/stage-screen'
import { useJob } from '../../../state/app'

const MotorScreen = stageScreen(async () => (await import('../../../motor/MotorScreen')).MotorScreen)

export default function Motor() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return <MotorScreen key={id} id={id} job={useJob(id)} />
}
