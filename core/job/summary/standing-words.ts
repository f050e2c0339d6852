// How a job stands, as it is kept and sent. No more is imported here than a list needs to read it.
import * as v from 'valibot'
import { VISIT_KINDS } from '../visit/visit-kinds'
import { STAGES, type StageId } from '../visit/stage-names'

export const StandingSchema = v.object({
  kind: v.picklist(VISIT_KINDS),
  /** In one line why; null: nothing to say beyond what comes next. */
  words: v.nullable(v.string()),
  /** The verdict to be marked; null: none. */
  mark: v.nullable(v.picklist(['proven', 'watch', 'stop', 'cannotTell'])),
  /** The proof as it stands. */
  proof: v.picklist(['stands', 'none', 'changed', 'stopped', 'ruled-out']),
  next: v.picklist(STAGES.map(({ id }) => id) as [StageId, ...StageId[]]),
  /** A letter a stage, in their order: e(mpty), p(art), d(one). */
  stages: v.string(),
})
/** How a job stands, for a list. */
export type Standing = v.InferOutput<typeof StandingSchema>

/** What a job that does not go on stage by stage stands at. */
const STANDS: Partial<Readonly<Record<Standing['kind'], string>>> = {
  stopped: 'stopped',
  waiting: 'part',
  later: 'come back',
  estimate: 'estimate',
  ended: 'ended',
}

/** In a word or two what comes next, for a table. */
export const nextInWords = ({ kind, next }: Pick<Standing, 'kind' | 'next'>): string =>
  STANDS[kind] ?? STAGES.find(({ id }) => id === next)?.name ?? ''
