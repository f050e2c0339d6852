// The old motor's body as measured, figure by figure. No rendering here.
import { MOUNTINGS, POSITIONS, type Mechanical } from '@oak/core/motor/lead-sheet'
import { BLANK } from '@oak/core/motor/match/mechanical'
import { figure } from '@oak/core/quantity/display'
import type { PlateField } from './plate-fields'

const number = (key: keyof Mechanical, label: string, value: number | null): PlateField => ({
  key,
  label,
  text: value === null ? null : `${figure(value, 3)} in`,
  entry: { kind: 'number', unit: 'in', value },
})
const pick = (
  key: keyof Mechanical,
  label: string,
  options: readonly { readonly value: string; readonly text: string }[],
  value: string | null,
): PlateField => ({
  key,
  label,
  text: options.find((o) => o.value === value)?.text ?? null,
  entry: { kind: 'pick', options: [{ value: '', text: 'not known' }, ...options], value: value ?? '' },
})
const named = (values: readonly string[]) => values.map((value) => ({ value, text: value.replace('-', ' ') }))
const YES_NO = [
  { value: 'yes', text: 'yes' },
  { value: 'no', text: 'no' },
]
const yesNo = (value: boolean | null): string | null => (value === null ? null : value ? 'yes' : 'no')

export function bodyFields(body: Mechanical | null): PlateField[] {
  const b = body ?? BLANK
  return [
    number('shaftInches', 'shaft across', b.shaftInches),
    number('shaftLengthInches', 'shaft length', b.shaftLengthInches),
    number('bodyInches', 'body length', b.bodyInches),
    number('frameInches', 'frame across', b.frameInches),
    pick('throughShaft', 'shaft both ends', YES_NO, yesNo(b.throughShaft)),
    pick('positions', 'shaft points', named(POSITIONS), b.positions[0] ?? null),
    pick('mounting', 'held by', named(MOUNTINGS), b.mounting[0] ?? null),
    pick('enclosure', 'shell', named(['open', 'enclosed']), b.enclosure),
    pick('airOver', 'in air stream', YES_NO, yesNo(b.airOver)),
  ]
}

export function withBodyField(
  body: Mechanical | null,
  key: string,
  value: string | number | null,
): Mechanical {
  const b = body ?? BLANK
  switch (key) {
    case 'positions':
      return { ...b, positions: POSITIONS.filter((p) => p === value) }
    case 'mounting':
      return { ...b, mounting: MOUNTINGS.filter((m) => m === value) }
    case 'throughShaft':
    case 'airOver':
      return { ...b, [key]: value === null ? null : value === 'yes' }
    default:
      return { ...b, [key]: value }
  }
}
