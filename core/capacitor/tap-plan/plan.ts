// From sections and loads in microfarads to who gets which section, where the lead lands and which jumpers go on.
import { at } from '../../quantity/at'
import { toMicrofarads, toPicofarads, isWithin } from '../../quantity/exact'
import { figure } from '../../quantity/display'
import type { Load, Section, SectionId } from '../can'
import type { Preference } from './score'
import { searchPlan, type SearchResult } from './search'

/** One can with its sections, the loads in µF, and the tolerance in percent. */
export interface TapPlanProblem {
  readonly sections: readonly Section[]
  readonly loads: readonly Load[]
  readonly tolerancePercent: number
  readonly prefer?: Preference
}

/** A jumper between two posts, by section id. */
export interface Jumper {
  readonly from: SectionId
  readonly to: SectionId
  /** Share of the group's capacitor current this jumper carries, 0 to 1. */
  readonly share: number
}

/** The sections that serve one load. */
export interface TapGroup {
  readonly load: string
  /** Section ids, largest first. */
  readonly sections: readonly SectionId[]
  /** The section whose post takes the lead: the largest of the group. */
  readonly lead: SectionId
  /** From the lead's post straight to each further section, so that none carries another's share. */
  readonly jumpers: readonly Jumper[]
  readonly microfarads: number
  /** Signed, against the load's target. */
  readonly errorPercent: number
  /** Share of the group's current that reaches its sections over jumpers, 0 to 1: 1 − largest / sum (parallel capacitors share by value). */
  readonly jumperShare: number
}

/** An assignment of sections to loads. */
export interface TapPlanCore {
  readonly groups: readonly TapGroup[]
  /** Greatest relative error of any load, percent; null when there are no groups. */
  readonly worstErrorPercent: number | null
  readonly jumperCount: number
  /** Section ids that no load uses. */
  readonly unused: readonly string[]
  /** False when the search was cut short: a better plan was not ruled out. */
  readonly proven: boolean
}

/** Why there is no plan, at the field it is about. */
export interface TapPlanProblemNote {
  /** Where in the input, such as "loads.0.microfarads". */
  readonly path: string
  readonly message: string
}

/** The plan, or why there is none and what comes nearest. */
export interface TapPlan extends TapPlanCore {
  readonly feasible: boolean
  /** The closest assignment, when none is within tolerance; null when feasible or when there are fewer sections than loads. */
  readonly nearest: TapPlanCore | null
  /** Why not, load by load; empty when feasible. */
  readonly problems: readonly TapPlanProblemNote[]
}

/**
 * The best way to serve every load from one multi-section can. Exact optimum in the order of `prefer`
 * (see Preference); a sum exactly at the tolerance limit is inside; no section serves two loads.
 */
export function planTaps(problem: TapPlanProblem): TapPlan {
  const { sections, loads, tolerancePercent } = problem
  const old = sections.find((s) => s.stays)
  if (!old) return planFreely(problem)
  // What stays serves its own load, by itself, or nothing: it was left in for its reading. The others are planned without it.
  const wanted = loads.find(
    (l) =>
      l.load === old.stays &&
      isWithin(toPicofarads(old.microfarads), toPicofarads(l.microfarads), tolerancePercent),
  )
  const others = {
    ...problem,
    sections: sections.filter((s) => s !== old),
    loads: loads.filter((l) => l !== wanted),
  }
  if (!wanted) return withUnused(planFreely(others), old.id)
  const kept = describeGroup(wanted, [{ ...old, index: 0, picofarads: toPicofarads(old.microfarads) }])
  if (others.loads.length === 0)
    return {
      feasible: true,
      groups: [kept],
      worstErrorPercent: Math.abs(kept.errorPercent),
      jumperCount: 0,
      unused: others.sections.map((s) => s.id),
      proven: true,
      nearest: null,
      problems: [],
    }
  const rest = planFreely(others)
  const at = loads.indexOf(wanted)
  const join = <P extends TapPlanCore>(plan: P): P => ({
    ...plan,
    groups: [...plan.groups.slice(0, at), kept, ...plan.groups.slice(at)],
    worstErrorPercent: Math.max(plan.worstErrorPercent ?? 0, Math.abs(kept.errorPercent)),
  })
  if (rest.feasible) return join(rest)
  // Problems name loads by their place in the whole list.
  const problems = rest.problems.map((p) => ({
    ...p,
    path: p.path.replace(/^loads\.(\d+)/, (_, i: string) => `loads.${Number(i) + (Number(i) >= at ? 1 : 0)}`),
  }))
  return { ...rest, problems, unused: [...rest.unused, old.id], nearest: rest.nearest && join(rest.nearest) }
}

const withUnused = (plan: TapPlan, id: string): TapPlan => ({ ...plan, unused: [...plan.unused, id] })

function planFreely({ sections, loads, tolerancePercent, prefer = 'exact' }: TapPlanProblem): TapPlan {
  const nothing: TapPlanCore = {
    groups: [],
    worstErrorPercent: null,
    jumperCount: 0,
    unused: sections.map((s) => s.id),
    proven: true,
  }
  if (loads.length > sections.length) {
    const message = `${loads.length} loads need ${loads.length} sections, and the can has ${sections.length}: no section may serve two loads.`
    return { feasible: false, ...nothing, nearest: null, problems: [{ path: 'loads', message }] }
  }
  const order = sections.map((s, index) => ({ ...s, index, picofarads: toPicofarads(s.microfarads) }))
  order.sort((a, b) => b.picofarads - a.picofarads || a.index - b.index)
  const problem = {
    values: order.map((s) => s.picofarads),
    targets: loads.map((l) => toPicofarads(l.microfarads)),
    tolerancePercent,
  }
  const describe = (result: SearchResult) => describePlan(order, loads, result)

  const wanted = searchPlan({ ...problem, prefer })
  if (
    wanted &&
    loads.every((_, l) =>
      isWithin(sumOf(wanted, problem.values, l), at(problem.targets, l), tolerancePercent),
    )
  )
    return { feasible: true, ...describe(wanted), nearest: null, problems: [] }

  const closest = prefer === 'exact' ? wanted : searchPlan({ ...problem, prefer: 'exact' })
  const nearest = closest && describe(closest)
  return {
    feasible: false,
    ...nothing,
    proven: wanted?.proven ?? nearest?.proven ?? true,
    nearest,
    problems: nearest ? explain(nearest, loads, tolerancePercent) : [],
  }
}

const sumOf = (result: SearchResult, values: readonly number[], load: number): number =>
  values.reduce((sum, value, i) => (result.assignment[i] === load ? sum + value : sum), 0)

type OrderedSection = Section & { readonly picofarads: number; readonly index: number }

function describePlan(
  order: readonly OrderedSection[],
  loads: readonly Load[],
  result: SearchResult,
): TapPlanCore {
  const groups = loads.map((load, l) =>
    describeGroup(
      load,
      order.filter((_, i) => result.assignment[i] === l),
    ),
  )
  return {
    groups,
    worstErrorPercent: Math.max(...groups.map((g) => Math.abs(g.errorPercent))),
    jumperCount: result.score.jumpers,
    unused: order
      .filter((_, i) => result.assignment[i] === loads.length)
      .sort((a, b) => a.index - b.index)
      .map((s) => s.id),
    proven: result.proven,
  }
}

function describeGroup({ load, microfarads }: Load, members: readonly OrderedSection[]): TapGroup {
  const sum = members.reduce((total, m) => total + m.picofarads, 0)
  const target = toPicofarads(microfarads)
  const [lead, ...others] = members as [OrderedSection, ...OrderedSection[]]
  return {
    load,
    sections: members.map((m) => m.id),
    lead: lead.id,
    jumpers: others.map((m) => ({ from: lead.id, to: m.id, share: m.picofarads / sum })),
    microfarads: toMicrofarads(sum),
    errorPercent: (100 * (sum - target)) / target,
    jumperShare: (sum - lead.picofarads) / sum,
  }
}

function explain(
  nearest: TapPlanCore,
  loads: readonly Load[],
  tolerancePercent: number,
): TapPlanProblemNote[] {
  return nearest.groups.flatMap((group, l) => {
    const target = at(loads, l).microfarads
    if (isWithin(toPicofarads(group.microfarads), toPicofarads(target), tolerancePercent)) return []
    const message = `No joining of these sections brings ${group.load} within ${figure(tolerancePercent)} % of ${figure(target)} µF; the closest whole plan gives ${figure(group.microfarads)} µF (${figure(group.errorPercent, 1)} %).`
    return [{ path: `loads.${l}.microfarads`, message }]
  })
}
