import { useLocalSearchParams } from 'expo-router'
import { WiresScreen } from '../../../wires/WiresScreen'
import { useJob } from '../../../state/app'

export default function Wires() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return <WiresScreen key={id} id={id} job={useJob(id)} />
}
