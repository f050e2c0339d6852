// Tests of volts: the supply, the call, the motor, the output that is called.
import { linesOf } from '../../wiring/unit-type'
import type { Spot } from '../electricity/spot'
import { isCalled } from '../electricity/stand'
import { usualMode } from './fan'
import {
  called,
  leadOfRole,
  NO_VOLTS,
  outputOf,
  post,
  postOfRole,
  read,
  seen,
  volts,
  type Try,
} from './bench'

/** Between the first two lines, at the unit. */
export const supplyVolts: Try = (bench) => {
  const [a = '', b = ''] = linesOf(bench.pair.truth.unit)
  return read('volts-supply', 'volts', volts(bench, called(bench), post(a), post(b)), bench.draw)
}

/** 24 V at the coil or the board. */
export const callVolts: Try = (bench) => {
  const coils = bench.pair.truth.unit.posts.filter((p) => p.kind === 'coil').map((p) => p.id)
  const [a, b] = coils
  if (a === undefined) return seen(isCalled(bench.pair.truth, called(bench)) ? 'there' : 'none')
  const to: Spot = b === undefined ? { on: 'chassis' } : post(b)
  return read('volts-call', 'volts', volts(bench, called(bench), post(a), to), bench.draw)
}

/** What three phases read as, pair by pair; what is alike is held against what the unit is made for, ±10 % (NEMA MG 1, from memory). */
export function threePhase(
  pairs: readonly number[],
  rated: number,
): 'right' | 'none' | 'one-dead' | 'unlike' | 'off' {
  const [least, most] = [Math.min(...pairs), Math.max(...pairs)]
  if (most < NO_VOLTS) return 'none'
  if (least > 0.98 * most) return Math.abs(most / rated - 1) <= 0.1 ? 'right' : 'off'
  return pairs.filter((v) => v > 0.85 * most).length === 1 ? 'one-dead' : 'unlike'
}

/** Where motor common and run are by the diagram; of three phases each pair. */
export const motorVolts: Try = (bench) => {
  const { truth } = bench.pair
  if (truth.sheet.kind === 'three-phase') {
    const posts = bench.pair.healthy.placements.flatMap(({ goes, lead }) =>
      goes.kind === 'post' && leadOfRole(bench, 'phase').includes(lead) ? [goes.post] : [],
    )
    const pairs = posts.map((p, i) =>
      volts(bench, called(bench), post(p), post(posts[(i + 1) % posts.length] ?? p)),
    )
    return pairs.length === 0 ? {} : seen(threePhase(pairs, bench.pair.healthy.volts))
  }
  const common = postOfRole(bench, 'motor-common') ?? postOfRole(bench, 'line')
  const lines = bench.pair.healthy.placements.flatMap(({ lead, goes }) =>
    goes.kind === 'post' && leadOfRole(bench, 'line', 'run').includes(lead) && goes.post !== common
      ? [goes.post]
      : [],
  )
  const run = postOfRole(bench, 'run') ?? lines[0] ?? null
  if (common === null || run === null) return {}
  return read('volts-motor', 'volts', volts(bench, called(bench), post(common), post(run)), bench.draw)
}

/** The output of the usual mode, against the line that is never switched. */
export const outputVolts: Try = (bench) => {
  const output = outputOf(bench, usualMode(bench.pair.truth))
  if (output === null) return {}
  const { line2 } = bench.pair.truth.unit.supply
  return read('volts-output', 'volts', volts(bench, called(bench), post(output), post(line2)), bench.draw)
}
