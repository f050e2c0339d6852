import { LEAD_SHEETS, leadSheetById } from '../lead-sheets'
import { motorCurve, pointAt } from './curve'
import { balancedTurns, fitConstants, ratingOf } from './fit'
import { machineOf } from './machine'
import { performanceAt } from './performance'

const sheet = (id: string) => leadSheetById(id)!
const PSC = LEAD_SHEETS.filter((s) => s.capacitor !== null)

describe('constants fitted to a nameplate', () => {
  it.each(PSC.map((s) => [s.id, s] as const))(
    '%s gives its rated power at its rated speed, near its rated amps',
    (_, s) => {
      const m = machineOf(s)!
      const p = performanceAt(
        m.constants,
        { volts: m.ratedVolts, hertz: 60, ratedHertz: 60, microfarads: m.microfarads },
        m.rating.slip,
      )
      expect(p.torque / m.rating.torque).toBeCloseTo(1, 4)
      expect(Math.abs(p.lineAmps / m.ratedAmps - 1)).toBeLessThan(0.05)
    },
  )
  it.each(PSC.map((s) => [s.id, s] as const))(
    '%s starts, pulls more than its fan, and keeps its capacitor within its rating',
    (_, s) => {
      const m = machineOf(s)!
      const at = (slip: number) =>
        performanceAt(
          m.constants,
          { volts: m.ratedVolts, hertz: 60, ratedHertz: 60, microfarads: m.microfarads },
          slip,
        )
      expect(at(1).torque / m.rating.torque).toBeGreaterThan(0.1)
      expect(
        Math.max(...Array.from({ length: 40 }, (_, i) => at((i + 1) / 40).torque)) / m.rating.torque,
      ).toBeGreaterThan(1.15)
      expect(at(m.rating.slip).capacitorVolts).toBeLessThan(s.capacitor!.volts)
      // About twice to three times running amps when it starts (common practice).
      expect(at(1).lineAmps / m.ratedAmps).toBeGreaterThan(1.5)
      expect(at(1).lineAmps / m.ratedAmps).toBeLessThan(3.5)
    },
  )
  it('rated slip and torque come from the plate: 1/4 hp at 1075 rpm is 186.4 W on the shaft, slip 0.104 (by hand)', () => {
    const r = ratingOf({ rpm: 1075, hertz: 60, horsepower: 0.25 })
    expect([r.slip.toFixed(3), r.synchronousRpm, (r.torque * (1 - r.slip)).toFixed(1)]).toEqual([
      '0.104',
      1200,
      '186.4',
    ])
  })
  it('a capacitor’s rating holds the turns ratio down', () => {
    const from = { volts: 230, hertz: 60, rpm: 1075, horsepower: 0.25, amps: 3, microfarads: 5 }
    expect(balancedTurns({ ...from, capacitorVolts: 370 })).toBeLessThan(
      balancedTurns({ ...from, capacitorVolts: 440 }),
    )
  })
  it('a plate that no such motor has still gives finite constants', () => {
    for (const odd of [
      { amps: 30 },
      { amps: 0.1 },
      { rpm: 3590 },
      { rpm: 200 },
      { microfarads: 200 },
      { volts: 24 },
    ]) {
      const c = fitConstants({
        volts: 230,
        hertz: 60,
        rpm: 1075,
        horsepower: 0.25,
        amps: 1.5,
        microfarads: 5,
        capacitorVolts: 370,
        ...odd,
      })
      expect(Object.values(c).every((x) => Number.isFinite(x) && x > 0)).toBe(true)
    }
  })
})

describe('a sheet as a machine', () => {
  it('takes the constants that the sheet states, and says that they are not estimated', () => {
    const stated = { ...machineOf(sheet('rowan-25r'))!.constants, mainOhms: 17 }
    expect(machineOf({ ...sheet('rowan-25r'), constants: stated })).toMatchObject({
      estimated: false,
      constants: { mainOhms: 17 },
    })
  })
  it('has a coil more for each further tap, in series', () => {
    expect(machineOf(sheet('rowan-33m'))!.coils.map((c) => [c.id, c.from, c.to])).toEqual([
      ['main', 'joint', 'run'],
      ['auxiliary', 'joint', 'start'],
      ['tap:blue', 'tap:blue', 'joint'],
      ['tap:red', 'tap:red', 'tap:blue'],
    ])
  })
  it.each(['alder-33b', 'alder-50b'])(
    'each tap of %s runs its fan at the speed that its sheet names',
    (id) => {
      const m = machineOf(sheet(id))!
      let turns = 0
      for (const { tap, rpm } of sheet(id).settings.speed) {
        turns += m.coils.find((c) => c.id === `tap:${tap}`)?.turns ?? 0
        const load = m.rating.torque * (rpm! / 1075) ** 2
        const { torque } = performanceAt(
          m.constants,
          { volts: m.ratedVolts, hertz: 60, ratedHertz: 60, microfarads: m.microfarads },
          1 - rpm! / 1200,
          turns,
        )
        expect(torque / load).toBeCloseTo(1, 3)
      }
    },
  )
  it('each horsepower tap gives its own horsepower at the rated speed', () => {
    const m = machineOf(sheet('rowan-33m'))!
    const at = (turns: number) =>
      performanceAt(
        m.constants,
        { volts: m.ratedVolts, hertz: 60, ratedHertz: 60, microfarads: m.microfarads },
        m.rating.slip,
        turns,
      ).torque / m.rating.torque
    const [blue, red] = ['tap:blue', 'tap:red'].map((id) => m.coils.find((c) => c.id === id)!.turns) as [
      number,
      number,
    ]
    expect(at(blue)).toBeCloseTo(3 / 4, 3)
    expect(at(blue + red)).toBeCloseTo(1 / 2, 3)
  })
  it('is none for motors without a capacitor', () =>
    expect([machineOf(sheet('teal-33e')), machineOf(sheet('brant-50t'))]).toEqual([null, null]))
})

describe('what if', () => {
  const m = machineOf(sheet('rowan-25r'))!
  const curve = motorCurve(m, { volts: 230, microfarads: m.microfarads, points: 11 })
  it('more microfarads give more start torque and more capacitor current, and too few do not start it', () => {
    const torques = curve.byMicrofarads.map((p) => p.startTorque)
    expect([...torques].sort((a, b) => a - b)).toEqual(torques)
    expect(pointAt(m, 230, 0.2)).toMatchObject({ rpm: 0 })
  })
  it('lower volts run slower', () => {
    const speeds = curve.byVolts.map((p) => p.rpm)
    expect([...speeds].sort((a, b) => a - b)).toEqual(speeds)
  })
  it('start torque goes with the square of the volts (textbook)', () =>
    expect(pointAt(m, 207, 5).startTorque / pointAt(m, 230, 5).startTorque).toBeCloseTo(0.81, 6))
  it('the chosen point is the rated one, inside a range that is said', () => {
    expect(curve.chosen.rpm).toBeGreaterThan(1060)
    for (const key of ['amps', 'capacitorVolts', 'startTorque', 'rpm'] as const) {
      expect(curve.range!.low[key]).toBeLessThan(curve.chosen[key])
      expect(curve.range!.high[key]).toBeGreaterThan(curve.chosen[key])
    }
  })
  it('constants from the maker have no range', () =>
    expect(
      motorCurve({ ...m, estimated: false }, { volts: 230, microfarads: 5, points: 3 }).range,
    ).toBeNull())
  it('at 50 Hz it runs at five sixths of the speed or less', () =>
    expect(pointAt(m, 230, 5, 50).rpm).toBeLessThan(1000))
})
