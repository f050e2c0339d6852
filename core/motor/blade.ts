// A propeller blade as it is measured: the old one on the shaft, or one on the van.
import * as v from 'valibot'

const figure = (what: string, unit: string, most: number) =>
  v.nullable(
    v.pipe(
      v.number(`${what} must be a number of ${unit}.`),
      v.gtValue(0, `${what} must be above 0 ${unit}.`),
      v.maxValue(most, `${what} above ${most} ${unit} is not believable.`),
    ),
  )

export const BladeSchema = v.strictObject({
  /** Tip to tip, in. */
  diameterInches: figure('The blade’s diameter', 'in', 72),
  /** Angle of the blade against the plane it turns in, degrees. */
  pitchDegrees: figure('The blade’s pitch', 'degrees', 60),
  /** How many blades. */
  blades: v.nullable(
    v.pipe(
      v.number('Blades are counted.'),
      v.integer('Blades are counted.'),
      v.minValue(2, 'A fan has two blades at least.'),
      v.maxValue(12, 'A fan has twelve blades at most.'),
    ),
  ),
  /** Along the shaft, in. */
  widthInches: figure('The blade’s width', 'in', 20),
  boreInches: figure('The hub’s bore', 'in', 3),
  /** The way it must turn to blow the right way, seen from where the air comes out. */
  hand: v.nullable(v.picklist(['CW', 'CCW'], 'The hand is CW or CCW, seen from where the air comes out.')),
})
/** null: not measured. */
export type Blade = v.InferOutput<typeof BladeSchema>

export const BLANK_BLADE: Blade = {
  diameterInches: null,
  pitchDegrees: null,
  blades: null,
  widthInches: null,
  boreInches: null,
  hand: null,
}
