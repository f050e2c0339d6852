import { idSchema } from '../quantity/id'
import type { LeadId } from '../motor/lead-id'
import type { JobId } from '../job/job-id'
import * as v from 'valibot'
import { workOutHookup } from '../circuit/hookup'
import { makeCard } from '../job/card/card'
import { CARD_HEIGHT, CARD_WIDTH, layOutCard } from '../job/card/card-layout'
import { cardSvg } from '../job/card/card-svg'
import { InsulationSchema } from '../motor/colour'
import { HookupInputSchema, hookupRequest } from './hookup'
import { operation } from './operation'
import { plain } from './plain'

const text = (most: number) =>
  v.pipe(v.string('It must be text.'), v.maxLength(most, `It has ${most} letters at most.`))
const Texts = v.array(v.string())

const CardSchema = v.object({
  format: v.string(),
  version: v.number(),
  job: idSchema<JobId>(v.string()),
  title: v.string(),
  site: v.string(),
  date: v.string(),
  technician: v.string(),
  readings: Texts,
  unit: v.string(),
  motor: v.string(),
  motorStays: v.boolean(),
  verdict: v.picklist(['proven', 'watch']),
  sentence: v.string(),
  rows: v.array(
    v.object({
      lead: idSchema<LeadId>(v.string()),
      insulation: InsulationSchema,
      role: v.string(),
      was: v.nullable(v.string()),
      goes: v.string(),
      moved: v.boolean(),
    }),
  ),
  capacitor: Texts,
  settings: Texts,
  watch: Texts,
})

const num = v.number()
const ShapeSchema = v.variant('kind', [
  v.object({
    kind: v.literal('text'),
    x: num,
    y: num,
    size: num,
    weight: v.picklist([400, 700]),
    text: v.string(),
  }),
  v.object({ kind: v.literal('line'), x1: num, y1: num, x2: num, y2: num, width: num }),
  v.object({
    kind: v.literal('wire'),
    x1: num,
    x2: num,
    y: num,
    paint: v.string(),
    tracer: v.nullable(v.string()),
  }),
  v.object({ kind: v.literal('mark'), x: num, y: num, size: num, verdict: v.picklist(['proven', 'watch']) }),
])

const OutputSchema = v.object({
  /** null when the hookup is not proven: then there is no card. */
  card: v.nullable(CardSchema),
  why: v.nullable(v.string()),
  widthMm: num,
  heightMm: num,
  shapes: v.array(ShapeSchema),
  svg: v.string(),
})
/** What `hookup-card` answers. */
export type HookupCardOutput = v.InferOutput<typeof OutputSchema>

export const hookupCard = operation({
  name: 'hookup-card',
  help: 'The card of a proven hookup: as data, as shapes in millimetres and as an SVG file. A hookup that is not proven gets none.',
  input: v.strictObject({
    hookup: HookupInputSchema,
    heading: v.strictObject({
      job: text(60),
      title: text(300),
      site: text(300),
      date: text(60),
      technician: text(300),
      readings: v.pipe(v.array(text(200)), v.maxLength(20)),
    }),
  }),
  output: OutputSchema,
  run({ hookup, heading }): HookupCardOutput {
    const { request } = hookupRequest(hookup)
    const answer = workOutHookup(request)
    const card = makeCard(request, answer, heading)
    const shapes = card ? layOutCard(card) : []
    return plain({
      card,
      why: card ? null : answer.proof.sentence,
      widthMm: CARD_WIDTH,
      heightMm: CARD_HEIGHT,
      shapes,
      svg: card ? cardSvg(shapes, card.title) : '',
    })
  },
})
