// One line of the van's stock: a part, how many were counted, and what a plan must know of it.
import { first, at, known } from '../quantity/at'
import * as v from 'valibot'
import { CanFaceSchema, MAX_MICROFARADS, MAX_SECTIONS, TolerancePercent } from '../capacitor/can'
import { DEFAULT_TOLERANCE_PERCENT } from '../capacitor/verdict'
import { BladeSchema } from '../motor/blade'

/** Most lines of one van; a longer list is a warehouse's, and a phone would carry it for nothing. */
export const MAX_LINES = 5000

export const STOCK_KINDS = ['motor', 'capacitor', 'blade', 'part'] as const
/** What a line holds. */
export type StockKind = (typeof STOCK_KINDS)[number]

/** `single` one section; `dual` HERM, FAN and C; `multi-tap` sections joined by jumpers; `start` a start capacitor, marked as a range. */
export const CAN_LAYOUTS = ['single', 'dual', 'multi-tap', 'start'] as const

export const LineIdSchema = v.pipe(
  v.string('A line needs an id.'),
  v.regex(/^[a-z0-9][a-z0-9-]{0,59}$/, 'A line’s id has small letters, digits and - only, 60 at most.'),
)

const Common = {
  name: v.pipe(
    v.string('A part needs a name.'),
    v.trim(),
    v.minLength(1, 'A part needs a name.'),
    v.maxLength(300, 'A part’s name has 300 letters at most.'),
  ),
  quantity: v.pipe(
    v.number('The quantity must be a whole number.'),
    v.integer('The quantity must be a whole number.'),
    v.minValue(0, 'The quantity cannot be below 0.'),
    v.maxValue(9999, 'A quantity above 9,999 is not a van’s.'),
  ),
  /** What one costs, in cents; null: not known. */
  cents: v.optional(
    v.nullable(
      v.pipe(
        v.number('The price must be a number.'),
        v.integer('The price has two decimals at most.'),
        v.minValue(0, 'The price cannot be below 0.'),
        v.maxValue(100_000_000, 'That price is not believable.'),
      ),
    ),
    null,
  ),
  /** When it was counted, milliseconds since 1970: what jobs took before that is not in the quantity any more. */
  countedAt: v.pipe(v.number(), v.integer(), v.minValue(0)),
}

const microfarads = v.pipe(
  v.number('A section’s µF must be a number.'),
  v.gtValue(0, 'A section must be above 0 µF.'),
  v.maxValue(MAX_MICROFARADS, `A section above ${MAX_MICROFARADS} µF is no motor capacitor’s.`),
)

const CapacitorLineSchema = v.strictObject({
  kind: v.literal('capacitor'),
  ...Common,
  layout: v.picklist(CAN_LAYOUTS, `A capacitor’s layout is one of: ${CAN_LAYOUTS.join(', ')}.`),
  /** A dual: HERM first, then FAN. A start capacitor: the two ends of its range. */
  microfarads: v.pipe(
    v.array(microfarads),
    v.minLength(1, 'A capacitor has one section at least.'),
    v.maxLength(MAX_SECTIONS, `A can has ${MAX_SECTIONS} sections at most.`),
  ),
  volts: v.pipe(
    v.number('Rated volts must be a number.'),
    v.minValue(1, 'Rated volts must be 1 V or more.'),
    v.maxValue(1000, 'Rated volts above 1,000 V are not a motor capacitor’s.'),
  ),
  tolerancePercent: v.optional(TolerancePercent, DEFAULT_TOLERANCE_PERCENT),
  /** It has a protected (fused) start terminal. */
  protectedStart: v.optional(v.boolean('Protected is yes or no.'), false),
  /** What its top looks like; a multi-tap's only. */
  face: v.optional(CanFaceSchema),
  /** What each section read, µF, null where it was not read; a start capacitor has one reading. Absent: nothing was read. */
  measured: v.optional(
    v.pipe(
      v.array(
        v.nullable(
          v.pipe(
            v.number('A reading must be a number of µF.'),
            v.minValue(0, 'A reading cannot be below 0 µF.'),
            v.maxValue(5000, 'A reading above 5,000 µF is not a motor capacitor’s.'),
          ),
        ),
      ),
      v.maxLength(MAX_SECTIONS, `A can has ${MAX_SECTIONS} sections at most.`),
    ),
  ),
})

export const StockLineSchema = v.variant(
  'kind',
  [
    /** `sheet`: the id of its lead sheet. */
    v.strictObject({
      kind: v.literal('motor'),
      ...Common,
      sheet: v.pipe(
        v.string('A motor names its lead sheet.'),
        v.regex(/^[a-z0-9-]{1,60}$/, 'A lead sheet’s id has small letters, digits and - only.'),
      ),
    }),
    v.pipe(
      CapacitorLineSchema,
      v.check(
        sectionsFitLayout,
        'The number of sections does not go with the layout: single 1, dual 2, start 2 (its range), multi-tap 2 or more.',
      ),
      v.check(
        readingsFit,
        'Readings are those of one capacitor, one for each section: give it a line of its own, with a quantity of 1 or 0.',
      ),
    ),
    v.strictObject({ kind: v.literal('blade'), ...Common, blade: BladeSchema }),
    v.strictObject({ kind: v.literal('part'), ...Common }),
  ],
  `A line is one of: ${STOCK_KINDS.join(', ')}.`,
)
/** A line of the van's stock; cents null: no price known. */
export type StockLine = v.InferOutput<typeof StockLineSchema>
/** A line of capacitors. */
export type CapacitorLine = Extract<StockLine, { kind: 'capacitor' }>
/** A line of blades. */
export type BladeLine = Extract<StockLine, { kind: 'blade' }>

function sectionsFitLayout({
  layout,
  microfarads: list,
}: v.InferOutput<typeof CapacitorLineSchema>): boolean {
  if (layout === 'single') return list.length === 1
  if (layout === 'start') return list.length === 2 && first(list) < at(list, 1)
  return layout === 'dual' ? list.length === 2 : list.length >= 2
}

function readingsFit({
  measured,
  quantity,
  layout,
  microfarads: list,
}: v.InferOutput<typeof CapacitorLineSchema>): boolean {
  return (
    measured === undefined || (quantity <= 1 && measured.length === (layout === 'start' ? 1 : list.length))
  )
}

const FNV_PRIME = 0x01000193

/** A line's id from its kind and name: the same part in another file is the same line. */
export function lineIdOf(kind: StockKind, name: string): string {
  const plain = name.normalize('NFKD').toLowerCase()
  const slug = plain.replace(/[^a-z0-9]+/g, '-').replace(/^-|-$/g, '')
  // What the slug loses (other scripts, length) is kept as a short print, so that two names stay two lines.
  if (
    slug.length > 0 &&
    slug.length <= 40 &&
    plain.replace(/[^a-z0-9]+/g, '') === plain.replace(/[\s/_.,+-]+/g, '')
  )
    return `${kind}-${slug}`
  let hash = 0x811c9dc5
  for (const char of name) hash = Math.imul(hash ^ known(char.codePointAt(0), 'The letter'), FNV_PRIME) >>> 0
  return `${kind}-${slug.slice(0, 36)}${slug ? '-' : ''}${hash.toString(16)}`.replace(/--+/g, '-')
}

/** "45 + 5 µF, 440 V, dual" and the like: what a line is, beside its name. */
export function lineText(line: StockLine): string {
  switch (line.kind) {
    case 'capacitor':
      return `${line.layout === 'start' ? line.microfarads.join('–') : line.microfarads.join(' + ')} µF, ${line.volts} V, ${line.layout}`
    case 'blade': {
      const { diameterInches, blades, pitchDegrees, hand } = line.blade
      return (
        [
          diameterInches && `${diameterInches} in`,
          blades && `${blades} blades`,
          pitchDegrees && `${pitchDegrees}°`,
          hand,
        ]
          .filter(Boolean)
          .join(', ') || 'no figures'
      )
    }
    case 'motor':
      return `tag ${line.sheet}`
    case 'part':
      return 'part'
  }
}
