// Speed classes and what the fan laws make of a change of speed.
import { at } from '../quantity/at'
import { WATTS_PER_HORSEPOWER } from './horsepower'

export const POLES = [2, 4, 6, 8, 10, 12] as const
/** Numbers of poles that fan motors have. */
export type Poles = (typeof POLES)[number]

/** Synchronous speed, rpm: n = 120 f / poles (NEMA MG 1, from memory; textbook). */
export const synchronousRpm = (poles: Poles, hertz: number): number => (120 * hertz) / poles

/**
 * Poles of a motor of this nameplate speed: those of the smallest synchronous speed above it, since an induction motor runs below.
 * null above the two-pole speed or below two thirds of the twelve-pole one, where no fan motor is.
 */
export function polesOf(rpm: number, hertz: number): Poles | null {
  if (rpm < (2 / 3) * synchronousRpm(12, hertz)) return null
  for (let i = POLES.length - 1; i >= 0; i--)
    if (synchronousRpm(at(POLES, i), hertz) > rpm) return at(POLES, i)
  return null
}

/** Slip, as a share of synchronous speed. */
export const slipOf = (rpm: number, poles: Poles, hertz: number): number =>
  1 - rpm / synchronousRpm(poles, hertz)

/** What a change of speed does, as shares of what was. */
export interface FanLaws {
  /** Shares of what it was: flow goes with speed, pressure with its square, power with its cube. */
  readonly flow: number
  readonly pressure: number
  readonly power: number
}

/** The fan laws for the same fan in the same system (textbook). Both speeds above 0, rpm. */
export function fanLaws(fromRpm: number, toRpm: number): FanLaws {
  const ratio = toRpm / fromRpm
  return { flow: ratio, pressure: ratio ** 2, power: ratio ** 3 }
}

/** Torque at a shaft, newton metres: P / omega (textbook). */
export const torqueOf = (horsepower: number, rpm: number): number =>
  (horsepower * WATTS_PER_HORSEPOWER) / ((2 * Math.PI * rpm) / 60)
