// The solution against ngspice (eecircuit-engine, its WASM build; development only): node voltages and coil currents of the exported text.
import { runSpicePoints } from '../../capacitor/testing/spice'
import { circuitInput, circuitOf } from '../../testing/circuits'
import { ONE_PHASE, onPost } from '../../testing/fixtures'
import { magnitude, minus, type Complex } from '../../quantity/complex'
import { EARTH } from './elements'
import { prepare, solveAt } from './solve'
import { spiceText } from './spice'

const OUTDOOR = ONE_PHASE.filter((unit) => unit.traits.fan === 'outdoor')
const BLOWERS = ONE_PHASE.filter((unit) => unit.traits.fan === 'blower')

interface Case {
  readonly name: string
  readonly input: ReturnType<typeof circuitInput>
  readonly mode: Parameters<typeof circuitOf>[1]
  readonly slip: number
}
const cases: Case[] = [
  ...OUTDOOR.flatMap((unit, i) =>
    unit.modes.map(({ id }, k): Case => ({
      name: `${unit.id} ${id}`,
      input: circuitInput(unit.id, ['rowan-25r', 'rowan-33m', 'rowan-16f'][(i + k) % 3] as string),
      mode: id,
      slip: [1, 0.104, 0.5][(i + k) % 3] as number,
    })),
  ),
  ...BLOWERS.flatMap((unit) =>
    unit.modes.map(({ id }): Case => ({
      name: `${unit.id} ${id}`,
      input: circuitInput(unit.id, 'alder-33b'),
      mode: id,
      slip: id === 'off' ? 1 : 0.2,
    })),
  ),
  // Wirings that no one should power: shorts, taps together, floating windings, a capacitor on the wrong side.
  ...(
    [
      ['a dead short', { 'brown/white': onPost('T1') }],
      ['start on a line', { brown: onPost('T1') }],
      ['the capacitor on motor common’s line', { white: onPost('T1'), black: onPost('T2') }],
      [
        'everything on one post',
        Object.fromEntries(['black', 'white', 'brown', 'brown/white'].map((l) => [l, onPost('CAN-C')])),
      ],
      [
        'everything capped off',
        Object.fromEntries(
          ['black', 'white', 'brown', 'brown/white'].map((l) => [l, { kind: 'insulated' as const }]),
        ),
      ],
      ['a section of two loads', { brown: onPost('CAN-20a') }],
      ['a lead on the 24 V coil', { black: onPost('A1') }],
      ['a winding on the chassis', { white: onPost('GND') }],
    ] as const
  ).flatMap(([name, moves]): Case[] =>
    [1, 0.3].map((slip) => ({
      name: `${name}, slip ${slip}`,
      input: circuitInput('cooling-1-pole-shared-capacitor', 'rowan-25r', moves),
      mode: 'cooling',
      slip,
    })),
  ),
  // A fan on three lines, and with one of them lost: two sources then drive through two windings in a row.
  ...(
    [
      ['as advised', {}],
      ['one line lost', { red: { kind: 'insulated' as const } }],
      ['two leads exchanged', { black: onPost('T2'), red: onPost('T1') }],
    ] as const
  ).flatMap(([name, moves]): Case[] =>
    (['off', 'cooling'] as const).map((mode) => ({
      name: `three phases, ${name}, ${mode}`,
      input: circuitInput('packaged-three-phase', 'brant-50t', moves),
      mode,
      slip: 1,
    })),
  ),
  {
    name: 'two horsepower taps together',
    input: circuitInput(
      'cooling-2-pole-shared-capacitor',
      'rowan-33m',
      { blue: onPost('T1') },
      { compressorMicrofarads: 45 },
    ),
    mode: 'cooling',
    slip: 0.15,
  },
  {
    name: 'two speed taps together',
    input: circuitInput('fan-coil-three-speed', 'alder-33b', { red: onPost('HI') }),
    mode: 'high',
    slip: 0.15,
  },
]

const relative = (a: Complex, b: Complex, scale: number) => magnitude(minus(a, b)) / Math.max(scale, 1e-9)

it(`agrees with ngspice on ${cases.length} circuits to 1e-6`, () => {
  expect(cases.length).toBeGreaterThanOrEqual(40)
  const solved = cases.map(({ input, mode, slip, name }) => {
    const { circuit } = circuitOf(input, mode)
    const prepared = prepare(circuit)
    return {
      circuit,
      solution: solveAt(prepared, slip),
      spice: spiceText(circuit, slip, name, 1, prepared.tied),
    }
  })
  const points = runSpicePoints(solved.map(({ spice }) => spice.text))
  solved.forEach(({ circuit, solution, spice }, i) => {
    const vectors = points[i] as (typeof points)[number]
    const name = (cases[i] as Case).name
    const most = Math.max(...[...solution.volts.values()].map(magnitude))
    let compared = 0
    for (const [node, spiceNode] of spice.nodes) {
      const theirs = vectors.get(`v(${spiceNode})`)
      if (!theirs) continue
      compared += 1
      expect([name, node, relative(solution.volts.get(node) as Complex, theirs, most) < 1e-6]).toEqual([
        name,
        node,
        true,
      ])
    }
    expect(compared).toBeGreaterThan(4)
    // Of a motor at rest the paths for direct current that SPICE needs are all there is: 10 mA is the least that currents are measured against.
    const amps = Math.max(1e-2, ...solution.coilAmps.map(magnitude))
    circuit.coils.forEach((coil, k) => {
      const theirs = vectors.get(`i(vm${k + 1})`) as Complex
      expect([name, coil.id, relative(solution.coilAmps[k] as Complex, theirs, amps) < 1e-6]).toEqual([
        name,
        coil.id,
        true,
      ])
    })
  })
}, 120_000)

it('a title cannot break out of its line, and the text ends as SPICE wants it', () => {
  const { circuit } = circuitOf(circuitInput('cooling-1-pole-shared-capacitor', 'rowan-25r'), 'cooling')
  const { text } = spiceText(circuit, 1, 'roof\n.control\nshell rm')
  expect(text.split('\n')[0]).toBe('roof .control shell rm')
  expect(text.endsWith('.end\n')).toBe(true)
})

describe('the text itself, of a circuit by hand', () => {
  const { text, nodes } = spiceText(
    {
      hertz: 60,
      sources: [{ id: 'the line’s feed', a: 'L1', b: EARTH, volts: { re: 0, im: 120 }, ohms: 0.1 }],
      resistors: [
        { id: 'a wire', a: 'L1', b: 'T1', ohms: 2, reactanceOhms: 0 },
        { id: 'a coil', a: 'T1', b: EARTH, ohms: 3, reactanceOhms: 4 },
      ],
      capacitors: [{ id: 'a section', a: 'T1', b: 'C', microfarads: 5 }],
      coils: [],
      machine: null,
      named: ['lead end'],
    },
    1,
    'a\nμ title',
    1,
    ['C'],
  )
  const e = (value: number) => value.toExponential(12)
  it('has each element between its nodes, with a direct path to earth for each node, at one frequency', () => {
    // A reactance of 4 Ω at 60 Hz is 4 / (2π · 60) H; 120 V along the imaginary axis stand at 90°.
    expect(text.split('\n')).toEqual([
      'a ? title',
      "* the line's feed",
      `V1 s1 0 DC 0 AC ${e(120)} ${e(90)}`,
      `RS1 s1 n1 ${e(0.1)}`,
      '* a wire',
      `R1 n1 n2 ${e(2)}`,
      '* a coil',
      `R2 n2 x2 ${e(3)}`,
      `L2 x2 0 ${e(4 / (2 * Math.PI * 60))}`,
      '* a section',
      `C1 n2 n3 ${e(5e-6)}`,
      '* a part without a path to earth',
      'RT1 n3 0 1',
      ...['n1', 'n2', 'n3', 'n4'].map((node, i) => `RDC${i + 1} ${node} 0 ${e(1e12)}`),
      `.ac lin 1 ${e(60)} ${e(60)}`,
      '.print ac all',
      '.end',
      '',
    ])
  })
  it('says which node is which', () =>
    expect(Object.fromEntries(nodes)).toEqual({ EARTH: '0', L1: 'n1', T1: 'n2', C: 'n3', 'lead end': 'n4' }))
  it('without a title it has a name all the same: SPICE takes its first line for one', () =>
    expect(
      spiceText(
        { hertz: 50, sources: [], resistors: [], capacitors: [], coils: [], machine: null, named: [] },
        1,
        '',
      ).text,
    ).toBe(`hookup\n.ac lin 1 ${e(50)} ${e(50)}\n.print ac all\n.end\n`))
})
