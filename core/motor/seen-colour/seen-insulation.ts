// Which insulation a spot of a picture may be: the nearest colours under the light of that picture, with a stripe where there is one.
// A picture is a hint: light, dirt and age change it. Nothing is chosen by it.
import { at } from '../../quantity/at'
import { COLOUR_CODES, insulationCode, type ColourCode, type Insulation } from '../colour'
import { PAINT } from '../paint'
import { labUnder, type Lab, type Rgb } from './lab'

/** A colour that the spot may be, the likeliest first. */
export interface SeenInsulation {
  readonly insulation: Insulation
  /** How far it is from what was seen, in L*a*b*; 0 is the same. */
  readonly distance: number
}

/** At most so many are proposed. */
const MOST = 3
/** One this much further than the first is not proposed. Our judgement. */
const FAR = 26
/** Lightness tells less than colour: a wire is round. Our judgement. */
const LIGHTNESS = 0.6
/** A second colour must take this share of the spot to be a stripe, and this for sure: less may be the glint of a round wire. Our judgement. */
const STRIPE_SHARE = 0.06
const SURE_SHARE = 0.15
/** And be this far from the first in hue, or in lightness where both have none. Our judgement. */
const HUE_APART = 24
const LIGHT_APART = 34
/** From this share on, which of two is the stripe is not told. */
const EITHER_SHARE = 0.36
const ROUNDS = 8
/** Green-yellow is a green with a yellow stripe, and told as such. */
const PLAIN = COLOUR_CODES.filter((code) => code !== 'GNYE')

const rgbOf = (hex: string): Rgb => [1, 3, 5].map((i) => parseInt(hex.slice(i, i + 2), 16)) as unknown as Rgb
const DAY: Rgb = [255, 255, 255]
const REFERENCES: readonly (readonly [ColourCode, Lab])[] = PLAIN.map((code) => [
  code,
  labUnder(rgbOf(PAINT[code]), DAY),
])

const apart = (a: Lab, b: Lab): number => Math.hypot(LIGHTNESS * (a[0] - b[0]), a[1] - b[1], a[2] - b[2])

/**
 * The insulations that a spot may be, nearest first, at most three. `pixels`: of the spot, five at least; `white`: something white in the same
 * light. Empty: too few pixels.
 */
export function seenInsulation(pixels: readonly Rgb[], white: Rgb): SeenInsulation[] {
  if (pixels.length < 5) return []
  const { base, stripe, share } = split(pixels.map((pixel) => labUnder(pixel, white)))
  const bases = nearest(base)
  const plain = bases.map(([colour, distance]): SeenInsulation => ({
    insulation: { colour, stripe: null },
    distance,
  }))
  if (!stripe) return near(plain)
  const stripes = nearest(stripe)
  const both = (from: typeof bases, to: typeof stripes): SeenInsulation[] =>
    from.slice(0, MOST).flatMap(([colour, d]) =>
      to
        .slice(0, MOST)
        .filter(([code]) => code !== colour)
        .map(([code, e]): SeenInsulation => ({
          insulation: { colour, stripe: code },
          distance: d + e / 2,
        })),
    )
  const striped = near(both(bases, stripes))
  if (share < SURE_SHARE) return doubtful(near(plain), striped)
  const [turned] = share >= EITHER_SHARE ? near(both(stripes, bases)) : []
  return turned ? [...striped.slice(0, MOST - 1), turned] : striped
}

/** A thin line of another colour may be a stripe or a glint: the plain colour first, then what it would be with the stripe. */
const doubtful = (plain: readonly SeenInsulation[], striped: readonly SeenInsulation[]): SeenInsulation[] =>
  [...plain.slice(0, 1), ...striped.slice(0, 1), ...plain.slice(1, 2)].slice(0, MOST)

const nearest = (seen: Lab): (readonly [ColourCode, number])[] =>
  REFERENCES.map(([code, lab]) => [code, apart(seen, lab)] as const).sort((a, b) => a[1] - b[1])

function near(list: readonly SeenInsulation[]): SeenInsulation[] {
  const sorted = [...list].sort((a, b) => a.distance - b.distance)
  const first = sorted[0]?.distance ?? 0
  return sorted
    .filter(({ distance }) => distance <= first + FAR)
    .slice(0, MOST)
    .map((one) => ({ ...one, distance: Math.round(one.distance * 10) / 10 }))
}

interface Split {
  readonly base: Lab
  /** null: there is one colour only. */
  readonly stripe: Lab | null
  /** Of the stripe. */
  readonly share: number
}

/** The spot's two colours by two means (k-means, textbook), or its one where the second is small, or only its shade. */
function split(labs: readonly Lab[]): Split {
  const middle = lightHalf(labs)
  // The beginning: the spot's middle colour, and the colour furthest from it by its hue.
  const from = middle
  const to = labs.reduce((far, lab) => (hueApart(lab, from) > hueApart(far, from) ? lab : far), at(labs, 0))
  let [one, two]: [Lab, Lab] = [from, to]
  let parts: [Lab[], Lab[]] = [[...labs], []]
  for (let i = 0; i < ROUNDS; i++) {
    parts = [[], []]
    for (const lab of labs) parts[hueApart(lab, one) <= hueApart(lab, two) ? 0 : 1].push(lab)
    if (parts[0].length === 0 || parts[1].length === 0) break
    one = lightHalf(parts[0])
    two = lightHalf(parts[1])
  }
  const [large, small] = parts[0].length >= parts[1].length ? parts : [parts[1], parts[0]]
  const share = small.length / labs.length
  const [base, stripe] = [lightHalf(large), lightHalf(small)]
  return share < STRIPE_SHARE || !areTwo(base, stripe)
    ? { base: middle, stripe: null, share: 0 }
    : { base, stripe, share }
}

/** Shade takes (L* + 16), a* and b* down alike (derived: all three go with the cube root of the light), so their ratio is the dye's own. */
const dyeOf = ([l, a, b]: Lab): readonly [number, number] => [(100 * a) / (l + 16), (100 * b) / (l + 16)]
const dyeApart = (one: Lab, two: Lab): number => {
  const [[a, b], [c, d]] = [dyeOf(one), dyeOf(two)]
  return Math.hypot(a - c, b - d)
}
const hueApart = (one: Lab, two: Lab): number => Math.hypot(dyeApart(one, two), 0.35 * (one[0] - two[0]))
const areTwo = (one: Lab, two: Lab): boolean =>
  dyeApart(one, two) > HUE_APART || Math.abs(one[0] - two[0]) > LIGHT_APART

/** What a round wire looks like where the light falls on it, without its glint: between the middle and the ninth tenth of lightness. */
function lightHalf(labs: readonly Lab[]): Lab {
  const sorted = [...labs].sort((a, b) => a[0] - b[0])
  const lit = sorted.slice(Math.floor(sorted.length * 0.45), Math.max(1, Math.ceil(sorted.length * 0.88)))
  const of = lit.length > 0 ? lit : sorted
  const mean = (i: 0 | 1 | 2): number => of.reduce((sum, lab) => sum + lab[i], 0) / of.length
  return [mean(0), mean(1), mean(2)]
}

/** "BN/WH": for comparing. */
export const seenCodes = (list: readonly SeenInsulation[]): string[] =>
  list.map(({ insulation }) => insulationCode(insulation))
