// The looks at a plate that the reader of letters is given, from the one that tells most to those for what is still open after it.
import type { Image } from 'image-js'
import { isDotted } from './dotted'
import { asPng, evened, flatten, greyOf, softened, type Corners, type Pixels, type Top } from './straighten'

/** How the letters are laid out: lines of one block, or words anywhere. */
export type Layout = 'block' | 'sparse'

interface LookAt {
  /** The picture's longer side, px. */
  readonly side: number
  /** By how much it is softened, px: dots and stamped edges flow together. */
  readonly soft: number
  readonly layout: Layout
  /** Ink is told from ground place by place, not by one shade for all. */
  readonly uneven?: true
}

/** What tells most of any plate. */
const FIRST: readonly LookAt[] = [
  { side: 1000, soft: 1.7, layout: 'sparse' },
  { side: 1000, soft: 1.7, layout: 'block' },
]
const UNEVEN: LookAt = { side: 1000, soft: 1.7, layout: 'block', uneven: true }
const SMALL: LookAt = { side: 700, soft: 1, layout: 'block' }
const SOFT: LookAt = { side: 1000, soft: 3, layout: 'block' }
/** Found on generated plates (npm run bench:plates). */
export const LOOKS: readonly LookAt[] = [
  ...FIRST,
  { side: 1500, soft: 0, layout: 'sparse' },
  { side: 1000, soft: 0, layout: 'block' },
  UNEVEN,
  { side: 1500, soft: 2.5, layout: 'block' },
  SMALL,
  SOFT,
]
/** Of letters in dots: a sharp picture of them tells nothing, and is taken for words all the same. As many as of others. */
const LOOKS_AT_DOTS: readonly LookAt[] = [
  ...FIRST,
  SOFT,
  { side: 1000, soft: 3.8, layout: 'block' },
  { side: 1000, soft: 2.4, layout: 'block' },
  { side: 1200, soft: 3.2, layout: 'block' },
  UNEVEN,
  SMALL,
]
/** The longer side of the picture in which dots are looked for, px. */
const DOTS_SIDE = 1000
/** So many are always taken. */
export const FIRST_LOOKS = 4

export interface Look {
  readonly png: Uint8Array
  readonly layout: Layout
  /** The longer side of the picture, px. */
  readonly side: number
  readonly uneven: boolean
}

/** One plate: its straightened picture at any size, and the looks at it, each made when it is asked for. */
export function plateOn(photo: Pixels, corners: Corners, top: Top) {
  const grey = greyOf(photo)
  const even = new Map<number, Image>()
  const flatAt = (side: number): Image => flatten(grey, corners, top, side)
  const evenAt = (side: number): Image => {
    const made = even.get(side) ?? evened(flatAt(side))
    even.set(side, made)
    return made
  }
  let looks: readonly LookAt[] | null = null
  const look = (index: number): Look | null => {
    looks ??= isDotted(evenAt(DOTS_SIDE)) ? LOOKS_AT_DOTS : LOOKS
    const at = looks[index]
    if (!at) return null
    const picture = evenAt(at.side)
    return {
      png: asPng(at.soft > 0 ? softened(picture, at.soft) : picture),
      layout: at.layout,
      side: Math.max(picture.width, picture.height),
      uneven: at.uneven === true,
    }
  }
  return { flatAt, look }
}
