// A round on a practice unit, act by act: what each shows, what it costs, and where it would have hurt. The same unit and acts are the same
// round, so one that was left goes on where it was, and any can be watched again.
import { modelFor, SUBJECTS, type ModelTest } from '../../diagnosis/model'
import { drawsFrom } from '../../quantity/draws'
import { tryTest } from '../looks/answer'
import type { TestAnswer } from '../looks/bench'
import { runsRight } from '../looks/known'
import { restored, wasBad, type Part } from '../unit/parts'
import type { Pair } from '../unit/truth'
import type { Act } from './act'

/** How hands have left the unit. */
interface Safety {
  readonly isOpen: boolean
  readonly isLocked: boolean
  readonly isProven: boolean
  readonly isDischarged: boolean
}

/** One act, and what came of it. */
export interface Step {
  readonly act: Act
  /** What a test gave. */
  readonly answer: TestAnswer | null
  /** What would have happened to the hands, in whole sentences; null: nothing. It ends the round. */
  readonly danger: string | null
  readonly minutes: number
  /** Of a part that was changed: there was something wrong with it. */
  readonly wasBad: boolean | null
}

/** A round as far as it was played. */
export interface Round {
  readonly steps: readonly Step[]
  readonly state: 'open' | 'hurt' | 'handed-over'
  /** It runs as it should now. */
  readonly isCured: boolean
  readonly minutes: number
}

/** Minutes that acts take which are no test. Our judgement. */
const MINUTES: Readonly<Record<Act['do'], number>> = {
  disconnect: 1,
  thermostat: 0.5,
  'prove-dead': 3,
  discharge: 2,
  wait: 60,
  try: 0,
  name: 0,
  change: 30,
  'hand-over': 2,
}
/** Parts that no hand is put into a unit for. */
const OUTSIDE: readonly Part[] = ['supply', 'control', 'motor-cooled']

/** The app's test of that id on this unit; undefined: it has none. */
export const testOf = ({ healthy }: Pair, id: string): ModelTest | undefined =>
  SUBJECTS.flatMap((subject) => modelFor(healthy.unit, subject).tests).find((t) => t.id === id)

interface Play {
  readonly pair: Pair
  readonly safety: Safety
}

/** As it is found, on; a unit without a capacitor holds no charge. */
const found = ({ truth: { can, compressor } }: Pair): Safety => ({
  isOpen: false,
  isLocked: false,
  isProven: false,
  isDischarged: can === null && (compressor?.can ?? null) === null,
})

/** Why hands must not go in now; null: they may. */
function whyNot({ isOpen, isLocked, isProven, isDischarged }: Safety): string | null {
  if (!isOpen) return 'The unit is live. Hands that reach in now meet the line: open the disconnect first.'
  if (!isLocked)
    return 'It is open, and not locked: somebody closes it while hands are in it. Lock and tag it, and keep the key.'
  if (!isProven)
    return 'It was not proven dead: what was opened may be another unit’s, and the 24 V has a feed of its own. Read every pair first.'
  return isDischarged
    ? null
    : 'The capacitor still holds its charge, and goes through the hand that touches it. Discharge each section first.'
}

/** Plays the acts on a unit, up to the one that hurts or hands it over. Acts after that are not played. */
export function playRound(unit: Pair, acts: readonly Act[], seed: number): Round {
  const draw = drawsFrom(seed)
  let play: Play = { pair: unit, safety: found(unit) }
  const steps: Step[] = []
  let state: Round['state'] = 'open'
  for (const act of acts) {
    const { step, next } = played(play, act, draw)
    steps.push(step)
    play = next
    if (step.danger !== null) state = 'hurt'
    else if (act.do === 'hand-over') state = 'handed-over'
    if (state !== 'open') break
  }
  return {
    steps,
    state,
    isCured: runsRight(play.pair),
    minutes: steps.reduce((sum, step) => sum + step.minutes, 0),
  }
}

function played(play: Play, act: Act, draw: () => number): { readonly step: Step; readonly next: Play } {
  const { pair, safety } = play
  const step: Step = { act, answer: null, danger: null, minutes: MINUTES[act.do], wasBad: null }
  const stay = { step, next: play }
  const toSafety = (more: Partial<Safety>) => ({ step, next: { pair, safety: { ...safety, ...more } } })
  switch (act.do) {
    case 'disconnect':
      return act.to === 'open' ? toSafety({ isOpen: true, isLocked: act.locked }) : toSafety(found(pair))
    case 'prove-dead':
      return toSafety({ isProven: safety.isOpen })
    case 'discharge':
      return safety.isOpen && safety.isProven
        ? toSafety({ isDischarged: true })
        : { step: { ...step, danger: whyNot({ ...safety, isDischarged: true }) ?? null }, next: play }
    case 'wait':
      return { step, next: { pair: { ...pair, truth: restored(pair, 'motor-cooled') }, safety } }
    case 'try':
      return tried(play, act.test, { step, draw })
    case 'change':
      return changed(play, act.part, step)
    case 'thermostat':
    case 'name':
    case 'hand-over':
      return stay
  }
}

interface Trying {
  readonly step: Step
  readonly draw: () => number
}

function tried(play: Play, id: string, { step, draw }: Trying): { readonly step: Step; readonly next: Play } {
  const { pair, safety } = play
  const test = testOf(pair, id)
  if (!test) return { step, next: play }
  const minutes = test.minutes
  if (test.kind === 'power-off') {
    const danger = whyNot(safety)
    if (danger !== null) return { step: { ...step, danger, minutes }, next: play }
  }
  // A live test is done with the power on: whoever locked it out closes it again for that, and begins anew with making it safe.
  const next = test.kind === 'live' && safety.isOpen ? { pair, safety: found(pair) } : play
  return { step: { ...step, answer: tryTest(id, { pair, draw }), minutes }, next }
}

function changed(play: Play, part: Part, step: Step): { readonly step: Step; readonly next: Play } {
  const { pair, safety } = play
  const danger = OUTSIDE.includes(part) ? null : whyNot(safety)
  if (danger !== null) return { step: { ...step, danger }, next: play }
  return {
    step: { ...step, wasBad: wasBad(pair, part) },
    next: { pair: { ...pair, truth: restored(pair, part) }, safety },
  }
}
