import * as v from 'valibot'
import { DEFAULT_TOLERANCE_PERCENT } from '../capacitor/verdict'
import { workOutHookup } from '../circuit/hookup'
import { USUAL_ACCURACY } from '../meter/measurement'
import { SPEED_NAMES } from '../motor/lead-sheet'
import { checkWhole, type Problem } from '../quantity/problem'
import { readingInterval } from '../quantity/interval'
import { expectedModes } from '../startup/expected'
import { judgeStartUp } from '../startup/verdict'
import { MODE_IDS } from '../wiring/unit-type'
import { knownUnitType } from '../wiring/unit-types'
import { AccuracySchema, positive } from './fields'
import { HookupInputSchema } from './hookup'
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
  turned: v.optional(v.nullable(v.picklist(['right', 'backwards'], 'It turned right or backwards.')), null),
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
  direction: v.object({
    verdict: v.picklist(['right', 'change-plug', 'look-for-cause', 'not-tested']),
    text: Text,
    steps: v.array(Text),
    causes: v.array(Text),
  }),
  amps: v.array(AmpsSchema),
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
      amps: v.nullable(v.number()),
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
  run({ hookup, turned, readings, capacitor, supply, oldRpm, sameBlade }) {
    const unit = knownUnitType(hookup.unit)
    const { sheet } = hookup
    const answer = workOutHookup({ ...hookup, unit })
    const expected = expectedModes(sheet, answer)
    const started = judgeStartUp({
      direction: {
        turned,
        sheet,
        set: answer.plug.set.direction,
        advised: answer.plug.advised?.direction ?? null,
        blower: unit.traits.fan === 'blower',
      },
      readings: readings.flatMap((r) => {
        const at = expected.find((m) => m.mode === r.mode)
        return at
          ? [
              {
                name: at.name,
                speed: at.speed,
                amps: readingInterval(r.amps, r.accuracy ?? USUAL_ACCURACY.amps),
                rated: at.rated,
                expected: at.amps,
                door: r.door,
                inrush: r.inrush,
              },
            ]
          : []
      }),
      speeds: sheet.settings.speed.map((s) => s.speed),
      capacitor: capacitor &&
        sheet.capacitor && {
          amps: capacitor.amps,
          volts: capacitor.volts,
          hertz: hookup.hertz,
          microfarads: sheet.capacitor.microfarads,
          tolerancePercent: hookup.can?.tolerancePercent ?? DEFAULT_TOLERANCE_PERCENT,
          meter: {
            amps: capacitor.ampsAccuracy ?? USUAL_ACCURACY.amps,
            volts: capacitor.voltsAccuracy ?? USUAL_ACCURACY.volts,
          },
        },
      evidence: {
        volts: supply && readingInterval(supply.volts, supply.accuracy ?? USUAL_ACCURACY.volts),
        ratedVolts: sheet.nameplate.volts,
        oldRpm,
        newRpm: sheet.nameplate.rpm,
        proven: answer.proof.verdict === 'proven' || answer.proof.verdict === 'watch',
        sameBlade,
      },
    })
    return plain({ ...started, expected })
  },
})
