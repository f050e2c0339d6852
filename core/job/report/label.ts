// The label for a new capacitor: values, date and job, in common label sizes. Millimetres.
import { casesOf, type Can } from '../../capacitor/can'
import { bleedLabel, startMarking, type StartCan } from '../../capacitor/start-can'
import { figure } from '../../quantity/display'
import { wrap } from '../card/drawing/column'

export const LABEL_SIZES = {
  '62 × 29 mm': { width: 62, height: 29 },
  '50 × 25 mm': { width: 50, height: 25 },
  '2 1/4 × 1 1/4 in': { width: 57.15, height: 31.75 },
  '100 × 50 mm': { width: 100, height: 50 },
} as const
/** A size of label, by its name. */
export type LabelSize = keyof typeof LABEL_SIZES

/** A label, laid out in mm. */
export interface CanLabel {
  readonly width: number
  readonly height: number
  /** Baseline, size of the letters, mm. */
  readonly lines: readonly {
    readonly text: string
    readonly y: number
    readonly size: number
    readonly bold: boolean
  }[]
  /** The hookup’s code, its quiet edge included; null: there is none, or no room for it. */
  readonly code: {
    readonly text: string
    readonly x: number
    readonly y: number
    readonly size: number
  } | null
}

/** What a label is made from. */
export interface LabelInput {
  readonly can: Pick<Can, 'name' | 'volts' | 'sections' | 'tolerancePercent'>
  readonly groups: readonly { readonly load: string; readonly microfarads: number }[]
  /** The compressor's new start capacitor, beside it; null: none. */
  readonly start?: StartCan | null
  readonly date: string
  readonly job: string
  readonly size: LabelSize
  /** The text of the hookup’s code; null: none. */
  readonly code?: string | null
}

/** A code that is read on a roof is 25 mm wide, with its quiet edge. */
const MOST_CODE = 28
/** Beside it the text keeps this much, mm. */
const LEAST_TEXT = 28
/** Has this size of label room for the code beside its text? */
export const hasRoom = (size: LabelSize): boolean => {
  const { width, height } = LABEL_SIZES[size]
  return height >= 28 && width - Math.min(MOST_CODE, height - 1) >= LEAST_TEXT
}

const EDGE = 2
/** Mean width of a letter over its size, with room to spare (measured 0.5 for the PDF's bold). */
const LETTER = 0.56

/** What each load gets first and largest: it is what the next meter is held against. */
export function canLabel({ can, groups, start = null, date, job, size, code = null }: LabelInput): CanLabel {
  const { width: whole, height } = LABEL_SIZES[size]
  const square = code !== null && hasRoom(size) ? Math.min(MOST_CODE, height - 1) : 0
  const width = whole - square
  const wanted = [
    ...groups.map((g) => ({ text: `${g.load} ${figure(g.microfarads)} µF`, weight: 1.5, bold: true })),
    {
      text: `${figure(can.volts)} V ±${figure(can.tolerancePercent)} %, ${casesOf(can)
        .map((c) => (c.stays ? `${c.name}, kept` : c.name))
        .join(' + ')}`,
      weight: 1,
      bold: false,
    },
    ...(start ? [`START ${startMarking(start)}`, bleedLabel(start.bleed)] : []).map((text) => ({
      text,
      weight: 1,
      bold: false,
    })),
    { text: `${date}${job ? `, ${job}` : ''}`, weight: 1, bold: false },
  ]
  const unit = (height - 2 * EDGE) / (1.25 * wanted.reduce((sum, w) => sum + w.weight, 0))
  let y = EDGE
  const lines = wanted.map(({ text, weight, bold }) => {
    const high = unit * weight
    // Longer text is set smaller, down to two thirds; what then does not fit ends with an ellipsis.
    const fits = (width - 2 * EDGE) / (LETTER * Math.max(1, [...text].length))
    const letters = Math.max(high * 0.66, Math.min(high, fits))
    y += high * 1.25
    return {
      text: wrap(text, Math.floor((width - 2 * EDGE) / (letters * LETTER)), 1)[0] ?? '',
      y: Math.round((y - 0.25 * high) * 100) / 100,
      size: Math.round(letters * 100) / 100,
      bold,
    }
  })
  return {
    width: whole,
    height,
    lines,
    code:
      code !== null && square > 0
        ? { text: code, x: width - 0.5, y: (height - square) / 2, size: square }
        : null,
  }
}
