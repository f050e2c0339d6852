// What is really wrong with the demo's units: known to the simulated meter only.
import { idSchema } from '@oak/core/quantity/id'
import type { JobId } from '@oak/core/job/job-id'
import { existsSync, readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import * as v from 'valibot'

const TruthSchema = v.strictObject({
  format: v.literal('oak-switch/demo-truth'),
  version: v.literal(1),
  job: idSchema<JobId>(v.string()),
  /** What is the matter, for the reader of the file. */
  fault: v.string(),
  /** True value by probe, in the unit of its quantity; null beyond every range, such as an open winding. */
  probes: v.record(v.string(), v.nullable(v.pipe(v.number(), v.minValue(0)))),
})
export type Truth = v.InferOutput<typeof TruthSchema>
/** Job id to truth. */
export type Truths = ReadonlyMap<string, Truth>

export function readTruths(folder: string): Truths {
  if (!existsSync(folder)) return new Map()
  const files = readdirSync(folder).filter((name) => name.endsWith('.truth.json'))
  return new Map(
    files
      .map((name) => v.parse(TruthSchema, JSON.parse(readFileSync(join(folder, name), 'utf8'))))
      .map((truth) => [truth.job, truth]),
  )
}

/** undefined: the leads are on nothing. */
export function trueValue(truths: Truths, job: JobId, probe: string): number | undefined {
  const value = truths.get(job)?.probes[probe]
  return value === null ? Infinity : value
}
