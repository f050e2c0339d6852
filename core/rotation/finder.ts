// Which way the shaft must turn, from what can be seen of plate, blade or wheel, or from a short test. Each source speaks for itself.
import { known } from '../quantity/at'
import * as v from 'valibot'
import {
  DirectionSchema,
  RotationSchema,
  rotationText,
  sameRotation,
  seenFrom,
  ViewSchema,
  type Direction,
  type Rotation,
} from './view'

const OUTLETS = ['top', 'right', 'bottom', 'left'] as const
const AIR = ['left', 'right', 'up', 'down'] as const

/** The nameplate; `seenFrom` null: it does not name the end. */
const NameplateSchema = v.strictObject({
  kind: v.literal('nameplate'),
  direction: DirectionSchema,
  seenFrom: v.nullable(ViewSchema),
})
/** A propeller seen from where the air comes out, one blade at 12 o'clock: its nearer edge, and where the motor's shaft points. */
const PropellerSchema = v.strictObject({
  kind: v.literal('propeller'),
  nearEdge: v.picklist(['left', 'right'], 'The nearer edge is the left or the right one.'),
  shaft: v.picklist(['toward', 'away'], 'The shaft points toward you or away.'),
})
/** A wheel in its housing, whichever way its blades curve: where the outlet is and which way the air leaves, and which end of the motor one looks at. */
const OutletSchema = v.pipe(
  v.strictObject({
    kind: v.literal('wheel-outlet'),
    outlet: v.picklist(OUTLETS, 'The outlet is at the top, right, bottom or left.'),
    air: v.picklist(AIR, 'The air leaves left, right, up or down.'),
    looking: ViewSchema,
  }),
  v.check(
    ({ outlet, air }) => turnAt(outlet, air) !== null,
    'At the top or bottom the air leaves to the left or right; at a side it leaves up or down.',
  ),
)
/** A wheel by its blades: which way the hollow side faces on the blade at 12 o'clock, and whether they are many short cups or few that lean back. */
const CupsSchema = v.strictObject({
  kind: v.literal('wheel-cups'),
  hollow: v.picklist(['left', 'right'], 'The hollow side faces left or right.'),
  curve: v.optional(v.picklist(['forward', 'backward'], 'Blades curve forward or backward.'), 'forward'),
  looking: ViewSchema,
})
/** A short test: what was set, and how it ran. */
const ShortTestSchema = v.strictObject({
  kind: v.literal('short-test'),
  set: RotationSchema,
  ran: v.picklist(['right', 'backwards'], 'It ran the right way or backwards.'),
})

export const RotationSourceSchema = v.variant(
  'kind',
  [NameplateSchema, PropellerSchema, OutletSchema, CupsSchema, ShortTestSchema],
  'A source is the nameplate, the propeller, the wheel’s outlet, its blades, or a short test.',
)
/** One thing seen that tells the rotation. */
export type RotationSource = v.InferOutput<typeof RotationSourceSchema>

/** What it tells by itself. */
export interface SourceFinding {
  readonly kind: RotationSource['kind']
  /** null: it cannot tell. */
  readonly rotation: Rotation | null
  readonly words: string
}

/** What everything seen tells together. */
export interface RotationAnswer {
  readonly sources: readonly SourceFinding[]
  /** null when nothing tells, or when sources disagree. */
  readonly wanted: Rotation | null
  readonly conflict: string | null
}

/** The rotation wanted, by all that was seen. Sources that disagree give none; they are never averaged. */
export function findRotation(sources: readonly RotationSource[]): RotationAnswer {
  const findings = sources.map(findingOf)
  const told = findings.filter((f): f is SourceFinding & { rotation: Rotation } => f.rotation !== null)
  const [first] = told
  if (!first) return { sources: findings, wanted: null, conflict: null }
  const against = told.find((f) => !sameRotation(f.rotation, first.rotation))
  if (against) return { sources: findings, wanted: null, conflict: conflictWords(first, against) }
  return { sources: findings, wanted: first.rotation, conflict: null }
}

const opposite = (direction: Direction): Direction => (direction === 'CW' ? 'CCW' : 'CW')

function findingOf(source: RotationSource): SourceFinding {
  const { kind } = source
  const told = (rotation: Rotation, why: string): SourceFinding => ({
    kind,
    rotation,
    words: `${why}: ${rotationText(rotation)}.`,
  })
  switch (source.kind) {
    case 'nameplate':
      if (source.seenFrom === null)
        return {
          kind,
          rotation: null,
          words: `The plate says ${source.direction} and not from which end: that tells nothing yet.`,
        }
      return told({ direction: source.direction, seenFrom: source.seenFrom }, 'The plate')
    case 'propeller':
      return told(
        ofPropeller(source.nearEdge, source.shaft),
        `The blade’s nearer edge is on the ${source.nearEdge}, so the farther one leads`,
      )
    case 'wheel-outlet':
      return told(
        { direction: known(turnAt(source.outlet, source.air), 'The direction'), seenFrom: source.looking },
        `Air leaves at the ${source.outlet} going ${source.air}, as the rim moves there`,
      )
    case 'wheel-cups':
      return told(
        { direction: ofWheel(source.hollow, source.curve), seenFrom: source.looking },
        source.curve === 'backward'
          ? `Few long blades that lean back: the round side leads; at the top the hollow faces ${source.hollow}`
          : `The hollow side of the blades leads; at the top it faces ${source.hollow}`,
      )
    case 'short-test':
      return told(
        source.ran === 'right' ? source.set : { ...source.set, direction: opposite(source.set.direction) },
        source.ran === 'right'
          ? 'It ran the right way as set'
          : 'It ran backwards as set, so it needs the other way',
      )
  }
}

/**
 * A blade pushes air from its intake side to its discharge side, so the edge on the intake side leads. Seen from the discharge
 * the nearer edge trails: nearer on the right, the blade at 12 o'clock moves left, counter-clockwise (derived).
 */
function ofPropeller(nearEdge: 'left' | 'right', shaft: 'toward' | 'away'): Rotation {
  return {
    direction: nearEdge === 'right' ? 'CCW' : 'CW',
    seenFrom: shaft === 'toward' ? 'shaft-end' : 'lead-end',
  }
}

/** Cups scoop: the hollow side leads. Blades that lean back throw with their round side: it leads (common practice, no source). */
function ofWheel(hollow: 'left' | 'right', curve: 'forward' | 'backward'): Direction {
  const cupped = hollow === 'right' ? 'CW' : 'CCW'
  return curve === 'backward' ? opposite(cupped) : cupped
}

/** Where air leaves a blower's housing, seen from the side one looks at. */
export type Outlet = (typeof OUTLETS)[number]
/** The way the air goes as it leaves. */
export type AirWay = (typeof AIR)[number]

const LEAVES: Readonly<Record<Direction, Readonly<Record<Outlet, AirWay>>>> = {
  CW: { top: 'right', right: 'down', bottom: 'left', left: 'up' },
  CCW: { top: 'left', right: 'up', bottom: 'right', left: 'down' },
}

/** Which way air leaves a scroll at this outlet when the wheel turns so: as the rim moves there (derived: the wheel carries it round). */
export const airLeaving = (outlet: Outlet, direction: Direction): AirWay => LEAVES[direction][outlet]

/** null: air cannot leave so there. */
const turnAt = (outlet: Outlet, air: AirWay): Direction | null =>
  (['CW', 'CCW'] as const).find((direction) => airLeaving(outlet, direction) === air) ?? null

const NAMES: Readonly<Record<RotationSource['kind'], string>> = {
  nameplate: 'the plate',
  propeller: 'the blade',
  'wheel-outlet': 'the outlet',
  'wheel-cups': 'the wheel’s blades',
  'short-test': 'the short test',
}

function conflictWords(
  a: SourceFinding & { rotation: Rotation },
  b: SourceFinding & { rotation: Rotation },
): string {
  const pair = new Set([a.kind, b.kind])
  const hint =
    pair.has('wheel-outlet') && pair.has('wheel-cups')
      ? 'The wheel may be in the wrong way round, or it was looked at from two sides.'
      : pair.has('propeller') && pair.has('nameplate')
        ? 'The blade may be on upside down, the motor may have been replaced before, or the plate names the other end.'
        : 'Look at both again before choosing one.'
  const end = a.rotation.seenFrom
  return `By ${NAMES[a.kind]} it is ${rotationText(a.rotation)}, by ${NAMES[b.kind]} ${rotationText(seenFrom(b.rotation, end))}. ${hint}`
}
