import * as v from 'valibot'
import { MAX_MICROFARADS, MAX_SECTIONS, TolerancePercent } from '../capacitor/can'
import { AIMS, USUAL_AIMS } from '../capacitor/stock-plan/aims'
import { planFromStock, seriesPairs } from '../capacitor/stock-plan/plan'
import { DEFAULT_TOLERANCE_PERCENT } from '../capacitor/verdict'
import { positive, shortText } from './fields'
import { operation } from './operation'
import { plain } from './plain'

export const StockPartSchema = v.strictObject({
  id: shortText('A capacitor’s id', 60),
  name: shortText('A capacitor’s name', 300),
  volts: positive('Rated volts', 'V', 1000),
  quantity: v.optional(v.pipe(v.number('The quantity must be a whole number.'), v.integer('The quantity must be a whole number.'), v.maxValue(9999)), 1),
  cents: v.optional(v.nullable(v.pipe(v.number(), v.integer(), v.minValue(0, 'The price cannot be below 0.'))), null),
  sections: v.pipe(
    v.array(v.strictObject({ id: shortText('A section’s name', 40), microfarads: positive('The section', 'µF', MAX_MICROFARADS), measured: v.optional(v.nullable(v.pipe(v.number(), v.minValue(0, 'A measured value cannot be below 0 µF.'), v.maxValue(MAX_MICROFARADS))), null), dead: v.optional(v.boolean(), false) }), 'The sections must be a list.'),
    v.minLength(1, 'A capacitor has one section at least.'),
    v.maxLength(MAX_SECTIONS, `A can has ${MAX_SECTIONS} sections at most.`),
  ),
})
export const StockPartsSchema = v.pipe(v.array(StockPartSchema, 'The stock must be a list.'), v.maxLength(5000, 'More than 5,000 capacitors.'))

export const AimsSchema = v.pipe(
  v.array(v.picklist(AIMS, `An aim is one of: ${AIMS.join(', ')}.`)),
  v.check((list) => list.length === AIMS.length && new Set(list).size === AIMS.length, `The order names each aim once: ${AIMS.join(', ')}.`),
)

const PlannedSectionSchema = v.object({ can: v.number(), section: v.string(), microfarads: v.number() })
const PlanSchema = v.object({
  cans: v.array(v.object({ part: v.string(), name: v.string() })),
  groups: v.array(v.object({ load: v.string(), sections: v.array(PlannedSectionSchema), microfarads: v.number(), errorPercent: v.number(), jumpers: v.array(v.object({ to: PlannedSectionSchema, share: v.number() })) })),
  ties: v.array(v.number()),
  worstErrorPercent: v.number(),
  jumperCount: v.number(),
  cents: v.nullable(v.number()),
  why: v.string(),
})
const OutputSchema = v.object({
  /** Best first. */
  plans: v.array(PlanSchema),
  /** Nothing better exists for these aims. */
  proven: v.boolean(),
  problems: v.array(v.string()),
  /** Only when asked for, and of one load: two capacitors in series, with the volts on each. */
  series: v.array(v.object({ parts: v.tuple([v.string(), v.string()]), microfarads: v.number(), errorPercent: v.number(), volts: v.tuple([v.number(), v.number()]) })),
})
export type CapacitorPlanOutput = v.InferOutput<typeof OutputSchema>

export const capacitorPlan = operation({
  name: 'capacitor-plan',
  help: 'The best that this stock can do for the loads: which capacitors, which sections, jumpers and ties, with nothing better possible.',
  input: v.strictObject({
    stock: StockPartsSchema,
    loads: v.pipe(v.array(v.strictObject({ load: shortText('A load’s name', 40), microfarads: positive('The load', 'µF', MAX_MICROFARADS), volts: v.optional(positive('The tag’s volts', 'V', 1000), 370) })), v.minLength(1, 'At least one load is needed: what is the capacitor for?'), v.maxLength(3, 'More than three loads on one plan.')),
    tolerancePercent: v.optional(TolerancePercent, DEFAULT_TOLERANCE_PERCENT),
    aims: v.optional(AimsSchema, [...USUAL_AIMS]),
    /** Capacitors in one plan at the most. */
    mostParts: v.optional(v.pipe(v.number(), v.integer(), v.minValue(1, 'One capacitor at least.'), v.maxValue(3, 'Three capacitors at most.')), 2),
    keep: v.optional(v.pipe(v.number(), v.integer(), v.minValue(1), v.maxValue(20)), 5),
    series: v.optional(v.boolean(), false),
  }),
  output: OutputSchema,
  run({ stock, loads, tolerancePercent, aims, mostParts, keep, series }) {
    const only = loads[0]
    const pairs = series && loads.length === 1 && only ? seriesPairs(stock, only.microfarads, only.volts, tolerancePercent).slice(0, keep) : []
    return plain({ ...planFromStock({ parts: stock, loads, tolerancePercent, aims, mostParts, keep }), series: pairs })
  },
})
