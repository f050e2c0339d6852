// The old blade as measured, figure by figure. No rendering here.
import { BLANK_BLADE, type Blade } from '@oak/core/motor/blade'
import { figure } from '@oak/core/quantity/display'
import type { PlateField } from './plate-fields'

export const STEEP = 'steep'

const number = (key: keyof Blade, label: string, unit: string, value: number | null): PlateField => ({
  key,
  label,
  text: value === null ? null : `${figure(value, 3)} ${unit}`.trim(),
  entry: { kind: 'number', unit, value },
})

export function bladeFields(blade: Blade | null): PlateField[] {
  const b = blade ?? BLANK_BLADE
  return [
    number('diameterInches', 'tip to tip', 'in', b.diameterInches),
    number('blades', 'how many', '', b.blades),
    number('pitchDegrees', 'pitch', '°', b.pitchDegrees),
    number('widthInches', 'width', 'in', b.widthInches),
    number('boreInches', 'bore', 'in', b.boreInches),
    {
      key: 'hand',
      label: 'hand, from air-out side',
      text: b.hand,
      entry: {
        kind: 'pick',
        options: [
          { value: '', text: 'not known' },
          { value: 'CW', text: 'CW' },
          { value: 'CCW', text: 'CCW' },
        ],
        value: b.hand ?? '',
      },
    },
  ]
}

/** Steep blades ask for more horsepower whatever the plate says: of the old fan, not of a blade on the van. */
export const steepField = (steep: boolean | null): PlateField => ({
  key: STEEP,
  label: 'steepness',
  text: steep === null ? null : steep ? 'steep' : 'usual',
  entry: {
    kind: 'pick',
    options: [
      { value: '', text: 'not known' },
      { value: 'usual', text: 'usual' },
      { value: 'steep', text: 'steep' },
    ],
    value: steep === null ? '' : steep ? 'steep' : 'usual',
  },
})

export const withBladeField = (blade: Blade | null, key: string, value: string | number | null): Blade => ({
  ...(blade ?? BLANK_BLADE),
  [key]: value,
})
