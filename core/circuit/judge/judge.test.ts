// The solved circuit as judge: blowers lead by lead, and two independent judges of outdoor fans against each other.
import fc from 'fast-check'
import { machineOf } from '../../motor/machine/machine'
import { BLOWER_CAN } from '../../testing/circuits'
import { CAN, hookupWith, ONE_PHASE, onPost, requestFor } from '../../testing/fixtures'
import { hookupPosts } from '../../wiring/hookup-posts'
import type { Placement } from '../../wiring/placement'
import type { HazardCode } from '../hazard'
import { limitsOf } from './limits'
import { findSymptoms } from './symptoms'

const insulated: Placement = { kind: 'insulated' }
const blower = (unit: string, moves: Record<string, Placement> = {}) =>
  hookupWith(requestFor(unit, 'alder-33b', { can: BLOWER_CAN }), moves).proof
const codes = (proof: { readonly hazards: readonly { readonly code: HazardCode }[] }) =>
  proof.hazards.map((h) => h.code)

describe('a blower as advised', () => {
  it.each([
    ['gas-furnace-board', 'Proven in off, heating and cooling.'],
    ['fan-coil-three-speed', 'Proven in off, high, medium and low.'],
    ['roof-through-shaft', 'Proven in off, high and low.'],
  ])('on %s is proven in the modes it is used in', (unit, sentence) => {
    expect([blower(unit).sentence, blower(unit).hazards]).toEqual([sentence, []])
  })
  it('runs slower on each lower tap, and only in its own mode', () => {
    const rpm = Object.fromEntries(
      blower('fan-coil-three-speed').modes.map((m) => [m.mode, m.solution.motor.rpm]),
    )
    expect(rpm.off).toBe(0)
    expect([rpm.high! > rpm.medium!, rpm.medium! > rpm.low!, rpm.low! > 400]).toEqual([true, true, true])
  })
})

// What must come of each move, from the circuit: by hand.
const MOVES: readonly [string, string, Record<string, Placement>, HazardCode][] = [
  ['gas-furnace-board', 'the cooling tap insulated', { black: insulated }, 'no-tap-live'],
  [
    'gas-furnace-board',
    'the heating tap on the parking post of another',
    { red: onPost('PARK1') },
    'idle-taps-tied',
  ],
  ['gas-furnace-board', 'an idle tap beside the cooling tap', { blue: onPost('COOL') }, 'two-taps-live'],
  ['gas-furnace-board', 'the line lead parked', { white: onPost('PARK2') }, 'does-not-start'],
  ['gas-furnace-board', 'the line lead on an output', { white: onPost('COOL') }, 'run-dead'],
  ['gas-furnace-board', 'a tap on the neutral', { red: onPost('N') }, 'no-voltage-across-motor'],
  ['gas-furnace-board', 'a tap on the chassis', { red: onPost('GND') }, 'winding-on-earth'],
  ['gas-furnace-board', 'a tap on the transformer’s 24 V', { red: onPost('XFMR') }, 'lead-on-coil'],
  ['gas-furnace-board', 'a capacitor lead insulated', { brown: insulated }, 'lead-not-landed'],
  ['gas-furnace-board', 'start straight on the neutral', { brown: onPost('N') }, 'capacitor-lead-touches'],
  [
    'gas-furnace-board',
    'the run side of the capacitor on an output',
    { 'brown/white': onPost('COOL') },
    'line-to-line',
  ],
  ['fan-coil-three-speed', 'one tap on two selections’ post', { blue: onPost('LO') }, 'idle-taps-tied'],
  [
    'fan-coil-three-speed',
    'the high tap on the supply: it runs when off',
    { black: onPost('L') },
    'runs-when-stopped',
  ],
]

describe('a blower with one thing wrong', () => {
  it.each(MOVES)('%s: %s', (unit, _, moves, code) => {
    const proof = blower(unit, moves)
    expect(codes(proof)).toContain(code)
    expect(proof.verdict).toBe('stop')
  })
  it('the cooling and heating taps exchanged is no danger, but an effect: it is watched and named', () => {
    const { verdict, hazards } = blower('gas-furnace-board', { black: onPost('HEAT'), red: onPost('COOL') })
    expect([verdict, hazards.map((h) => h.message)]).toEqual([
      'watch',
      [
        'In cooling the blower runs at low, in heating at high: cooling wants the more air; with too little air the coil can ice over, the air comes out cooler.',
      ],
    ])
  })
  it('a motor of half the volts, or of twice, shows in the volts across it', () => {
    const request = requestFor('electric-furnace-relay-sequencer', 'alder-33b', { can: BLOWER_CAN })
    const { proof, can } = hookupWith(request, {})
    const symptoms = (ratedVolts: { low: number; high: number }) =>
      codes({
        hazards: findSymptoms({
          unit: request.unit,
          machine: machineOf(request.sheet),
          can,
          modes: proof.modes.map((m) => m.solution),
          taps: ['black', 'blue', 'red'],
          tagVolts: 370,
          ratedVolts,
          ratedAmps: 6,
        }),
      })
    expect(symptoms({ low: 115, high: 115 })).toContain('motor-voltage')
    expect(symptoms({ low: 208, high: 230 })).not.toContain('motor-voltage')
    expect(symptoms({ low: 460, high: 460 })).toContain('motor-voltage')
  })
  it('names the lead to put back', () => {
    const { hazards } = blower('gas-furnace-board', { black: insulated })
    expect(hazards.find((h) => h.code === 'no-tap-live')?.move).toEqual({ lead: 'black', to: onPost('COOL') })
  })
  it('every lead on every post has a verdict that is not “proven” unless it is where it was, or on its twin', () => {
    const request = requestFor('fan-coil-three-speed', 'alder-33b', { can: BLOWER_CAN })
    const home = hookupWith(request, {})
    let stopped = 0
    for (const { lead, goes } of home.leads.filter((l) => l.goes.kind === 'post' && l.lead !== 'green'))
      for (const post of hookupPosts(request.unit, BLOWER_CAN)) {
        if (goes.kind === 'post' && goes.post === post.id) continue
        const { proof } = hookupWith(request, { [lead]: onPost(post.id) }, { mends: false })
        if (proof.verdict === 'stop') stopped += 1
        else expect([lead, post.id, proof.verdict]).toEqual([lead, post.id, 'sound by the circuit'])
      }
    expect(stopped).toBeGreaterThan(40)
  })
  it('outputs that must stay apart and were tied by a wire are refused', () => {
    const request = requestFor('fan-coil-three-speed', 'alder-33b', { can: BLOWER_CAN })
    const tied = {
      ...request,
      wires: [...request.wires, { id: 'tie', from: 'HI', to: 'LO', segments: [], traced: true, stated: [] }],
    }
    expect(codes(hookupWith(tied, {}).proof)).toContain('outputs-tied')
  })
})

it('an idle horsepower tap that is live with another circulates a current, by the circuit too', () => {
  const request = requestFor('cooling-1-pole-shared-capacitor', 'rowan-33m', { compressorMicrofarads: 45 })
  const { proof, can } = hookupWith(request, { blue: onPost('T1') })
  const symptoms = findSymptoms({
    unit: request.unit,
    machine: machineOf(request.sheet),
    can,
    modes: proof.modes.map((m) => m.solution),
    taps: ['black', 'blue', 'red'],
    tagVolts: 370,
    ratedVolts: request.sheet.nameplate.volts,
    ratedAmps: 2,
  })
  expect(codes({ hazards: symptoms })).toContain('two-taps-live')
})

it('start torque that is left at one end of the capacitor’s tolerance alone is weak', () => {
  const request = requestFor()
  const machine = machineOf(request.sheet)!
  const { proof, can } = hookupWith(request, {})
  const at = (low: number, high: number) =>
    findSymptoms({
      unit: request.unit,
      machine,
      can,
      modes: proof.modes.map(({ solution }) => ({
        ...solution,
        tolerance: solution.tolerance && {
          ...solution.tolerance,
          startTorque: [low * machine.rating.torque, high * machine.rating.torque] as const,
        },
      })),
      taps: [],
      tagVolts: 370,
      ratedVolts: request.sheet.nameplate.volts,
      ratedAmps: 2,
    }).map((h) => h.message)
  expect(at(0.01, 0.5)).toEqual([
    'In cooling a capacitor at the low end of its tolerance leaves hardly any start torque: it may not start, or wind may turn it backward.',
  ])
  expect(at(0.2, 0.5)).toEqual([])
})

describe('how much more a winding may carry than at its rating', () => {
  const request = requestFor()
  const { proof, can } = hookupWith(request, {})
  const machine = machineOf(request.sheet)!
  const { rated } = limitsOf(machine)
  /** The main winding at so many times its rated amps, in the mode in which it runs. */
  const at = (times: number, estimated: boolean) =>
    findSymptoms({
      unit: request.unit,
      machine: { ...machine, estimated },
      can,
      modes: proof.modes
        .filter((m) => m.fanRuns)
        .map(({ solution }) => ({
          ...solution,
          motor: {
            ...solution.motor,
            windings: solution.motor.windings.map((w) =>
              w.id === 'auxiliary' ? w : { ...w, amps: times * rated.mainAmps },
            ),
          },
        })),
      taps: [],
      tagVolts: 370,
      ratedVolts: request.sheet.nameplate.volts,
      ratedAmps: 2,
    })
      .filter((h) => h.code === 'winding-overcurrent')
      .map((h) => [h.severity, h.message] as const)[0]
  it('by the maker’s constants 1.3 times, and above that it burns', () => {
    expect(at(1.29, false)).toBeUndefined()
    expect(at(1.31, false)?.[0]).toBe('stop')
    expect(at(1.31, false)?.[1]).toMatch(
      /^In cooling the main winding would carry .* A, 1\.3 times its rated .* A: it burns\.$/,
    )
  })
  it('by estimate 1.6 times before it is watched, 2.5 before it stops; an estimate never says that it burns', () => {
    expect(at(1.59, true)).toBeUndefined()
    expect(at(1.61, true)?.[0]).toBe('watch')
    expect(at(2.49, true)?.[0]).toBe('watch')
    expect(at(2.51, true)?.[0]).toBe('stop')
    expect(at(2.51, true)?.[1]).toMatch(
      /^By estimate the main winding would carry .*: more than an estimate can be off\.$/,
    )
    expect(at(1.61, true)?.[1]).not.toContain('burns')
  })
})

const ELECTRICAL: readonly HazardCode[] = [
  'line-to-line',
  'line-on-earth',
  'no-voltage-across-motor',
  'motor-common-dead',
  'run-dead',
  'runs-with-contactor-open',
  'runs-in-defrost',
  'start-on-line',
  'start-open',
  'capacitor-off-run',
]
const outdoor = ONE_PHASE.filter((unit) => unit.traits.fan === 'outdoor')

it('what the circuit condemns the copper condemns, and where the copper finds nothing the circuit finds nothing (400 wirings)', () => {
  let both = 0
  let neither = 0
  const anyCase = fc
    .record({
      unit: fc.constantFrom(...outdoor),
      sheet: fc.constantFrom('rowan-25r', 'rowan-33m', 'rowan-16f'),
    })
    .chain(({ unit, sheet }) => {
      const request = requestFor(unit.id, sheet, {
        compressorMicrofarads: unit.traits.capacitor === 'shared' ? 45 : null,
      })
      const lead = fc.constantFrom(
        ...request.sheet.leads.filter((l) => l.role !== 'rotation' && l.role !== 'ground').map((l) => l.id),
      )
      const post = fc.constantFrom(
        ...hookupPosts(unit, CAN)
          .filter((p) => p.kind !== 'coil' && p.kind !== 'earth')
          .map((p) => onPost(p.id)),
      )
      return fc.record({
        request: fc.constant(request),
        moves: fc.dictionary(lead, post, { minKeys: 1, maxKeys: 3 }),
      })
    })
  fc.assert(
    fc.property(anyCase, ({ request, moves }) => {
      const { proof, can } = hookupWith(request, moves, { mends: false })
      const taps = request.sheet.leads.filter((l) => l.role === 'power-tap').map((l) => l.id)
      const symptoms = findSymptoms({
        unit: request.unit,
        machine: machineOf(request.sheet),
        can,
        modes: proof.modes.map((m) => m.solution),
        taps,
        tagVolts: 370,
        ratedVolts: request.sheet.nameplate.volts,
        ratedAmps: 2,
      }).filter((s) => s.severity === 'stop')
      const rules = proof.hazards.filter(
        (h) => h.severity === 'stop' && ![...symptoms.map((s) => s.code)].includes(h.code),
      )
      if (symptoms.length > 0) expect(rules.length).toBeGreaterThan(0)
      if (rules.some((r) => ELECTRICAL.includes(r.code)) && symptoms.length > 0) both += 1
      if (rules.length === 0 && symptoms.length === 0) neither += 1
    }),
    { numRuns: 400, seed: 11 },
  )
  expect(both).toBeGreaterThan(200)
  expect(neither).toBeGreaterThan(10)
}, 60_000)
