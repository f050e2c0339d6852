import { useLocalSearchParams } from 'expo-router'
import { MotorScreen } from '../../../motor/MotorScreen'
import { useJob } from '../../../state/app'

export default function Motor() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return <MotorScreen key={id} id={id} job={useJob(id)} />
}
