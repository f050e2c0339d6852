import { horsepowerOf, nextSizeAbove } from './horsepower'
import { impossiblePlate } from './plausible'
import { fanLaws, polesOf, slipOf, synchronousRpm, torqueOf } from './speed'

// NEMA MG 1, from memory: synchronous speeds at 60 Hz.
it.each([
  [2, 3600],
  [4, 1800],
  [6, 1200],
  [8, 900],
  [10, 720],
  [12, 600],
] as const)('%s poles turn at %s rpm at 60 Hz', (poles, rpm) => {
  expect(synchronousRpm(poles, 60)).toBe(rpm)
  expect(synchronousRpm(poles, 50)).toBeCloseTo((rpm * 50) / 60, 9)
})

describe('the poles of a nameplate speed', () => {
  it.each([
    [3450, 2],
    [1725, 4],
    [1625, 4],
    [1550, 4],
    [1140, 6],
    [1075, 6],
    [1050, 6],
    [950, 6],
    [850, 8],
    [825, 8],
    [700, 10],
    [560, 12],
  ])('%s rpm has %s', (rpm, poles) => expect(polesOf(rpm, 60)).toBe(poles))
  it('are those of the smallest synchronous speed above, not of the nearest', () =>
    expect(polesOf(925, 60)).toBe(6))
  it('are not told above two poles, nor far below twelve', () =>
    expect([polesOf(3600, 60), polesOf(380, 60)]).toEqual([null, null]))
  it('1075 of 1200 slips by a tenth', () => expect(slipOf(1075, 6, 60)).toBeCloseTo(125 / 1200, 9))
})

it('fan laws: the worked example of a handbook', () => {
  // ASHRAE Handbook, Fans chapter, from memory: 12,000 cfm at 400 rpm and 4 hp; at 500 rpm 15,000 cfm and 7.8 hp.
  const laws = fanLaws(400, 500)
  expect(12_000 * laws.flow).toBeCloseTo(15_000, 6)
  expect(4 * laws.power).toBeCloseTo(7.8, 1)
  expect(laws.pressure).toBeCloseTo(1.5625, 9)
  // The trade's own: an 825 fan on a 1075 motor asks for 2.2 times the power.
  expect(fanLaws(825, 1075).power).toBeCloseTo(2.21, 2)
})

it('torque: T in pound-feet is 5252 hp / rpm (textbook)', () =>
  expect(torqueOf(1 / 3, 1075)).toBeCloseTo((5252.11 / 3 / 1075) * 1.355818, 3))

describe('horsepower', () => {
  it.each([
    ['1/4', 0.25],
    ['1 1/2', 1.5],
    ['0.25', 0.25],
    ['.5', 0.5],
    ['1', 1],
  ])('%s is %s', (text, value) => expect(horsepowerOf(text)).toBe(value))
  it.each(['', 'half', '1/0x', '1/4 hp'])('%j is none', (text) => expect(horsepowerOf(text)).toBeNaN())
  it.each([
    [1 / 6, 1 / 5],
    [1 / 4, 1 / 3],
    [0.22, 1 / 4],
    [1, null],
  ])('above %s comes %s', (size, next) => expect(nextSizeAbove(size)).toBe(next))
})

describe('plates that cannot be', () => {
  const plate = { horsepower: null, volts: null, amps: null, rpm: null, poles: null, hertz: 60, phase: null }
  it('1075 rpm at two poles', () =>
    expect(impossiblePlate({ ...plate, rpm: 1075, poles: 2 })).toContain('1075 rpm does not go with 2 poles'))
  it('5 hp at 1 A', () =>
    expect(impossiblePlate({ ...plate, horsepower: 5, volts: 230, amps: 1 })).toContain(
      '5 hp is 3729 W of work',
    ))
  it('three phases bring more', () =>
    expect(impossiblePlate({ ...plate, horsepower: 0.5, volts: 230, amps: 1, phase: 3 })).toBeNull())
  it('blanks contradict nothing', () => expect(impossiblePlate(plate)).toBeNull())
})
