import { useLocalSearchParams } from 'expo-router'
import { stageScreen, type StageProps } from '../../../parts/frame/stage-screen'
import { useJob } from '../../../platform/state/app'

// The motor's stage opens two others in its own place; stages do not know each other, so they meet here.
const MotorScreen = stageScreen(async () => {
  const { MotorScreen: Screen } = await import('../../../stages/motor/MotorScreen')
  const { RotationFinder: Finder } = await import('../../../stages/rotation/RotationFinder')
  const { SpeedsPanel: Speeds } = await import('../../../stages/speeds/SpeedsPanel')
  return function Motor(props: StageProps) {
    return <Screen {...props} Finder={Finder} Speeds={Speeds} />
  }
})

export default function Motor() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return <MotorScreen key={id} id={id} job={useJob(id)} />
}
