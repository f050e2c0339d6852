// A round on a practice unit as an operation: its acts in, what came of them out, with the unit as it stands then.
import * as v from 'valibot'
import { COLOUR_CODES } from '../motor/colour'
import { ActSchema } from '../practice/round/act'
import { firstRounds } from '../practice/course/first-rounds'
import { shown, SKILL_FACTS, SKILLS } from '../practice/course/skills'
import { labelsOf } from '../practice/looks/known'
import { FAN_SEEN } from '../practice/looks/sight'
import { PARTS } from '../practice/unit/parts'
import { motorPlateOf } from '../practice/unit/plates'
import { actProblems } from '../practice/round/act-problems'
import { benchView } from '../practice/round/bench-view'
import { gradeRound, MARKS, totalOf, type Mark } from '../practice/round/grade'
import { playRound, type Round } from '../practice/round/round'
import { recordedWires } from '../practice/unit/recorded'
import { ScenarioSchema, unitOf, type Scenario } from '../practice/unit/scenario'
import { compressorMicrofarads } from '../practice/unit/fitting'
import { faultById } from '../practice/faults/faults'
import { checkWhole } from '../quantity/problem'
import { PlacementSchema } from '../wiring/placement'
import { MODE_IDS } from '../wiring/unit-type'
import { operation } from './operation'
import { plain } from './plain'

const Text = v.string()
const Figure = v.union([v.number(), v.literal('OL')])
const ModeSchema = v.picklist(MODE_IDS)
const SkillSchema = v.picklist(SKILLS)

const StepSchema = v.object({
  /** What was tapped, of a test that is seen; null: it was read, or no test. */
  observation: v.nullable(Text),
  readings: v.record(Text, v.object({ quantity: Text, value: Figure })),
  /** What the meter showed. */
  value: v.nullable(Figure),
  tests: v.array(Text),
  danger: v.nullable(Text),
  minutes: v.number(),
  /** What happened at the first power of what was fitted; null: this was none. */
  power: v.nullable(Text),
})

const InsulationSchema = v.object({
  colour: v.picklist(COLOUR_CODES),
  stripe: v.nullable(v.picklist(COLOUR_CODES)),
})
const BenchSchema = v.object({
  unit: Text,
  fan: v.picklist(['outdoor', 'blower']),
  parts: v.array(
    v.object({
      id: Text,
      name: Text,
      posts: v.array(v.object({ id: Text, label: Text, name: Text })),
    }),
  ),
  leads: v.array(
    v.object({
      id: Text,
      end: Text,
      insulation: InsulationSchema,
      goes: PlacementSchema,
      isOff: v.boolean(),
    }),
  ),
  wires: v.array(v.object({ id: Text, end: Text, from: Text, to: Text, isOff: v.boolean() })),
  modes: v.array(v.object({ id: ModeSchema, name: Text })),
  looks: v.array(
    v.object({
      test: Text,
      question: Text,
      kind: v.picklist(['look', 'power-off', 'live']),
      note: v.nullable(Text),
      answers: v.array(v.object({ id: Text, text: Text })),
    }),
  ),
  plates: v.array(Text),
  changes: v.array(v.object({ part: v.picklist(PARTS), name: Text, isThere: v.boolean() })),
  causes: v.array(v.object({ id: Text, name: Text })),
  safety: v.object({
    isOpen: v.boolean(),
    isLocked: v.boolean(),
    isProven: v.boolean(),
    isDischarged: v.boolean(),
  }),
  thermostat: ModeSchema,
  sight: v.object({ fan: v.picklist(FAN_SEEN), words: Text }),
})
/** A practice unit as it is before the learner. */
export type BenchOutput = v.InferOutput<typeof BenchSchema>

const MarkSchema = v.object({
  id: v.picklist(MARKS),
  points: v.number(),
  remarks: v.array(v.object({ step: v.nullable(v.number()), text: v.string() })),
})

const RoundOutput = v.object({
  steps: v.array(StepSchema),
  state: v.picklist(['open', 'hurt', 'handed-over']),
  isCured: v.boolean(),
  minutes: v.number(),
  bench: BenchSchema,
  /** null until the round is over. */
  marks: v.nullable(
    v.object({
      total: v.number(),
      marks: v.array(MarkSchema),
      /** What it showed of each skill, 0 to 100; one that it did not ask for is not there. */
      skills: v.array(v.object({ skill: SkillSchema, points: v.number() })),
      /** What was wrong. */
      faults: v.array(Text),
    }),
  ),
})
/** What came of a round. */
export type PracticeRoundOutput = v.InferOutput<typeof RoundOutput>

const stepOf = ({ answer, value, tests, danger, minutes, power }: Round['steps'][number]) => ({
  observation: answer?.observation ?? null,
  readings: Object.fromEntries(
    Object.entries(answer?.readings ?? {}).map(([probe, reading]) => [
      probe,
      { quantity: reading.quantity, value: reading.value },
    ]),
  ),
  value,
  tests,
  danger,
  minutes,
  power:
    power === null
      ? null
      : power.isBurnt
        ? 'It hums, smokes, and is gone.'
        : `First power: ${power.modes.map(({ name, does }) => `${name}, ${DID[does]}`).join('; ')}.`,
})
const DID = {
  dead: 'it stands still',
  hums: 'it hums',
  push: 'it hums',
  slow: 'it turns slowly',
  backwards: 'it turns the wrong way',
  trips: 'it gets too hot, and cuts out',
  noisy: 'it turns with a noise',
  'wrong-speed': 'it turns at another speed than it should',
  'stays-on': 'it does not stop',
  right: 'it turns as it should',
} as const

const marksOf = (marks: readonly Mark[], { faults }: Scenario) => ({
  total: totalOf(marks),
  marks,
  skills: SKILLS.flatMap((skill) => {
    const points = shown(skill, marks, faults)
    return points === null ? [] : [{ skill, points }]
  }),
  faults: faults.map((id) => faultById(id)?.name ?? id),
})

export const practiceRound = operation({
  name: 'practice-round',
  help: 'A round on a practice unit, act by act: what each test gave, where it would have hurt, the unit as it stands, and the marks with what a master would have done.',
  input: v.pipe(
    v.strictObject({
      scenario: ScenarioSchema,
      acts: v.pipe(
        v.array(ActSchema, 'The acts are a list.'),
        v.maxLength(400, 'That is more than 400 acts.'),
      ),
    }),
    checkWhole(({ scenario, acts }) =>
      actProblems(unitOf(scenario), acts, scenario).map(({ index, message }) => ({
        path: `acts.${index}`,
        message,
      })),
    ),
  ),
  output: RoundOutput,
  run({ scenario, acts }) {
    const unit = unitOf(scenario)
    const round = playRound(unit, acts, scenario.seed)
    const isOver = round.state !== 'open'
    return plain({
      steps: round.steps.map(stepOf),
      state: round.state,
      isCured: round.isCured,
      minutes: round.minutes,
      bench: benchView(round.now, scenario),
      marks: isOver ? marksOf(gradeRound(unit, round, scenario.faults), scenario) : null,
    })
  },
})

const CourseOutput = v.object({
  skills: v.array(v.object({ id: SkillSchema, name: Text, is: Text })),
  first: v.array(v.object({ id: Text, skill: SkillSchema, name: Text, scenario: v.looseObject({}) })),
})
/** What there is to learn, and the rounds to begin with. */
export type PracticeCourseOutput = v.InferOutput<typeof CourseOutput>

export const practiceCourse = operation({
  name: 'practice-course',
  help: 'What is learnt on practice units, skill by skill, and ten rounds to begin with.',
  input: v.strictObject({}),
  output: CourseOutput,
  run: () =>
    plain({
      skills: SKILLS.map((id) => ({ id, name: SKILL_FACTS[id].name, is: SKILL_FACTS[id].is })),
      first: firstRounds().map(({ id, skill, scenario }) => ({ id, skill, name: scenario.name, scenario })),
    }),
})

const ScenarioOutput = v.object({
  scenario: v.looseObject({ name: Text, complaint: Text }),
  unit: v.unknown(),
  motorPlate: v.unknown(),
  canMarking: v.unknown(),
  compressorMicrofarads: v.nullable(v.number()),
  volts: v.number(),
  /** Where the wires are, in the colours that are seen; to be traced. */
  wires: v.array(v.looseObject({ id: v.string() })),
})
/** A practice unit, and what a job on it begins with. */
export type PracticeScenarioOutput = v.InferOutput<typeof ScenarioOutput>

export const practiceScenario = operation({
  name: 'practice-scenario',
  help: 'Reads a practice unit that was written as a file, and gives what a job on it begins with: unit, plates, labels.',
  input: v.strictObject({ scenario: ScenarioSchema }),
  output: ScenarioOutput,
  run({ scenario }) {
    const pair = unitOf(scenario)
    return plain({
      scenario,
      unit: scenario.unit,
      motorPlate: motorPlateOf(pair.truth),
      canMarking: labelsOf(pair).marking,
      compressorMicrofarads: compressorMicrofarads(pair),
      volts: pair.healthy.volts,
      wires: recordedWires(pair.truth).map((wire) => ({ ...wire, traced: false })),
    })
  },
})
