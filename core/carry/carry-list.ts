// What to take up in one trip: from the unit, the old motor's state and the plan, each item with the reason it is on the list.
import data from './items.json'
import type { LeadSheet, Mechanical } from '../motor/lead-sheet'
import { SAME_FRAME } from '../motor/match/mechanical'
import { hasCapacitor } from '../wiring/hookup-posts'
import type { UnitType } from '../wiring/unit-type'

export const CARRY_GROUPS = ['safety', 'part', 'tool'] as const
/** The heading an item stands under. */
export type CarryGroup = (typeof CARRY_GROUPS)[number]

/** What is counted in the plan; null while there is no plan. */
export interface PlanCounts {
  readonly jumpers: number
  /** Leads on posts, and leads capped off. */
  readonly landed: number
  readonly insulated: number
}

/** What the list follows from; null: not known or not chosen. */
export interface CarryInput {
  readonly unit: UnitType
  readonly motor: LeadSheet | null
  /** The motor is the unit's old one, which stays: nothing is taken off its shaft. */
  readonly motorStays?: boolean
  /** Name of the new can; null: none chosen. */
  readonly can: string | null
  readonly oldBody: Mechanical | null
  /** What was seen of the old motor, test to answer. */
  readonly observations: Readonly<Record<string, string>>
  readonly counts: PlanCounts | null
}

/** One thing to carry up, and what for. */
export interface CarryItem {
  readonly id: string
  readonly group: CarryGroup
  readonly name: string
  readonly why: string
}

interface ItemData {
  readonly id: string
  readonly group: string
  readonly name: string
  readonly when: string
  readonly why: string
  readonly each?: string
}

/** A shaft longer by this is cut or stands out, in. Common practice, no source. */
const LONGER_SHAFT = 0.5

/** What to take up in one trip, in the order of the list's data. Common practice, no source. */
export function carryList(input: CarryInput): CarryItem[] {
  const holds = conditionsOf(input)
  return data.items
    .filter((item) => holds.has(item.when))
    .map((item) => ({
      id: item.id,
      group: item.group as CarryGroup,
      name: nameOf(item, input),
      why: item.why,
    }))
}

function nameOf({ name, each }: ItemData, { motor, can, counts }: CarryInput): string {
  const count = each ? counts?.[each as keyof PlanCounts] : undefined
  return name
    .replace('{motor}', motor?.name ?? '')
    .replace('{can}', can ?? '')
    .replace('{count}', count === undefined ? 'as many as the plan will need' : String(count))
}

/** Which conditions of the items hold. An unknown holds what its absence would make forgotten. */
function conditionsOf(input: CarryInput): ReadonlySet<string> {
  const { unit, motor, observations, counts, motorStays = false } = input
  const holds = new Set(['always', unit.traits.fan, ...canConditions(input)])
  const when = (condition: string, is: boolean) => void (is && holds.add(condition))
  when('no-motor', motor === null)
  when('capacitor-there', observations['capacitor-fitted'] !== 'none' && hasCapacitor(unit))
  when('jumpers', (counts?.jumpers ?? 0) > 0)
  when('insulated', counts === null ? motor !== null : counts.insulated > 0)
  when('splice', motor?.settings.speed.some((s) => s.join.length > 0) ?? false)
  when(
    'rough',
    ROUGH.some(([test, answers]) => answers.includes(observations[test] ?? '')),
  )
  if (!motorStays) newMotorConditions(input).forEach((condition) => holds.add(condition))
  return holds
}

const canConditions = ({ can, motorStays = false }: CarryInput): string[] =>
  can === null ? [] : ['can', motorStays ? 'can-for-old' : 'can-for-new']

/** What only a motor that goes asks for: another one, hub tools, how it is held. */
function newMotorConditions({ unit, motor, oldBody }: CarryInput): string[] {
  const { fan } = unit.traits
  const hasDrains = fan === 'outdoor' && (motor === null || motor.drains.length > 0)
  return [
    'goes',
    ...(motor ? ['motor'] : []),
    ...(fan === 'blower' ? ['blower-goes'] : []),
    ...(hasDrains ? ['drains'] : []),
    ...mountingConditions(oldBody, motor?.mechanical ?? null),
  ]
}

const ROUGH: readonly (readonly [string, readonly string[]])[] = [
  ['spin', ['drags', 'seized', 'scrapes']],
  ['shaft', ['oil', 'burnt']],
]

/** Is the first longer than the second by more than `by`? Not where one is not known. */
const longer = (a: number | null | undefined, b: number | null | undefined, by: number): boolean =>
  typeof a === 'number' && typeof b === 'number' && a - b > by

function mountingConditions(old: Mechanical | null, fresh: Mechanical | null): string[] {
  const held = old?.mounting ?? []
  const found = held.length === 0 ? ['mounting-unknown'] : held.map((m) => `mounting-${m}`)
  if (held.length > 0 && fresh && fresh.mounting.length > 0 && !held.some((m) => fresh.mounting.includes(m)))
    found.push('mounting-differs')
  const [oldFrame, newFrame] = [old?.frameInches, fresh?.frameInches]
  if (longer(newFrame, oldFrame, SAME_FRAME) || longer(oldFrame, newFrame, SAME_FRAME))
    found.push('frame-differs')
  if (longer(fresh?.shaftLengthInches, old?.shaftLengthInches, LONGER_SHAFT)) found.push('shaft-longer')
  return found
}
