// What to practise next: each skill is a card of a spaced-repetition scheduler, rated by what rounds showed of it.
import { createEmptyCard, fsrs, Rating, type Card, type Grade } from 'ts-fsrs'

/** What a round showed of one skill, ms and 0 to 100. */
export interface Shown {
  readonly skill: string
  readonly points: number
  readonly at: number
}

/** How a skill stands. */
export interface Standing {
  readonly skill: string
  readonly rounds: number
  /** The last mark; null: not shown yet. */
  readonly last: number | null
  /** How likely it still sits, 0 to 1. */
  readonly sits: number
  /** When it is due again, ms; null: at once. */
  readonly due: number | null
  readonly level: 1 | 2 | 3
}

/** Marks from which a round counts as hard, good, easy. Our judgement. */
const [HARD, GOOD, EASY] = [50, 75, 95]
/** Good rounds in a row that lift a level. Our judgement. */
const LIFTS = 2

const scheduler = fsrs({ enable_fuzz: false })

const ratingOf = (points: number): Grade => {
  if (points >= EASY) return Rating.Easy
  if (points >= GOOD) return Rating.Good
  return points >= HARD ? Rating.Hard : Rating.Again
}

/** Up after two good ones in a row, down after one that was not even hard. */
function levelOf(marks: readonly number[]): 1 | 2 | 3 {
  let [level, row] = [1, 0]
  for (const points of marks) {
    row = points >= GOOD ? row + 1 : 0
    if (row === LIFTS) [level, row] = [Math.min(3, level + 1), 0]
    if (points < HARD) level = Math.max(1, level - 1)
  }
  return level as 1 | 2 | 3
}

function standingOf(skill: string, shown: readonly Shown[], now: number): Standing {
  const own = shown.filter((s) => s.skill === skill).sort((a, b) => a.at - b.at)
  const [first] = own
  if (!first) return { skill, rounds: 0, last: null, sits: 0, due: null, level: 1 }
  const card = own.reduce<Card>(
    (before, { at, points }) => scheduler.next(before, new Date(at), ratingOf(points)).card,
    createEmptyCard(new Date(first.at)),
  )
  return {
    skill,
    rounds: own.length,
    last: own.at(-1)?.points ?? null,
    sits: scheduler.get_retrievability(card, new Date(now), false),
    due: card.due.getTime(),
    level: levelOf(own.map((s) => s.points)),
  }
}

/** Each skill, in the order given. */
export const standings = (skills: readonly string[], shown: readonly Shown[], now: number): Standing[] =>
  skills.map((skill) => standingOf(skill, shown, now))

/** The skill to practise now: one that was never shown, in order; else the one that sits least. null: there are none. */
export function weakest(all: readonly Standing[], now: number): Standing | null {
  const fresh = all.find((s) => s.rounds === 0)
  if (fresh) return fresh
  const due = all.filter((s) => (s.due ?? 0) <= now)
  const among = due.length > 0 ? due : all
  return [...among].sort((a, b) => a.sits - b.sits || (a.last ?? 0) - (b.last ?? 0))[0] ?? null
}
