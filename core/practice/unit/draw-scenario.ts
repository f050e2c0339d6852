// A practice unit drawn from a seed and a level: any kind of unit, one to three faults that do not stand on one part.
import { known } from '../../quantity/at'
import { drawsFrom } from '../../quantity/draws'
import { refOf, UNIT_TYPES } from '../../wiring/unit-types'
import { pick, type Draw, type Fault } from '../faults/fault'
import { FAULTS } from '../faults/faults'
import { fanDoesAtAll } from '../looks/fan'
import { compressorDoes } from '../looks/compressor'
import { healthyUnit } from './healthy'
import { makesOf, PRACTICE_FORMAT, unitOf, type Scenario } from './scenario'
import type { Pair, Truth } from './truth'

/** How many faults a unit has, of twenty. Our judgement: two at once are the exception, three the odd one. */
const COUNTS = [...Array<1>(16).fill(1), 2, 2, 2, 3] as const
const COMPRESSOR_MICROFARADS = [35, 40, 45] as const

const COMPLAINTS: Readonly<Record<ReturnType<typeof fanDoesAtAll>, string>> = {
  dead: 'The fan does not run.',
  hums: 'The fan hums and does not turn.',
  push: 'The fan runs only when it is pushed.',
  slow: 'The fan is slow.',
  backwards: 'There is no air, though the fan runs.',
  trips: 'The fan runs, stops, and runs again.',
  noisy: 'The fan makes a noise.',
  'wrong-speed': 'There is too much air in one mode, or too little.',
  'stays-on': 'The fan never stops.',
  right: 'It does not work as it did.',
}

/** What the customer says of a unit. */
function complaintOf(pair: Pair): string {
  const does = fanDoesAtAll(pair)
  const compressor = compressorDoes(pair.truth)
  if (does === 'right' && compressor !== null && compressor !== 'right')
    return 'It does not cool, though the fan runs.'
  return COMPLAINTS[does]
}

/** Faults that touch the same part hide each other. */
const partsOf = (before: Truth, fault: Fault): string[] => {
  const after = fault.applied(before, () => 0.5)
  return (Object.keys(after) as (keyof Truth)[]).filter(
    (key) => JSON.stringify(after[key]) !== JSON.stringify(before[key]),
  )
}

/** `among`: what the first of them is picked from; left out: any. Empty: this unit can have none of those. */
function faultsFor(
  healthy: Truth,
  {
    level,
    draw,
    among,
  }: { readonly level: 1 | 2 | 3; readonly draw: Draw; readonly among: readonly string[] | null },
): Fault[] {
  const able = FAULTS.filter((fault) => fault.level <= level && fault.fits(healthy))
  const first = among === null ? able : able.filter(({ id }) => among.includes(id))
  if (first.length === 0) return []
  const count = level === 1 ? 1 : pick(draw, COUNTS)
  const chosen: Fault[] = []
  for (let tries = 0; chosen.length < count && tries < 20; tries++) {
    const fault = pick(draw, chosen.length === 0 ? first : able)
    const taken = chosen.flatMap((f) => partsOf(healthy, f))
    if (partsOf(healthy, fault).some((part) => taken.includes(part))) continue
    chosen.push(fault)
  }
  return chosen
}

/** The same seed and level draw the same unit. */
export const drawScenario = (seed: number, level: 1 | 2 | 3): Scenario =>
  known(drawnWith(seed, level, null), 'A fault that this unit can have')

/** One of whose faults is among these; null: the unit that this seed draws can have none of them. */
export function drawnWith(seed: number, level: 1 | 2 | 3, among: readonly string[] | null): Scenario | null {
  const draw = drawsFrom(seed)
  const unit = pick(draw, UNIT_TYPES)
  const { volts, sheet } = pick(draw, makesOf(unit))
  const compressorMicrofarads = pick(draw, COMPRESSOR_MICROFARADS)
  const healthy = healthyUnit({ unit, volts, sheet, compressorMicrofarads })
  const faults = faultsFor(healthy, { level, draw, among })
  if (faults.length === 0) return null
  const scenario: Scenario = {
    format: PRACTICE_FORMAT,
    version: 1,
    name: `${unit.name}, practice ${seed}`,
    complaint: COMPLAINTS.right,
    lesson: null,
    level,
    likeForLike: true,
    seed: Math.floor(draw() * 4_294_967_295),
    unit: refOf(unit),
    volts,
    motor: sheet.id,
    compressorMicrofarads,
    faults: faults.map(({ id }) => id),
  }
  return { ...scenario, complaint: complaintOf(unitOf(scenario)) }
}
