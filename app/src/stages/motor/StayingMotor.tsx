// The old motor where it stays: its own tag, and what is set on it.
import { useRouter } from 'expo-router'
import { View } from 'react-native'
import type { LeadSheet } from '@oak/core/motor/lead-sheet'
import type { StageProps } from '../../parts/frame/stage-screen'
import { QuietButton } from '../../ui/PrimaryButton'
import { Words } from '../../ui/Words'
import type { MotorParts } from './motor-parts'
import { MotorSettings } from './MotorSettings'
import { SheetTag } from './SheetTag'

interface StayingProps extends StageProps, Pick<MotorParts, 'Speeds'> {
  readonly sheet: LeadSheet
}

export function StayingMotor({ id, job, sheet, Speeds }: StayingProps) {
  const router = useRouter()
  const toTag = () => router.navigate(`/tag?job=${id}&stays=1`)
  return (
    <View style={{ gap: 8 }} testID="staying-motor">
      <Words size="strong" heading={2}>
        The motor that stays
      </Words>
      <SheetTag sheet={sheet} selected onPress={toTag} stock="stays" />
      <MotorSettings id={id} job={job} sheet={sheet} Speeds={Speeds} />
      <QuietButton text="Its tag and plate" icon="tag" onPress={toTag} testID="staying-tag" />
    </View>
  )
}
