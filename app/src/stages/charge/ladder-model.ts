// Where the marks of the two temperature ladders stand. No rendering here.
import { scaleLinear, type ScaleLinear } from 'd3-scale'
import { degreesIn, stepsIn, type TemperatureUnit } from '@oak/core/quantity/temperature'
import type { ChargeGlanceOutput } from '@oak/core/operations/charge-glance'

type Line = Pick<ChargeGlanceOutput['superheat'], 'saturation' | 'usual'>

/** What one ladder shows, in the device’s degrees; null: not read, or not known. */
export interface Ladder {
  readonly saturation: number | null
  readonly line: number | null
  /** Where the line's mark usually is, from and up to. */
  readonly band: readonly [number, number] | null
}

/** Superheat is counted up from the saturation mark, subcooling down from it. */
export function ladderOf(
  kind: 'superheat' | 'subcooling',
  line: Line | null,
  fahrenheit: number | undefined,
  unit: TemperatureUnit,
): Ladder {
  const read = (value: number | null | undefined) =>
    value === null || value === undefined ? null : degreesIn(unit, value)
  const saturation = read(line?.saturation)
  const usual = line?.usual
  const band =
    saturation === null || !usual
      ? null
      : kind === 'superheat'
        ? ([saturation + stepsIn(unit, usual.low), saturation + stepsIn(unit, usual.high)] as const)
        : ([saturation - stepsIn(unit, usual.high), saturation - stepsIn(unit, usual.low)] as const)
  return { saturation, line: read(fahrenheit), band }
}

/** Room above the warmest and below the coldest mark, °F. */
const ROOM_FAHRENHEIT = 8
/** What both ladders show while nothing is read, and the least that they span, °F. */
const IDLE_FAHRENHEIT = [20, 120] as const
const LEAST_SPAN_FAHRENHEIT = 60

/** One scale for both, so that a distance on one is a distance on the other: the device’s degrees to px, warm above. */
export function ladderScale(
  ladders: readonly Ladder[],
  [top, bottom]: readonly [number, number],
  unit: TemperatureUnit,
): ScaleLinear<number, number> {
  const marks = ladders
    .flatMap(({ saturation, line, band }) => [saturation, line, ...(band ?? [])])
    .filter((mark) => mark !== null)
  const room = stepsIn(unit, ROOM_FAHRENHEIT)
  if (marks.length === 0)
    return scaleLinear(
      IDLE_FAHRENHEIT.map((f) => degreesIn(unit, f)),
      [bottom, top],
    )
  const [least, most] = [Math.min(...marks) - room, Math.max(...marks) + room]
  const more = Math.max(0, stepsIn(unit, LEAST_SPAN_FAHRENHEIT) - (most - least)) / 2
  return scaleLinear([least - more, most + more], [bottom, top]).nice(6)
}

/** Two labels that would stand on each other are moved apart, about their middle; the order stays. */
export function apart(a: number, b: number, least: number): readonly [number, number] {
  if (Math.abs(a - b) >= least) return [a, b]
  const middle = (a + b) / 2
  return a <= b ? [middle - least / 2, middle + least / 2] : [middle + least / 2, middle - least / 2]
}
