import * as v from 'valibot'
import { POSITIONS } from '../motor/lead-sheet'
import { placeBlade } from '../mounting/blade-position'
import { MOUNTING_WAYS } from '../mounting/mounting-way'
import { mountingChecks } from '../mounting/checklist'
import { adviseDrains } from '../mounting/drains'
import { judgeStud } from '../mounting/studs'
import { centreWheel } from '../mounting/wheel'
import { knownUnitType } from '../wiring/unit-types'
import { UnitRefSchema } from '../wiring/unit-ref'
import { operation } from './operation'
import { plain } from './plain'

/** Longest anything at a fan is, in: beyond it is a slip of the pad. Common practice, no source. */
const MOST_INCHES = 60
const from0 = (what: string) =>
  v.pipe(
    v.number(`${what} must be a number of inches.`),
    v.finite(`${what} must be a number of inches.`),
    v.minValue(0, `${what} cannot be below 0 in.`),
    v.maxValue(MOST_INCHES, `${what} above ${MOST_INCHES} in is not believable: measure it again.`),
  )
const above0 = (what: string) => v.pipe(from0(what), v.gtValue(0, `${what} must be above 0 in.`))
const unknown = <S extends v.GenericSchema>(schema: S) => v.optional(v.nullable(schema), null)

const EndSchema = v.strictObject({
  way: v.picklist(MOUNTING_WAYS, 'A motor is held at its base, by a band or at its shaft end.'),
  position: unknown(v.picklist(POSITIONS, 'A shaft points up, down or level.')),
  // Of a motor that is held by its face the face is the plane: 0 is right.
  oldBody: unknown(from0('The old body’s length')),
  newBody: unknown(from0('The new body’s length')),
  band: unknown(from0('Band to face')),
  oldHub: unknown(from0('Face to hub')),
  shroud: unknown(above0('Plane to shroud')),
  hubToEdge: v.optional(from0('Hub to blade edge'), 0),
  hubLength: unknown(above0('The hub’s length')),
  shaft: unknown(above0('The shaft’s length')),
  flat: unknown(above0('The flat’s length')),
  screw: unknown(from0('The set screw')),
  roomBeyond: unknown(from0('The room beyond the hub')),
})
const NoteSchema = v.object({
  code: v.string(),
  severity: v.picklist(['stop', 'watch', 'note']),
  text: v.string(),
  inches: v.nullable(v.number()),
})
const number = v.nullable(v.number())
const OutputSchema = v.object({
  /** In the order of the ends given; inches. */
  ends: v.array(
    v.object({
      from: v.nullable(v.picklist(['measured', 'rule-of-thumb'])),
      hubFromPlane: number,
      hubFromFace: number,
      shift: number,
      oldFace: number,
      newFace: number,
      beyond: number,
      cut: number,
      verdict: v.picklist(['fits', 'stop', 'cannotTell']),
      notes: v.array(NoteSchema),
    }),
  ),
  wheel: v.nullable(
    v.object({
      gap: v.number(),
      shift: v.number(),
      verdict: v.picklist(['centred', 'move', 'too-wide']),
      text: v.string(),
    }),
  ),
  stud: v.nullable(
    v.object({
      verdict: v.picklist(['fits', 'too-short', 'trim']),
      out: v.number(),
      trim: v.number(),
      text: v.string(),
    }),
  ),
  drains: v.nullable(
    v.object({
      open: v.array(v.string()),
      close: v.array(v.string()),
      look: v.array(v.string()),
      text: v.string(),
    }),
  ),
  checks: v.array(v.object({ id: v.string(), text: v.string(), why: v.string() })),
})
/** What `blade-position` answers. */
export type BladePositionOutput = v.InferOutput<typeof OutputSchema>

export const bladePosition = operation({
  name: 'blade-position',
  help: 'Where blade or wheel goes on the new shaft, whether the shaft lets it, drain openings, studs, and what is looked at before power.',
  input: v.strictObject({
    /** One, or two of a through shaft. */
    ends: v.optional(v.pipe(v.array(EndSchema), v.maxLength(2, 'A motor has two shaft ends at most.')), []),
    wheel: unknown(
      v.strictObject({ motorSide: from0('The gap at the motor'), farSide: from0('The gap at the far side') }),
    ),
    stud: unknown(
      v.strictObject({
        length: above0('The stud'),
        through: from0('What it goes through'),
        nut: above0('The nut'),
        capDepth: unknown(above0('The cap nut’s depth')),
      }),
    ),
    drains: unknown(
      v.strictObject({
        openings: v.pipe(v.array(v.pipe(v.string(), v.maxLength(60))), v.maxLength(12)),
        position: unknown(v.picklist(POSITIONS, `A position is one of: ${POSITIONS.join(', ')}.`)),
      }),
    ),
    unit: unknown(UnitRefSchema),
    throughShaft: v.optional(v.boolean('Through shaft is yes or no.'), false),
    /** A capacitor is fitted. */
    hasCan: v.optional(v.boolean('A capacitor is yes or no.'), true),
  }),
  output: OutputSchema,
  run: ({ ends, wheel, stud, drains, unit, throughShaft, hasCan }) =>
    plain({
      ends: ends.map(placeBlade),
      wheel: wheel && centreWheel(wheel.motorSide, wheel.farSide),
      stud: stud && judgeStud(stud),
      drains: drains && adviseDrains(drains.openings, drains.position),
      checks: unit
        ? mountingChecks(knownUnitType(unit), { throughShaft, way: ends[0]?.way ?? 'base', hasCan })
        : [],
    }),
})
