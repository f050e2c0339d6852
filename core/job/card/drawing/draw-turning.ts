// What is set on the motor: which way the shaft turns from the end that is named, and which of its leads are joined or left open.
import { insulationCode, type Insulation } from '../../../motor/colour'
import { PAINT, tracerOf } from '../../../motor/paint'
import { VIEW_NAMES } from '../../../rotation/view'
import type { Drawn, Frame } from './frame'
import type { DrawnJoin, HookupDrawing } from './hookup-drawing'
import type { At, Shape } from './shapes'

/** Of the plain card, mm. */
const RADIUS = 8
const JOIN = 6.6
const LETTERS = 3
/** Where the arrow begins and ends, degrees clockwise from the top. */
const ARC = { from: -120, to: 120 }
const STEPS = 24

/** Shaft and joins from `top` down. */
export function drawTurning(
  { turning, joins }: Pick<HookupDrawing, 'turning' | 'joins'>,
  { left, picture, scale }: Frame,
  top: number,
): Drawn {
  const middle: At = [left + 12.5 * scale, top + (RADIUS + 2.5) * scale]
  const said = top + (2 * RADIUS + 5) * scale
  const from = left + 27 * scale
  const size = LETTERS * scale
  const words = [
    turning.direction === 'CW' ? 'clockwise' : 'counter-clockwise',
    `from the ${VIEW_NAMES[turning.seenFrom]}`,
  ]
  return {
    shapes: [
      ...shaft(middle, turning.direction === 'CW' ? 1 : -1, scale),
      ...words.map((text, i): Shape => ({
        kind: 'text',
        x: middle[0],
        y: said + i * size * 1.2,
        size: size * 0.9,
        weight: i === 0 ? 700 : 400,
        text,
        anchor: 'middle',
      })),
      ...joins.flatMap((join, i) =>
        drawJoin(join, [from, top + (4 + i * JOIN) * scale], left + picture - from, scale),
      ),
    ],
    y: Math.max(said + size * 1.6, top + (4 + joins.length * JOIN) * scale),
  }
}

function shaft([x, y]: At, way: 1 | -1, scale: number): Shape[] {
  const at = (degrees: number, r: number): At => {
    const angle = ((way * degrees - 90) * Math.PI) / 180
    return [x + r * scale * Math.cos(angle), y + r * scale * Math.sin(angle)]
  }
  const points = Array.from({ length: STEPS + 1 }, (_, i) =>
    at(ARC.from + ((ARC.to - ARC.from) * i) / STEPS, RADIUS),
  )
  const width = 0.9 * scale
  return [
    { kind: 'round', x, y, r: 5.4 * scale, width: 0.4, fill: 'none' },
    { kind: 'round', x, y, r: 2 * scale, width: 0.4, fill: 'ink' },
    { kind: 'line', points, width },
    {
      kind: 'line',
      points: [at(ARC.to - 20, RADIUS - 2.4), at(ARC.to, RADIUS), at(ARC.to - 20, RADIUS + 2.2)],
      width,
    },
  ]
}

/** Two leads in one joint, their letters at both ends; one that is left open ends in a cap. */
function drawJoin({ from, to }: DrawnJoin, [x, y]: At, across: number, scale: number): Shape[] {
  const room = 10.5 * scale
  const [a, b] = [x + room, x + across - room]
  const middle = (a + b) / 2
  const text = (insulation: Insulation, at: number, anchor?: 'end'): Shape => ({
    kind: 'text',
    x: at,
    y: y + LETTERS * scale * 0.36,
    size: LETTERS * scale,
    weight: 700,
    text: insulationCode(insulation),
    ...(anchor ? { anchor } : {}),
  })
  const half = 1.8 * scale
  return [
    text(from, a - 2.4 * scale, 'end'),
    wire(from, [a, y], [middle, y]),
    ...(to ? [wire(to, [middle, y], [b, y]), text(to, b + 2.4 * scale)] : []),
    {
      kind: 'box',
      x: middle - half,
      y: y - 2 * scale,
      across: 2 * half,
      down: 4 * scale,
      corner: 1,
      width: 0.4,
      fill: 'ink',
    },
  ]
}

const wire = ({ colour, stripe }: Insulation, from: At, to: At): Shape => ({
  kind: 'wire',
  points: [from, to],
  paint: PAINT[colour],
  tracer: tracerOf(colour, stripe),
})
