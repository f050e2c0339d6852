// A fan on three phases, from first principles: three like ends on three lines turn, on two lines it hums; two ends live while it stands
// drive current through it. Which way it turns no copper shows.
import { hookupWith, onPost, requestFor, sheetOf, threePhaseRequest } from '../../testing/fixtures'
import { magnitude, minus, ZERO } from '../../quantity/complex'
import type { Placement } from '../../wiring/placement'
import { NO_SUPPLY_FACTS } from '../../supply/supply'
import { requestOnSupply } from '../request'
import { hookupCircuit, workOutHookup } from '../hookup'
import { solveAt, prepare } from '../solution/solve'
import { DIRECTION } from './phases'

const LEADS = ['black', 'red', 'blue']
const POSTS = ['T1', 'T2', 'T3']
const stops = (answer: ReturnType<typeof workOutHookup>) =>
  answer.proof.hazards.filter((h) => h.severity === 'stop').map((h) => [h.code, h.message])

it('as advised it is sound, and says what no circuit knows', () => {
  const { proof, leads, refusals, plug } = workOutHookup(threePhaseRequest())
  expect(refusals).toEqual([])
  expect(leads.map(({ lead, goes }) => [lead, goes])).toEqual([
    ['black', onPost('T1')],
    ['red', onPost('T2')],
    ['blue', onPost('T3')],
    ['green', onPost('GND')],
  ])
  expect(proof.verdict).toBe('watch')
  expect(proof.sentence).toBe(`Proven in off and cooling. Watch: ${DIRECTION}`)
  expect(plug.advised).toBeNull()
})

it('any order of the three is as sound as the first', () => {
  for (const order of [
    [0, 2, 1],
    [1, 0, 2],
    [1, 2, 0],
    [2, 0, 1],
    [2, 1, 0],
  ]) {
    const moves: Record<string, Placement> = {}
    order.forEach((post, i) => (moves[LEADS[i]!] = onPost(POSTS[post]!)))
    expect(hookupWith(threePhaseRequest(), moves).proof.verdict).toBe('watch')
  }
})

it('a lead follows the old wire of its own colour', () => {
  const base = threePhaseRequest()
  const colour = { 'fan-a': 'BU', 'fan-b': 'BK', 'fan-c': 'RD' } as const
  const wires = base.wires.map((wire) => {
    const own = colour[wire.id as keyof typeof colour]
    return own ? { ...wire, segments: [{ colour: own, stripe: null }] } : wire
  })
  const { leads } = workOutHookup({ ...base, wires })
  expect(leads.slice(0, 3).map(({ lead, goes, why }) => [lead, goes, why])).toEqual([
    ['black', onPost('T2'), 'One of three like leads, where the old black wire was: T2 on the contactor.'],
    ['red', onPost('T3'), 'One of three like leads, where the old red wire was: T3 on the contactor.'],
    ['blue', onPost('T1'), 'One of three like leads, where the old blue wire was: T1 on the contactor.'],
  ])
})

it('a lead that is capped leaves two lines: it hums and burns', () => {
  expect(stops(hookupWith(threePhaseRequest(), { red: { kind: 'insulated' } }))).toEqual([
    ['lead-not-landed', 'The red lead is insulated, and the motor needs it landed.'],
    [
      'phase-dead',
      'The red lead has no line in cooling: on fewer than three lines it hums, stands and burns.',
    ],
  ])
})

it('two leads on one line', () => {
  expect(stops(hookupWith(threePhaseRequest(), { red: onPost('T1') }))).toEqual([
    [
      'phases-on-one-line',
      'The black lead and the red lead are on one line in cooling: the motor has no third phase, hums and burns.',
    ],
  ])
})

it('one lead before the contactor is watched, two drive current through a motor that stands', () => {
  const one = hookupWith(threePhaseRequest(), { red: onPost('L2') })
  expect(one.proof.verdict).toBe('watch')
  expect(one.proof.hazards.map((h) => h.code).sort()).toEqual(['direction-at-first-power', 'supply-side'])
  expect(stops(hookupWith(threePhaseRequest(), { red: onPost('L2'), blue: onPost('L3') }))).toEqual([
    [
      'runs-with-contactor-open',
      'The red lead and the blue lead are on two lines or more in off, with the contactor open: current flows in a motor that is meant to stand.',
    ],
  ])
})

it('a wire of the unit that joins two of the three lines is a short', () => {
  const base = threePhaseRequest()
  const wires = [...base.wires, { id: 'odd', from: 'L3', to: 'T1', segments: [], traced: true, stated: [] }]
  expect(stops(workOutHookup({ ...base, wires }))[0]).toEqual([
    'line-to-line',
    'A wire of the unit joins two of the three lines: a dead short (cooling).',
  ])
})

it('the compressor needs its three lines, and none of them with the contactor open', () => {
  const base = threePhaseRequest()
  const put = (from: string) =>
    workOutHookup({ ...base, wires: base.wires.map((w) => (w.id === 'comp-2' ? { ...w, from } : w)) })
  expect(stops(put('T1'))).toEqual([
    [
      'compressor-not-fed',
      'The compressor does not get three phases in cooling: two of its posts are on one line.',
    ],
  ])
  expect(stops(put('L2'))).toEqual([
    [
      'compressor-always-fed',
      'A post of the compressor stays on a line in off, with the contactor open: its wire is on the supply side.',
    ],
  ])
  const gone = { ...base, wires: base.wires.filter((w) => w.id !== 'comp-2') }
  expect(stops(workOutHookup(gone))[0]?.[1]).toBe(
    'The compressor does not get three phases in cooling: its 2 has no line.',
  )
})

it('one phase and three do not stand in for each other, either way', () => {
  const three = workOutHookup(threePhaseRequest({ sheet: sheetOf('rowan-25r') }))
  expect(three.refusals.map((r) => r.message)).toContain(
    'Rowan 25R has one phase, and this unit’s fan has three: they do not stand in for each other.',
  )
  const one = workOutHookup(requestFor('cooling-1-pole-shared-capacitor', 'brant-50t'))
  expect(one.refusals.map((r) => r.message)).toContain(
    'Brant 50T is a three-phase motor: it and a single-phase one do not stand in for each other.',
  )
})

it('a supply of other volts than its plate is stopped', () => {
  const { proof } = workOutHookup(threePhaseRequest({ unit: { ...threePhaseRequest().unit, volts: 230 } }))
  expect(proof.hazards[0]?.message).toBe(
    'The supply is 230 V; the motor is rated 460 V. That is 50 % too low for 460 V; 10 % is the most.',
  )
})

it('the circuit gives each lead the plate’s amps, and the lines’ volts between any two leads (balanced star, textbook)', () => {
  const request = threePhaseRequest()
  const answer = workOutHookup(request)
  const cooling = answer.proof.modes.find((m) => m.mode === 'cooling')!
  for (const lead of LEADS) expect(cooling.solution.leads[lead]?.amps).toBeCloseTo(1, 2)
  const { built } = hookupCircuit(request, answer, 'cooling')
  const { volts } = solveAt(prepare(built.circuit), 1)
  const at = (lead: string) => volts.get(built.leadNode(lead)) ?? ZERO
  for (const [a, b] of [
    ['black', 'red'],
    ['red', 'blue'],
    ['black', 'blue'],
  ] as const)
    // The source's own 0.04 ohms take less than a volt at these amps.
    expect(Math.abs(magnitude(minus(at(a), at(b))) - 460)).toBeLessThan(2)
})

it('a plate that says one phase: the proof waits until it is settled', () => {
  const { unit, sheet, wires, wanted = null } = threePhaseRequest()
  const verdict = (platePhases: 1 | 3 | null) => {
    const facts = { ...NO_SUPPLY_FACTS, platePhases, unitPlate: [{ low: 460, high: 460 }] }
    return workOutHookup(requestOnSupply(unit, facts, { sheet, wires, can: null, wanted }).request).proof
  }
  expect([verdict(3).verdict, verdict(null).verdict]).toEqual(['watch', 'watch'])
  expect(verdict(1).sentence).toBe(
    'Cannot tell yet: The unit’s plate says one phase, and this kind of unit is on three: choose its kind again, or read the plate again.',
  )
})

it('posts of the compressor without a line are all named', () => {
  const base = threePhaseRequest()
  const gone = { ...base, wires: base.wires.filter((w) => w.id !== 'comp-2' && w.id !== 'comp-3') }
  expect(stops(workOutHookup(gone))[0]?.[1]).toBe(
    'The compressor does not get three phases in cooling: its 2 and 3 have no line.',
  )
})

it('two leads that are capped are both named', () =>
  expect(
    stops(hookupWith(threePhaseRequest(), { red: { kind: 'insulated' }, blue: { kind: 'insulated' } })).map(
      ([, message]) => message,
    ),
  ).toContain(
    'The red lead and the blue lead have no line in cooling: on fewer than three lines it hums, stands and burns.',
  ))
