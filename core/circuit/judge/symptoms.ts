// What is wrong in the solved modes, by figures alone. It knows no wires' names but those of leads that carry what they should not.
import { inRange } from '../../supply/supply'
import { figure, rangeFigure } from '../../quantity/display'
import type { Machine } from '../../motor/machine/machine'
import type { FittedCan } from '../../wiring/new-can'
import type { ModeId, UnitType } from '../../wiring/unit-type'
import { stop, watch, type Hazard, type HazardCode } from '../hazard'
import { AT_REST, LEAST_AUXILIARY, limitsOf, LOW_VOLTAGE_LIMIT, SHORT_AMPS, type Limits } from './limits'
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
  /** Volts of the capacitor that the motor's tag asks for; null: it asks for none. */
  readonly tagVolts: number | null
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
    return [stopIn(mode, 'does-not-start', text), ...overcurrent(mode, limits, machine.estimated)]
  }
  return [
    ...overcurrent(mode, limits, machine.estimated),
    ...voltageSymptoms(mode, input.ratedVolts),
    ...startSymptoms(mode, machine),
  ]
}

/** Little start torque, by constants that may be off: told, not condemned. */
const weakByEstimate = (mode: ModeSolution): Hazard =>
  watch(
    'weak-start',
    `By estimate the motor has hardly any start torque in ${mode.name}, ${figure(100 * Math.abs(mode.motor.startTorque), 0)} % of its rated: see that it starts, and the right way.`,
    [],
    inMode(mode),
  )

const stopIn = (mode: ModeSolution, code: HazardCode, text: string): Hazard =>
  stop(code, text, [], inMode(mode))

/** A motor without a winding model: all that can be said is whether it is fed. */
const unfedSymptoms = (mode: ModeSolution, ratedAmps: number): Hazard[] =>
  mode.motor.amps < 0.5 * ratedAmps
    ? [stopIn(mode, 'does-not-start', `In ${mode.name} the motor has no voltage: it will not run.`)]
    : []

/** A motor with taps is fed through one of them; also where that tap is on the neutral, and its line lead on what is switched. */
function isFed({ taps, unit }: SymptomInput, mode: ModeSolution): boolean {
  const least = LIVE_SHARE * unit.volts
  return (
    taps.length === 0 ||
    taps.some((tap) => (mode.leads[tap]?.volts ?? 0) > least) ||
    (mode.motor.volts ?? 0) > least
  )
}

function whyStanding(mode: ModeSolution, { rated }: Limits): string {
  const ampsOf = (id: string) => mode.motor.windings.find((w) => w.id === id)?.amps ?? 0
  if (ampsOf('main') < AT_REST * rated.mainAmps) return 'no current flows in its main winding'
  if (ampsOf('auxiliary') < LEAST_AUXILIARY * rated.auxiliaryAmps)
    return 'no current flows in its auxiliary winding, so it only hums'
  return 'both windings’ currents lie alike, so it only hums'
}

/** Of the supply's volts, lost on the way to the motor (NEC's advice for a branch circuit, from memory). */
const WIRE_DROP = 0.03

function voltageSymptoms(mode: ModeSolution, rated: SymptomInput['ratedVolts']): Hazard[] {
  const volts = mode.motor.volts ?? 0
  // A supply at the low end of its range reaches the motor a little lower still.
  if (inRange(volts, rated) || inRange(volts * (1 + WIRE_DROP), rated)) return []
  const text = `In ${mode.name} ${figure(volts, 0)} V stand across the motor, rated ${rangeFigure(rated)} V.`
  return [stopIn(mode, 'motor-voltage', text)]
}

function startSymptoms(mode: ModeSolution, machine: Machine): Hazard[] {
  // Too little to say more of, its direction neither.
  if (machine.estimated && Math.abs(mode.motor.startTorque) < LEAST_START_TORQUE)
    return [weakByEstimate(mode)]
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

function overcurrent(mode: ModeSolution, limits: Limits, estimated: boolean): Hazard[] {
  return mode.motor.windings.flatMap(({ id, name, amps }) => {
    const rated = id === 'auxiliary' ? limits.rated.auxiliaryAmps : limits.rated.mainAmps
    // A motor that stands takes several times its running amps in the main winding; what it does then is said by “does not start”.
    if (mode.motor.direction === 0 && id !== 'auxiliary') return []
    const times = amps / rated
    if (times <= limits.over.watch) return []
    const figures = `${figure(amps)} A, ${figure(times, 1)} times its rated ${figure(rated)} A`
    const severity = times > limits.over.stop ? stop : watch
    const text = estimated
      ? `By estimate the ${name} would carry ${figures} in ${mode.name}${times > limits.over.stop ? ': more than an estimate can be off' : ''}.`
      : `In ${mode.name} the ${name} would carry ${figures}: it burns.`
    return [severity('winding-overcurrent', text, [], inMode(mode))]
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

/**
 * Volts on the fan's section against the can. Where the constants were fitted the tag is the better witness: it says which can the motor
 * asks for at its rated volts, so the fitted volts are held against those of the fitted motor on its own tag's hookup.
 */
function capacitorSymptoms({ can, machine, tagVolts }: SymptomInput, mode: ModeSolution): Hazard[] {
  const volts = mode.motor.capacitorVolts
  if (volts === null || can.volts <= 0) return []
  if (!machine?.estimated) {
    if (volts <= can.volts) return []
    const text = `In ${mode.name} ${figure(volts, 0)} V stand on the fan’s section of a can rated ${figure(can.volts)} V.`
    return [stop('capacitor-overvoltage', text, [], inMode(mode))]
  }
  const rated = limitsOf(machine).rated.capacitorVolts
  const times = (volts / rated) * ((tagVolts ?? can.volts) / can.volts)
  if (volts <= can.volts || times <= CAPACITOR_OVER.watch) return []
  const text = `By estimate ${figure(volts, 0)} V stand on the fan’s section in ${mode.name}, ${figure(times, 1)} times what the tag’s own hookup puts on it; the can is rated ${figure(can.volts)} V.`
  return [(times > CAPACITOR_OVER.stop ? stop : watch)('capacitor-overvoltage', text, [], inMode(mode))]
}

/** The supply may be 10 % high, and µF 6 % off: so much more is still the tag's own hookup. Our judgement. */
const CAPACITOR_OVER = { watch: 1.2, stop: 1.6 } as const

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
