// The van: a document of its own in the same list of changes. Its lines of stock, the lead sheets entered and the units put together here,
// and what is left of each line once jobs took their parts.
import type { JobId } from './job-id'
import { first } from '../quantity/at'
import * as v from 'valibot'
import { TolerancePercent } from '../capacitor/can'
import { LeadSheetSchema, type LeadSheet } from '../motor/lead-sheet'
import { UnitPlanSchema } from '../wiring/unit-blocks/plan'
import { OwnUnitTypeSchema } from '../wiring/unit-ref'
import { LineIdSchema, StockLineSchema, type StockLine } from '../van/stock-line'

/** The one document that is no job. A UUID like theirs, so that changes of either travel alike. */
export const VAN_ID = '00000000-0000-4000-8000-00000000a0ad'

export const VAN_FIELDS = {
  /** By line id. */
  stock: StockLineSchema,
  /** Lead sheets read from files or entered from tags, by id. */
  sheets: LeadSheetSchema,
  /** Unit types of the shop's own, by id, with the blocks they were put together from; null: read from a file. */
  units: v.strictObject({ type: OwnUnitTypeSchema, plan: v.nullable(UnitPlanSchema) }),
} as const

/** A unit type of the shop's own. */
export type OwnUnit = v.InferOutput<typeof VAN_FIELDS.units>

/** A mark of some 200 by 80 dots, as a PNG in a line of text. */
export const MARK_LETTERS = 60_000

/** How the shop works, by setting; each new job takes them over as its own. */
const SHOP_SETTINGS = {
  hertz: v.picklist([50, 60], 'The supply is 50 or 60 Hz.'),
  tolerancePercent: TolerancePercent,
  /** The letterhead of what is handed over. */
  name: v.pipe(
    v.string('The shop’s name is text.'),
    v.trim(),
    v.maxLength(120, 'The shop’s name has 120 letters at most.'),
  ),
  address: v.pipe(
    v.string('The shop’s address is text.'),
    v.trim(),
    v.maxLength(300, 'The shop’s address has 300 letters at most.'),
  ),
  mark: v.pipe(
    v.string('The shop’s mark is a picture.'),
    v.maxLength(
      MARK_LETTERS,
      `The shop’s mark is larger than ${MARK_LETTERS} letters of its code: a plainer picture.`,
    ),
    v.regex(/^data:image\/png;base64,[A-Za-z0-9+/]+={0,2}$/, 'The shop’s mark is a picture of the kind PNG.'),
  ),
} as const
/** What the shop has set; a missing key is as usual: 60 Hz, ± 6 %. */
export interface ShopSettings {
  readonly hertz?: 50 | 60
  readonly tolerancePercent?: number
  readonly name?: string
  readonly address?: string
  /** A PNG as a data address. */
  readonly mark?: string
}

/** The schema of the value at a path of the van, null allowed; undefined when the van has no such field. */
export function vanSchemaAt(path: readonly string[]): v.GenericSchema | undefined {
  const [name, key] = path
  if (name === 'stock' && !v.is(LineIdSchema, key)) return undefined
  if (name === 'settings')
    return path.length === 2 && key && Object.hasOwn(SHOP_SETTINGS, key)
      ? v.nullable(SHOP_SETTINGS[key as keyof typeof SHOP_SETTINGS])
      : undefined
  return path.length === 2 && key && name !== undefined && Object.hasOwn(VAN_FIELDS, name)
    ? v.nullable(VAN_FIELDS[name as keyof typeof VAN_FIELDS])
    : undefined
}

/** The van: lines of stock by line id, lead sheets by sheet id. */
export interface VanDocument {
  readonly stock: Readonly<Record<string, StockLine>>
  readonly sheets: Readonly<Record<string, LeadSheet>>
  readonly units: Readonly<Record<string, OwnUnit>>
  readonly settings: ShopSettings
}
export const EMPTY_VAN: VanDocument = { stock: {}, sheets: {}, units: {}, settings: {} }

/** One edit of how many parts of a line a job holds; `quantity` 0: it gave them back. */
export interface Taking {
  readonly job: JobId
  readonly line: string
  readonly quantity: number
  /** Milliseconds since 1970. */
  readonly at: number
}

/**
 * How many of each line are left, by line id: counted, less what jobs took since that count, plus what they gave back since.
 * What a job held before the count was made was not in the van then, so it counts only as it changes afterwards; what was taken in
 * the same moment was taken after it. May be below 0:
 * two phones took the last one, which is to be seen, not hidden.
 */
export function stockLeft(stock: VanDocument['stock'], takings: readonly Taking[]): Record<string, number> {
  const left: Record<string, number> = Object.fromEntries(
    Object.entries(stock).map(([id, line]) => [id, line.quantity]),
  )
  const byHolder = new Map<string, Taking[]>()
  for (const taking of takings) {
    const key = `${taking.job} ${taking.line}`
    byHolder.set(key, [...(byHolder.get(key) ?? []), taking])
  }
  for (const held of byHolder.values()) {
    const { line } = first(held)
    const counted = stock[line]
    if (!counted) continue
    const inOrder = [...held].sort((a, b) => a.at - b.at)
    const then = inOrder.filter((t) => t.at < counted.countedAt).at(-1)?.quantity ?? 0
    const now = inOrder.at(-1)?.quantity ?? 0
    left[line] = (left[line] ?? 0) + then - now
  }
  return left
}
