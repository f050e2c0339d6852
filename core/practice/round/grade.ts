// A round in marks, each with the moment it was lost at and what a master would have done there.
import { SYMPTOMS } from '../../diagnosis/symptoms'
import { diagnose } from '../../diagnosis/diagnose'
import type { Subject } from '../../diagnosis/model'
import { faultById } from '../faults/faults'
import { tryTest } from '../looks/answer'
import { labelsOf, learn, nothingKnown, subjectOf, type Known } from '../looks/known'
import { PART_NAMES } from '../unit/parts'
import type { Pair } from '../unit/truth'
import { hookupRemarks } from './hookup-remarks'
import type { Round } from './round'

export const MARKS = ['safety', 'tests', 'cause', 'parts', 'hookup', 'papers', 'cure'] as const
/**
 * What is marked: hands, tests against the best that were there, the cause that was named, parts, what was fitted and what was left on
 * paper of it (where something was), and whether it runs.
 */
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
/** Points for each thing that the hookup has wrong, and for each paper that is missing. Our judgement. */
const [HOOKUP_WRONG, PAPER] = [50, 50]
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
    ...(round.steps.some(({ act }) => act.do === 'fit') ? [hookup(unit, round), papers(round)] : []),
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

/** Each test against what the app would have asked for then, by its own ranking. After a part was changed they look whether it runs. */
function tests(unit: Pair, { steps }: Round): Mark {
  const subject = subjectOf(unit)
  const known = knownAtFirst(unit, subject)
  const remarks: Remark[] = []
  const tried = new Set<string>()
  for (const [i, { act, tests: are, answer }] of steps.entries()) {
    if (act.do === 'change' || act.do === 'fit') break
    const [test] = are
    if (test === undefined || SEEN_FIRST.includes(test)) continue
    // Another pair of leads is the same test: only one that is tried again tells nothing new.
    const isAgain = tried.has(test)
    if (isAgain && act.do === 'try')
      remarks.push({ step: i, text: 'This was tried already, and tells nothing new.' })
    const better = isAgain ? null : betterThan(unit, { known, subject, tests: are })
    if (better !== null) remarks.push({ step: i, text: better })
    for (const id of are) tried.add(id)
    if (answer) learn(known, test, answer)
  }
  return mark('tests', POOR_TEST * remarks.length, remarks)
}

/** What a customer says, and who walks up sees. */
const SEEN_FIRST = Object.values(SYMPTOMS)

function knownAtFirst(unit: Pair, subject: Subject): Known {
  const known = nothingKnown()
  const symptoms = subject === 'fan' ? [SYMPTOMS.fan] : SEEN_FIRST
  for (const id of symptoms) learn(known, id, tryTest(id, { pair: unit, draw: () => 0.5 }))
  return known
}

interface Asking {
  readonly known: Known
  readonly subject: Subject
  /** The test, or all that the same reading answers. */
  readonly tests: readonly string[]
}

/** What would have been better; null: this was as good as any, or nearly. */
function betterThan(unit: Pair, { known, subject, tests: are }: Asking): string | null {
  const said = diagnose({ unit: unit.healthy.unit, subject, ...known, ...labelsOf(unit) })
  const [best] = said.next
  const question = (id: string) => said.questions.find((q) => q.id === id)?.question ?? id
  if (said.state === 'settled') return `It was settled: ${said.sentence} No further test was needed.`
  if (!best || are.includes(best.test)) return null
  const chosen = said.next.find((n) => are.includes(n.test))
  if (chosen && chosen.worth >= POOR_SHARE * best.worth) return null
  return `“${question(best.test)}” was the better test here. ${best.why}`
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

/** What was fitted, at its first power; where it had none, nobody knows. */
function hookup(unit: Pair, { steps }: Round): Mark {
  const remarks = steps.flatMap(({ power }, step): Remark[] =>
    power === null ? [] : hookupRemarks(unit, steps, step).map((text) => ({ step, text })),
  )
  const lastFit = steps.findLastIndex(({ act }) => act.do === 'fit')
  const unseen: Remark[] = steps.slice(lastFit).some(({ power }) => power !== null)
    ? []
    : [{ step: null, text: 'What was fitted had no power: nobody saw it run.' }]
  const isBurnt = steps.some(({ power }) => power?.isBurnt)
  return mark('hookup', isBurnt ? FULL : HOOKUP_WRONG * (remarks.length + 2 * unseen.length), [
    ...remarks,
    ...unseen,
  ])
}

/** What the next one at this unit finds of it. */
function papers({ steps }: Round): Mark {
  const at = steps.findIndex(({ act }) => act.do === 'hand-over')
  const over = steps[at]?.act
  if (over?.do !== 'hand-over') return mark('papers', 0, [])
  const remarks: Remark[] = [
    ...(over.readings
      ? []
      : [
          {
            step: at,
            text: 'Amps and turning at start-up were not written down: the next one has nothing to hold his own against.',
          },
        ]),
    ...(over.card
      ? []
      : [
          {
            step: at,
            text: 'The hookup is not proven on the board, so there is no card for the panel door.',
          },
        ]),
  ]
  return mark('papers', PAPER * remarks.length, remarks)
}

/** All marks in one figure, 0 to 100; a round that hurt is none. */
export const totalOf = (marks: readonly Mark[]): number =>
  marks.some(({ id, points }) => id === 'safety' && points === 0)
    ? 0
    : Math.round(marks.reduce((sum, m) => sum + m.points, 0) / marks.length)
