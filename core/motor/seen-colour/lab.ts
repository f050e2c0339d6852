// Colours of a picture as the eye tells them apart: L* lightness 0 to 100, a* green to red, b* blue to yellow.

/** Red, green and blue of a picture, 0 to 255 each (sRGB). */
export type Rgb = readonly [number, number, number]
/** CIE L*a*b* under the light that the white is seen in. */
export type Lab = readonly [number, number, number]

/** IEC 61966-2-1 (from memory): what the picture's figures mean as light, 0 to 1. */
const linear = (value: number): number => {
  const share = value / 255
  return share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4
}
/** CIE 1976 (from memory). */
const eased = (t: number): number => (t > 216 / 24389 ? Math.cbrt(t) : (t * 24389) / 27 / 116 + 16 / 116)

/** The least that a channel of the white is taken for: a black "white" would make anything white. */
const LEAST_WHITE = 0.02

/**
 * The colour as it would look in white light: each channel over that of something white in the same light (von Kries, textbook; sRGB
 * primaries and D65, from memory), then L*a*b*.
 */
export function labUnder(colour: Rgb, white: Rgb): Lab {
  const [r = 0, g = 0, b = 0] = colour.map((value, i) =>
    Math.min(1.2, linear(value) / Math.max(LEAST_WHITE, linear(white[i] ?? 255))),
  )
  const x = eased((0.4124 * r + 0.3576 * g + 0.1805 * b) / 0.9505)
  const y = eased(0.2126 * r + 0.7152 * g + 0.0722 * b)
  const z = eased((0.0193 * r + 0.1192 * g + 0.9505 * b) / 1.089)
  return [116 * y - 16, 500 * (x - y), 200 * (y - z)]
}
