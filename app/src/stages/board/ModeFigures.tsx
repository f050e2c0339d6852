// What the solved circuit says of the shown mode: which way the shaft starts, how fast it comes to run, amps and capacitor volts.
import { View } from 'react-native'
import { rotationLetters, type Rotation } from '@oak/core/rotation/view'
import { RotationPicture } from '../../parts/rotation/RotationPicture'
import { QuietButton } from '../../ui/PrimaryButton'
import { Words } from '../../ui/Words'
import { describeMode, type Mode } from './mode-model'

export interface ModeFiguresProps {
  readonly mode: Mode | undefined
  /** As the plug is set; null: three phases, which have none. */
  readonly set: Rotation | null
  /** The motor has a two-winding model. */
  readonly solved: boolean
  readonly estimated: boolean
  readonly onTurn?: () => void
}

export function ModeFigures({ mode, set, solved, estimated, onTurn }: ModeFiguresProps) {
  const { turning, does, figures } = describeMode(mode, set, solved)
  return (
    <View style={{ flexDirection: 'row', alignItems: 'center', gap: 10 }} testID="mode-figures">
      {turning ? <RotationPicture rotation={turning} size={56} /> : null}
      <View style={{ flex: 1 }}>
        <Words size="small">{turning ? `${does} ${rotationLetters(turning)}.` : does}</Words>
        {figures.length > 0 ? (
          <>
            <Words size="small" style={{ fontWeight: '700' }}>
              {figures.join(' · ')}
            </Words>
            <Words size="tiny" tone="quiet">
              {estimated
                ? 'Calculated; an estimate from the nameplate.'
                : 'Calculated from the maker’s constants.'}
            </Words>
          </>
        ) : null}
      </View>
      {onTurn ? <QuietButton text="Turn plug" icon="plug" onPress={onTurn} testID="turn-plug" /> : null}
    </View>
  )
}
