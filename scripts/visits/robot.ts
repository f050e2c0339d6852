// A robot on one visit: it does only what the app says, on a unit whose faults it does not know. It sees the unit through tests alone.
import { drawsFrom } from '../../core/quantity/draws'
import { drawScenario } from '../../core/practice/unit/draw-scenario'
import { unitOf } from '../../core/practice/unit/scenario'
import { restored, wasBad, type Part } from '../../core/practice/unit/parts'
import { faultById } from '../../core/practice/faults/faults'
import {
  labelsOf,
  learn,
  nothingKnown,
  runsRight,
  subjectOf,
  type Known,
} from '../../core/practice/looks/known'
import type { Pair } from '../../core/practice/unit/truth'
import type { TestAnswer } from '../../core/practice/looks/bench'
import { tryTest } from '../../core/practice/looks/answer'
import { found as foundStand } from '../../core/practice/electricity/stand'
import { runUnit } from '../../core/practice/electricity/running'
import { nodeAt } from '../../core/practice/electricity/unit-circuit'
import { voltsBetween } from '../../core/practice/electricity/meter'
import { runningMode } from '../../core/wiring/unit-type'
import { refOf } from '../../core/wiring/unit-types'
import { ALL_TESTS, type Subject } from '../../core/diagnosis/model'
import { SYMPTOMS } from '../../core/diagnosis/symptoms'
import type { DiagnoseOutput } from '../../core/operations/diagnose'
import { ask } from './ask'
import { fitCapacitor, fitMotor, fitWires, type Fitting } from './fit'

/** What came of one visit. */
export interface Visit {
  readonly seed: number
  readonly faults: readonly string[]
  readonly complaint: string
  /** What was named, in order, each with whether it was so. */
  readonly named: readonly { readonly cause: string; readonly right: boolean }[]
  readonly cannotTell: boolean
  readonly mended: readonly { readonly part: Part; readonly wasBad: boolean }[]
  readonly tests: readonly string[]
  /** The least that could have settled it, in tests and in the minutes that the app counts for them; null: no two more could. */
  readonly least: { readonly tests: number; readonly minutes: number } | null
  readonly firstPowers: readonly (Pick<Fitting, 'does' | 'startup' | 'isRight'> & {
    readonly proven: boolean
  })[]
  readonly dangerous: readonly string[]
  /** It runs as it should at the end. */
  readonly cured: boolean
  /** Why it got no further; null: it did. */
  readonly stuck: string | null
}

/** Rounds of finding and mending before it is called stuck. */
const MOST_ROUNDS = 4
const MOST_TESTS = 30
const FIRST: readonly Part[] = ['supply', 'control']

/** The work that a cause asks for. */
const WORK: Readonly<Record<string, Part>> = {
  'capacitor-weak': 'capacitor',
  'capacitor-open': 'capacitor',
  'capacitor-both': 'capacitor',
  'can-swollen': 'capacitor',
  bearing: 'motor',
  'winding-open': 'motor',
  'winding-grounded': 'motor',
  'winding-shorted': 'motor',
  electronics: 'motor',
  'motor-wrong': 'motor',
  thermal: 'motor-cooled',
  wiring: 'wiring',
  'speeds-crossed': 'wiring',
  'defrost-relay': 'defrost-board',
  output: 'output',
  contactor: 'contactor',
  'stuck-on': 'contactor',
  'dirty-coil': 'coil',
  'no-call': 'control',
  'no-power': 'supply',
  'phase-lost': 'supply',
  'supply-volts': 'supply',
  blade: 'hub',
  wheel: 'wheel',
  'comp-capacitor': 'compressor-capacitor',
  'comp-overload': 'compressor',
  'comp-grounded': 'compressor',
  'comp-open': 'compressor',
  'comp-shorted': 'compressor',
  'comp-locked': 'compressor',
  'comp-start': 'compressor',
  'comp-lead': 'compressor',
  'comp-contactor': 'contactor',
  'comp-no-call': 'control',
  'comp-no-power': 'supply',
  'comp-phase-lost': 'supply',
  'comp-supply-volts': 'supply',
}

/** The relay of a blower is on its board. */
const workFor = ({ truth }: Pair, cause: string): Part | undefined =>
  cause === 'stuck-on' && truth.unit.traits.fan === 'blower' ? 'output' : WORK[cause]

/** What is read off plates and labels beside the tests. */
const labels = (pair: Pair) => ({
  unit: refOf(pair.truth.unit),
  supply: { unitPlate: [{ low: pair.healthy.volts, high: pair.healthy.volts }] },
  ...labelsOf(pair),
})

const diagnose = (pair: Pair, subject: Subject, known: Known): DiagnoseOutput =>
  ask('diagnose', { ...labels(pair), subject, observations: known.observations, readings: known.readings })

/** The causes that the app names: what was found, of fan and compressor, else what it says is settled. */
function namedBy({ found, causes, state }: DiagnoseOutput): string[] {
  if (found.length > 0) return found.map((f) => f.id)
  return state === 'settled' && causes[0] ? [causes[0].id] : []
}

/** Opens, proves dead where the app says; what is live then is a danger that the app let pass. */
function makeSafe(pair: Pair): string[] {
  const { truth } = pair
  const { prove } = ask('make-safe', { unit: refOf(truth.unit) })
  const running = runUnit(truth, {
    ...foundStand(truth.unit, runningMode(truth.unit)),
    disconnect: 'open',
    thermostat: 'off',
  })
  return prove
    .filter(({ between: [a, b] }) => {
      const spot = (post: string) => nodeAt(running.built, { on: 'post', post })
      return voltsBetween(running, spot(a), spot(b)) > 20
    })
    .map(({ between }) => `live after it was opened: ${between.join(' to ')}`)
}

interface Search {
  readonly named: readonly string[]
  readonly known: Known
  readonly tests: readonly string[]
}

/** What the app asks about that is no fault by itself: it is looked at where no fault was found. */
function beside(pair: Pair, said: DiagnoseOutput, draw: () => number): string[] {
  if (said.found.length > 0 || said.state === 'settled') return []
  return said.questions
    .filter((q) => q.kind === 'contributory' && q.id === 'dirty-coil')
    .filter((q) => tryTest(q.id, { pair, draw }).observation === 'dirty')
    .map((q) => q.id)
}

/** Test by test, as the app asks for them, until it has settled or nothing is left. */
function search(pair: Pair, subject: Subject, draw: () => number, before: readonly string[]): Search {
  const known = nothingKnown()
  const tests: string[] = []
  for (const test of before) learn(known, test, tryTest(test, { pair, draw }))
  const empty = new Set<string>()
  for (;;) {
    const said = diagnose(pair, subject, known)
    const next = said.next.find(({ test }) => !tests.includes(test) && !empty.has(test))
    if (said.state === 'settled' || !next || tests.length >= MOST_TESTS)
      return { named: [...namedBy(said), ...beside(pair, said, draw)], known, tests }
    if (learn(known, next.test, tryTest(next.test, { pair, draw }))) tests.push(next.test)
    else empty.add(next.test)
  }
}

/** What the app counts for these tests, minutes. */
export const minutesOf = (tests: readonly string[]): number =>
  tests.reduce((sum, id) => sum + (ALL_TESTS.find((t) => t.id === id)?.minutes ?? 0), 0)

/** The least tests after which the app would have named a right cause, the complaint itself among them; null: not with two more. */
function leastTests(
  pair: Pair,
  subject: Subject,
  right: readonly string[],
  draw: () => number,
): Visit['least'] {
  const symptom = SYMPTOMS[subject]
  const answers = new Map<string, TestAnswer>()
  const after = (tests: readonly string[]): boolean => {
    const known = nothingKnown()
    for (const test of tests) {
      const answer = answers.get(test) ?? tryTest(test, { pair, draw })
      answers.set(test, answer)
      learn(known, test, answer)
    }
    return namedBy(diagnose(pair, subject, known)).some((c) => right.includes(c))
  }
  const all = diagnose(pair, subject, nothingKnown())
    .questions.filter((q) => q.kind !== 'contributory')
    .map((q) => q.id)
  const enough = [[symptom], ...all.map((test) => [symptom, test])].filter(after)
  const found =
    enough.length > 0
      ? enough
      : all.flatMap((a, i) => all.slice(i + 1).map((b) => [symptom, a, b])).filter(after)
  if (found.length === 0) return null
  return {
    tests: Math.min(...found.map((tests) => tests.length)),
    minutes: Math.min(...found.map((tests) => minutesOf(tests))),
  }
}

function mend(
  pair: Pair,
  part: Part,
  byDiagram: boolean,
): { readonly truth: Pair['truth']; readonly fitting: Fitting | null } {
  if (part === 'motor') return done(fitMotor(pair, byDiagram))
  if (part === 'capacitor') return done(fitCapacitor(pair))
  if (part === 'wiring') return done(fitWires(pair))
  return { truth: restored(pair, part), fitting: null }
}
const done = (fitting: Fitting) => ({ truth: fitting.truth, fitting })

/** Causes that are right. */
const rightCauses = (faults: readonly string[]): string[] =>
  faults.flatMap((id) => faultById(id)?.causes ?? [])

/** The work for what was named. A motor that is changed brings its capacitor, and every lead is put anew; what feeds comes first. */
function worksFor(
  pair: Pair,
  named: readonly string[],
): { readonly parts: Part[]; readonly byDiagram: boolean } {
  const all = [...new Set(named.flatMap((cause) => workFor(pair, cause) ?? []))]
  const parts = all.includes('motor') ? all.filter((p) => p !== 'wiring' && p !== 'capacitor') : all
  parts.sort((a, b) => Number(FIRST.includes(b)) - Number(FIRST.includes(a)))
  return { parts, byDiagram: all.includes('wiring') }
}

const isProven = ({ verdict }: Fitting): boolean => verdict === 'proven' || verdict === 'watch'

/** What a visit writes down as it goes. */
class Log {
  readonly named: { cause: string; right: boolean }[] = []
  readonly mended: { part: Part; wasBad: boolean }[] = []
  readonly firstPowers: Visit['firstPowers'][number][] = []
  readonly unproven: string[] = []
  tests: readonly string[] | null = null

  /** Does the work, part by part; the unit with it done. */
  mend(before: Pair, named: readonly string[]): Pair {
    const { parts, byDiagram } = worksFor(before, named)
    let pair = before
    for (const part of parts) {
      this.mended.push({ part, wasBad: wasBad(pair, part) })
      const { truth, fitting } = mend(pair, part, byDiagram)
      pair = { ...pair, truth, ...(fitting ? { usual: fitting.usual } : {}) }
      if (fitting) this.power(fitting)
    }
    return pair
  }

  private power(fitting: Fitting): void {
    const { does, startup, isRight, sentence } = fitting
    this.firstPowers.push({ proven: fitting.verdict === 'proven', does, startup, isRight })
    if (!isProven(fitting)) this.unproven.push(sentence)
  }
}

/** Round by round until it runs right, or nothing is named; the unit as it is left. */
function work(start: Pair, faults: readonly string[], draw: () => number, log: Log): Pair {
  let pair = start
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const subject = subjectOf(pair)
    const { named, tests } = search(pair, subject, draw, log.unproven.length > 0 ? ['supply'] : [])
    log.tests ??= tests
    if (named.length === 0) return pair
    const right = rightCauses(faults)
    log.named.push(...named.map((cause) => ({ cause, right: right.includes(cause) })))
    pair = log.mend(pair, named)
    if (runsRight(pair)) return pair
  }
  return pair
}

/** One visit, to its end. */
export function visit(seed: number, level: 1 | 2 | 3 = 3): Visit {
  const { faults, complaint, ...rest } = drawScenario(seed, level)
  const start = unitOf({ ...rest, faults, complaint })
  const log = new Log()
  let [end, stuck]: [Pair, string | null] = [start, null]
  try {
    end = work(start, faults, drawsFrom(seed + 1), log)
  } catch (error) {
    stuck = error instanceof Error ? error.message : String(error)
  }
  const subject = subjectOf(start)
  const cured = stuck === null && runsRight(end)
  return {
    seed,
    faults,
    complaint,
    named: log.named,
    cannotTell: log.named.length === 0,
    mended: log.mended,
    tests: log.tests ?? [],
    least: leastTests(start, subject, rightCauses(faults), drawsFrom(seed + 1)),
    firstPowers: log.firstPowers,
    dangerous: makeSafe(start),
    cured,
    stuck: stuck ?? (cured ? null : (log.unproven.at(-1) ?? null)),
  }
}
