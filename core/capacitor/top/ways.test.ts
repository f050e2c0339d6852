// Ways over a can's top in a plain case, by exact figures: posts of 20 px on a rim of 200.
import { entryOf, freeSpot, jumperPaths, leadPath, wayBetween, type Top } from './ways'

const post = (x: number, y: number) => ({ x, y, r: 20 })
const topOf = (...posts: ReturnType<typeof post>[]): Top => ({ x: 0, y: 0, r: 200, posts })
const EVERYWHERE = () => true

describe('a jumper', () => {
  const [left, right] = [post(-100, 0), post(100, 0)]
  it('is straight where nothing is between its posts', () => {
    expect(jumperPaths([[left, right]], topOf(left, right))).toEqual(['M-100 0L100 0'])
    // Nine pixels of light beside a post are enough, one less is not.
    expect(jumperPaths([[left, right]], topOf(left, right, post(0, 29)))).toEqual(['M-100 0L100 0'])
    expect(jumperPaths([[left, right]], topOf(left, right, post(0, 28)))[0]).toContain('C')
  })
  it('bows away from a post that it would run over, as little as it must', () => {
    // A post 20 px below the line: its edge reaches the line. 24 px at a third and two thirds lift the middle by 18.
    const path = jumperPaths([[left, right]], topOf(left, right, post(0, 20)))[0] ?? ''
    const [, y1, y2] = /C\S+ (\S+) \S+ (\S+) /.exec(path) ?? []
    expect([Number(y1), Number(y2)].every((y) => y <= 0)).toBe(true)
    expect(Math.abs(Number(y1)) + Math.abs(Number(y2))).toBeLessThanOrEqual(24)
  })
  it('of a post on each side of its way takes the nearer way round', () => {
    const path = jumperPaths([[left, right]], topOf(left, right, post(0, 0), post(0, -50)))[0] ?? ''
    const [, y1, y2] = /C\S+ (\S+) \S+ (\S+) /.exec(path) ?? []
    // Above stand two posts: it goes below.
    expect([Number(y1) > 0, Number(y2) > 0]).toEqual([true, true])
  })
  it('stays inside the rim, nine pixels at least', () => {
    const [a, b] = [post(-60, 170), post(60, 170)]
    const path = jumperPaths([[a, b]], topOf(a, b, post(0, 165)))[0] ?? ''
    const [, y1, y2] = /C\S+ (\S+) \S+ (\S+) /.exec(path) ?? []
    expect([Number(y1) < 170, Number(y2) < 170]).toEqual([true, true])
  })
  it('where no way is clear takes the one with the most light', () => {
    const wall = [-60, -20, 20, 60].map((y) => post(0, y))
    const { path, points } = wayBetween(left, right, [left, right, ...wall], EVERYWHERE)
    expect(path).toContain('C')
    // Around the end of the wall, not through it.
    expect(Math.max(...points.filter((p) => Math.abs(p.x) < 20).map((p) => Math.abs(p.y)))).toBeGreaterThan(
      80,
    )
  })
  it('has 25 points along it, from post to post', () => {
    const { points } = wayBetween(left, right, [left, right], EVERYWHERE)
    expect(points.map(({ x }) => Math.round(x) + 0)).toEqual(
      // A straight cubic with its bends at the thirds goes at one speed.
      Array.from({ length: 25 }, (_, i) => Math.round(-100 + (200 * i) / 24) + 0),
    )
    for (const { y } of points) expect(y).toBeCloseTo(0, 9)
  })
  it('between two posts in one place is drawn, and is no number that is none', () =>
    expect(jumperPaths([[left, post(-100, 0)]], topOf(left))).toEqual(['M-100 0L-100 0']))
})

describe('a lead', () => {
  it('comes in from 17 px outside the rim, straight, from the nearest side', () => {
    const at = post(150, 0)
    expect(entryOf(at, topOf(at))).toEqual({ x: 217, y: 0 })
    expect(leadPath(at, topOf(at))).toBe('M217 0L150 0')
  })
  it('comes in beside a post that stands in its way', () => {
    const at = post(120, 0)
    const entry = entryOf(at, topOf(at, post(175, 0)))
    expect(Math.hypot(entry.x, entry.y)).toBeCloseTo(217, 9)
    // The line from there passes the other post at 29 px or more: the sine of its angle at the post times 55.
    const angle = Math.atan2(entry.y - at.y, entry.x - at.x)
    expect(Math.abs(55 * Math.sin(angle))).toBeGreaterThanOrEqual(29)
    // And no side further off was taken: a step of the compass less would not be clear.
    expect(entry.x).toBeGreaterThan(100)
  })
})

describe('a place for one more post', () => {
  it('is beside the one it belongs to, four pixels off, to the right where that is free', () => {
    const at = post(0, 0)
    expect(freeSpot(at, 12, topOf(at))).toEqual({ x: 36, y: 0, r: 12 })
  })
  it('keeps three pixels from every other post and eight from the rim', () => {
    const at = post(150, 0)
    const other = post(150, 60)
    const spot = freeSpot(at, 12, topOf(at, other))
    expect(Math.hypot(spot.x - 150, spot.y)).toBeCloseTo(36, 9)
    expect(Math.hypot(spot.x - 150, spot.y - 60)).toBeGreaterThanOrEqual(35)
    expect(Math.hypot(spot.x, spot.y) + 12 * Math.SQRT2).toBeLessThanOrEqual(192)
  })
  it('further off where it is crowded; on a top that is full beside the post all the same', () => {
    const at = post(0, 0)
    const around = Array.from({ length: 8 }, (_, i) =>
      post(45 * Math.cos((i * Math.PI) / 4), 45 * Math.sin((i * Math.PI) / 4)),
    )
    const spot = freeSpot(at, 12, topOf(at, ...around))
    expect(Math.hypot(spot.x, spot.y)).toBeGreaterThan(60)
    expect(freeSpot(at, 12, { ...topOf(at), r: 30 })).toEqual({ x: 32, y: 0, r: 12 })
  })
})
