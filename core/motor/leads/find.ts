// Leads found by resistance: the winding tree, what each lead is, what is wrong, and which pair to read next.
import type { LeadId } from '../lead-id'
import { known } from '../../quantity/at'
import { alikeAllRound, contradiction, frameFaults, openFaults, type FoundFault } from './faults'
import { growFrom, type Growth } from './grow'
import {
  measured,
  ReadingTable,
  USUAL_METER,
  type MeterTrust,
  type OhmsValue,
  type PairReading,
} from './reading'
import { type Fan, type LeadRoleFinding } from './finding'
import { rolesOf } from './roles'
import { type Edge, type Tree } from './tree'

/** Leads and what was read between them, and to the frame, ohms. */
export interface FindInput {
  /** Names of the leads, two to twelve. */
  readonly leads: readonly LeadId[]
  readonly pairs: readonly PairReading[]
  /** Lead to frame, ohms. */
  readonly frame?: readonly { readonly lead: LeadId; readonly ohms: OhmsValue }[]
  readonly fan: Fan
  readonly meter?: MeterTrust
}

/** The windings and what each lead is, as far as the readings tell. */
export interface FoundLeads {
  /** Leads that are one point, by point. */
  readonly points: readonly { readonly point: string; readonly leads: readonly LeadId[] }[]
  /** Windings between points, in ohms without the test leads. */
  readonly windings: readonly Edge[]
  /** Sets of windings that nothing connects. */
  readonly parts: number
  readonly roles: readonly LeadRoleFinding[]
  readonly faults: readonly FoundFault[]
  /** Readings that do not go with the others, the likeliest wrong first. */
  readonly readAgain: readonly (readonly [string, string])[]
  /** Every lead has its place. */
  readonly settled: boolean
  readonly next: { readonly between: readonly [string, string]; readonly why: string } | null
}

/** Windings, roles and faults from ohms, and the next most useful pair. Readings that no winding explains are a `contradiction`, never a role. */
export function findLeads(input: FindInput): FoundLeads {
  const { pairs, frame = [], fan, meter = USUAL_METER } = input
  const leads = inOrder(input.leads)
  const readings = new ReadingTable(pairs, meter)
  const growth = growFrom(leads, readings)
  const leadsAt = (point: string) => leads.filter((lead) => growth.pointOf.get(lead) === point)
  const again =
    growth.contradicted !== null ? suspects(leads, pairs, readings) : redundant(growth, pairs, meter)
  const settled = growth.next === null && growth.contradicted === null && again.length === 0
  const alike = alikeAllRound(leads, readings)
  const faults = [
    ...frameFaults(frame, meter),
    ...(alike ? [alike] : again.length > 0 ? [contradiction(again)] : []),
    ...(settled ? openFaults(leads, growth, leadsAt) : []),
  ]
  return {
    points: growth.trees.flatMap((tree) => tree.points).map((point) => ({ point, leads: leadsAt(point) })),
    windings: growth.trees.flatMap((tree) => tree.edges),
    parts: growth.trees.length,
    roles: settled && !alike ? rolesOf(growth.trees, leadsAt, { fan, meter }) : [],
    faults,
    readAgain: alike ? [] : again,
    settled: settled && !alike,
    next: growth.next && {
      between: growth.next,
      why: growth.open
        ? `${growth.open.lead} may sit in ${growth.open.places.length} places; this pair tells most of them apart.`
        : `Nothing says yet whether ${growth.next[1]} belongs to the winding of ${growth.next[0]}.`,
    },
  }
}

/** By name, so that the order in which leads were named changes nothing; a striped one last, since of two alike it is by custom the return. */
const inOrder = (leads: readonly LeadId[]): LeadId[] => {
  const key = (lead: string) => `${lead.includes('/') ? 1 : 0}${lead}`
  return [...leads].sort((a, b) => (key(a) < key(b) ? -1 : 1))
}

/** Each reading left out in turn: with which of them gone do the others agree? */
function suspects(
  leads: readonly LeadId[],
  pairs: readonly PairReading[],
  readings: ReadingTable,
): (readonly [string, string])[] {
  const finite = pairs.filter((p) => readings.raw(...p.between) !== undefined)
  const single = finite
    .filter(({ between: [a, b] }) => growFrom(leads, readings.without(a, b)).contradicted === null)
    .map((p) => p.between)
  return single.length > 0 ? single : finite.map((p) => p.between)
}

/** Readings that the tree did not need and does not agree with. */
function redundant(
  { trees, pointOf }: Growth,
  pairs: readonly PairReading[],
  meter: MeterTrust,
): (readonly [string, string])[] {
  return pairs
    .filter(({ between: [a, b], ohms }) => {
      const [pa, pb] = [pointOf.get(a), pointOf.get(b)]
      if (pa === undefined || pb === undefined) return false
      const tree = trees.find((t) => t.points.includes(pa))
      const together = tree?.points.includes(pb) ?? false
      if (ohms === 'OL') return together
      if (!together) return true
      const { ohms: here, doubt } = measured(ohms, meter)
      return (
        Math.abs(along(known(tree, 'The tree'), pa, pb) - here) >
        2 * doubt + 2 * known(tree, 'The tree').edges.length * meter.resolutionOhms
      )
    })
    .map((p) => p.between)
}

function along({ edges }: Tree, from: string, to: string, before: string | null = null): number {
  if (from === to) return 0
  for (const { a, b, ohms } of edges)
    for (const [here, there] of [
      [a, b],
      [b, a],
    ] as const)
      if (here === from && there !== before) {
        const rest = along({ points: [], edges, inner: [] }, there, to, from)
        if (Number.isFinite(rest)) return ohms + rest
      }
  return Infinity
}
