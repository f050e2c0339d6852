import { stageScreen } from '../parts/frame/stage-screen'

const OfficeScreen = stageScreen<object>(
  async () => (await import('../shop/office/OfficeScreen')).OfficeScreen,
)

export default function Office() {
  return <OfficeScreen />
}
