// Motor constants fitted to a nameplate. Shares of leakage and copper are those of small fan motors (our judgement, from memory);
// the impedance level and the magnetizing reactance follow from rated power and amps, the turns ratio from a balanced field.
import { WATTS_PER_HORSEPOWER } from '../horsepower'
import { polesOf, slipOf, synchronousRpm } from '../speed'
import type { MachineConstants } from './constants'
import { performanceAt, type Supply } from './performance'

/** The nameplate that constants are fitted to. */
export interface FitFrom {
  readonly volts: number
  readonly hertz: number
  readonly rpm: number
  readonly horsepower: number
  readonly amps: number
  readonly microfarads: number
  /** What the capacitor on the tag is rated for: the motor does not put more on it. */
  readonly capacitorVolts: number
}

/** The rated point. */
export interface Rating {
  readonly slip: number
  readonly synchronousRpm: number
  /** Synchronous watts at the shaft. */
  readonly torque: number
}

/** Shares of the impedance level. */
const SHARE = {
  mainOhms: 0.2,
  mainReactance: 0.22,
  rotorOhms: 0.32,
  rotorReactance: 0.18,
  auxiliaryOhms: 1.15,
} as const
/** Share of the capacitor's rating that stands on it in a balanced motor; light running adds the rest. Our judgement. */
const RATING_USED = 0.9
const TURNS = { least: 0.9, most: 2.4 } as const
const MAGNETIZING = { least: 0.7, most: 6 } as const
const STEPS = 40

/** Rated slip, speed and torque; an rpm outside every pole class counts as six poles. */
export function ratingOf({ rpm, hertz, horsepower }: Pick<FitFrom, 'rpm' | 'hertz' | 'horsepower'>): Rating {
  const poles = polesOf(rpm, hertz) ?? 6
  const slip = Math.min(0.6, Math.max(0.02, slipOf(rpm, poles, hertz)))
  return {
    slip,
    synchronousRpm: synchronousRpm(poles, hertz),
    torque: (horsepower * WATTS_PER_HORSEPOWER) / (1 - slip),
  }
}

/**
 * Turns ratio of a balanced field: the line current of two windings in quadrature is ωCV(1+a²) and the capacitor's voltage V√(1+a²)
 * (derived). Held to what the capacitor's rating allows at no load, and to what fan motors have.
 */
export function balancedTurns({
  volts,
  hertz,
  amps,
  microfarads,
  capacitorVolts,
}: Omit<FitFrom, 'rpm' | 'horsepower'>): number {
  const charging = 2 * Math.PI * hertz * microfarads * 1e-6 * volts
  const byAmps = Math.sqrt(Math.max(0, amps / charging - 1))
  const byRating = Math.sqrt(Math.max(0, ((RATING_USED * capacitorVolts) / volts) ** 2 - 1))
  return Math.min(TURNS.most, Math.max(TURNS.least, Math.min(byAmps, byRating)))
}

function constantsAt(level: number, magnetizing: number, turnsRatio: number): MachineConstants {
  const square = turnsRatio ** 2
  return {
    mainOhms: SHARE.mainOhms * level,
    mainReactanceOhms: SHARE.mainReactance * level,
    auxiliaryOhms: SHARE.auxiliaryOhms * SHARE.mainOhms * level * square,
    auxiliaryReactanceOhms: SHARE.mainReactance * level * square,
    rotorOhms: SHARE.rotorOhms * level,
    rotorReactanceOhms: SHARE.rotorReactance * level,
    magnetizingOhms: magnetizing * level,
    turnsRatio,
  }
}

/** Most turns of a tap against the main winding's. Our judgement. */
const MOST_TAP_TURNS = 4
const LEAST_TAP_TURNS = 0.01

/** The further turns with which the motor gives this torque (synchronous watts) at this slip: more turns, less flux, less torque. */
export const tapTurnsFor = (
  constants: MachineConstants,
  supply: Supply,
  slip: number,
  torque: number,
): number =>
  crossing(
    LEAST_TAP_TURNS,
    MOST_TAP_TURNS,
    (turns) => performanceAt(constants, supply, slip, turns).torque - torque,
  )

/** Where f crosses 0 between low and high, f falling; the nearer end when it does not cross. Geometric bisection. */
function crossing(low: number, high: number, f: (x: number) => number): number {
  if (f(low) <= 0) return low
  if (f(high) >= 0) return high
  for (let i = 0; i < STEPS; i++) {
    const middle = Math.sqrt(low * high)
    if (f(middle) > 0) low = middle
    else high = middle
  }
  return Math.sqrt(low * high)
}

// The board asks for the same few motors with every move of a wire: a fit is kept by the plate it is for.
const fitted = new Map<string, MachineConstants>()
const MOST_FITTED = 200

/** Constants with which the motor gives its rated power at its rated speed and draws its rated amps, as near as this shape of motor can. */
export function fitConstants(from: FitFrom): MachineConstants {
  const key = JSON.stringify(from)
  const kept = fitted.get(key)
  if (kept) return kept
  const made = fit(from)
  if (fitted.size < MOST_FITTED) fitted.set(key, made)
  return made
}

function fit(from: FitFrom): MachineConstants {
  const { slip, torque } = ratingOf(from)
  const supply: Supply = {
    volts: from.volts,
    hertz: from.hertz,
    ratedHertz: from.hertz,
    microfarads: from.microfarads,
  }
  const turns = balancedTurns(from)
  const base = from.volts ** 2 / (from.horsepower * WATTS_PER_HORSEPOWER)
  // Less impedance, more torque: the level at which rated torque comes at rated slip.
  const levelFor = (magnetizing: number) =>
    crossing(
      base / 40,
      base * 4,
      (level) => performanceAt(constantsAt(level, magnetizing, turns), supply, slip).torque - torque,
    )
  // More magnetizing reactance, fewer amps.
  const magnetizing = crossing(
    MAGNETIZING.least,
    MAGNETIZING.most,
    (m) => performanceAt(constantsAt(levelFor(m), m, turns), supply, slip).lineAmps - from.amps,
  )
  return constantsAt(levelFor(magnetizing), magnetizing, turns)
}
