import { stageScreen } from '../../parts/frame/stage-screen'

const VanScreen = stageScreen<object>(async () => (await import('../../shop/van/VanScreen')).VanScreen)

export default function Van() {
  return <VanScreen />
}
