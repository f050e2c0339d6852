import * as v from 'valibot'
import { matchBest } from '../motor/match/match'
import { CRITERIA } from '../motor/match/criterion'
import { BLANK } from '../motor/match/mechanical'
import { horsepowerOf } from '../motor/horsepower'
import { CandidateSchema, MechanicalSchema } from '../motor/lead-sheet'
import { EMPTY_MOTOR_PLATE, MotorPlateSchema } from '../motor/nameplate'
import { impossiblePlate } from '../motor/plausible'
import { checkWhole, type Problem } from '../quantity/problem'
import { positive, shortText } from './fields'
import { operation } from './operation'
import { plain } from './plain'

const OldSchema = v.strictObject({
  fan: v.picklist(['outdoor', 'blower'], 'The fan is an outdoor one or a blower.'),
  plate: v.optional(MotorPlateSchema, EMPTY_MOTOR_PLATE),
  mechanical: v.optional(MechanicalSchema, BLANK),
  unitVolts: v.optional(v.nullable(positive('The unit’s volts', 'V', 1000)), null),
  hertz: v.optional(v.picklist([50, 60], 'The supply is 50 or 60 Hz.'), 60),
  supplyConflict: v.optional(v.nullable(shortText('The conflict', 300)), null),
  needsThroughShaft: v.optional(v.boolean('Through shaft is yes or no.'), false),
  speedsInUse: v.optional(
    v.nullable(
      v.pipe(
        v.number(),
        v.integer('Speeds in use are counted.'),
        v.minValue(1, 'At least one speed is in use.'),
        v.maxValue(6, 'No fan motor has more than six speeds.'),
      ),
    ),
    null,
  ),
  steepBlades: v.optional(v.nullable(v.boolean('Steep is yes or no.')), null),
  wantedFromLeadEnd: v.optional(
    v.nullable(v.picklist(['CW', 'CCW'], 'The direction must be CW or CCW.')),
    null,
  ),
  estimate: v.optional(
    v.strictObject({
      horsepower: v.nullable(v.strictObject({ low: v.string(), high: v.string() })),
      rpm: v.nullable(v.strictObject({ low: v.number(), high: v.number() })),
    }),
    { horsepower: null, rpm: null },
  ),
})

/** A plate whose figures contradict one another was misread: nothing is matched against it. */
function plateProblems({
  old: { plate, hertz },
}: {
  readonly old: v.InferOutput<typeof OldSchema>
}): Problem[] {
  const most = (list: readonly number[]) => (list.length > 0 ? Math.max(...list) : null)
  const wrong = impossiblePlate({
    horsepower: most(plate.horsepower.map(horsepowerOf)),
    volts: most(plate.volts.map((r) => r.high)),
    amps: most(plate.amps),
    rpm: plate.rpm[0] ?? null,
    poles: plate.poles,
    hertz: plate.hertz[0] ?? hertz,
    phase: plate.phase,
  })
  return wrong ? [{ path: 'old.plate', message: wrong }] : []
}

const MatchSchema = v.object({
  id: v.string(),
  name: v.string(),
  verdict: v.picklist(['fits', 'watch', 'unknown', 'no']),
  horsepower: v.nullable(v.string()),
  sentence: v.string(),
  rows: v.array(
    v.object({
      criterion: v.picklist(CRITERIA),
      verdict: v.picklist(['pass', 'watch', 'fail', 'unknown']),
      figures: v.string(),
      reason: v.string(),
      ask: v.nullable(v.string()),
    }),
  ),
  ask: v.array(v.string()),
})
const OutputSchema = v.object({
  /** The best, in order. */
  matches: v.array(MatchSchema),
  /** Of all the candidates. */
  counts: v.object({ fits: v.number(), watch: v.number(), unknown: v.number(), no: v.number() }),
})
/** What `match-motor` answers. */
export type MatchMotorOutput = v.InferOutput<typeof OutputSchema>

export const matchMotor = operation({
  name: 'match-motor',
  help: 'Every motor on the van against the old one, row by row, best first; a fail is never outvoted, a blank never passes.',
  input: v.pipe(
    v.strictObject({
      old: OldSchema,
      candidates: v.pipe(
        v.array(CandidateSchema, 'The candidates must be a list of lead sheets.'),
        v.maxLength(5000, 'More than 5,000 motors at a time.'),
      ),
      /** How many are told row by row. */
      most: v.optional(
        v.pipe(v.number(), v.integer(), v.minValue(1, 'At least one is told.'), v.maxValue(5000)),
        100,
      ),
    }),
    checkWhole((input) => plateProblems(input)),
  ),
  output: OutputSchema,
  run: ({ old, candidates, most }) => plain(matchBest(old, candidates, most)),
})
