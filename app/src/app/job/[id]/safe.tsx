import { useLocalSearchParams } from 'expo-router'
import { SafeScreen } from '../../../safe/SafeScreen'
import { useJob } from '../../../state/app'

export default function Safe() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return <SafeScreen key={id} id={id} job={useJob(id)} />
}
