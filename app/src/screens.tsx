// Every screen but home, in the order in which they are fetched ahead: a hookup's own stages first. The routes (app/) give them addresses.
import { useLocalSearchParams } from 'expo-router'
import type { ComponentType } from 'react'
import { stageScreen, type StageProps } from './parts/frame/stage-screen'
import { useJob } from './platform/state/app'
import type { TagEditorProps } from './shop/tag/TagEditor'
import type { UnitEditorProps } from './shop/unit/UnitEditor'

/** A screen of the job in the address; of another job it is another screen. */
function ofJob(load: () => Promise<ComponentType<StageProps>>): ComponentType {
  const Screen = stageScreen(load)
  return function Stage() {
    const { id } = useLocalSearchParams<{ id: string }>()
    return <Screen key={id} id={id} job={useJob(id)} />
  }
}

export const NextStage = ofJob(async () => (await import('./parts/frame/NextStage')).NextStage)
export const Wires = ofJob(async () => (await import('./stages/wires/WiresScreen')).WiresScreen)
// The motor's stage opens two others in its own place; stages do not know each other, so they meet here.
export const Motor = ofJob(async () => {
  const { MotorScreen: Screen } = await import('./stages/motor/MotorScreen')
  const { RotationFinder: Finder } = await import('./stages/rotation/RotationFinder')
  const { SpeedsPanel: Speeds } = await import('./stages/speeds/SpeedsPanel')
  return function MotorStage(props: StageProps) {
    return <Screen {...props} Finder={Finder} Speeds={Speeds} />
  }
})
export const Capacitor = ofJob(async () => (await import('./stages/can/CapacitorScreen')).CapacitorScreen)
export const Board = ofJob(async () => (await import('./stages/board/BoardScreen')).BoardScreen)
export const Card = ofJob(async () => (await import('./handover/card/CardScreen')).CardScreen)
export const Safe = ofJob(async () => (await import('./stages/safe/SafeScreen')).SafeScreen)
export const Fault = ofJob(async () => (await import('./stages/fault/FaultScreen')).FaultScreen)
export const Plates = ofJob(async () => (await import('./stages/plates/PlatesScreen')).PlatesScreen)
export const Mount = ofJob(async () => (await import('./stages/mount/MountScreen')).MountScreen)
export const Startup = ofJob(async () => (await import('./stages/startup/StartupScreen')).StartupScreen)
export const Leads = ofJob(async () => (await import('./stages/leads/LeadFinder')).LeadFinder)
export const Charge = ofJob(async () => (await import('./stages/charge/ChargeScreen')).ChargeScreen)
export const Report = ofJob(async () => (await import('./handover/report/ReportScreen')).ReportScreen)
export const History = ofJob(async () => (await import('./handover/history/HistoryScreen')).HistoryScreen)
export const Visit = ofJob(async () => (await import('./shop/visit/VisitScreen')).VisitScreen)
export const Carry = ofJob(async () => (await import('./shop/carry/CarryScreen')).CarryScreen)

export const Van = stageScreen<object>(async () => (await import('./shop/van/VanScreen')).VanScreen)
export const Coverage = stageScreen<object>(
  async () => (await import('./shop/van/CoverageScreen')).CoverageScreen,
)
export const Office = stageScreen<object>(
  async () => (await import('./shop/office/OfficeScreen')).OfficeScreen,
)
export const TagEditor = stageScreen<TagEditorProps>(
  async () => (await import('./shop/tag/TagEditor')).TagEditor,
)
export const UnitEditor = stageScreen<UnitEditorProps>(
  async () => (await import('./shop/unit/UnitEditor')).UnitEditor,
)
export const Practice = stageScreen<object>(
  async () => (await import('./shop/practice/PracticeScreen')).PracticeScreen,
)
export const PracticeProgress = stageScreen<object>(
  async () => (await import('./shop/practice/ProgressScreen')).ProgressScreen,
)
export const Bench = stageScreen<{ readonly id: string }>(
  async () => (await import('./shop/practice/BenchScreen')).BenchScreen,
)
export const ReadCard = stageScreen<object>(
  async () => (await import('./shop/card/ReadCardScreen')).ReadCardScreen,
)
export const Pair = stageScreen<object>(async () => (await import('./shop/crew/PairScreen')).PairScreen)
export const Phones = stageScreen<object>(async () => (await import('./shop/crew/PhonesScreen')).PhonesScreen)
