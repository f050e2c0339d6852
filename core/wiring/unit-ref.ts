// Which unit it is: one that ships with the app, by its id, or one that fits none, whole, as it was put together or read from a file.
import * as v from 'valibot'
import { checkWhole } from '../quantity/problem'
import { UnitTypeSchema } from './unit-type'
import { unitTypeProblems } from './unit-type-problems'
import { UNIT_TYPE_IDS, unitTypeFor } from './unit-types'

/** A unit type of somebody's own: sound by its copper, and under an id that no shipped one has. */
export const OwnUnitTypeSchema = v.pipe(
  UnitTypeSchema,
  checkWhole((unit) =>
    unitTypeFor(unit.id) === undefined
      ? unitTypeProblems(unit)
      : [{ path: 'id', message: `“${unit.id}” is a unit that ships with the app.` }],
  ),
)

const ShippedSchema = v.picklist(
  UNIT_TYPE_IDS as [string, ...string[]],
  `The unit type must be one of: ${UNIT_TYPE_IDS.join(', ')}.`,
)

/** By what it is, so that what is wrong in a whole type is said at its own field. Of nothing it is either: so a published schema shows both. */
export const UnitRefSchema = v.lazy((input) => {
  if (input === undefined) return v.union([ShippedSchema, OwnUnitTypeSchema])
  return typeof input === 'object' && input !== null ? OwnUnitTypeSchema : ShippedSchema
})
