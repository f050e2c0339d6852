// The supply of this unit, not of its kind: what the technician chose, what the meter read, what the plates say, and last what is usual.
// Where those disagree nothing is picked in silence: the two are named, and one is chosen.
import * as v from 'valibot'
import { figure, rangeFigure } from '../quantity/display'

/** A motor runs within this share of its rated volts at either end (NEMA MG 1, from memory). */
export const VOLTAGE_TOLERANCE = 0.1
/** Below this a meter at a supply reads a dead one, or one with a lost leg: it says nothing of what the unit is made for, V. Our judgement. */
const DEAD_BELOW = 60
/** Volts that supplies have, single phase or between two lines, V. Common practice, no source. */
const NOMINAL = [120, 208, 230, 277, 460] as const

/** Units made for a split phase of 230 or 240 V are run between two lines of a 208 V three-phase supply as well, V. Common practice, no source. */
const [SPLIT_PHASE, TWO_OF_THREE] = [230, 208] as const

/** Of a supply that is not stated. */
export const USUAL_HERTZ = 60

/** Volts between the two lines that feed the fan; hertz. */
export interface Supply {
  readonly volts: number
  readonly hertz: 50 | 60
}

/** Volts as a plate gives them. */
interface Range {
  readonly low: number
  readonly high: number
}

const range = v.strictObject({ low: v.number(), high: v.number() })
export const ChosenVolts = v.pipe(
  v.number('The supply’s volts must be a number of V.'),
  v.minValue(24, 'A supply below 24 V feeds no fan motor.'),
  v.maxValue(1000, 'A supply above 1000 V is not believable: read it again.'),
)
export const SupplyFactsSchema = v.strictObject({
  /** Chosen by the technician, V; null: nothing was. */
  chosenVolts: v.optional(v.nullable(ChosenVolts), null),
  /** Of the unit's plate; empty where it was not readable. */
  unitPlate: v.optional(v.array(range), []),
  /** Of the old motor's plate. */
  motorPlate: v.optional(v.array(range), []),
  /** Read at the unit, V. */
  meterVolts: v.optional(v.nullable(v.pipe(v.number(), v.minValue(0), v.maxValue(1000))), null),
  /** Chosen by the technician; null: nothing was. */
  chosenHertz: v.optional(v.nullable(v.picklist([50, 60], 'The supply is 50 or 60 Hz.')), null),
  /** What is usual in this shop; null: not stated. */
  hertz: v.optional(v.nullable(v.picklist([50, 60], 'The supply is 50 or 60 Hz.')), null),
  /** Of the unit's plate. */
  plateHertz: v.optional(v.array(v.picklist([50, 60])), []),
  /** Of the unit's plate; null: not readable. */
  platePhases: v.optional(v.nullable(v.picklist([1, 3])), null),
})
/** What is known of a supply; what is missing is null or an empty list. */
export type SupplyFacts = v.InferOutput<typeof SupplyFactsSchema>
export const NO_SUPPLY_FACTS: SupplyFacts = {
  chosenVolts: null,
  unitPlate: [],
  motorPlate: [],
  meterVolts: null,
  chosenHertz: null,
  hertz: null,
  plateHertz: [],
  platePhases: null,
}

/** What may be chosen where sources disagree. */
export interface SupplyChoice {
  readonly volts: number
  /** "460 V, by the unit’s plate" */
  readonly words: string
}

/** The supply with where it is from, and what speaks against it. */
export interface SupplyAnswer {
  readonly supply: Supply
  readonly from: 'chosen' | 'meter' | 'plate' | 'usual'
  /** "230 V, 60 Hz, as such units usually have" */
  readonly words: string
  /** Whole sentences; empty: nothing disagrees, or one was chosen. */
  readonly conflicts: readonly string[]
  /** What can be chosen; empty without a conflict. */
  readonly choices: readonly SupplyChoice[]
}

const at = (volts: number): Range => ({ low: volts, high: volts })

/** Inside a plate's volts, with the tolerance at both ends. */
export const inRange = (volts: number, { low, high }: Range): boolean =>
  volts >= low * (1 - VOLTAGE_TOLERANCE) - 1e-9 && volts <= high * (1 + VOLTAGE_TOLERANCE) + 1e-9

/** The usual volts nearest to a figure: a reading of 238 V is a 230 V supply. */
export const nominalVolts = (volts: number): number =>
  NOMINAL.reduce((best, n) => (Math.abs(n - volts) < Math.abs(best - volts) ? n : best))

/** "208–230 V" */
const rangeWords = (range: Range): string => `${rangeFigure(range)} V`

/** One source's word on the volts. */
interface Statement {
  readonly from: 'meter' | 'plate' | 'usual'
  /** "the unit’s plate says 460 V" */
  readonly says: string
  /** "by the unit’s plate" */
  readonly by: string
  /** Any of these. */
  readonly ranges: readonly Range[]
  /** What it is taken as, in the light of the type's usual volts. */
  readonly volts: number
}

/** What a kind of unit usually has, V: `volts`, and others that it comes for as often. */
export interface UsualVolts {
  readonly volts: number
  readonly alsoVolts?: readonly number[]
}

/** The supply of a unit whose kind usually has these volts. Common practice, no source: plate and meter over the kind. */
export function supplyOf(kind: UsualVolts, facts: SupplyFacts): SupplyAnswer {
  const usualVolts = kind.volts
  const { hertz, conflict } = hertzOf(facts)
  const answer = (volts: number, from: SupplyAnswer['from'], by: string): SupplyAnswer => ({
    supply: { volts, hertz },
    from,
    words: `${figure(volts)} V, ${hertz} Hz, ${by}`,
    conflicts: conflict ? [conflict] : [],
    choices: [],
  })
  if (facts.chosenVolts !== null) return answer(facts.chosenVolts, 'chosen', 'as it was chosen')
  const said = statements(kind, facts)
  const against = disagreements(said)
  const best = said[0]!
  if (against.length === 0) return answer(best.volts, best.from, best.by)
  // A reading that is no supply's, such as of a lost leg, speaks against the others and is not to be chosen itself.
  const offered = said.filter((s) => s.from !== 'meter' || s.ranges.every((r) => inRange(r.low, at(s.volts))))
  const choices = [...new Map(offered.map((s) => [s.volts, s])).values()]
  return {
    ...answer(usualVolts, 'usual', 'until one is chosen'),
    conflicts: [...against, ...(conflict ? [conflict] : [])],
    choices: choices.map(({ volts, by }) => ({ volts, words: `${figure(volts)} V, ${by}` })),
  }
}

/** What each source says, the strongest first. */
function statements(
  { volts: usualVolts, alsoVolts = [] }: UsualVolts,
  { unitPlate, motorPlate, meterVolts }: SupplyFacts,
): Statement[] {
  const usual: Statement = {
    from: 'usual',
    says: `such units usually have ${[usualVolts, ...alsoVolts].map((v) => figure(v)).join(' or ')} V`,
    by: 'as such units usually have',
    ranges: [
      { low: nominalVolts(usualVolts) === SPLIT_PHASE ? TWO_OF_THREE : usualVolts, high: usualVolts },
      ...alsoVolts.map(at),
    ],
    volts: usualVolts,
  }
  const meter = meterVolts !== null && meterVolts >= DEAD_BELOW ? meterVolts : null
  // 230 and 240 are one supply by two names: the kind's own name is kept.
  const near =
    meter === null || nominalVolts(meter) === nominalVolts(usualVolts) ? usualVolts : nominalVolts(meter)
  const plate = (ranges: readonly Range[], name: string): Statement[] =>
    ranges.length === 0
      ? []
      : [
          {
            from: 'plate',
            says: `${name} says ${ranges.map(rangeWords).join(' or ')}`,
            by: `by ${name}`,
            ranges,
            volts: within(ranges, near, usualVolts),
          },
        ]
  return [
    ...(meter === null
      ? []
      : [
          {
            from: 'meter' as const,
            says: `the meter read ${figure(meter, 0)} V`,
            by: 'by the meter',
            ranges: [{ low: meter, high: meter }],
            volts: near,
          },
        ]),
    ...plate(unitPlate, 'the unit’s plate'),
    ...plate(motorPlate, 'the old motor’s plate'),
    usual,
  ]
}

/** Of a plate's volts the ones meant here: the reading's, else the usual ones, else its highest. */
function within(ranges: readonly Range[], near: number, usualVolts: number): number {
  const fits = (volts: number) => ranges.some((r) => inRange(volts, r))
  if (fits(near)) return near
  return fits(usualVolts) ? usualVolts : Math.max(...ranges.map((r) => r.high))
}

/** Two sources whose volts do not overlap within the tolerance of a plate. */
function disagreements(said: readonly Statement[]): string[] {
  const agree = (a: Statement, b: Statement) =>
    a.ranges.some((x) => b.ranges.some((y) => touching(x, y) || touching(y, x)))
  return said.flatMap((a, i) =>
    said
      .slice(i + 1)
      .filter((b) => !agree(a, b))
      .map((b) => `${sentence(a.says)}, and ${b.says}: choose which is right.`),
  )
}

const touching = (a: Range, b: Range): boolean => inRange(a.low, b) || inRange(a.high, b)
const sentence = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)

/** What was chosen, else the shop's, else the plate's, else 60. */
function hertzOf({ chosenHertz, hertz, plateHertz }: SupplyFacts): {
  hertz: 50 | 60
  conflict: string | null
} {
  if (chosenHertz !== null) return { hertz: chosenHertz, conflict: null }
  const [only, other] = plateHertz
  const plated = only !== undefined && other === undefined ? only : null
  const conflict =
    hertz !== null && plated !== null && hertz !== plated
      ? `The unit’s plate says ${plated} Hz, and this shop’s supplies have ${hertz} Hz: choose which is right.`
      : null
  return { hertz: hertz ?? plated ?? USUAL_HERTZ, conflict }
}

/** A plate whose phases are not those that the unit's kind comes in on; null: they agree, or are not on the plate. */
export function phaseConflict(
  kind: { readonly supply: { readonly line3?: unknown } },
  { platePhases }: Pick<SupplyFacts, 'platePhases'>,
): string | null {
  const phases = kind.supply.line3 === undefined ? 1 : 3
  return platePhases === null || platePhases === phases
    ? null
    : `The unit’s plate says ${platePhases === 3 ? 'three phases' : 'one phase'}, and this kind of unit is on ${phases === 3 ? 'three' : 'one'}: choose its kind again, or read the plate again.`
}

/** A unit of a kind on its own supply: everything that asks it for its volts asks this unit. */
export const onSupply = <U extends { readonly volts: number }>(unit: U, { volts }: Supply): U =>
  unit.volts === volts ? unit : { ...unit, volts }
