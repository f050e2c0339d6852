import { useLocalSearchParams } from 'expo-router'
import { CardScreen } from '../../../card/CardScreen'
import { useJob } from '../../../state/app'

export default function Card() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return <CardScreen key={id} id={id} job={useJob(id)} />
}
