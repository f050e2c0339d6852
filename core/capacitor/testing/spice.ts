// ngspice (its WASM build, eecircuit-engine) as an outside check; for tests only. It is an ES module, so it runs in a Node of its own.
import { execFileSync } from 'node:child_process'

const SCRIPT = `
import { Simulation } from 'eecircuit-engine'
const simulation = new Simulation()
await simulation.start()
simulation.setNetList(process.env.NETLIST)
const { variableNames, data } = await simulation.runSim()
process.stdout.write(JSON.stringify(variableNames.map((name, i) => [name.toLowerCase(), data[i].values])), () => process.exit(0))
`

const MANY = `
import { Simulation } from 'eecircuit-engine'
const simulation = new Simulation()
await simulation.start()
const all = []
const netlists = JSON.parse(await new Promise((done) => { let text = ''; process.stdin.on('data', (d) => { text += d }); process.stdin.on('end', () => done(text)) }))
const began = performance.now()
for (const netlist of netlists) {
  simulation.setNetList(netlist)
  const { variableNames, data } = await simulation.runSim()
  all.push(variableNames.map((name, i) => [name.toLowerCase(), data[i].values[0]]))
}
process.stdout.write('TIME' + (performance.now() - began) + ' RESULT' + JSON.stringify(all), () => process.exit(0))
`

const spicePoints = (netlists: readonly string[]): string =>
  execFileSync(process.execPath, ['--input-type=module', '-e', MANY], {
    input: JSON.stringify(netlists),
    encoding: 'utf8',
    maxBuffer: 1 << 28,
  })

/** Milliseconds that the simulations take, without starting the simulator. */
export function timeSpicePoints(netlists: readonly string[]): number {
  const out = spicePoints(netlists)
  return Number(/TIME([\d.]+)/.exec(out)?.[1] ?? NaN)
}

/** Of each circuit with one AC point, its phasors by name; one ngspice for all of them. */
export function runSpicePoints(
  netlists: readonly string[],
): Map<string, { readonly re: number; readonly im: number }>[] {
  const out = spicePoints(netlists)
  const all = JSON.parse(out.slice(out.indexOf('RESULT') + 6)) as [
    string,
    { readonly re?: number; readonly real?: number; readonly im?: number; readonly img?: number },
  ][][]
  return all.map(
    (vectors) =>
      new Map(
        vectors.map(([name, value]) => [
          name,
          { re: value.re ?? value.real ?? NaN, im: value.im ?? value.img ?? NaN },
        ]),
      ),
  )
}

/** The vectors of a simulation by name, such as "v(1)". */
function runSpice(netlist: string): Map<string, number[]> {
  const out = execFileSync(process.execPath, ['--input-type=module', '-e', SCRIPT], {
    env: { ...process.env, NETLIST: netlist },
    encoding: 'utf8',
    maxBuffer: 1 << 28,
  })
  return new Map(JSON.parse(out.slice(out.indexOf('[['))) as [string, number[]][])
}

/** Volts left on a capacitor after `seconds` through a resistor, from a transient analysis. */
export function simulateDischarge(
  startVolts: number,
  ohms: number,
  microfarads: number,
  seconds: number,
): number {
  const volts = runSpice(
    `discharge\nR1 1 0 ${ohms}\nC1 1 0 ${microfarads}u IC=${startVolts}\n.tran ${seconds / 2000} ${seconds} UIC\n.end\n`,
  )
    .get('v(1)')
    ?.at(-1)
  if (volts === undefined) throw new Error('the simulation gave no voltage')
  return volts
}
