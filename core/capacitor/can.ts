// A capacitor as it stands on the bench: one shared post C and one or more sections, each with its own post.
import * as v from 'valibot'
import { listed } from '../quantity/display'
import { idSchema, type Id } from '../quantity/id'

/** At most this many sections on one can: more is a typing mistake, and bounds the search for a plan. */
export const MAX_SECTIONS = 24
/** Above this a value is not a motor capacitor, µF. Common practice, no source. */
export const MAX_MICROFARADS = 1000

const microfarads = (what: string) =>
  v.pipe(
    v.number(`${what} must be a number of µF.`),
    v.finite(`${what} must be a number of µF.`),
    v.minValue(0.01, `${what} must be above 0 µF (0.01 µF at least).`),
    v.maxValue(MAX_MICROFARADS, `${what} is above ${MAX_MICROFARADS} µF: no motor capacitor has that.`),
  )

/** A section of a can, as its post is marked: "5", or "7.5 b" where two are alike. */
export type SectionId = Id<'section'>
const SectionIdSchema = idSchema<SectionId>(
  v.pipe(
    v.string('A section needs a name, such as its marking.'),
    v.trim(),
    v.minLength(1, 'A section needs a name, such as its marking.'),
    v.maxLength(40, 'A section name has 40 letters at most.'),
  ),
)

export const SectionSchema = v.strictObject({
  id: SectionIdSchema,
  /** As read, where it was read; else as marked. */
  microfarads: microfarads('The section'),
  /** As marked, where `microfarads` is a reading. */
  marked: v.optional(microfarads('The marking')),
  /** Which capacitor it stands in, where several are joined; their C's are tied. */
  of: v.optional(
    v.pipe(
      v.string('A capacitor’s name is text.'),
      v.minLength(1, 'A capacitor’s name is empty.'),
      v.maxLength(300, 'A capacitor’s name has 300 letters at most.'),
    ),
  ),
  /** The load that it goes on serving, where it is in the old can and that stays; it serves no other. */
  stays: v.optional(
    v.pipe(
      v.string('The load that it stays for is text.'),
      v.minLength(1, 'The load that it stays for is empty.'),
      v.maxLength(40, 'A load name has 40 letters at most.'),
    ),
  ),
})
/** One section between its own post and C; the post carries the section's id. */
export type Section = v.InferOutput<typeof SectionSchema>

export const SectionsSchema = v.pipe(
  v.array(SectionSchema, 'The sections must be a list.'),
  v.minLength(1, 'The can needs at least one section.'),
  v.maxLength(MAX_SECTIONS, `A can has ${MAX_SECTIONS} sections at most.`),
  v.check(
    (list) => new Set(list.map((s) => s.id)).size === list.length,
    'Two sections have the same name: each post needs its own.',
  ),
)

export const LoadSchema = v.strictObject({
  load: v.pipe(
    v.string('A load needs a name, such as FAN.'),
    v.trim(),
    v.minLength(1, 'A load needs a name, such as FAN.'),
    v.maxLength(40, 'A load name has 40 letters at most.'),
  ),
  microfarads: microfarads('The load'),
})
/** One thing that needs a capacitor, and the value its tag asks for. */
export type Load = v.InferOutput<typeof LoadSchema>

export const LoadsSchema = v.pipe(
  v.array(LoadSchema, 'The loads must be a list.'),
  v.minLength(1, 'At least one load is needed: what is the capacitor for?'),
  v.maxLength(500, 'That is more than 500 loads.'),
  v.check((list) => new Set(list.map((l) => l.load)).size === list.length, 'Two loads have the same name.'),
)

export const TolerancePercent = v.pipe(
  v.number('The tolerance must be a number of percent.'),
  v.minValue(0, 'The tolerance cannot be below 0 %.'),
  v.maxValue(50, 'A tolerance above 50 % is not a tolerance.'),
)

/** How the posts of a can stand, seen from the top. */
export const CAN_SHAPES = ['rows', 'arc', 'ring'] as const
/** Where its C stands among them. */
export const C_PLACES = ['top', 'bottom', 'left', 'right', 'middle'] as const
export const CanFaceSchema = v.strictObject({
  shape: v.picklist(CAN_SHAPES, `The posts of a can stand in one of: ${CAN_SHAPES.join(', ')}.`),
  c: v.picklist(C_PLACES, `C of a can stands in one of: ${C_PLACES.join(', ')}.`),
})
/** What the top of a can looks like; drawn only, nothing is proven by it. */
export type CanFace = v.InferOutput<typeof CanFaceSchema>
/** As it is drawn where nobody said; one and two sections have one face only. */
export const USUAL_FACE: CanFace = { shape: 'rows', c: 'bottom' }

export const CanSchema = v.strictObject({
  id: v.pipe(v.string(), v.minLength(1), v.maxLength(60)),
  name: v.pipe(v.string(), v.minLength(1), v.maxLength(300)),
  /** Rated AC volts; a replacement's is equal or higher. */
  volts: v.pipe(v.number(), v.minValue(1), v.maxValue(1000)),
  tolerancePercent: TolerancePercent,
  sections: SectionsSchema,
  /** It has a protected (fused) start terminal, for a hard-start kit. */
  protectedStart: v.optional(v.boolean('Protected start is yes or no.'), false),
  /** Of three sections or more; absent: not known, drawn in rows over C. */
  face: v.optional(CanFaceSchema),
})
/** A multi-tap, dual or single can on the van. */
export type Can = v.InferOutput<typeof CanSchema>

/** One capacitor in the unit, of those that a can stands for. */
export interface Case {
  readonly name: string
  readonly sections: readonly Section[]
  /** The load or loads that it stays for, where it is the old can, in words; null: it is new. */
  readonly stays: string | null
  /** null: not known. */
  readonly face: CanFace | null
}

/** The capacitors that a can stands for: itself, or those whose sections it joins, in order. */
export function casesOf({
  name,
  sections,
  face,
}: {
  readonly name: string
  readonly sections: readonly Section[]
  readonly face?: CanFace | undefined
}): Case[] {
  const names = [...new Set(sections.map((s) => s.of ?? name))]
  return names.map((of) => {
    const own = sections.filter((s) => (s.of ?? name) === of)
    return {
      name: of,
      sections: own,
      stays: own.some((s) => s.stays) ? listed([...new Set(own.flatMap((s) => s.stays ?? []))]) : null,
      face: names.length === 1 ? (face ?? null) : null,
    }
  })
}
