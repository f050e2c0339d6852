// The card as plain shapes in millimetres on A5. Screen and SVG file are two renderers of the same shapes.
import { at, last } from '../../quantity/at'
import { insulationCode } from '../../motor/colour'
import { PAINT, tracerOf } from '../../motor/paint'
import type { Card, CardRow } from './card'

/** A5, portrait, in mm. */
export const CARD_WIDTH = 148
export const CARD_HEIGHT = 210
const MARGIN = 9
const INNER = CARD_WIDTH - 2 * MARGIN

/** A shape of the card, in mm from its upper left corner. */
export type Shape =
  | {
      readonly kind: 'text'
      readonly x: number
      readonly y: number
      readonly size: number
      readonly weight: 400 | 700
      readonly text: string
    }
  | {
      readonly kind: 'line'
      readonly x1: number
      readonly y1: number
      readonly x2: number
      readonly y2: number
      readonly width: number
    }
  | {
      readonly kind: 'wire'
      readonly x1: number
      readonly x2: number
      readonly y: number
      readonly paint: string
      readonly tracer: string | null
    }
  | {
      readonly kind: 'mark'
      readonly x: number
      readonly y: number
      readonly size: number
      readonly verdict: 'proven' | 'watch'
    }
  | {
      /** A square code that carries this text, its quiet edge included; drawn by whoever has a maker of codes. */
      readonly kind: 'code'
      readonly x: number
      readonly y: number
      readonly size: number
      readonly text: string
    }

// No font is measured here: half the size is a safe mean width of a letter in the app's typeface (measured 0.47).
const lettersIn = (width: number, size: number): number => Math.floor(width / (size * 0.5))

/** Breaks text at spaces, and inside words that are longer than a line; what does not fit ends with an ellipsis. */
export function wrap(text: string, letters: number, most: number): string[] {
  const lines: string[] = []
  let line = ''
  for (const word of text
    .split(/\s+/)
    .filter(Boolean)
    .flatMap((w) => chunk(w, letters))) {
    if (line && [...line].length + 1 + [...word].length > letters) {
      lines.push(line)
      line = word
    } else line = line ? `${line} ${word}` : word
  }
  if (line) lines.push(line)
  if (lines.length <= most) return lines
  const last = [...at(lines, most - 1)].slice(0, letters - 1).join('')
  return [...lines.slice(0, most - 1), `${last}…`]
}

const chunk = (word: string, letters: number): string[] => {
  const all = [...word]
  return Array.from({ length: Math.ceil(all.length / letters) }, (_, i) =>
    all.slice(i * letters, (i + 1) * letters).join(''),
  )
}

/** How a text is set: mm from the left edge, mm wide at most, letters' height in mm, and how many lines at most. */
interface TextStyle {
  readonly x?: number
  readonly width?: number
  readonly size?: number
  readonly weight?: 400 | 700
  readonly most?: number
}

/** Writes downwards and remembers how far it got. Sizes are those of the plain card, times `scale`. */
class Column {
  readonly shapes: Shape[] = []
  constructor(
    public y: number,
    readonly scale: number,
  ) {}

  text(
    text: string,
    { x = MARGIN, width = INNER, size = 3.4, weight = 400, most = 3 }: TextStyle = {},
  ): void {
    const scaled = size * this.scale
    for (const line of wrap(text, lettersIn(width, scaled), most)) {
      this.y += scaled * 1.28
      this.shapes.push({
        kind: 'text',
        x,
        y: this.y,
        size: Math.round(scaled * 100) / 100,
        weight,
        text: line,
      })
    }
  }
  rule(width = 0.25): void {
    this.y += 2 * this.scale
    this.shapes.push({ kind: 'line', x1: MARGIN, y1: this.y, x2: CARD_WIDTH - MARGIN, y2: this.y, width })
    this.y += 0.8 * this.scale
  }
  heading(text: string): void {
    this.rule()
    this.text(text, { weight: 700, size: 3.6, most: 1 })
  }
}

const FOOT = CARD_HEIGHT - 21
/** A code is 25 mm wide, and has an edge of nothing around it. */
const CODE = 28
const FOOT_WITH_CODE = CARD_HEIGHT - MARGIN - CODE + 2
// From large to small: the card is read on a roof, so it takes the largest size at which everything fits.
const SCALES = [1.35, 1.25, 1.15, 1.05, 0.95, 0.85, 0.75]

/** The shapes of the card, all within A5, as large as they fit; `code`: the text of its code, where it has one. */
export function layOutCard(card: Card, code: string | null = null): Shape[] {
  const foot = code === null ? FOOT : FOOT_WITH_CODE
  const pages = SCALES.map((scale) => layOutBody(card, scale))
  const page = pages.find((p) => p.y <= foot) ?? last(pages)
  return [...page.shapes.filter((shape) => bottomOf(shape) <= foot), ...footer(card, foot, code)]
}

const bottomOf = (shape: Shape): number =>
  shape.kind === 'line'
    ? shape.y2
    : shape.kind === 'mark' || shape.kind === 'code'
      ? shape.y + shape.size
      : shape.y

function layOutBody(card: Card, scale: number): Column {
  const page = new Column(MARGIN, scale)
  page.text(card.title || 'Hookup', { size: 6, weight: 700, most: 2 })
  const about = [card.site, card.date, card.technician].filter(Boolean).join(' · ')
  if (about) page.text(about, { most: 2 })
  page.text(`${card.unit}. ${card.motorStays ? 'Motor that stays' : 'New motor'}: ${card.motor}.`, {
    most: 2,
  })
  page.rule(0.6)
  page.shapes.push({ kind: 'mark', x: MARGIN, y: page.y + 0.6, size: 6.5 * scale, verdict: card.verdict })
  page.text(card.sentence, {
    x: MARGIN + 9 * scale,
    width: INNER - 9 * scale,
    size: 4.4,
    weight: 700,
    most: 3,
  })
  page.y += 2 * scale
  page.heading(card.motorStays ? 'Each lead of the motor' : 'Each lead of the new motor')
  for (const row of card.rows) layOutRow(page, row)
  page.heading('Capacitor')
  for (const line of card.capacitor) page.text(line, { most: 2 })
  page.heading('Set on the motor')
  for (const line of card.settings) page.text(line, { most: 2 })
  if (card.readings.length > 0) {
    page.heading('Readings')
    for (const line of card.readings) page.text(line, { most: 2 })
  }
  if (card.watch.length > 0) {
    page.heading('To know')
    for (const line of card.watch) page.text(line, { most: 3 })
  }
  return page
}

function layOutRow(page: Column, row: CardRow): void {
  const { scale } = page
  const top = page.y + 0.8 * scale
  const { colour, stripe } = row.insulation
  page.shapes.push({
    kind: 'wire',
    x1: MARGIN + 1,
    x2: MARGIN + 11,
    y: top + 3.4 * scale,
    paint: PAINT[colour],
    tracer: tracerOf(colour, stripe),
  })
  const left = new Column(top, scale)
  left.text(`${insulationCode(row.insulation)} ${row.role}`, {
    x: MARGIN + 14,
    width: 46,
    size: 3.6,
    weight: 700,
    most: 2,
  })
  const right = new Column(top, scale)
  const place = { x: MARGIN + 62, width: INNER - 62 }
  right.text(`→ ${row.goes}${row.moved ? ' (moved by the technician)' : ''}`, {
    ...place,
    size: 3.6,
    weight: 700,
    most: 3,
  })
  if (row.was) right.text(`old wire: ${row.was}`, { ...place, size: 3, most: 2 })
  page.shapes.push(...left.shapes, ...right.shapes)
  page.y = Math.max(left.y, right.y, top + 5 * scale)
}

function footer(card: Card, top: number, code: string | null): Shape[] {
  const foot = new Column(top, 1)
  foot.rule()
  const width = code === null ? INNER : INNER - CODE - 2
  foot.text(
    'Lock out, prove dead and discharge before opening. The unit’s diagram, the motor’s tag, the maker’s instructions and local codes overrule this card. Checked by what conducts where; readings after start-up complete it.',
    { size: 2.6, width, most: code === null ? 3 : 5 },
  )
  foot.text(`Oak Switch · job ${card.job}`, { size: 2.4, width, most: 1 })
  if (code === null) return foot.shapes
  foot.text(
    'The code holds this hookup: “Read a card” takes it over into the next job, with no connection.',
    {
      size: 2.6,
      width,
      most: 2,
    },
  )
  const square: Shape = {
    kind: 'code',
    x: CARD_WIDTH - MARGIN - CODE + 1.5,
    y: top + 3,
    size: CODE,
    text: code,
  }
  return [...foot.shapes, square]
}
