// How far a shape of the card reaches, mm, for the tests of what is inside and what lies over what.
import type { Shape } from '../shapes'

export interface Bounds {
  readonly left: number
  readonly right: number
  readonly top: number
  readonly bottom: number
}

const around = (points: readonly (readonly [number, number])[], edge: number): Bounds => ({
  left: Math.min(...points.map(([x]) => x)) - edge,
  right: Math.max(...points.map(([x]) => x)) + edge,
  top: Math.min(...points.map(([, y]) => y)) - edge,
  bottom: Math.max(...points.map(([, y]) => y)) + edge,
})

/** Letters are taken as half as wide as they are high; a way of a strip as what its points and their handles span. */
export function boundsOf(shape: Shape): Bounds {
  switch (shape.kind) {
    case 'line':
      return around(shape.points, 0)
    case 'wire':
      return around(shape.points, 1.5)
    case 'text': {
      const width = [...shape.text].length * shape.size * 0.5
      const left = shape.x - (shape.anchor === 'middle' ? width / 2 : shape.anchor === 'end' ? width : 0)
      return { left, right: left + width, top: shape.y - shape.size * 0.72, bottom: shape.y }
    }
    case 'round':
      return around([[shape.x, shape.y]], shape.r)
    case 'box':
      return {
        left: shape.x,
        right: shape.x + shape.across,
        top: shape.y,
        bottom: shape.y + shape.down,
      }
    case 'strip': {
      const numbers = (shape.d.match(/-?[\d.]+(?:e-?\d+)?/g) ?? []).map(Number)
      const points = Array.from(
        { length: numbers.length / 2 },
        (_, i) =>
          [
            shape.x + (numbers[2 * i] ?? NaN) * shape.scale,
            shape.y + (numbers[2 * i + 1] ?? NaN) * shape.scale,
          ] as const,
      )
      return around(points, shape.width / 2)
    }
    case 'code':
    case 'mark':
      return {
        left: shape.x,
        right: shape.x + shape.size,
        top: shape.y,
        bottom: shape.y + shape.size,
      }
  }
}

/** They share more than a hair of paper. */
export const overlap = (a: Bounds, b: Bounds): boolean =>
  Math.min(a.right, b.right) - Math.max(a.left, b.left) > 0.05 &&
  Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top) > 0.05
