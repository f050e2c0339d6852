// Which test to do next: the most doubt taken away for its minutes and its risk; and when to stop.
import { at } from '../quantity/at'
import type { Cause, Model, ModelTest } from './model'
import { expectedBits, predict, type Answers } from './posterior'
import { SYMPTOMS } from './symptoms'

/** A live measurement is worth doing only for clearly more: its minutes count so many times. Our judgement. */
const RISK: Readonly<Record<ModelTest['kind'], number>> = { look: 1, 'power-off': 1.2, live: 2.2 }
/** Getting ready, minutes: locking out and proving dead, or gloves and leads. Our judgement. */
const READY_MINUTES: Readonly<Record<ModelTest['kind'], number>> = { look: 0.5, 'power-off': 2, live: 1.5 }
/**
 * On top of every test's cost, minutes: without it five looks that tell next to nothing go before the one test that tells. Found with the
 * robot (`npm run bench:visits`), 0 to 16: with more of it tests grow hardly fewer, and their minutes more.
 */
const STOP_MINUTES = 6
/** What a fact is worth beside the doubt that it takes away, bits: with it the search may end. Found with the robot, 0 to 3. */
const FACT_BITS = 1.5
/** Less than this is not worth asking, bits. Our judgement. */
const LEAST_BITS = 0.02
/** A cause at or above this, with its own test done, is settled. Our judgement. */
const SETTLED = 0.9
/** From here on its own test comes before any other. Our judgement. */
const WORTH_CONFIRMING = 0.75

/** A test and what it is worth, and why. */
export interface NextTest {
  readonly test: string
  /** Of information, on the average. */
  readonly bits: number
  /** What it tells and finds for what it takes, bits a minute: what the rest is ranked by. */
  readonly worth: number
  readonly why: string
}

/** What to do next. */
export interface Suggestion {
  readonly next: readonly NextTest[]
  /** `settled`: act. `go-on`: do the next test. `nothing-left`: no test here tells them apart. */
  readonly state: 'settled' | 'go-on' | 'nothing-left'
}

/** Were the answers given that this test waits for, and none that settles it? */
export const isAllowed = (test: ModelTest, answers: Answers, beyond: readonly string[] = []): boolean =>
  Object.entries(test.needs ?? {}).every(([other, wanted]) => wanted.includes(answers[other] ?? null)) &&
  !Object.entries(test.settledBy ?? {}).some(([other, said]) => said.includes(answers[other] ?? '')) &&
  (test.settlesOverRangeOf === undefined || beyond.includes(test.settlesOverRangeOf))
const costOf = (test: ModelTest): number => READY_MINUTES[test.kind] + test.minutes * RISK[test.kind]

/** Whether an answer to a test, beside what is known, makes a fact of a fault that does what is seen. */
export type MakesFact = (test: string, answer: string) => boolean

/** `bits`: what it tells; beside them counts the chance that it makes a fact. */
function worthOf(test: ModelTest, bits: number, causes: readonly number[], makesFact: MakesFact): number {
  const finds = predict(test, causes).reduce(
    (sum, chance, a) => sum + (makesFact(test.id, at(test.answers, a).id) ? chance : 0),
    0,
  )
  return (bits + FACT_BITS * finds) / (STOP_MINUTES + costOf(test))
}

const isSymptom = (id: string): boolean => Object.values(SYMPTOMS).includes(id)

/** Readings that did not tell, by test. */
export interface Doubts {
  /** Their figure is on record, so they are not asked again. */
  readonly doubtful: readonly string[]
  /** Of these, those beyond the meter’s range: OL. */
  readonly beyond: readonly string[]
}

/** Which test next: what settles a doubtful reading, then what confirms the best cause, then what tells and finds most for its minutes. */
export function suggest(
  model: Model,
  causes: readonly number[],
  answers: Answers,
  { doubtful, beyond, makesFact }: Doubts & { readonly makesFact: MakesFact },
): Suggestion {
  if (model.causes.length === 0) return { next: [], state: 'nothing-left' }
  const open = model.tests.filter(
    (t) => answers[t.id] === undefined && !doubtful.includes(t.id) && isAllowed(t, answers, beyond),
  )
  const asNext = (test: ModelTest, bits: number): NextTest => ({
    test: test.id,
    bits,
    worth: worthOf(test, bits, causes, makesFact),
    why: whyOf(test, bits),
  })
  const ranked = open
    .map((test) => ({ test, bits: expectedBits(test, causes) }))
    .filter(({ bits }) => bits >= LEAST_BITS)
    .map(({ test, bits }) => asNext(test, bits))
    // What it does is what every other answer is held against.
    .sort((a, b) => Number(isSymptom(b.test)) - Number(isSymptom(a.test)) || b.worth - a.worth)
  const best = topOf(model.causes, causes)
  const confirming = confirmOf(best.cause, open, answers)
  // Without a supply there is no call either: only with it is the call what is missing.
  const halfTold = answers.call === 'none' ? open.find((t) => t.id === 'supply') : undefined
  const settling =
    open.find((t) => t.settlesOverRangeOf !== undefined) ??
    open.find(
      (t) =>
        t.settlesDoubtOf !== undefined &&
        doubtful.includes(t.settlesDoubtOf) &&
        expectedBits(t, causes) >= LEAST_BITS,
    )
  const first = settling ?? halfTold ?? (best.chance >= WORTH_CONFIRMING ? confirming : undefined)
  const next = first
    ? [
        {
          ...asNext(first, expectedBits(first, causes)),
          why:
            first === settling
              ? (first.note ?? '')
              : `It confirms or clears: ${best.cause.name.charAt(0).toLowerCase()}${best.cause.name.slice(1)}.`,
        },
        ...ranked.filter(({ test }) => test !== first.id),
      ]
    : ranked
  if (best.chance >= SETTLED && !confirming && !settling && best.cause.id !== 'other')
    return { next, state: 'settled' }
  return { next, state: next.length > 0 ? 'go-on' : 'nothing-left' }
}

function topOf(
  causes: readonly Cause[],
  chances: readonly number[],
): { readonly cause: Cause; readonly chance: number } {
  const i = chances.indexOf(Math.max(...chances))
  return { cause: at(causes, i), chance: at(chances, i) }
}

/** The cheapest test that confirms this cause, unless one of them is done. An open winding that was read hot is confirmed cold. */
function confirmOf(cause: Cause, open: readonly ModelTest[], answers: Answers): ModelTest | undefined {
  if (
    cause.id === 'winding-open' &&
    ['all-open', 'common-open'].includes(answers.ohms ?? '') &&
    answers.cooled === undefined &&
    answers.heat !== 'cold'
  )
    return open.find((t) => t.id === 'cooled')
  if (cause.confirmedBy.some((id) => answers[id] !== undefined)) return undefined
  return open.filter((t) => cause.confirmedBy.includes(t.id)).sort((a, b) => costOf(a) - costOf(b))[0]
}

const KIND_WORDS: Readonly<Record<ModelTest['kind'], string>> = {
  look: 'only a look',
  'power-off': 'power off',
  live: 'live: qualified people, rated meter',
}
const whyOf = (test: ModelTest, bits: number): string =>
  `${bits >= 0.5 ? 'Tells much' : bits >= 0.15 ? 'Tells something' : 'Tells little'} for ${test.minutes < 1 ? 'half a minute' : `${test.minutes} min`}; ${KIND_WORDS[test.kind]}.`
