// The van's capacitors as a plan takes them, and the edits of choosing one. No rendering here.
import { cutText } from '@oak/core/quantity/whole-text'
import type { Can } from '@oak/core/capacitor/can'
import type { Aim } from '@oak/core/capacitor/stock-plan/aims'
import type { JobDocument } from '@oak/core/job/document'
import type { VanDocument } from '@oak/core/job/van'
import type { CapacitorPlanOutput } from '@oak/core/operations/capacitor-plan'
import type { Edit } from '../../platform/state/jobs'
import { compressorsOf } from './compressor-can-model'
import { canOf, openSections } from './van-model'

type Plan = CapacitorPlanOutput['plans'][number]

type Left = Readonly<Record<string, number>>
const there = (id: string, left: Left, taken: JobDocument['taken']): number =>
  Math.max(0, (left[id] ?? 0) + (taken[id]?.quantity ?? 0))

/** Everything on the van that a run capacitor's plan may use; what this job holds already is there for it. */
export function stockParts(van: VanDocument, left: Left, taken: JobDocument['taken']) {
  return Object.entries(van.stock).flatMap(([id, line]) => {
    const can = line.kind === 'capacitor' ? canOf(id, line) : null
    if (!can || line.kind !== 'capacitor') return []
    const open = openSections(line)
    const sections = can.sections.map((s, i) => ({
      id: s.id,
      microfarads: s.marked ?? s.microfarads,
      measured: s.marked === undefined ? null : s.microfarads,
      dead: open[i] ?? false,
    }))
    return [
      {
        id,
        name: line.name,
        volts: can.volts,
        tolerancePercent: can.tolerancePercent,
        quantity: there(id, left, taken),
        cents: line.cents,
        sections,
      },
    ]
  })
}

/** The van's start capacitors, by their ranges. */
export const startParts = (van: VanDocument, left: Left, taken: JobDocument['taken']) =>
  Object.entries(van.stock).flatMap(([id, line]) => {
    if (line.kind !== 'capacitor' || line.layout !== 'start') return []
    const [low = 0, high = 0] = line.microfarads
    return [
      {
        id,
        name: line.name,
        low,
        high,
        volts: line.volts,
        quantity: there(id, left, taken),
        cents: line.cents,
        measured: line.measured?.[0] ?? null,
      },
    ]
  })

/** The start capacitor that is chosen is taken of the van, the one before given back; null: none. Nobody said yet where its resistor is from. */
export function startCanEdits(
  { startCan, taken }: Pick<JobDocument, 'startCan' | 'taken'>,
  part: ReturnType<typeof startParts>[number] | null,
): Edit[] {
  const before = startCan?.id
  const can = part && {
    id: part.id,
    name: part.name,
    low: part.low,
    high: part.high,
    volts: part.volts,
    bleed: null,
  }
  return [
    { path: ['startCan'], value: can },
    ...(before !== undefined && before !== part?.id && taken[before]
      ? [{ path: ['taken', before], value: null }]
      : []),
    ...(part ? [{ path: ['taken', part.id], value: { quantity: 1 } }] : []),
  ]
}

/** One aim put first; the others keep their order. */
export const withFirst = (aims: readonly Aim[], first: Aim): Aim[] => [
  first,
  ...aims.filter((aim) => aim !== first),
]
export const AIM_WORDS: Readonly<Record<Aim, string>> = {
  parts: 'fewest',
  error: 'closest',
  jumpers: 'no jumpers',
  versatile: 'keep multi-taps',
  cost: 'cheapest',
  opened: 'least from van',
}

/** One side of the old can that could stay: what it was marked, and what its reading leaves open. */
export interface OldSideInput {
  readonly load: string
  readonly name: string
  readonly volts: number
  readonly microfarads: number
  readonly tolerancePercent: number
  readonly reading: { readonly low: number; readonly high: number }
}

/** The plan's capacitors as one can: their C's are tied, so their sections share one C. */
export function canOfPlan(plan: Plan, van: VanDocument, stays: OldSideInput | null): Can | null {
  const found = plan.cans.flatMap(({ part, keptFor }): Can[] => {
    if (keptFor !== null) return stays ? [canThatStays(stays)] : []
    const line = van.stock[part]
    const can = line?.kind === 'capacitor' ? canOf(part, line) : null
    if (!can || line?.kind !== 'capacitor') return []
    const open = openSections(line)
    return [{ ...can, sections: can.sections.filter((_, i) => !open[i]) }]
  })
  // The one whose C takes what was on the old C stands first: the old can itself, else the one of most sections.
  const cans = [...found].sort(
    (a, b) => Number(stayed(b)) - Number(stayed(a)) || b.sections.length - a.sections.length,
  )
  const [first, ...others] = cans
  if (!first || cans.length !== plan.cans.length) return null
  if (others.length === 0) return first
  const nameOf = (can: Can, i: number) =>
    cans.some((other, j) => j < i && other.name === can.name) ? `${can.name}, the second` : can.name
  return {
    id: plan.cans
      .map((c) => c.part)
      .join('+')
      .slice(0, 60),
    name: cutText(cans.map((c) => c.name).join(' + '), 300),
    volts: Math.min(...cans.map((c) => c.volts)),
    tolerancePercent: Math.max(...cans.map((c) => c.tolerancePercent)),
    protectedStart: cans.some((c) => c.protectedStart),
    sections: cans.flatMap((can, i) =>
      can.sections.map((s) => ({ ...s, id: `${i + 1}-${s.id}`, of: nameOf(can, i) })),
    ),
  }
}

const stayed = (can: Can): boolean => can.sections.some((s) => s.stays)

/** The old can as one that stays: only the side it goes on serving. */
function canThatStays({ load, name, volts, microfarads, tolerancePercent, reading }: OldSideInput): Can {
  const measured = Math.round(500 * (reading.low + reading.high)) / 1000
  return {
    id: 'old-can',
    name,
    volts,
    tolerancePercent,
    protectedStart: false,
    sections: [{ id: load, microfarads: measured, marked: microfarads, stays: load }],
  }
}

/** The can is set, its parts are taken of the stock, and what was taken for another plan is given back. */
export function chooseEdits(
  plan: Plan,
  van: VanDocument,
  job: JobDocument,
  stays: OldSideInput | null,
): Edit[] {
  const can = canOfPlan(plan, van, stays)
  if (!can) return []
  const counts = new Map<string, number>()
  plan.cans
    .filter((c) => c.keptFor === null)
    .forEach(({ part }) => counts.set(part, (counts.get(part) ?? 0) + 1))
  return withParts(can, counts, van, job)
}

/** A can that was picked by hand, or the old one: one of its line is taken, where it is of the van. Its values changed, it is the same one. */
export const pickEdits = (can: Can, van: VanDocument, job: JobDocument): Edit[] =>
  job.can?.id === can.id
    ? [{ path: ['can'], value: can }]
    : withParts(can, new Map(isRunCapacitor(van, can.id) ? [[can.id, 1]] : []), van, job)

/** The can is set, just these parts are taken for it, and what was taken for another one is given back. */
function withParts(can: Can, parts: ReadonlyMap<string, number>, van: VanDocument, job: JobDocument): Edit[] {
  // The compressor's own is no part of the fan's plan, and stays taken.
  const own = job.compressorCan && compressorsOf(job, job.compressorCan.id) > 0 ? job.compressorCan.id : null
  const counts = new Map(parts)
  if (own !== null) counts.set(own, (counts.get(own) ?? 0) + 1)
  const back = Object.keys(job.taken).filter((line) => isRunCapacitor(van, line) && !counts.has(line))
  return [
    { path: ['can'], value: can },
    ...back.map((line) => ({ path: ['taken', line], value: null })),
    ...[...counts]
      .filter(([line, quantity]) => job.taken[line]?.quantity !== quantity)
      .map(([line, quantity]) => ({ path: ['taken', line], value: { quantity } })),
  ]
}

const isRunCapacitor = (van: VanDocument, id: string): boolean => {
  const line = van.stock[id]
  return line?.kind === 'capacitor' && line.layout !== 'start'
}
