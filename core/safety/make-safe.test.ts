import { NO_SUPPLY_FACTS, supplyOf, type SupplyFacts } from '../supply/supply'
import { tracedWires, unitOf } from '../testing/fixtures'
import { UNIT_TYPES } from '../wiring/unit-types'
import { makeSafe } from './make-safe'

const live = (id: string) =>
  makeSafe(unitOf(id), tracedWires(unitOf(id))).liveWithOff.map((p) => `${p.post} ${p.line}`)

it('a one-pole contactor leaves its un-switched side live, with the motor and cap C on it', () => {
  // By hand: L2 is shunted to T2; the tie brings T2 to C; the compressor's R hangs on T2.
  expect(live('cooling-1-pole-shared-capacitor')).toEqual(['T2 line2', 'C line2', 'COMP-R line2'])
  expect(makeSafe(unitOf('cooling-1-pole-shared-capacitor'), []).sentence).toBe(
    'Thermostat off is not dead: T2 on the contactor stays on line 2, and through it every lead of the stopped motor.',
  )
})
it('of what stays live it is told where a wire of the motor hangs', () => {
  const unit = unitOf('cooling-1-pole-shared-capacitor')
  // The run wire is on T2; C and the compressor's R have only wires of the unit.
  expect(makeSafe(unit, tracedWires(unit)).liveWithOff.map((p) => [p.post, p.motorWire])).toEqual([
    ['T2', true],
    ['C', false],
    ['COMP-R', false],
  ])
})
it('a two-pole contactor takes both down', () => {
  expect(live('cooling-2-pole-shared-capacitor')).toEqual([])
  expect(makeSafe(unitOf('cooling-2-pole-shared-capacitor'), []).sentence).toContain(
    'nothing behind the contactor is on a line',
  )
})
it('a blower’s neutral is never switched', () =>
  expect(makeSafe(unitOf('fan-coil-three-speed'), []).sentence).toContain(
    'neutral on the splice box is never switched, and the motor hangs on it',
  ))
it('recorded wires count: a tie moved to the switched side takes C down', () => {
  const unit = unitOf('cooling-1-pole-shared-capacitor')
  expect(
    makeSafe(
      unit,
      tracedWires(unit).map((w) => (w.id === 'tie' ? { ...w, from: 'T1' } : w)),
    ).liveWithOff.map((p) => p.post),
  ).toEqual(['T2', 'COMP-R'])
})
it.each(UNIT_TYPES.map((u) => [u.id, u] as const))(
  '%s says what to open, what stays live, and proves each line to the chassis',
  (_, unit) => {
    const safe = makeSafe(unit, [])
    expect([
      safe.open.length > 1,
      safe.staysLive.length > 0,
      new Set(safe.prove.map((p) => p.id)).size === safe.prove.length,
    ]).toEqual([true, true, true])
    const proven = (post: string) =>
      safe.prove.some(
        (p) =>
          p.between.includes(post) &&
          p.between.some((id) => unit.posts.find((x) => x.id === id)?.kind === 'earth'),
      )
    expect([proven(unit.supply.line1), proven(unit.supply.line2)]).toEqual([true, true])
  },
)

// Where hands go, from the kinds of posts of each unit type, by hand.
describe('proving dead reaches every terminal that is touched', () => {
  const pairs = (id: string) => makeSafe(unitOf(id), []).prove.map((p) => p.id)
  it('the contactor’s load side and the defrost relay to the chassis', () =>
    expect(pairs('heat-pump-1-pole-shared-capacitor')).toEqual([
      'L1 to L2',
      'L1 to GND',
      'L2 to GND',
      'T1 to T2',
      'T1 to GND',
      'T2 to GND',
      'DF1 to GND',
      'DF2 to GND',
    ]))
  it('every output of a furnace, of a fan coil, and the relay and sequencer', () => {
    expect(pairs('gas-furnace-board')).toEqual(
      expect.arrayContaining(['COOL to N', 'HEAT to N', 'CIRC to N']),
    )
    expect(pairs('fan-coil-three-speed')).toEqual(expect.arrayContaining(['HI to N', 'MED to N', 'LO to N']))
    expect(pairs('electric-furnace-relay-sequencer')).toEqual(
      expect.arrayContaining(['R-IN to L2', 'R-NO to L2', 'R-NC to L2', 'S-IN to L2', 'S-OUT to L2']),
    )
  })
  it('each says what it is proven against: the chassis, or on a blower the line that is never switched', () => {
    const what = (id: string, pair: string) => makeSafe(unitOf(id), []).prove.find((p) => p.id === pair)?.what
    expect(what('heat-pump-1-pole-shared-capacitor', 'T1 to GND')).toBe('T1 on the contactor to the chassis')
    expect(what('electric-furnace-relay-sequencer', 'S-IN to L2')).toBe(
      'fan in on the sequencer to the line that is never switched',
    )
  })
  it('a capacitor that stays is named, discharged and read by itself', () => {
    const step = makeSafe(unitOf('cooling-2-pole-own-capacitor'), []).prove.at(-1)
    expect([step?.id, step?.what]).toEqual([
      'H1 to H2',
      'across the compressor capacitor, which holds a charge of its own: through the resistor first, then this reading',
    ])
    expect(pairs('cooling-2-pole-shared-capacitor')).not.toContain('H1 to H2')
  })
  it('no post that is touched is left out, on any unit', () => {
    for (const unit of UNIT_TYPES) {
      const proven = new Set(makeSafe(unit, []).prove.flatMap((p) => p.between))
      const touched = unit.posts.filter((p) => ['load', 'relay', 'output', 'kept-cap'].includes(p.kind))
      expect([unit.id, touched.filter((p) => !proven.has(p.id)).map((p) => p.id)]).toEqual([unit.id, []])
    }
  })
})

describe('the meter', () => {
  const unit = unitOf('cooling-2-pole-own-capacitor')
  const meter = (facts: Partial<SupplyFacts> = {}) =>
    makeSafe(unit, [], supplyOf(unit, { ...NO_SUPPLY_FACTS, ...facts })).meter
  it('reaches this unit’s supply with its ± 10 %, and is tried on a live line first and last', () => {
    expect(meter()).toBe(
      'Its supply is 230 V, 60 Hz, as such units usually have. Set the meter to AC volts above 253 V, and try it on a line that is live before and after.',
    )
    expect(meter({ chosenVolts: 460 })).toContain('Set the meter to AC volts above 506 V')
  })
  it('in whole volts: 208 and a tenth are 228.8', () =>
    expect(meter({ chosenVolts: 208 })).toContain('Set the meter to AC volts above 229 V,'))
  it('where plate and kind disagree reaches the higher', () =>
    expect(meter({ unitPlate: [{ low: 460, high: 460 }] })).toBe(
      'Its supply is not settled: up to 460 V. Set the meter to AC volts above 506 V, and try it on a line that is live before and after.',
    ))
})
