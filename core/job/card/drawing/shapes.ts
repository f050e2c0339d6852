// What a card is drawn with: plain shapes in millimetres from its upper left corner. Screen, SVG and PDF draw the same ones.

/** A point, mm. */
export type At = readonly [x: number, y: number]
/** What a closed shape is filled with: nothing, the ink, or the paper's white. */
export type Fill = 'none' | 'ink' | 'paper'

/** A shape of the card, in mm from its upper left corner. */
export type Shape =
  | {
      readonly kind: 'text'
      readonly x: number
      readonly y: number
      readonly size: number
      readonly weight: 400 | 700
      readonly text: string
      /** Where `x` is; at its start when not stated. */
      readonly anchor?: 'middle' | 'end'
      /** White, on something dark. */
      readonly onInk?: boolean
    }
  | {
      readonly kind: 'line'
      readonly points: readonly At[]
      readonly width: number
      readonly broken?: boolean
    }
  | {
      readonly kind: 'wire'
      readonly points: readonly At[]
      readonly paint: string
      readonly tracer: string | null
    }
  | {
      readonly kind: 'round'
      readonly x: number
      readonly y: number
      readonly r: number
      readonly width: number
      readonly fill: Fill
      readonly broken?: boolean
    }
  | {
      readonly kind: 'box'
      readonly x: number
      readonly y: number
      readonly across: number
      readonly down: number
      readonly corner: number
      readonly width: number
      readonly fill: Fill
    }
  | {
      /** A metal strip along a path of its own units, `scale` mm each, from (`x`, `y`). */
      readonly kind: 'strip'
      readonly x: number
      readonly y: number
      readonly scale: number
      readonly d: string
      readonly width: number
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

/** To a hundredth of a millimetre. */
export const round = (value: number): number => Math.round(value * 100) / 100
/** Points as the path of an SVG. */
export const pathOf = (points: readonly At[]): string =>
  points.map(([x, y], i) => `${i === 0 ? 'M' : 'L'}${round(x)} ${round(y)}`).join('')

/** The lowest point of a shape, mm; of a strip only where it begins. */
export function bottomOf(shape: Shape): number {
  switch (shape.kind) {
    case 'line':
    case 'wire':
      return Math.max(...shape.points.map(([, y]) => y))
    case 'round':
      return shape.y + shape.r
    case 'box':
      return shape.y + shape.down
    case 'mark':
    case 'code':
      return shape.y + shape.size
    case 'text':
    case 'strip':
      return shape.y
  }
}
