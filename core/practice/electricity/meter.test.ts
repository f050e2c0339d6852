// What a meter finds on a practice unit, against networks made by hand from the unit's diagram, with the paths that a person forgets; and
// against ngspice (eecircuit-engine, its WASM build; development only).
import { runSpicePoints } from '../../capacitor/testing/spice'
import { magnitude, minus, type Complex } from '../../quantity/complex'
import { spiceText } from '../../circuit/solution/spice'
import { drawsFrom } from '../../quantity/draws'
import { UNIT_TYPES } from '../../wiring/unit-types'
import { FAULTS } from '../faults/faults'
import { healthyUnit } from '../unit/healthy'
import { OLD_MOTORS } from '../unit/motors'
import { makesOf } from '../unit/scenario'
import type { Truth } from '../unit/truth'
import { ampsIn, microfaradsBetween, ohmsBetween, shown, voltsBetween } from './meter'
import { probe } from './probe'
import { runUnit } from './running'
import { found, leadEnd, wireEnd, type Stand } from './stand'
import type { Spot } from './spot'
import { machineIn, nodeAt } from './unit-circuit'

const healthyOf = (unit: string, motor: string): Truth => {
  const type = UNIT_TYPES.find((u) => u.id === unit)!
  const sheet = OLD_MOTORS.find((m) => m.id === motor)!
  return healthyUnit({ unit: type, volts: type.volts, sheet, compressorMicrofarads: 40 })
}
const UNIT = healthyOf('cooling-1-pole-shared-capacitor', 'heron-14')
const OFF: Stand = { ...found(UNIT.unit, 'cooling'), thermostat: 'off', disconnect: 'open', discharged: true }
const post = (id: string): Spot => ({ on: 'post', post: id })
const coil = (id: string): number => machineIn(UNIT)!.coils.find((c) => c.id === id)!.ohms
const ohms = (stand: Stand, a: Spot, b: Spot): number => {
  const { built } = runUnit(UNIT, stand)
  return ohmsBetween({ built }, nodeAt(built, a), nodeAt(built, b))
}
const beside = (...parts: number[]): number => 1 / parts.reduce((sum, r) => sum + 1 / r, 0)
/** A lead of the motor has 0.02 Ω. */
const LEAD = 0.02

describe('ohms, locked out', () => {
  it('across the two load posts: the fan’s main winding beside the compressor’s run winding', () =>
    // T1 to T2: motor common to run, with a lead at each end; and the compressor's C to R. The start windings end at capacitors.
    expect(ohms(OFF, post('T1'), post('T2'))).toBeCloseTo(beside(coil('main') + 2 * LEAD, 1.1), 6))
  it('from the fan’s section to run: two windings in a row, with every lead on', () =>
    // FAN - start - auxiliary - joint - common's lead - T1, and from T1 to T2 beside each other as above.
    expect(ohms(OFF, post('CAN-FAN'), post('T2'))).toBeCloseTo(
      coil('auxiliary') + LEAD + beside(coil('main') + LEAD, LEAD + 1.1),
      6,
    ))
  it('with the fan’s leads off only the compressor is left', () => {
    const lifted = UNIT.sheet.leads.map(({ id }) => leadEnd(id))
    expect(ohms({ ...OFF, lifted }, post('T1'), post('T2'))).toBeCloseTo(1.1, 9)
    expect(ohms({ ...OFF, lifted }, post('T1'), post('CAN-FAN'))).toBe(Infinity)
  })
  it('across the can: open for direct current, but for the windings that hang on it', () => {
    const lifted = [
      ...UNIT.sheet.leads.map(({ id }) => leadEnd(id)),
      ...UNIT.unitWires.map(({ id }) => wireEnd(id)),
    ]
    expect(ohms({ ...OFF, lifted }, post('CAN-FAN'), post('CAN-C'))).toBe(Infinity)
    expect(ohms(OFF, post('CAN-FAN'), post('CAN-C'))).toBeLessThan(100)
  })
})

describe('µF, discharged', () => {
  const lifted = [
    ...UNIT.sheet.leads.map(({ id }) => leadEnd(id)),
    ...UNIT.unitWires.map(({ id }) => wireEnd(id)),
  ]
  const microfarads = (stand: Stand, a: string, b: string) => {
    const { built } = runUnit(UNIT, stand)
    return microfaradsBetween({ built }, nodeAt(built, post(a)), nodeAt(built, post(b)))
  }
  it('each section, and the two in a row (series: 1/C adds)', () => {
    expect(microfarads({ ...OFF, lifted }, 'CAN-FAN', 'CAN-C')).toBeCloseTo(5, 6)
    expect(microfarads({ ...OFF, lifted }, 'CAN-HERM', 'CAN-C')).toBeCloseTo(40, 6)
    expect(microfarads({ ...OFF, lifted }, 'CAN-FAN', 'CAN-HERM')).toBeCloseTo((5 * 40) / 45, 6)
  })
  it('with leads on there is no figure: the windings are beside it', () =>
    expect(microfarads(OFF, 'CAN-FAN', 'CAN-C')).toBeNull())
})

describe('volts, live', () => {
  const volts = (truth: Truth, stand: Stand, a: Spot, b: Spot) => {
    const running = runUnit(truth, stand)
    return voltsBetween(running, nodeAt(running.built, a), nodeAt(running.built, b))
  }
  const on = found(UNIT.unit, 'cooling')
  it('line to line, each line to the chassis, and the motor', () => {
    expect(volts(UNIT, on, post('L1'), post('L2'))).toBeCloseTo(230, -1)
    expect(volts(UNIT, on, post('L1'), { on: 'chassis' })).toBeCloseTo(115, -1)
    expect(Math.abs(volts(UNIT, on, post('T1'), post('T2')) - 230)).toBeLessThan(5)
  })
  it('with the thermostat off T2 is still on its line, and so is every lead of the motor (one pole)', () => {
    const off: Stand = { ...on, thermostat: 'off' }
    expect(volts(UNIT, off, post('T1'), { on: 'chassis' })).toBeGreaterThan(100)
    expect(volts(UNIT, off, post('T1'), post('T2'))).toBeLessThan(1)
  })
  it('a leg that is lost is fed back through the windings: no volts between the lines, 115 to the chassis on both', () => {
    const lost: Truth = { ...UNIT, lines: [true, false] }
    expect(volts(lost, on, post('L1'), post('L2'))).toBeLessThan(2)
    expect(volts(lost, on, post('L2'), { on: 'chassis' })).toBeGreaterThan(100)
  })
  it('the line lead’s amps are what the plate says, within a fifth', () =>
    expect(Math.abs(ampsIn(runUnit(UNIT, on), 'yellow') / 1.5 - 1)).toBeLessThan(0.2))
})

it('a meter rounds, is off by less than it may be, and shows OL beyond its range', () => {
  for (const draw of [0, 0.25, 0.5, 0.75, 1]) {
    expect(Math.abs((shown('volts', 230, draw) as number) - 230)).toBeLessThanOrEqual(230 * 0.012 + 0.5)
    expect(Math.abs((shown('microfarads', 5, draw) as number) - 5)).toBeLessThanOrEqual(5 * 0.02 + 0.04)
  }
  expect(shown('ohms', 0, 0.5)).toBe(0)
  expect(shown('ohms', 500e6, 0.5)).toBe('OL')
  expect(shown('ohms', Infinity, 0.5)).toBe('OL')
})

describe('hands', () => {
  const reading = (stand: Stand, dial: 'ohms' | 'microfarads' | 'volts', a: string, b: string) =>
    probe(UNIT, stand, { dial, spots: [post(a), post(b)], draw: 0.5 })
  it('ohms on a live circuit are stopped, whichever probe is on it', () => {
    const on = found(UNIT.unit, 'cooling')
    expect(reading(on, 'ohms', 'T1', 'T2').danger).toMatch(/^The meter is on ohms, and the circuit is live:/)
    expect(reading({ ...on, thermostat: 'off' }, 'ohms', 'GND', 'T2').danger).not.toBeNull()
    expect(reading(on, 'volts', 'T1', 'T2')).toMatchObject({ danger: null })
  })
  it('a capacitor that was not discharged goes through the meter', () => {
    const charged: Stand = { ...OFF, discharged: false }
    expect(reading(charged, 'microfarads', 'CAN-FAN', 'CAN-C').danger).toMatch(/still holds its charge/)
    expect(reading(OFF, 'microfarads', 'CAN-FAN', 'CAN-C')).toEqual({ value: 'OL', danger: null })
  })
})

const CASES = UNIT_TYPES.flatMap((unit) => {
  const make = makesOf(unit)[0]!
  const healthy = healthyUnit({ unit, ...make, compressorMicrofarads: 40 })
  return FAULTS.filter((fault) => fault.fits(healthy))
    .filter((_, i) => i % 4 === 0)
    .map((fault) => ({ name: `${unit.id}, ${fault.id}`, truth: fault.applied(healthy, drawsFrom(3)) }))
})

it(`agrees with ngspice on ${CASES.length} units with a fault, as they run, to 1e-6`, () => {
  expect(CASES.length).toBeGreaterThanOrEqual(60)
  const solved = CASES.map(({ truth, name }) => {
    const running = runUnit(truth, found(truth.unit, truth.unit.modes.find((m) => m.fanRuns)!.id))
    const sense = running.direction === -1 ? -1 : 1
    const { circuit } = running.built
    return { running, spice: spiceText(circuit, running.solution.slip, name, sense, running.prepared.tied) }
  })
  const points = runSpicePoints(solved.map(({ spice }) => spice.text))
  solved.forEach(({ running: { solution }, spice }, i) => {
    const most = Math.max(1, ...[...solution.volts.values()].map(magnitude))
    let compared = 0
    for (const [node, spiceNode] of spice.nodes) {
      const theirs = points[i]!.get(`v(${spiceNode})`)
      if (!theirs || solution.floating.has(node)) continue
      compared += 1
      const off = magnitude(minus(solution.volts.get(node) as Complex, theirs)) / most
      expect([CASES[i]!.name, node, off < 1e-6]).toEqual([CASES[i]!.name, node, true])
    }
    expect([CASES[i]!.name, compared > 3]).toEqual([CASES[i]!.name, true])
  })
}, 120_000)
