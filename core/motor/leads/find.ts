// Leads found by resistance: the winding tree, what each lead is, what is wrong, and which pair to read next.
import { known, first } from '../../quantity/at'
import { growFrom, type Growth } from './grow'
import {
  measured,
  ReadingTable,
  USUAL_METER,
  type MeterTrust,
  type OhmsValue,
  type PairReading,
} from './reading'
import { rolesOf, type Fan, type LeadRoleFinding } from './roles'
import { type Edge, type Tree } from './tree'

/** Leads and what was read between them, and to the frame, ohms. */
export interface FindInput {
  /** Names of the leads, two to twelve. */
  readonly leads: readonly string[]
  readonly pairs: readonly PairReading[]
  /** Lead to frame, ohms. */
  readonly frame?: readonly { readonly lead: string; readonly ohms: OhmsValue }[]
  readonly fan: Fan
  readonly meter?: MeterTrust
}

/** What can be wrong with a motor's windings by ohms. */
export type LeadFault =
  | 'grounded'
  | 'lead-open'
  | 'one-pair-of-three'
  | 'all-open'
  | 'alike-all-round'
  | 'shorted'
  | 'contradiction'

/** A fault that the readings show, with the leads to look at. */
export interface FoundFault {
  readonly code: LeadFault
  readonly message: string
  readonly leads: readonly string[]
}

/** The windings and what each lead is, as far as the readings tell. */
export interface FoundLeads {
  /** Leads that are one point, by point. */
  readonly points: readonly { readonly point: string; readonly leads: readonly string[] }[]
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

/** Below this to the frame a winding has gone to ground, ohms: a good one reads megohms. Common practice, no source. */
const GROUNDED_BELOW_OHMS = 1e6

/** Windings, roles and faults from ohms, and the next most useful pair. Readings that no winding explains are a `contradiction`, never a role. */
export function findLeads(input: FindInput): FoundLeads {
  const { leads, pairs, frame = [], fan, meter = USUAL_METER } = input
  const readings = new ReadingTable(pairs, meter)
  const growth = growFrom(leads, readings)
  const leadsAt = (point: string) => leads.filter((lead) => growth.pointOf.get(lead) === point)
  const again =
    growth.contradicted !== null ? suspects(leads, pairs, readings) : redundant(growth, pairs, meter)
  const settled = growth.next === null && growth.contradicted === null && again.length === 0
  const alike = alikeAllRound(leads, readings)
  const faults = [
    ...frame
      .filter(({ ohms }) => ohms !== 'OL' && ohms < GROUNDED_BELOW_OHMS)
      .map(({ lead, ohms }): FoundFault => ({
        code: 'grounded',
        message: `${lead} reads ${said(ohms)} to the frame: a good winding reads megohms. It has gone to ground; replace the motor.`,
        leads: [lead],
      })),
    ...(alike ? [alike] : again.length > 0 ? [contradiction(again)] : []),
    ...(settled ? openFaults(leads, growth, leadsAt) : []),
  ]
  return {
    points: growth.trees.flatMap((tree) => tree.points).map((point) => ({ point, leads: leadsAt(point) })),
    windings: growth.trees.flatMap((tree) => tree.edges),
    parts: growth.trees.length,
    roles: settled && !alike ? rolesOf(growth.trees, leadsAt, fan) : [],
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

function said(ohms: OhmsValue): string {
  if (ohms === 'OL') return 'OL'
  if (ohms >= 1e6) return `${Math.round(ohms / 1e5) / 10} MΩ`
  if (ohms >= 1e3) return `${Math.round(ohms / 100) / 10} kΩ`
  return `${ohms} Ω`
}
const pairText = ([a, b]: readonly [string, string]): string => `${a}–${b}`

/** Each reading left out in turn: with which of them gone do the others agree? */
function suspects(
  leads: readonly string[],
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
        const rest = along({ points: [], edges }, there, to, from)
        if (Number.isFinite(rest)) return ohms + rest
      }
  return Infinity
}

const contradiction = (again: readonly (readonly [string, string])[]): FoundFault => ({
  code: 'contradiction',
  message:
    again.length === 1
      ? `The reading ${pairText(again[0] as [string, string])} does not go with the others: read it again.`
      : `These readings contradict one another. Read again, in this order: ${again.slice(0, 4).map(pairText).join(', ')}.`,
  leads: [...new Set(again.flat())],
})

/** Three leads, one finite pair: three causes fit. One lead on its own beside windings: open. All OL: open altogether. */
function openFaults(
  leads: readonly string[],
  { trees }: Growth,
  leadsAt: (point: string) => readonly string[],
): FoundFault[] {
  const alone = trees
    .filter((tree) => tree.points.length === 1)
    .flatMap((tree) => leadsAt(first(tree.points)))
  const windings = trees.filter((tree) => tree.points.length > 1)
  if (windings.length === 0)
    return [
      {
        code: 'all-open',
        message:
          'Every pair reads OL: the thermal cut-out is open or motor common is broken. Let the motor cool, then read again.',
        leads: [...leads],
      },
    ]
  if (alone.length === 0) return sameOfThree(leads, trees, leadsAt)
  if (leads.length === 3) {
    const pair = first(windings).points.join('–')
    return [
      {
        code: 'one-pair-of-three',
        message: `Only ${pair} reads. Three causes fit: the winding to ${alone[0]} is open; ${alone[0]} is motor common and its lead or its internal overload is open, so run and start still read through each other; or ${alone[0]} is broken outside the windings. Let it cool and read again; then look at the lead.`,
        leads: alone,
      },
    ]
  }
  return alone.map((lead) => ({
    code: 'lead-open',
    message: `${lead} reads OL to every other lead: it is open, unless it is ground.`,
    leads: [lead],
  }))
}

/** Two leads of three at about 0 Ω: no winding between them. Where there is a run-return lead such a pair is normal; a three-lead motor has none. */
function sameOfThree(
  leads: readonly string[],
  trees: readonly Tree[],
  leadsAt: (point: string) => readonly string[],
): FoundFault[] {
  const twins = trees
    .flatMap((tree) => tree.points)
    .map(leadsAt)
    .find((list) => list.length > 1)
  if (leads.length !== 3 || !twins) return []
  return [
    {
      code: 'shorted',
      message: `${twins.join(' and ')} read about 0 Ω to each other: on a motor of three leads a winding is shorted, or two leads touch.`,
      leads: twins,
    },
  ]
}

/** Equal readings all round are no tree: three like windings, or a joint that no lead comes from. */
function alikeAllRound(leads: readonly string[], readings: ReadingTable): FoundFault | null {
  if (leads.length !== 3) return null
  const [a, b, c] = leads as readonly [string, string, string]
  const three = [readings.at(a, b), readings.at(b, c), readings.at(a, c)]
  const finite = three.filter((m): m is { ohms: number; doubt: number } => m !== undefined && m !== 'OL')
  if (finite.length < 3 || finite.some((m) => m.ohms < 0.5)) return null
  const [least, most] = [Math.min(...finite.map((m) => m.ohms)), Math.max(...finite.map((m) => m.ohms))]
  return most - least <= Math.max(...finite.map((m) => m.doubt))
    ? {
        code: 'alike-all-round',
        message:
          'All three pairs read alike: these are no main and auxiliary winding. Three like windings are a three-phase motor.',
        leads: [...leads],
      }
    : null
}
