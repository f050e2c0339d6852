// Practice units as operations: one drawn from a seed, for a skill or for any; and two probes on it.
import * as v from 'valibot'
import { drawLesson } from '../practice/course/draw-lesson'
import { SKILLS } from '../practice/course/skills'
import { DIALS, probe } from '../practice/electricity/probe'
import { SpotSchema } from '../practice/electricity/spot'
import { endProblem, spotProblem } from '../practice/round/act-problems'
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

const LevelSchema = v.picklist([1, 2, 3], 'A level is 1, 2 or 3.')

export const practiceUnit = operation({
  name: 'practice-unit',
  help: 'A made-up unit with hidden faults, the same for the same seed, level and skill to learn: what the customer says, its posts, its wires as they are.',
  input: v.strictObject({
    seed: SeedSchema,
    level: LevelSchema,
    /** What is to be learnt on it; left out: anything. */
    skill: v.optional(v.picklist(SKILLS, `A skill is one of: ${SKILLS.join(', ')}.`)),
  }),
  output: v.object({
    /** The whole unit, faults included: a file to keep and to share. */
    scenario: v.looseObject({ format: v.string(), name: v.string() }),
    complaint: v.string(),
    posts: v.array(v.object({ id: v.string(), label: v.string(), part: v.string() })),
    leads: v.array(v.object({ id: v.string(), colour: v.string(), stripe: v.nullable(v.string()) })),
    wires: v.array(v.looseObject({ id: v.string(), from: v.string(), to: v.string() })),
  }),
  run({ seed, level, skill }) {
    const scenario = skill === undefined ? drawScenario(seed, level) : drawLesson(skill, level, seed)
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
  const unit = unitOf(scenario)
  const said = (path: string, message: string | null): Problem[] =>
    message === null ? [] : [{ path, message }]
  return [
    ...(dial === 'amps' && probes[0].on !== 'lead'
      ? [{ path: 'probes.0', message: 'A clamp goes round a lead: the first probe names it.' }]
      : []),
    ...stand.lifted.flatMap((end, i) => said(`stand.lifted.${i}`, endProblem(unit, [end]))),
    ...probes.flatMap((spot, i) => said(`probes.${i}`, spotProblem(unit, spot))),
    ...(unit.truth.unit.modes.some(({ id }) => id === stand.thermostat)
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
