import * as v from 'valibot'
import { MAX_CODE, readCode } from '../job/card/code/read-code'
import { ColourCodeSchema } from '../motor/colour'
import { LeadRoleSchema } from '../motor/role'
import { SPEED_NAMES } from '../motor/lead-sheet'
import { operation } from './operation'
import { plain } from './plain'

const Insulation = v.object({ colour: ColourCodeSchema, stripe: v.optional(v.nullable(ColourCodeSchema)) })

export const readCard = operation({
  name: 'read-card',
  help: 'The text of a hookup card’s code, read back as the hookup; what is damaged, of a later version or no card is told in words.',
  input: v.strictObject({
    text: v.pipe(
      v.string('The code must be text.'),
      v.maxLength(MAX_CODE, `A code holds ${MAX_CODE} letters at most.`),
    ),
  }),
  output: v.variant('ok', [
    v.object({
      ok: v.literal(false),
      why: v.picklist(['other', 'later', 'damaged']),
      message: v.string(),
    }),
    v.object({
      ok: v.literal(true),
      record: v.object({
        job: v.string(),
        date: v.nullable(v.string()),
        site: v.string(),
        unitName: v.string(),
        unit: v.nullable(v.string()),
        motor: v.object({
          name: v.string(),
          threePhase: v.boolean(),
          horsepower: v.string(),
          rpm: v.number(),
          volts: v.object({ low: v.number(), high: v.number() }),
          amps: v.number(),
          hertz: v.picklist([50, 60]),
          capacitor: v.nullable(v.object({ microfarads: v.number(), volts: v.number() })),
          turns: v.object({
            direction: v.picklist(['CW', 'CCW']),
            seenFrom: v.picklist(['lead-end', 'shaft-end']),
          }),
        }),
        wires: v.array(
          v.object({
            insulation: Insulation,
            role: LeadRoleSchema,
            speed: v.nullable(v.picklist(SPEED_NAMES)),
            post: v.string(),
          }),
        ),
        capped: v.array(Insulation),
        plug: v.object({ joined: v.array(v.tuple([Insulation, Insulation])), open: v.array(Insulation) }),
        can: v.nullable(
          v.object({
            volts: v.number(),
            tolerancePercent: v.number(),
            sections: v.array(v.number()),
            sides: v.array(v.object({ load: v.picklist(['FAN', 'HERM']), sections: v.array(v.number()) })),
          }),
        ),
        compressorMicrofarads: v.nullable(v.number()),
        readings: v.array(v.object({ mode: v.string(), amps: v.number() })),
      }),
    }),
  ]),
  run: ({ text }) => plain(readCode(text)),
})
