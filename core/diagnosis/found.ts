// What was measured dead or seen broken is a fact: it is named as found, and no likelihood stands before it. Several can stand side by side.
import type { UnitType } from '../wiring/unit-type'
import { modelFor, SUBJECTS, type Cause, type Model, type ModelTest, type Subject } from './model'
import { answerIndex, type Answers } from './posterior'
import { SYMPTOMS } from './symptoms'

/** A fault that was found, by what. */
export interface FoundFault {
  readonly id: string
  readonly subject: Subject
  readonly name: string
  /** What was read or seen, in words, and by which tests. */
  readonly for: readonly string[]
  readonly by: readonly string[]
  readonly remedy: string
  readonly stage: NonNullable<Cause['stage']> | null
  /** The work that mends it; null: none of the list. */
  readonly work: string | null
  /** It alone makes what it is about do what was seen; also where nothing was seen yet. */
  readonly explains: boolean
}

/** One set of answers that makes a cause a fact: all of them. */
interface Rule {
  readonly subject: Subject
  readonly cause: string
  readonly when: Answers
  /** Not where one of these was answered so: then it is only what follows from that. */
  readonly unless?: Answers
  /** Only of a machine of which this is never asked. */
  readonly without?: string
}

const fan = (cause: string, when: Answers, unless?: Answers): Rule => ({
  subject: 'fan',
  cause,
  when,
  ...(unless ? { unless } : {}),
})
const compressor = (cause: string, when: Answers, unless?: Answers): Rule => ({
  ...fan(cause, when, unless),
  subject: 'compressor',
})

/** A swollen can is replaced whatever it reads; it is in no ranking, for it is looked at, not inferred. */
export const SWOLLEN: Cause = {
  id: 'can-swollen',
  name: 'The capacitor is swollen or leaks',
  prior: {},
  remedy: 'Replace it whatever it reads: a dual whole, both sides.',
  confirmedBy: ['can-top'],
  stage: 'capacitor',
}

/** Common practice, no source. What hurts or ends the machine first. */
const RULES: readonly Rule[] = [
  compressor('comp-grounded', { 'comp-shell': 'low' }),
  compressor('comp-shorted', { 'comp-ohms': 'low' }),
  compressor('comp-open', { 'comp-ohms': 'one-open', 'comp-heat': 'cold' }),
  compressor('comp-open', { 'comp-ohms': 'one-open', 'comp-cooled': 'still-open' }),
  compressor('comp-open', { 'comp-ohms': 'common-open', 'comp-cooled': 'still-open' }),
  fan('winding-grounded', { 'ohms-frame': 'low' }),
  fan('winding-shorted', { ohms: 'low' }),
  fan('winding-open', { ohms: 'one-open', heat: 'cold' }),
  ...['one-open', 'common-open', 'all-open'].flatMap((ohms) => [
    fan('winding-open', { ohms, cooled: 'still-open' }),
    fan('thermal', { ohms, cooled: 'reads' }),
  ]),
  // What does not turn by hand, and does not turn under power, is stuck.
  ...['dead', 'hums', 'trips'].map((does) => fan('bearing', { spin: 'seized', 'fan-does': does })),
  fan('bearing', { spin: 'play' }),
  fan('capacitor-both', { 'microfarads-fan': 'open', 'microfarads-compressor': 'open' }),
  fan('capacitor-both', { 'microfarads-fan': 'open', 'microfarads-compressor': 'out' }),
  fan('capacitor-both', { 'microfarads-fan': 'out', 'microfarads-compressor': 'open' }),
  fan('capacitor-both', { 'microfarads-fan': 'out', 'microfarads-compressor': 'out' }),
  fan('capacitor-open', { 'microfarads-fan': 'open' }),
  fan('capacitor-open', { 'can-ohms-fan': 'near-nothing' }),
  fan('capacitor-open', { 'can-ohms-fan': 'dead-open' }),
  fan('capacitor-weak', { 'microfarads-fan': 'out' }),
  fan('capacitor-weak', { substitute: 'cures' }),
  compressor('comp-capacitor', { 'comp-microfarads': 'open' }),
  compressor('comp-capacitor', { 'comp-microfarads': 'out' }),
  compressor('comp-capacitor', { 'can-ohms-compressor': 'near-nothing' }),
  compressor('comp-capacitor', { 'can-ohms-compressor': 'dead-open' }),
  fan('can-swollen', { 'can-top': 'swollen' }),
  fan('can-swollen', { 'can-top': 'leaks' }),
  compressor(
    'comp-overload',
    { 'comp-ohms': 'common-open', 'comp-heat': 'hot' },
    { 'comp-cooled': 'still-open' },
  ),
  compressor('comp-overload', { 'comp-ohms': 'common-open', 'comp-cooled': 'reads' }),
  compressor('comp-start', { 'comp-start-gear': 'bad' }),
  // It draws and does not turn, and all that could keep it from turning is good.
  ...['none', 'good'].map((gear) =>
    compressor('comp-locked', {
      'comp-amps': 'stays',
      'comp-microfarads': 'in',
      'comp-ohms': 'adds-up',
      'comp-start-gear': gear,
    }),
  ),
  // Of three phases there is no capacitor to blame: three lines alike, three windings alike, and it stands.
  {
    ...compressor('comp-locked', { 'comp-amps': 'stays', 'comp-volts': 'right', 'comp-ohms': 'adds-up' }),
    without: 'comp-microfarads',
  },
  compressor('comp-lead', { 'comp-terminals': 'burnt' }),
  fan('speeds-crossed', { 'speed-amps': 'crossed' }),
  fan('wiring', { 'wiring-check': 'differs' }, { 'speed-amps': 'crossed' }),
  fan('defrost-relay', { 'relay-bypass': 'runs' }),
  fan('wheel', { 'wheel-look': 'loose' }),
  fan('wheel', { 'wheel-look': 'dirty' }),
  fan('phase-lost', { 'motor-volts': 'one-dead' }),
  compressor('comp-phase-lost', { 'comp-volts': 'one-dead' }),
  fan('no-power', { supply: 'none' }),
  fan('supply-volts', { supply: 'low' }),
  fan('supply-volts', { supply: 'high' }),
  compressor('comp-supply-volts', { supply: 'low' }),
  compressor('comp-supply-volts', { 'comp-volts': 'off' }),
  fan('stuck-on', { 'fan-does': 'stays-on', 'off-call': 'none' }),
  fan('motor-wrong', { 'unit-plate': 'differs' }),
  // Without a supply there is no call either: only with it is the call what is missing.
  fan('no-call', { call: 'none', supply: 'right' }),
]

/** Of a capacitor only the worst that was found is named: both sides before one, dead before swollen. */
const CAN_CAUSES = ['capacitor-both', 'capacitor-open', 'capacitor-weak']

const isSo = (answers: Answers, wanted: Answers): boolean =>
  Object.entries(wanted).every(([test, answer]) => answers[test] === answer)

/** Both models' answers, each by its own tests. */
export type AnswersOf = Readonly<Record<Subject, Answers>>

/** Everything that was found, what hurts or ends the machine first. */
export function foundFaults(unit: UnitType, answersOf: AnswersOf): FoundFault[] {
  const models = Object.fromEntries(SUBJECTS.map((s) => [s, modelFor(unit, s)])) as Record<Subject, Model>
  const found = new Map<string, FoundFault>()
  for (const rule of RULES) {
    const { subject, cause: id, when } = rule
    const answers = answersOf[subject]
    const model = models[subject]
    const cause = causeOf(model, id)
    if (!cause || !holds(rule, model, answers) || isCovered(id, found)) continue
    const before = found.get(id)
    const words = Object.keys(when).flatMap((test) => wordsOf(model, answers, test))
    found.set(id, {
      id,
      subject,
      name: cause.name,
      for: [...new Set([...(before?.for ?? []), ...words])],
      by: [...new Set([...(before?.by ?? []), ...Object.keys(when)])],
      remedy: cause.remedy,
      stage: cause.stage ?? null,
      work: cause.work ?? null,
      explains: explains(model, answers, subject, id),
    })
  }
  return [...found.values()]
}

const causeOf = ({ causes }: Model, id: string): Cause | undefined =>
  id === SWOLLEN.id ? SWOLLEN : causes.find((c) => c.id === id)

const holds = ({ when, unless, without }: Rule, model: Model, answers: Answers): boolean =>
  isSo(answers, when) &&
  !Object.entries(unless ?? {}).some(([test, answer]) => answers[test] === answer) &&
  !model.tests.some(({ id }) => id === without)

/** Causes that this answer would make facts of, beside what is found; only those that do what is seen. */
export function factsBy(
  {
    model,
    subject,
    answers,
  }: { readonly model: Model; readonly subject: Subject; readonly answers: Answers },
  [test, answer]: readonly [string, string],
  found: readonly FoundFault[],
): Cause[] {
  const rules = RULES.filter((r) => r.subject === subject && r.when[test] === answer)
  if (rules.length === 0) return []
  const then = { ...answers, [test]: answer }
  const known = new Map(found.map((f) => [f.id, f]))
  return rules
    .filter((rule) => holds(rule, model, then) && !known.has(rule.cause) && !isCovered(rule.cause, known))
    .flatMap(({ cause }) => causeOf(model, cause) ?? [])
    .filter(({ id }) => explains(model, then, subject, id))
}

/** What has gone to ground takes the breaker: that the supply is missing is then no fault of its own. Common practice, no source. */
const TAKES_BREAKER = ['comp-grounded', 'winding-grounded']

/** The supply is missing, and what took it was found. */
export const isTaken = (answers: Answers, found: readonly FoundFault[]): boolean =>
  answers.supply === 'none' && found.some(({ id }) => TAKES_BREAKER.includes(id))

/** The same part was named already, by something worse; or what it follows from was. */
function isCovered(id: string, found: ReadonlyMap<string, FoundFault>): boolean {
  if (id === 'no-power') return TAKES_BREAKER.some((c) => found.has(c))
  if (id === SWOLLEN.id) return [...CAN_CAUSES, 'comp-capacitor'].some((c) => found.has(c))
  if (id === 'comp-capacitor') return found.has('capacitor-both')
  if (id === 'comp-supply-volts') return found.has('supply-volts')
  const place = CAN_CAUSES.indexOf(id)
  return place > 0 && CAN_CAUSES.slice(0, place).some((c) => found.has(c))
}

/** "µF of the fan’s capacitor, discharged, leads off: open or nothing" */
function wordsOf({ tests }: Model, answers: Answers, id: string): string[] {
  const test = tests.find((t) => t.id === id)
  const answer = test?.answers.find((a) => a.id === answers[id])
  return test && answer ? [`${test.question.replace(/[?:]$/, '')}: ${answer.text.toLowerCase()}`] : []
}

/** What it does is no rarity under this cause. Our judgement. */
const USUAL = 0.05
/** A machine that runs as it should asks for no explanation: the fault need only be one that it can run with. Our judgement. */
const RUNS_WITH = 0.01

function explains(model: Model, answers: Answers, subject: Subject, id: string): boolean {
  const test = model.tests.find((t) => t.id === SYMPTOMS[subject])
  const a = test ? answerIndex(test, answers) : -1
  return !test || a < 0 || isUsual(model, test, a, [id])
}

/** A capacitor that is found, in whatever way, does what any dead capacitor does. */
const kin = (id: string): readonly string[] =>
  id === SWOLLEN.id || CAN_CAUSES.includes(id) ? CAN_CAUSES : [id]

/** How often the answer must come with one of these causes to need no other. A swollen capacitor may still hold: that is read first. */
function leastOf(test: ModelTest, a: number, ids: readonly string[]): number {
  const runsRight = test.answers[a]?.id === 'right' && Object.values(SYMPTOMS).includes(test.id)
  return runsRight && ids.some((id) => id !== SWOLLEN.id) ? RUNS_WITH : USUAL
}

const isUsual = ({ causes }: Model, test: ModelTest, a: number, ids: readonly string[]): boolean => {
  const kinds = ids.flatMap(kin)
  const least = leastOf(test, a, ids)
  return causes.some((cause, c) => kinds.includes(cause.id) && (test.rows[c]?.[a] ?? 0) >= least)
}

/** Signs that none of what was found explains, by their tests; those that it was found by are no riddle. */
export function unexplained(
  model: Model,
  answers: Answers,
  subject: Subject,
  found: readonly FoundFault[],
): string[] {
  const ids = [
    ...found.filter((f) => f.subject === subject).map(({ id }) => id),
    ...(isTaken(answers, found) ? [subject === 'fan' ? 'no-power' : 'comp-no-power'] : []),
  ]
  // How the compressor sounds is explained by what was found of the compressor, and the other way round.
  const beside = found.some((f) => f.subject !== subject)
    ? ['compressor', 'comp-fan', 'microfarads-compressor']
    : []
  return model.tests
    .filter((test) => {
      const a = answerIndex(test, answers)
      return a >= 0 && !beside.includes(test.id) && !isUsual(model, test, a, ids)
    })
    .map(({ id }) => id)
    .filter((id) => !found.some((f) => f.by.includes(id)))
}
