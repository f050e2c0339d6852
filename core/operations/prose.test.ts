// What people read is prose: over seeded wirings, readings, plates and every kind of unit, no sentence is empty, cut or doubled.
import { wirings } from '../circuit/testing/wirings'
import { PROBES } from '../diagnosis/answers'
import { ALL_TESTS } from '../diagnosis/model'
import { LEAD_SHEETS } from '../motor/lead-sheets'
import { BLOWER_CAN } from '../testing/circuits'
import { FIRST_POWER } from '../startup/first-power'
import { drawsFrom } from '../quantity/draws'
import { CAN, requestFor } from '../testing/fixtures'
import { brokenProse } from '../testing/prose'
import { UNIT_TYPES } from '../wiring/unit-types'
import { runOperation } from './registry'
import { GOOD, HOOKUP, PLATE } from './testing/inputs'

const SENTENCES: ReadonlySet<string> = new Set([
  'message',
  'sentence',
  'notProven',
  'crossed',
  'reason',
  'remedy',
  'meter',
  'note',
  'because',
  'findings',
  'exchange',
  'conflict',
  'problems',
])
/** Where "text" and "why" are whole sentences too; of a question's answers and of a speed's reason they are not. */
const WITH_TEXT: ReadonlySet<string> = new Set([...SENTENCES, 'text', 'why'])

const answer = (name: string, input: unknown): unknown => {
  const result = runOperation(name, input)
  if (!result.ok) throw new Error(`${name}: ${result.error.path} ${result.error.message}`)
  return result.output
}

it('of every operation’s example', () => {
  for (const [name, input] of Object.entries(GOOD))
    expect(brokenProse(answer(name, input), SENTENCES)).toEqual([])
})

it.each(['outdoor', 'blower'] as const)(
  'of 250 wirings of %s fans, with what is found in each',
  (fan) => {
    for (const { answer: found, changes } of wirings(fan, 250, 29)) {
      // What is not known yet follows a colon.
      const sentence = found.proof.unknowns.map((text) => `Cannot tell yet: ${text}`)
      expect([changes, brokenProse({ ...found, sentence }, SENTENCES)]).toEqual([changes, []])
    }
  },
  60_000,
)

it('of making safe, and of fitting, on every unit', () => {
  for (const unit of UNIT_TYPES) {
    expect(brokenProse(answer('make-safe', { unit: unit.id }), SENTENCES)).toEqual([])
    const isBlower = unit.traits.fan === 'blower'
    const { wires, sheet, wanted, compressorMicrofarads, unusedOutputs } = requestFor(
      unit.id,
      isBlower ? 'alder-33b' : 'rowan-25r',
    )
    const can = isBlower ? BLOWER_CAN : CAN
    const input = { unit: unit.id, wires, sheet, wanted, can, compressorMicrofarads, unusedOutputs }
    expect([unit.id, brokenProse(answer('fit-steps', input), WITH_TEXT)]).toEqual([unit.id, []])
  }
})

it('of a fault, whatever was seen and read', () => {
  const draw = drawsFrom(5)
  const pick = <T>(list: readonly T[]): T => list[Math.floor(draw() * list.length)] as T
  const VALUES = ['OL', 0.2, 3, 24, 40, 115, 240, 290, 5000] as const
  for (let i = 0; i < 300; i++) {
    const unit = pick(UNIT_TYPES)
    const observations = Object.fromEntries(
      Array.from({ length: 3 }, () => pick(ALL_TESTS))
        .filter((test) => 'answers' in test)
        .map((test) => [test.id, pick(test.answers).id]),
    )
    const probe = pick(PROBES)
    const quantity = probe.split('-')[0]
    const value = pick(VALUES)
    const input = {
      unit: unit.id,
      observations,
      readings: { [probe]: { quantity, value: quantity === 'celsius' ? 70 : value } },
    }
    const result = runOperation('diagnose', input)
    // What cannot be read so, or is not asked on this unit, is refused in words.
    if (result.ok) expect([input, brokenProse(result.output, SENTENCES)]).toEqual([input, []])
    else expect(brokenProse(result.error, SENTENCES)).toEqual([])
  }
})

it('of a match, with every motor, plate and fan', () => {
  const plates = [
    PLATE,
    { ...PLATE, horsepower: ['1/3'], rpm: [825, 1075], amps: [], volts: [], phase: null, hertz: [] },
    { ...PLATE, horsepower: ['3/4'], rpm: [1625], amps: [9], volts: [{ low: 460, high: 460 }], phase: 3 },
    { ...PLATE, horsepower: [], rpm: [], hertz: [50], poles: 8, frame: '48Y' },
  ]
  for (const fan of ['outdoor', 'blower'])
    for (const plate of plates)
      expect(
        brokenProse(answer('match-motor', { old: { fan, plate }, candidates: LEAD_SHEETS }), SENTENCES),
      ).toEqual([])
})

it('of a start, whatever was read', () => {
  const draw = drawsFrom(7)
  const maybe = <T>(value: T): T | null => (draw() < 0.5 ? value : null)
  for (let i = 0; i < 200; i++) {
    const amps = Number((0.2 + 2.5 * draw()).toFixed(2))
    const input = {
      hookup: HOOKUP,
      turned: maybe(FIRST_POWER[Math.floor(draw() * FIRST_POWER.length)]),
      readings: [
        { mode: 'cooling', amps, door: maybe('open'), inrush: maybe(Number((6 * draw()).toFixed(1))) },
      ],
      capacitor: maybe({ amps: Number((0.2 + draw()).toFixed(2)), volts: 370 }),
      supply: maybe({ volts: Math.round(150 + 150 * draw()) }),
      oldRpm: maybe(825),
      sameBlade: maybe(draw() < 0.5),
    }
    expect([input, brokenProse(answer('startup-verdict', input), WITH_TEXT)]).toEqual([input, []])
  }
})
