import { useLocalSearchParams } from 'expo-router'
import { FaultScreen } from '../../../fault/FaultScreen'
import { useJob } from '../../../state/app'

export default function Fault() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return <FaultScreen key={id} id={id} job={useJob(id)} />
}
