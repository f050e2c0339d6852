import { useLocalSearchParams } from 'expo-router'
import { PlatesScreen } from '../../../plates/PlatesScreen'
import { useJob } from '../../../state/app'

export default function Plates() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return <PlatesScreen key={id} id={id} job={useJob(id)} />
}
