import { idSchema } from '../quantity/id'
import * as v from 'valibot'
import { MAX_MICROFARADS, MAX_SECTIONS, TolerancePercent, type SectionId } from '../capacitor/can'
import { AIMS, USUAL_AIMS } from '../capacitor/stock-plan/aims'
import type { StockPart } from '../capacitor/stock-plan/part'
import { planFromStock } from '../capacitor/stock-plan/plan'
import { seriesPairs } from '../capacitor/stock-plan/series'
import { planStart } from '../capacitor/stock-plan/start'
import { judgeStays, STAYS_ID } from '../capacitor/stock-plan/stays'
import { DEFAULT_TOLERANCE_PERCENT } from '../capacitor/verdict'
import { checkWhole, type Problem } from '../quantity/problem'
import { positive, shortText } from './fields'
import { operation } from './operation'
import { plain } from './plain'

const StockPartSchema = v.strictObject({
  id: shortText('A capacitor’s id', 60),
  name: shortText('A capacitor’s name', 300),
  volts: positive('Rated volts', 'V', 1000),
  /** Of its own marking: what reads outside it is condemned. */
  tolerancePercent: v.optional(TolerancePercent, DEFAULT_TOLERANCE_PERCENT),
  quantity: v.optional(
    v.pipe(
      v.number('The quantity must be a whole number.'),
      v.integer('The quantity must be a whole number.'),
      v.maxValue(9999),
    ),
    1,
  ),
  cents: v.optional(
    v.nullable(v.pipe(v.number(), v.integer(), v.minValue(0, 'The price cannot be below 0.'))),
    null,
  ),
  sections: v.pipe(
    v.array(
      v.strictObject({
        id: shortText('A section’s name', 40),
        microfarads: positive('The section', 'µF', MAX_MICROFARADS),
        measured: v.optional(
          v.nullable(
            v.pipe(
              v.number(),
              v.minValue(0, 'A measured value cannot be below 0 µF.'),
              v.maxValue(MAX_MICROFARADS),
            ),
          ),
          null,
        ),
        dead: v.optional(v.boolean(), false),
      }),
      'The sections must be a list.',
    ),
    v.minLength(1, 'A capacitor has one section at least.'),
    v.maxLength(MAX_SECTIONS, `A can has ${MAX_SECTIONS} sections at most.`),
  ),
})
export const StockPartsSchema = v.pipe(
  v.array(StockPartSchema, 'The stock must be a list.'),
  v.maxLength(5000, 'More than 5,000 capacitors.'),
)

/** Everything on a van's list comes from the van. */
export const fromVan = (stock: v.InferOutput<typeof StockPartsSchema>): StockPart[] =>
  stock.map((part) => ({ ...part, keptFor: null }))

const AimsSchema = v.pipe(
  v.array(v.picklist(AIMS, `An aim is one of: ${AIMS.join(', ')}.`)),
  v.check(
    (list) => list.length === AIMS.length && new Set(list).size === AIMS.length,
    `The order names each aim once: ${AIMS.join(', ')}.`,
  ),
)

const PlannedSectionSchema = v.object({
  can: v.number(),
  section: idSchema<SectionId>(v.string()),
  microfarads: v.number(),
})
const PlanSchema = v.object({
  cans: v.array(v.object({ part: v.string(), name: v.string(), keptFor: v.nullable(v.string()) })),
  groups: v.array(
    v.object({
      load: v.string(),
      sections: v.array(PlannedSectionSchema),
      microfarads: v.number(),
      errorPercent: v.number(),
      jumpers: v.array(v.object({ to: PlannedSectionSchema, share: v.number() })),
    }),
  ),
  ties: v.array(v.number()),
  worstErrorPercent: v.number(),
  jumperCount: v.number(),
  cents: v.nullable(v.number()),
  why: v.string(),
})
const StaysSchema = v.strictObject({
  /** The load it served and would go on serving. */
  load: shortText('The load', 40),
  name: v.optional(shortText('The old can’s name', 300), 'The old can'),
  volts: positive('The old can’s rating', 'V', 1000),
  microfarads: positive('Its marking', 'µF', MAX_MICROFARADS),
  tolerancePercent: v.optional(TolerancePercent, DEFAULT_TOLERANCE_PERCENT),
  /** What its reading leaves open. */
  reading: v.pipe(
    v.strictObject({
      low: v.pipe(v.number(), v.minValue(0)),
      high: v.pipe(v.number(), v.minValue(0), v.maxValue(100_000)),
    }),
    v.check((r) => r.low <= r.high, 'The reading’s lower end is above its upper one.'),
  ),
})
const range = {
  low: positive('The marked range', 'µF', 2000),
  high: positive('The marked range', 'µF', 2000),
}
const StartSchema = v.strictObject({
  wanted: v.strictObject({ ...range, volts: positive('The start capacitor’s volts', 'V', 1000) }),
  stock: v.pipe(
    v.array(
      v.strictObject({
        id: shortText('A capacitor’s id', 60),
        name: shortText('A capacitor’s name', 300),
        ...range,
        volts: positive('Rated volts', 'V', 1000),
        quantity: v.optional(v.pipe(v.number(), v.integer(), v.maxValue(9999)), 1),
        cents: v.optional(v.nullable(v.pipe(v.number(), v.integer(), v.minValue(0))), null),
        measured: v.optional(v.nullable(v.pipe(v.number(), v.minValue(0), v.maxValue(5000))), null),
      }),
    ),
    v.maxLength(5000, 'More than 5,000 start capacitors.'),
  ),
})

const OutputSchema = v.object({
  /** Best first. */
  plans: v.array(PlanSchema),
  /** Nothing better exists for these aims. */
  proven: v.boolean(),
  problems: v.array(v.string()),
  /** Only when asked for, and of one load: two capacitors in series, with the volts on each. */
  series: v.array(
    v.object({
      parts: v.tuple([v.string(), v.string()]),
      microfarads: v.number(),
      errorPercent: v.number(),
      volts: v.tuple([v.number(), v.number()]),
    }),
  ),
  /** Whether the old can may stay for a side, and why; null when not asked. */
  stays: v.nullable(v.object({ allowed: v.boolean(), why: v.string() })),
  /** Start capacitors by their range; null when not asked. */
  start: v.nullable(
    v.object({
      fits: v.array(
        v.object({ part: v.string(), name: v.string(), cents: v.nullable(v.number()), why: v.string() }),
      ),
      problems: v.array(v.string()),
    }),
  ),
})
/** What `capacitor-plan` answers. */
export type CapacitorPlanOutput = v.InferOutput<typeof OutputSchema>

const InputSchema = v.strictObject({
  stock: StockPartsSchema,
  /** Empty only where a start capacitor alone is asked for. */
  loads: v.pipe(
    v.array(
      v.strictObject({
        load: shortText('A load’s name', 40),
        microfarads: positive('The load', 'µF', MAX_MICROFARADS),
        volts: v.optional(positive('The tag’s volts', 'V', 1000), 370),
      }),
    ),
    v.maxLength(3, 'More than three loads on one plan.'),
    v.check((list) => new Set(list.map((l) => l.load)).size === list.length, 'Two loads have the same name.'),
  ),
  tolerancePercent: v.optional(TolerancePercent, DEFAULT_TOLERANCE_PERCENT),
  aims: v.optional(AimsSchema, [...USUAL_AIMS]),
  /** Capacitors in one plan at the most. */
  mostParts: v.optional(
    v.pipe(
      v.number(),
      v.integer(),
      v.minValue(1, 'One capacitor at least.'),
      v.maxValue(3, 'Three capacitors at most.'),
    ),
    2,
  ),
  keep: v.optional(v.pipe(v.number(), v.integer(), v.minValue(1), v.maxValue(20)), 5),
  series: v.optional(v.boolean(), false),
  /** One side of the old can that the technician would leave in. */
  stays: v.optional(v.nullable(StaysSchema), null),
  start: v.optional(v.nullable(StartSchema), null),
})

function problems({ loads, stays, stock, start }: v.InferOutput<typeof InputSchema>): Problem[] {
  return [
    ...(loads.length === 0 && !start
      ? [{ path: 'loads', message: 'At least one load is needed: what is the capacitor for?' }]
      : []),
    ...(stays && !loads.some((l) => l.load === stays.load)
      ? [
          {
            path: 'stays.load',
            message: `No load is called “${stays.load}”: the old can would serve nothing.`,
          },
        ]
      : []),
    ...(stock.some((p) => p.id === STAYS_ID)
      ? [{ path: 'stock', message: `The id “${STAYS_ID}” is the old can’s own.` }]
      : []),
  ]
}

const NO_PLANS = { plans: [], proven: true, problems: [] }

export const capacitorPlan = operation({
  name: 'capacitor-plan',
  help: 'The best that this stock can do for the loads: which capacitors, which sections, jumpers and ties, with nothing better possible.',
  input: v.pipe(InputSchema, checkWhole(problems)),
  output: OutputSchema,
  run({ stock: lines, loads, tolerancePercent, aims, mostParts, keep, series, stays, start }) {
    const stock = fromVan(lines)
    const only = loads[0]
    const pairs =
      series && loads.length === 1 && only
        ? seriesPairs(stock, only.microfarads, only.volts, tolerancePercent).slice(0, keep)
        : []
    const wanted = loads.find((l) => l.load === stays?.load)
    const old = stays && wanted ? judgeStays(stays, wanted, tolerancePercent) : null
    const parts = old?.part ? [...stock, old.part] : stock
    return plain({
      ...(loads.length > 0
        ? planFromStock({ parts, loads, tolerancePercent, aims, mostParts, keep })
        : NO_PLANS),
      series: pairs,
      stays: old && { allowed: old.part !== null, why: old.why },
      start: start && planStart(start.stock, start.wanted),
    })
  },
})
