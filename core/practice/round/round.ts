// A round on a practice unit, act by act: what each shows, what it costs, and where it would have hurt. The same unit and acts are the same
// round, so one that was left goes on where it was, and any can be watched again.
import { drawsFrom } from '../../quantity/draws'
import type { ModeId } from '../../wiring/unit-type'
import type { Shown } from '../electricity/meter'
import { probe } from '../electricity/probe'
import { isCalled, type Stand } from '../electricity/stand'
import { tryTest } from '../looks/answer'
import type { TestAnswer } from '../looks/bench'
import { usualMode } from '../looks/fan'
import { firstPower, type FirstPower } from '../looks/first-power'
import { runsRight } from '../looks/known'
import { fitted } from '../unit/fitting'
import { restored, wasBad } from '../unit/parts'
import type { Pair } from '../unit/truth'
import type { Act } from './act'
import { forAct, type ForEachAct } from './act-table'
import { asFound, isReachedInFor, whyNot, type Safety } from './hands'
import { probedTests } from './probed-test'
import { testOf } from './tests'

/** One act, and what came of it. */
export interface Step {
  readonly act: Act
  /** What a test gave; of proving dead, what was read. */
  readonly answer: TestAnswer | null
  /** What the meter showed; null: nothing was probed. */
  readonly value: Shown | null
  /** Tests of the app that this was: one that was tried, or those that ask for a reading there. */
  readonly tests: readonly string[]
  /** What would have happened to the hands, in whole sentences; null: nothing. It ends the round. */
  readonly danger: string | null
  readonly minutes: number
  /** Of a part that was changed: there was something wrong with it. */
  readonly wasBad: boolean | null
  /** Of the first power after something was fitted. */
  readonly power: FirstPower | null
}

/** A unit in a round, and how hands have left it. */
export interface Play {
  readonly pair: Pair
  readonly safety: Safety
  readonly thermostat: ModeId
  readonly lifted: readonly string[]
  /** Something was fitted, and has had no power since. */
  readonly isFresh: boolean
}

/** A round as far as it was played. */
export interface Round {
  readonly steps: readonly Step[]
  readonly state: 'open' | 'hurt' | 'handed-over'
  /** It runs as it should now. */
  readonly isCured: boolean
  readonly minutes: number
  readonly now: Play
}

/** Minutes that acts take which are no test. Our judgement. */
const MINUTES: Readonly<Record<Act['do'], number>> = {
  disconnect: 1,
  thermostat: 0.5,
  'prove-dead': 3,
  discharge: 2,
  wait: 60,
  probe: 1,
  lift: 1,
  'put-back': 1,
  try: 0,
  name: 0,
  change: 30,
  fit: 45,
  'hand-over': 2,
}

/** As it is found: on, and called. */
const begun = (pair: Pair): Play => ({
  pair,
  safety: asFound(pair),
  thermostat: usualMode(pair.truth),
  lifted: [],
  isFresh: false,
})

/** How the unit stands in a round. */
export const standIn = ({ safety, thermostat, lifted }: Play): Stand => ({
  disconnect: safety.isOpen ? 'open' : 'closed',
  thermostat,
  lifted,
  bridged: false,
  cooled: false,
  discharged: safety.isDischarged,
})

/** What an act came to, and how it leaves the unit. */
interface Played {
  readonly step: Step
  readonly next: Play
}

/** Played rounds, so that one more act is one more step and not the whole round again. */
const played = new WeakMap<
  Pair,
  { readonly seed: number; readonly acts: string[]; readonly done: Played[] }
>()

/** Plays the acts on a unit, up to the one that hurts or hands it over. Acts after that are not played. */
export function playRound(unit: Pair, acts: readonly Act[], seed: number): Round {
  const before = played.get(unit)
  const known = before?.seed === seed ? before : { seed, acts: [], done: [] }
  const keys = acts.map((act) => JSON.stringify(act))
  const differs = keys.findIndex((key, i) => known.acts[i] !== key)
  const same = Math.min(differs < 0 ? keys.length : differs, known.done.length)
  const done = known.done.slice(0, same)
  const stateOf = (one: Played | undefined): Round['state'] => {
    if (one === undefined) return 'open'
    if (one.step.danger !== null) return 'hurt'
    return one.step.act.do === 'hand-over' ? 'handed-over' : 'open'
  }
  for (const [i, act] of acts.entries()) {
    if (i < same) continue
    if (stateOf(done.at(-1)) !== 'open') break
    // Each step has draws of its own: what was read before changes no later figure.
    done.push(play(done.at(-1)?.next ?? begun(unit), act, drawsFrom(seed + 7919 * (i + 1))))
  }
  played.set(unit, { seed, acts: keys.slice(0, done.length), done: [...done] })
  const now = done.at(-1)?.next ?? begun(unit)
  return {
    steps: done.map(({ step }) => step),
    state: stateOf(done.at(-1)),
    isCured: runsRight(now.pair),
    minutes: done.reduce((sum, { step }) => sum + step.minutes, 0),
    now,
  }
}

/** One act; what was fitted is powered for the first time by whatever act brings power and call together. */
function play(before: Play, act: Act, draw: () => number): Played {
  const { step, next } = acted(before, act, draw)
  const { pair } = next
  if (!next.isFresh || step.danger !== null || next.safety.isOpen || !isCalled(pair.truth, standIn(next)))
    return { step, next }
  const power = firstPower(pair)
  const { motor, sheet } = pair.truth
  const burnt = { ...motor, open: sheet.capacitor ? ['main'] : motor.open, shaft: 'burnt' as const }
  return {
    step: { ...step, power },
    next: {
      ...next,
      isFresh: false,
      pair: power.isBurnt ? { ...pair, truth: { ...pair.truth, motor: burnt } } : pair,
    },
  }
}

/** What is at hand while an act is done: the unit, its step so far, and where in a meter's doubt a figure falls. */
interface Doing {
  readonly before: Play
  readonly step: Step
  readonly draw: () => number
}
const to = ({ before, step }: Doing, more: Partial<Play> = {}): Played => ({
  step,
  next: { ...before, ...more },
})
const toSafety = (doing: Doing, more: Partial<Safety>): Played =>
  to(doing, { safety: { ...doing.before.safety, ...more } })
const hurt = ({ before, step }: Doing, danger: string | null): Played => ({
  step: { ...step, danger },
  next: before,
})

function ends(
  act: { readonly do: 'lift' | 'put-back'; readonly ends: readonly string[] },
  doing: Doing,
): Played {
  const { safety, lifted } = doing.before
  const danger = whyNot(safety)
  const rest = lifted.filter((end) => !act.ends.includes(end))
  if (danger !== null) return hurt(doing, danger)
  return to(doing, { lifted: act.do === 'lift' ? [...rest, ...act.ends] : rest })
}

/** What the meter finds at the pairs that are to be dead: the lines, or what has a feed of its own. */
function readAt(before: Play): 'live' | 'call' | 'dead' {
  if (!before.safety.isOpen) return 'live'
  return isCalled(before.pair.truth, standIn(before)) ? 'call' : 'dead'
}

const ACTS: ForEachAct<[doing: Doing], Played> = {
  disconnect: (act, doing) =>
    act.to === 'open'
      ? toSafety(doing, { isOpen: true, isLocked: act.locked })
      : to(doing, { safety: asFound(doing.before.pair) }),
  thermostat: (act, doing) => to(doing, { thermostat: act.to }),
  'prove-dead': (_, doing) => {
    const observation = readAt(doing.before)
    return toSafety(
      { ...doing, step: { ...doing.step, answer: { observation } } },
      { isProven: observation === 'dead' },
    )
  },
  discharge(_, doing) {
    const { safety } = doing.before
    return safety.isOpen && safety.isProven
      ? toSafety(doing, { isDischarged: true })
      : hurt(doing, whyNot({ ...safety, isDischarged: true }))
  },
  wait: (_, doing) => {
    const { pair } = doing.before
    return to(doing, { pair: { ...pair, truth: restored(pair, 'motor-cooled') } })
  },
  probe: probed,
  lift: ends,
  'put-back': ends,
  try: tried,
  change: changed,
  fit: changed,
  name: (_, doing) => to(doing),
  'hand-over': (_, doing) => to(doing),
}

function acted(before: Play, act: Act, draw: () => number): Played {
  const step: Step = {
    act,
    answer: null,
    value: null,
    tests: [],
    danger: null,
    minutes: MINUTES[act.do],
    wasBad: null,
    power: null,
  }
  return forAct(ACTS, act, { before, step, draw })
}

function probed(act: Act & { readonly do: 'probe' }, { before, step, draw }: Doing): Played {
  const { pair, safety } = before
  const { value, danger } = probe(pair.truth, standIn(before), {
    dial: act.dial,
    spots: act.probes,
    draw: draw(),
  })
  // Ohms and µF are read with hands in the unit; volts and the clamp are made for a live one.
  const isInside = act.dial === 'ohms' || act.dial === 'microfarads'
  const hands = isInside ? whyNot({ ...safety, isDischarged: true }) : null
  const why = safety.isOpen ? (hands ?? danger) : (danger ?? hands)
  if (why !== null) return { step: { ...step, danger: why }, next: before }
  const tests = probedTests(pair, act.dial, act.probes)
  const [test] = tests
  return {
    step: { ...step, value, tests, answer: test === undefined ? null : tryTest(test, { pair, draw }) },
    next: before,
  }
}

function tried({ test: id }: Act & { readonly do: 'try' }, { before, step, draw }: Doing): Played {
  const { pair, safety } = before
  const test = testOf(pair, id)
  if (!test) return { step, next: before }
  const { minutes } = test
  if (test.kind === 'power-off') {
    const danger = whyNot(safety)
    if (danger !== null) return { step: { ...step, danger, minutes }, next: before }
  }
  // A live test is done with the power on: whoever locked it out puts the leads back and closes it again, and begins anew with making it safe.
  const next =
    test.kind === 'live' && safety.isOpen ? { ...before, safety: asFound(pair), lifted: [] } : before
  return { step: { ...step, tests: [id], answer: tryTest(id, { pair, draw }), minutes }, next }
}

function changed(act: Act & { readonly do: 'change' | 'fit' }, { before, step }: Doing): Played {
  const { pair, safety } = before
  const danger = act.do === 'fit' || isReachedInFor(act.part) ? whyNot(safety) : null
  if (danger !== null) return { step: { ...step, danger }, next: before }
  if (act.do === 'fit')
    return { step, next: { ...before, pair: fitted(pair, act.fitting), lifted: [], isFresh: true } }
  return {
    step: { ...step, wasBad: wasBad(pair, act.part) },
    next: { ...before, pair: { ...pair, truth: restored(pair, act.part) }, lifted: [] },
  }
}
