// What lists need of a job that is not open: its names, its times, what it took of the van, what its calls asked for, how it stands.
// The fold of its changes, as small as it goes: a phone keeps one of every job of the shop.
import * as v from 'valibot'
import { idSchema } from '../../quantity/id'
import type { Change } from '../change'
import type { JobDocument } from '../document'
import { takingsOf } from '../fold'
import type { JobId } from '../job-id'
import type { Taking } from '../van'
import { UUID } from '../uuid'
import { StandingSchema } from './standing-words'

/** Only what is there is written: most jobs lack most of it. */
export const JobSummarySchema = v.object({
  job: idSchema<JobId>(v.pipe(v.string(), v.regex(UUID))),
  /** Its latest change, ms since 1970. */
  at: v.number(),
  /** Its first change, ms since 1970. */
  begun: v.number(),
  title: v.optional(v.string(), ''),
  site: v.optional(v.string(), ''),
  unitName: v.optional(v.string(), ''),
  owner: v.optional(v.string(), ''),
  /** The unit type's id; null: not said. */
  unit: v.optional(v.nullable(v.string()), null),
  /** The name of a unit type of the shop's own; empty: it is one that ships, or not said. */
  ownUnit: v.optional(v.string(), ''),
  /** Who changed it last, of those who gave a name. */
  technician: v.optional(v.string(), ''),
  removed: v.optional(v.boolean(), false),
  /** Every edit of what it took of the van: line, quantity, when. */
  taken: v.optional(v.array(v.tuple([v.string(), v.number(), v.number()])), []),
  /** What its call asked for, µF; null: not known. */
  compressorMicrofarads: v.optional(v.nullable(v.number()), null),
  fanMicrofarads: v.optional(v.nullable(v.number()), null),
  /** null: not worked out since the last change. */
  standing: v.optional(v.nullable(StandingSchema), null),
})
/** A job as a list knows it. */
export type JobSummary = v.InferOutput<typeof JobSummarySchema>

/** `changes`: at least one. How the job stands takes all that knows of circuits (`standingOf`): it is left open here. */
export function summaryOf(job: JobId, changes: readonly Change[], document: JobDocument): JobSummary {
  let [at, begun, technician, namedAt] = [0, Infinity, '', 0]
  for (const change of changes) {
    at = Math.max(at, change.at)
    begun = Math.min(begun, change.at)
    if (change.technician !== '' && change.at >= namedAt)
      [technician, namedAt] = [change.technician, change.at]
  }
  const { title, site, unitName, owner, removed, unit, compressorMicrofarads, motor, motorPlate } = document
  return {
    job,
    at,
    begun,
    title,
    site,
    unitName,
    owner,
    unit: typeof unit === 'object' ? (unit?.id ?? null) : unit,
    ownUnit: typeof unit === 'object' ? (unit?.name ?? '') : '',
    technician,
    removed,
    taken: takingsOf(changes).map(({ line, quantity, at: when }) => [line, quantity, when]),
    compressorMicrofarads,
    fanMicrofarads: motor?.capacitor?.microfarads ?? motorPlate?.microfarads ?? null,
    standing: null,
  }
}

/** What these jobs took of the van, edit by edit. */
export const takingsIn = (summaries: Iterable<JobSummary>): Taking[] =>
  [...summaries].flatMap(({ job, taken }) =>
    taken.map(([line, quantity, at]) => ({ job, line, quantity, at })),
  )

/** How many of a line a job holds by its last edit. */
export const holds = ({ taken }: JobSummary, line: string): number =>
  taken
    .filter(([of]) => of === line)
    .reduce<readonly [number, number]>(
      ([n, last], [, quantity, at]) => (at >= last ? [quantity, at] : [n, last]),
      [0, 0],
    )[0]

/** As it travels: without what is as usual. */
export const packed = (summary: JobSummary): Partial<JobSummary> =>
  Object.fromEntries(
    Object.entries(summary).filter(
      ([, value]) =>
        value !== null && value !== '' && value !== false && !(Array.isArray(value) && value.length === 0),
    ),
  )
