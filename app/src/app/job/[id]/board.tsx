import { useLocalSearchParams } from 'expo-router'
import { stageScreen } from '../../../parts/frame/stage-screen'
import { useJob } from '../../../platform/state/app'

const BoardScreen = stageScreen(async () => (await import('../../../stages/board/BoardScreen')).BoardScreen)

export default function Board() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return <BoardScreen key={id} id={id} job={useJob(id)} />
}
