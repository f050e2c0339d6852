// Two probes on a practice unit and a dial: the figure, or what would have happened to the one who holds them.
import { magnitude, ZERO } from '../../quantity/complex'
import { LEAST_VOLTS_THAT_HURT } from './danger'
import { ampsIn, microfaradsBetween, ohmsBetween, shown, voltsBetween, type Shown } from './meter'
import { runUnit, type Running } from './running'
import type { Stand } from './stand'
import type { Spot } from './spot'
import { nodeAt } from './unit-circuit'
import type { Truth } from '../unit/truth'

export const DIALS = ['volts', 'ohms', 'microfarads', 'amps'] as const
/** What the meter is set to. `amps`: the clamp round a lead. */
export type Dial = (typeof DIALS)[number]

/** What came of it. */
export interface Probing {
  /** null: it did not come to a figure. */
  readonly value: Shown | null
  /** What would have happened, in whole sentences; null: nothing. */
  readonly danger: string | null
}

const hurt = (danger: string): Probing => ({ value: null, danger })

/** Is there a line on this node now, whichever way? */
function isLive({ built, solution }: Running, spot: Spot): boolean {
  return magnitude(solution.volts.get(nodeAt(built, spot)) ?? ZERO) > LEAST_VOLTS_THAT_HURT
}

/** Probes on a capacitor's post meet what it holds. */
const isOnCan = (spot: Spot): boolean => spot.on === 'post' && /^(CAN-|H\d)/.test(spot.post)

/** `draw` 0 to 1: where in the meter's own doubt the figure falls. */
export function probe(
  truth: Truth,
  stand: Stand,
  {
    dial,
    spots: [a, b],
    draw,
  }: { readonly dial: Dial; readonly spots: readonly [Spot, Spot]; readonly draw: number },
): Probing {
  const running = runUnit(truth, stand)
  const [from, to] = [nodeAt(running.built, a), nodeAt(running.built, b)]
  if (dial === 'volts')
    return { value: shown('volts', running.trips ? 0 : voltsBetween(running, from, to), draw), danger: null }
  if (dial === 'amps') {
    if (a.on !== 'lead') return { value: null, danger: null }
    return { value: shown('amps', running.trips ? 0 : ampsIn(running, a.lead), draw), danger: null }
  }
  if (isLive(running, a) || isLive(running, b))
    return hurt(
      'The meter is on ohms, and the circuit is live: its fuse goes, and the flash is at your hands. Open, lock out, prove dead.',
    )
  if ((isOnCan(a) || isOnCan(b)) && !stand.discharged)
    return hurt(
      'The capacitor still holds its charge: through the meter it goes at once. Discharge each section through a resistor first.',
    )
  if (dial === 'ohms') return { value: shown('ohms', ohmsBetween(running, from, to), draw), danger: null }
  const microfarads = microfaradsBetween(running, from, to)
  return { value: microfarads === null ? 'OL' : shown('microfarads', microfarads, draw), danger: null }
}
