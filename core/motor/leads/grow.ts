// Lead by lead from the readings: which leads are one point, which windings are connected, and how; or which reading contradicts the rest.
import type { LeadId } from '../lead-id'
import { at, first, known } from '../../quantity/at'
import { isSamePoint, type ReadingTable } from './reading'
import {
  branchesAt,
  distancesFrom,
  grow,
  placesAt,
  predicted,
  readable,
  seedTree,
  type Place,
  type Tree,
} from './tree'

/** The windings as far as they are grown, and what stopped them. */
export interface Growth {
  /** One for each set of windings that nothing connects to another; a lead on its own is one. */
  readonly trees: readonly Tree[]
  /** Leads by the point they are part of; the point has its first lead's name. */
  readonly pointOf: ReadonlyMap<string, string>
  /** A lead whose place is not settled, with where it may be; the leads after it wait. */
  readonly open: { readonly lead: LeadId; readonly tree: number; readonly places: readonly Place[] } | null
  /** The pair to read next; null when all is settled. */
  readonly next: readonly [string, string] | null
  /** A lead that fits nowhere, or branches off where no lead is: two readings at least contradict each other. */
  readonly contradicted: string | null
}

/** Differences along several edges add their doubts; this much slack keeps a sound motor sound. */
const SLACK = 2

/** Grows the winding trees lead by lead; each lead sits where the readings allow, or asks for the pair that tells. */
export function growFrom(leads: readonly LeadId[], readings: ReadingTable): Growth {
  const trees: Tree[] = []
  const pointOf = new Map<string, string>()
  for (const lead of leads) {
    const step = placeLead(lead, trees, readings)
    if (step.kind === 'ask') return { trees, pointOf, open: step.open, next: step.pair, contradicted: null }
    if (step.kind === 'nowhere') return { trees, pointOf, open: null, next: null, contradicted: lead }
    if (step.kind === 'same') pointOf.set(lead, step.point)
    else {
      pointOf.set(lead, lead)
      if (step.kind === 'alone') trees.push(seedTree(lead))
      else trees[step.tree] = grow(at(trees, step.tree), lead, step.place)
    }
  }
  return { trees, pointOf, open: null, next: null, contradicted: branchWithoutLead(trees) }
}

/** With all leads placed every joint has a lead of its own: windings are joined where a lead comes out. */
const branchWithoutLead = (trees: readonly Tree[]): string | null =>
  trees.flatMap(({ inner, edges }) => edges.filter((e) => inner.includes(e.a)).map((e) => e.b))[0] ?? null

type Step =
  | { readonly kind: 'ask'; readonly pair: readonly [string, string]; readonly open: Growth['open'] }
  | { readonly kind: 'same'; readonly point: string }
  | { readonly kind: 'alone' }
  | { readonly kind: 'placed'; readonly tree: number; readonly place: Place }
  | { readonly kind: 'nowhere' }

function placeLead(lead: LeadId, trees: readonly Tree[], readings: ReadingTable): Step {
  for (const [i, tree] of trees.entries()) {
    const read = readable(tree).map((point) => [point, readings.at(lead, point)] as const)
    const finite = read.filter(
      (r): r is readonly [string, Exclude<ReturnType<ReadingTable['at']>, 'OL' | undefined>] =>
        r[1] !== undefined && r[1] !== 'OL',
    )
    // Finite to one point and OL to another of one connected winding cannot be.
    if (finite.length > 0 && read.some(([, value]) => value === 'OL')) return { kind: 'nowhere' }
    if (finite.length > 0) return placeIn(lead, i, tree, finite, readings)
    if (!read.some(([, value]) => value === 'OL'))
      return { kind: 'ask', pair: [first(readable(tree)), lead], open: null }
  }
  return { kind: 'alone' }
}

type Finite = readonly (readonly [string, { readonly ohms: number; readonly doubt: number }])[]

function placeIn(lead: LeadId, index: number, tree: Tree, finite: Finite, readings: ReadingTable): Step {
  const same = finite.find(([, value]) => isSamePoint(value))
  if (same) return fitsAsSame(same[0], tree, finite) ? { kind: 'same', point: same[0] } : { kind: 'nowhere' }
  const places = placesFor(tree, finite)
  if (places.length === 0) return { kind: 'nowhere' }
  if (places.length === 1) return { kind: 'placed', tree: index, place: at(places, 0) }
  const best = bestQuestion(lead, tree, places, readings, Math.min(...finite.map(([, value]) => value.doubt)))
  // Nothing left to read tells them apart: the nearest to the readings stands.
  return best
    ? { kind: 'ask', pair: [best, lead], open: { lead, tree: index, places } }
    : { kind: 'placed', tree: index, place: closest(tree, places, finite) }
}

/** All places that the readings allow; the middle of an edge only where nothing plainer does. */
function placesFor(tree: Tree, finite: Finite): Place[] {
  // The least is off by the least.
  const [nearest, ...others] = [...finite].sort((a, b) => a[1].doubt - b[1].doubt) as [
    Finite[number],
    ...Finite,
  ]
  const fits = (place: Place) =>
    others.every(
      ([point, value]) =>
        Math.abs(predicted(tree, place, point) - value.ohms) <= SLACK * (value.doubt + nearest[1].doubt),
    )
  const plain = placesAt(tree, nearest[0], nearest[1]).filter(fits)
  return plain.length > 0 ? plain : branchesAt(tree, finite).filter(fits)
}

function fitsAsSame(point: string, tree: Tree, finite: Finite): boolean {
  const distance = distancesFrom(tree, point)
  return finite.every(
    ([other, value]) =>
      Math.abs(known(distance.get(other), 'The distance') - value.ohms) <=
      SLACK * (value.doubt + value.doubt),
  )
}

/** The unread point whose reading leaves the fewest places in the worst case; null when none tells any two apart. */
function bestQuestion(
  lead: LeadId,
  tree: Tree,
  places: readonly Place[],
  readings: ReadingTable,
  doubt: number,
): string | null {
  let best: { readonly point: string; readonly left: number } | null = null
  for (const point of readable(tree)) {
    if (readings.at(lead, point) !== undefined) continue
    const left = largestGroup(
      places.map((place) => predicted(tree, place, point)),
      SLACK * 2 * doubt,
    )
    if (left < places.length && (!best || left < best.left)) best = { point, left }
  }
  return best?.point ?? null
}

/** Of values on a line, the most that lie within `width` of one another. */
function largestGroup(values: readonly number[], width: number): number {
  const sorted = [...values].sort((a, b) => a - b)
  return Math.max(...sorted.map((low) => sorted.filter((x) => x >= low && x <= low + width).length))
}

function closest(tree: Tree, places: readonly Place[], finite: Finite): Place {
  const error = (place: Place) =>
    finite.reduce((sum, [point, value]) => sum + Math.abs(predicted(tree, place, point) - value.ohms), 0)
  return first([...places].sort((a, b) => error(a) - error(b)))
}
