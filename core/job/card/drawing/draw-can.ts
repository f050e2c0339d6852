// The can from the top on paper: rim, posts with their values, jumpers, and every wire that comes to a post, with its letters.
import { figure } from '../../../quantity/display'
import type { CaseSpot, SectionSpot } from '../../../capacitor/top/can-layout'
import type { Spot } from '../../../capacitor/top/seats'
import { PAINT, tracerOf } from '../../../motor/paint'
import { waysOf, type CanWays, type Entry } from './can-ways'
import { lettersIn, LINE, wrap } from './column'
import type { Drawn, Frame } from './frame'
import type { CanWire, DrawnCan } from './hookup-drawing'
import type { At, Shape } from './shapes'

/** Letters as near to the middle as this, of the radius, stand in the middle over their wire. */
const MIDDLE = 0.12

/** The can's own units a mm, on the plain card: a multi-tap is 40 mm wide. */
const PX = 40 / 292
/** Beside the can, for the letters of what comes to it, mm on the plain card. */
const BESIDE = 12
const LETTERS = 3.2
interface Pen {
  readonly at: (spot: { readonly x: number; readonly y: number }) => At
  readonly mm: number
  readonly scale: number
}

/** The can as a drawing of any size. */
export type CanDrawer = (frame: Frame, top: number) => Drawn

/** Draws the can's picture from `top` down, as often as it is asked. */
export function canDrawer(can: DrawnCan): CanDrawer {
  const ways = waysOf(can)
  return (frame, top) => drawCan(can, ways, frame, top)
}

function drawCan(
  can: DrawnCan,
  { layout, strips, entries }: CanWays,
  { left, picture, scale }: Frame,
  top: number,
): Drawn {
  const mm = Math.min(PX * scale, (picture - 2 * BESIDE * scale) / layout.width)
  const origin = {
    x: left + picture / 2 - (layout.width * mm) / 2,
    y: top + 2 * scale,
  }
  const pen: Pen = { at: ({ x, y }) => [origin.x + x * mm, origin.y + y * mm], mm, scale }
  const strip = (d: string): Shape => ({
    kind: 'strip',
    x: origin.x,
    y: origin.y,
    scale: mm,
    d,
    width: 1.1 * scale,
  })
  const ties = layout.cases.length - 1
  return {
    shapes: [
      ...layout.cases.flatMap((at) => rim(at, pen)),
      ...strips.slice(0, ties).map(strip),
      ...entries.flatMap((entry) => drawWire(entry, pen)),
      ...strips.slice(ties).map(strip),
      ...layout.cases.flatMap((at) => at.sections.flatMap((spot) => post(spot, can, pen))),
      ...layout.cases.flatMap((at) => [...cPost(at.c, pen), ...(at.guarded ? guarded(at.guarded, pen) : [])]),
      ...(can.cases.length > 1 ? layout.cases.flatMap((at) => nameOf(at, pen)) : []),
    ],
    y: origin.y + layout.height * mm + 3 * scale,
  }
}

/** One that stays is drawn broken, for it is not the new one. */
const rim = (case_: CaseSpot, { at, mm }: Pen): Shape[] => {
  const [x, y] = at(case_)
  return [{ kind: 'round', x, y, r: case_.r * mm, width: 0.5, fill: 'none', broken: case_.stays !== null }]
}

function nameOf(case_: CaseSpot, { at, scale }: Pen): Shape[] {
  const [x, y] = at({ x: case_.x, y: case_.y + case_.r + 15 })
  const size = 2.4 * scale
  const [text = ''] = wrap(`${case_.name}${case_.stays ? ' (stays)' : ''}`, lettersIn(30 * scale, size), 1)
  return [{ kind: 'text', x, y, size, weight: 400, text, anchor: 'middle' }]
}

function drawWire({ wire, case_, spot, from }: Entry, pen: Pen): Shape[] {
  const points = [pen.at(from), pen.at(spot)]
  const line: Shape = wire.insulation
    ? {
        kind: 'wire',
        points,
        paint: PAINT[wire.insulation.colour],
        tracer: tracerOf(wire.insulation.colour, wire.insulation.stripe),
      }
    : { kind: 'line', points, width: 0.7 }
  return [line, ...letters(wire, from, case_, pen)]
}

/** Outside the rim, where the wire comes from, set away from the can: its letters, and below them the load that it feeds. */
function letters(
  { words, load }: CanWire,
  from: { readonly x: number; readonly y: number },
  case_: CaseSpot,
  { at, scale }: Pen,
): Shape[] {
  const [x, y] = at(from)
  const [aside, down] = [(from.x - case_.x) / case_.r, (from.y - case_.y) / case_.r]
  const isBeside = Math.abs(aside) > 0.35
  const lines = [
    { text: words, size: LETTERS * scale, weight: 700 as const },
    ...(load === null ? [] : [{ text: load, size: LETTERS * 0.8 * scale, weight: 400 as const }]),
  ]
  const height = lines.reduce((sum, { size }) => sum + size * LINE, 0)
  const top = isBeside ? y - height / 2 : down > 0 ? y + 1.4 * scale : y - 1.8 * scale - height
  return lines.map(({ text, size, weight }, i): Shape => ({
    kind: 'text',
    x: x + (isBeside ? Math.sign(aside) * 2.4 * scale : 0),
    y: top + (i === 0 ? size : height - size * 0.28),
    size,
    weight,
    text: wrap(text, lettersIn(BESIDE * scale * 1.1, size), 1)[0] ?? '',
    ...(Math.abs(aside) < MIDDLE
      ? { anchor: 'middle' as const }
      : aside < 0
        ? { anchor: 'end' as const }
        : {}),
  }))
}

function post(spot: SectionSpot, { serves, dead }: DrawnCan, { at, mm, scale }: Pen): Shape[] {
  const { section, r } = spot
  const [x, y] = at(spot)
  const isUsed = serves.has(section.id)
  const value = figure(section.marked ?? section.microfarads)
  const size = Math.min(3.6 * scale, (2 * r * mm) / (0.58 * Math.max(2, value.length)))
  const across = r * mm * 0.75
  return [
    {
      kind: 'round',
      x,
      y,
      r: r * mm,
      width: 0.4,
      fill: isUsed ? 'ink' : 'paper',
      broken: !isUsed,
    },
    {
      kind: 'text',
      x,
      y: y + size * 0.36,
      size,
      weight: 700,
      text: value,
      anchor: 'middle',
      ...(isUsed ? { onInk: true } : {}),
    },
    ...(dead.has(section.id)
      ? [-1, 1].map((way): Shape => ({
          kind: 'line',
          points: [
            [x - across, y - way * across],
            [x + across, y + way * across],
          ],
          width: 0.8,
        }))
      : []),
  ]
}

function cPost(c: Spot, { at, mm, scale }: Pen): Shape[] {
  const [x, y] = at(c)
  const size = Math.min(4.2 * scale, c.r * mm * 1.3)
  return [
    { kind: 'round', x, y, r: c.r * mm, width: 0.8, fill: 'paper' },
    { kind: 'text', x, y: y + size * 0.36, size, weight: 700, text: 'C', anchor: 'middle' },
  ]
}

/** The protected start terminal: square, for it is no section. */
function guarded(spot: Spot, { at, mm }: Pen): Shape[] {
  const [x, y] = at(spot)
  const r = spot.r * mm
  return [
    {
      kind: 'box',
      x: x - r,
      y: y - r,
      across: 2 * r,
      down: 2 * r,
      corner: 0.4,
      width: 0.4,
      fill: 'paper',
    },
  ]
}
