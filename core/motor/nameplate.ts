// What the old motor's plate and the unit's plate say, as kept in a job. Blanks stay blank: an estimate is never kept as a plate.
import * as v from 'valibot'

const figure = (what: string, unit: string, most: number) =>
  v.pipe(
    v.number(`${what} must be a number of ${unit}.`),
    v.gtValue(0, `${what} must be above 0 ${unit}.`),
    v.maxValue(most, `${what} above ${most} ${unit} is not believable.`),
  )
const list = <S extends v.GenericSchema>(item: S) =>
  v.pipe(v.array(item), v.maxLength(8, 'A plate has eight of these at most.'))

export const VoltageRangeSchema = v.pipe(
  v.strictObject({ low: figure('Volts', 'V', 1000), high: figure('Volts', 'V', 1000) }),
  v.check((r) => r.low <= r.high, 'The lower voltage is above the higher one.'),
)
/** Volts as a plate gives them: one figure has both ends alike. */
export type VoltageRange = v.InferOutput<typeof VoltageRangeSchema>

/** Nameplate form, such as "1/4", "1 1/2" or "0.25". */
const HorsepowerText = v.pipe(
  v.string('Horsepower is written like 1/4.'),
  v.regex(/^(\d{1,2}( \d{1,2}\/\d{1,2})?|\d{1,2}\/\d{1,2}|\d?\.\d{1,3})$/, 'Horsepower is written like 1/4.'),
)

export const MotorPlateSchema = v.strictObject({
  horsepower: list(HorsepowerText),
  rpm: list(figure('Speed', 'rpm', 3600)),
  /** One entry a connection: 115 and 208-230 are two. */
  volts: list(VoltageRangeSchema),
  amps: list(figure('Amps', 'A', 200)),
  hertz: list(v.picklist([50, 60], 'Hertz are 50 or 60.')),
  phase: v.nullable(v.picklist([1, 3], 'A motor has one phase or three.')),
  /** `seenFrom` null: the plate does not say, so the direction says nothing yet. */
  rotation: v.nullable(
    v.strictObject({
      direction: v.picklist(['CW', 'CCW'], 'The direction must be CW or CCW.'),
      seenFrom: v.nullable(v.picklist(['lead-end', 'shaft-end'])),
    }),
  ),
  reversible: v.nullable(v.boolean()),
  /** The run capacitor the plate asks for, µF and V. */
  microfarads: v.nullable(figure('The plate’s capacitor', 'µF', 1000)),
  capacitorVolts: v.nullable(figure('The capacitor’s rating', 'V', 1000)),
  poles: v.nullable(v.picklist([2, 4, 6, 8, 10, 12], 'Poles are 2, 4, 6, 8, 10 or 12.')),
  speeds: v.nullable(
    v.pipe(v.number(), v.integer(), v.minValue(1), v.maxValue(6, 'No fan motor has more than six speeds.')),
  ),
  frame: v.nullable(v.pipe(v.string(), v.maxLength(12, 'A frame is written like 48Y.'))),
})
/** What could be read of a motor's plate; empty lists and null: not readable. */
export type MotorPlate = v.InferOutput<typeof MotorPlateSchema>

export const EMPTY_MOTOR_PLATE: MotorPlate = {
  horsepower: [],
  rpm: [],
  volts: [],
  amps: [],
  hertz: [],
  phase: null,
  rotation: null,
  reversible: null,
  microfarads: null,
  capacitorVolts: null,
  poles: null,
  speeds: null,
  frame: null,
}

export const UnitPlateSchema = v.strictObject({
  volts: list(VoltageRangeSchema),
  hertz: list(v.picklist([50, 60], 'Hertz are 50 or 60.')),
  phase: v.nullable(v.picklist([1, 3], 'A unit has one phase or three.')),
  /** Minimum circuit ampacity, A. */
  circuitAmps: v.nullable(figure('Circuit amps', 'A', 500)),
  /** Largest fuse or breaker, A. */
  maxFuseAmps: v.nullable(figure('The largest fuse', 'A', 800)),
  fanAmps: v.nullable(figure('Fan amps', 'A', 100)),
  compressorAmps: v.nullable(figure('Compressor amps', 'A', 300)),
  refrigerant: v.nullable(v.pipe(v.string(), v.maxLength(12, 'A refrigerant is written like R-410A.'))),
})
/** What could be read of a unit's plate; empty lists and null: not readable. */
export type UnitPlate = v.InferOutput<typeof UnitPlateSchema>

export const EMPTY_UNIT_PLATE: UnitPlate = {
  volts: [],
  hertz: [],
  phase: null,
  circuitAmps: null,
  maxFuseAmps: null,
  fanAmps: null,
  compressorAmps: null,
  refrigerant: null,
}
