// What is learnt, by whom: lessons that ask for their skill, first rounds that teach one thing, and learners who grow.
import { FAULTS } from '../faults/faults'
import { drawsFrom } from '../../quantity/draws'
import { MARKS, gradeRound, totalOf, type Mark } from '../round/grade'
import { playRound } from '../round/round'
import type { Act } from '../round/act'
import { masterly } from '../testing/master'
import { unitOf } from '../unit/scenario'
import { fanDoesAtAll } from '../looks/fan'
import { runsRight } from '../looks/known'
import { drawLesson } from './draw-lesson'
import { firstRounds } from './first-rounds'
import { shown, SKILL_FACTS, SKILLS, teaches } from './skills'

it('every fault and every mark that a skill names is one', () => {
  const faults = FAULTS.map(({ id }) => id)
  for (const skill of SKILLS) {
    expect([skill, SKILL_FACTS[skill].faults.filter((id) => !faults.includes(id))]).toEqual([skill, []])
    expect([skill, SKILL_FACTS[skill].marks.every((id) => MARKS.includes(id))]).toEqual([skill, true])
  }
})

it.each(SKILLS.flatMap((skill) => ([1, 2, 3] as const).map((level) => [skill, level] as const)))(
  'a lesson in %s of level %d has a fault that asks for it, and is the same for the same seed',
  (skill, level) => {
    const lesson = drawLesson(skill, level, 40)
    expect(teaches(skill, lesson.faults)).toBe(true)
    expect(lesson.likeForLike).toBe(!SKILL_FACTS[skill].universal)
    expect(drawLesson(skill, level, 40)).toEqual(lesson)
    expect(runsRight(unitOf(lesson))).toBe(false)
  },
)

it('ten rounds to begin with, each with words of its own, for every skill', () => {
  const rounds = firstRounds()
  expect(rounds).toHaveLength(10)
  expect(new Set(rounds.map((r) => r.skill))).toEqual(new Set(SKILLS))
  expect(new Set(rounds.map((r) => r.scenario.lesson)).size).toBe(10)
})

it.each(firstRounds().map((round) => [round.id, round] as const))(
  '%s: the unit does what its customer says',
  (_, { scenario, skill }) => {
    const unit = unitOf(scenario)
    expect(runsRight(unit)).toBe(false)
    expect(scenario.likeForLike).toBe(!SKILL_FACTS[skill].universal)
    const says: Readonly<Record<string, RegExp>> = {
      hums: /hums/,
      push: /pushed|hums/,
      dead: /Nothing runs|does not run/,
      'wrong-speed': /too much air/,
    }
    expect(scenario.complaint).toMatch(says[fanDoesAtAll(unit)] ?? /^$/)
  },
)

const mark = (id: Mark['id'], points: number): Mark => ({ id, points, remarks: [] })

it('marks show a skill only where the round asked for it', () => {
  const marks = [
    mark('safety', 100),
    mark('tests', 60),
    mark('cause', 100),
    mark('parts', 50),
    mark('cure', 100),
  ]
  const can = ['capacitor-open']
  expect(shown('meter', marks, ['breaker-open'])).toBe(80)
  expect(shown('meter', marks, can)).toBeNull()
  expect(shown('capacitor', marks, can)).toBe(75)
  expect(shown('safe', marks, ['coil-dirty'])).toBe(100)
  expect(shown('leads', marks, ['bearing-seized'])).toBeNull()
  expect(shown('multi-tap', [...marks, mark('hookup', 50)], can)).toBe(50)
  const hurt = marks.map((m) => (m.id === 'safety' ? { ...m, points: 0 } : m))
  expect(SKILLS.map((skill) => shown(skill, hurt, can))).toEqual([0, ...SKILLS.slice(1).map(() => null)])
})

/** What a learner does wrong who does not know better, on a master's acts. */
const SLIPS: readonly ((acts: readonly Act[]) => Act[])[] = [
  (acts) => acts.filter((act) => act.do !== 'discharge'),
  (acts) => acts.map((act) => (act.do === 'disconnect' ? { ...act, locked: false } : act)),
  (acts) => acts.filter((act) => act.do !== 'name'),
  (acts) => acts.map((act) => (act.do === 'name' ? { ...act, cause: 'defrost-relay' } : act)),
  (acts) =>
    acts.flatMap((act): Act[] => (act.do === 'hand-over' ? [{ do: 'change', part: 'control' }, act] : [act])),
  (acts) => acts.filter((act) => act.do !== 'change'),
  (acts) =>
    acts.flatMap((act): Act[] => (act.do === 'name' ? [{ do: 'try', test: 'wiring-check' }, act] : [act])),
]
const ROUNDS = [
  ['cooling-2-pole-own-capacitor', 'bearing-seized'],
  ['cooling-2-pole-shared-capacitor', 'auxiliary-open'],
  ['gas-furnace-board', 'wheel-loose'],
  ['packaged-own-capacitor', 'contactor-coil'],
] as const

/** Spearman's rank correlation of a list with its own order; ties share their rank (textbook formula, Pearson of ranks). */
function rankCorrelation(list: readonly number[]): number {
  const ranks = list.map(
    (x) => list.filter((y) => y < x).length + (list.filter((y) => y === x).length + 1) / 2,
  )
  const mean = (list.length + 1) / 2
  const dot = (a: (i: number) => number, b: (i: number) => number) =>
    list.reduce((sum, _, i) => sum + (a(i) - mean) * (b(i) - mean), 0)
  const [rank, place] = [(i: number) => ranks[i]!, (i: number) => i + 1]
  return dot(rank, place) / Math.sqrt(dot(rank, rank) * dot(place, place))
}

it('learners whose skill grows get better marks over twenty rounds', () => {
  const units = ROUNDS.map(([unit, fault], i) => {
    const pair = unitOf({
      ...drawLesson('fault', 1, 1),
      unit,
      volts: 230,
      motor: unit === 'gas-furnace-board' ? 'marsh-33' : 'heron-16',
      ...(unit === 'gas-furnace-board' ? { volts: 115 } : {}),
      faults: [fault],
      seed: i,
    })
    return { pair, fault, acts: masterly(pair, fault, i), seed: i }
  })
  const known = new Map<string, number>()
  const marked = (at: number, slips: readonly number[]): number => {
    const key = `${at} ${slips.join()}`
    const { pair, fault, acts, seed } = units[at]!
    const done = slips.reduce<readonly Act[]>((before, i) => SLIPS[i]!(before), acts)
    const total = known.get(key) ?? totalOf(gradeRound(pair, playRound(pair, done, seed), [fault]))
    known.set(key, total)
    return total
  }
  const LEARNERS = 200
  const means = Array.from({ length: 20 }, () => 0)
  for (let learner = 0; learner < LEARNERS; learner++) {
    const draw = drawsFrom(1000 + learner)
    for (let round = 0; round < 20; round++) {
      // From knowing a third of it to nearly all.
      const skill = 0.33 + (0.65 * round) / 19
      const slips = SLIPS.flatMap((_, i) => (draw() > skill ? [i] : []))
      means[round]! += marked(Math.floor(draw() * units.length), slips) / LEARNERS
    }
  }
  expect(rankCorrelation([1, 2, 3, 4])).toBeCloseTo(1, 9)
  expect(rankCorrelation([4, 3, 2, 1])).toBeCloseTo(-1, 9)
  expect(rankCorrelation(means)).toBeGreaterThan(0.8)
})
