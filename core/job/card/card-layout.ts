// The card as plain shapes in millimetres: leads, can and what is set, each drawn beside its words. Screen, SVG and PDF are renderers of the same shapes.
import { last } from '../../quantity/at'
import type { Card } from './card'
import { CARD_PAPERS, type CardPaper } from './paper'
import { Column } from './drawing/column'
import { canDrawer, type CanDrawer } from './drawing/draw-can'
import { drawLeads } from './drawing/draw-leads'
import { drawTurning } from './drawing/draw-turning'
import type { Drawn, Frame } from './drawing/frame'
import type { HookupDrawing } from './drawing/hookup-drawing'
import { bottomOf, type Shape } from './drawing/shapes'

const MARGIN = 9
/** A code is 25 mm wide, and has an edge of nothing around it. */
const CODE = 28
// From large to small: the card is read on a roof, so it takes the largest size at which everything fits.
const SCALES = [1.3, 1.22, 1.14, 1.06, 1, 0.94, 0.88, 0.82, 0.76, 0.7]
/** Of the card's width inside its margins, what pictures take. */
const PICTURE = 0.49
const BETWEEN = 4
const MORE = 'There is more than fits on this card: the job has it all.'

/** What a card is laid out from. */
export interface CardSheet {
  readonly card: Card
  readonly drawing: HookupDrawing
  /** The text of its code; null: it has none. */
  readonly code?: string | null
  readonly paper?: CardPaper
}

/** The shapes of the card, all within its paper, as large as they fit. */
export function layOutCard({ card, drawing, code = null, paper = 'a5' }: CardSheet): Shape[] {
  const size = CARD_PAPERS[paper]
  const foot = size.height - (code === null ? 21 : MARGIN + CODE - 2)
  const below = footer(card, foot, size.width, code)
  const drawCan = drawing.can && canDrawer(drawing.can)
  let shapes: readonly Shape[] = []
  for (const scale of SCALES) {
    const body = layOutBody(card, drawing, drawCan, frameOf(size.width, scale))
    shapes = body.shapes
    if (body.y <= foot) return [...shapes, ...below]
  }
  // Nothing is cut unsaid.
  const frame = frameOf(size.width, last(SCALES))
  const more = new Column(foot - 4, 1)
  more.text(MORE, { x: MARGIN, width: frame.right - MARGIN, size: 2.6, weight: 700, most: 1 })
  return [...shapes.filter((shape) => bottomOf(shape) <= foot - 4), ...more.shapes, ...below]
}

function frameOf(width: number, scale: number): Frame {
  const inner = width - 2 * MARGIN
  const picture = inner * PICTURE
  return { left: MARGIN, picture, words: MARGIN + picture + BETWEEN, right: width - MARGIN, scale }
}

function layOutBody(card: Card, drawing: HookupDrawing, drawCan: CanDrawer | null, frame: Frame): Column {
  const { scale } = frame
  const page = layOutHead(card, frame)
  const across = { x: frame.left, width: frame.right - frame.left }
  const heading = (text: string): void => {
    page.rule(frame.left, frame.right)
    page.text(text, { ...across, weight: 700, size: 3.6, most: 1 })
  }
  const list = (lines: readonly string[], most: number): void =>
    lines.forEach((line) => {
      page.text(line, { ...across, most })
    })
  heading(card.motorStays ? 'Each lead of the motor' : 'Each lead of the new motor')
  page.take(
    drawLeads(
      card.rows.flatMap((row, i) => {
        const end = drawing.ends[i]
        return end ? [{ row, end }] : []
      }),
      frame,
      page.y,
    ),
  )
  heading('Capacitor')
  if (drawCan) beside(page, frame, drawCan(frame, page.y), card.capacitor)
  else list(card.capacitor, 2)
  heading('Set on the motor')
  beside(page, frame, drawTurning(drawing, frame, page.y + 0.5 * scale), card.settings)
  if (card.readings.length > 0) {
    heading('Readings')
    list(card.readings, 2)
  }
  if (card.watch.length > 0) {
    heading('To know')
    list(card.watch, 3)
  }
  return page
}

/** Words in their column, level with the picture that they are about. */
function beside(
  page: Column,
  { words, right, scale }: Frame,
  picture: Drawn,
  lines: readonly string[],
): void {
  const list = new Column(page.y, scale)
  for (const line of lines) {
    list.text(line, { x: words, width: right - words, most: 4 })
    list.y += 0.7 * scale
  }
  page.take(picture)
  page.take(list)
}

function layOutHead(card: Card, { left, right, scale }: Frame): Column {
  const page = new Column(MARGIN, scale)
  const across = { x: left, width: right - left }
  page.text(card.title || 'Hookup', { ...across, size: 6, weight: 700, most: 2 })
  const about = [card.site, card.date, card.technician].filter(Boolean).join(' · ')
  if (about) page.text(about, { ...across, most: 2 })
  page.text(`${card.unit}. ${card.motorStays ? 'Motor that stays' : 'New motor'}: ${card.motor}.`, {
    ...across,
    most: 2,
  })
  page.rule(left, right, 0.6)
  page.shapes.push({ kind: 'mark', x: left, y: page.y + 0.6, size: 6.5 * scale, verdict: card.verdict })
  page.text(card.sentence, {
    x: left + 9 * scale,
    width: right - left - 9 * scale,
    size: 4.4,
    weight: 700,
    most: 3,
  })
  page.y += 1.5 * scale
  return page
}

function footer(card: Card, top: number, paper: number, code: string | null): Shape[] {
  const right = paper - MARGIN
  const foot = new Column(top, 1)
  foot.rule(MARGIN, right)
  const style = { x: MARGIN, width: right - MARGIN - (code === null ? 0 : CODE + 2) }
  foot.text(
    'Lock out, prove dead and discharge before opening. The unit’s diagram, the motor’s tag, the maker’s instructions and local codes overrule this card. Checked by what conducts where; readings after start-up complete it.',
    { ...style, size: 2.6, most: code === null ? 3 : 5 },
  )
  foot.text(`Oak Switch · job ${card.job}`, { ...style, size: 2.4, most: 1 })
  if (code === null) return foot.shapes
  foot.text(
    'The code holds this hookup: “Read a card” takes it over into the next job, with no connection.',
    { ...style, size: 2.6, most: 2 },
  )
  return [...foot.shapes, { kind: 'code', x: right - CODE + 1.5, y: top + 3, size: CODE, text: code }]
}
