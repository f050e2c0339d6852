import * as v from 'valibot'
import { CanMarkingSchema } from '../capacitor/marking'
import { MAX_LINE, readLabel as read } from '../label/read-label'
import { MotorPlateSchema, UnitPlateSchema } from '../motor/nameplate'
import { operation } from './operation'
import { plain } from './plain'

export const readLabel = operation({
  name: 'read-label',
  help: 'A typed or pasted line of a plate or a capacitor label, read piece by piece; asks where two readings are possible.',
  input: v.strictObject({
    text: v.pipe(
      v.string('The line must be text.'),
      v.maxLength(MAX_LINE, `A line has ${MAX_LINE} letters at most.`),
    ),
    /** Question id to option id. */
    answers: v.optional(v.record(v.string(), v.string()), {}),
    /** The plate it was typed on: it counts where the line alone does not tell. */
    typedOn: v.optional(
      v.nullable(v.picklist(['motor', 'unit', 'can'], 'A plate is motor, unit or can.')),
      null,
    ),
  }),
  output: v.object({
    kind: v.picklist(['capacitor', 'motor', 'unit', 'nothing']),
    pieces: v.array(
      v.object({
        kind: v.string(),
        from: v.number(),
        to: v.number(),
        text: v.string(),
        figures: v.array(v.string()),
        words: v.array(v.string()),
        means: v.string(),
      }),
    ),
    capacitor: v.nullable(CanMarkingSchema),
    motor: v.nullable(MotorPlateSchema),
    unit: v.nullable(UnitPlateSchema),
    questions: v.array(
      v.object({
        id: v.string(),
        text: v.string(),
        options: v.array(v.object({ id: v.string(), words: v.string() })),
      }),
    ),
    unread: v.array(v.string()),
  }),
  run: ({ text, answers, typedOn }) => plain(read(text, answers, typedOn)),
})
