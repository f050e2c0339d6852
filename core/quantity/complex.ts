// Complex numbers as plain pairs: phasors are RMS with the real axis along line 1's voltage.

/** A complex number: impedance in ohms, or an RMS phasor in V or A. */
export interface Complex {
  readonly re: number
  readonly im: number
}

export const ZERO: Complex = { re: 0, im: 0 }
/** re + j im. */
export const complex = (re: number, im = 0): Complex => ({ re, im })
/** a + b. */
export const plus = (a: Complex, b: Complex): Complex => ({ re: a.re + b.re, im: a.im + b.im })
/** a - b. */
export const minus = (a: Complex, b: Complex): Complex => ({ re: a.re - b.re, im: a.im - b.im })
/** a b. */
export const times = (a: Complex, b: Complex): Complex => ({
  re: a.re * b.re - a.im * b.im,
  im: a.re * b.im + a.im * b.re,
})
/** k a, for a real k. */
export const scaled = (a: Complex, k: number): Complex => ({ re: a.re * k, im: a.im * k })
/** a / b; both parts NaN when b is 0. */
export function over(a: Complex, b: Complex): Complex {
  const d = b.re * b.re + b.im * b.im
  return { re: (a.re * b.re + a.im * b.im) / d, im: (a.im * b.re - a.re * b.im) / d }
}
/** The absolute value. */
export const magnitude = (a: Complex): number => Math.hypot(a.re, a.im)
/** Two impedances side by side. */
export const parallel = (a: Complex, b: Complex): Complex => over(times(a, b), plus(a, b))
/** j a: a quarter turn ahead. */
export const timesJ = (a: Complex): Complex => ({ re: -a.im, im: a.re })
