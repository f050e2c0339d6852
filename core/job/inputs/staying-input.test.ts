import { FINISHED } from '../testing/finished'
import { EMPTY_MOTOR_PLATE } from '../../motor/nameplate'
import { leadSheetById } from '../../motor/lead-sheets'
import { unitTypeFor } from '../../wiring/unit-types'
import { EMPTY_JOB, type JobDocument } from '../document'
import { proofState } from '../standing-proof'
import { motorDifferences, stayingDraft, stayRefusal } from './staying-input'

const unit = unitTypeFor('cooling-1-pole-shared-capacitor')!
const JOB: JobDocument = {
  ...EMPTY_JOB,
  unit: unit.id,
  wires: Object.fromEntries(
    unit.typicalWires.map(({ id, ...ends }) => [id, { ...ends, segments: [], traced: true, stated: [] }]),
  ),
  motorPlate: { ...EMPTY_MOTOR_PLATE, horsepower: ['1/4'], rpm: [1075], amps: [1.5] },
  canMarking: { sections: [40, 5], range: null, volts: 440, tolerancePercent: null },
}
const ohms = (value: number | 'OL') => ({
  quantity: 'ohms' as const,
  value,
  accuracy: null,
  range: null,
  meter: 'typed',
  at: 1,
})

it('the draft has a lead for each wire at the motor, by its role, and the fan’s µF of the label', () => {
  const draft = stayingDraft(JOB)
  expect(draft.leads.map((l) => l.role).sort()).toEqual(['ground', 'motor-common', 'run', 'start'])
  expect(draft.guessed).toHaveLength(4)
  expect(draft).toMatchObject({
    kind: 'psc-outdoor',
    volts: { low: 208, high: 230 },
    hertz: 60,
    rpm: 1075,
    capacitor: { microfarads: 5, volts: 440 },
  })
})
it('a job that knows nothing gives a bare tag, not an error', () => {
  const draft = stayingDraft(EMPTY_JOB)
  expect([draft.leads, draft.rpm, draft.capacitor]).toEqual([[], null, { microfarads: null, volts: 440 }])
})
it('turns as the fan was found to, where the plate does not say', () =>
  expect(stayingDraft({ ...JOB, wanted: { direction: 'CW', seenFrom: 'shaft-end' } }).turns).toEqual({
    CCW: [],
  }))

describe('what rules it out', () => {
  const stays: JobDocument = { ...JOB, motorStays: true, motor: leadSheetById('rowan-25r')! }
  const fault = (cause: string) => ({ cause, name: 'x', strength: 'strong' as const, because: [] })
  it('nothing, where nothing was measured or found', () => expect(stayRefusal(stays)).toBeNull())
  it.each([
    [99_999, 'The old motor cannot stay: its winding reads to ground.'],
    [100_000, null],
    ['OL' as const, null],
  ])('a winding of %s Ω to the frame', (value, sentence) =>
    expect(stayRefusal({ ...stays, measurements: { 'ohms-frame': ohms(value) } })).toBe(sentence),
  )
  it.each([
    ['winding-open', 'a winding is open'],
    ['winding-grounded', 'a winding has gone to ground'],
    ['winding-shorted', 'turns of a winding are shorted'],
    ['electronics', 'its electronics have failed'],
  ])('the fault %s, first or second', (cause, words) => {
    const sentence = `The old motor cannot stay: ${words}, by the fault on record.`
    expect(stayRefusal({ ...stays, fault: fault(cause) })).toBe(sentence)
    expect(stayRefusal({ ...stays, fault: fault('wiring'), alsoFound: { [cause]: fault(cause) } })).toBe(
      sentence,
    )
  })
  it('a weak capacitor does not; and a motor that goes may be as dead as it is', () => {
    expect(stayRefusal({ ...stays, fault: fault('capacitor-weak') })).toBeNull()
    expect(stayRefusal({ ...stays, motorStays: false, fault: fault('winding-open') })).toBeNull()
  })
  it('a winding read open cold or shorted, though nobody took it as the fault', () => {
    const read = (cr: number | 'OL', rs: number | 'OL', more = {}) => ({
      ...stays,
      ...more,
      unit: 'cooling-1-pole-shared-capacitor',
      measurements: {
        'ohms-common-run': ohms(cr),
        'ohms-common-start': ohms(30),
        'ohms-run-start': ohms(rs),
      },
    })
    // Sound windings add up: 15 + 30 = 45. An open run winding leaves only common to start.
    expect(stayRefusal(read(15, 45))).toBeNull()
    expect(stayRefusal(read('OL', 'OL', { observations: { heat: 'cold' } }))).toBe(
      'The old motor cannot stay: a winding is open, as it was measured or seen.',
    )
    // Hot, its protector may be what is open: that is no winding yet.
    expect(stayRefusal(read('OL', 'OL', { observations: { heat: 'hot' } }))).toBeNull()
    expect(stayRefusal(read(0.3, 30.3))).toBe(
      'The old motor cannot stay: turns of a winding are shorted, as it was measured or seen.',
    )
  })
  it('a seized shaft, until it was freed; a worn bearing runs on', () => {
    const seized = {
      ...stays,
      unit: 'cooling-1-pole-shared-capacitor',
      observations: { spin: 'seized', 'fan-does': 'hums' },
    }
    expect(stayRefusal(seized)).toBe(
      'The old motor cannot stay: its shaft does not turn, as it was measured or seen.',
    )
    expect(stayRefusal({ ...seized, fault: fault('bearing') })).toBe(
      'The old motor cannot stay: its shaft does not turn, by the fault on record.',
    )
    expect(stayRefusal({ ...seized, works: { freed: { text: 'Seized fan freed with oil' } } })).toBeNull()
    expect(stayRefusal({ ...seized, observations: { spin: 'drags' }, fault: fault('bearing') })).toBeNull()
  })
  it('takes the proof away wherever it stood', () => {
    expect(proofState(FINISHED).kind).toBe('stands')
    const grounded = { ...FINISHED, motorStays: true, fault: fault('winding-grounded') }
    expect(proofState(grounded)).toEqual({
      kind: 'ruled-out',
      sentence: 'The old motor cannot stay: a winding has gone to ground, by the fault on record.',
    })
    expect(proofState({ ...grounded, motorStays: false }).kind).toBe('stands')
  })
})

it('what is another on a new motor than on the old one is told where the unit is known, and nothing where it is not', () => {
  const plate = { ...JOB.motorPlate!, horsepower: ['1/3'] }
  const sheet = leadSheetById('rowan-25r')!
  const told = motorDifferences({ ...JOB, motorPlate: plate }, sheet)
  expect(told.length).toBeGreaterThan(0)
  expect(told.join(' ')).toContain('1/3')
  expect(motorDifferences({ ...JOB, motorPlate: plate, unit: null }, sheet)).toEqual([])
})
