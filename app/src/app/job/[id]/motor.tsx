import { useLocalSearchParams } from 'expo-router'
import { stageScreen, type StageProps } from '../../../parts/frame/stage-screen'
import { useJob } from '../../../platform/state/app'

// The motor's stage opens two others in its own place; stages do not know each other, so they meet here.
const MotorScreen = stageScreen(async () => {
  const [motor, rotation, speeds] = await Promise.all([
    import('../../../stages/motor/MotorScreen'),
    import('../../../stages/rotation/RotationFinder'),
    import('../../../stages/speeds/SpeedsPanel'),
  ])
  const parts = { Finder: rotation.RotationFinder, Speeds: speeds.SpeedsPanel }
  return function Motor(props: StageProps) {
    return <motor.MotorScreen {...props} {...parts} />
  }
})

export default function Motor() {
  const { id } = useLocalSearchParams<{ id: string }>()
  return <MotorScreen key={id} id={id} job={useJob(id)} />
}
