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

/** The vectors of a simulation by name, such as "v(1)". */
export function runSpice(netlist: string): Map<string, number[]> {
  const out = execFileSync(process.execPath, ['--input-type=module', '-e', SCRIPT], { env: { ...process.env, NETLIST: netlist }, encoding: 'utf8', maxBuffer: 1 << 28 })
  return new Map(JSON.parse(out.slice(out.indexOf('[['))) as [string, number[]][])
}

/** Volts left on a capacitor after `seconds` through a resistor, from a transient analysis. */
export function simulateDischarge(startVolts: number, ohms: number, microfarads: number, seconds: number): number {
  const volts = runSpice(`discharge\nR1 1 0 ${ohms}\nC1 1 0 ${microfarads}u IC=${startVolts}\n.tran ${seconds / 2000} ${seconds} UIC\n.end\n`).get('v(1)')?.at(-1)
  if (volts === undefined) throw new Error('the simulation gave no voltage')
  return volts
}
