// What is said of a motor as a whole, and in which order many stand.
import type { LeadSheet, Mechanical } from '../lead-sheet'
import type { OldMotor } from './criterion'
import { matchBest, matchMotors } from './match'
import { BLANK } from './mechanical'
import { mech, OLD, old, sheet } from './testing/motors'

const one = (o: OldMotor, candidate: LeadSheet) => matchMotors(o, [candidate])[0]!
const USUAL = sheet('rowan-25r')

describe('the sentence of a motor', () => {
  const sentence = (o: OldMotor, candidate: LeadSheet) => one(o, candidate).sentence
  it('fits, with its setting', () => expect(sentence(OLD, USUAL)).toBe('Fits at 1/4 hp.'))
  it('will do, with the first thing to watch', () =>
    expect(sentence(OLD, mech({ bodyInches: 5.4, ambientCelsius: 40 }))).toBe(
      'Will do at 1/4 hp. Longer by 0.6 in: the blade moves by as much. Set its depth anew.',
    ))
  it('does not, with every reason', () =>
    expect(sentence(old({}, { hertz: 50 }), mech({ shaftInches: 0.625 }))).toBe(
      // 1075 rpm on 50 Hz is a four-pole motor's; 1075 × 50 / 60 is 896, and (896 / 1075)³ is (5 / 6)³ = 0.579.
      'Another class. On 50 Hz it would turn at about 896 rpm. By the fan laws the fan would take 0.58 times the power (−42.1 %), the cube of the speeds’ ratio. It would draw more, turn slower and get hot. The hub’s bore does not fit this shaft.',
    ))
  it('not settled, with what is not known of what decides, and what to read of it first', () => {
    const { sentence: said, ask } = one(
      old({ phase: null, amps: [] }, {}, { shaftInches: null, airOver: null }),
      USUAL,
    )
    expect(said).toBe('Not settled: phase, shaft diameter not known.')
    expect(ask).toEqual([
      'Count the line leads of the old motor: three are three-phase.',
      'Measure the old motor: the shaft’s diameter.',
      'Read the amps on the plate.',
      'Look whether the motor stands in the air stream.',
    ])
  })
})

describe('the order of many', () => {
  const named = (name: string, change: (s: LeadSheet) => void = () => undefined) =>
    sheet('rowan-25r', (s) => {
      s.id = `id-${name}`
      s.name = name
      change(s)
    })
  const body = (s: LeadSheet, change: Partial<Mechanical>) =>
    (s.mechanical = { ...(s.mechanical ?? BLANK), ...change })
  const motors = [
    named('a two fails', (s) => {
      body(s, { shaftInches: 0.625, enclosure: 'open' })
    }),
    named('b one fail', (s) => body(s, { shaftInches: 0.625 })),
    named('c open', (s) => body(s, { shaftInches: null })),
    named('d watched twice', (s) => body(s, { bodyInches: 6, ambientCelsius: 40 })),
    named('e watched', (s) => body(s, { bodyInches: 6 })),
    named('f blank', (s) => body(s, { bearings: null })),
    named('h good'),
    named('g good'),
  ]
  it('fewer fails, fewer open, fewer to watch, fewer blanks, then the name', () =>
    expect(matchMotors(OLD, motors).map((m) => m.name)).toEqual([
      'g good',
      'h good',
      'f blank',
      'e watched',
      'd watched twice',
      'c open',
      'b one fail',
      'a two fails',
    ]))
  it('of the best only as many as asked for are told, and all are counted', () => {
    const { matches, counts } = matchBest(OLD, motors, 2)
    expect([matches.map((m) => m.name), counts]).toEqual([
      ['g good', 'h good'],
      { fits: 3, watch: 2, unknown: 1, no: 2 },
    ])
  })
  it('the same size before one above, whatever else is watched', () => {
    const above = named('a above', (s) => Object.assign(s.settings.horsepower[0]!, { horsepower: '1/3' }))
    const watched = named('b watched', (s) => body(s, { bodyInches: 6, ambientCelsius: 40, frameInches: 7 }))
    expect(matchMotors(OLD, [above, watched]).map((m) => m.name)).toEqual(['b watched', 'a above'])
  })
  it('of the same name by id', () => {
    const twin = (id: string) => named('twin', (s) => (s.id = id))
    expect(matchMotors(OLD, [twin('z'), twin('y')]).map((m) => m.id)).toEqual(['y', 'z'])
  })
})
