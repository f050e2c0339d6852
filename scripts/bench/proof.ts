// The verdict after a move on the demo’s outdoor unit, as the worker runs it: input checked, hookup worked out, every mode solved.
// And dense elimination against a map-based sparse one on the same system, in this run.
import { execFileSync } from 'node:child_process'
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { runOperation } from '../../core/operations/registry'
import { CAN, onPost, requestFor } from '../../core/testing/fixtures'
import { emptySystem, solveSystem } from '../../core/circuit/solution/linear'
import { prepare, solveAt } from '../../core/circuit/solution/solve'
import { spiceText } from '../../core/circuit/solution/spice'
import { sweepCapacitor } from '../../core/circuit/solution/sweep'
import { timeSpicePoints } from '../../core/capacitor/testing/spice'
import { circuitInput, circuitOf } from '../../core/testing/circuits'
import { median } from './median'

const WANTED_MS = 50
function timeOf(work: () => unknown): number {
  const from = performance.now()
  work()
  return performance.now() - from
}

/** Gaussian elimination on rows as maps: real numbers, the diagonal as pivot. What a sparse solver does at least. */
function sparseSolve(n: number, entry: (r: number, c: number) => number): void {
  const rows = Array.from(
    { length: n },
    (_, r) =>
      new Map(Array.from({ length: n }, (_, c) => [c, entry(r, c)] as const).filter(([, x]) => x !== 0)),
  )
  for (let k = 0; k < n; k++) {
    const pivot = rows[k]?.get(k) ?? 1
    for (let r = k + 1; r < n; r++) {
      const factor = (rows[r]?.get(k) ?? 0) / pivot
      if (factor !== 0)
        rows[k]?.forEach((x, c) => c > k && rows[r]?.set(c, (rows[r]?.get(c) ?? 0) - factor * x))
    }
  }
}

/** One mode from its elements to its solution; and a sweep of the fan's capacitor against ngspice's two builds doing the same. */
function benchSolution(): void {
  const input = circuitInput('cooling-1-pole-shared-capacitor', 'rowan-25r')
  const { circuit } = circuitOf(input, 'cooling')
  const slip = 0.1
  const each = (n: number, work: () => unknown) => {
    for (let i = 0; i < n; i++) work()
    return (
      timeOf(() => {
        for (let i = 0; i < n; i++) work()
      }) / n
    )
  }
  const one = each(500, () => solveAt(prepare(circuit), slip))
  const values = Array.from({ length: POINTS }, (_, i) => 1 + i / 10)
  const sweep = each(100, () => sweepCapacitor(prepare(circuit), slip, SWEPT, values))
  const text = (microfarads: number) =>
    spiceText(
      { ...circuit, capacitors: circuit.capacitors.map((c) => (c.id === SWEPT ? { ...c, microfarads } : c)) },
      slip,
      'sweep',
      1,
      prepare(circuit).tied,
    ).text
  const wasm = timeSpicePoints(values.map(text)) / sweep
  const process_ = timeNgspice(text(5), circuit.capacitors.findIndex((c) => c.id === SWEPT) + 1, values)
  console.log(
    `one mode, elements to solution: ${(1000 * one).toFixed(0)} µs (wanted below 200)${one > 0.2 ? '  ABOVE' : ''}; ${POINTS}-point capacitor sweep: eecircuit-engine takes ${wasm.toFixed(0)} times as long (wanted 100), ${process_ === null ? 'ngspice is not installed here' : `an ngspice process with alter ${(process_ / sweep).toFixed(0)} times (wanted 50)`}`,
  )
}

const POINTS = 200
const SWEPT = 'section:5a'

/** Milliseconds of one ngspice process for the sweep; null where it is not installed. */
function timeNgspice(netlist: string, capacitor: number, values: readonly number[]): number | null {
  const folder = mkdtempSync(join(tmpdir(), 'oak-bench-'))
  const file = join(folder, 'sweep.cir')
  const control = [
    '.control',
    'set noaskquit',
    ...values.flatMap((c) => [`alter c${capacitor} = ${c}e-6`, 'run']),
    'quit',
    '.endc',
    '.end',
    '',
  ]
  writeFileSync(file, netlist.replace('.print ac all\n.end\n', control.join('\n')))
  try {
    return timeOf(() => execFileSync('ngspice', ['-b', file], { stdio: 'ignore' }))
  } catch {
    return null
  } finally {
    rmSync(folder, { recursive: true, force: true })
  }
}

export function benchProof(): void {
  benchSolution()
  const { unit, wires, sheet, wanted } = requestFor()
  const posts = ['T1', 'T2', 'L1', 'CAN-C', 'CAN-5a', 'GND']
  const input = (i: number) => ({
    unit: unit.id,
    wires,
    sheet,
    wanted,
    can: CAN,
    compressorMicrofarads: 40,
    placements: [{ lead: 'white', goes: onPost(posts[i % posts.length] as string) }],
  })
  for (let i = 0; i < 12; i++) runOperation('hookup', input(i))
  const whole = median(Array.from({ length: 30 }, (_, i) => timeOf(() => runOperation('hookup', input(i)))))
  const n = 22
  const entry = (r: number, c: number) =>
    r === c ? 10 : Math.abs(r - c) === 1 || (r * 7 + c) % 11 === 0 ? -1 : 0
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
  console.log(
    `hookup with its verdict after a move, six sections: ${whole.toFixed(1)} ms (wanted at most ${WANTED_MS})${whole > WANTED_MS ? '  ABOVE' : ''}; ${n} unknowns: sparse by maps takes ${(sparseMs / denseMs).toFixed(1)} times the dense complex elimination`,
  )
}
