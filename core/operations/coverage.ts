import * as v from 'valibot'
import { MAX_MICROFARADS, TolerancePercent } from '../capacitor/can'
import { COMPRESSOR_VALUES, coverageOf, FAN_VALUES } from '../capacitor/coverage/coverage'
import { restock } from '../capacitor/coverage/restock'
import { DEFAULT_TOLERANCE_PERCENT } from '../capacitor/verdict'
import { fromVan, StockPartsSchema } from './capacitor-plan'
import { positive } from './fields'
import { operation } from './operation'
import { plain } from './plain'

const values = (what: string) =>
  v.pipe(
    v.array(positive(what, 'µF', MAX_MICROFARADS)),
    v.minLength(1, 'At least one value is needed.'),
    v.maxLength(40, 'More than 40 values.'),
  )
const Common = {
  volts: v.optional(positive('The tag’s volts', 'V', 1000), 370),
  tolerancePercent: v.optional(TolerancePercent, DEFAULT_TOLERANCE_PERCENT),
  mostParts: v.optional(
    v.pipe(
      v.number(),
      v.integer(),
      v.minValue(1, 'One capacitor at least.'),
      v.maxValue(3, 'Three capacitors at most.'),
    ),
    2,
  ),
}
const few = (schema: typeof StockPartsSchema) =>
  v.pipe(schema, v.maxLength(500, 'More than 500 capacitors at a time.'))

const CoverageOutput = v.object({
  cells: v.array(
    v.object({
      compressor: v.number(),
      fan: v.number(),
      parts: v.nullable(v.number()),
      worstErrorPercent: v.nullable(v.number()),
      by: v.array(v.string()),
    }),
  ),
  met: v.number(),
  /** Pairs that only this part makes possible. */
  adds: v.array(v.object({ part: v.string(), pairs: v.number() })),
})
/** What `coverage` answers. */
export type CoverageOutput = v.InferOutput<typeof CoverageOutput>

export const coverage = operation({
  name: 'coverage',
  help: 'Which pairs of compressor and fan values this stock can meet, how well and with how many parts, and what each part adds.',
  input: v.strictObject({
    stock: StockPartsSchema,
    compressors: v.optional(values('A compressor’s value'), [...COMPRESSOR_VALUES]),
    fans: v.optional(values('A fan’s value'), [...FAN_VALUES]),
    ...Common,
  }),
  output: CoverageOutput,
  run: ({ stock, ...rest }, { report }) => plain(coverageOf({ parts: fromVan(stock), ...rest }, report)),
})

const CallSchema = v.strictObject({
  compressor: v.nullable(positive('The compressor’s value', 'µF', MAX_MICROFARADS)),
  fan: v.nullable(positive('The fan’s value', 'µF', MAX_MICROFARADS)),
})
const PurchaseSchema = v.object({ part: v.string(), adds: v.number(), cents: v.nullable(v.number()) })
const RestockOutput = v.object({
  /** In the order of buying; `adds` past calls with those before it. */
  buy: v.array(PurchaseSchema),
  /** The best of single purchases; null when none meets a further call. */
  single: v.nullable(PurchaseSchema),
  metBefore: v.number(),
  metAfter: v.number(),
  /** No set of purchases meets more calls than this. */
  bound: v.number(),
  cents: v.number(),
  /** Parts of the stock that could all be left off with every call that is met now still met. */
  neverNeeded: v.array(v.string()),
})
/** What `restock` answers. */
export type RestockOutput = v.InferOutput<typeof RestockOutput>

export const restockOperation = operation({
  name: 'restock',
  help: 'Which purchases within a budget meet most of the shop’s past calls, how far that may be from the best, and which parts are never needed.',
  input: v.strictObject({
    stock: StockPartsSchema,
    catalogue: few(StockPartsSchema),
    calls: v.pipe(
      v.array(CallSchema, 'The past calls must be a list.'),
      v.maxLength(2000, 'More than 2,000 calls.'),
    ),
    ...Common,
    most: v.optional(
      v.pipe(
        v.number(),
        v.integer('Purchases are counted.'),
        v.minValue(1, 'One purchase at least.'),
        v.maxValue(10, 'Ten purchases at most.'),
      ),
      1,
    ),
    budget: v.optional(
      v.nullable(
        v.pipe(
          v.number('The budget must be a number of cents.'),
          v.integer(),
          v.minValue(0, 'The budget cannot be below 0.'),
        ),
      ),
      null,
    ),
  }),
  output: RestockOutput,
  run: ({ stock, catalogue, ...rest }, { report }) =>
    plain(restock({ stock: fromVan(stock), catalogue: fromVan(catalogue), ...rest }, report)),
})
