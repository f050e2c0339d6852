import { useLocalSearchParams } from 'expo-router'
import { BoardScreen } from '../../../board/BoardScreen'
import { useJob } from '../../../state/app'

export default function Board() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return <BoardScreen key={id} id={id} job={useJob(id)} />
}
