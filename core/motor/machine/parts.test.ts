// The parts of a fitted machine, each against its own formula worked by hand.
import { leadSheetById } from '../lead-sheets'
import { balancedTurns, ratingOf } from './fit'
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
