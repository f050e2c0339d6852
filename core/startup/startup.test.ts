import { leadSheetById } from '../motor/lead-sheets'
import { crossedSpeeds, judgeAmps, type AmpsReading } from './amps'
import { judgeDirection } from './direction'
import { FIRST_POWER, TROUBLE_SENTENCES, type PoweredHookup, type Trouble } from './first-power'
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

const ON: PoweredHookup = {
  blower: false,
  feeds: [{ mode: 'cooling', line1: 'black on T1', line2: 'white on T2' }],
  phases: [],
  start: 'brown on FAN',
  microfarads: 7.5,
}

describe('amps', () => {
  it.each([
    [1.2, 1.4, 'fine'],
    [1.5, 1.5, 'fine'],
    [1.45, 1.55, 'fine'],
    [1.47, 1.57, 'cannotTell'],
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
    expect(judgeAmps(reading(0.4, 0.5, { expected: { low: 1.2, high: 1.4 } }))).toMatchObject({
      verdict: 'watch',
      text: 'Cooling: 0.4 to 0.5 A by this meter, rated 1.5 A. Far below what is expected: is the blade on its shaft, and is it moving air? The proof’s circuit expects 1.2 to 1.4 A.',
    }))
  it('what the proof expects is not over, though a little above the plate', () => {
    const expected = { low: 1.4, high: 1.7 }
    expect(judgeAmps(reading(1.56, 1.6, { expected }))).toMatchObject({
      verdict: 'watch',
      text: expect.stringContaining('A little above its plate, within what is expected of it here'),
    })
    expect(judgeAmps(reading(1.72, 1.8, { expected })).verdict).toBe('stop')
  })
  it('far over is no matter of a door: 61 % over stops, 20 % over is read again', () => {
    expect(judgeAmps(reading(2.415, 2.5, { door: 'open' }))).toMatchObject({
      verdict: 'stop',
      text: expect.stringContaining('Over by 61 % at least, more than a door that is off explains'),
    })
    expect(judgeAmps(reading(1.8, 1.85, { door: 'open' })).verdict).toBe('cannotTell')
    // 30 % is what a door that is off explains: 1.3 times 10 A is no more than that.
    expect(judgeAmps(reading(13, 13, { rated: 10, door: 'open' })).verdict).toBe('cannotTell')
    expect(judgeAmps(reading(13.01, 13.01, { rated: 10, door: 'open' })).verdict).toBe('stop')
  })
  it('a motor at its rating is at its rating, whatever the meter’s doubt', () =>
    expect(judgeAmps(reading(1.46, 1.54))).toMatchObject({
      verdict: 'fine',
      text: expect.stringContaining('At its rating.'),
    }))
  it('inrush about twice running is usual', () => {
    expect(judgeAmps(reading(1.2, 1.2, { inrush: 2.5 })).text).toContain(
      'Inrush 2.5 A, 2.1 times running, as usual.',
    )
    // Beyond four times running it is no longer fine.
    expect(judgeAmps(reading(1.2, 1.2, { inrush: 7 }))).toMatchObject({
      verdict: 'watch',
      text: expect.stringContaining('5.8 times running: high; it is slow to start'),
    })
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
    judgeDirection({ turned: 'backwards', sheet, set: 'CW', advised: 'CW', on: ON, ...more })
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
  it('says only what is so of the plug: none, or nothing wanted', () => {
    expect(test({}).text).toContain('Backwards though the plug is set as wanted (CW).')
    expect(test({ advised: null }).text).toBe(
      'Backwards as set (CW), and which way it must turn is not recorded: record it first. In this order, never the capacitor’s leads exchanged:',
    )
    const oneWay = test({ sheet: leadSheetById('rowan-16f')!, set: 'CCW', advised: null })
    expect(oneWay.text).toContain('Backwards, and this motor turns CCW only: it has no plug to change.')
    expect(oneWay.steps).toEqual([])
  })
  it('a plug that stands open for a direction: what is newly open is left so, what was open already is not told', () => {
    const rotation = [
      { direction: 'CW', join: [['yellow', 'purple']], open: ['orange'] },
      { direction: 'CCW', join: [], open: ['orange', 'yellow', 'purple'] },
    ]
    const plug = { ...sheet, settings: { ...sheet.settings, rotation } }
    expect(test({ sheet: plug, set: 'CW', advised: 'CCW' }).steps).toEqual([
      'Part yellow from purple.',
      'Leave yellow open, capped by itself.',
      'Leave purple open, capped by itself.',
    ])
  })
  it('a motor without a capacitor is not asked for one', () =>
    expect(test({ sheet: leadSheetById('teal-33e')! }).causes.join()).not.toContain('capacitor'))
  it('a wheel is looked at, not felt at the register', () =>
    expect(test({ turned: null, on: { ...ON, blower: true } }).text).toContain('proves nothing'))
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
    proof: { verdict: 'proven', sentence: 'Proven in off and cooling.' },
    direction: { turned: 'right', sheet, set: 'CW', advised: 'CW', on: ON },
    readings: [reading(1.2)],
    speeds: [],
    capacitor: null,
    evidence,
  }
  const start = (more: Partial<StartUpInput>) => judgeStartUp({ ...base, ...more })
  it.each(FIRST_POWER.filter((seen): seen is Trouble => seen !== 'right' && seen !== 'backwards'))(
    'a motor that does this is stopped, whatever else was read: %s',
    (turned) => {
      const answer = start({ direction: { ...base.direction, turned } })
      expect(answer).toMatchObject({ verdict: 'stop', stopped: true, sentence: TROUBLE_SENTENCES[turned] })
      expect(answer.direction).toMatchObject({ verdict: 'trouble', steps: [] })
      // Before volts and amps: the motor that stands is what burns now.
      expect(start({ direction: { ...base.direction, turned }, readings: [reading(9)] }).sentence).toBe(
        TROUBLE_SENTENCES[turned],
      )
    },
  )
  it('right way and under its rating: fine', () =>
    expect(start({})).toMatchObject({
      verdict: 'fine',
      sentence: 'It turns the right way and draws no more than it may.',
      causes: [],
    }))
  it('two modes that were read are spoken of as such; one that is over has its causes, whatever the other draws', () => {
    const two = (second: AmpsReading) => start({ readings: [reading(1.2), second] })
    expect(two(reading(1.3, 1.3, { name: 'heating' })).sentence).toBe(
      'It turns the right way and draws no more than it may in every mode that was read.',
    )
    const over = two(reading(1.8, 1.8, { name: 'heating' }))
    expect(over.sentence).toBe('Over its rated amps in heating: stop it.')
    expect(over.causes.length).toBeGreaterThan(0)
    // Over with the door off is not known to be over: no causes are gone through yet.
    expect(two(reading(1.8, 1.85, { name: 'heating', door: 'open' })).causes).toEqual([])
  })
  it('a reading that the meter leaves on both sides of its limit is read again', () => {
    expect(start({ readings: [reading(1.47, 1.57)] })).toMatchObject({
      verdict: 'cannotTell',
      sentence: 'A reading lies too near its limit for this meter.',
    })
    expect(start({ readings: [reading(1.7, 1.75, { door: 'open' })] })).toMatchObject({
      verdict: 'cannotTell',
      sentence: 'Read cooling again with the door closed.',
    })
  })
  it('turning right and no amps read: cannot tell, and that they are not read', () =>
    expect(start({ readings: [] })).toMatchObject({
      verdict: 'cannotTell',
      sentence: 'It turns the right way; amps are not read yet.',
    }))
  it('nothing read: cannot tell, direction first', () =>
    expect(start({ direction: { ...base.direction, turned: null }, readings: [] })).toMatchObject({
      verdict: 'cannotTell',
      sentence: 'Not tested yet: direction first.',
    }))
  it('the supply under load is judged by itself: too high before all else but direction, too low after it', () => {
    const supply = (volts: number, more = {}) =>
      start({ evidence: { ...evidence, volts: { low: volts, high: volts } }, ...more })
    expect([supply(270).verdict, supply(270).sentence]).toEqual([
      'stop',
      'The supply: 270 V is too high: 253 V is the most by the motor’s plate. Switch off; nothing is run on it until the supply is found and put right.',
    ])
    expect(supply(180).sentence).toMatch(/^The supply: 180 V is too low: 187 V is the least/)
    expect(supply(240)).toMatchObject({ verdict: 'fine', supply: { verdict: 'fine' } })
    expect(start({ evidence: { ...evidence, volts: null } }).supply).toBeNull()
  })
  it('a hookup that is stopped is not powered, one not proven not called good, and a stop that was read leads', () => {
    const stopped = { verdict: 'stop' as const, sentence: 'The white lead joins the two lines.' }
    expect(start({ proof: stopped })).toMatchObject({
      verdict: 'stop',
      stopped: false,
      sentence: 'Do not power it: the white lead joins the two lines.',
    })
    const open = { verdict: 'cannotTell' as const, sentence: 'Cannot tell yet: T1 is not traced.' }
    expect(start({ proof: open })).toMatchObject({
      verdict: 'cannotTell',
      stopped: false,
      sentence: 'Not proven yet, so do not power it: cannot tell yet: T1 is not traced.',
    })
    expect(start({ proof: open, direction: { ...base.direction, turned: 'backwards' } })).toMatchObject({
      verdict: 'stop',
      stopped: true,
      sentence: 'It turns backwards: stop it.',
    })
    expect(start({ readings: [reading(2)] }).stopped).toBe(true)
  })
  it('a door that is off is said as that', () =>
    expect(start({ readings: [reading(1.8, 1.85, { door: 'open' })] }).sentence).toBe(
      'Read cooling again with the door closed.',
    ))
  it('names every mode to watch', () =>
    expect(
      start({
        readings: [reading(1.6), reading(1.6, 1.6, { name: 'heating' }), reading(1, 1, { name: 'low' })],
      }).sentence,
    ).toBe('Watch its amps in cooling and heating.'))
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

describe('each sentence of the amps, and where one gives way to the next', () => {
  const text = (low: number, high: number, more: Partial<AmpsReading> = {}) =>
    judgeAmps(reading(low, high, more)).text
  it('says what was read, the rating, and what to do', () => {
    expect(text(1.4, 1.4)).toBe('Cooling: 1.4 A, rated 1.5 A. At or under its rating.')
    expect(text(1.4, 1.5)).toBe('Cooling: 1.4 to 1.5 A by this meter, rated 1.5 A. At or under its rating.')
    expect(text(1.6, 1.6)).toBe(
      'Cooling: 1.6 A, rated 1.5 A. Slightly over: watch it as it warms up, and read again.',
    )
    // 1.8 of 1.5 is a fifth over.
    expect(text(1.8, 1.9)).toBe(
      'Cooling: 1.8 to 1.9 A by this meter, rated 1.5 A. Clearly over, by 20 % at least: stop it.',
    )
    expect(text(1.42, 1.62)).toBe(
      'Cooling: 1.42 to 1.62 A by this meter, rated 1.5 A. The rating lies inside the meter’s doubt: read again on a lower range, or with the lead twice through the clamp.',
    )
  })
  it('with the door off nothing is over until 1.3 times the rating', () => {
    const open = { door: 'open' } as const
    expect(judgeAmps(reading(1.5, 1.5, open)).verdict).toBe('fine')
    expect(text(1.51, 1.6, open)).toContain(
      'With the door off it moves more air and draws more: close it and read again.',
    )
    expect(judgeAmps(reading(1.95, 2, open)).verdict).toBe('cannotTell')
    expect(judgeAmps(reading(1.96, 2, open)).verdict).toBe('stop')
  })
  it('what is expected of it is at most what the proof’s circuit gives', () => {
    const expected = { low: 1.4, high: 1.6 }
    const above = 'A little above its plate, within what is expected of it here: read it again warm.'
    expect(text(1.6, 1.62, { expected })).toContain(above)
    expect(text(1.61, 1.62, { expected })).toContain('Slightly over')
    // Half of the least that is expected: 0.7 A.
    expect(judgeAmps(reading(0.6, 0.69, { expected })).verdict).toBe('watch')
    expect(judgeAmps(reading(0.6, 0.7, { expected })).verdict).toBe('fine')
  })
  it('inrush is about twice running: 1.3 to 4 times is as usual', () => {
    const inrush = (amps: number) => judgeAmps(reading(1, 1, { inrush: amps }))
    expect(inrush(4).text).toBe(
      'Cooling: 1 A, rated 1.5 A. At or under its rating. Inrush 4 A, 4 times running, as usual.',
    )
    expect(inrush(1.3).text).toContain('Inrush 1.3 A, 1.3 times running, as usual.')
    expect(inrush(1.2).text).toContain('1.2 times running: the meter was too slow to catch it.')
    expect(inrush(4.1).text).toContain('4.1 times running: high; it is slow to start, look at the capacitor.')
    expect([inrush(4).verdict, inrush(4.1).verdict, inrush(1.2).verdict]).toEqual(['fine', 'watch', 'fine'])
    // Twice the middle of what the meter leaves open.
    expect(text(0.9, 1.1, { inrush: 2 })).toContain('2 times running')
    // A stop stays one.
    expect(judgeAmps(reading(1.8, 1.8, { inrush: 9 })).verdict).toBe('stop')
  })
  it('over is what is surely over', () => {
    expect(judgeAmps(reading(1.5, 1.6)).over).toBe(false)
    expect(judgeAmps(reading(1.51, 1.6)).over).toBe(true)
  })
})
it('speeds are crossed when the slower one surely draws more, and both are named', () => {
  const order = ['high', 'medium', 'low']
  const at = (speed: string | null, low: number, high: number) => reading(low, high, { speed })
  expect(crossedSpeeds([at('low', 1.2, 1.3), at('high', 0.8, 0.9)], order)).toBe(
    'Low draws more than high: their taps are crossed. Amps rise with speed.',
  )
  expect(crossedSpeeds([at('low', 0.9, 1.3), at('high', 0.8, 0.9)], order)).toBeNull()
  expect(crossedSpeeds([at('high', 0.8, 0.9), at('medium', 0.7, 0.75), at('low', 0.76, 1)], order)).toBe(
    'Low draws more than medium: their taps are crossed. Amps rise with speed.',
  )
  expect(crossedSpeeds([at('low', 1.2, 1.3), at('low', 0.2, 0.3), at(null, 0.1, 0.1)], order)).toBeNull()
  expect(crossedSpeeds([at('turbo', 1.2, 1.3), at('high', 0.2, 0.3)], order)).toBeNull()
})
