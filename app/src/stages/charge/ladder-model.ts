// Where the marks of the two temperature ladders stand. No rendering here.
import { scaleLinear, type ScaleLinear } from 'd3-scale'
import type { ChargeGlanceOutput } from '@oak/core/operations/charge-glance'

type Line = Pick<ChargeGlanceOutput['superheat'], 'saturation' | 'usual'>

/** What one ladder shows, °F; null: not read, or not known. */
export interface Ladder {
  readonly saturation: number | null
  readonly line: number | null
  /** Where the line's mark usually is, from and up to, °F. */
  readonly band: readonly [number, number] | null
}

/** Superheat is counted up from the saturation mark, subcooling down from it. */
export function ladderOf(
  kind: 'superheat' | 'subcooling',
  line: Line | null,
  fahrenheit: number | undefined,
): Ladder {
  const saturation = line?.saturation ?? null
  const usual = line?.usual
  const band =
    saturation === null || !usual
      ? null
      : kind === 'superheat'
        ? ([saturation + usual.low, saturation + usual.high] as const)
        : ([saturation - usual.high, saturation - usual.low] as const)
  return { saturation, line: fahrenheit ?? null, band }
}

/** Room above the warmest and below the coldest mark, °F. */
const ROOM = 8
/** What both ladders show while nothing is read, and the least that they span, °F. */
const IDLE = [20, 120] as const
const LEAST_SPAN = 60

/** One scale for both, so that a distance on one is a distance on the other: °F to px, warm above. */
export function ladderScale(
  ladders: readonly Ladder[],
  [top, bottom]: readonly [number, number],
): ScaleLinear<number, number> {
  const marks = ladders
    .flatMap(({ saturation, line, band }) => [saturation, line, ...(band ?? [])])
    .filter((mark) => mark !== null)
  if (marks.length === 0) return scaleLinear(IDLE, [bottom, top])
  const [least, most] = [Math.min(...marks) - ROOM, Math.max(...marks) + ROOM]
  const more = Math.max(0, LEAST_SPAN - (most - least)) / 2
  return scaleLinear([least - more, most + more], [bottom, top]).nice(6)
}

/** Two labels that would stand on each other are moved apart, about their middle; the order stays. */
export function apart(a: number, b: number, least: number): readonly [number, number] {
  if (Math.abs(a - b) >= least) return [a, b]
  const middle = (a + b) / 2
  return a <= b ? [middle - least / 2, middle + least / 2] : [middle + least / 2, middle - least / 2]
}
