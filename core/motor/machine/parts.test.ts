// The parts of a fitted machine, each against its own formula worked by hand.
import { leadSheetById } from '../lead-sheets'
import { motorCurve, pointAt } from './curve'
import { balancedTurns, fitConstants, ratingOf } from './fit'
import { machineOf } from './machine'
import { fanTorque, settledSlip, startTorqueOf } from './settle'

describe('the turns ratio of a balanced field', () => {
  const FROM = { volts: 230, hertz: 60, capacitorVolts: 660 }
  // 2π · 60 · 5 µF · 230 V.
  const charging = 2 * Math.PI * 60 * 5e-6 * 230
  it('follows from the amps: 1 + a² = I / ωCV, where the capacitor allows it', () => {
    for (const amps of [1, 1.5, 2])
      expect(balancedTurns({ ...FROM, amps, microfarads: 5 })).toBeCloseTo(Math.sqrt(amps / charging - 1), 9)
  })
  it('or from nine tenths of the capacitor’s volts: 1 + a² = (0.9 · 370 / 230)²', () =>
    expect(balancedTurns({ ...FROM, capacitorVolts: 370, amps: 3, microfarads: 5 })).toBeCloseTo(
      Math.sqrt((333 / 230) ** 2 - 1),
      9,
    ))
  it('held to what fan motors have, 0.9 to 2.4', () => {
    expect(balancedTurns({ ...FROM, amps: charging * 0.9, microfarads: 5 })).toBe(0.9)
    expect(balancedTurns({ ...FROM, amps: charging * 1.5, microfarads: 5 })).toBe(0.9)
    expect(balancedTurns({ ...FROM, capacitorVolts: 1000, amps: 30, microfarads: 5 })).toBe(2.4)
    expect(balancedTurns({ ...FROM, capacitorVolts: 250, amps: 3, microfarads: 5 })).toBe(0.9)
  })
})

it('the rated slip is held between 2 and 60 %; a speed of no class counts as six poles', () => {
  const slip = (rpm: number) => ratingOf({ rpm, hertz: 60, horsepower: 0.25 }).slip
  expect(slip(1190)).toBe(0.02)
  expect(slip(1080)).toBeCloseTo(0.1, 12)
  expect([slip(100), ratingOf({ rpm: 100, hertz: 60, horsepower: 0.25 }).synchronousRpm]).toEqual([0.6, 1200])
})

describe('the speed it comes to', () => {
  it('is where torque and load meet, whatever the slip', () => {
    for (const meets of [0.05, 0.1, 0.37, 0.8])
      expect(settledSlip((slip) => slip - meets)).toBeCloseTo(meets, 5)
  })
  it('is the first such slip from standstill: a second one nearer to full speed is not reached', () =>
    expect(settledSlip((slip) => (slip - 0.2) * (slip - 0.5) * (slip - 0.7))).toBeCloseTo(0.7, 5))
  it('is the last that is looked at where nothing holds it', () =>
    expect(settledSlip(() => 1)).toBeCloseTo(0.04, 9))
  it('of a fan the torque goes with the square of the speed (fan law): half the speed, a quarter', () => {
    expect(fanTorque(100, { slip: 0.1 }, 0.1, 1)).toBeCloseTo(100, 9)
    expect(fanTorque(100, { slip: 0.1 }, 0.55, 1)).toBeCloseTo(25, 9)
    // On 50 of 60 Hz: synchronous watts go with the frequency, the speed with it too.
    expect(fanTorque(100, { slip: 0.1 }, 0.1, 5 / 6)).toBeCloseTo(100 * (5 / 6) ** 3, 9)
  })
  it('three hundredths of the rated torque start it; of fitted constants a quarter of that is surely none', () =>
    expect([startTorqueOf({ estimated: false }), startTorqueOf({ estimated: true })]).toEqual([0.03, 0.0075]))
})

describe('the coils of a sheet', () => {
  it('have names that are read', () =>
    expect(machineOf(leadSheetById('rowan-33m')!)?.coils.map((c) => c.name)).toEqual([
      'main winding',
      'auxiliary winding',
      'turns of the blue tap',
      'turns of the red tap',
    ]))
  it('of a blower: its line is the run end, its two capacitor leads are start and run again', () => {
    const sheet = leadSheetById('alder-33b')!
    const points = machineOf(sheet)!.points
    const of = (role: string) => sheet.leads.filter((l) => l.role === role).map((l) => points[l.id])
    expect([of('line'), of('capacitor'), of('speed')]).toEqual([
      ['run'],
      ['start', 'run'],
      ['joint', 'tap:blue', 'tap:red'],
    ])
  })
  it('a tap whose rpm nobody gives adds a quarter of the main winding’s turns, and never none', () => {
    const sheet = structuredClone(leadSheetById('alder-33b')!)
    const turnsOf = () =>
      machineOf(sheet)!
        .coils.filter((c) => c.id.startsWith('tap:'))
        .map((c) => c.turns)
    Object.assign(sheet.settings.speed[1]!, { rpm: null })
    Object.assign(sheet.settings.speed[2]!, { rpm: null })
    expect(turnsOf()).toEqual([0.25, 0.25])
    for (const s of sheet.settings.speed) Object.assign(s, { rpm: 1075 })
    expect(turnsOf()).toEqual([0.02, expect.closeTo(0.02, 9)])
  })
})

it('fitted constants stand to one another as those of small fan motors do (our judgement, from memory)', () => {
  const c = fitConstants({
    volts: 230,
    hertz: 60,
    rpm: 1075,
    horsepower: 0.25,
    amps: 1.6,
    microfarads: 7.5,
    capacitorVolts: 370,
  })
  const square = c.turnsRatio ** 2
  expect(c.mainReactanceOhms / c.mainOhms).toBeCloseTo(0.22 / 0.2, 9)
  expect(c.rotorOhms / c.mainOhms).toBeCloseTo(0.32 / 0.2, 9)
  expect(c.rotorReactanceOhms / c.mainOhms).toBeCloseTo(0.18 / 0.2, 9)
  // The auxiliary has more turns: its ohms go with their square, a little more copper besides.
  expect(c.auxiliaryOhms / c.mainOhms).toBeCloseTo(1.15 * square, 9)
  expect(c.auxiliaryReactanceOhms / c.mainReactanceOhms).toBeCloseTo(square, 9)
})

describe('the curves of what if', () => {
  const m = machineOf(leadSheetById('rowan-25r')!)!
  const curve = motorCurve(m, { volts: 230, microfarads: 8, points: 4 })
  it('run from a quarter to two and a half times the µF, and from 80 to 115 % of the volts, ends included', () => {
    expect(curve.byMicrofarads.map((p) => p.microfarads)).toEqual([2, 8, 14, 20])
    expect(curve.byVolts.map((p) => Math.round(10 * p.volts))).toEqual([1840, 2108, 2377, 2645])
    expect(curve.byMicrofarads.every((p) => p.volts === 230)).toBe(true)
    expect(curve.byVolts.every((p) => p.microfarads === 8)).toBe(true)
    expect(curve.chosen).toEqual(pointAt(m, 230, 8))
  })
  it('the range is the least and the most of each constant off by its own factor, one at a time', () => {
    const factors = {
      turnsRatio: 1.15,
      magnetizingOhms: 1.25,
      rotorOhms: 1.2,
      auxiliaryOhms: 1.2,
      mainOhms: 1.15,
    }
    const points = Object.entries(factors).flatMap(([key, factor]) =>
      [factor, 1 / factor].map((f) => {
        const constants = { ...m.constants }
        constants[key as keyof typeof factors] *= f
        return pointAt({ ...m, constants }, 230, 8)
      }),
    )
    const all = [curve.chosen, ...points]
    for (const key of ['amps', 'capacitorVolts', 'startTorque', 'rpm'] as const) {
      expect(curve.range?.low[key]).toBeCloseTo(Math.min(...all.map((p) => p[key])), 9)
      expect(curve.range?.high[key]).toBeCloseTo(Math.max(...all.map((p) => p[key])), 9)
    }
  })
})
