// Dense complex elimination with partial pivoting. A hookup has some twenty unknowns: dense is the fast way (measured: npm run bench).
/** A square complex system, row by row. */
export interface ComplexSystem {
  readonly size: number
  readonly re: Float64Array
  readonly im: Float64Array
  /** Right sides, one. */
  readonly rightRe: Float64Array
  readonly rightIm: Float64Array
}

/** A system of `size` unknowns, all zero; rows one after the other. */
export const emptySystem = (size: number): ComplexSystem => ({
  size,
  re: new Float64Array(size * size),
  im: new Float64Array(size * size),
  rightRe: new Float64Array(size),
  rightIm: new Float64Array(size),
})

/** The same system again, to be solved without losing it. */
export const copySystem = ({ size, re, im, rightRe, rightIm }: ComplexSystem): ComplexSystem => ({
  size,
  re: re.slice(),
  im: im.slice(),
  rightRe: rightRe.slice(),
  rightIm: rightIm.slice(),
})

/** Pivots this small against the largest of the column's row are none. */
const SINGULAR = 1e-14

/**
 * Solves in place; the answer stands in the right sides. Returns the unknowns that the equations leave open (empty when there are none):
 * those are set to 0.
 */
export function solveSystem({ size: n, re, im, rightRe, rightIm }: ComplexSystem): number[] {
  const open: number[] = []
  const scale = largest(re, im)
  for (let k = 0; k < n; k++) {
    let pivot = k
    let best = 0
    for (let r = k; r < n; r++) {
      const size = Math.abs(re[r * n + k]!) + Math.abs(im[r * n + k]!)
      if (size > best) {
        best = size
        pivot = r
      }
    }
    if (best <= SINGULAR * scale) {
      open.push(k)
      openUnknown(k, n, re, im, rightRe, rightIm)
      continue
    }
    if (pivot !== k) swapRows(k, pivot, n, re, im, rightRe, rightIm)
    eliminate(k, n, re, im, rightRe, rightIm)
  }
  for (let k = n - 1; k >= 0; k--) substitute(k, n, re, im, rightRe, rightIm)
  return open
}

function largest(re: Float64Array, im: Float64Array): number {
  let most = 0
  for (let i = 0; i < re.length; i++) most = Math.max(most, Math.abs(re[i]!) + Math.abs(im[i]!))
  return most || 1
}

/** The unknown is set to 0: its column says nothing below the diagonal, so its row is made to say just that. */
function openUnknown(
  k: number,
  n: number,
  re: Float64Array,
  im: Float64Array,
  rightRe: Float64Array,
  rightIm: Float64Array,
): void {
  re.fill(0, k * n, k * n + n)
  im.fill(0, k * n, k * n + n)
  re[k * n + k] = 1
  rightRe[k] = 0
  rightIm[k] = 0
}

function swapRows(
  a: number,
  b: number,
  n: number,
  re: Float64Array,
  im: Float64Array,
  rightRe: Float64Array,
  rightIm: Float64Array,
): void {
  for (const list of [re, im])
    for (let c = 0; c < n; c++) {
      const held = list[a * n + c]!
      list[a * n + c] = list[b * n + c]!
      list[b * n + c] = held
    }
  for (const list of [rightRe, rightIm]) {
    const held = list[a]!
    list[a] = list[b]!
    list[b] = held
  }
}

function eliminate(
  k: number,
  n: number,
  re: Float64Array,
  im: Float64Array,
  rightRe: Float64Array,
  rightIm: Float64Array,
): void {
  const [pr, pi] = [re[k * n + k]!, im[k * n + k]!]
  const d = pr * pr + pi * pi
  for (let r = k + 1; r < n; r++) {
    const [ar, ai] = [re[r * n + k]!, im[r * n + k]!]
    if (ar === 0 && ai === 0) continue
    const fr = (ar * pr + ai * pi) / d
    const fi = (ai * pr - ar * pi) / d
    for (let c = k + 1; c < n; c++) {
      const [br, bi] = [re[k * n + c]!, im[k * n + c]!]
      re[r * n + c] = re[r * n + c]! - (fr * br - fi * bi)
      im[r * n + c] = im[r * n + c]! - (fr * bi + fi * br)
    }
    const [yr, yi] = [rightRe[k]!, rightIm[k]!]
    rightRe[r] = rightRe[r]! - (fr * yr - fi * yi)
    rightIm[r] = rightIm[r]! - (fr * yi + fi * yr)
  }
}

function substitute(
  k: number,
  n: number,
  re: Float64Array,
  im: Float64Array,
  rightRe: Float64Array,
  rightIm: Float64Array,
): void {
  let [yr, yi] = [rightRe[k]!, rightIm[k]!]
  for (let c = k + 1; c < n; c++) {
    const [ar, ai] = [re[k * n + c]!, im[k * n + c]!]
    const [xr, xi] = [rightRe[c]!, rightIm[c]!]
    yr -= ar * xr - ai * xi
    yi -= ar * xi + ai * xr
  }
  const [pr, pi] = [re[k * n + k]!, im[k * n + k]!]
  const d = pr * pr + pi * pi
  rightRe[k] = (yr * pr + yi * pi) / d
  rightIm[k] = (yi * pr - yr * pi) / d
}
