import { standings, weakest, type Shown } from './schedule'

const DAY = 86_400_000
const shown = (skill: string, ...marks: readonly (readonly [day: number, points: number])[]): Shown[] =>
  marks.map(([day, points]) => ({ skill, points, at: day * DAY }))

it('a skill that was never shown is due at once, and comes first, in order', () => {
  const all = standings(['safe', 'meter', 'leads'], shown('safe', [0, 100]), DAY)
  expect(all[1]).toEqual({ skill: 'meter', rounds: 0, last: null, sits: 0, due: null, level: 1 })
  expect(weakest(all, DAY)?.skill).toBe('meter')
})

it('sits less with time, and longer after a good mark than after a bad one', () => {
  const at = (points: number, day: number) =>
    standings(['safe'], shown('safe', [0, points]), day * DAY)[0]!.sits
  expect(at(80, 1)).toBeGreaterThan(at(80, 20))
  expect(at(100, 20)).toBeGreaterThan(at(30, 20))
})

it('a good mark is due later than a bad one', () => {
  const due = (points: number) => standings(['safe'], shown('safe', [0, points]), 0)[0]!.due!
  expect(due(100)).toBeGreaterThan(due(80))
  expect(due(80)).toBeGreaterThan(due(20))
})

it('of those that are due, the one that sits least; where none is due, the least of all', () => {
  const marks = [...shown('safe', [0, 20]), ...shown('meter', [0, 100])]
  expect(weakest(standings(['meter', 'safe'], marks, 2 * DAY), 2 * DAY)?.skill).toBe('safe')
  expect(weakest(standings(['meter'], shown('meter', [0, 100]), 0), 0)?.skill).toBe('meter')
  expect(weakest([], 0)).toBeNull()
})

it.each([
  [[], 1],
  [[90], 1],
  [[90, 90], 2],
  [[90, 60, 90], 1],
  [[90, 90, 90, 90], 3],
  [[90, 90, 90, 90, 90, 90], 3],
  [[90, 90, 40], 1],
] as const)('marks %j are level %d', (marks, level) =>
  expect(
    standings(['safe'], shown('safe', ...marks.map((m, i) => [i, m] as const)), 30 * DAY)[0]!.level,
  ).toBe(level),
)

it('the order in which marks were written down changes nothing', () => {
  const marks = shown('safe', [0, 20], [3, 90], [9, 100])
  expect(standings(['safe'], [...marks].reverse(), 10 * DAY)).toEqual(standings(['safe'], marks, 10 * DAY))
})
