// A round in marks, each with the moment it was lost at and what a master would have done there.
import { diagnose } from '../../diagnosis/diagnose'
import type { Subject } from '../../diagnosis/model'
import { faultById } from '../faults/faults'
import { labelsOf, learn, nothingKnown, subjectOf, type Known } from '../looks/known'
import { PART_NAMES } from '../unit/parts'
import type { Pair } from '../unit/truth'
import { testOf, type Round } from './round'

export const MARKS = ['safety', 'tests', 'cause', 'parts', 'cure'] as const
/** What is marked: hands, tests against the best that were there, the cause that was named, parts, and whether it runs. */
export type MarkId = (typeof MARKS)[number]

/** A moment at which something was lost. */
export interface Remark {
  /** Of the round's steps, from 0; null: of the round as a whole. */
  readonly step: number | null
  readonly text: string
}

/** 0 to 100, with why it is not 100. */
export interface Mark {
  readonly id: MarkId
  readonly points: number
  readonly remarks: readonly Remark[]
}

/** Points lost for a test that told less for its cost than the best that was there. Our judgement. */
const POOR_TEST = 12
/** Worth less than this share of the best one. Our judgement. */
const POOR_SHARE = 0.3
const GOOD_PART = 50
const FULL = 100

const mark = (id: MarkId, lost: number, remarks: readonly Remark[]): Mark => ({
  id,
  points: Math.max(0, FULL - lost),
  remarks,
})

/** The marks of a round; `faults`: what was really wrong. */
export function gradeRound(unit: Pair, round: Round, faults: readonly string[]): Mark[] {
  return [
    safety(round),
    tests(unit, round),
    cause(round, faults),
    parts(round),
    round.isCured
      ? mark('cure', 0, [])
      : mark('cure', FULL, [
          { step: null, text: 'It does not run as it should. Look again before it is handed over.' },
        ]),
  ]
}

function safety({ steps }: Round): Mark {
  const remarks = steps.flatMap(({ danger }, step) => (danger === null ? [] : [{ step, text: danger }]))
  return mark('safety', remarks.length > 0 ? FULL : 0, remarks)
}

/** Each test against what the app would have asked for then: bits for their cost, by its own ranking. */
function tests(unit: Pair, { steps }: Round): Mark {
  const known = nothingKnown()
  const subject = subjectOf(unit)
  const remarks: Remark[] = []
  const tried = new Set<string>()
  for (const [i, step] of steps.entries()) {
    if (step.act.do !== 'try') continue
    const better = tried.has(step.act.test)
      ? 'This was tried already, and tells nothing new.'
      : betterThan(unit, { known, subject, test: step.act.test })
    tried.add(step.act.test)
    if (better !== null) remarks.push({ step: i, text: better })
    if (step.answer) learn(known, step.act.test, step.answer)
  }
  return mark('tests', POOR_TEST * remarks.length, remarks)
}

interface Asking {
  readonly known: Known
  readonly subject: Subject
  readonly test: string
}

/** What would have told more; null: this was as good as any, or nearly. */
function betterThan(unit: Pair, { known, subject, test }: Asking): string | null {
  const said = diagnose({ unit: unit.healthy.unit, subject, ...known, ...labelsOf(unit) })
  const [best] = said.next
  const question = (id: string) => said.questions.find((q) => q.id === id)?.question ?? id
  if (said.state === 'settled') return `It was settled: ${said.sentence} No further test was needed.`
  if (!best || best.test === test) return null
  const chosen = said.next.find((n) => n.test === test)
  const worth = (n: typeof best) => n.bits / (1 + (testOf(unit, n.test)?.minutes ?? 1))
  if (chosen && worth(chosen) >= POOR_SHARE * worth(best)) return null
  return `“${question(best.test)}” would have told more here. ${best.why}`
}

function cause({ steps }: Round, faults: readonly string[]): Mark {
  const right = faults.flatMap((id) => faultById(id)?.causes ?? [])
  const named = steps.flatMap(({ act }, step) => (act.do === 'name' ? [{ step, cause: act.cause }] : []))
  const truth = faults.map((id) => faultById(id)?.name ?? id).join('; ')
  if (named.length === 0)
    return mark('cause', FULL, [{ step: null, text: `No cause was named. It was this: ${truth}.` }])
  const wrong = named.filter(({ cause: one }) => !right.includes(one))
  return mark(
    'cause',
    (FULL * wrong.length) / named.length,
    wrong.map(({ step }) => ({ step, text: `That was not it. It was this: ${truth}.` })),
  )
}

function parts({ steps }: Round): Mark {
  const remarks = steps.flatMap((step, i): Remark[] =>
    step.act.do === 'change' && step.wasBad === false
      ? [
          {
            step: i,
            text: `Nothing was wrong with ${PART_NAMES[step.act.part]}. Measure before a part is changed.`,
          },
        ]
      : [],
  )
  return mark('parts', GOOD_PART * remarks.length, remarks)
}

/** All marks in one figure, 0 to 100; a round that hurt is none. */
export const totalOf = (marks: readonly Mark[]): number =>
  marks.some(({ id, points }) => id === 'safety' && points === 0)
    ? 0
    : Math.round(marks.reduce((sum, m) => sum + m.points, 0) / marks.length)
