import * as v from 'valibot'
import { CanMarkingSchema } from '../capacitor/marking'
import { PROBES } from '../diagnosis/answers'
import { diagnose as work } from '../diagnosis/diagnose'
import { SUBJECTS } from '../diagnosis/model'
import { MeasuredValueSchema, MeasurementSchema, QUANTITIES } from '../meter/measurement'
import { checkWhole, type Problem } from '../quantity/problem'
import { NO_SUPPLY_FACTS, onSupply, supplyOf, SupplyFactsSchema } from '../supply/supply'
import { knownUnitType } from '../wiring/unit-types'
import { AccuracySchema, positive } from './fields'
import { UnitRefSchema } from '../wiring/unit-ref'
import { operation } from './operation'
import { plain } from './plain'

const ReadingSchema = v.strictObject({
  quantity: v.picklist(QUANTITIES, 'A meter reads volts, amps, microfarads, ohms or degrees.'),
  value: MeasuredValueSchema,
  accuracy: v.optional(v.nullable(AccuracySchema), null),
})

/** A probe is read in its own quantity, within what is believable. */
const readingProblems = (
  readings: Readonly<Record<string, v.InferOutput<typeof ReadingSchema>>>,
): Problem[] =>
  Object.entries(readings).flatMap(([probe, reading]): Problem[] => {
    if (!PROBES.some((known) => known === probe))
      return [
        {
          path: probe,
          message: `There is no place to read called “${probe}”. There are: ${PROBES.join(', ')}.`,
        },
      ]
    if (!probe.startsWith(reading.quantity))
      return [{ path: `${probe}.quantity`, message: `${probe} is not read in ${reading.quantity}.` }]
    const whole = v.safeParse(MeasurementSchema, { ...reading, range: null, meter: 'typed', at: 0 })
    return whole.success ? [] : [{ path: `${probe}.value`, message: whole.issues[0].message }]
  })

const foundSchema = v.object({
  id: v.string(),
  subject: v.picklist(SUBJECTS),
  name: v.string(),
  for: v.array(v.string()),
  by: v.array(v.string()),
  remedy: v.string(),
  stage: v.nullable(v.picklist(['capacitor', 'motor', 'wires'])),
  work: v.nullable(v.string()),
  explains: v.boolean(),
})

const causeSchema = v.object({
  id: v.string(),
  name: v.string(),
  chance: v.number(),
  strength: v.picklist(['found', 'strong', 'likely', 'possible', 'unlikely']),
  for: v.array(v.string()),
  against: v.array(v.string()),
  remedy: v.string(),
  stage: v.nullable(v.picklist(['capacitor', 'motor', 'wires'])),
  work: v.nullable(v.string()),
})

const questionSchema = v.object({
  id: v.string(),
  question: v.string(),
  kind: v.picklist(['look', 'power-off', 'live', 'contributory']),
  note: v.nullable(v.string()),
  answers: v.array(v.object({ id: v.string(), text: v.string() })),
  reads: v.nullable(v.string()),
  answer: v.nullable(v.string()),
  open: v.boolean(),
})

const DiagnosisSchema = v.object({
  found: v.array(foundSchema),
  causes: v.array(causeSchema),
  state: v.picklist(['settled', 'go-on', 'nothing-left']),
  sentence: v.string(),
  dangers: v.array(v.string()),
  next: v.array(v.object({ test: v.string(), bits: v.number(), why: v.string() })),
  contradictions: v.array(v.string()),
  contributory: v.array(v.string()),
  questions: v.array(questionSchema),
  readings: v.array(v.object({ test: v.string(), answer: v.nullable(v.string()), words: v.string() })),
  ignored: v.array(v.string()),
})
/** What `diagnose` answers. */
export type DiagnoseOutput = v.InferOutput<typeof DiagnosisSchema>

export const diagnose = operation({
  name: 'diagnose',
  help: 'Ranked causes of a fan’s fault from what was seen and read, what speaks for and against each, and the next test worth doing.',
  input: v.strictObject({
    unit: UnitRefSchema,
    subject: v.optional(v.picklist(SUBJECTS, 'The questions are about the fan or the compressor.'), 'fan'),
    supply: v.optional(SupplyFactsSchema, NO_SUPPLY_FACTS),
    observations: v.optional(
      v.record(v.string(), v.pipe(v.string('An answer is named.'), v.maxLength(40))),
      {},
    ),
    readings: v.optional(
      v.pipe(
        v.record(v.string(), ReadingSchema),
        checkWhole((r) => readingProblems(r)),
      ),
      {},
    ),
    marking: v.optional(v.nullable(CanMarkingSchema), null),
    plateMicrofarads: v.optional(v.nullable(positive('The plate’s capacitor', 'µF', 1000)), null),
    compressorMicrofarads: v.optional(v.nullable(positive('The compressor’s capacitor', 'µF', 1000)), null),
    plateAmps: v.optional(v.nullable(positive('The plate’s amps', 'A', 200)), null),
  }),
  output: DiagnosisSchema,
  run({ supply, ...input }) {
    const type = knownUnitType(input.unit)
    return plain(work({ ...input, unit: onSupply(type, supplyOf(type, supply).supply) }))
  },
})
