// A fold or a stain over one of a code's three corner squares hides the whole code from a decoder, which finds it by them. Here they are found as
// wholes, by their nested squares, damaged or not, and drawn anew: what is between them the decoder reads, and its error correction mends.
// Common practice (a template against the mean of areas by summed-area tables), no source.
import type { Image } from 'image-js'

/** A corner square: its centre and the side of one of the code's squares, px. */
interface Corner {
  readonly x: number
  readonly y: number
  readonly side: number
  /** How well it is one: 1 is as printed, 0 is nothing. */
  readonly score: number
}

/** Sides that are looked for, px: the smallest that a decoder tells apart, to a code as wide as the picture; each larger than the last by this. */
const [LEAST_SIDE, MOST_SIDE, LARGER] = [2.5, 22, 1.09]
/** Below this it is a chance pattern of the code; somewhat beside its middle a corner square is less like one. */
const [LEAST_SCORE, LEAST_ROUGHLY] = [0.45, 0.36]
/** A place is looked at closely where its dark middle stands out that much from the ring around it. */
const LEAST_MIDDLE = 0.15
/** The best of the picture that are tried as corners. */
const MOST_CORNERS = 10
/** Half the sides of the nested squares, in squares of the code: dark, light, dark, light. */
const HALVES = [1.5, 2.5, 3.5, 4.5] as const
/** The paper of an evened picture. */
const PAPER = 190

/** Darkness, 0 to 1 a pixel, of all that is above and left of a point. */
interface Sums {
  readonly sums: Float64Array
  readonly across: number
}

function darkSums(grey: Image): Sums {
  const { width, height } = grey
  const { data } = grey.getRawImage()
  const across = width + 1
  const sums = new Float64Array(across * (height + 1))
  for (let y = 0; y < height; y++) {
    let row = 0
    for (let x = 0; x < width; x++) {
      row += Math.max(0, 1 - (data[y * width + x] ?? 0) / PAPER)
      sums[(y + 1) * across + x + 1] = (sums[y * across + x + 1] ?? 0) + row
    }
  }
  return { sums, across }
}

/** How much the picture is a corner square there: each nested square against the ring around it. Nothing where its middle does not stand out. */
function scoreAt({ sums, across }: Sums, x: number, y: number, side: number): number {
  let inner = 0
  let area = 0
  let score = 0
  for (let i = 0; i < HALVES.length; i++) {
    const half = (HALVES[i] ?? 0) * side
    const left = Math.round(x - half)
    const right = Math.round(x + half)
    const up = Math.round(y - half) * across
    const down = Math.round(y + half) * across
    const all =
      (sums[down + right] ?? 0) - (sums[up + right] ?? 0) - (sums[down + left] ?? 0) + (sums[up + left] ?? 0)
    const whole = ((right - left) * (down - up)) / across
    const mean = (all - inner) / (whole - area)
    score += i % 2 === 0 ? mean : -mean
    if (i === 1 && score < LEAST_MIDDLE) return 0
    inner = all
    area = whole
  }
  return score / 2
}

/** Places are looked at so far apart, px: half a square of the code off, a corner square is still much like one. */
const stepOf = (side: number): number => Math.max(1, Math.floor(side / 2))

/** The places of a picture that are most like corner squares, the best first. */
export function cornersOn(grey: Image): readonly Corner[] {
  const sums = darkSums(grey)
  const found: Corner[] = []
  for (let side = LEAST_SIDE; side <= MOST_SIDE; side *= LARGER) {
    const edge = edgeOf(side)
    const step = stepOf(side)
    for (let y = edge; y < grey.height - edge; y += step)
      for (let x = edge; x < grey.width - edge; x += step) {
        const score = scoreAt(sums, x, y, side)
        if (score >= LEAST_ROUGHLY) found.push({ x, y, side, score })
      }
  }
  found.sort((a, b) => b.score - a.score)
  const best: Corner[] = []
  for (const one of found) {
    if (best.length === MOST_CORNERS) break
    if (best.every((b) => Math.hypot(b.x - one.x, b.y - one.y) > 4 * Math.max(b.side, one.side)))
      best.push(one)
  }
  return best
    .map((roughly) => closest(grey, sums, roughly))
    .filter(({ score }) => score >= LEAST_SCORE)
    .sort((a, b) => b.score - a.score)
}

/** A place is far enough from the picture's edge for all four squares. */
const edgeOf = (side: number): number => Math.ceil(4.5 * side) + 1

/** Where near a place, and how large, the corner square is best. */
function closest(grey: Image, sums: Sums, roughly: Corner): Corner {
  let best = roughly
  const reach = stepOf(roughly.side)
  for (const side of [roughly.side / LARGER, roughly.side, roughly.side * LARGER]) {
    const edge = edgeOf(side)
    for (let y = roughly.y - reach; y <= roughly.y + reach; y++)
      for (let x = roughly.x - reach; x <= roughly.x + reach; x++) {
        if (Math.min(x, y, grey.width - 1 - x, grey.height - 1 - y) < edge) continue
        const score = scoreAt(sums, x, y, side)
        if (score > best.score) best = { x, y, side, score }
      }
  }
  return best
}

/** The corners of one code: upper left, upper right, lower left, whichever way it is turned. */
type Three = readonly [Corner, Corner, Corner]

/** How far three may be from the corners of a square that is seen from straight before it: a card is tilted, and its squares are measured roughly. */
const [LEAST_SINE, MOST_UNEVEN, MOST_UNLIKE] = [0.94, 1.25, 1.35]
/** From centre to centre in the smallest code and the largest, in squares. */
const [LEAST_SPAN, MOST_SPAN] = [14, 170]
/** So many threes are tried. */
const MOST_THREES = 3

const ratio = (a: number, b: number): number => Math.max(a / b, b / a)

function areCorners([a, b, c]: Three): boolean {
  const [right, down] = [Math.hypot(b.x - a.x, b.y - a.y), Math.hypot(c.x - a.x, c.y - a.y)]
  // Positive in one order only: no code is seen as in a mirror.
  const sine = ((b.x - a.x) * (c.y - a.y) - (b.y - a.y) * (c.x - a.x)) / (right * down)
  return (
    sine >= LEAST_SINE &&
    ratio(right, down) <= MOST_UNEVEN &&
    ratio(a.side, b.side) <= MOST_UNLIKE &&
    ratio(a.side, c.side) <= MOST_UNLIKE &&
    Math.min(right, down) >= (LEAST_SPAN - 1) * a.side
  )
}

function threesOf(corners: readonly Corner[]): readonly Three[] {
  const scoreOf = (three: Three) => three.reduce((sum, { score }) => sum + score, 0)
  return corners
    .flatMap((a) => corners.flatMap((b) => corners.map((c): Three => [a, b, c])))
    .filter(([a, b, c]) => a !== b && a !== c && b !== c)
    .filter(areCorners)
    .sort((one, other) => scoreOf(other) - scoreOf(one))
    .slice(0, MOST_THREES)
}

/** Squares from centre to centre, the likeliest first: a code of version v has 10 + 4 v (ISO/IEC 18004: 17 + 4 v wide). */
function spansOf([a, b, c]: Three): readonly number[] {
  const side = (a.side + b.side + c.side) / 3
  const px = (Math.hypot(b.x - a.x, b.y - a.y) + Math.hypot(c.x - a.x, c.y - a.y)) / 2
  const version = Math.round((px / side - 10) / 4)
  return [0, -1, 1, -2, 2]
    .map((by) => 10 + 4 * (version + by))
    .filter((span) => span >= LEAST_SPAN && span <= MOST_SPAN)
}

/** The picture with a code's corner squares drawn as they were printed: for each code that they can be of, the likeliest first. */
export function* withCorners(grey: Image): Generator<Image> {
  for (const three of threesOf(cornersOn(grey)))
    for (const span of spansOf(three)) yield withDrawn(grey, three, span)
}

function withDrawn(grey: Image, [a, b, c]: Three, span: number): Image {
  const picture = grey.clone()
  const { data, width, height } = picture.getRawImage()
  // One square of the code to its right and down, px.
  const [rx, ry, dx, dy] = [(b.x - a.x) / span, (b.y - a.y) / span, (c.x - a.x) / span, (c.y - a.y) / span]
  const area = rx * dy - ry * dx
  const reach = Math.ceil(4.5 * (Math.hypot(rx, ry) + Math.hypot(dx, dy)))
  for (const corner of [a, b, c])
    for (let y = Math.max(0, corner.y - reach); y <= Math.min(height - 1, corner.y + reach); y++)
      for (let x = Math.max(0, corner.x - reach); x <= Math.min(width - 1, corner.x + reach); x++) {
        const [px, py] = [x - corner.x, y - corner.y]
        const far = Math.max(Math.abs((px * dy - py * dx) / area), Math.abs((py * rx - px * ry) / area))
        const ring = HALVES.findIndex((half) => far <= half)
        if (ring >= 0) data[y * width + x] = ring % 2 === 0 ? 0 : PAPER
      }
  return picture
}
