import { useLocalSearchParams } from 'expo-router'
import { stageScreen } from '../../../job/stage-screen'
import { useJob } from '../../../state/app'

const BoardScreen = stageScreen(async () => (await import('../../../board/BoardScreen')).BoardScreen)

export default function Board() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return <BoardScreen key={id} id={id} job={useJob(id)} />
}
