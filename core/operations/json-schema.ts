// The published JSON Schemas, made from the same Valibot schemas that check at the edge.
import { toJsonSchema } from '@valibot/to-json-schema'
import type * as v from 'valibot'
import { JobFileSchema } from '../job/job-file'
import { LeadSheetSchema } from '../motor/lead-sheet'
import { ScenarioSchema } from '../practice/unit/scenario'
import { UnitTypeSchema } from '../wiring/unit-type'
import { OPERATIONS } from './registry'

// Rules that no JSON Schema can say (a join names a lead that exists) are left to the check itself.
const schemaOf = (schema: v.GenericSchema, typeMode: 'input' | 'output' = 'input') =>
  toJsonSchema(schema, { errorMode: 'ignore', typeMode })

/** Published schema by file name, such as "hookup.input". */
export function publishedSchemas(): Record<string, object> {
  const formats: Record<string, v.GenericSchema> = {
    job: JobFileSchema,
    'lead-sheet': LeadSheetSchema,
    'unit-type': UnitTypeSchema,
    'practice-unit': ScenarioSchema,
  }
  return {
    ...Object.fromEntries(Object.entries(formats).map(([name, schema]) => [name, schemaOf(schema)])),
    ...Object.fromEntries(
      OPERATIONS.flatMap((o) => [
        [`${o.name}.input`, schemaOf(o.input)],
        [`${o.name}.output`, schemaOf(o.output, 'output')],
      ]),
    ),
  }
}
