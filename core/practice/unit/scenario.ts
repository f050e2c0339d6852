// A practice unit as a file (format "oak-switch/practice-unit"): what it is, what is wrong with it, what the customer says. A shop writes
// its own odd unit as one.
import * as v from 'valibot'
import { known } from '../../quantity/at'
import { drawsFrom } from '../../quantity/draws'
import { rememberedLatest } from '../../quantity/remembered'
import { LeadSheetSchema, type LeadSheet } from '../../motor/lead-sheet'
import { checkWhole, type Problem } from '../../quantity/problem'
import { UnitRefSchema } from '../../wiring/unit-ref'
import { knownUnitType } from '../../wiring/unit-types'
import { faultById, FAULTS } from '../faults/faults'
import { healthyUnit } from './healthy'
import { canHold, OLD_MOTORS, usualVolts } from './motors'
import type { Pair } from './truth'

export const PRACTICE_FORMAT = 'oak-switch/practice-unit'

const text = (what: string, most: number) =>
  v.pipe(
    v.string(`${what} must be text.`),
    v.trim(),
    v.minLength(1, `${what} is empty.`),
    v.maxLength(most, `${what} has ${most} letters at most.`),
  )
/** What a unit is drawn from. */
export const SeedSchema = v.pipe(
  v.number('The seed is a whole number.'),
  v.integer('The seed is a whole number.'),
  v.minValue(0, 'The seed is a whole number from 0 up.'),
  v.maxValue(4_294_967_295, 'The seed is at most 4294967295.'),
)
const MotorSchema = v.union(
  [
    v.picklist(
      OLD_MOTORS.map(({ id }) => id),
      `The motor is a whole lead sheet, or one of: ${OLD_MOTORS.map(({ id }) => id).join(', ')}.`,
    ),
    LeadSheetSchema,
  ],
  `The motor is a whole lead sheet, or one of: ${OLD_MOTORS.map(({ id }) => id).join(', ')}.`,
)

const Shape = v.strictObject({
  format: v.literal(PRACTICE_FORMAT, 'This is not a practice unit of Oak Switch.'),
  version: v.literal(1, 'This practice unit is of another version; version 1 is read here.'),
  name: text('The unit’s name', 120),
  /** What the customer says. */
  complaint: text('What the customer says', 300),
  /** What this round teaches, told when it begins. */
  lesson: v.optional(v.nullable(text('The lesson', 1000)), null),
  level: v.picklist([1, 2, 3], 'A level is 1, 2 or 3.'),
  /** The van has a motor and a capacitor like the old ones; else what is universal, and the board. */
  likeForLike: v.optional(v.boolean('Like for like is yes or no.'), true),
  seed: SeedSchema,
  unit: UnitRefSchema,
  volts: v.pipe(
    v.number('The volts are a number.'),
    v.minValue(100, 'Below 100 V no fan here runs.'),
    v.maxValue(600, 'Above 600 V no fan here runs.'),
  ),
  motor: MotorSchema,
  compressorMicrofarads: v.optional(
    v.pipe(
      v.number('The compressor’s µF are a number.'),
      v.minValue(10, 'A compressor asks for 10 µF at least.'),
      v.maxValue(100, 'A compressor here asks for 100 µF at most.'),
    ),
    40,
  ),
  faults: v.pipe(
    v.array(
      v.pipe(
        v.string('A fault is named.'),
        v.check(
          (id) => faultById(id) !== undefined,
          (issue) =>
            `There is no fault called “${String(issue.input).slice(0, 60)}”. There are: ${FAULTS.map(({ id }) => id).join(', ')}.`,
        ),
      ),
      'The faults are a list.',
    ),
    v.maxLength(3, 'A unit has three faults at most.'),
  ),
})
type ScenarioShape = v.InferOutput<typeof Shape>

const sheetOf = ({ motor }: Pick<ScenarioShape, 'motor'>): LeadSheet | undefined =>
  typeof motor === 'string' ? OLD_MOTORS.find(({ id }) => id === motor) : motor

function problems(scenario: ScenarioShape): Problem[] {
  const unit = knownUnitType(scenario.unit)
  const sheet = sheetOf(scenario)
  if (!sheet || !canHold(unit, scenario.volts, sheet))
    return [{ path: 'motor', message: `This motor cannot be in ${unit.name} on ${scenario.volts} V.` }]
  try {
    const healthy = healthyOf(scenario)
    return scenario.faults.flatMap((id, i) =>
      faultById(id)?.fits(healthy)
        ? []
        : [
            {
              path: `faults.${i}`,
              message: `This unit cannot have that fault: ${faultById(id)?.name ?? id}.`,
            },
          ],
    )
  } catch (error) {
    return [{ path: 'motor', message: error instanceof Error ? error.message : String(error) }]
  }
}

export const ScenarioSchema = v.pipe(Shape, checkWhole(problems))
/** A practice unit as it is written down (`oak-switch/practice-unit` 1). */
export type Scenario = v.InferOutput<typeof ScenarioSchema>

type Make = Pick<ScenarioShape, 'unit' | 'volts' | 'motor' | 'compressorMicrofarads'>

const made = rememberedLatest(({ unit, volts, motor, compressorMicrofarads }: Make) =>
  healthyUnit({
    unit: knownUnitType(unit),
    volts,
    sheet: known(sheetOf({ motor }), 'The motor'),
    compressorMicrofarads,
  }),
)
const healthyOf = ({ unit, volts, motor, compressorMicrofarads }: ScenarioShape) =>
  made({ unit, volts, motor, compressorMicrofarads })

/** The unit as it left the factory, and as it is now. The same scenario makes the same unit; the latest are kept, solved as they are. */
export const unitOf = rememberedLatest((scenario: Scenario): Pair => {
  const healthy = healthyOf(scenario)
  const draw = drawsFrom(scenario.seed)
  const faults = scenario.faults.map((id) => known(faultById(id), 'The fault'))
  const inTime = [...faults.filter((f) => f.isOldest), ...faults.filter((f) => !f.isOldest)]
  const truth = inTime.reduce((before, fault) => fault.applied(before, draw), healthy)
  return { truth, healthy }
})

/** Volts and motors that go together in a unit. */
export const makesOf = (unit: ReturnType<typeof knownUnitType>) =>
  usualVolts(unit).flatMap((volts) =>
    OLD_MOTORS.filter((sheet) => canHold(unit, volts, sheet)).map((sheet) => ({ volts, sheet })),
  )
