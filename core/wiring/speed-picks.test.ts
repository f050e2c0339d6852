// Which tap an output gets, by hand from the rule: cooling and high the fastest, one that wants less the middle one, the old speed kept.
import type { SpeedChoice, SpeedName } from '../motor/lead-sheet'
import { unitOf } from '../testing/fixtures'
import { mayShare, pick } from './speed-picks'
import { WANTS, type Output } from './speed-outputs'
import type { ModeId } from './unit-type'

const FURNACE = unitOf('gas-furnace-board')
const COIL = unitOf('fan-coil-three-speed')
const output = (id: string, mode: ModeId, old: SpeedName | null = null): Output => ({
  id,
  name: id,
  modes: [mode],
  wants: WANTS.indexOf(mode),
  old,
})
const taps = (...speeds: SpeedName[]): SpeedChoice[] =>
  speeds.map((speed) => ({ speed, tap: `${speed} lead`, rpm: null, amps: null }) as unknown as SpeedChoice)
const FIVE = ['high', 'medium-high', 'medium', 'medium-low', 'low'] as const
const picked = (unit: typeof COIL, outputs: Output[], speeds: SpeedChoice[], choices = {}) =>
  pick(unit, { outputs, taps: speeds, choices }).map((p) => p.tap)

describe('one output alone', () => {
  it('takes the fastest for cooling, and for high', () => {
    expect(picked(FURNACE, [output('COOL', 'cooling')], taps(...FIVE))).toEqual([0])
    expect(picked(COIL, [output('HI', 'high')], taps('high', 'low'))).toEqual([0])
  })
  it.each([
    [1, 0],
    [2, 1],
    [3, 1],
    [4, 2],
    [5, 2],
  ])('of %d taps takes number %d, the middle, for heating', (n, tap) =>
    expect(picked(FURNACE, [output('HEAT', 'heating')], taps(...FIVE.slice(0, n)))).toEqual([tap]),
  )
  it('without a tap has none', () => expect(picked(FURNACE, [output('COOL', 'cooling')], [])).toEqual([null]))
})

describe('several outputs', () => {
  const three = [output('HI', 'high'), output('MED', 'medium'), output('LO', 'low')]
  it('are spread from the fastest to the slowest', () => {
    expect(picked(COIL, three, taps(...FIVE))).toEqual([0, 2, 4])
    expect(picked(COIL, three, taps('high', 'medium', 'medium-low', 'low'))).toEqual([0, 2, 3])
    expect(picked(COIL, three, taps('high', 'medium', 'low'))).toEqual([0, 1, 2])
  })
  it('that may not share leave the last without one', () =>
    expect(picked(COIL, three, taps('high', 'low'))).toEqual([0, 1, null]))
  it('that may share do so from the end that wants least', () => {
    const board = [output('COOL', 'cooling'), output('HEAT', 'heating'), output('CIRC', 'circulation')]
    expect(picked(FURNACE, board, taps('high', 'low'))).toEqual([0, 1, 1])
    expect(picked(FURNACE, board, taps('high'))).toEqual([0, 0, 0])
  })
})

describe('an old speed on record', () => {
  it('is kept exactly, also where a nearest one would have come first', () =>
    expect(
      picked(
        COIL,
        [output('HI', 'high', 'medium-high'), output('MED', 'medium', 'medium')],
        taps('high', 'medium', 'low'),
      ),
    ).toEqual([2, 1]))
  it('that is gone becomes the next slower, and below all of them the slowest', () => {
    expect(
      picked(FURNACE, [output('HEAT', 'heating', 'medium-high')], taps('high', 'medium', 'low')),
    ).toEqual([1])
    expect(picked(FURNACE, [output('HEAT', 'heating', 'low')], taps('high', 'medium'))).toEqual([1])
  })
  it('slower than the only tap, which another output has and may not share: that tap all the same, and what clashes is said elsewhere', () =>
    expect(picked(COIL, [output('HI', 'high', 'high'), output('LO', 'low', 'low')], taps('high'))).toEqual([
      0, 0,
    ]))
  it('is overruled by the technician', () =>
    expect(
      pick(FURNACE, {
        outputs: [output('HEAT', 'heating', 'low')],
        taps: taps('high', 'medium', 'low'),
        choices: { HEAT: 'high' },
      }),
    ).toMatchObject([{ tap: 0, chosen: true }]))
})

it('one output shares with nobody; two only where the unit says so', () => {
  expect(mayShare(COIL, ['HI'])).toBe(true)
  expect(mayShare(COIL, ['HI', 'LO'])).toBe(false)
  expect(mayShare(FURNACE, ['HEAT', 'CIRC'])).toBe(true)
})

it('one output with an old speed on record is enough to keep it; the others take what is left', () =>
  expect(
    picked(
      FURNACE,
      [output('COOL', 'cooling', 'medium'), output('HEAT', 'heating')],
      taps('high', 'medium', 'low'),
    ),
  ).toEqual([1, 2]))
