import { leadSheetById } from '../motor/lead-sheets'
import { crossedSpeeds, judgeAmps, type AmpsReading } from './amps'
import { judgeDirection } from './direction'
import { overAmpsCauses, type OverAmpsEvidence } from './over-amps'
import { judgeStartUp, type StartUpInput } from './verdict'

const reading = (low: number, high = low, more: Partial<AmpsReading> = {}): AmpsReading => ({
  name: 'cooling',
  speed: null,
  amps: { low, high },
  rated: 1.5,
  expected: null,
  door: null,
  inrush: null,
  ...more,
})

describe('amps', () => {
  it.each([
    [1.2, 1.4, 'fine'],
    [1.5, 1.5, 'fine'],
    [1.45, 1.55, 'cannotTell'],
    [1.52, 1.6, 'watch'],
    [1.65, 1.65, 'watch'],
    [1.66, 1.8, 'stop'],
  ] as const)('%f to %f of 1.5 A: %s', (low, high, verdict) =>
    expect(judgeAmps(reading(low, high)).verdict).toBe(verdict),
  )
  it('over with the door off is read again with it closed', () => {
    expect(judgeAmps(reading(1.8, 1.9, { door: 'open' }))).toMatchObject({
      verdict: 'cannotTell',
      text: expect.stringContaining('close it'),
    })
    expect(judgeAmps(reading(1.8, 1.9, { door: 'closed' })).verdict).toBe('stop')
  })
  it('far below what the proof expects: is the blade on', () =>
    expect(judgeAmps(reading(0.4, 0.5, { expected: 1.3 }))).toMatchObject({
      verdict: 'watch',
      text: expect.stringContaining('The proof’s circuit expects about 1.3 A.'),
    }))
  it('inrush about twice running is usual', () => {
    expect(judgeAmps(reading(1.2, 1.2, { inrush: 2.5 })).text).toContain(
      'Inrush 2.5 A, 2.1 times running, as usual.',
    )
    expect(judgeAmps(reading(1.2, 1.2, { inrush: 7 })).text).toContain('slow to start')
  })
  it('speeds whose amps rise downwards are crossed (0.4, 0.9, 1.1 A low to high is right: common practice)', () => {
    const at = (speed: string, amps: number) => reading(amps, amps, { speed })
    const order = ['high', 'medium', 'low']
    expect(crossedSpeeds([at('low', 0.4), at('medium', 0.9), at('high', 1.1)], order)).toBeNull()
    expect(crossedSpeeds([at('low', 1.1), at('medium', 0.9), at('high', 0.4)], order)).toBe(
      'Medium draws more than high: their taps are crossed. Amps rise with speed.',
    )
    expect(
      crossedSpeeds([reading(0.95, 1.05, { speed: 'low' }), reading(0.9, 1, { speed: 'high' })], order),
    ).toBeNull()
  })
})

describe('direction', () => {
  const sheet = leadSheetById('rowan-25r')!
  const test = (more: object) =>
    judgeDirection({ turned: 'backwards', sheet, set: 'CW', advised: 'CW', blower: false, ...more })
  it('backwards with the plug otherwise than wanted: the plug’s own leads, one by one', () => {
    const { verdict, steps } = test({ set: 'CW', advised: 'CCW' })
    expect(verdict).toBe('change-plug')
    const joins = (d: string) => sheet.settings.rotation.find((r) => r.direction === d)!.join
    expect(steps).toEqual([
      ...joins('CW').map(([a, b]) => `Part ${a} from ${b}.`),
      ...joins('CCW').map(([a, b]) => `Join ${a} to ${b}.`),
    ])
    expect(steps.length).toBeGreaterThan(1)
  })
  it('backwards though set as wanted: causes in order, never the capacitor’s leads', () => {
    const { verdict, causes, text } = test({})
    expect(verdict).toBe('look-for-cause')
    expect(causes.map((c) => c.split(/[ :]/)[0])).toEqual(['Which', 'The', 'The', 'The'])
    expect(causes[2]).toContain('known-good')
    expect(text).toContain('never the capacitor’s leads exchanged')
  })
  it('a motor without a capacitor is not asked for one', () =>
    expect(test({ sheet: leadSheetById('teal-33e')! }).causes.join()).not.toContain('capacitor'))
  it('a wheel is looked at, not felt at the register', () =>
    expect(test({ turned: null, blower: true }).text).toContain('proves nothing'))
})

const EVIDENCE: OverAmpsEvidence = {
  volts: { low: 235, high: 240 },
  ratedVolts: { low: 208, high: 230 },
  capacitor: 'in',
  oldRpm: 1075,
  newRpm: 1075,
  proven: true,
  sameBlade: true,
}
describe('causes of too many amps', () => {
  const first = (more: Partial<OverAmpsEvidence>) => overAmpsCauses({ ...EVIDENCE, ...more })[0]!
  it.each([
    [{ volts: { low: 180, high: 184 } }, 'voltage'],
    [{ oldRpm: 825 }, 'speed-class'],
    [{ capacitor: 'out' as const }, 'capacitor'],
    [{ proven: false }, 'windings'],
    [{ sameBlade: false }, 'blade'],
  ])('%j: %s first', (more, id) => expect(first(more)).toMatchObject({ id, weight: 'speaks for it' }))
  it('an 825 fan on a 1075 motor asks 2.2 times the power (fan laws)', () =>
    expect(first({ oldRpm: 825 }).because).toContain('2.2 times'))
  it('nothing known: all open, none claimed', () =>
    expect(
      overAmpsCauses({ ...EVIDENCE, volts: null, capacitor: null, oldRpm: null, sameBlade: null }).every(
        (c) => c.weight === 'open',
      ),
    ).toBe(true))
})

describe('start-up as a whole', () => {
  const sheet = leadSheetById('rowan-25r')!
  const meter = {
    amps: { percent: 1, counts: 0, resolution: 0.01 },
    volts: { percent: 1, counts: 0, resolution: 0.1 },
  }
  const { volts, ratedVolts, oldRpm, newRpm, proven, sameBlade } = EVIDENCE
  const evidence = { volts, ratedVolts, oldRpm, newRpm, proven, sameBlade }
  const base: StartUpInput = {
    direction: { turned: 'right', sheet, set: 'CW', advised: 'CW', blower: false },
    readings: [reading(1.2)],
    speeds: [],
    capacitor: null,
    evidence,
  }
  const start = (more: Partial<StartUpInput>) => judgeStartUp({ ...base, ...more })
  it('right way and under its rating: fine', () =>
    expect(start({})).toMatchObject({
      verdict: 'fine',
      sentence: 'It turns the right way and draws no more than it may.',
      causes: [],
    }))
  it('nothing read: cannot tell, direction first', () =>
    expect(start({ direction: { ...base.direction, turned: null }, readings: [] })).toMatchObject({
      verdict: 'cannotTell',
      sentence: 'Not tested yet: direction first.',
    }))
  it('backwards comes before everything', () =>
    expect(
      start({ direction: { ...base.direction, turned: 'backwards' }, readings: [reading(9)] }).sentence,
    ).toBe('It turns backwards: stop it.'))
  it('over its amps leads to the causes', () => {
    const s = start({ readings: [reading(2)], evidence: { ...evidence, oldRpm: 825 } })
    expect([s.verdict, s.causes[0]?.id]).toEqual(['stop', 'speed-class'])
  })
  it('a capacitor outside the tag under load stops, and is the first cause of too many amps', () => {
    // 7.5 µF at 370 V and 60 Hz draws 1.046 A; 0.8 A is 5.7 µF.
    const s = start({
      readings: [reading(2)],
      capacitor: { amps: 0.8, volts: 370, hertz: 60, microfarads: 7.5, tolerancePercent: 6, meter },
    })
    expect([s.verdict, s.capacitor?.verdict, s.causes[0]?.id]).toEqual(['stop', 'out', 'capacitor'])
    // At 1 A the value is 7.17 µF, and one percent of each meter reaches below 7.05.
    expect(
      start({ capacitor: { amps: 1, volts: 370, hertz: 60, microfarads: 7.5, tolerancePercent: 6, meter } })
        .sentence,
    ).toContain('; of the capacitor this meter cannot tell.')
    expect(
      start({
        capacitor: { amps: 1.046, volts: 370, hertz: 60, microfarads: 7.5, tolerancePercent: 6, meter },
      }).verdict,
    ).toBe('fine')
  })
})
