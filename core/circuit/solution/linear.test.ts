// Solved systems are put back into their equations: whatever the pivots, what comes out must satisfy what went in.
import fc from 'fast-check'
import { copySystem, emptySystem, solveSystem, type ComplexSystem } from './linear'

function systemOf(
  rows: readonly (readonly [number, number])[],
  right: readonly (readonly [number, number])[],
): ComplexSystem {
  const system = emptySystem(right.length)
  rows.forEach(([re, im], i) => {
    system.re[i] = re
    system.im[i] = im
  })
  right.forEach(([re, im], i) => {
    system.rightRe[i] = re
    system.rightIm[i] = im
  })
  return system
}

/** The largest part of A x − b. */
function residual(system: ComplexSystem, x: ComplexSystem): number {
  const { size: n, re, im, rightRe, rightIm } = system
  let most = 0
  for (let r = 0; r < n; r++) {
    let [sumRe, sumIm] = [-rightRe[r]!, -rightIm[r]!]
    for (let c = 0; c < n; c++) {
      const [ar, ai, xr, xi] = [re[r * n + c]!, im[r * n + c]!, x.rightRe[c]!, x.rightIm[c]!]
      sumRe += ar * xr - ai * xi
      sumIm += ar * xi + ai * xr
    }
    most = Math.max(most, Math.abs(sumRe), Math.abs(sumIm))
  }
  return most
}

it('rows that must change places do so whole: x and y exchanged', () => {
  const system = systemOf(
    [
      [0, 0],
      [1, 0],
      [0, 2],
      [0, 0],
    ],
    [
      [3, 0],
      [0, 8],
    ],
  )
  // y = 3; 2i x = 8i.
  expect(solveSystem(system)).toEqual([])
  expect([...system.rightRe]).toEqual([4, 3])
  expect([...system.rightIm]).toEqual([0, 0])
})

it('any regular system of up to seven unknowns satisfies its own equations', () => {
  const figure = fc.integer({ min: -9, max: 9 })
  const pair = fc.tuple(figure, figure)
  const any = fc.integer({ min: 1, max: 7 }).chain((n) =>
    fc.record({
      rows: fc.array(pair, { minLength: n * n, maxLength: n * n }),
      right: fc.array(pair, { minLength: n, maxLength: n }),
    }),
  )
  let regular = 0
  fc.assert(
    fc.property(any, ({ rows, right }) => {
      const system = systemOf(rows, right)
      const solved = copySystem(system)
      if (solveSystem(solved).length > 0) return
      regular++
      const largest = Math.max(1, ...solved.rightRe.map(Math.abs), ...solved.rightIm.map(Math.abs))
      expect(residual(system, solved)).toBeLessThan(1e-8 * largest)
    }),
    { numRuns: 400, seed: 8 },
  )
  expect(regular).toBeGreaterThan(300)
})

it('an unknown that the equations leave open is 0, and is named', () => {
  const system = systemOf(
    [
      [1, 0],
      [0, 0],
      [0, 0],
      [0, 0],
    ],
    [
      [5, 0],
      [0, 0],
    ],
  )
  expect(solveSystem(system)).toEqual([1])
  expect([...system.rightRe]).toEqual([5, 0])
})

it('an open unknown in the middle takes its own row with it, and nothing of the others', () => {
  // x + 2y + 3z = 15, 5z = 20 and 2i z = 8i: z = 4, y left open and so 0, x = 3.
  const system = systemOf(
    [
      [1, 0],
      [2, 0],
      [3, 0],
      [0, 0],
      [0, 0],
      [5, 1],
      [0, 0],
      [0, 0],
      [0, 2],
    ],
    [
      [15, 0],
      [20, 4],
      [0, 8],
    ],
  )
  expect(solveSystem(system)).toEqual([1])
  expect([...system.rightRe].map((x) => Number(x.toFixed(12)))).toEqual([3, 0, 4])
  expect([...system.rightIm].map((x) => Math.abs(Number(x.toFixed(12))))).toEqual([0, 0, 0])
})
it('nothing but zeros leaves every unknown open', () => {
  const system = systemOf(
    [
      [0, 0],
      [0, 0],
      [0, 0],
      [0, 0],
    ],
    [
      [1, 1],
      [2, 2],
    ],
  )
  expect(solveSystem(system)).toEqual([0, 1])
  expect([...system.rightRe, ...system.rightIm]).toEqual([0, 0, 0, 0])
})

it.each([1e-20, 1, 1e20])(
  'what is open is told against the largest of the system, whatever its unit (%d)',
  (unit) => {
    const diagonal = (a: number, b: number) =>
      systemOf(
        [
          [a * unit, 0],
          [0, 0],
          [0, 0],
          [0, b * unit],
        ],
        [
          [unit, 0],
          [0, unit],
        ],
      )
    // 1e-13 of the largest still says something, 1e-15 does not; where the largest stands does not matter.
    expect(solveSystem(diagonal(1, 1e-13))).toEqual([])
    expect(solveSystem(diagonal(1, 1e-15))).toEqual([1])
    expect(solveSystem(diagonal(1e-15, 1))).toEqual([0])
    const solved = diagonal(2, 4)
    solveSystem(solved)
    // 2 x = 1 and 4i y = i.
    expect([...solved.rightRe]).toEqual([0.5, 0.25])
    expect([...solved.rightIm].map(Math.abs)).toEqual([0, 0])
  },
)
it('of nothing all is open', () => expect(solveSystem(emptySystem(3))).toEqual([0, 1, 2]))
