import { idSchema } from '../quantity/id'
import type { LeadId } from '../motor/lead-id'
import type { JobId } from '../job/job-id'
import * as v from 'valibot'
import { workOutHookup } from '../circuit/hookup'
import { makeCard } from '../job/card/card'
import { CARD_HEIGHT, CARD_WIDTH, layOutCard } from '../job/card/card-layout'
import { writeCode } from '../job/card/code/code-text'
import { cardRecord } from '../job/card/code/record'
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
  v.object({ kind: v.literal('code'), x: num, y: num, size: num, text: v.string() }),
  v.object({ kind: v.literal('mark'), x: num, y: num, size: num, verdict: v.picklist(['proven', 'watch']) }),
])

const OutputSchema = v.object({
  /** null when the hookup is not proven: then there is no card. */
  card: v.nullable(CardSchema),
  why: v.nullable(v.string()),
  widthMm: num,
  heightMm: num,
  shapes: v.array(ShapeSchema),
  /** What the card's code says; null where it has none. */
  code: v.nullable(v.string()),
  /** With the code's text, not its squares: those are drawn by whoever has a maker of codes. */
  svg: v.string(),
})
/** What `hookup-card` answers. */
export type HookupCardOutput = v.InferOutput<typeof OutputSchema>

const CodeHeadingSchema = v.strictObject({
  job: idSchema<JobId>(v.pipe(v.string('The job’s id is text.'), v.uuid('The job’s id is not an id.'))),
  date: v.nullable(v.pipe(v.string(), v.isoDate('A day is written like 2026-11-28.'))),
  site: text(300),
  unitName: text(300),
  readings: v.pipe(
    v.array(
      v.strictObject({
        mode: v.pipe(text(40), v.regex(/^[a-z0-9-]+$/, 'A mode is named by its id.')),
        amps: v.pipe(
          v.number('Amps are a number.'),
          v.gtValue(0, 'Amps are above 0.'),
          v.maxValue(999, 'Amps are 999 at most.'),
        ),
      }),
    ),
    v.maxLength(12, 'A card has 12 readings at most.'),
  ),
})

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
      /** What goes into the code beside the hookup; null: the card has no code. */
      code: v.optional(v.nullable(CodeHeadingSchema), null),
    }),
  }),
  output: OutputSchema,
  run({ hookup, heading }): HookupCardOutput {
    const { request } = hookupRequest(hookup)
    const answer = workOutHookup(request)
    const { code: codeHeading, ...about } = heading
    const card = makeCard(request, answer, about)
    const code = card && codeHeading ? writeCode(cardRecord(request, answer, codeHeading)) : null
    const shapes = card ? layOutCard(card, code) : []
    return plain({
      card,
      why: card ? null : answer.proof.sentence,
      widthMm: CARD_WIDTH,
      heightMm: CARD_HEIGHT,
      shapes,
      code,
      svg: card ? cardSvg(shapes, card.title) : '',
    })
  },
})
