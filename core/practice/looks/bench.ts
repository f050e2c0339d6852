// How a technician stands before a unit to try something: called, locked out, leads off; and small readings that every test is made of.
import type { Probe, ProbeReading } from '../../diagnosis/answers'
import type { Quantity } from '../../meter/measurement'
import type { ModeId, PostId } from '../../wiring/unit-type'
import { ohmsBetween, shown, voltsBetween } from '../electricity/meter'
import { runUnit } from '../electricity/running'
import { found, leadEnd, wireEnd, type Stand } from '../electricity/stand'
import type { Spot } from '../electricity/spot'
import { builtAt, nodeAt } from '../electricity/unit-circuit'
import type { Draw } from '../faults/fault'
import type { Pair } from '../unit/truth'
import { usualMode } from './fan'

/** What came of a test: an answer as tapped, or readings by their place. */
export interface TestAnswer {
  readonly observation?: string
  readonly readings?: Readonly<Partial<Record<Probe, ProbeReading>>>
}

/** Below this there is no volt worth the name, V. Common practice, no source. */
export const NO_VOLTS = 20

/** Everything a technician can try on one unit. */
export interface Bench {
  readonly pair: Pair
  readonly draw: Draw
}

/** A probe on a post. */
export const post = (id: PostId): Spot => ({ on: 'post', post: id })

/** An answer as it is tapped; null: there is nothing to see here. */
export const seen = (observation: string | null): TestAnswer => (observation === null ? {} : { observation })
/** A figure as the meter shows it. */
export const reading = (quantity: Quantity, value: number, draw: Draw): ProbeReading => ({
  quantity,
  value: shown(quantity, value, draw()),
  accuracy: null,
})
/** One reading at its place. */
export const read = (probe: Probe, quantity: Quantity, value: number, draw: Draw): TestAnswer => ({
  readings: { [probe]: reading(quantity, value, draw) },
})

/** On, and asked for. */
export const called = ({ pair: { truth } }: Bench, mode: ModeId = usualMode(truth)): Stand =>
  found(truth.unit, mode)

/** Leads of the motor that stand on a post; those in the plug stay joined there. */
const landed = ({ pair: { truth } }: Bench): string[] =>
  truth.placements.flatMap(({ lead, goes }) => (goes.kind === 'post' ? [leadEnd(lead)] : []))
/** Locked out, every lead of the motor off its post. */
export const leadsOff = (bench: Bench): Stand => ({ ...offAt(bench), lifted: landed(bench) })
/** Locked out, everything off the capacitor. */
export const canOff = (bench: Bench): Stand => ({
  ...offAt(bench),
  lifted: [...landed(bench), ...bench.pair.truth.unitWires.map(({ id }) => wireEnd(id))],
})
const offAt = (bench: Bench): Stand => ({ ...called(bench), thermostat: 'off', disconnect: 'open' })

/** AC volts between two spots; none behind a breaker that let go. */
export const volts = (bench: Bench, stand: Stand, a: Spot, b: Spot): number => {
  const running = runUnit(bench.pair.truth, stand)
  return running.trips ? 0 : voltsBetween(running, nodeAt(running.built, a), nodeAt(running.built, b))
}
/** Ohms between two spots. */
export const ohms = (bench: Bench, stand: Stand, a: Spot, b: Spot): number => {
  const built = builtAt(bench.pair.truth, stand)
  return ohmsBetween({ built }, nodeAt(built, a), nodeAt(built, b))
}

/** Where a lead of this role is by the diagram: the healthy unit's. */
export function postOfRole({ pair: { healthy } }: Bench, ...roles: string[]): PostId | null {
  const place = healthy.placements.find(
    ({ lead, goes }) =>
      goes.kind === 'post' && healthy.sheet.leads.some((l) => l.id === lead && roles.includes(l.role)),
  )
  return place?.goes.kind === 'post' ? place.goes.post : null
}
/** The leads of the motor that have one of these roles. */
export const leadOfRole = ({ pair: { truth } }: Bench, ...roles: string[]) =>
  truth.sheet.leads.filter((l) => roles.includes(l.role)).map((l) => l.id)

/** The post that a mode makes live for the motor, and the motor's lead that belongs on it. */
export function outputOf({ pair: { healthy } }: Bench, mode: ModeId): PostId | null {
  const live = healthy.unit.switches.filter((s) => s.closedIn.includes(mode)).map((s) => s.to)
  return live.find((id) => healthy.madeFor[id] !== undefined) ?? null
}

/** One way to try something. */
export type Try = (bench: Bench) => TestAnswer

/** Above this a winding is open, ohms. Our judgement. */
export const OPEN_OHMS = 1e5

/** What the three pairs of a star tell. */
export function byPairs(pairs: readonly number[]): string {
  const open = pairs.filter((r) => r > OPEN_OHMS).length
  if (open === 3) return 'all-open'
  if (open > 0) return 'one-open'
  return Math.min(...pairs) < 0.6 * Math.max(...pairs) ? 'low' : 'adds-up'
}
