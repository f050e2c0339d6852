// The verdict after a move on the six-section outdoor unit, as the worker runs it: input checked, hookup worked out, every mode solved.
// And dense elimination against a map-based sparse one on the same system, in this run.
import { runOperation } from '../../core/operations/registry'
import { CAN, onPost, requestFor } from '../../core/testing/fixtures'
import { emptySystem, solveSystem } from '../../core/circuit/solution/linear'

const WANTED_MS = 50
const median = (list: readonly number[]): number => [...list].sort((a, b) => a - b)[list.length >> 1] ?? NaN
function timeOf(work: () => unknown): number {
  const from = performance.now()
  work()
  return performance.now() - from
}

/** Gaussian elimination on rows as maps: real numbers, the diagonal as pivot. What a sparse solver does at least. */
function sparseSolve(n: number, entry: (r: number, c: number) => number): void {
  const rows = Array.from({ length: n }, (_, r) => new Map(Array.from({ length: n }, (_, c) => [c, entry(r, c)] as const).filter(([, x]) => x !== 0)))
  for (let k = 0; k < n; k++) {
    const pivot = rows[k]?.get(k) ?? 1
    for (let r = k + 1; r < n; r++) {
      const factor = (rows[r]?.get(k) ?? 0) / pivot
      if (factor !== 0) rows[k]?.forEach((x, c) => c > k && rows[r]?.set(c, (rows[r]?.get(c) ?? 0) - factor * x))
    }
  }
}

export function benchProof(): void {
  const { unit, wires, sheet, wanted } = requestFor()
  const posts = ['T1', 'T2', 'L1', 'CAN-C', 'CAN-5a', 'GND']
  const input = (i: number) => ({ unit: unit.id, wires, sheet, wanted, can: CAN, compressorMicrofarads: 40, placements: [{ lead: 'white', goes: onPost(posts[i % posts.length] as string) }] })
  for (let i = 0; i < 12; i++) runOperation('hookup', input(i))
  const whole = median(Array.from({ length: 30 }, (_, i) => timeOf(() => runOperation('hookup', input(i)))))
  const n = 22
  const entry = (r: number, c: number) => (r === c ? 10 : Math.abs(r - c) === 1 || (r * 7 + c) % 11 === 0 ? -1 : 0)
  const dense = () => {
    const system = emptySystem(n)
    for (let r = 0; r < n; r++) for (let c = 0; c < n; c++) system.re[r * n + c] = entry(r, c)
    solveSystem(system)
  }
  for (let i = 0; i < 300; i++) {
    dense()
    sparseSolve(n, entry)
  }
  const denseMs = median(Array.from({ length: 200 }, () => timeOf(dense)))
  const sparseMs = median(Array.from({ length: 200 }, () => timeOf(() => sparseSolve(n, entry))))
  console.log(`hookup with its verdict after a move, six sections: ${whole.toFixed(1)} ms (wanted at most ${WANTED_MS})${whole > WANTED_MS ? '  ABOVE' : ''}; ${n} unknowns: sparse by maps takes ${(sparseMs / denseMs).toFixed(1)} times the dense complex elimination`)
}
