import { stageScreen } from '../job/stage-screen'

const OfficeScreen = stageScreen<object>(async () => (await import('../office/OfficeScreen')).OfficeScreen)

export default function Office() {
  return <OfficeScreen />
}
