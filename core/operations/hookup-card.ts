import { idSchema } from '../quantity/id'
import type { LeadId } from '../motor/lead-id'
import type { JobId } from '../job/job-id'
import * as v from 'valibot'
import { workOutHookup } from '../circuit/hookup'
import { makeCard } from '../job/card/card'
import { layOutCard } from '../job/card/card-layout'
import { CARD_PAPERS, type CardPaper } from '../job/card/paper'
import { drawingOf } from '../job/card/drawing/hookup-drawing'
import { CanFaceSchema, SectionsSchema } from '../capacitor/can'
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
const Points = v.array(v.tuple([num, num]))
const Broken = v.optional(v.boolean())
const FillSchema = v.picklist(['none', 'ink', 'paper'])
const ShapeSchema = v.variant('kind', [
  v.object({
    kind: v.literal('text'),
    x: num,
    y: num,
    size: num,
    weight: v.picklist([400, 700]),
    text: v.string(),
    anchor: v.optional(v.picklist(['middle', 'end'])),
    onInk: v.optional(v.boolean()),
  }),
  v.object({ kind: v.literal('line'), points: Points, width: num, broken: Broken }),
  v.object({ kind: v.literal('wire'), points: Points, paint: v.string(), tracer: v.nullable(v.string()) }),
  v.object({
    kind: v.literal('round'),
    x: num,
    y: num,
    r: num,
    width: num,
    fill: FillSchema,
    broken: Broken,
  }),
  v.object({
    kind: v.literal('box'),
    x: num,
    y: num,
    across: num,
    down: num,
    corner: num,
    width: num,
    fill: FillSchema,
  }),
  v.object({ kind: v.literal('strip'), x: num, y: num, scale: num, d: v.string(), width: num }),
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
  /** Its code as squares where there is a maker of codes, else as what it says. */
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
    /** The can as it stands on the shelf: how its posts stand, and its sections with those that died. Drawn only. */
    canTop: v.optional(
      v.nullable(v.strictObject({ face: v.optional(CanFaceSchema), sections: SectionsSchema })),
      null,
    ),
    paper: v.optional(
      v.picklist(Object.keys(CARD_PAPERS) as CardPaper[], 'A card is made for a5 or half-letter.'),
      'a5',
    ),
  }),
  output: OutputSchema,
  run({ hookup, heading, canTop, paper }, { drawCode }): HookupCardOutput {
    const { request } = hookupRequest(hookup)
    const answer = workOutHookup(request)
    const { code: codeHeading, ...about } = heading
    const card = makeCard(request, answer, about)
    const code = card && codeHeading ? writeCode(cardRecord(request, answer, codeHeading)) : null
    const drawing = drawingOf(request, answer, canTop)
    const shapes = card ? layOutCard({ card, drawing, code, paper }) : []
    const size = CARD_PAPERS[paper]
    return plain({
      card,
      why: card ? null : answer.proof.sentence,
      widthMm: size.width,
      heightMm: size.height,
      shapes,
      code,
      svg: card ? cardSvg({ shapes, title: card.title, paper }, drawCode) : '',
    })
  },
})
