// The leads as a ladder: the motor left, every lead straight to its post, posts in the boxes of their parts, the words of each beside it.
import { insulationCode } from '../../../motor/colour'
import { PAINT, tracerOf } from '../../../motor/paint'
import type { CardRow } from '../card'
import { Column, lettersIn, LINE, wrap } from './column'
import type { DrawnEnd } from './hookup-drawing'
import type { Drawn, Frame } from './frame'
import type { Shape } from './shapes'

/** Of the plain card, mm. */
const MOTOR = 8
const POST = 46
const ROLE_SIZE = 3.4
const LABEL_SIZE = 3
const PART_SIZE = 2.8
/** From a wire down to the next row. */
const BELOW = 3.4
const LEAST_ROW = 9

interface Row {
  readonly row: CardRow
  readonly end: DrawnEnd
}

/** Leads of one part beside one another, in the order in which parts come; what is on no post comes last. */
export function inParts(rows: readonly Row[]): Row[][] {
  const partOf = ({ end }: Row): string => (end.kind === 'post' ? end.part : '')
  const parts = [...new Set(rows.map(partOf))].sort((a, b) => Number(a === '') - Number(b === ''))
  return parts.map((part) => {
    const own = rows.filter((row) => partOf(row) === part)
    const posts = [...new Set(own.map(postOf))]
    return posts.flatMap((post) => own.filter((row) => postOf(row) === post))
  })
}
const postOf = ({ end }: Row): string => (end.kind === 'post' ? end.post : '')

/** The ladder from `top` down, `scale` times the plain card's size. */
export function drawLeads(rows: readonly Row[], frame: Frame, top: number): Drawn {
  const { scale, left } = frame
  const shapes: Shape[] = []
  let y = top + 1.5 * scale
  const first = y
  for (const part of inParts(rows)) {
    const drawn = drawPart(part, frame, y)
    shapes.push(...drawn.shapes)
    y = drawn.y + 1.6 * scale
  }
  const motor: Shape[] = [
    {
      kind: 'box',
      x: left,
      y: first,
      across: MOTOR,
      down: Math.max(1, y - first - 1.6 * scale),
      corner: 2,
      width: 0.5,
      fill: 'none',
    },
    {
      kind: 'text',
      x: left + MOTOR / 2,
      y: (first + y) / 2 + 1.2 * scale,
      size: 5 * scale,
      weight: 700,
      text: 'M',
      anchor: 'middle',
    },
  ]
  return { shapes: [...motor, ...shapes], y }
}

function drawPart(rows: readonly Row[], frame: Frame, top: number): Drawn {
  const { scale, left, picture } = frame
  const shapes: Shape[] = []
  const boxLeft = left + POST - 3
  const across = left + picture - boxLeft
  const end = rows[0]?.end
  let y = top
  if (end?.kind === 'post') {
    y += PART_SIZE * scale * LINE
    const [name = ''] = wrap(end.partName, lettersIn(across, PART_SIZE * scale), 1)
    shapes.push({ kind: 'text', x: boxLeft, y: y - 0.4, size: PART_SIZE * scale, weight: 400, text: name })
  }
  const boxTop = y + 0.6
  const ends: { readonly post: string; readonly y: number }[] = []
  for (const row of rows) {
    const drawn = drawRow(row, frame, y)
    const isSame = ends.at(-1)?.post === postOf(row) && row.end.kind === 'post'
    shapes.push(...drawn.shapes, ...(isSame ? [] : labelOf(row.end, frame, drawn.wire)))
    ends.push({ post: postOf(row), y: drawn.wire })
    y = drawn.y
  }
  if (end?.kind === 'post') {
    // Two leads on one post: one piece of metal.
    const bars = ends
      .slice(1)
      .flatMap((at, i): Shape[] => (ends[i]?.post === at.post ? [bar(left + POST, ends[i].y, at.y)] : []))
    shapes.unshift(
      { kind: 'box', x: boxLeft, y: boxTop, across, down: y - boxTop, corner: 1.2, width: 0.4, fill: 'none' },
      ...bars,
    )
  }
  return { shapes, y: y + (end?.kind === 'post' ? 0.6 : 0) }
}

const bar = (x: number, from: number, to: number): Shape => ({
  kind: 'line',
  points: [
    [x, from],
    [x, to],
  ],
  width: 1.6,
})

function drawRow({ row, end }: Row, frame: Frame, top: number): Drawn & { readonly wire: number } {
  const { scale, left, words, right } = frame
  const name = new Column(top, scale)
  name.text(`${insulationCode(row.insulation)} ${row.role}`, {
    x: left + MOTOR + 2,
    width: POST - MOTOR - 5,
    size: ROLE_SIZE,
    weight: 700,
    most: 2,
  })
  const wire = name.y + 2.6 * scale
  const list = new Column(top + 0.4 * scale, scale)
  const place = { x: words, width: right - words }
  list.text(`→ ${row.goes}${row.moved ? ' (moved by the technician)' : ''}`, {
    ...place,
    size: 3.6,
    weight: 700,
    most: 3,
  })
  if (row.was) list.text(`old wire: ${row.was}`, { ...place, size: 3, most: 2 })
  const { colour, stripe } = row.insulation
  const x = left + POST
  const shapes: Shape[] = [
    ...name.shapes,
    ...list.shapes,
    {
      kind: 'wire',
      points: [
        [left + MOTOR, wire],
        [end.kind === 'post' ? x - 1.6 * scale : x - 5, wire],
      ],
      paint: PAINT[colour],
      tracer: tracerOf(colour, stripe),
    },
    ...(end.kind === 'post'
      ? [
          {
            kind: 'round' as const,
            x,
            y: wire,
            r: 1.7 * scale,
            width: 0.6,
            fill: 'paper' as const,
          },
        ]
      : end.kind === 'insulated'
        ? cap(x - 5, wire, scale)
        : []),
  ]
  return { shapes, wire, y: Math.max(wire + BELOW * scale, list.y + 0.8 * scale, top + LEAST_ROW * scale) }
}

/** Capped by itself: a closed end over the wire's. */
const cap = (x: number, y: number, scale: number): Shape[] => [
  {
    kind: 'box',
    x: x - 1,
    y: y - 2.2 * scale,
    across: 5.5 * scale,
    down: 4.4 * scale,
    corner: 1.6 * scale,
    width: 0.5,
    fill: 'ink',
  },
]

function labelOf(end: DrawnEnd, { scale, left, picture }: Frame, wire: number): Shape[] {
  if (end.kind !== 'post') return []
  const x = left + POST + 2.6 * scale
  const size = LABEL_SIZE * scale
  const lines = wrap(end.label, lettersIn(left + picture - 1 - x, size), 2)
  const first = wire + size * 0.36 - ((lines.length - 1) * size * LINE) / 2
  return lines.map((text, i): Shape => ({
    kind: 'text',
    x,
    y: first + i * size * LINE,
    size,
    weight: 700,
    text,
  }))
}
