import { useLocalSearchParams } from 'expo-router'
import { CapacitorScreen } from '../../../capacitor/CapacitorScreen'
import { useJob } from '../../../state/app'

export default function Capacitor() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return <CapacitorScreen key={id} id={id} job={useJob(id)} />
}
