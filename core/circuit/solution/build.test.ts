// What a hookup becomes as a circuit, by hand from the unit's posts and the motor's windings.
import { circuitInput, circuitOf } from '../../testing/circuits'
import { buildCircuit, isSplit, leadElement, windingNode } from './build'
import { runCircuit } from './run'
import { ampsThrough } from './solve'
import { spiceText } from './spice'

const SHARED = 'cooling-1-pole-shared-capacitor'

it('two lines stand against earth from 200 V up; below, and at 277 V, a line stands against a neutral', () => {
  expect([24, 115, 120, 199, 200, 208, 230, 240, 277, 460].filter((volts) => isSplit({ volts }))).toEqual([
    200, 208, 230, 240, 460,
  ])
})

describe('a point inside the motor', () => {
  it('of a ground lead is the frame, whatever the motor is', () => {
    for (const sheet of ['rowan-25r', 'teal-33e']) {
      const input = circuitInput(SHARED, sheet)
      const ground = input.sheet.leads.find((l) => l.role === 'ground')!.id
      expect(circuitOf(input, 'cooling').leadNode(ground)).toBe(windingNode('frame'))
    }
  })
  it('of an electronically commutated motor’s line leads is one of two lines', () => {
    const input = circuitInput(SHARED, 'teal-33e')
    const lines = input.sheet.leads.filter((l) => l.role === 'line').map((l) => l.id)
    const { leadNode } = circuitOf(input, 'cooling')
    expect(new Set(lines.map(leadNode)).size).toBe(2)
    expect(lines.every((id) => leadNode(id).startsWith(windingNode('line:')))).toBe(true)
  })
})

it('a plug lead that is out of the plug opens the auxiliary winding, and no other', () => {
  const input = circuitInput(SHARED, 'rowan-25r')
  const ends = (built: ReturnType<typeof buildCircuit>) =>
    built.circuit.coils.map((c) => [c.id, c.b] as const)
  const plug = input.hookup.leads.find((l) => l.use.kind === 'plug')!.lead.id
  const placements = input.hookup.placements.map((p) =>
    p.lead === plug ? { ...p, goes: { kind: 'insulated' as const } } : p,
  )
  const open = ends(buildCircuit({ ...input, hookup: { ...input.hookup, placements } }, 'cooling'))
  const whole = ends(circuitOf(input, 'cooling'))
  expect(open.map(([id]) => id)).toEqual(whole.map(([id]) => id))
  const changed = open.filter(([, b], i) => b !== whole[i]![1]).map(([id, b]) => [id, b])
  expect(changed).toEqual([['auxiliary', windingNode('open plug')]])
})

it('each 24 V coil lies between its own two posts', () => {
  const input = circuitInput('heat-pump-1-pole-shared-capacitor', 'rowan-25r')
  const posts = input.hookup.unit.posts.filter((p) => p.kind === 'coil').map((p) => p.id)
  const { circuit, nodeOf } = circuitOf(input, 'cooling')
  const coils = circuit.resistors.filter((r) => r.id.startsWith('coil '))
  // In the order of the unit's posts: first and second, third and fourth.
  const pairs = posts.flatMap((id, i) => (i % 2 === 0 ? [[nodeOf(id), nodeOf(posts[i + 1]!)]] : []))
  expect(coils.map(({ a, b }) => [a, b])).toEqual(pairs)
})

describe('the current of one element', () => {
  const circuit = {
    hertz: 60,
    sources: [{ id: 'line1', a: 'L', b: '0', volts: { re: 230, im: 0 }, ohms: 1e-9 }],
    resistors: [{ id: 'heater', a: 'L', b: '0', ohms: 23, reactanceOhms: 0 }],
    capacitors: [{ id: 'section:FAN', a: 'L', b: '0', microfarads: 10 }],
    coils: [],
    machine: null,
    named: ['L'],
  } as unknown as Parameters<typeof runCircuit>[0]
  const { running, ...rest } = runCircuit(circuit, null)
  it('is V/R of a resistor and V·2πf·C, a quarter turn ahead, of a capacitor (textbook)', () => {
    expect(ampsThrough(circuit, running, 'heater')!.re).toBeCloseTo(10, 6)
    const capacitor = ampsThrough(circuit, running, 'section:FAN')!
    expect(capacitor.re).toBeCloseTo(0, 6)
    expect(capacitor.im).toBeCloseTo(230 * 2 * Math.PI * 60 * 10e-6, 6)
    expect(ampsThrough(circuit, running, 'nothing')).toBeNull()
  })
  it('without a motor nothing turns', () => {
    expect([rest.startTorque, rest.direction, rest.rpm]).toEqual([0, 0, 0])
  })
})

it('for a circuit simulator, sources, and parts without a path to earth, are numbered from 1', () => {
  const input = circuitInput(SHARED, 'teal-33e')
  const { circuit } = circuitOf(input, 'cooling')
  const names = spiceText(circuit, 1, 'x', 1, [circuit.named[0]!])
    .text.split('\n')
    .map((line) => line.split(' ')[0]!)
  const of = (start: RegExp) => names.filter((name) => start.test(name))
  expect([of(/^V/), of(/^RS/), of(/^RT/)]).toEqual([['V1', 'V2'], ['RS1', 'RS2'], ['RT1']])
  // A motor without windings in the circuit has no couplings.
  expect(of(/^FQ/)).toEqual([])
})

it('a lead’s element carries the lead’s own name', () => {
  const input = circuitInput(SHARED, 'rowan-25r')
  const { circuit } = circuitOf(input, 'cooling')
  const landed = input.hookup.placements.filter((p) => p.goes.kind === 'post').map((p) => leadElement(p.lead))
  expect(landed.every((id) => circuit.resistors.some((r) => r.id === id))).toBe(true)
})

describe('what else the unit holds', () => {
  const OWN = 'cooling-2-pole-own-capacitor'
  const elements = (unit: string, microfarads: number | null = 40, sheet = 'rowan-25r') => {
    const input = { ...circuitInput(unit, sheet), compressorMicrofarads: microfarads }
    const { circuit, nodeOf } = circuitOf(input, 'cooling')
    return { circuit, nodeOf, unit: input.hookup.unit }
  }
  const kept = ({ circuit }: ReturnType<typeof elements>) =>
    circuit.capacitors.filter((c) => c.id === 'kept capacitor')
  it('the compressor’s own capacitor lies between its two posts, with its value; not read, 40 µF stand in', () => {
    const built = elements(OWN, 35)
    const posts = built.unit.posts.filter((p) => p.kind === 'kept-cap').map((p) => built.nodeOf(p.id))
    expect(posts).toHaveLength(2)
    expect(kept(built)).toEqual([{ id: 'kept capacitor', a: posts[0], b: posts[1], microfarads: 35 }])
    expect(kept(elements(OWN, null)).map((c) => c.microfarads)).toEqual([40])
    expect(kept(elements(SHARED))).toEqual([])
  })
  it('the compressor’s run and start windings lie from its C to its R and its S, each told by its name', () => {
    const { circuit, nodeOf, unit } = elements(SHARED)
    const [c, r, s] = (['COMP-C', 'COMP-R', 'COMP-S'] as const).map((id) => {
      expect(unit.posts.some((post) => post.id === id)).toBe(true)
      return nodeOf(id)
    })
    const windings = circuit.resistors.filter((one) => /^compressor/.test(one.id))
    expect(windings.map(({ id, a, b }) => [id, a, b])).toEqual([
      ['compressor run', c, r],
      ['compressor start', c, s],
    ])
    // The start winding is the finer one: more ohms.
    expect(windings[1]?.ohms).toBeGreaterThan(windings[0]?.ohms ?? Infinity)
  })
  it('a blower’s unit has neither', () => {
    const { circuit } = elements('fan-coil-three-speed', null, 'alder-33b')
    expect(
      [...circuit.resistors, ...circuit.capacitors].filter((one) => /compressor|kept/.test(one.id)),
    ).toEqual([])
  })
})
