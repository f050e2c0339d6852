// From the stock and what the loads ask for to which part to fit and how: each load's group, its lead, its jumpers, the ties of C.
import type { SectionId } from '../can'
import { first, at, known } from '../../quantity/at'
import { figure, percentText } from '../../quantity/display'
import { isWithin, toMicrofarads, toPicofarads } from '../../quantity/exact'
import type { Aim, PlanScore } from './aims'
import { alike, type Shelf } from './alike'
import { isSound, valueOf, type StockPart } from './part'
import { searchStock, type FoundPlan } from './search'

/** A load and what it asks for, µF. */
export interface WantedLoad {
  readonly load: string
  readonly microfarads: number
  /** The least rating that its tag asks for, V. */
  readonly volts: number
}

/** Parts, loads and the technician's order of aims, with how many capacitors may be used. */
export interface StockPlanInput {
  readonly parts: readonly StockPart[]
  readonly loads: readonly WantedLoad[]
  readonly tolerancePercent: number
  readonly aims: readonly Aim[]
  readonly mostParts: number
  readonly keep: number
}

/** A section of a part of the plan; `can` counts the parts of the plan from 0. */
export interface PlannedSection {
  readonly can: number
  readonly section: SectionId
  readonly microfarads: number
}

/** The sections that serve one load, joined, and how far they are off, percent. */
export interface PlannedGroup {
  readonly load: string
  /** Largest first: the lead lands on the first. */
  readonly sections: readonly PlannedSection[]
  readonly microfarads: number
  readonly errorPercent: number
  /** From the lead's section to each further one, with the share of the group's current that it carries. */
  readonly jumpers: readonly { readonly to: PlannedSection; readonly share: number }[]
}

/** One plan: the capacitors, what each load gets, the ties of their C's, and why it stands where it does. */
export interface StockPlan {
  /** One entry for each capacitor; `keptFor`: it stays in the unit, for that load. */
  readonly cans: readonly { readonly part: string; readonly name: string; readonly keptFor: string | null }[]
  readonly groups: readonly PlannedGroup[]
  /** Cans whose C is tied to the first can's. */
  readonly ties: readonly number[]
  readonly worstErrorPercent: number
  readonly jumperCount: number
  /** null: a part's price is not known. */
  readonly cents: number | null
  readonly why: string
}

/** The best plans, best first; empty with `problems` in words where none serves every load. */
export interface StockPlans {
  /** Best first, each with other parts than those before it. */
  readonly plans: readonly StockPlan[]
  /** Nothing better exists for these aims. */
  readonly proven: boolean
  /** Why there is no plan, in words; empty when there is one. */
  readonly problems: readonly string[]
}

/** The best plans from the stock for the aims in their order. Exact unless `proven` is false; no plan is an answer, with its reasons. */
export function planFromStock({
  parts,
  loads,
  tolerancePercent,
  aims,
  mostParts,
  keep,
}: StockPlanInput): StockPlans {
  const volts = Math.min(...loads.map((l) => l.volts))
  const usable = parts.filter(
    (part) => part.volts >= volts && part.quantity > 0 && part.sections.some((s) => isSound(s, part)),
  )
  const none = (problem: string): StockPlans => ({ plans: [], proven: true, problems: [problem] })
  if (parts.length === 0) return none('There are no capacitors on the van.')
  if (usable.length === 0)
    return none(`No capacitor on the van is left, sound and rated ${figure(volts)} V or more.`)
  const shelves = alike(usable)
  const wanted = loads.map(({ load, microfarads, volts: least }) => ({
    load,
    picofarads: toPicofarads(microfarads),
    volts: least,
  }))
  const { plans, proven } = searchStock({
    parts: shelves.map((s) => s.part),
    loads: wanted,
    tolerancePercent,
    aims,
    mostParts,
    keep,
  })
  if (plans.length === 0)
    return { plans: [], proven, problems: loads.map((l) => whyNone(parts, l, tolerancePercent)) }
  return {
    plans: plans.map((plan, i) => describe(shelves, loads, plan, i === 0 ? null : first(plans).score)),
    proven,
    problems: [],
  }
}

function describe(
  shelves: readonly Shelf[],
  loads: readonly WantedLoad[],
  { options, score }: FoundPlan,
  best: PlanScore | null,
): StockPlan {
  const targets = loads.map((l) => toPicofarads(l.microfarads))
  // Alike parts of several lines stand on one shelf: each further one comes from the next line that has any.
  const cans = options.map((o, i): StockPart =>
    at(at(shelves, o.part).pieces, options.slice(0, i).filter((other) => other.part === o.part).length),
  )
  const groups = loads.map(({ load }, l): PlannedGroup => {
    const sections = options
      .flatMap((option, can) =>
        option.assignment.flatMap((to, s): (PlannedSection & { value: number })[] => {
          const section = at(at(cans, can).sections, s)
          return to === l
            ? [
                {
                  can,
                  section: section.id,
                  microfarads: section.measured ?? section.microfarads,
                  value: valueOf(section),
                },
              ]
            : []
        }),
      )
      .sort((a, b) => b.value - a.value || a.can - b.can)
    const sum = sections.reduce((total, s) => total + s.value, 0)
    const plain = sections.map(({ can, section, microfarads }) => ({ can, section, microfarads }))
    return {
      load,
      sections: plain,
      microfarads: toMicrofarads(sum),
      errorPercent: (100 * (sum - at(targets, l))) / at(targets, l),
      jumpers: plain.slice(1).map((to, i) => ({ to, share: (sections[i + 1]?.value ?? 0) / sum })),
    }
  })
  const prices = cans.filter((can) => can.keptFor === null).map((can) => can.cents)
  return {
    cans: cans.map(({ id, name, keptFor }) => ({ part: id, name, keptFor })),
    groups,
    ties: cans.flatMap((_, i) => (i > 0 ? [i] : [])),
    worstErrorPercent: Math.max(...groups.map((g) => Math.abs(g.errorPercent))),
    jumperCount: score.jumpers,
    cents: prices.some((p) => p === null)
      ? null
      : prices.reduce((sum: number, p) => sum + known(p, 'The price'), 0),
    why: whyText(groups, cans, score, best),
  }
}

function whyText(
  groups: readonly PlannedGroup[],
  cans: readonly StockPart[],
  score: PlanScore,
  best: PlanScore | null,
): string {
  const values = groups
    .map((g) => `${g.load} ${figure(g.microfarads)} µF (${percentText(g.errorPercent)})`)
    .join(', ')
  const stays = cans.find((can) => can.keptFor !== null)
  const count = stays
    ? `The old can stays for ${stays.keptFor}, ${score.opened === 1 ? 'one capacitor' : `${score.opened} capacitors`} beside it`
    : score.parts === 1
      ? 'One capacitor'
      : `${score.parts} capacitors`
  const fit = `${count}, ${score.jumpers === 0 ? 'no jumper' : score.jumpers === 1 ? 'one jumper' : `${score.jumpers} jumpers`}: ${values}.`
  if (!best) return `${fit} Nothing better for these aims.`
  const gains = [
    score.error < best.error ? 'closer' : '',
    score.parts < best.parts ? 'fewer capacitors' : '',
    score.opened < best.opened ? 'fewer taken of the van' : '',
    score.jumpers < best.jumpers ? 'fewer jumpers' : '',
    score.cost < best.cost ? 'cheaper' : '',
    score.versatile < best.versatile ? 'leaves the versatile cans' : '',
  ].filter(Boolean)
  return gains.length > 0 ? `${fit} Against the best: ${gains.join(', ')}.` : fit
}

/** Why a load gets nothing: its volts are not there, it is there but not beside the other load, or nothing comes near enough. */
function whyNone(
  parts: readonly StockPart[],
  { load, microfarads, volts }: WantedLoad,
  tolerancePercent: number,
): string {
  const sound = parts
    .filter((part) => part.quantity > 0)
    .flatMap((part) =>
      part.sections
        .filter((s) => isSound(s, part))
        .map((s) => ({ part, value: s.measured ?? s.microfarads })),
    )
    .sort((a, b) => Math.abs(a.value - microfarads) - Math.abs(b.value - microfarads))
  const fits = (value: number) => isWithin(toPicofarads(value), toPicofarads(microfarads), tolerancePercent)
  const enough = sound.filter(({ part }) => part.volts >= volts)
  const wanted = `${figure(microfarads)} µF ± ${figure(tolerancePercent)} %`
  const [near] = enough
  if (near && fits(near.value))
    return `${load}: ${figure(near.value)} µF is on the van by itself; nothing there serves it beside the other load.`
  const weak = sound.find(({ part, value }) => part.volts < volts && fits(value))
  if (weak)
    return `${load}: nothing on the van joins to ${wanted} at ${figure(volts)} V; the ${figure(weak.value)} µF of ${weak.part.name} is rated ${figure(weak.part.volts)} V only.`
  return `${load}: nothing on the van joins to ${wanted}${near === undefined ? '' : `; the nearest single section is ${figure(near.value)} µF`}.`
}
