// A plate on a photo, made flat and even: its four corners become a rectangle, sun and shadow are taken off, letters end dark on light.
import { encode, getPerspectiveWarp, Image } from 'image-js'

/** A point on the picture, as shares of its sides, 0 to 1. */
export interface Share {
  readonly x: number
  readonly y: number
}
/** The plate's corners on the picture: upper left, upper right, lower right, lower left. */
export type Corners = readonly [Share, Share, Share, Share]

/** Pixels as a canvas gives them: red, green, blue, opacity. */
export interface Pixels {
  readonly width: number
  readonly height: number
  readonly data: Uint8ClampedArray
}

/** The longer side of the straightened picture, px: letters of a plate of ten lines are then some 40 px high. */
const LONGER_SIDE = 1500
const LEAST_SIDE = 64
/** Light is taken as the mean over a stretch of this share of the longer side. */
const LIGHT_SHARE = 1 / 24
const LIGHT_SCALE = 8

const round = (x: number) => Math.max(LEAST_SIDE, Math.round(x))
const distance = (a: Share, b: Share) => Math.hypot(a.x - b.x, a.y - b.y)

/** The rectangle that the corners become: its sides are the longer of the two opposite ones, in proportion. */
export function flatSize(
  corners: Corners,
  width: number,
  height: number,
  longerSide = LONGER_SIDE,
): { width: number; height: number } {
  const [a, b, c, d] = corners.map(({ x, y }) => ({ x: x * width, y: y * height })) as unknown as Corners
  const across = Math.max(distance(a, b), distance(d, c))
  const down = Math.max(distance(a, d), distance(b, c))
  const scale = longerSide / Math.max(across, down, 1)
  return { width: round(across * scale), height: round(down * scale) }
}

/** The photo without its colours: once, whatever is made of it. */
export const greyOf = (photo: Pixels): Image =>
  new Image(photo.width, photo.height, {
    data: new Uint8Array(photo.data.buffer, photo.data.byteOffset, photo.data.byteLength),
    colorModel: 'RGBA',
  }).grey()

/** Where the plate's top points on the photo: up, to the right, down, to the left. */
export type Top = 0 | 1 | 2 | 3
/** A plate as a hand set it on a photo. */
export interface SetPlate {
  readonly corners: Corners
  readonly top: Top
}
/** Degrees, clockwise, that bring each of them up. */
const BACK = { 1: 270, 2: 180, 3: 90 } as const

/** The plate alone, seen from straight before it, its top up. The library puts the corners in order itself, so it is turned afterwards. */
export function flatten(photo: Image, corners: Corners, top: Top = 0, longerSide = LONGER_SIDE): Image {
  const { width, height } = flatSize(corners, photo.width, photo.height, longerSide)
  const points = corners.map(({ x, y }) => ({ column: x * (photo.width - 1), row: y * (photo.height - 1) }))
  const { matrix } = getPerspectiveWarp(points, { width, height })
  const flat = photo.transform(matrix, {
    width,
    height,
    inverse: true,
    interpolationType: 'bilinear',
    borderType: 'replicate',
  })
  return top === 0 ? flat : flat.rotate(BACK[top])
}

/** Every place as bright as its surroundings are on the whole: a shadow's edge and a gradient of sun are gone, letters stay, dark on light. */
export function evened(flat: Image): Image {
  const dark = againstLight(flat)
  // Light letters on a dark plate stand out above their surroundings, dark ones below.
  return dark.lower >= dark.higher ? dark.picture : againstLight(flat.invert()).picture
}

/** Shares of the light around it by which a place counts as a letter's. */
const STANDS_OUT = 0.22

function againstLight(flat: Image) {
  const { width, height } = flat
  const small = flat.resize({
    width: round(width / LIGHT_SCALE),
    height: round(height / LIGHT_SCALE),
    interpolationType: 'bilinear',
  })
  const sigma = Math.max(1, (Math.max(width, height) * LIGHT_SHARE) / LIGHT_SCALE)
  const light = small.gaussianBlur({ sigma }).resize({ width, height, interpolationType: 'bilinear' })
  const picture = new Image(width, height, { colorModel: 'GREY' })
  const [from, by, to] = [flat.getRawImage().data, light.getRawImage().data, picture.getRawImage().data]
  let [lower, higher] = [0, 0]
  for (let i = 0; i < to.length; i++) {
    const share = (from[i] ?? 0) / Math.max(8, by[i] ?? 0)
    if (share < 1 - STANDS_OUT) lower += 1 - share
    if (share > 1 + STANDS_OUT) higher += share - 1
    to[i] = Math.min(255, 190 * share)
  }
  return { picture, lower, higher }
}

/** Dots and stamped edges flow into strokes. `radius`: px. */
export const softened = (picture: Image, radius: number): Image => picture.gaussianBlur({ sigma: radius })

/** As a PNG file. */
export const asPng = (picture: Image): Uint8Array => encode(picture, { format: 'png' })
