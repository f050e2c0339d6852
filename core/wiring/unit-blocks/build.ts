// From blocks to a unit type: the posts each brings, what it joins and switches, and how such parts are usually wired to one another.
// Common practice, no source; the diagram on the unit overrules it.
import type { ModeId, UnitType } from '../unit-type'
import { MOTOR_END } from '../wire'
import { growBlower } from './blower'
import { capacitorOf, hasThreePhaseFan, modesOf, part, post, wire, type Growing } from './growing'
import { growOutdoor } from './outdoor'
import { blocksOf, MODE_NAMES, type UnitPlan } from './plan'
import { safetyOf } from './safety'

/** The unit type that the plan makes, under this id; sound or not (see unitTypeProblems and planProblems). */
export function buildUnit(plan: UnitPlan, id: string): UnitType {
  const unit: Growing = { plan, parts: [], posts: [], links: [], switches: [], wires: [] }
  const supply = plan.fan === 'outdoor' ? growOutdoor(unit) : growBlower(unit)
  part(unit, 'chassis', 'Chassis')
  post(unit, 'chassis', 'GND', 'ground', 'earth')
  wire(unit, 'fan-g', 'GND', MOTOR_END)
  const modes = modesOf(plan)
  const type = {
    format: 'oak-switch/unit-type',
    version: 1,
    source: 'put together on site; the diagram on the unit overrules it',
    id,
    name: plan.name || 'Unit without a name',
    family: familyOf(plan),
    traits: {
      fan: plan.fan,
      contactorPoles: blocksOf(plan, 'contactor')[0]?.poles ?? 0,
      capacitor: capacitorOf(plan),
      phases: hasThreePhaseFan(plan) ? 3 : 1,
      defrostRelay: blocksOf(plan, 'fan-relay').length > 0,
      throughShaft: plan.throughShaft,
    },
    volts: plan.volts,
    parts: unit.parts,
    posts: unit.posts,
    supply,
    links: unit.links,
    switches: unit.switches,
    modes: modes.map((mode) => ({ id: mode, name: MODE_NAMES[mode], fanRuns: runsIn(plan, mode) })),
    typicalWires: unit.wires,
    outputsMayShare: [],
  } satisfies Omit<UnitType, 'safety'>
  return { ...type, safety: safetyOf(type) }
}

function familyOf(plan: UnitPlan): UnitType['family'] {
  if (plan.throughShaft) return 'roof-through-shaft'
  if (plan.fan === 'blower') return blocksOf(plan, 'thermostat').length > 0 ? 'fan-coil' : 'air-handler'
  if (blocksOf(plan, 'fan-relay').length > 0) return 'heat-pump'
  return plan.feed === 'three' ? 'packaged' : 'outdoor-split'
}

/** The fan stands in off, and where its own relay opens. */
const runsIn = (plan: UnitPlan, mode: ModeId): boolean =>
  mode !== 'off' && !blocksOf(plan, 'fan-relay').some(({ opensIn }) => opensIn.includes(mode))
