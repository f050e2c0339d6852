import fc from 'fast-check'
import { circuitInput, circuitOf, NO_CIRCUIT } from '../../testing/circuits'
import { ONE_PHASE, onPost } from '../../testing/fixtures'
import { complex, magnitude } from '../../quantity/complex'
import { hookupPosts } from '../../wiring/hookup-posts'
import type { Placement } from '../../wiring/placement'
import { EARTH, type Circuit } from './elements'
import { emptySystem, solveSystem } from './linear'
import { runCircuit } from './run'
import { ampsThrough, prepare, solveAt } from './solve'

describe('the linear solver', () => {
  it('solves what it was given', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 9 }),
        fc.infiniteStream(fc.double({ min: -10, max: 10, noNaN: true })),
        (n, stream) => {
          const next = () => stream.next().value as number
          const system = emptySystem(n)
          const answer = Array.from({ length: n }, () => complex(next(), next()))
          for (let r = 0; r < n; r++)
            for (let c = 0; c < n; c++) {
              // Diagonally heavy, so that every instance has an answer.
              const [re, im] = [next() + (r === c ? 200 : 0), next()]
              system.re[r * n + c] = re
              system.im[r * n + c] = im
              const x = answer[c]!
              system.rightRe[r]! += re * x.re - im * x.im
              system.rightIm[r]! += re * x.im + im * x.re
            }
          expect(solveSystem(system)).toEqual([])
          answer.forEach((x, i) =>
            expect(Math.hypot(system.rightRe[i]! - x.re, system.rightIm[i]! - x.im)).toBeLessThan(1e-9),
          )
        },
      ),
    )
  })
  it('names the unknowns that nothing determines, and sets them to 0', () => {
    const system = emptySystem(2)
    system.re[0] = 2
    system.rightRe[0] = 4
    expect(solveSystem(system)).toEqual([1])
    expect([system.rightRe[0], system.rightRe[1]]).toEqual([2, 0])
  })
})

describe('small circuits, by hand', () => {
  it('a divider', () => {
    const circuit: Circuit = {
      ...NO_CIRCUIT,
      sources: [{ id: 's', a: 'a', b: EARTH, volts: complex(12), ohms: 1 }],
      resistors: [
        { id: 'r1', a: 'a', b: 'b', ohms: 2, reactanceOhms: 0 },
        { id: 'r2', a: 'b', b: EARTH, ohms: 3, reactanceOhms: 0 },
      ],
    }
    const solution = solveAt(prepare(circuit), 1)
    expect(solution.volts.get('b')?.re).toBeCloseTo(6, 12)
    expect(ampsThrough(circuit, solution, 'r1')?.re).toBeCloseTo(2, 12)
    expect(ampsThrough(circuit, solution, 's')?.re).toBeCloseTo(2, 12)
    expect(ampsThrough(circuit, solution, 'none')).toBeNull()
  })
  it('5 µF at 230 V, 60 Hz take 0.4335 A (I = 2 pi f C V), a quarter turn ahead', () => {
    const circuit: Circuit = {
      ...NO_CIRCUIT,
      sources: [{ id: 's', a: 'a', b: EARTH, volts: complex(230), ohms: 1e-9 }],
      capacitors: [{ id: 'c', a: 'a', b: EARTH, microfarads: 5 }],
    }
    const amps = ampsThrough(circuit, solveAt(prepare(circuit), 1), 'c')
    expect([amps?.re, amps?.im].map((x) => Number(x?.toFixed(4)))).toEqual([expect.closeTo(0, 4), 0.4335])
  })
  it('a part without a path to earth floats, is named, and has no NaN', () => {
    const circuit: Circuit = {
      ...NO_CIRCUIT,
      capacitors: [{ id: 'c', a: 'x', b: 'y', microfarads: 5 }],
      named: ['z'],
    }
    const solution = solveAt(prepare(circuit), 1)
    expect([...solution.floating].sort()).toEqual(['x', 'y', 'z'])
    expect([...solution.volts.values()].every((v) => Number.isFinite(v.re) && Number.isFinite(v.im))).toBe(
      true,
    )
  })
  it('loops of jumpers share the current by their resistance', () => {
    const j = (id: string, a: string, b: string) => ({ id, a, b, ohms: 0.002, reactanceOhms: 0 })
    const circuit: Circuit = {
      ...NO_CIRCUIT,
      sources: [{ id: 's', a: 'a', b: EARTH, volts: complex(10), ohms: 1 }],
      resistors: [
        j('ab', 'a', 'b'),
        j('bc', 'b', 'c'),
        j('ac', 'a', 'c'),
        { id: 'load', a: 'c', b: EARTH, ohms: 9, reactanceOhms: 0 },
      ],
    }
    const solution = solveAt(prepare(circuit), 1)
    expect(
      (ampsThrough(circuit, solution, 'ac')?.re ?? 0) / (ampsThrough(circuit, solution, 'ab')?.re ?? 1),
    ).toBeCloseTo(2, 6)
  })
})

describe('the demo motor in its circuit', () => {
  const input = circuitInput('cooling-1-pole-shared-capacitor', 'rowan-25r')
  const run = (i: typeof input, mode: 'cooling' | 'off' = 'cooling') =>
    runCircuit(circuitOf(i, mode).circuit, i.machine)
  it('starts the way its plug is set and comes to its rated speed', () => {
    const { direction, rpm, startTorque } = run(input)
    expect(direction).toBe(1)
    expect(startTorque).toBeGreaterThan(0.15)
    expect(rpm).toBeGreaterThan(1055)
    expect(rpm).toBeLessThan(1095)
  })
  it('stands with the contactor open, every lead at line potential and without current (one-pole contactor)', () => {
    const { running, direction } = run(input, 'off')
    expect(direction).toBe(0)
    for (const point of ['joint', 'run', 'start'])
      expect(magnitude(running.volts.get(`W:${point}`)!)).toBeCloseTo(115, 3)
    expect(Math.max(...running.coilAmps.map(magnitude))).toBeLessThan(1e-6)
  })
  it('without a capacitor has no starting torque at all', () =>
    expect(
      Math.abs(
        run(circuitInput('cooling-1-pole-shared-capacitor', 'rowan-25r', { brown: { kind: 'insulated' } }))
          .startTorque,
      ),
    ).toBeLessThan(1e-9))
  it('starts backwards when the capacitor’s far side is on motor common’s line (derived)', () => {
    const own = circuitInput('cooling-2-pole-own-capacitor', 'rowan-25r')
    expect(run(own).direction).toBe(1)
    // The auxiliary across the capacitor to its own end of the main winding: shorted through the capacitor, it gives no torque.
    const other = circuitInput('cooling-2-pole-own-capacitor', 'rowan-25r', { 'brown/white': onPost('T1') })
    expect(run(other).direction).not.toBe(1)
  })
  it('exchanging motor common and run together keeps the direction', () => {
    const own = circuitInput('cooling-2-pole-own-capacitor', 'rowan-25r', {
      black: onPost('T2'),
      white: onPost('T1'),
    })
    expect(run(own).direction).toBe(1)
  })
  it('the capacitor’s voltage exceeds the line’s, and is highest running light', () => {
    const { circuit } = circuitOf(input, 'cooling')
    const vc = (slip: number) => {
      const s = solveAt(prepare(circuit), slip)
      return Math.max(
        ...input.hookup.can.sections.map((x) => {
          const c = circuit.capacitors.find((k) => k.id === `section:${x.id}`)!
          return Math.hypot(
            s.volts.get(c.a)!.re - s.volts.get(c.b)!.re,
            s.volts.get(c.a)!.im - s.volts.get(c.b)!.im,
          )
        }),
      )
    }
    expect(vc(0.104)).toBeGreaterThan(230)
    expect(vc(0.02)).toBeGreaterThan(vc(0.104))
    expect(vc(0.104)).toBeGreaterThan(vc(1))
  })
  it('idle speed taps float above line voltage', () => {
    const blower = circuitInput('fan-coil-three-speed', 'alder-33b')
    const { running } = runCircuit(circuitOf(blower, 'high').circuit, blower.machine)
    const volts = (point: string) => magnitude(running.volts.get(`W:${point}`)!)
    expect(volts('tap:blue')).toBeGreaterThan(150)
    expect(volts('tap:red')).toBeGreaterThan(volts('tap:blue'))
  })
  it('lower taps run slower and draw less', () => {
    const blower = circuitInput('fan-coil-three-speed', 'alder-33b')
    const at = (mode: 'high' | 'medium' | 'low') =>
      runCircuit(circuitOf(blower, mode).circuit, blower.machine)
    const [high, medium, low] = [at('high'), at('medium'), at('low')]
    expect(high.rpm).toBeGreaterThan(medium.rpm)
    expect(medium.rpm).toBeGreaterThan(low.rpm)
    expect(magnitude(high.running.coilAmps[0]!)).toBeGreaterThan(magnitude(medium.running.coilAmps[0]!))
  })
})

it('any wiring at all has finite figures', () => {
  const place = (
    unit: (typeof ONE_PHASE)[number],
    can: Parameters<typeof hookupPosts>[1],
  ): fc.Arbitrary<Placement> =>
    fc.constantFrom<Placement>(
      ...hookupPosts(unit, can).map((p) => onPost(p.id)),
      { kind: 'insulated' },
      { kind: 'loose' },
      { kind: 'plug' },
    )
  fc.assert(
    fc.property(
      fc.constantFrom(...ONE_PHASE).chain((unit) => {
        const sheet = unit.traits.fan === 'blower' ? 'alder-33b' : 'rowan-33m'
        const { hookup } = circuitInput(unit.id, sheet)
        return fc.record({
          unit: fc.constant(unit.id),
          sheet: fc.constant(sheet),
          moves: fc.dictionary(
            fc.constantFrom(...hookup.leads.map((l) => l.lead.id)),
            place(unit, hookup.can),
            { maxKeys: 8 },
          ),
        })
      }),
      ({ unit, sheet, moves }) => {
        const input = circuitInput(unit, sheet, moves)
        for (const { id } of input.hookup.unit.modes) {
          const { running, rpm, startTorque } = runCircuit(circuitOf(input, id).circuit, input.machine)
          expect(
            [
              rpm,
              startTorque,
              ...running.coilAmps.flatMap((c) => [c.re, c.im]),
              ...[...running.volts.values()].flatMap((c) => [c.re, c.im]),
            ].every(Number.isFinite),
          ).toBe(true)
        }
      },
    ),
    { numRuns: 150 },
  )
}, 60_000)

describe('sources and branches by Ohm’s law', () => {
  const close = (z: { re: number; im: number } | undefined, re: number, im: number) => {
    expect(z!.re).toBeCloseTo(re, 9)
    expect(z!.im).toBeCloseTo(im, 9)
  }
  const divider = (a: string, b: string): Circuit => ({
    ...NO_CIRCUIT,
    sources: [{ id: 's', a, b, volts: complex(3, 10), ohms: 2 }],
    resistors: [{ id: 'r', a: 'x', b: EARTH, ohms: 3, reactanceOhms: 0 }],
  })
  it('3 + 10i V behind 2 Ω on 3 Ω: three fifths of it, and a fifth of it as amps', () => {
    const circuit = divider('x', EARTH)
    const solved = solveAt(prepare(circuit), 1)
    close(solved.volts.get('x'), 1.8, 6)
    close(ampsThrough(circuit, solved, 'r')!, 0.6, 2)
  })
  it('put on the other way round it is the same with the other sign', () => {
    const circuit = divider(EARTH, 'x')
    const solved = solveAt(prepare(circuit), 1)
    close(solved.volts.get('x'), -1.8, -6)
    close(ampsThrough(circuit, solved, 'r')!, -0.6, -2)
  })
  it('between two points of which neither is earth, what goes in at one comes out at the other', () => {
    const circuit: Circuit = {
      ...NO_CIRCUIT,
      sources: [{ id: 's', a: 'x', b: 'y', volts: complex(0, 12), ohms: 1 }],
      resistors: [
        { id: 'r', a: 'x', b: EARTH, ohms: 2, reactanceOhms: 0 },
        { id: 'q', a: 'y', b: EARTH, ohms: 3, reactanceOhms: 0 },
      ],
    }
    const solved = solveAt(prepare(circuit), 1)
    // 12i V round 1 + 2 + 3 Ω: 2i A.
    close(solved.volts.get('x'), 0, 4)
    close(solved.volts.get('y'), 0, -6)
    expect(magnitude(ampsThrough(circuit, solved, 's')!)).toBeCloseTo(2, 9)
  })
  it('an impedance of 3 + 4i Ω on 10 V takes 2 A, lagging', () => {
    const circuit: Circuit = {
      ...NO_CIRCUIT,
      sources: [{ id: 's', a: 'x', b: EARTH, volts: complex(10), ohms: 1e-12 }],
      resistors: [{ id: 'z', a: 'x', b: EARTH, ohms: 3, reactanceOhms: 4 }],
    }
    close(ampsThrough(circuit, solveAt(prepare(circuit), 1), 'z')!, 1.2, -1.6)
  })
  it('a point with no path to earth is named, and stands at nothing', () => {
    const circuit: Circuit = {
      ...NO_CIRCUIT,
      resistors: [{ id: 'r', a: 'p', b: 'q', ohms: 3, reactanceOhms: 0 }],
      named: ['p', 'lost'],
    }
    const { floating, volts } = solveAt(prepare(circuit), 1)
    expect([...floating].sort()).toEqual(['lost', 'p', 'q'])
    close(volts.get('p'), 0, 0)
    close(volts.get('lost'), 0, 0)
  })
})
