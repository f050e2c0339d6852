// Tracing is signed for: wire by wire, or by a hold that shows the wires it signs for.
import { View } from 'react-native'
import { insulationName } from '@oak/core/motor/colour'
import { postName, type UnitType } from '@oak/core/wiring/unit-type'
import { MOTOR_END, type NamedWire, type WireId } from '@oak/core/wiring/wire'
import { HoldButton } from '../../ui/HoldButton'
import { Sheet } from '../../ui/Sheet'
import { Tap } from '../../ui/Tap'
import { usePalette } from '../../ui/theme'
import { VerdictMark } from '../../ui/VerdictMark'
import { Words } from '../../ui/Words'

interface OfWires {
  readonly unit: UnitType
  readonly wires: readonly NamedWire[]
}

/** "T1 on the contactor → the old motor" */
const runOf = (unit: UnitType, { from, to }: NamedWire): string =>
  `${postName(unit, from)} → ${to === MOTOR_END ? 'the old motor' : postName(unit, to)}`

interface SignTracedProps extends OfWires {
  readonly disabled: boolean
  readonly onHeld: () => void
  readonly onTap: () => void
}

export function SignTraced({ unit, wires, disabled, onHeld, onTap }: SignTracedProps) {
  const open = wires.filter((wire) => !wire.traced)
  return (
    <HoldButton
      text={open.length === 1 ? 'I traced this wire' : `I traced these ${open.length} wires`}
      disabled={disabled}
      onHeld={onHeld}
      onTap={onTap}
      testID="wires-next"
      lines={open.map((wire) => runOf(unit, wire))}
    />
  )
}

interface TraceSheetProps extends OfWires {
  readonly open: boolean
  readonly onClose: () => void
  readonly onTrace: (wire: WireId, traced: boolean) => void
}

export function TraceSheet({ unit, wires, open, onClose, onTrace }: TraceSheetProps) {
  const palette = usePalette()
  return (
    <Sheet title="Followed by hand, end to end" open={open} onClose={onClose} testID="trace-sheet">
      {[...wires]
        .sort((a, b) => a.id.localeCompare(b.id))
        .map((wire) => {
          const { id, traced, segments } = wire
          const last = segments.at(-1)
          return (
            <Tap
              key={id}
              role="checkbox"
              selected={traced}
              testID={`trace-${id}`}
              label={`${runOf(unit, wire)}${last ? `, ${insulationName(last)}` : ''}`}
              onPress={() => onTrace(id, !traced)}
              style={{
                borderWidth: traced ? 2 : 1.5,
                borderStyle: traced ? 'solid' : 'dashed',
                borderColor: palette.ink,
                borderRadius: 8,
                padding: 8,
              }}
            >
              <View style={{ flexDirection: 'row', alignItems: 'center', gap: 10 }}>
                <View style={{ width: 26 }}>
                  {traced ? <VerdictMark verdict="proven" size={26} /> : null}
                </View>
                <Words style={{ flex: 1 }}>{runOf(unit, wire)}</Words>
                <Words size="tiny" tone="quiet">
                  {traced ? 'traced' : 'not yet'}
                </Words>
              </View>
            </Tap>
          )
        })}
    </Sheet>
  )
}
