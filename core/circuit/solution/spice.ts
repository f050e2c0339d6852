// The circuit as a SPICE netlist that ngspice runs as it is: one frequency, RMS phasors. The machine's coils are coupled by sources:
// the real part of a coupling as a current-controlled voltage, the imaginary part through an inductor that carries the other's current.
import { at } from '../../quantity/at'
import { coilImpedances, fieldAt } from '../../motor/machine/field'
import { EARTH, type Circuit } from './elements'

/** A netlist that ngspice runs as it is. */
export interface SpiceText {
  readonly text: string
  /** SPICE's node of each node. */
  readonly nodes: ReadonlyMap<string, string>
}

const DC_PATH_OHMS = 1e12

/** One line, of letters that every SPICE reads. */
const plain = (text: string): string =>
  text
    .replace(/[\r\n]+/g, ' ')
    .replace(/’/g, "'")
    .replace(/[^\x20-\x7e]/g, '?')

const number = (value: number): string => value.toExponential(12)

/** `slip` of the machine: 1 at standstill. Floating parts are tied to earth through `tieOhms`, as SPICE asks for a path. */
export function spiceText(
  circuit: Circuit,
  slip: number,
  title: string,
  sense: 1 | -1 = circuit.machine?.sense ?? 1,
  tied: readonly string[] = [],
): SpiceText {
  const nodes = new Map<string, string>([[EARTH, '0']])
  const lines: string[] = []
  const node = (name: string): string => {
    const known = nodes.get(name)
    if (known) return known
    const fresh = `n${nodes.size}`
    nodes.set(name, fresh)
    return fresh
  }
  const omega = 2 * Math.PI * circuit.hertz
  circuit.sources.forEach((s, i) => {
    lines.push(
      `* ${s.id}`,
      `V${i + 1} s${i + 1} ${node(s.b)} DC 0 AC ${number(Math.hypot(s.volts.re, s.volts.im))} ${number((Math.atan2(s.volts.im, s.volts.re) * 180) / Math.PI)}`,
      `RS${i + 1} s${i + 1} ${node(s.a)} ${number(s.ohms)}`,
    )
  })
  circuit.resistors.forEach((r, i) => {
    lines.push(`* ${r.id}`)
    if (r.reactanceOhms === 0) lines.push(`R${i + 1} ${node(r.a)} ${node(r.b)} ${number(r.ohms)}`)
    else
      lines.push(
        `R${i + 1} ${node(r.a)} x${i + 1} ${number(r.ohms)}`,
        `L${i + 1} x${i + 1} ${node(r.b)} ${number(r.reactanceOhms / omega)}`,
      )
  })
  circuit.capacitors.forEach((c, i) =>
    lines.push(`* ${c.id}`, `C${i + 1} ${node(c.a)} ${node(c.b)} ${number(c.microfarads * 1e-6)}`),
  )
  tied.forEach((name, i) => lines.push(`* a part without a path to earth`, `RT${i + 1} ${node(name)} 0 1`))
  circuit.named.forEach(node)
  lines.push(...coilLines(circuit, slip, sense, omega, node))
  // Before the AC point SPICE seeks one at direct current, where a node behind capacitors has no path: these give it one, and change nothing that is read.
  ;[...nodes.values()]
    .filter((name) => name !== '0')
    .forEach((name, i) => lines.push(`RDC${i + 1} ${name} 0 ${number(DC_PATH_OHMS)}`))
  return {
    text: [
      plain(title) || 'hookup',
      ...lines.map(plain),
      `.ac lin 1 ${number(circuit.hertz)} ${number(circuit.hertz)}`,
      '.print ac all',
      '.end',
      '',
    ].join('\n'),
    nodes,
  }
}

/** Per coil: a 0 V source that senses its current, then one source for each part of each coupling. */
function coilLines(
  { coils, machine, hertz }: Circuit,
  slip: number,
  sense: 1 | -1,
  omega: number,
  node: (name: string) => string,
): string[] {
  if (!machine) return []
  const z = coilImpedances(
    coils,
    fieldAt(machine.constants, slip, hertz / machine.ratedHertz),
    sense,
    hertz / machine.ratedHertz,
  )
  const lines: string[] = []
  // One ampere of coil j through 1 Ω reactance makes j volts: what the imaginary couplings are multiples of.
  coils.forEach((_, j) =>
    lines.push(`FQ${j + 1} 0 q${j + 1} VM${j + 1} 1`, `LQ${j + 1} q${j + 1} 0 ${number(1 / omega)}`),
  )
  coils.forEach((coil, k) => {
    let from = `m${k + 1}x0`
    lines.push(`* ${coil.id}, slip ${slip}`, `VM${k + 1} ${node(coil.a)} ${from} 0`)
    coils.forEach((_, j) => {
      const { re, im } = at(at(z, k), j)
      const [middle, end] = [
        `m${k + 1}r${j + 1}`,
        j === coils.length - 1 ? node(coil.b) : `m${k + 1}x${j + 1}`,
      ]
      lines.push(
        `H${k + 1}_${j + 1} ${from} ${middle} VM${j + 1} ${number(re)}`,
        `E${k + 1}_${j + 1} ${middle} ${end} q${j + 1} 0 ${number(im)}`,
      )
      from = end
    })
  })
  return lines
}
