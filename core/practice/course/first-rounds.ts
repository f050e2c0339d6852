// Ten rounds made by hand to begin with, each for one thing, with words.
import * as v from 'valibot'
import { knownUnitType } from '../../wiring/unit-types'
import { makesOf, PRACTICE_FORMAT, type Scenario, ScenarioSchema } from '../unit/scenario'
import data from './first-rounds.json'
import { SKILLS, type Skill } from './skills'

/** A round to begin with. */
export interface FirstRound {
  readonly id: string
  readonly skill: Skill
  readonly scenario: Scenario
}

const FirstSchema = v.strictObject({
  id: v.string(),
  skill: v.picklist(SKILLS),
  unit: v.string(),
  motor: v.string(),
  faults: v.array(v.string()),
  likeForLike: v.optional(v.boolean(), true),
  name: v.string(),
  complaint: v.string(),
  lesson: v.string(),
})

function made(entry: unknown, i: number): FirstRound {
  const { id, skill, unit, motor, ...words } = v.parse(FirstSchema, entry)
  const make = makesOf(knownUnitType(unit)).find(({ sheet }) => sheet.id === motor)
  if (!make) throw new Error(`The first round “${id}”: ${motor} cannot be in ${unit}.`)
  const scenario = v.parse(ScenarioSchema, {
    format: PRACTICE_FORMAT,
    version: 1,
    level: 1,
    seed: 1000 + i,
    unit,
    volts: make.volts,
    motor,
    ...words,
  })
  return { id, skill, scenario }
}

let rounds: readonly FirstRound[] | null = null
/** Made when they are first asked for. */
export const firstRounds = (): readonly FirstRound[] => (rounds ??= data.map(made))
