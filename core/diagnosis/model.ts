// The fault model as data: causes that exclude one another, and tests with the likelihood of each answer under each cause.
// All figures are common practice, our judgement: no published ones exist. They are checked for shape here, for sense by the tests.
import * as v from 'valibot'
import { compressorPhases } from '../wiring/compressor-posts'
import type { UnitType } from '../wiring/unit-type'
import causeData from './causes.json'
import compressorCauses from './compressor/causes.json'
import compressorTests from './compressor/tests.json'
import contributoryData from './contributory.json'
import testData from './tests.json'

const FanSchema = v.picklist(['outdoor', 'blower'])
/** Which units something applies to; what is left out does not matter. */
const OnlySchema = v.strictObject({
  fan: v.optional(FanSchema),
  capacitor: v.optional(v.picklist(['shared', 'own'])),
  defrostRelay: v.optional(v.boolean()),
  /** Of the fan's motor, and of the compressor. */
  phases: v.optional(v.picklist([1, 3])),
  compressorPhases: v.optional(v.picklist([1, 3])),
})

const CauseSchema = v.strictObject({
  id: v.string(),
  name: v.string(),
  /** Before anything is seen, by kind of fan; absent where the cause cannot be. */
  prior: v.strictObject({ outdoor: v.optional(v.number()), blower: v.optional(v.number()) }),
  remedy: v.string(),
  /** Any of these tests, done, confirms or clears it. */
  confirmedBy: v.array(v.string()),
  /** The work that mends it, where that is one of the list of other work. */
  work: v.optional(v.string()),
  /** Where the work goes on. */
  stage: v.optional(v.picklist(['capacitor', 'motor', 'wires'])),
  only: v.optional(OnlySchema),
})
/** A fault of the list. Its prior is common practice, no source. */
export type Cause = v.InferOutput<typeof CauseSchema>

const TestSchema = v.strictObject({
  id: v.string(),
  question: v.string(),
  /** `look`: nothing is touched. `power-off`: locked out, discharged. `live`: qualified people, rated meter. */
  kind: v.picklist(['look', 'power-off', 'live']),
  /** What it costs, minutes. */
  minutes: v.number(),
  answers: v.array(
    v.strictObject({ id: v.string(), text: v.string(), fans: v.optional(v.array(FanSchema)) }),
  ),
  only: v.optional(OnlySchema),
  /** Asked only after these answers; null in a list allows it unanswered. */
  needs: v.optional(v.record(v.string(), v.array(v.nullable(v.string())))),
  /** Not asked any more after these answers: they say it already. */
  settledBy: v.optional(v.record(v.string(), v.array(v.string()))),
  /** Its answer, where others give it away: whoever read the µF of the fan's capacitor has seen that there is one. */
  impliedBy: v.optional(v.record(v.string(), v.record(v.string(), v.array(v.string())))),
  note: v.optional(v.string()),
  /** The reading whose "cannot tell" this test settles. */
  settlesDoubtOf: v.optional(v.string()),
  /** The test whose reading beyond the meter's range this one settles; else it is not asked. */
  settlesOverRangeOf: v.optional(v.string()),
  /** The reading that answers it, where a figure can. */
  reads: v.optional(v.string()),
  /** Per cause the likelihood of each answer, in their order; "*" for causes not named. */
  likelihood: v.record(v.string(), v.array(v.pipe(v.number(), v.minValue(0), v.maxValue(1)))),
})
/** Something to see or to read, with how likely each answer is under each cause. */
export type DiagnosticTest = v.InferOutput<typeof TestSchema>

const ContributorySchema = v.strictObject({
  id: v.string(),
  question: v.string(),
  answers: v.array(v.strictObject({ id: v.string(), text: v.string() })),
  when: v.string(),
  words: v.string(),
  kind: v.literal('look'),
})
/** Something worth noting that is no cause by itself. */
export type Contributory = v.InferOutput<typeof ContributorySchema>

/** What the questions are about: the fan, or the compressor beside it. */
export const SUBJECTS = ['fan', 'compressor'] as const
/** The fan, or the compressor of an outdoor unit. */
export type Subject = (typeof SUBJECTS)[number]

const CAUSES: Readonly<Record<Subject, readonly Cause[]>> = {
  fan: v.parse(v.array(CauseSchema), causeData.causes),
  compressor: v.parse(v.array(CauseSchema), compressorCauses.causes),
}
const TESTS: Readonly<Record<Subject, readonly DiagnosticTest[]>> = {
  fan: v.parse(v.array(TestSchema), testData.tests),
  compressor: v.parse(v.array(TestSchema), compressorTests.tests),
}
export const CONTRIBUTORY: readonly Contributory[] = v.parse(
  v.array(ContributorySchema),
  contributoryData.contributory,
)

/** No answer is impossible under any cause: people misread, and meters lie. */
const LEAST_LIKELIHOOD = 0.003

const applies = (only: v.InferOutput<typeof OnlySchema> | undefined, unit: UnitType): boolean =>
  !only || (hasTraits(only, unit) && isPhased(only, unit))

const isPhased = (only: v.InferOutput<typeof OnlySchema>, unit: UnitType): boolean =>
  (only.phases === undefined || only.phases === unit.traits.phases) &&
  (only.compressorPhases === undefined ||
    only.compressorPhases === (compressorPhases(unit).length > 0 ? 3 : 1))

const hasTraits = (only: v.InferOutput<typeof OnlySchema>, { traits }: UnitType): boolean =>
  (only.fan === undefined || only.fan === traits.fan) &&
  (only.capacitor === undefined || only.capacitor === traits.capacitor) &&
  (only.defrostRelay === undefined || only.defrostRelay === traits.defrostRelay)

/** A test as one unit type has it. */
export interface ModelTest extends Omit<DiagnosticTest, 'likelihood'> {
  /** Per cause, in the order of the causes: the likelihood of each answer, summing to 1. */
  readonly rows: readonly (readonly number[])[]
}

/** The causes and tests that one unit type can have. */
export interface Model {
  readonly causes: readonly Cause[]
  /** Sums to 1. */
  readonly priors: readonly number[]
  readonly tests: readonly ModelTest[]
}

/** Has this unit a compressor of its own, with posts that can be read? */
export const hasCompressor = ({ posts }: UnitType): boolean =>
  posts.some((post) => post.kind === 'compressor')

/** The part of the model that this unit type is about; of a unit without a compressor that model has no causes. */
export function modelFor(unit: UnitType, subject: Subject = 'fan'): Model {
  if (subject === 'compressor' && !hasCompressor(unit)) return { causes: [], priors: [], tests: [] }
  const { fan } = unit.traits
  const causes = CAUSES[subject].filter((c) => c.prior[fan] !== undefined && applies(c.only, unit))
  const total = causes.reduce((sum, c) => sum + (c.prior[fan] ?? 0), 0)
  const tests = TESTS[subject]
    .filter((t) => applies(t.only, unit))
    .map(({ likelihood, ...test }): ModelTest => {
      const kept = test.answers.map((a, i) => ({ a, i })).filter(({ a }) => !a.fans || a.fans.includes(fan))
      const rows = causes.map((cause) => {
        const row = likelihood[cause.id] ?? likelihood['*'] ?? []
        const floored = kept.map(({ i }) => Math.max(LEAST_LIKELIHOOD, row[i] ?? 0))
        const sum = floored.reduce((a, b) => a + b, 0)
        return floored.map((x) => x / sum)
      })
      return { ...test, answers: kept.map(({ a }) => a), rows }
    })
  return { causes, priors: causes.map((c) => (c.prior[fan] ?? 0) / total), tests }
}

/** Every test as written, for checks of the data itself. */
export const ALL_TESTS: readonly DiagnosticTest[] = SUBJECTS.flatMap((subject) => TESTS[subject])
export const ALL_CAUSES: readonly Cause[] = SUBJECTS.flatMap((subject) => CAUSES[subject])
