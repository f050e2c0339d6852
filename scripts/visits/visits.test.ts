// The robot on a few visits of every level: what may never happen does not, and the table says what it counts.
import { scoreOf } from './score'
import { visit } from './robot'

const SEEDS = Array.from({ length: 12 }, (_, i) => 500 + i)

it.each([1, 2, 3] as const)(
  'level %d: nothing dangerous, nothing stuck, what is proven runs right at first power',
  (level) => {
    const score = scoreOf(SEEDS.map((seed) => visit(seed, level)))
    expect(score.visits).toBe(SEEDS.length)
    expect([score.dangerous, score.stuck, score.wrong]).toEqual([0, 0, 0])
    expect(score.firstPower.right).toBe(score.firstPower.proven)
    expect(score.right).toBeGreaterThanOrEqual(0.9)
  },
)

it('the same seed is the same visit', () => expect(visit(500)).toEqual(visit(500)))
