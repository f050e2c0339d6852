// The compressor's wires as recorded, by hand from the circuit: C and R on the two lines just when the contactor is closed; S on its
// capacitor alone; that capacitor's other side on R's line. T1 is L1 and T2 is L2 while the contactor is closed; one pole links T2 to L2.
import { CAN, hookupWith, requestFor } from '../../testing/fixtures'
import { workOutHookup } from '../hookup'
import type { NamedWire } from '../../wiring/wire'

const wire = (id: string, from: string, to: string): NamedWire => ({
  id,
  from,
  to,
  segments: [],
  traced: true,
  stated: [],
})
/** The proof with some wires of the unit put otherwise; null takes one away. */
const proofOf = (unit: string, changes: Record<string, [string, string] | null>, more = {}) => {
  const request = requestFor(unit, 'rowan-25r', more)
  const wires = [
    ...request.wires.filter((w) => !(w.id in changes)),
    ...Object.entries(changes).flatMap(([id, ends]) => (ends ? [wire(id, ...ends)] : [])),
  ]
  return workOutHookup({ ...request, wires }).proof
}
const told = (unit: string, changes: Record<string, [string, string] | null>) => {
  const proof = proofOf(unit, changes)
  return [proof.verdict, proof.sentence]
}

const [ONE, TWO, OWN] = [
  'cooling-1-pole-shared-capacitor',
  'cooling-2-pole-shared-capacitor',
  'cooling-2-pole-own-capacitor',
]

describe.each([ONE, TWO, OWN, 'pool-heater-two-capacitors', 'heat-pump-2-pole-own-capacitor'])(
  '%s',
  (unit) => {
    it('as it leaves the factory is proven', () => expect(proofOf(unit, {}).verdict).toBe('proven'))
    it('with the compressor’s lines exchanged, and its capacitor’s tie with them, is as sound', () => {
      if (unit === ONE) return expect(proofOf(unit, {}).verdict).toBe('proven')
      const own = unit !== TWO
      const swapped: Record<string, [string, string]> = {
        'comp-c': ['T2', 'COMP-C'],
        'comp-r': ['T1', 'COMP-R'],
      }
      if (own)
        return expect(proofOf(unit, { ...swapped, 'comp-cap-tie': ['T1', 'H2'] }).verdict).toBe('proven')
      // A shared can's C can be tied to one line only: the fan's run is on T2, so the compressor's R must be.
      return expect(proofOf(unit, swapped).verdict).toBe('stop')
    })
  },
)

it.each([
  [
    'S on a line, on a unit whose can is its own',
    OWN,
    { 'comp-s': ['T1', 'COMP-S'] },
    'The compressor’s start winding is straight on a line: a wire joins its section’s post to one.',
  ],
  [
    'fed from the side that is always live',
    ONE,
    { 'comp-c': ['L1', 'COMP-C'] },
    'The compressor runs in off, with the contactor open: its C or R is on the supply side.',
  ],
  [
    'fed on one pole of two from the supply side: it stands, and stays live',
    OWN,
    { 'comp-c': ['L1', 'COMP-C'] },
    'C on the compressor stays on a line in off: a wire of it is on the supply side of the contactor. Put it on the load side.',
  ],
  [
    'both ends on one line',
    OWN,
    { 'comp-r': ['T1', 'COMP-R'] },
    'The compressor gets no voltage in cooling: its C and R are on the same line.',
  ],
  [
    'without a wire to R',
    OWN,
    { 'comp-r': null },
    'The compressor gets no voltage in cooling: its R has no line.',
  ],
  [
    'its can’s tie missing',
    OWN,
    { 'comp-cap-tie': null },
    'The far side of the compressor’s capacitor has no tie to the line of its R: the compressor will not start.',
  ],
  [
    'its can’s tie on the wrong line',
    OWN,
    { 'comp-cap-tie': ['T1', 'H2'] },
    'The far side of the compressor’s capacitor is on the line of its C, not on that of its R: the compressor will not start.',
  ],
  [
    'its start wire on nothing',
    OWN,
    { 'comp-s': null },
    'The compressor’s start wire reaches no capacitor: the compressor will not start.',
  ],
  [
    'the tie of a shared can before a two-pole contactor',
    TWO,
    { tie: ['L2', 'C'] },
    'C on the new can stays on a line in off: a wire of it is on the supply side of the contactor. Put it on the load side.',
  ],
] as [string, string, Record<string, [string, string] | null>, string][])(
  '%s',
  (_, unit, changes, sentence) => expect(told(unit, changes)).toEqual(['stop', sentence]),
)

it('a section of the fan’s can on the compressor’s start, beside its own capacitor, serves two loads', () => {
  const proof = proofOf(OWN, { more: ['CAN-10', 'COMP-S'] })
  expect(proof.hazards.filter((h) => h.code === 'section-serves-two-loads').map((h) => h.message)).toContain(
    'A section of the fan’s can is joined to the compressor’s start, beside its own capacitor: no section may serve two loads.',
  )
})
it('a pole that is linked for good keeps its line on the compressor, as the unit is made', () =>
  expect(proofOf(ONE, { 'comp-r': ['L2', 'COMP-R'], tie: ['L2', 'C'] }).verdict).toBe('proven'))

describe('the volts of a shared can', () => {
  const can = { ...CAN, volts: 370 }
  const unit = TWO
  it('of 370 V ask what the compressor’s side wants', () =>
    expect(proofOf(unit, {}, { can }).sentence).toBe(
      'Cannot tell yet: the can is rated 370 V, and which volts the compressor’s side asks for is not stated: read them on the old capacitor’s label.',
    ))
  it('are enough where the label says 370 V, too low where it says 440', () => {
    expect(proofOf(unit, {}, { can, compressorVolts: 370 }).verdict).toBe('proven')
    expect(proofOf(unit, {}, { can, compressorVolts: 440 }).sentence).toBe(
      'The can is rated 370 V; the compressor’s side asks for 440 V or more.',
    )
  })
  it('of 440 V serve any', () => expect(proofOf(unit, {}).verdict).toBe('proven'))
})

describe('the compressor’s µF', () => {
  // 40 µF from 20 + 20 of the can; ± 6 % of 42.5 is 39.95 to 45.05, of 43 is 40.42 to 45.58.
  const at = (compressorMicrofarads: number, more = {}) =>
    proofOf(TWO, {}, { compressorMicrofarads, ...more }).hazards.map((h) => h.message)
  it('may be 6 % off, whatever the can’s own marking allows', () => {
    expect(at(42.5)).toEqual([])
    const wide = { can: { ...CAN, tolerancePercent: 10, sections: CAN.sections.slice(0, 4) } }
    expect(proofOf(TWO, {}, { compressorMicrofarads: 43.5, ...wide }).verdict).toBe('stop')
  })
})

describe('a can whose marking is wider than the shop allows', () => {
  const sections = CAN.sections.map((s) => ({ ...s, marked: s.microfarads }))
  it('is watched with its worst case, for both loads, until it is read', () => {
    const proof = proofOf(TWO, {}, { can: { ...CAN, tolerancePercent: 10 } })
    // 7.5 µF of marking ± 10 % is 6.75 to 8.25; 40 is 36 to 44.
    expect(proof.hazards.map((h) => [h.severity, h.message])).toEqual([
      [
        'watch',
        'The start lead gets 7.5 µF by a marking of ±10 %: 6.75 to 8.25 µF at worst; the motor’s tag asks for 7.5 µF ± 6 %. Read it before it is fitted.',
      ],
      [
        'watch',
        'The compressor gets 40 µF by a marking of ±10 %: 36 to 44 µF at worst; it asks for 40 µF ± 6 %. Read it before it is fitted.',
      ],
    ])
    expect(proofOf(TWO, {}, { can: { ...CAN, tolerancePercent: 10, sections } }).verdict).toBe('proven')
  })
  it('is as the shop allows where the shop allows it', () =>
    expect(proofOf(TWO, {}, { can: { ...CAN, tolerancePercent: 10 }, tolerancePercent: 10 }).verdict).toBe(
      'proven',
    ))
})

describe('what the judge of the copper found', () => {
  it('a winding end that a wire of the unit puts on the chassis stops, though no line is on it', () => {
    const proof = proofOf(TWO, { stray: ['FAN', 'GND'] })
    expect(proof.verdict).toBe('stop')
    expect(proof.hazards.map((h) => h.message)).toContain(
      'The brown lead reaches the chassis: the frame becomes part of the circuit.',
    )
  })
  it('a section of the fan’s can on the compressor’s start, beside its own capacitor, stops', () => {
    // The empty 10 µF section, by a wire of the unit; C of the can is on run's line, as R is.
    const request = requestFor(OWN)
    const answer = workOutHookup(request)
    const { proof } = workOutHookup({
      ...request,
      wires: [...request.wires, wire('stray', 'COMP-S', 'F1')],
    })
    expect(answer.proof.verdict).toBe('proven')
    expect(proof.verdict).toBe('stop')
    expect(proof.hazards.map((h) => h.code)).toContain('section-serves-two-loads')
  })
  it('a select lead before the contactor, joined only while it is closed, stops', () => {
    const request = requestFor('cooling-2-pole-own-capacitor', 'teal-33e', {
      can: null as never,
      speed: 'high',
    })
    const { proof } = workOutHookup({
      ...request,
      placements: [{ lead: 'blue', goes: { kind: 'post', post: 'L1' } }],
    })
    expect(proof.hazards.find((h) => h.code === 'select-not-set')?.message).toBe(
      'The blue lead must be on the same side of the contactor as the black lead: with the contactor open one of them stays live.',
    )
    expect(proof.verdict).toBe('stop')
  })
})

it('a wire of the unit is the same whichever end is told first', () => {
  const request = requestFor(TWO)
  const turned = request.wires.map((w) =>
    w.id.startsWith('comp') || w.id === 'tie' ? { ...w, from: w.to, to: w.from } : w,
  )
  const [as, back] = [request.wires, turned].map((wires) => workOutHookup({ ...request, wires }).proof)
  expect([back?.verdict, back?.sentence]).toEqual([as?.verdict, as?.sentence])
  // And a wrong one is as wrong: the compressor's R on the supply side, live with the contactor open.
  const wrong = (from: string, to: string) =>
    proofOf(TWO, { 'comp-r': [from, to] }).hazards.map((h) => [h.code, h.message])
  expect(wrong('L2', 'COMP-R').length).toBeGreaterThan(0)
  expect(wrong('COMP-R', 'L2')).toEqual(wrong('L2', 'COMP-R'))
})

it('a line that the contactor opens, on C of the can by a wire of the unit, is named as that', () => {
  // One pole: L1 is opened, L2 is linked for good. The tie belongs on L2's side.
  expect(proofOf(ONE, { tie: ['L1', 'C'] }).hazards.map((h) => h.message)).toContain(
    'C on the new can stays on a line in off: a wire of it is on the supply side of the contactor. Put it on the load side.',
  )
})
it('C that only the fan’s own leads put on a line is told of the lead, not of a wire of the unit', () => {
  // Its own can: C has no wire of the unit. Run before the contactor carries its line through the motor to C.
  const { proof } = hookupWith(requestFor(OWN), { white: { kind: 'post', post: 'L2' } })
  expect(proof.hazards.map((h) => h.code)).not.toContain('unit-wire-on-supply')
  expect(proof.hazards.map((h) => h.code)).toContain('supply-side')
})
