// A made-up plate: what stands where on it, and what it says. Lengths in mm.
import type { Draws } from './draws'
import type { Truth } from './facts'

export interface Item {
  readonly text: string
  readonly x: number
  /** The base line. */
  readonly y: number
  /** Height of the letters' body. */
  readonly size: number
  readonly bold?: boolean
  readonly align?: 'left' | 'center'
}
export interface Plate {
  readonly kind: 'motor' | 'unit' | 'can' | 'tag'
  readonly layout: string
  readonly width: number
  readonly height: number
  readonly items: readonly Item[]
  /** Lines of a table, as two points. */
  readonly rules: readonly (readonly [number, number, number, number])[]
  readonly truth: readonly Truth[]
}
/** One way in which makers set a plate. */
export type Layout = (draws: Draws) => Plate

/** Lines below one another, each as it is. */
export const column = (lines: readonly string[], x: number, y: number, step: number, size: number): Item[] =>
  lines.map((text, i) => ({ text, x, y: y + i * step, size }))
