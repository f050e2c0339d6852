// Before hands go in: what to open, what stays live all the same, and where to prove it dead.
import { first } from '../quantity/at'
import { figure } from '../quantity/display'
import { NO_SUPPLY_FACTS, supplyOf, VOLTAGE_TOLERANCE, type SupplyAnswer } from '../supply/supply'
import { recordedCopper } from '../wiring/capacitor-sides'
import { hasCapacitor } from '../wiring/hookup-posts'
import {
  LINES,
  linesOf,
  postName,
  type Line,
  type PostId,
  type PostKind,
  type UnitType,
} from '../wiring/unit-type'
import { goesToMotor, type NamedWire } from '../wiring/wire'

/** At or below this a pair of posts is taken as dead, volts. Common practice, no source. */
export const PROVEN_DEAD_VOLTS = 2

const LINE_WORDS: Readonly<Record<Line, string>> = {
  line1: 'line 1',
  line2: 'line 2',
  line3: 'line 3',
}

/** A post that is live with the thermostat off and the disconnect closed. */
export interface LivePost {
  readonly post: PostId
  readonly name: string
  readonly line: Line
  /** A wire of the fan motor is on it, so the stopped motor is at line potential. */
  readonly motorWire: boolean
}

/** Two points to prove dead with a meter. */
export interface ProveStep {
  /** Stable name, such as "L1 to GND": the key a job keeps its reading under. */
  readonly id: string
  readonly between: readonly [PostId, PostId]
  readonly names: readonly [string, string]
  readonly what: string
}

/** What to open, what stays live, and where to prove dead on one unit type. */
export interface MakeSafe {
  readonly open: readonly string[]
  readonly staysLive: readonly string[]
  /** Posts on a line while the thermostat is off and the disconnect still closed, but for the incoming posts themselves. */
  readonly liveWithOff: readonly LivePost[]
  readonly sentence: string
  /** What the meter must reach on this unit's supply, and that it is proven itself before and after. */
  readonly meter: string
  readonly prove: readonly ProveStep[]
  /** Such a unit has a capacitor, which holds a charge. */
  readonly hasCapacitor: boolean
}

/** From the unit type and its recorded wires; its typical wires where none is recorded yet. `supply`: of this unit; its kind's usual one when left out. */
export function makeSafe(
  unit: UnitType,
  recorded: readonly NamedWire[],
  supply: SupplyAnswer = supplyOf(unit, NO_SUPPLY_FACTS),
): MakeSafe {
  const wires =
    recorded.length > 0
      ? recorded
      : unit.typicalWires.map((wire): NamedWire => ({ ...wire, segments: [], traced: false, stated: [] }))
  const copper = recordedCopper(unit, wires, 'off')
  const lines = linesOf(unit)
  const lineOf = (post: PostId) => LINES[lines.findIndex((line) => copper.joined(post, line))] ?? null
  const liveWithOff = unit.posts.flatMap(({ id, kind }): LivePost[] => {
    const line = kind === 'supply' ? null : lineOf(id)
    return line
      ? [
          {
            post: id,
            name: postName(unit, id),
            line,
            motorWire: wires.some((w) => goesToMotor(w) && w.from === id),
          },
        ]
      : []
  })
  const prove = pairsOf(unit).map(({ between, what }): ProveStep => ({
    id: between.join(' to '),
    between,
    names: [postName(unit, between[0]), postName(unit, between[1])],
    what,
  }))
  return {
    open: unit.safety.open,
    staysLive: unit.safety.staysLive,
    liveWithOff,
    sentence: sentenceOf(unit, liveWithOff),
    meter: meterWords(supply),
    prove,
    hasCapacitor: hasCapacitor(unit),
  }
}

/** A meter that is set too low, or is dead itself, reads a live line as nothing: it is tried on a live one first and last (NFPA 70E, from memory). */
function meterWords({ supply, words, conflicts, choices }: SupplyAnswer): string {
  const most = Math.max(supply.volts, ...choices.map((c) => c.volts))
  const what =
    conflicts.length > 0 ? `Its supply is not settled: up to ${figure(most)} V` : `Its supply is ${words}`
  return `${what}. Set the meter to AC volts above ${figure(most * (1 + VOLTAGE_TOLERANCE), 0)} V, and try it on a line that is live before and after.`
}

type Pair = Pick<ProveStep, 'between' | 'what'>

/** Kinds of posts that hands touch and that a line can reach: what a lead or a wire of the fan is on. */
const TOUCHED: readonly PostKind[] = ['load', 'relay', 'output', 'splice']

/**
 * The incoming lines first, as the unit type lists them; then every terminal that is touched, to the chassis or to the line that is never
 * switched; then each capacitor that stays, which holds a charge of its own. Common practice, no source.
 */
function pairsOf(unit: UnitType): Pair[] {
  const listed: readonly Pair[] = unit.safety.proveDead
  const earth = unit.posts.find((p) => p.kind === 'earth')?.id
  const blower = unit.traits.fan === 'blower'
  const to = blower ? unit.supply.line2 : earth
  const told = (post: PostId) =>
    listed.some(({ between }) => between.includes(post) && to !== undefined && between.includes(to))
  const touched = unit.posts
    .filter((post) => TOUCHED.includes(post.kind) && !told(post.id))
    .flatMap((post): Pair[] =>
      to === undefined
        ? []
        : [
            {
              between: [post.id, to],
              what: `${postName(unit, post.id)} to ${blower ? 'the line that is never switched' : 'the chassis'}`,
            },
          ],
    )
  return [...listed, ...touched, ...keptCapacitors(unit)]
}

function keptCapacitors(unit: UnitType): Pair[] {
  const [a, b] = unit.posts.filter((post) => post.kind === 'kept-cap')
  if (!a || !b) return []
  const name = unit.parts.find((part) => part.id === a.part)?.name.toLowerCase() ?? 'capacitor that stays'
  return [
    {
      between: [a.id, b.id],
      what: `across the ${name}, which holds a charge of its own: through the resistor first, then this reading`,
    },
  ]
}

/** Neutral is at line potential by the same wire, though it reads nothing to ground on a right supply. */
function sentenceOf(unit: UnitType, live: readonly LivePost[]): string {
  if (live.length === 0)
    return 'With the thermostat off nothing behind the contactor is on a line. The incoming posts are, until the disconnect is open.'
  const at = live.find((p) => p.motorWire) ?? first(live)
  const neutral = unit.posts.find((p) => p.id === at.post)?.kind === 'neutral'
  const motor = live.some((p) => p.motorWire)
  if (neutral)
    return `Thermostat off is not dead: ${at.name} is never switched${motor ? ', and the motor hangs on it' : ''}. On a reversed supply it is the live one.`
  return `Thermostat off is not dead: ${at.name} stays on ${LINE_WORDS[at.line]}${motor ? ', and through it every lead of the stopped motor' : ''}.`
}
