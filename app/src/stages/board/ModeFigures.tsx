// What the solved circuit says of the shown mode: which way the shaft starts, how fast it comes to run, amps and capacitor volts.
import { View } from 'react-native'
import type { HookupOutput } from '@oak/core/operations/hookup-output'
import { figure } from '@oak/core/quantity/display'
import { VIEW_NAMES, type Rotation } from '@oak/core/rotation/view'
import { RotationPicture } from '../../parts/rotation/RotationPicture'
import { QuietButton } from '../../ui/PrimaryButton'
import { Words } from '../../ui/Words'

type Mode = HookupOutput['proof']['modes'][number]

export interface ModeFiguresProps {
  readonly mode: Mode | undefined
  /** As the plug is set. */
  readonly set: Rotation
  /** The motor has a two-winding model. */
  readonly solved: boolean
  readonly estimated: boolean
  readonly onTurn?: () => void
}

export function ModeFigures({ mode, set, solved, estimated, onTurn }: ModeFiguresProps) {
  const motor = mode?.solution.motor
  const runs = motor !== undefined && (solved ? motor.direction !== 0 : motor.amps > 0.1)
  const turning: Rotation =
    motor?.direction === -1 ? { ...set, direction: set.direction === 'CW' ? 'CCW' : 'CW' } : set
  const capacitor = Math.max(
    0,
    ...(mode?.solution.sections.filter((s) => s.amps > 0.01).map((s) => s.volts) ?? []),
  )
  const figures =
    !motor || !runs
      ? []
      : [
          ...(solved ? [`${figure(motor.rpm, 0)} rpm`] : []),
          `${figure(motor.amps, 1)} A`,
          ...(solved && capacitor > 0 ? [`capacitor ${figure(capacitor, 0)} V`] : []),
          ...(solved ? [`start torque ${figure(100 * Math.abs(motor.startTorque), 0)} %`] : []),
        ]
  return (
    <View style={{ flexDirection: 'row', alignItems: 'center', gap: 10 }} testID="mode-figures">
      <RotationPicture rotation={turning} size={56} />
      <View style={{ flex: 1 }}>
        <Words size="small">
          {runs ? 'Starts' : mode?.fanRuns ? 'Does not start; set to' : 'Stands; set to'} {turning.direction},
          seen from the {VIEW_NAMES[turning.seenFrom]}.
        </Words>
        {figures.length > 0 ? (
          <Words size="small" style={{ fontWeight: '700' }}>
            {figures.join(' · ')}
          </Words>
        ) : null}
        {figures.length > 0 ? (
          <Words size="tiny" tone="quiet">
            {estimated
              ? 'Calculated; an estimate from the nameplate.'
              : 'Calculated from the maker’s constants.'}
          </Words>
        ) : null}
      </View>
      {onTurn ? <QuietButton text="Turn plug" icon="plug" onPress={onTurn} testID="turn-plug" /> : null}
    </View>
  )
}
