// What a report says of each thing on record, to the owner and in the trade's words.
import type { SectionId } from '../../capacitor/can'
import type { Measurement } from '../../meter/measurement'
import { leadSheetById } from '../../motor/lead-sheets'
import { EMPTY_MOTOR_PLATE } from '../../motor/nameplate'
import { BLANK_BLADE } from '../../motor/blade'
import { EMPTY_JOB, type JobDocument } from '../document'
import { FINISHED } from '../testing/finished'
import { composeReport } from './report'

const UNIT = 'cooling-1-pole-shared-capacitor'
const linesOf = (job: Partial<JobDocument>, style: 'plain' | 'technical' = 'plain') =>
  Object.fromEntries(composeReport({ ...EMPTY_JOB, ...job }, style).sections.map((s) => [s.id, s.lines]))
/** Both ways of saying what stands in one section. */
const told = (job: Partial<JobDocument>, section: string) => [
  linesOf(job)[section] ?? [],
  linesOf(job, 'technical')[section] ?? [],
]
const motor = leadSheetById('rowan-25r')!
const section = (id: string, microfarads: number, more: object = {}) => ({
  id: id as SectionId,
  microfarads,
  ...more,
})
const can = (name: string, ...sections: ReturnType<typeof section>[]): NonNullable<JobDocument['can']> => ({
  id: name,
  name,
  volts: 440,
  tolerancePercent: 6,
  protectedStart: false,
  sections,
})
const reading = (quantity: Measurement['quantity'], value: number, meter = 'typed'): Measurement => ({
  quantity,
  value,
  accuracy: null,
  range: null,
  meter,
  at: 0,
})

describe('what was found', () => {
  it('the old plate, label and blade, as far as they were read', () => {
    const plate = { ...EMPTY_MOTOR_PLATE, horsepower: ['1/4'], rpm: [1075], amps: [1.6] }
    expect(
      told(
        {
          motorPlate: plate,
          canMarking: { sections: [45, 5], range: null, volts: 440, tolerancePercent: 6 },
          oldBlade: { ...BLANK_BLADE, diameterInches: 22 },
        },
        'found',
      ),
    ).toEqual([
      [],
      [
        'Old motor’s plate: 1/4 hp, 1075 rpm, 1.6 A.',
        'Old capacitor’s label: 45/5 µF, 440 V.',
        'Old blade: 22 in.',
      ],
    ])
    expect(
      told(
        {
          motorPlate: { ...EMPTY_MOTOR_PLATE, rpm: [1075] },
          canMarking: { sections: [7.5], range: null, volts: null, tolerancePercent: null },
        },
        'found',
      )[1],
    ).toEqual(['Old motor’s plate: 1075 rpm.', 'Old capacitor’s label: 7.5 µF.'])
    expect(told({ motorPlate: EMPTY_MOTOR_PLATE, oldBlade: BLANK_BLADE }, 'found')).toEqual([[], []])
  })
  it('what was measured or seen is by that, not believed', () => {
    const fault = {
      cause: 'x',
      name: 'The fan side is open',
      strength: 'found' as const,
      because: ['it reads 0.1 µF'],
    }
    expect(told({ fault }, 'found')).toEqual([
      ['The fan side is open.', 'Seen by: it reads 0.1 µF'],
      ['The fan side is open (measured or seen).', 'By: it reads 0.1 µF'],
    ])
  })
})

describe('what was done', () => {
  it('a motor that stays', () =>
    expect(
      told({ motor, motorStays: true, wanted: { direction: 'CW', seenFrom: 'lead-end' } }, 'done'),
    ).toEqual([
      ['The fan motor stays.'],
      ['The old motor stays: Rowan 25R, turning clockwise seen from the lead end.'],
    ]))
  it('a planned motor, with its setting', () =>
    expect(
      told({ motor, horsepower: '1/4', wanted: { direction: 'CCW', seenFrom: 'lead-end' } }, 'done'),
    ).toEqual([
      ['A new fan motor is planned: Rowan 25R.'],
      [
        'Planned motor, not proven: Rowan 25R, set to 1/4 hp, turning counter-clockwise seen from the lead end.',
      ],
    ]))
  it('a planned capacitor, with what is asked for', () => {
    const dual = can('Dual 45/5', section('45', 45), section('5', 5))
    expect(told({ motor, can: dual, compressorMicrofarads: 45 }, 'done').map((l) => l.at(-1))).toEqual([
      'A new capacitor is planned: Dual 45/5.',
      'Planned capacitor: Dual 45/5, 440 V; the motor’s tag asks for 7.5 µF, the compressor for 45 µF.',
    ])
    expect(told({ motor, can: dual }, 'done')[1]?.at(-1)).toBe(
      'Planned capacitor: Dual 45/5, 440 V; the motor’s tag asks for 7.5 µF.',
    )
  })
  it('the old capacitor that stays, whole or a side of it, is never told as new', () => {
    const old = (id: string, stays: string, microfarads: number, marked: number) =>
      section(id, microfarads, { marked, of: 'Old dual', stays })
    expect(
      told({ motor, can: can('Old dual', old('45', 'HERM', 44.5, 45), old('5', 'FAN', 5.1, 5)) }, 'done'),
    ).toEqual([
      [
        'A new fan motor is planned: Rowan 25R.',
        'The old capacitor stays for compressor and fan, by its reading of 44.5 µF and 5.1 µF.',
      ],
      [
        'Planned motor, not proven: Rowan 25R.',
        'The old capacitor stays for HERM and FAN: marked 45 µF and 5 µF, read 44.5 µF and 5.1 µF.',
      ],
    ])
    const joined = can(
      'Single 5 + Old dual',
      section('5', 5, { of: 'Single 5' }),
      old('45', 'HERM', 44.5, 45),
    )
    expect(told({ motor, can: joined }, 'done')[0]).toEqual([
      'A new fan motor is planned: Rowan 25R.',
      'A new capacitor is planned: Single 5 + Old dual.',
      'The old capacitor stays for the compressor, by its reading of 44.5 µF.',
    ])
  })
  it('points of the mounting are counted where they are ticked; a tick taken back is none', () => {
    const checks = (...looked: boolean[]) =>
      told({ mountChecks: Object.fromEntries(looked.map((is, i) => [`c${i}`, is])) }, 'done').map((l) => l[0])
    expect(checks(true, true)).toEqual([
      '2 points of the mounting were looked at before power.',
      'Mounting: 2 checks ticked.',
    ])
    expect(checks(true, false)).toEqual([
      'One point of the mounting was looked at before power.',
      'Mounting: one check ticked.',
    ])
    expect(checks(false)).toEqual([undefined, undefined])
  })
  it('leads that were placed by hand, with what they are', () =>
    expect(
      told({ motor, placements: { white: { kind: 'loose' }, brown: { kind: 'loose' } } }, 'done')[1],
    ).toContain('Placed by hand on the board: white (run), brown (start).'))
  it('steps of making safe, done and waived', () => {
    const safe = (states: ('done' | 'waived')[]) =>
      told(
        { unit: UNIT, safe: Object.fromEntries(states.map((state, i) => [`s${i}`, { state, volts: null }])) },
        'done',
      )[1]
    expect(safe(['done'])).toEqual(['Making safe: one step done.'])
    expect(safe(['done', 'done', 'waived'])).toEqual(['Making safe: 2 steps done, 1 waived.'])
    expect(
      linesOf(
        { safe: { a: { state: 'waived', volts: null }, b: { state: 'waived', volts: null } } },
        'technical',
      ).gaps,
    ).toContain('2 safety steps were waived.')
  })
})

describe('a motor that was seen to run is in, one that was not is planned', () => {
  const RAN = { startup: { turned: 'right' } }
  const named = (job: Partial<JobDocument>, what: string) =>
    told({ ...FINISHED, ...job }, 'done').map((l) => l.find((line) => line.includes(what)))
  it('after its start, stopped at it, and before it', () => {
    const name = FINISHED.motor?.name ?? ''
    expect(named(RAN, name)).toEqual([
      `A new fan motor: ${name}.`,
      expect.stringMatching(new RegExp(`^New motor: ${name}`)),
    ])
    expect(named({ startup: { turned: 'hums' } }, name)[1]).toMatch(/^New motor, stopped at start-up: /)
    expect(named({ startup: {}, measurements: {} }, name)).toEqual([
      `A new fan motor is planned: ${name}.`,
      expect.stringMatching(/^Motor, proven on the board and not recorded as running: /),
    ])
  })
  it('its capacitor with it', () => {
    const name = FINISHED.can?.name ?? ''
    expect(named(RAN, `capacitor: ${name}`)[0]).toBe(`A new capacitor: ${name}.`)
    expect(named({ startup: {}, measurements: {} }, `${name}`)[0]).toBe(
      `A new capacitor is planned: ${name}.`,
    )
  })
})

describe('what was read', () => {
  it('amps by mode with their inrush and a door that was off; the supply, and the capacitor as it ran', () => {
    const job = {
      unit: UNIT,
      startup: { door: 'open' },
      measurements: {
        'amps-start cooling': reading('amps', 1.32, 'Clamp'),
        'amps-inrush cooling': reading('amps', 3.1, 'Clamp'),
        'volts-start supply': reading('volts', 231),
        'amps-start can': reading('amps', 0.81),
        'volts-start can': reading('volts', 402),
      },
      readings: {
        FAN: {
          of: 'FAN' as const,
          amps: 0.6,
          volts: 340,
          hertz: 60 as const,
          ratedMicrofarads: 5,
          tolerancePercent: 6,
        },
      },
    }
    expect(told(job, 'readings')).toEqual([
      ['In cooling the fan draws 1.32 A, read with the door off.'],
      [
        'Amps in cooling: 1.32 A, read with the door off, inrush 3.1 A (Clamp).',
        'Supply, running: 231 V (typed).',
        'Start lead, running: 0.81 A (typed).',
        'Across the capacitor, running: 402 V (typed).',
        'Old capacitor under load, FAN: 0.6 A, 340 V.',
      ],
    ])
  })
})

it('parts of the van are counted by name', () =>
  expect(
    told(
      { motor, taken: { [`motor-${motor.id}`]: { quantity: 1 }, 'part-wire-nut': { quantity: 3 } } },
      'parts',
    ),
  ).toEqual([
    ['1 × Rowan 25R', '3 × part “wire nut”'],
    ['1 × Rowan 25R', '3 × part “wire nut”'],
  ]))

describe('what is not on record', () => {
  it('of a visit that ends as an estimate the fan lacks nothing', () => {
    const line = { kind: 'part' as const, text: 'Motor', hundredths: 100, cents: 1, taxed: true }
    expect(linesOf({ estimateLines: { a: line } }).gaps).toEqual(['What failed, and why, is not on record.'])
    expect(linesOf({ works: { a: { text: 'Cleaned the coil' } } }).gaps).toEqual([
      'What failed, and why, is not on record.',
    ])
  })
  it('to the next technician photos and making safe too', () =>
    expect(linesOf({}, 'technical').gaps?.slice(-2)).toEqual([
      'Making safe is not on record.',
      'No photos were taken.',
    ]))
})
