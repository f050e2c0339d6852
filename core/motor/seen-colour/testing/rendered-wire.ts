// Wires as a camera sees them, made up: a round wire of an insulation that is not quite the drawn one, in one of five lights, with glint, shade, noise and a
// white piece of paper in the same light. The spot is what a pin takes: a square on the wire. Seeded.
import type { ColourCode, Insulation } from '../../colour'
import type { Rgb } from '../lab'

export interface Rendered {
  readonly insulation: Insulation
  readonly light: string
  readonly pixels: readonly Rgb[]
  readonly white: Rgb
}

/** Insulations as they come off a reel, by eye: hue in degrees, saturation and value, each with how much makers differ. Not the app's own paints. */
const DYES: Readonly<
  Record<Exclude<ColourCode, 'GNYE'>, readonly [h: number, s: number, v: number, dh: number, dv: number]>
> = {
  BK: [30, 0.12, 0.11, 30, 0.04],
  BN: [22, 0.66, 0.4, 5, 0.06],
  RD: [4, 0.86, 0.78, 4, 0.07],
  OG: [25, 0.86, 0.93, 4, 0.05],
  YE: [51, 0.86, 0.95, 4, 0.04],
  GN: [132, 0.66, 0.55, 12, 0.08],
  BU: [220, 0.78, 0.74, 8, 0.08],
  VT: [275, 0.6, 0.62, 8, 0.07],
  GY: [40, 0.04, 0.56, 40, 0.05],
  WH: [45, 0.04, 0.96, 20, 0.03],
  PK: [344, 0.36, 0.95, 6, 0.04],
}
/** What the light does to red, green and blue: noon, a grey sky, a bulb, a cool lamp, the shade of the unit. */
export const LIGHTS: Readonly<Record<string, Rgb>> = {
  noon: [1, 0.99, 0.96],
  'grey sky': [0.86, 0.93, 1],
  bulb: [1, 0.78, 0.52],
  'cool lamp': [0.85, 1, 0.93],
  shade: [0.5, 0.56, 0.64],
}

const toRgb = (h: number, s: number, v: number): Rgb => {
  const f = (n: number): number => {
    const k = (n + h / 60) % 6
    return v - v * s * Math.max(0, Math.min(k, 4 - k, 1))
  }
  return [f(5), f(3), f(1)]
}

export function renderedWire(draw: () => number): Rendered {
  const codes = Object.keys(DYES) as (keyof typeof DYES)[]
  const pick = <T>(list: readonly T[]): T => list[Math.floor(draw() * list.length)] as T
  const colour = pick(codes)
  const stripe = draw() < 0.35 ? pick(codes.filter((c) => c !== colour && areApart(c, colour))) : null
  const light = pick(Object.keys(LIGHTS))
  const tint = LIGHTS[light] ?? [1, 1, 1]
  const dye = (code: keyof typeof DYES): Rgb => {
    const [h, s, v, dh, dv] = DYES[code]
    const around = (by: number): number => (draw() * 2 - 1) * by
    return toRgb(
      (h + around(dh) + 360) % 360,
      Math.min(1, s * (1 + around(0.08))),
      Math.min(1, v + around(dv)),
    )
  }
  const base = dye(colour)
  const other = stripe && dye(stripe)
  const side = 15
  // The stripe runs along the wire, somewhere across its width.
  const [from, width] = [0.2 + draw() * 0.4, 0.16 + draw() * 0.12]
  const exposure = 0.8 + draw() * 0.18
  const encoded = (value: number): number => {
    const share = Math.max(0, Math.min(1, value))
    const curve = share <= 0.0031308 ? 12.92 * share : 1.055 * share ** (1 / 2.4) - 0.055
    return Math.round(255 * curve)
  }
  const decoded = (share: number): number =>
    share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4
  const shot = (surface: Rgb, shade: number, glint: number): Rgb =>
    surface.map((value, i) => {
      const noise = (draw() + draw() - 1) * 0.03
      return encoded((decoded(value) * shade + glint) * (tint[i] ?? 1) * exposure + noise * decoded(value))
    }) as unknown as Rgb
  const pixels: Rgb[] = []
  for (let y = 0; y < side; y++)
    for (let x = 0; x < side; x++) {
      // Across the wire, −0.7 to 0.7 of its radius; lit from above on one side.
      const u = -0.7 + (1.4 * y) / (side - 1)
      const shade = 0.45 + 0.55 * Math.max(0, Math.sqrt(1 - u * u) * 0.8 - u * 0.4)
      const glint = Math.abs(u + 0.35) < 0.06 ? 0.25 : 0
      const inStripe = other !== null && (u + 0.7) / 1.4 > from && (u + 0.7) / 1.4 < from + width
      pixels.push(shot(inStripe ? other : base, shade, glint))
    }
  // Paper is not quite white, and lies not quite as the wire does.
  const white = shot([0.93, 0.93, 0.91], 0.9 + draw() * 0.1, 0)
  return { insulation: { colour, stripe }, light, pixels, white }
}

/** A stripe that nobody could see is not made: white on pink, gray on white, brown on black. */
const FAINT: readonly string[] = [
  'WH PK',
  'GY WH',
  'BK BN',
  'OG YE',
  'OG RD',
  'BN RD',
  'BU VT',
  'GY PK',
  'BN OG',
  'PK RD',
]
const areApart = (a: string, b: string): boolean => !FAINT.includes([a, b].sort().join(' '))
