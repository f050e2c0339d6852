import * as v from 'valibot'
import type { LeadId } from '../motor/lead-id'
import { SPEED_NAMES } from '../motor/lead-sheet'
import { idSchema } from '../quantity/id'
import { checkWhole, type Problem } from '../quantity/problem'
import { FIRST_POWER } from '../startup/first-power'
import { startUpOf } from '../startup/start-up'
import { PlacementSchema } from '../wiring/placement'
import { MODE_IDS } from '../wiring/unit-type'
import { knownUnitType } from '../wiring/unit-types'
import { AccuracySchema, IntervalSchema, positive } from './fields'
import { HookupInputSchema, hookupRequest } from './hookup'
import { operation } from './operation'
import { plain } from './plain'

const amps = (what: string) =>
  v.pipe(
    v.number(`${what} must be a number of A.`),
    v.finite(`${what} must be a number of A.`),
    v.minValue(0, `${what} cannot be below 0 A.`),
    v.maxValue(600, `${what} above 600 A are not believable: read it again.`),
  )
const ReadingSchema = v.strictObject({
  mode: v.picklist(MODE_IDS, `A mode is one of: ${MODE_IDS.join(', ')}.`),
  amps: amps('Amps'),
  accuracy: v.optional(v.nullable(AccuracySchema), null),
  door: v.optional(v.nullable(v.picklist(['open', 'closed'], 'The door is open or closed.')), null),
  inrush: v.optional(v.nullable(amps('Inrush')), null),
})
const InputSchema = v.strictObject({
  hookup: HookupInputSchema,
  turned: v.optional(
    v.nullable(v.picklist(FIRST_POWER, `What it did is one of: ${FIRST_POWER.join(', ')}.`)),
    null,
  ),
  readings: v.optional(v.pipe(v.array(ReadingSchema), v.maxLength(20, 'More than 20 readings.')), []),
  capacitor: v.optional(
    v.nullable(
      v.strictObject({
        amps: positive('Amps in the start lead', 'A', 200),
        volts: positive('Volts across the capacitor', 'V', 1000),
        ampsAccuracy: v.optional(v.nullable(AccuracySchema), null),
        voltsAccuracy: v.optional(v.nullable(AccuracySchema), null),
      }),
    ),
    null,
  ),
  /** Of the supply, under load. */
  supply: v.optional(
    v.nullable(
      v.strictObject({
        volts: positive('Supply volts', 'V', 1000),
        accuracy: v.optional(v.nullable(AccuracySchema), null),
      }),
    ),
    null,
  ),
  oldRpm: v.optional(v.nullable(positive('The old motor’s rpm', 'rpm', 3600)), null),
  sameBlade: v.optional(v.nullable(v.boolean('The same blade is yes or no.')), null),
})

function problems({ hookup, readings }: v.InferOutput<typeof InputSchema>): Problem[] {
  const modes = knownUnitType(hookup.unit)
    .modes.filter((m) => m.fanRuns)
    .map((m) => m.id)
  return readings.flatMap((r, i) =>
    modes.includes(r.mode)
      ? []
      : [
          {
            path: `readings.${i}.mode`,
            message: `The fan does not run in ${r.mode} on this unit; it runs in ${modes.join(' and ')}.`,
          },
        ],
  )
}

const Text = v.string()
const AmpsSchema = v.object({
  name: Text,
  over: v.boolean(),
  verdict: v.picklist(['fine', 'watch', 'stop', 'cannotTell']),
  text: Text,
})
const OutputSchema = v.object({
  verdict: v.picklist(['fine', 'watch', 'stop', 'cannotTell']),
  sentence: Text,
  notProven: v.nullable(Text),
  stopped: v.boolean(),
  direction: v.object({
    verdict: v.picklist([
      'right',
      'change-plug',
      'exchange-leads',
      'look-for-cause',
      'not-tested',
      'trouble',
    ]),
    text: Text,
    steps: v.array(Text),
    causes: v.array(Text),
    next: v.nullable(v.picklist(['board', 'capacitor', 'mount'])),
    exchange: v.array(v.object({ lead: idSchema<LeadId>(v.string()), to: PlacementSchema })),
  }),
  amps: v.array(AmpsSchema),
  supply: v.nullable(v.object({ verdict: v.picklist(['fine', 'low', 'high', 'cannotTell']), text: Text })),
  crossed: v.nullable(Text),
  capacitor: v.nullable(
    v.object({
      microfarads: v.number(),
      low: v.number(),
      high: v.nullable(v.number()),
      deviationPercent: v.nullable(v.number()),
      verdict: v.nullable(v.picklist(['in', 'out', 'uncertain'])),
    }),
  ),
  causes: v.array(
    v.object({
      id: v.picklist(['voltage', 'speed-class', 'capacitor', 'windings', 'blade']),
      text: Text,
      because: Text,
      weight: v.picklist(['speaks for it', 'open', 'speaks against it']),
    }),
  ),
  /** What the proof's circuit expects of each mode in which the fan runs. */
  expected: v.array(
    v.object({
      mode: v.picklist(MODE_IDS),
      name: Text,
      /** Line current, A, within `range`; read round `lead` alone. */
      amps: v.nullable(v.number()),
      range: v.nullable(IntervalSchema),
      lead: v.nullable(Text),
      others: v.array(v.object({ lead: Text, amps: v.number() })),
      rated: v.number(),
      speed: v.nullable(v.picklist(SPEED_NAMES)),
    }),
  ),
})
/** What `startup-verdict` answers. */
export type StartupOutput = v.InferOutput<typeof OutputSchema>

export const startupVerdict = operation({
  name: 'startup-verdict',
  help: 'Direction, amps by mode against rating and the proof’s circuit, and the capacitor under load: each with its verdict, and what may be the cause.',
  input: v.pipe(InputSchema, checkWhole(problems)),
  output: OutputSchema,
  run({ hookup, ...facts }) {
    const { request, supply } = hookupRequest(hookup)
    return plain(startUpOf(request, supply, facts))
  },
})
