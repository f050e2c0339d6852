// Parts that can be changed on a practice unit, and what of the truth each of them is.
import type { Pair, Truth } from './truth'

/** Parts and works, by the ids of the app's other work where that has one. */
export const PARTS = [
  'capacitor',
  'motor',
  'wiring',
  'contactor',
  'output',
  'defrost-board',
  'control',
  'supply',
  'hub',
  'wheel',
  'coil',
  'motor-cooled',
  'compressor',
  'compressor-capacitor',
] as const
/** A part that can be changed, or work that can be done. */
export type Part = (typeof PARTS)[number]

type Switches = Truth['unit']['switches']
const from = (truth: Truth, healthy: Truth, is: (s: Switches[number]) => boolean): Truth => ({
  ...truth,
  unit: {
    ...truth.unit,
    switches: truth.unit.switches.map((s) =>
      is(s) ? (healthy.unit.switches.find(({ id }) => id === s.id) ?? s) : s,
    ),
  },
})
const isPole = ({ id }: Switches[number]) => id.startsWith('pole ')
/** The relay that stands between the contactor and the fan: its ends are posts of a relay. */
const isDefrost = (s: Switches[number], { unit }: Truth) =>
  unit.traits.defrostRelay && unit.posts.some((post) => post.id === s.to && post.kind === 'relay')

/** The unit with this part as it left the factory; a motor and a can by another make are fitted, not restored (see `fitted`). */
const RESTORED: Readonly<Record<Part, (pair: Pair) => Truth>> = {
  capacitor: ({ truth, healthy }) => ({ ...truth, can: healthy.can }),
  motor: ({ truth, healthy }) => ({
    ...truth,
    motor: healthy.motor,
    sheet: healthy.sheet,
    horsepower: healthy.horsepower,
    plug: healthy.plug,
    speed: healthy.speed,
    placements: healthy.placements,
    can: truth.sheet === healthy.sheet ? truth.can : healthy.can,
  }),
  wiring: ({ truth, healthy }) =>
    truth.sheet === healthy.sheet
      ? { ...truth, placements: healthy.placements, unitWires: healthy.unitWires }
      : truth,
  contactor: ({ truth, healthy }) => ({ ...from(truth, healthy, isPole), coil: healthy.coil }),
  output: ({ truth, healthy }) => from(truth, healthy, (s) => !isPole(s) && !isDefrost(s, healthy)),
  'defrost-board': ({ truth, healthy }) => from(truth, healthy, (s) => isDefrost(s, healthy)),
  control: ({ truth, healthy }) => ({ ...truth, call: healthy.call }),
  supply: ({ truth, healthy }) => ({ ...truth, lines: healthy.lines, volts: healthy.volts }),
  hub: ({ truth, healthy }) => ({ ...truth, air: { ...truth.air, blade: healthy.air.blade } }),
  wheel: ({ truth, healthy }) => ({ ...truth, air: { ...truth.air, wheel: healthy.air.wheel } }),
  coil: ({ truth, healthy }) => ({ ...truth, air: { ...truth.air, coil: healthy.air.coil } }),
  'motor-cooled': ({ truth }) =>
    truth.motor.joint === 'cut-out' ? { ...truth, motor: { ...truth.motor, joint: 'whole' } } : truth,
  compressor: ({ truth, healthy }) => ({
    ...truth,
    compressor: truth.compressor &&
      healthy.compressor && { ...healthy.compressor, can: truth.compressor.can },
  }),
  'compressor-capacitor': ({ truth, healthy }) => ({
    ...truth,
    compressor: truth.compressor && { ...truth.compressor, can: healthy.compressor?.can ?? null },
    can: truth.unit.traits.capacitor === 'shared' ? healthy.can : truth.can,
  }),
}

/** The unit with this part as it was. */
export const restored = (pair: Pair, part: Part): Truth => RESTORED[part](pair)

/** Was there something wrong with this part? */
export const wasBad = (pair: Pair, part: Part): boolean =>
  JSON.stringify(restored(pair, part)) !== JSON.stringify(pair.truth)

/** What a part is called, within a sentence. */
export const PART_NAMES: Readonly<Record<Part, string>> = {
  capacitor: 'the capacitor',
  motor: 'the motor',
  wiring: 'the motor’s wiring',
  contactor: 'the contactor',
  output: 'the relay of the output',
  'defrost-board': 'the defrost board',
  control: 'the 24 V control',
  supply: 'the supply',
  hub: 'the hub',
  wheel: 'the wheel',
  coil: 'the coil',
  'motor-cooled': 'the motor’s cut-out',
  compressor: 'the compressor',
  'compressor-capacitor': 'the compressor’s capacitor',
}

/** Has this unit such a part? */
export function hasPart({ truth: { unit, can, compressor } }: Pair, part: Part): boolean {
  const { fan, contactorPoles, defrostRelay, capacitor } = unit.traits
  const there: Readonly<Partial<Record<Part, boolean>>> = {
    capacitor: can !== null,
    contactor: contactorPoles > 0,
    output: fan === 'blower',
    'defrost-board': defrostRelay,
    hub: fan === 'outdoor',
    coil: fan === 'outdoor',
    wheel: fan === 'blower',
    compressor: compressor !== null,
    'compressor-capacitor': compressor !== null && (compressor.can !== null || capacitor === 'shared'),
  }
  return there[part] ?? true
}
