import { stageScreen } from '../../job/stage-screen'

const VanScreen = stageScreen<object>(async () => (await import('../../van/VanScreen')).VanScreen)

export default function Van() {
  return <VanScreen />
}
