// Clockwise means nothing without the end it is seen from.
import * as v from 'valibot'

export const DIRECTIONS = ['CW', 'CCW'] as const
/** A direction; it means nothing without the end it is seen from. */
export type Direction = (typeof DIRECTIONS)[number]

/** The end of the motor one looks at: the end the leads leave, or the end the shaft leaves. */
export const VIEWS = ['lead-end', 'shaft-end'] as const
/** An end of the motor. */
export type View = (typeof VIEWS)[number]

export const DirectionSchema = v.picklist(DIRECTIONS, 'The direction must be CW or CCW.')
export const ViewSchema = v.picklist(VIEWS, 'Say which end it is seen from: lead-end or shaft-end.')
export const RotationSchema = v.strictObject({ direction: DirectionSchema, seenFrom: ViewSchema })
/** A direction and the end it is seen from; one without the other is no rotation. */
export type Rotation = v.InferOutput<typeof RotationSchema>

export const VIEW_NAMES: Readonly<Record<View, string>> = { 'lead-end': 'lead end', 'shaft-end': 'shaft end' }
/** What the ends are called where both have a shaft: the shaft end is then the one that the leads do not leave. */
export const BOTH_ENDS = 'Both ends have a shaft: “shaft end” is the one away from the leads.'
const DIRECTION_NAMES: Readonly<Record<Direction, string>> = {
  CW: 'clockwise',
  CCW: 'counter-clockwise',
}

const opposite = (direction: Direction): Direction => (direction === 'CW' ? 'CCW' : 'CW')

/**
 * The same turning seen from `seenFrom`. Lead end and shaft end are opposite views when the leads leave opposite
 * the shaft (derived: looking along an axis from the other end exchanges left and right).
 */
export function seenFrom(rotation: Rotation, view: View): Rotation {
  return {
    direction: rotation.seenFrom === view ? rotation.direction : opposite(rotation.direction),
    seenFrom: view,
  }
}

/** Do both mean the same turning of the shaft, whichever end each is named from? */
export const sameRotation = (a: Rotation, b: Rotation): boolean =>
  seenFrom(a, b.seenFrom).direction === b.direction

/** The same in letters, for a narrow place: "CW seen from the lead end (CCW from the shaft end)". */
export const rotationLetters = ({ direction, seenFrom: view }: Rotation): string =>
  `${direction} seen from the ${VIEW_NAMES[view]} (${opposite(direction)} from the ${VIEW_NAMES[view === 'lead-end' ? 'shaft-end' : 'lead-end']})`

/** The same turning from both ends, the named one first: "clockwise seen from the lead end (counter-clockwise from the shaft end)". */
export function rotationFromBoth(rotation: Rotation): string {
  const other = seenFrom(rotation, rotation.seenFrom === 'lead-end' ? 'shaft-end' : 'lead-end')
  return `${rotationText(rotation)} (${DIRECTION_NAMES[other.direction]} from the ${VIEW_NAMES[other.seenFrom]})`
}

/** "clockwise seen from the lead end" */
export const rotationText = (rotation: Rotation): string =>
  `${DIRECTION_NAMES[rotation.direction]} seen from the ${VIEW_NAMES[rotation.seenFrom]}`
