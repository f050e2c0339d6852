import type { Subject } from './model'
import { CASES, EACH } from './testing/cases'
import {
  chance,
  DUAL,
  FURNACE,
  ohms,
  on,
  PUMP,
  read,
  SPLIT,
  uf,
  volts,
  type Readings,
} from './testing/readings'

describe('what was found', () => {
  it('is a fact whatever the rest: no cause stands before it, and no ranking calls it a chance', () => {
    for (const { unit = SPLIT, about = 'fan', seen, read: readings = {} } of Object.values(CASES)) {
      const marking = unit === SPLIT || unit === PUMP ? DUAL : { ...DUAL, sections: [5] }
      const d = on(unit, seen, readings, { marking, plateAmps: 1.4, subject: about })
      const own = d.found.filter((f) => f.subject === about && d.causes.some((c) => c.id === f.id))
      expect(d.causes.slice(0, own.length).map((c) => [c.id, c.strength])).toEqual(
        own.map((f) => [f.id, 'found']),
      )
      expect(d.found.every((f) => f.for.length > 0)).toBe(true)
    }
  })
  it('settles nothing while it does not do what is seen, however likely it is: play does not make a wrong speed', () => {
    const seen = { 'fan-does': 'wrong-speed', spin: 'play', sound: 'rattle', shaft: 'oil', 'can-top': 'flat' }
    const d = on(FURNACE, { ...seen, 'unit-plate': 'agrees', 'speed-amps': 'rise', 'wheel-look': 'fine' })
    expect(d.found.map(({ id }) => id)).toEqual(['bearing'])
    expect(chance(d, 'bearing')).toBeGreaterThan(0.9)
    expect(d.state).toBe('go-on')
    expect(d.sentence).toBe(
      'Found: a bearing of the motor is worn or seized. That alone does not make the fan do what it does: go on.',
    )
    // Once a lead was found elsewhere, both are: that explains it.
    expect(on(FURNACE, { ...seen, 'wiring-check': 'differs' }).state).toBe('settled')
  })
  it('is said with what it was found by, and what else there is', () => {
    const d = on(
      SPLIT,
      { 'fan-does': 'dead', spin: 'seized' },
      { 'microfarads-HERM': uf(0.1) },
      { marking: DUAL },
    )
    expect(d.sentence).toBe(
      'Found: a bearing of the motor is worn or seized; the compressor’s capacitor has failed.',
    )
    expect(d.found.map((f) => f.for)).toEqual([
      [
        'Power off and locked: turn the fan by hand: will not turn',
        'What does the fan do when it is called: nothing at all',
      ],
      ['µF of the compressor’s side, discharged, leads off: open or nothing'],
    ])
    expect(d.found.map((f) => [f.stage, f.work])).toEqual([
      ['motor', null],
      ['capacitor', null],
    ])
  })
  it('that does not make the fan do what it does says so, and goes on', () => {
    // A fan that runs as it should is not one without its start winding.
    const d = on(SPLIT, { 'fan-does': 'right', 'can-top': 'swollen' })
    expect(d.found.map((f) => [f.id, f.explains])).toEqual([['can-swollen', false]])
    expect(d.sentence).toBe(
      'Found: the capacitor is swollen or leaks. That alone does not make the fan do what it does: go on.',
    )
    expect(d.state).not.toBe('settled')
  })
})
describe('of a fan that runs as it should', () => {
  it('a capacitor that is out of tolerance is what is wrong: nothing else is asked', () => {
    const d = on(
      SPLIT,
      { 'fan-does': 'right', sound: 'smooth' },
      { 'microfarads-FAN': uf(3.6) },
      { marking: DUAL },
    )
    expect([d.state, d.sentence]).toEqual(['settled', 'Found: the fan’s capacitor is weak or the wrong one.'])
  })
  it('a winding to ground is, whether turns are shorted too or not: the same motor is changed', () => {
    const about = { sound: 'smooth', shaft: 'burnt', spin: 'coasts', amps: 'over', heat: 'hot' }
    const seen = { 'fan-does': 'right', compressor: 'runs', ohms: 'adds-up', ...about }
    const d = on(SPLIT, seen, { 'ohms-frame': read('ohms', 700) })
    expect(d.causes.find((c) => c.id === 'winding-shorted')?.chance).toBeGreaterThan(0.3)
    expect([d.causes[0]?.id, d.state]).toEqual(['winding-grounded', 'settled'])
  })
  it('an open winding is not: no motor runs right with one', () => {
    const d = on(SPLIT, { 'fan-does': 'right', ohms: 'one-open', heat: 'cold' })
    expect([d.found.map((f) => [f.id, f.explains]), d.state]).toEqual([[['winding-open', false]], 'go-on'])
  })
})
describe('no question is asked that an answer already given settles', () => {
  const open = (seen: Record<string, string>, id: string, readings: Readings = {}, about: Subject = 'fan') =>
    on(SPLIT, seen, readings, { marking: DUAL, subject: about }).questions.find((q) => q.id === id)?.open
  it.each([
    ['contactor-pulls', { compressor: 'runs' }],
    ['supply', { 'motor-volts': 'right' }],
    ['call', { 'contactor-pulls': 'in' }],
    ['capacitor-fitted', { 'can-top': 'flat' }],
    ['motor-volts', { 'contactor-pulls': 'out' }],
    ['direction', { 'fan-does': 'backwards' }],
  ])('%s after %j', (id, seen) => {
    expect(open(seen, id)).toBe(false)
  })
  it('capacitor-fitted once its µF were read; each of them is open before', () => {
    expect(open({}, 'capacitor-fitted', { 'microfarads-FAN': uf(5) })).toBe(false)
    for (const id of ['contactor-pulls', 'supply', 'call', 'capacitor-fitted', 'motor-volts'])
      expect([id, open({}, id)]).toEqual([id, true])
  })
  it('the ohms of the capacitor only where its µF read OL', () => {
    expect(open({}, 'can-ohms-fan')).toBe(false)
    expect(open({}, 'can-ohms-fan', { 'microfarads-FAN': uf(5) })).toBe(false)
    expect(open({}, 'can-ohms-fan', { 'microfarads-FAN': uf('OL') })).toBe(true)
    expect(open({}, 'can-ohms-compressor', { 'microfarads-HERM': uf('OL') }, 'compressor')).toBe(true)
  })
})
describe('readings at the compressor', () => {
  const answer = (readings: Readings, test: string) =>
    on(SPLIT, {}, readings, { marking: DUAL, subject: 'compressor' }).readings.find((r) => r.test === test)
  it('one post that is low condemns it, by name; two that are good do not clear it', () => {
    expect(answer({ ...EACH, 'ohms-shell-R': ohms(500) }, 'comp-shell')).toMatchObject({
      answer: 'low',
      words: 'C OL, R 500 Ω, S OL; a good one reads a megohm at least. R to the shell is low.',
    })
    expect(answer(EACH, 'comp-shell')?.answer).toBe('megohms')
    const two = { 'ohms-shell-C': ohms('OL'), 'ohms-shell-R': ohms('OL') }
    expect(answer(two, 'comp-shell')).toMatchObject({
      answer: null,
      words: 'C OL, R OL; a good one reads a megohm at least. Read all three.',
    })
    expect(answer({ ...EACH, 'ohms-shell-C': ohms(500_000) }, 'comp-shell')?.answer).toBeNull()
  })
  it('ohms across a capacitor: shorted below 5 Ω with the meter’s doubt; above it they do not tell', () => {
    expect(answer({ 'ohms-can-HERM': ohms(0.5) }, 'can-ohms-compressor')).toMatchObject({
      answer: 'near-nothing',
      words: '0.5 Ω: shorted. Replace it.',
    })
    for (const value of [6, 5000, 'OL'] as const)
      expect(answer({ 'ohms-can-HERM': ohms(value) }, 'can-ohms-compressor')?.answer).toBeNull()
  })
  it('windings by the same sums as any motor’s; all three OL is no answer', () => {
    const three = (cr: number | 'OL', cs: number | 'OL', rs: number | 'OL') =>
      answer(
        { 'ohms-compressor-CR': ohms(cr), 'ohms-compressor-CS': ohms(cs), 'ohms-compressor-RS': ohms(rs) },
        'comp-ohms',
      )?.answer
    expect([
      three(0.9, 2.4, 3.3),
      three('OL', 'OL', 3.3),
      three('OL', 2.4, 'OL'),
      three('OL', 'OL', 'OL'),
    ]).toEqual(['adds-up', 'common-open', 'one-open', null])
  })
  it('volts too high at the compressor are a danger like any', () =>
    expect(on(SPLIT, {}, { 'volts-compressor': volts(480) }, { subject: 'compressor' }).dangers[0]).toMatch(
      /^At the compressor: .* 253 V is the most/,
    ))
  it('a unit without a compressor has no such questions, and says which observations it ignored', () => {
    const d = on(FURNACE, { 'comp-does': 'hums' }, {}, { subject: 'compressor' })
    expect([d.causes, d.questions.filter((q) => q.kind !== 'contributory'), d.ignored]).toEqual([
      [],
      [],
      ['comp-does'],
    ])
  })
  it('a reading of the compressor’s shell is not one of the fan’s motor', () =>
    expect(
      on(SPLIT, {}, { 'celsius-motor': read('celsius', 65) }, { subject: 'compressor' }).readings,
    ).toEqual([]))
})

it('both sides of one capacitor dead: asked about the compressor, its side is found too', () => {
  const read = { 'microfarads-FAN': uf(1.2), 'microfarads-HERM': uf(11) }
  const d = on(SPLIT, { 'comp-does': 'hums' }, read, { marking: DUAL, subject: 'compressor' })
  expect(d.found.map((f) => f.id)).toEqual(['capacitor-both'])
  expect(d.causes[0]).toMatchObject({ id: 'comp-capacitor', strength: 'found' })
})
