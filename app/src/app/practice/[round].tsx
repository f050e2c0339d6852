import { useLocalSearchParams } from 'expo-router'
import { Bench } from '../../screens'

export default function Round() {
  const { round } = useLocalSearchParams<{ round: string }>()
  return <Bench key={round} id={round} />
}
