import { stageScreen } from '../../job/stage-screen'

const CoverageScreen = stageScreen<object>(
  async () => (await import('../../van/CoverageScreen')).CoverageScreen,
)

export default function Coverage() {
  return <CoverageScreen />
}
