// What is learnt on practice units: eight skills, the faults that teach each, and the marks that show it.
import { CAPACITOR_FAULTS } from '../faults/capacitor-faults'
import type { Mark, MarkId } from '../round/grade'

export const SKILLS = [
  'safe',
  'meter',
  'capacitor',
  'leads',
  'rotation',
  'speeds',
  'multi-tap',
  'fault',
] as const
/** Something to be able to do. */
export type Skill = (typeof SKILLS)[number]

interface SkillFacts {
  readonly name: string
  /** What it is, in a sentence. */
  readonly is: string
  /** Faults that ask for it; empty: any. */
  readonly faults: readonly string[]
  /** Marks that show it. */
  readonly marks: readonly MarkId[]
  /** It is shown by fitting what is universal: the van has nothing like the old part. */
  readonly universal: boolean
}

const MOTOR_GONE = ['main-open', 'auxiliary-open', 'bearing-seized', 'bearing-dry', 'winding-grounded']
const FAN_CAN = CAPACITOR_FAULTS.filter(({ subject }) => subject === 'fan').map(({ id }) => id)

export const SKILL_FACTS: Readonly<Record<Skill, SkillFacts>> = {
  safe: {
    name: 'Making safe',
    is: 'Open, lock, prove dead, discharge, before a hand goes in.',
    faults: [...MOTOR_GONE, 'start-off', 'capacitor-open', 'wheel-loose', 'hub-loose'],
    marks: ['safety'],
    universal: false,
  },
  meter: {
    name: 'The meter',
    is: 'The reading that tells most for its time, at the right two places.',
    faults: [
      'breaker-open',
      'leg-lost',
      'supply-low',
      'supply-high',
      'main-open',
      'auxiliary-open',
      'winding-grounded',
      'thermostat-dead',
      'contactor-coil',
      'contactor-pitted',
    ],
    marks: ['tests', 'cause'],
    universal: false,
  },
  capacitor: {
    name: 'The capacitor',
    is: 'Weak, open, shorted or the wrong one, and nothing else changed for it.',
    faults: FAN_CAN,
    marks: ['cause', 'parts'],
    universal: false,
  },
  leads: {
    name: 'Leads',
    is: 'A universal motor’s leads, each to the post of the wire it replaces.',
    faults: MOTOR_GONE,
    marks: ['hookup', 'papers'],
    universal: true,
  },
  rotation: {
    name: 'Rotation',
    is: 'The way that the air asks for, seen from the right end, at first power.',
    faults: MOTOR_GONE,
    marks: ['hookup', 'cure'],
    universal: true,
  },
  speeds: {
    name: 'Speeds',
    is: 'The tap that each output was made for.',
    faults: ['taps-crossed', 'tap-wrong', 'output-dead'],
    marks: ['cause', 'cure'],
    universal: false,
  },
  'multi-tap': {
    name: 'Multi-tap capacitor',
    is: 'Sections and jumpers that give each load what its tag asks for.',
    faults: FAN_CAN,
    marks: ['hookup'],
    universal: true,
  },
  fault: {
    name: 'Finding the fault',
    is: 'From a complaint to the cause, with no good part changed.',
    faults: [],
    marks: ['tests', 'cause', 'parts', 'cure'],
    universal: false,
  },
}

/** Does a unit with these faults ask for this skill? */
export const teaches = (skill: Skill, faults: readonly string[]): boolean => {
  const asked = SKILL_FACTS[skill].faults
  return faults.length > 0 && (asked.length === 0 || faults.some((id) => asked.includes(id)))
}

/**
 * What the marks of a round on these faults show of a skill, 0 to 100; null: nothing. Hands are shown by any round; one that hurt shows no
 * skill but that making safe is not there.
 */
export function shown(skill: Skill, marks: readonly Mark[], faults: readonly string[]): number | null {
  const isHurt = marks.some(({ id, points }) => id === 'safety' && points === 0)
  if (isHurt) return skill === 'safe' ? 0 : null
  if (skill !== 'safe' && !teaches(skill, faults)) return null
  const asked = SKILL_FACTS[skill].marks
  const of = marks.filter(({ id }) => asked.includes(id))
  // A mark that is not there was not asked for in this round: fitting, above all.
  const needed = asked.filter((id) => id === 'hookup')
  if (of.length === 0 || needed.some((id) => !of.some((m) => m.id === id))) return null
  return Math.round(of.reduce((sum, { points }) => sum + points, 0) / of.length)
}
