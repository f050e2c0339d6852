// Practice units as operations: one drawn from a seed, or a scenario that was written; and two probes on it.
import * as v from 'valibot'
import { DIALS, probe } from '../practice/electricity/probe'
import { leadEnd, wireEnd } from '../practice/electricity/stand'
import { ActSchema } from '../practice/round/act'
import { actProblems } from '../practice/round/act-problems'
import { gradeRound, MARKS, totalOf } from '../practice/round/grade'
import { playRound } from '../practice/round/round'
import { drawScenario } from '../practice/unit/draw-scenario'
import { ScenarioSchema, SeedSchema, unitOf } from '../practice/unit/scenario'
import { recordedWires } from '../practice/unit/recorded'
import { drawsFrom } from '../quantity/draws'
import { checkWhole, type Problem } from '../quantity/problem'
import { hookupPosts } from '../wiring/hookup-posts'
import { NO_CAN } from '../wiring/new-can'
import { MODE_IDS } from '../wiring/unit-type'
import { operation } from './operation'
import { plain } from './plain'
import { shortText } from './fields'

export const practiceUnit = operation({
  name: 'practice-unit',
  help: 'A made-up unit with hidden faults, the same for the same seed and level: what the customer says, its posts, its wires as they are.',
  input: v.strictObject({
    seed: SeedSchema,
    level: v.picklist([1, 2, 3], 'A level is 1, 2 or 3.'),
  }),
  output: v.object({
    /** The whole unit, faults included: a file to keep and to share. */
    scenario: v.looseObject({ format: v.string(), name: v.string() }),
    complaint: v.string(),
    posts: v.array(v.object({ id: v.string(), label: v.string(), part: v.string() })),
    leads: v.array(v.object({ id: v.string(), colour: v.string(), stripe: v.nullable(v.string()) })),
    wires: v.array(v.looseObject({ id: v.string(), from: v.string(), to: v.string() })),
  }),
  run({ seed, level }) {
    const scenario = drawScenario(seed, level)
    const { truth } = unitOf(scenario)
    return plain({
      scenario,
      complaint: scenario.complaint,
      posts: hookupPosts(truth.unit, truth.can ?? NO_CAN).map(({ id, label, partName }) => ({
        id,
        label,
        part: partName,
      })),
      leads: truth.sheet.leads.map(({ id, colour, stripe = null }) => ({ id, colour, stripe })),
      wires: recordedWires(truth),
    })
  },
})

const SpotSchema = v.variant(
  'on',
  [
    v.strictObject({ on: v.literal('post'), post: shortText('A post', 60) }),
    v.strictObject({ on: v.literal('lead'), lead: shortText('A lead', 60) }),
    v.strictObject({ on: v.literal('frame') }),
    v.strictObject({ on: v.literal('chassis') }),
  ],
  'A probe is on a post, a lead, the motor’s frame or the chassis.',
)
const Lifted = v.pipe(v.array(shortText('An end', 70)), v.maxLength(80, 'That is more than 80 ends.'))

const ReadingInput = v.strictObject({
  scenario: ScenarioSchema,
  stand: v.strictObject({
    disconnect: v.picklist(['closed', 'open'], 'The disconnect is closed or open.'),
    thermostat: v.picklist(MODE_IDS, `A mode is one of: ${MODE_IDS.join(', ')}.`),
    /** Ends that are off their posts, such as "lead:black" or "wire:comp-s". */
    lifted: v.optional(Lifted, []),
    bridged: v.optional(v.boolean('Bridged is yes or no.'), false),
    cooled: v.optional(v.boolean('Cooled is yes or no.'), false),
    discharged: v.optional(v.boolean('Discharged is yes or no.'), false),
  }),
  dial: v.picklist(DIALS, `The dial is on one of: ${DIALS.join(', ')}.`),
  probes: v.tuple([SpotSchema, SpotSchema], 'A meter has two probes.'),
})

function problems({ scenario, stand, dial, probes }: v.InferOutput<typeof ReadingInput>): Problem[] {
  const { truth } = unitOf(scenario)
  const posts = hookupPosts(truth.unit, truth.can ?? NO_CAN).map(({ id }) => id)
  const leads = truth.sheet.leads.map(({ id }): string => id)
  const ends = [...leads.map(leadEnd), ...truth.unitWires.map(({ id }) => wireEnd(id))]
  return [
    ...(dial === 'amps' && probes[0].on !== 'lead'
      ? [{ path: 'probes.0', message: 'A clamp goes round a lead: the first probe names it.' }]
      : []),
    ...stand.lifted.flatMap((end, i): Problem[] =>
      ends.includes(end)
        ? []
        : [{ path: `stand.lifted.${i}`, message: `There is no end called “${end}” on this unit.` }],
    ),
    ...probes.flatMap((spot, i): Problem[] =>
      spot.on === 'post' && !posts.includes(spot.post)
        ? [{ path: `probes.${i}`, message: `There is no terminal called “${spot.post}” on this unit.` }]
        : spot.on === 'lead' && !leads.includes(spot.lead)
          ? [{ path: `probes.${i}`, message: `This motor has no lead called “${spot.lead}”.` }]
          : [],
    ),
    ...(truth.unit.modes.some(({ id }) => id === stand.thermostat)
      ? []
      : [{ path: 'stand.thermostat', message: `This unit has no mode called ${stand.thermostat}.` }]),
  ]
}

export const practiceReading = operation({
  name: 'practice-reading',
  help: 'What a meter shows on a practice unit as it stands, by every path that is there; or what would have happened to the hands.',
  input: v.pipe(ReadingInput, checkWhole(problems)),
  output: v.object({
    value: v.nullable(v.union([v.number(), v.literal('OL')])),
    danger: v.nullable(v.string()),
  }),
  run: ({ scenario, stand, dial, probes }) =>
    plain(
      probe(unitOf(scenario).truth, stand, {
        dial,
        spots: probes,
        // The same two spots read the same twice.
        draw: drawsFrom(scenario.seed + JSON.stringify(probes).length)(),
      }),
    ),
})

const MarkSchema = v.object({
  id: v.picklist(MARKS),
  points: v.number(),
  remarks: v.array(v.object({ step: v.nullable(v.number()), text: v.string() })),
})

export const practiceRound = operation({
  name: 'practice-round',
  help: 'A round on a practice unit, act by act: what each test gave, where it would have hurt, and the marks with what a master would have done.',
  input: v.pipe(
    v.strictObject({
      scenario: ScenarioSchema,
      acts: v.pipe(
        v.array(ActSchema, 'The acts are a list.'),
        v.maxLength(400, 'That is more than 400 acts.'),
      ),
    }),
    checkWhole(({ scenario, acts }) =>
      actProblems(unitOf(scenario), acts).map(({ index, message }) => ({ path: `acts.${index}`, message })),
    ),
  ),
  output: v.object({
    steps: v.array(
      v.object({
        /** What was tapped, of a test that is seen; null: it was read, or no test. */
        observation: v.nullable(v.string()),
        readings: v.record(
          v.string(),
          v.object({ quantity: v.string(), value: v.union([v.number(), v.literal('OL')]) }),
        ),
        danger: v.nullable(v.string()),
        minutes: v.number(),
      }),
    ),
    state: v.picklist(['open', 'hurt', 'handed-over']),
    isCured: v.boolean(),
    minutes: v.number(),
    /** null until the round is over. */
    marks: v.nullable(v.object({ total: v.number(), marks: v.array(MarkSchema) })),
  }),
  run({ scenario, acts }) {
    const unit = unitOf(scenario)
    const round = playRound(unit, acts, scenario.seed)
    const marks = gradeRound(unit, round, scenario.faults)
    return plain({
      steps: round.steps.map(({ answer, danger, minutes }) => ({
        observation: answer?.observation ?? null,
        readings: Object.fromEntries(
          Object.entries(answer?.readings ?? {}).map(([probe, { quantity, value }]) => [
            probe,
            { quantity, value },
          ]),
        ),
        danger,
        minutes,
      })),
      state: round.state,
      isCured: round.isCured,
      minutes: round.minutes,
      marks: round.state === 'open' ? null : { total: totalOf(marks), marks },
    })
  },
})
