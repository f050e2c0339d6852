// A hidden fault: what it makes of a unit, and by which causes of the app's own list it is named.
import type { Truth } from '../unit/truth'

/** A draw from 0 to 1. */
export type Draw = () => number

/** Something wrong in a practice unit. */
export interface Fault {
  readonly id: string
  /** What it is, as the learner reads it afterwards. */
  readonly name: string
  readonly subject: 'fan' | 'compressor'
  /** Causes of the fault list that name it. */
  readonly causes: readonly string[]
  /** How hard it is to find: 1 to 3. */
  readonly level: 1 | 2 | 3
  /** It was there before anything failed: another motor goes into a unit that still works. */
  readonly isOldest?: boolean
  /** The unit has what is broken here. */
  readonly fits: (truth: Truth) => boolean
  readonly applied: (truth: Truth, draw: Draw) => Truth
}

/** A figure between two. */
export const between = (draw: Draw, low: number, high: number): number => low + (high - low) * draw()
/** One of a list. Throws on an empty one. */
export const pick = <T>(draw: Draw, list: readonly T[]): T => {
  const item = list[Math.floor(draw() * list.length)]
  if (item === undefined) throw new Error('There is nothing to pick from.')
  return item
}

/** It is an outdoor fan. */
export const isOutdoor = ({ unit }: Truth): boolean => unit.traits.fan === 'outdoor'
/** It is a blower. */
export const isBlower = ({ unit }: Truth): boolean => unit.traits.fan === 'blower'
/** Its motor has a main and an auxiliary winding. */
export const hasWindings = ({ sheet }: Truth): boolean => sheet.capacitor !== null
/** Its motor has three phases. */
export const isThreePhase = ({ sheet }: Truth): boolean => sheet.kind === 'three-phase'
/** A contactor switches it. */
export const hasContactor = ({ unit }: Truth): boolean => unit.traits.contactorPoles > 0

/** The unit with its motor otherwise. */
export const withMotor = (truth: Truth, motor: Partial<Truth['motor']>): Truth => ({
  ...truth,
  motor: { ...truth.motor, ...motor },
})
/** The unit with its compressor otherwise. */
export const withCompressor = (
  truth: Truth,
  compressor: Partial<NonNullable<Truth['compressor']>>,
): Truth => ({
  ...truth,
  compressor: truth.compressor && { ...truth.compressor, ...compressor },
})
