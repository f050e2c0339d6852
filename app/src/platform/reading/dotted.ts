// Whether a plate's letters are pricked or printed in dots: to a reader of letters each dot is a speck, until the dots flow together.
import { fromMask, type Image } from 'image-js'

/** Specks that touch nothing are no dots, px of a picture whose longer side is 1000 px. */
const SPECK = 3
/** How large a dot is in such a picture: below is the grain of the photo, above are strokes, px. Found on generated plates. */
const DOT = { least: 40, most: 240 }
/**
 * Dots flow into letters: so many times fewer pieces are left when it is softened. Found on generated plates: nearly all in dots
 * 2.3 times and more, strokes 1 to 3 times, but of another size.
 */
const FEWER = 2.2
/** Dots become one letter at this, px. */
const FLOWS = 3
/** Grain is softened away first, px. */
const GRAIN = 0.5

/** `picture`: dark on light, its longer side 1000 px. */
export function isDotted(picture: Image): boolean {
  const sharp = piecesOf(picture, GRAIN)
  const usual = sharp[sharp.length >> 1] ?? 0
  return (
    usual >= DOT.least &&
    usual <= DOT.most &&
    sharp.length >= FEWER * Math.max(1, piecesOf(picture, FLOWS).length)
  )
}

/** Surfaces of the dark pieces that hang together, the smallest first, px. */
function piecesOf(picture: Image, sigma: number): number[] {
  const ink = picture.gaussianBlur({ sigma }).threshold({ algorithm: 'otsu' }).invert()
  return fromMask(ink)
    .getRois({ kind: 'white', minSurface: SPECK })
    .map(({ surface }) => surface)
    .sort((a, b) => a - b)
}
