// What the figures of a capacitor label mean: sections, a start capacitor's range, or figures that are really volts.
import { first, last, known, at } from '../quantity/at'
import { MAX_MICROFARADS } from '../capacitor/can'
import { TRADE_CAPACITOR_VOLTS, TRADE_MICROFARADS } from '../capacitor/marking'
import { figure } from '../quantity/display'
import type { Piece } from './piece'

/** One way to read the figures of a piece. */
export interface MicrofaradReading {
  /** Stable name, such as "dual" or "single"; the answer to a question names it. */
  readonly id: string
  readonly sections: readonly number[]
  readonly range: { readonly low: number; readonly high: number } | null
  readonly volts: number | null
  readonly words: string
}

const isMicrofarads = (value: number): boolean => value > 0 && value <= MAX_MICROFARADS
const isTrade = (value: number): boolean => TRADE_MICROFARADS.includes(value)
/** Ratings start above what a run capacitor's µF reach, so such a figure without a unit is volts. */
const isVolts = (value: number): boolean => value >= 220 && TRADE_CAPACITOR_VOLTS.includes(value)
/** A compressor's side is hardly below this, µF. Common practice, no source. */
const LEAST_COMPRESSOR = 15
/** A start capacitor's marked range spans less than this ratio and starts above this, µF. Common practice, no source. */
const RANGE_RATIO = 1.6
const LEAST_START = 20

const sections = (id: string, values: readonly number[], volts: number | null = null): MicrofaradReading => ({
  id,
  sections: values,
  range: null,
  volts,
  words:
    values.length === 1
      ? `a single of ${figure(first(values))} µF`
      : values.length === 2
        ? `a dual: ${values.map((x) => `${figure(x)} µF`).join(' and ')}`
        : `${values.length} sections: ${values.map((x) => figure(x)).join(', ')} µF`,
})

/** The readings of a piece, the likelier first; more than one is a question; none when it is no capacitor value. */
export function microfaradReadings(piece: Piece): MicrofaradReading[] {
  const all = piece.figures.map(Number)
  const text = piece.words[0] ?? piece.text
  // A comma may be a point, or part two sections.
  if (/^\d+,\d+$/.test(text)) return readSingle(text.replace(',', '.'), null)
  const values = [...all]
  let volts: number | null = null
  // "45/5/370": what trails and is a voltage rating is not microfarads. A lone 370 is volts altogether.
  while (values.length > 1 && isVolts(last(values)))
    volts = Math.max(volts ?? 0, known(values.pop(), 'The last value'))
  if (!values.every(isMicrofarads) || values.length === 0 || values.length > 24) return []
  if (values.length === 1) return readSingle(first(piece.figures), volts)
  const dash = /[-–]|to/i.test(text)
  const [a, b] = values as [number, number]
  if (values.length === 2 && dash && a < b) return readRange(a, b)
  return [sections(values.length === 2 ? 'dual' : 'sections', values, volts)]
}

/** "45.5" may be 45.5 µF or a dual of 45 and 5: labels are written so. A trade value with a point is what it says. */
function readSingle(text: string, volts: number | null): MicrofaradReading[] {
  const value = Number(text)
  if (!isMicrofarads(value)) return []
  const single = sections('single', [value], volts)
  const parts = /^(\d+)\.(\d+)$/.exec(text)
  if (!parts || isTrade(value)) return [single]
  const [herm, fan] = [Number(parts[1]), Number(parts[2])]
  const dual = herm >= LEAST_COMPRESSOR && isTrade(herm) && isTrade(fan) && !/^0/.test(at(parts, 2))
  return dual ? [sections('dual', [herm, fan], volts), single] : [single]
}

function readRange(low: number, high: number): MicrofaradReading[] {
  const range: MicrofaradReading = {
    id: 'range',
    sections: [],
    range: { low, high },
    volts: null,
    words: `a start capacitor of ${figure(low)} to ${figure(high)} µF`,
  }
  if (low >= LEAST_START && high / low <= RANGE_RATIO)
    return isTrade(low) && isTrade(high) ? [range, sections('dual', [low, high])] : [range]
  return [sections('dual', [low, high]), range]
}
