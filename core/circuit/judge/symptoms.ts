// What is wrong in the solved modes, by figures alone. It knows no wires' names but those of leads that carry what they should not.
import { figure } from '../../quantity/display'
import type { Machine } from '../../motor/machine/machine'
import type { FittedCan } from '../../wiring/new-can'
import type { ModeId, UnitType } from '../../wiring/unit-type'
import { stop, watch, type Hazard, type HazardCode } from '../hazard'
import {
  AT_REST,
  LEAST_AUXILIARY,
  limitsOf,
  LOW_VOLTAGE_LIMIT,
  SHORT_AMPS,
  VOLTAGE_TOLERANCE,
  type Limits,
} from './limits'
import { LEAST_START_TORQUE } from '../../motor/machine/settle'
import type { ModeSolution } from './mode-solution'

/** The solved modes and what they are held against: V, A. */
export interface SymptomInput {
  readonly unit: UnitType
  readonly machine: Machine | null
  readonly can: Pick<FittedCan, 'volts' | 'sections'>
  readonly modes: readonly ModeSolution[]
  /** Leads that are speed or horsepower taps of one winding. */
  readonly taps: readonly string[]
  /** On the motor's nameplate. */
  readonly ratedVolts: { readonly low: number; readonly high: number }
  /** Rated amps where there is no two-winding machine. */
  readonly ratedAmps: number
}

/** A tap that stands this high above earth is fed: of the unit's volts between lines, half of which is each line's height on a split phase. Our judgement. */
const LIVE_SHARE = 0.2

/** What is wrong by the figures, each symptom once with the modes it shows in. It names no wire: the copper's checks do. */
export function findSymptoms(input: SymptomInput): Hazard[] {
  const found = input.modes.flatMap((mode) => modeSymptoms(input, mode))
  return mergeModes(found)
}

function modeSymptoms(input: SymptomInput, mode: ModeSolution): Hazard[] {
  const limits = input.machine && limitsOf(input.machine)
  const found = [...supplySymptoms(input, mode), ...lowVoltageSymptoms(input, mode)]
  if (found.some((h) => h.code === 'short-circuit')) return found
  found.push(...tapSymptoms(input, mode))
  found.push(...(mode.fanRuns ? runningSymptoms(input, mode, limits) : restSymptoms(input, mode, limits)))
  return [...found, ...capacitorSymptoms(input, mode)]
}

const inMode = (mode: ModeSolution): readonly ModeId[] => [mode.mode]
/** The leads that carry the most, the worst first. */
const hottest = ({ leads }: ModeSolution): string[] =>
  Object.entries(leads)
    .filter(([, l]) => l.amps > 0.05)
    .sort(([, a], [, b]) => b.amps - a.amps)
    .map(([id]) => id)

function supplySymptoms(_: SymptomInput, mode: ModeSolution): Hazard[] {
  const most = Math.max(...mode.supplyAmps)
  if (most < SHORT_AMPS) return []
  return [
    stop(
      'short-circuit',
      `In ${mode.name} the supply would drive about ${figure(most, 0)} A: a short circuit.`,
      hottest(mode).slice(0, 2),
      inMode(mode),
    ),
  ]
}

function lowVoltageSymptoms({ unit }: SymptomInput, mode: ModeSolution): Hazard[] {
  const hit = unit.posts.find(
    (post) => post.kind === 'coil' && (mode.posts[post.id] ?? 0) > LOW_VOLTAGE_LIMIT,
  )
  return hit
    ? [
        stop(
          'line-on-coil',
          `In ${mode.name} ${hit.label} stands at ${figure(mode.posts[hit.id] ?? 0, 0)} V: it is made for 24 V.`,
          [],
          inMode(mode),
        ),
      ]
    : []
}

/** Two taps carrying line current at once, or current that circulates between them. */
function tapSymptoms({ taps, machine }: SymptomInput, mode: ModeSolution): Hazard[] {
  if (!machine) return []
  const live = taps.filter((tap) => (mode.leads[tap]?.amps ?? 0) > AT_REST * machine.ratedAmps)
  if (live.length < 2) return []
  const most = Math.max(...live.map((tap) => mode.leads[tap]?.amps ?? 0))
  return [
    stop(
      'two-taps-live',
      `In ${mode.name} the ${live.join(' and ')} taps are live together: about ${figure(most, 1)} A circulate in the winding between them.`,
      live,
      inMode(mode),
    ),
  ]
}

function runningSymptoms(input: SymptomInput, mode: ModeSolution, limits: Limits | null): Hazard[] {
  const { machine, unit } = input
  if (!machine || !limits) return unfedSymptoms(mode, input.ratedAmps)
  if (unit.traits.fan === 'blower' && !isFed(input, mode))
    return [
      stopIn(mode, 'no-tap-live', `In ${mode.name} the unit calls for the blower, and no speed tap is live.`),
    ]
  if (mode.motor.direction === 0) {
    const text = `In ${mode.name} the motor does not start: ${whyStanding(mode, limits)}.`
    return [stopIn(mode, 'does-not-start', text), ...overcurrent(mode, limits)]
  }
  return [
    ...overcurrent(mode, limits),
    ...voltageSymptoms(mode, input.ratedVolts),
    ...startSymptoms(mode, machine),
  ]
}

const stopIn = (mode: ModeSolution, code: HazardCode, text: string): Hazard =>
  stop(code, text, [], inMode(mode))

/** A motor without a winding model: all that can be said is whether it is fed. */
const unfedSymptoms = (mode: ModeSolution, ratedAmps: number): Hazard[] =>
  mode.motor.amps < 0.5 * ratedAmps
    ? [stopIn(mode, 'does-not-start', `In ${mode.name} the motor has no voltage: it will not run.`)]
    : []

/** A motor with taps is fed through one of them. */
const isFed = ({ taps, unit }: SymptomInput, mode: ModeSolution): boolean =>
  taps.length === 0 || taps.some((tap) => (mode.leads[tap]?.volts ?? 0) > LIVE_SHARE * unit.volts)

function whyStanding(mode: ModeSolution, { rated }: Limits): string {
  const ampsOf = (id: string) => mode.motor.windings.find((w) => w.id === id)?.amps ?? 0
  if (ampsOf('main') < AT_REST * rated.mainAmps) return 'no current flows in its main winding'
  if (ampsOf('auxiliary') < LEAST_AUXILIARY * rated.auxiliaryAmps)
    return 'no current flows in its auxiliary winding, so it only hums'
  return 'both windings’ currents lie alike, so it only hums'
}

function voltageSymptoms(mode: ModeSolution, rated: SymptomInput['ratedVolts']): Hazard[] {
  const volts = mode.motor.volts ?? 0
  const inside = volts >= rated.low * (1 - VOLTAGE_TOLERANCE) && volts <= rated.high * (1 + VOLTAGE_TOLERANCE)
  if (inside) return []
  const text = `In ${mode.name} ${figure(volts, 0)} V stand across the motor, rated ${figure(rated.low)}–${figure(rated.high)} V.`
  return [stopIn(mode, 'motor-voltage', text)]
}

function startSymptoms(mode: ModeSolution, machine: Machine): Hazard[] {
  const found: Hazard[] = []
  const weakest =
    mode.tolerance && Math.min(...mode.tolerance.startTorque.map((t) => t / machine.rating.torque))
  if (weakest !== null && weakest < LEAST_START_TORQUE)
    found.push(
      watch(
        'weak-start',
        `In ${mode.name} a capacitor at the low end of its tolerance leaves hardly any start torque: it may not start, or wind may turn it backward.`,
        [],
        inMode(mode),
      ),
    )
  if (mode.motor.direction === -1)
    found.push(
      stopIn(mode, 'starts-backward', `In ${mode.name} the motor starts the other way than its plug is set.`),
    )
  return found
}

function overcurrent(mode: ModeSolution, limits: Limits): Hazard[] {
  return mode.motor.windings.flatMap(({ id, name, amps }) => {
    const [limit, rated] =
      id === 'auxiliary'
        ? [limits.auxiliaryAmps, limits.rated.auxiliaryAmps]
        : [limits.mainAmps, limits.rated.mainAmps]
    // A motor that stands takes several times its running amps in the main winding; what it does then is said by “does not start”.
    if (mode.motor.direction === 0 && id !== 'auxiliary') return []
    return amps > limit
      ? [
          stop(
            'winding-overcurrent',
            `In ${mode.name} the ${name} would carry ${figure(amps)} A, rated about ${figure(rated)} A: it burns.`,
            [],
            inMode(mode),
          ),
        ]
      : []
  })
}

function restSymptoms(
  { machine, ratedAmps }: SymptomInput,
  mode: ModeSolution,
  limits: Limits | null,
): Hazard[] {
  const most = Math.max(0, ...mode.motor.windings.map((w) => w.amps), machine ? 0 : mode.motor.amps)
  const limit = AT_REST * (limits?.rated.mainAmps ?? ratedAmps)
  return most > limit
    ? [
        stop(
          'runs-when-stopped',
          `In ${mode.name} the fan is meant to stand, and its windings carry ${figure(most)} A.`,
          hottest(mode),
          inMode(mode),
        ),
      ]
    : []
}

function capacitorSymptoms({ can, machine }: SymptomInput, mode: ModeSolution): Hazard[] {
  const worst = [...mode.sections].sort((a, b) => b.volts - a.volts)[0]
  if (!worst || can.volts <= 0 || worst.volts <= can.volts) return []
  const text = `In ${mode.name} ${figure(worst.volts, 0)} V stand on a section of a can rated ${figure(can.volts)} V.`
  // A fitted motor's capacitor voltage is known to some ten percent: within that it is watched.
  const sure = worst.volts > can.volts * (machine?.estimated ? 1.15 : 1)
  return [(sure ? stop : watch)('capacitor-overvoltage', text, [], inMode(mode))]
}

/** One hazard for each code, with all its modes. */
function mergeModes(found: readonly Hazard[]): Hazard[] {
  const byCode = new Map<HazardCode, Hazard>()
  for (const hazard of found) {
    const held = byCode.get(hazard.code)
    byCode.set(
      hazard.code,
      held ? { ...held, modes: [...new Set([...held.modes, ...hazard.modes])] } : hazard,
    )
  }
  return [...byCode.values()]
}
