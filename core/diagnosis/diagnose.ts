// What was found, the ranked causes of a fault, with what speaks for and against each, what contradicts, and the next test worth doing.
import { known } from '../quantity/at'
import type { UnitType } from '../wiring/unit-type'
import { tooHigh, type Probe, type ReadingAnswer } from './answers'
import { factsBy, foundFaults, isTaken, SWOLLEN, unexplained, type FoundFault } from './found'
import {
  CONTRIBUTORY,
  modelFor,
  SUBJECTS,
  type Cause,
  type Model,
  type ModelTest,
  type Subject,
} from './model'
import { beforeClosing, dueFirst } from './before-closing'
import { isAllowed, suggest, type Doubts, type NextTest, type Suggestion } from './next-test'
import { answerIndex, posterior, predict, type Answers } from './posterior'
import { answersOfBoth, readAnswers, type SeenAndRead } from './seen'

/** What was seen and read, and what is asked about it. */
export interface DiagnosisInput extends SeenAndRead {
  /** Which causes are ranked and which questions asked: the fan's, unless said otherwise. What was found is found of both. */
  readonly subject?: Subject
}

/** How a chance is called; `found`: measured or seen, and no chance any more. */
export type Strength = 'found' | 'strong' | 'likely' | 'possible' | 'unlikely'

/** A cause with its chance, what speaks for and against it, and what to do. */
export interface RankedCause {
  readonly id: string
  readonly name: string
  /** 0 to 1; all causes sum to 1. */
  readonly chance: number
  readonly strength: Strength
  readonly for: readonly string[]
  readonly against: readonly string[]
  readonly remedy: string
  readonly stage: NonNullable<Cause['stage']> | null
  /** The work that mends it; null: none of the list. */
  readonly work: string | null
}

/** A test as the screens show it. */
export interface Question {
  readonly id: string
  readonly question: string
  readonly kind: ModelTest['kind'] | 'contributory'
  readonly note: string | null
  readonly answers: readonly { readonly id: string; readonly text: string }[]
  readonly reads: string | null
  /** The answer in force, from a tap or a reading. */
  readonly answer: string | null
  /** Worth asking after what is known; else it waits for another answer. */
  readonly open: boolean
}

/** What was found, the other causes likeliest first, and the next test worth doing. */
export interface Diagnosis {
  /** Facts, of fan and compressor: what hurts or ends the machine first. */
  readonly found: readonly FoundFault[]
  /** Found ones first, then the likeliest first. */
  readonly causes: readonly RankedCause[]
  readonly state: Suggestion['state']
  readonly sentence: string
  /** What must be seen to before anything else, in whole sentences: volts that are too high. */
  readonly dangers: readonly string[]
  readonly next: readonly NextTest[]
  /** Evidence that goes badly with the rest. */
  readonly contradictions: readonly string[]
  /** What did not stop the fan by itself but helped, or stays suspect. */
  readonly contributory: readonly string[]
  /** Every test of this unit, in the order of the model; then what may have contributed. */
  readonly questions: readonly Question[]
  /** Readings as they were judged. */
  readonly readings: readonly ReadingAnswer[]
  /** Observations that name a test or an answer this unit does not have. */
  readonly ignored: readonly string[]
}

/** How far a likelihood must stand from the average to speak for or against. Our judgement. */
const SPEAKS = 1.6

/** Ranked causes from what was seen and read. The order of the input changes nothing; with nothing seen the chances are the priors. */
export function diagnose(input: DiagnosisInput): Diagnosis {
  const { subject = 'fan', unit, observations } = input
  const model = modelFor(unit, subject)
  const readings = readAnswers(input)
  const dangers = tooHigh(input.readings, unit.volts)
  const answersOf = answersOfBoth(input, readings)
  const answers = answersOf[subject]
  const found = foundFaults(unit, answersOf)
  const toGround = beforeClosing(
    SUBJECTS.map((s) => modelFor(unit, s)),
    answers,
  )
  const taken = isTaken(answers, found)
  const due = toGround.filter(({ id }) => !taken && SUBJECTS.every((s) => answersOf[s][id] === undefined))
  const asked = [...model.tests, ...toGround.filter(({ id }) => !model.tests.some((t) => t.id === id))]
  const own = readings.filter((r) => asked.some((t) => t.id === r.test))
  const chances = posterior(model, answers)
  const doubts = doubtsOf(own, answers, input.readings)
  // What is mended by the work that is to be done anyway is not worth a test of its own.
  const makesFact = (test: string, answer: string) =>
    factsBy({ model, subject, answers }, [test, answer], found).some((c) =>
      found.every((f) => mendOf(f) !== mendOf(c)),
    )
  const suggested = dueFirst(suggest(model, chances, answers, { ...doubts, makesFact }), due)
  const causes = rankedCauses(model, { chances, answers, found })
  const said = disagreements(model, observations, own)
  const isDoubtful =
    doubts.beyond.some((test) => !isToldByOhms(model, answers, test)) ||
    said.length > 0 ||
    unexplained(model, answers, subject, found).length > 0
  const cleared = model.causes.filter((c) => c.confirmedBy.some((test) => answers[test] !== undefined))
  const state = stateOf(suggested.state, {
    found,
    subject,
    isTaken: taken,
    isDoubtful: isDoubtful || due.length > 0,
    // One whose own test is done is found by it, or cleared.
    rivals: causes.filter((c) => c.strength !== 'found' && !cleared.some(({ id }) => id === c.id)),
  })
  return {
    found,
    causes,
    state,
    sentence: dangers[0] ?? sentenceOf(causes, state, { found, subject, seen: Object.keys(answers).length }),
    dangers,
    next: suggested.next,
    contradictions: [...said, ...contradictions(model, answers)],
    contributory: CONTRIBUTORY.filter((c) => observations[c.id] === c.when).map((c) => c.words),
    questions: questionsOf(
      asked,
      { ...answersOf.compressor, ...answersOf.fan, ...answers },
      observations,
      doubts.beyond,
    ),
    readings: own,
    ignored: ignoredOf(unit, observations),
  }
}

/** Readings that did not tell, and which of them showed OL. */
function doubtsOf(
  readings: readonly ReadingAnswer[],
  answers: Answers,
  read: DiagnosisInput['readings'],
): Doubts {
  const doubtful = readings
    .filter((r) => r.answer === null && answers[r.test] === undefined)
    .map((r) => r.test)
  const isBeyond = (test: string) => read[CAN_READINGS[test] ?? 'celsius-motor']?.value === 'OL'
  return { doubtful, beyond: doubtful.filter((test) => CAN_READINGS[test] !== undefined && isBeyond(test)) }
}

/** A side whose µF the meter could not show, and whose ohms say that it is dead. */
const isToldByOhms = ({ tests }: Model, answers: Answers, test: string): boolean =>
  tests.some(
    ({ id, settlesOverRangeOf }) =>
      settlesOverRangeOf === test && ['near-nothing', 'dead-open'].includes(answers[id] ?? ''),
  )

/** Where the µF of a side are read. */
const CAN_READINGS: Readonly<Record<string, Probe>> = {
  'microfarads-fan': 'microfarads-FAN',
  'comp-microfarads': 'microfarads-HERM',
}

interface Ranking {
  readonly chances: readonly number[]
  readonly answers: Answers
  readonly found: readonly FoundFault[]
}

function rankedCauses(model: Model, { chances, answers, found }: Ranking): RankedCause[] {
  const place = (id: string) => {
    // Both sides of one capacitor are one fault: of the compressor's it is found by that.
    const at = found.findIndex((f) => f.id === id || (id === 'comp-capacitor' && f.id === 'capacitor-both'))
    return at < 0 ? Infinity : at
  }
  return model.causes
    .map((cause, c): RankedCause => ({
      id: cause.id,
      name: cause.name,
      chance: chances[c]!,
      strength: place(cause.id) < Infinity ? 'found' : strengthOf(chances[c]!),
      ...spoken(model, answers, c),
      remedy: cause.remedy,
      stage: cause.stage ?? null,
      work: cause.work ?? null,
    }))
    .sort((a, b) => firstOf(place(a.id), place(b.id)) || b.chance - a.chance)
}

const firstOf = (a: number, b: number): number => (a === b ? 0 : a < b ? -1 : 1)

interface Standing {
  readonly found: readonly FoundFault[]
  /** Causes that nothing has found or cleared. */
  readonly rivals: readonly RankedCause[]
  readonly subject: Subject
  /** A reading is beyond the meter, tap and figure disagree, a sign is there that nothing found explains, or a test is due. */
  readonly isDoubtful: boolean
  /** The supply is missing, and what took it was found. */
  readonly isTaken: boolean
}

/** From here on another cause beside what was found is worth a test. Our judgement. */
const ALSO_LIKELY = 0.3

const mendOf = ({ stage, work }: Partial<Pick<RankedCause, 'stage' | 'work'>>): string | null =>
  stage ?? work ?? null

/** What was found settles it, where it does what was seen and, of one fault alone, nothing else is as likely. */
function stateOf(
  suggested: Suggestion['state'],
  { found, rivals, subject, isDoubtful, isTaken }: Standing,
): Suggestion['state'] {
  const own = found.filter((f) => f.subject === subject)
  // What the same work mends is no rival: a motor that is to ground is changed, whether turns of it are shorted too or not. What a look found is
  // read as well.
  const rival = rivals.find(
    (c) =>
      c.id !== 'other' &&
      c.id !== 'comp-other' &&
      !own.some((f) => f.id !== SWOLLEN.id && mendOf(f) === mendOf(c)),
  )
  const isAlone = found.length > 1 || (rival?.chance ?? 0) < ALSO_LIKELY
  const isSettled = isTaken ? !isDoubtful : own.some((f) => f.explains) && !isDoubtful && isAlone
  if (isSettled) return 'settled'
  // What was found alone does not do what is seen, however likely it is: something else is there too.
  return suggested === 'settled' && own.length > 0 && !own.some((f) => f.explains) ? 'go-on' : suggested
}

function questionsOf(
  asked: readonly ModelTest[],
  answers: Answers,
  observations: Answers,
  beyond: readonly string[],
): Question[] {
  const tests = asked.map((test): Question => ({
    id: test.id,
    question: test.question,
    kind: test.kind,
    note: test.note ?? null,
    answers: test.answers.map(({ id, text }) => ({ id, text })),
    reads: test.reads ?? null,
    answer: answers[test.id] ?? null,
    open: isAllowed(test, answers, beyond),
  }))
  const beside = CONTRIBUTORY.map(({ id, question, answers: options }): Question => ({
    id,
    question,
    kind: 'contributory',
    note: null,
    answers: options,
    reads: null,
    answer: observations[id] ?? null,
    open: true,
  }))
  return [...tests, ...beside]
}

/** From which chance on a cause is called what. Our judgement. */
const STRENGTHS: readonly (readonly [number, Strength])[] = [
  [0.9, 'strong'],
  [0.6, 'likely'],
  [0.2, 'possible'],
]
const strengthOf = (chance: number): Strength =>
  STRENGTHS.find(([least]) => chance >= least)?.[1] ?? 'unlikely'

const textOf = (test: ModelTest, a: number): string =>
  `${test.question.replace(/[?:]$/, '')}: ${(test.answers[a]?.text ?? '').toLowerCase()}`

/** Against how usual the answer is under the other causes before anything was seen: what a person calls a sign of it. */
function spoken(
  { tests, priors }: Model,
  answers: Answers,
  c: number,
): { readonly for: string[]; readonly against: string[] } {
  const found: { for: string[]; against: string[] } = { for: [], against: [] }
  for (const test of tests) {
    const a = answerIndex(test, answers)
    if (a < 0) continue
    const here = known(test.rows[c]?.[a], 'The likelihood')
    const others =
      priors.reduce(
        (sum, p, i) => (i === c ? sum : sum + p * known(test.rows[i]?.[a], 'The likelihood')),
        0,
      ) /
      (1 - priors[c]!)
    if (here > others * SPEAKS) found.for.push(textOf(test, a))
    else if (here < others / SPEAKS) found.against.push(textOf(test, a))
  }
  return found
}

interface Known {
  readonly found: readonly FoundFault[]
  readonly subject: Subject
  /** How many answers there are. */
  readonly seen: number
}

function sentenceOf(
  causes: readonly RankedCause[],
  state: Suggestion['state'],
  { found, subject, seen }: Known,
): string {
  if (found.length > 0) return foundSentence(found, state, subject)
  const [top, second] = causes
  if (!top || seen === 0) return `Nothing is seen yet. Begin with what the ${subject} does.`
  if (state === 'settled') return `${top.name}.`
  if (top.strength === 'strong' || top.strength === 'likely') return `Probably: ${lower(top.name)}.`
  if (second && top.strength === 'possible')
    return `Not told apart yet: ${lower(top.name)}, or ${lower(second.name)}.`
  return 'Too little is seen to name a cause.'
}

/** "Found: the fan’s capacitor is open or shorted; the compressor’s side has failed." */
function foundSentence(found: readonly FoundFault[], state: Suggestion['state'], subject: Subject): string {
  const names = `Found: ${found.map(({ name }) => lower(name)).join('; ')}.`
  const own = found.filter((f) => f.subject === subject)
  if (own.length === 0 || own.some((f) => f.explains))
    return state === 'go-on' ? `${names} More may be wrong.` : names
  return `${names} That alone does not make the ${subject} do what it does: go on.`
}

const lower = (text: string) => text.charAt(0).toLowerCase() + text.slice(1)

/** A tapped answer and a figure that say different things. */
function disagreements(model: Model, observations: Answers, readings: readonly ReadingAnswer[]): string[] {
  return model.tests.flatMap((test) => {
    const tapped = test.answers.find((a) => a.id === observations[test.id])
    const read = readings.find((r) => r.test === test.id)
    if (!tapped || !read?.answer || read.answer === tapped.id) return []
    return [
      `${test.question}: tapped “${tapped.text.toLowerCase()}”, but the reading says otherwise (${read.words}) The reading counts.`,
    ]
  })
}

/** Rare after the rest, though not rare in itself. Our judgement. */
const RARE = 0.08
const RARER = 3

/** The named causes alone: “something else” goes with everything, and so contradicts nothing. */
function named({ causes }: Model, chances: readonly number[]): number[] {
  const kept = chances.map((p, c) => (causes[c]?.id === 'other' ? 0 : p))
  const total = kept.reduce((a, b) => a + b, 0)
  return kept.map((p) => p / total)
}

function contradictions(model: Model, answers: Answers): string[] {
  const seen = model.tests.filter((t) => answerIndex(t, answers) >= 0)
  if (seen.length < 2) return []
  return seen.flatMap((test) => {
    const a = answerIndex(test, answers)
    const expected = predict(test, named(model, posterior(model, answers, test.id)))[a]!
    const usual = predict(test, named(model, model.priors))[a]!
    if (expected >= RARE || usual < expected * RARER) return []
    return [
      `“${textOf(test, a)}” goes badly with the rest: it is seen in about ${Math.max(1, Math.round(100 * expected))} of 100 such cases. Look at it again.`,
    ]
  })
}

function ignoredOf(unit: UnitType, observations: Answers): string[] {
  const tests = SUBJECTS.flatMap((subject) => modelFor(unit, subject).tests)
  return Object.keys(observations).filter(
    (id) =>
      !CONTRIBUTORY.some((c) => c.id === id) &&
      !tests.some((t) => t.id === id && t.answers.some((a) => a.id === observations[id])),
  )
}
