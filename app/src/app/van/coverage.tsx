import { stageScreen } from '../../parts/frame/stage-screen'

const CoverageScreen = stageScreen<object>(
  async () => (await import('../../shop/van/CoverageScreen')).CoverageScreen,
)

export default function Coverage() {
  return <CoverageScreen />
}
