// The van's capacitors as a plan takes them, and the edits of choosing one. No rendering here.
import type { Can } from '@oak/core/capacitor/can'
import { AIMS, USUAL_AIMS, type Aim } from '@oak/core/capacitor/stock-plan/aims'
import type { JobDocument } from '@oak/core/job/document'
import type { VanDocument } from '@oak/core/job/van'
import type { CapacitorPlanOutput } from '@oak/core/operations/capacitor-plan'
import type { Edit } from '../state/jobs'
import { canOf } from '../van/van-model'

type Plan = CapacitorPlanOutput['plans'][number]

/** Everything on the van that a run capacitor's plan may use; what this job holds already is there for it. */
export function stockParts(van: VanDocument, left: Readonly<Record<string, number>>, taken: JobDocument['taken']) {
  return Object.entries(van.stock).flatMap(([id, line]) => {
    const can = line.kind === 'capacitor' ? canOf(id, line) : null
    if (!can) return []
    return [{ id, name: line.name, volts: can.volts, quantity: Math.max(0, (left[id] ?? 0) + (taken[id]?.quantity ?? 0)), cents: line.cents, sections: can.sections.map((s) => ({ ...s, measured: null, dead: false })) }]
  })
}

/** The technician's first aim, the others in their usual order. */
export const aimsFrom = (first: Aim): Aim[] => [first, ...USUAL_AIMS.filter((aim) => aim !== first)]
export const AIM_WORDS: Readonly<Record<Aim, string>> = { parts: 'fewest', error: 'closest', jumpers: 'no jumpers', versatile: 'keep multi-taps', cost: 'cheapest' }
export { AIMS, type Aim }

/** The plan's capacitors as one can: their C's are tied, so their sections share one C. */
export function canOfPlan(plan: Plan, van: VanDocument): Can | null {
  const cans = plan.cans.flatMap(({ part }) => {
    const line = van.stock[part]
    const can = line?.kind === 'capacitor' ? canOf(part, line) : null
    return can ? [can] : []
  })
  const [first, ...others] = cans
  if (!first || cans.length !== plan.cans.length) return null
  if (others.length === 0) return first
  return {
    id: plan.cans.map((c) => c.part).join('+').slice(0, 60),
    name: cans.map((c) => c.name).join(' + ').slice(0, 300),
    volts: Math.min(...cans.map((c) => c.volts)),
    tolerancePercent: Math.max(...cans.map((c) => c.tolerancePercent)),
    protectedStart: cans.some((c) => c.protectedStart),
    sections: cans.flatMap((can, i) => can.sections.map((s) => ({ ...s, id: `${i + 1}-${s.id}` }))),
  }
}

/** The can is set, its parts are taken of the stock, and what was taken for another plan is given back. */
export function chooseEdits(plan: Plan, van: VanDocument, job: JobDocument): Edit[] {
  const can = canOfPlan(plan, van)
  if (!can) return []
  const counts = new Map<string, number>()
  plan.cans.forEach(({ part }) => counts.set(part, (counts.get(part) ?? 0) + 1))
  const back = Object.keys(job.taken).filter((line) => van.stock[line]?.kind === 'capacitor' && !counts.has(line))
  return [
    { path: ['can'], value: can },
    ...back.map((line) => ({ path: ['taken', line], value: null })),
    ...[...counts].filter(([line, quantity]) => job.taken[line]?.quantity !== quantity).map(([line, quantity]) => ({ path: ['taken', line], value: { quantity } })),
  ]
}
