// Acts that make no sense on this unit, in words: a test that nobody asks for, a cause that is on no list, a part that is not there, a probe
// on nothing. Each against the unit as the acts before it left it.
import { CONTRIBUTORY, modelFor, SUBJECTS } from '../../diagnosis/model'
import { SWOLLEN } from '../../diagnosis/found'
import { hookupPosts } from '../../wiring/hookup-posts'
import { NO_CAN } from '../../wiring/new-can'
import { leadEnd, wireEnd } from '../electricity/stand'
import type { Spot } from '../electricity/spot'
import { fitted, fittingProblem } from '../unit/fitting'
import { hasPart, PART_NAMES, restored } from '../unit/parts'
import type { Pair } from '../unit/truth'
import type { Act } from './act'
import { forAct, type ForEachAct } from './act-table'
import { testOf } from './tests'

/** What the van has on it for a round. */
export interface Van {
  /** Motors and capacitors like the old ones; else only what is universal. */
  readonly likeForLike: boolean
}

/** What of a spot is not there; null: it is. */
export function spotProblem({ truth: { unit, can, sheet } }: Pair, spot: Spot): string | null {
  if (spot.on === 'post')
    return hookupPosts(unit, can ?? NO_CAN).some(({ id }) => id === spot.post)
      ? null
      : `There is no terminal called “${spot.post}” on this unit.`
  if (spot.on === 'lead')
    return sheet.leads.some(({ id }) => id === spot.lead)
      ? null
      : `This motor has no lead called “${spot.lead}”.`
  return null
}

/** The first end that the unit has not; null: it has all. */
export function endProblem({ truth }: Pair, ends: readonly string[]): string | null {
  const there = [
    ...truth.sheet.leads.map(({ id }) => leadEnd(id)),
    ...truth.unitWires.map(({ id }) => wireEnd(id)),
  ]
  const lost = ends.find((end) => !there.includes(end))
  return lost === undefined ? null : `There is no end called “${lost}” on this unit.`
}

/** Causes that can be named here. */
export const causesOf = ({ healthy }: Pair): string[] => [
  ...SUBJECTS.flatMap((subject) => modelFor(healthy.unit, subject).causes.map((c) => c.id)),
  ...CONTRIBUTORY.map((c) => c.id),
  SWOLLEN.id,
]

const nothing = () => null
const ends = (act: { readonly ends: readonly string[] }, pair: Pair) => endProblem(pair, act.ends)

/** What is wrong with an act on this unit; null: nothing. */
const PROBLEMS: ForEachAct<[pair: Pair, van: Van], string | null> = {
  try: ({ test }, pair) => (testOf(pair, test) ? null : `There is no test called “${test}” on this unit.`),
  name: ({ cause }, pair) =>
    causesOf(pair).includes(cause) ? null : `There is no cause called “${cause}” on this unit.`,
  change({ part }, pair, { likeForLike }) {
    if (!hasPart(pair, part)) return `This unit has no such part: ${PART_NAMES[part]}.`
    return !likeForLike && (part === 'motor' || part === 'capacitor')
      ? `The van has no part like it for ${PART_NAMES[part]}: fit what it holds, by the board.`
      : null
  },
  thermostat: ({ to }, pair) =>
    pair.truth.unit.modes.some(({ id }) => id === to) ? null : `This unit has no mode called ${to}.`,
  probe({ dial, probes: [red, black] }, pair) {
    if (dial === 'amps' && red.on !== 'lead') return 'A clamp goes round a lead: the first probe names it.'
    return spotProblem(pair, red) ?? spotProblem(pair, black)
  },
  lift: ends,
  'put-back': ends,
  fit: ({ fitting }, pair) => fittingProblem(pair, fitting),
  disconnect: nothing,
  'prove-dead': nothing,
  discharge: nothing,
  wait: nothing,
  'hand-over': nothing,
}

/** The unit that an act leaves behind. */
function after(pair: Pair, act: Act): Pair {
  if (act.do === 'fit') return fitted(pair, act.fitting)
  return act.do === 'change' ? { ...pair, truth: restored(pair, act.part) } : pair
}

/** One sentence for each, by its place in the list. */
export function actProblems(
  unit: Pair,
  acts: readonly Act[],
  van: Van = { likeForLike: true },
): { readonly index: number; readonly message: string }[] {
  let pair = unit
  const found: { index: number; message: string }[] = []
  for (const [index, act] of acts.entries()) {
    const message = forAct(PROBLEMS, act, pair, van)
    if (message === null) pair = after(pair, act)
    else found.push({ index, message })
  }
  return found
}
