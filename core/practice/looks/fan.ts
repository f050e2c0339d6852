// What is seen and heard of the fan: from the solved circuit and from what is worn, in the answers that the questions of a fault have.
import { magnitude } from '../../quantity/complex'
import { leadElement } from '../../circuit/solution/build'
import { ampsThrough } from '../../circuit/solution/solve'
import { runningMode, type ModeId } from '../../wiring/unit-type'
import { runUnit, type Running } from '../electricity/running'
import { found, type Stand } from '../electricity/stand'
import { rememberedOnce } from '../../quantity/remembered'
import type { Pair, Truth } from '../unit/truth'

/** Windings that turn so many times the usual watts into heat cut out after a while. Our judgement. */
const CUTS_OUT = 1.45
/** Above this it is too hot to hold, though it goes on. Our judgement. */
const HOT = 1.2
/** Slower than this share of the usual is seen. Our judgement. */
const SLOW = 0.93
/** Taps of two makes are the same speed within this share: the steps between taps are larger. Our judgement. */
const SAME_SPEED = 0.08
/** Less is no current, A. Our judgement. */
const NO_AMPS = 0.05

/** What the fan does when it is called. */
export type FanDoes =
  'dead' | 'hums' | 'push' | 'slow' | 'backwards' | 'trips' | 'noisy' | 'wrong-speed' | 'stays-on' | 'right'

/** The largest current in a lead of the motor, A. */
export const leadAmps = ({ built, solution }: Running, { sheet }: Truth): number =>
  Math.max(
    0,
    ...sheet.leads.map(({ id }) =>
      magnitude(ampsThrough(built.circuit, solution, leadElement(id)) ?? { re: 0, im: 0 }),
    ),
  )

/** How hot it gets against the usual; a motor that stands under power gets hot whatever it draws. */
function heatOf({ truth, healthy }: Pair, now: Running, usual: Running): number {
  if (truth.motor.joint === 'cut-out') return 2
  const draws = leadAmps(now, truth) > NO_AMPS
  if (now.direction === 0) return draws ? 2 : 0
  const share = now.copperWatts / Math.max(usual.copperWatts, 1e-6)
  const bearing = truth.motor.bearing === 'dry' ? 0.3 : 0
  const air = healthy.air.coil !== truth.air.coil ? 0.1 : 0
  return (Number.isFinite(share) && usual.copperWatts > 0 ? share : 1) + bearing + air
}

/** The mode that a unit is looked at in, unless another is asked for: the first in which its fan runs. */
export const usualMode = (truth: Truth): ModeId => runningMode(truth.unit)

/** Which way it turns is the way that the air asks for. */
export function turnsRight({ truth, healthy }: Pair, { direction }: Running): boolean {
  const same = truth.sheet.rotationNamedFrom === healthy.wanted.seenFrom
  const plug = same === (truth.plug === healthy.wanted.direction)
  return (direction === 1) === plug
}

/** The tap that is live in a mode is the one that its output was made for. */
function isWrongSpeed({ truth, healthy }: Pair, mode: ModeId): boolean {
  const live = truth.unit.switches.find(
    (s) => s.closedIn.includes(mode) && healthy.madeFor[s.to] !== undefined,
  )
  if (!live) return false
  const on = truth.placements.find(
    ({ lead, goes }) =>
      goes.kind === 'post' &&
      goes.post === live.to &&
      truth.sheet.leads.some((l) => l.id === lead && l.role === 'speed'),
  )
  const rpmOf = ({ sheet }: Truth, tap: string | undefined) =>
    sheet.settings.speed.find((s) => s.tap === tap)?.rpm ?? null
  const [was, is] = [rpmOf(healthy, healthy.madeFor[live.to]), rpmOf(truth, on?.lead)]
  return was === null || is === null || Math.abs(is / was - 1) > SAME_SPEED
}

const usually = ({ healthy, usual = healthy }: Pair, mode: ModeId): Running =>
  runUnit(usual, found(usual.unit, mode))

/** What the fan does in a mode. */
export function fanDoes(pair: Pair, mode: ModeId = usualMode(pair.truth), stand?: Stand): FanDoes {
  const { truth } = pair
  const here = stand ?? found(truth.unit, mode)
  const now = runUnit(truth, here)
  const usual = usually(pair, mode)
  const off = runUnit(truth, { ...here, thermostat: 'off' })
  if (now.trips) return 'dead'
  if (off.direction !== 0) return 'stays-on'
  if (now.direction === 0) {
    if (leadAmps(now, truth) < NO_AMPS) return 'dead'
    return now.runsOnPush ? 'push' : 'hums'
  }
  if (!turnsRight(pair, now)) return 'backwards'
  if (heatOf(pair, now, usual) > CUTS_OUT) return 'trips'
  if (isWrongSpeed(pair, mode)) return 'wrong-speed'
  if (usual.rpm > 0 && now.rpm < SLOW * usual.rpm) return 'slow'
  return soundOf(truth) === 'smooth' ? 'right' : 'noisy'
}

/** Modes in which this unit's fan runs as it left the factory: a board may have outputs that nothing is on. */
export const usedModes = rememberedOnce((healthy: Truth) =>
  healthy.unit.modes.filter(
    ({ id, fanRuns }) => fanRuns && runUnit(healthy, found(healthy.unit, id)).direction !== 0,
  ),
)

/** What is wrong with how it runs: in the mode that it is looked at in first, else in the first of the others; `right`: nothing. */
export function fanDoesAtAll(pair: Pair): FanDoes {
  const first = usualMode(pair.truth)
  const modes = [first, ...usedModes(pair.healthy).map(({ id }) => id)]
  for (const mode of modes) {
    const does = fanDoes(pair, mode)
    if (does !== 'right') return does
  }
  return 'right'
}

/** While it runs. */
export function soundOf({ motor, air }: Truth): 'smooth' | 'squeal' | 'rattle' | 'scrape' {
  if (air.blade === 'bent') return 'scrape'
  if (air.blade === 'loose' || air.wheel === 'loose' || motor.bearing === 'play') return 'rattle'
  return motor.bearing === 'dry' ? 'squeal' : 'smooth'
}

/** Turned by hand, locked out. */
export function spinOf({
  motor,
  air,
}: Truth): 'coasts' | 'drags' | 'seized' | 'wobbles' | 'scrapes' | 'play' {
  if (motor.bearing === 'seized') return 'seized'
  if (motor.bearing === 'dry') return 'drags'
  if (air.blade === 'bent') return 'scrapes'
  if (motor.bearing === 'play') return 'play'
  return air.blade === 'loose' || air.wheel === 'loose' ? 'wobbles' : 'coasts'
}

/** Of the motor's shell, after it was called for a while, °C. Our judgement of usual figures. */
export function shellCelsius(pair: Pair): number {
  const mode = usualMode(pair.truth)
  const now = runUnit(pair.truth, found(pair.truth.unit, mode))
  const heat = heatOf(pair, now, usually(pair, mode))
  if (heat === 0) return 32
  return heat > CUTS_OUT ? 88 : heat > HOT ? 68 : 48
}
