// A unit to learn a skill on: the first one that a seed draws which asks for it.
import { runsRight } from '../looks/known'
import { drawnWith } from '../unit/draw-scenario'
import { unitOf, type Scenario } from '../unit/scenario'
import { SKILL_FACTS, type Skill } from './skills'

/** Seeds that are tried, one after the other: one unit in ten at least can have a fault of any skill. */
const MOST = 200

/** The same skill, level and seed draw the same unit. What runs as it should all the same teaches nothing. Throws where none is found. */
export function drawLesson(skill: Skill, level: 1 | 2 | 3, seed: number): Scenario {
  const { universal, faults, name } = SKILL_FACTS[skill]
  for (let i = 0; i < MOST; i++) {
    const scenario = drawnWith((seed + i) % 4_294_967_296, level, faults.length > 0 ? faults : null)
    if (!scenario) continue
    const unit = unitOf(scenario)
    if (runsRight(unit) || (skill === 'multi-tap' && unit.healthy.can === null)) continue
    return { ...scenario, likeForLike: !universal }
  }
  throw new Error(`No unit of level ${level} asks for ${name}.`)
}
