// What belongs to a blower alone, by hand: outputs without a lead are asked about, speeds that stand the wrong way round are watched, and
// its two capacitor leads touch nothing but their capacitor, whichever of them the winding's end is.
import { at230 } from '../testing/wirings'
import { BLOWER_CAN } from '../../testing/circuits'
import { hookupWith, onPost, requestFor } from '../../testing/fixtures'
import type { Placement } from '../../wiring/placement'

const on = (unit: string, moves: Record<string, Placement> = {}, more = {}) =>
  hookupWith(requestFor(unit, 'alder-33b', { can: BLOWER_CAN, ...more }), moves).proof
const messages = (proof: ReturnType<typeof on>) => proof.hazards.map((h) => [h.severity, h.message])

describe('an output without a lead', () => {
  it('is asked about until it is said to be so', () => {
    const asked = on('gas-furnace-board', {}, { unusedOutputs: [] })
    expect([asked.verdict, asked.sentence]).toEqual([
      'cannotTell',
      'Cannot tell yet: CIRC has no lead on record, so the blower would not run in fan only: is that so?',
    ])
    expect(on('gas-furnace-board', {}, { unusedOutputs: ['CIRC'] }).verdict).toBe('proven')
  })
  it('is asked about where heating lost its lead on record', () => {
    const request = requestFor('gas-furnace-board', 'alder-33b', { can: BLOWER_CAN })
    const wires = request.wires.filter((w) => w.from !== 'HEAT')
    expect(hookupWith({ ...request, wires }, {}).proof.sentence).toBe(
      'Cannot tell yet: HEAT has no lead on record, so the blower would not run in heating: is that so?',
    )
  })
  it('is not asked about where another output runs the same modes', () =>
    expect(on('fan-coil-three-speed').verdict).toBe('proven'))
})

describe('speeds', () => {
  it('high on LO and low on HI of a fan coil are watched', () =>
    expect(messages(on('fan-coil-three-speed', { black: onPost('LO'), red: onPost('HI') }))).toEqual([
      ['watch', 'In high the blower runs at low, in medium at medium: high wants the more air.'],
    ]))
  it('low on COOL with high on HEAT names what it does', () =>
    expect(messages(on('gas-furnace-board', { black: onPost('HEAT'), red: onPost('COOL') }))).toEqual([
      [
        'watch',
        'In cooling the blower runs at low, in heating at high: cooling wants the more air; with too little air the coil can ice over, the air comes out cooler.',
      ],
    ]))
  it('the relay’s two taps exchanged on an electric furnace are watched', () => {
    const volts = { ...requestFor('electric-furnace-relay-sequencer').unit, volts: 115 }
    const proof = on('electric-furnace-relay-sequencer', {}, { unit: volts })
    expect(proof.verdict).toBe('proven')
    const taps = proof.modes.flatMap((m) => m.solution.motor.line ?? [])
    expect(taps.length).toBeGreaterThan(0)
    const home = hookupWith(
      requestFor('electric-furnace-relay-sequencer', 'alder-33b', { can: BLOWER_CAN, unit: volts }),
      {},
    )
    const at = (post: string) =>
      home.leads.find((l) => l.goes.kind === 'post' && l.goes.post === post)?.lead ?? ''
    const crossed = on(
      'electric-furnace-relay-sequencer',
      { [at('R-NO')]: onPost('R-NC'), [at('R-NC')]: onPost('R-NO') },
      { unit: volts },
    )
    expect(crossed.hazards.map((h) => h.code)).toEqual(['speeds-crossed'])
  })
})

describe('line lead and tap exchanged', () => {
  it('with one speed is watched: the same winding, fed from its other end', () =>
    expect(messages(on('gas-furnace-one-speed', { white: onPost('FAN'), black: onPost('N') }))).toEqual([
      [
        'watch',
        'The black lead and the white lead are exchanged: with one speed the blower runs as well, but the line lead belongs on neutral on the fan control, and the next one to look will trust the tag.',
      ],
    ]))
  it('with two outputs stops: the other speed would be dead', () =>
    expect(on('gas-furnace-board', { white: onPost('COOL'), black: onPost('N') }).verdict).toBe('stop'))
  it('with the tap left where the line lead is stops', () =>
    expect(on('gas-furnace-one-speed', { black: onPost('N') }).hazards.map((h) => h.message)).toContain(
      'The black lead is a speed tap, and neutral on the fan control is where the line lead goes.',
    ))
})

describe('capacitor leads', () => {
  it.each([
    [
      'brown',
      'N',
      'The brown lead is a capacitor lead, and it is on neutral on the fan board: it may touch nothing but its capacitor.',
    ],
    [
      'brown/white',
      'N',
      'The brown with white stripe lead is a capacitor lead, and it is on neutral on the fan board: it may touch nothing but its capacitor.',
    ],
    [
      'brown',
      'COOL',
      'The brown lead is a capacitor lead, and it is on COOL on the fan board: it may touch nothing but its capacitor.',
    ],
  ])('%s on %s stops, whichever is the winding’s end', (lead, post, text) => {
    const proof = on('gas-furnace-board', { [lead]: onPost(post) })
    expect(proof.verdict).toBe('stop')
    expect(proof.hazards.map((h) => h.message)).toContain(text)
  })
  it('both on one post stop, and exchanged they are as sound', () => {
    expect(on('gas-furnace-board', { brown: onPost('CAN-C') }).hazards.map((h) => h.message)).toContain(
      'The brown lead is a capacitor lead, and the brown/white lead is on the same post: it may touch nothing but its capacitor.',
    )
    expect(on('gas-furnace-board', { brown: onPost('CAN-C'), 'brown/white': onPost('CAN-a') }).verdict).toBe(
      'proven',
    )
  })
  it('a lead that is joined to it by a wire, on another post, is told as that', () => {
    const request = requestFor('gas-furnace-board', 'alder-33b', { can: BLOWER_CAN })
    const wire = { id: 'odd', from: 'B1', to: 'B2', segments: [], traced: true, stated: [] }
    const { proof } = hookupWith({ ...request, wires: [...request.wires, wire] }, {})
    // Inside the motor brown/white is one point with white: of the two, white is told first.
    expect(proof.hazards.map((h) => h.message).filter((m) => m.includes('capacitor lead'))).toEqual([
      'The brown lead is a capacitor lead, and the white lead is joined to it: it may touch nothing but its capacitor.',
      'The brown with white stripe lead is a capacitor lead, and the brown lead is joined to it: it may touch nothing but its capacitor.',
    ])
  })
  it('an old capacitor that a wire tied to a line cannot be told', () => {
    const request = requestFor('gas-furnace-board', 'alder-33b', { can: BLOWER_CAN })
    const tie = { id: 'tie', from: 'N', to: 'B2', segments: [], traced: true, stated: [] }
    const { proof } = hookupWith({ ...request, wires: [...request.wires, tie] }, {})
    expect(proof.unknowns[0]).toBe(
      'a wire ties the old blower capacitor to a line, and the motor’s two capacitor leads may touch nothing else: trace that wire, and take it off or find what it feeds.',
    )
    expect(['cannotTell', 'stop']).toContain(proof.verdict)
  })
})

describe('a unit whose motor turns something at both ends', () => {
  const request = requestFor('roof-through-shaft', 'alder-33b', { can: BLOWER_CAN })
  const through = (throughShaft: boolean | null) =>
    hookupWith(
      {
        ...request,
        sheet: {
          ...request.sheet,
          mechanical: request.sheet.mechanical && { ...request.sheet.mechanical, throughShaft },
        },
      },
      {},
    ).proof
  it('fails a motor with one shaft end, and cannot tell where the sheet does not say', () => {
    expect(through(true).verdict).toBe('proven')
    expect(through(false).sentence).toBe(
      'Alder 33B has one shaft end; this unit’s motor turns something at both: take one with a through shaft.',
    )
    expect(through(null).sentence).toBe(
      'Cannot tell yet: whether the motor has two shaft ends is not on its sheet: look at it.',
    )
  })
})

describe('a neutral on the chassis', () => {
  const stray = (post: string) => {
    const request = requestFor('gas-furnace-board', 'alder-33b', { can: BLOWER_CAN })
    const wire = { id: 'stray', from: post, to: 'GND', segments: [], traced: true, stated: [] }
    return hookupWith({ ...request, wires: [...request.wires, wire] }, {}).proof
  }
  it('is told as that, not as a short; the line is a short', () => {
    expect([stray('N').verdict, stray('N').sentence]).toEqual([
      'stop',
      'A wire of the unit joins the neutral to the chassis: the frame then carries the motor’s current; they are bonded at the panel only (off, heating, cooling).',
    ])
    expect(stray('LINE').sentence).toContain('joins a line to the chassis: a short to earth')
  })
})

describe('evidence', () => {
  it('that speaks against a role makes a watch which names both', () => {
    const request = requestFor()
    const wires = request.wires.map((w) =>
      w.id === 'fan-c' ? { ...w, stated: [{ source: 'motor-label' as const, role: 'run' as const }] } : w,
    )
    const { proof } = hookupWith({ ...request, wires }, {})
    expect(proof.verdict).toBe('watch')
    expect(proof.hazards[0]?.message).toBe(
      'The wire on FAN on the dual capacitor is start by its terminal, against this: The motor’s own label says run.',
    )
  })
  it('a wire that is not traced keeps the proof back by its own name: a ground too', () => {
    const request = requestFor()
    const wires = request.wires.map((w) => (w.id === 'fan-g' ? { ...w, traced: false } : w))
    expect(hookupWith({ ...request, wires }, {}).proof.sentence).toBe(
      'Cannot tell yet: the wire on the chassis ground is not traced.',
    )
  })
})

describe('one speed: line lead and tap exchanged', () => {
  // The same winding fed from its other end (derived): it runs as it should, whether the other line is a neutral or a second line.
  it.each([
    ['gas-furnace-one-speed', 'N', 'FAN'],
    ['air-handler-relay', 'L2', 'R-NO'],
  ])('%s: a watch that says what to exchange', (unit, neutral, output) => {
    const base = requestFor(unit, 'alder-33b', { can: BLOWER_CAN })
    const sheet = base.unit.volts > 200 ? at230(base.sheet) : base.sheet
    const request = { ...base, sheet }
    const placed = hookupWith(request, {}, { mends: false }).placements
    const tap = placed.find(({ goes }) => goes.kind === 'post' && goes.post === output)!.lead
    const line = placed.find(({ goes }) => goes.kind === 'post' && goes.post === neutral)!.lead
    const { proof } = hookupWith(
      request,
      { [tap]: onPost(neutral), [line]: onPost(output) },
      { mends: false },
    )
    expect(proof.verdict).toBe('watch')
    expect(proof.hazards.map((h) => h.code)).toEqual(['line-and-tap-exchanged'])
    expect(proof.hazards[0]?.message).toContain('are exchanged: with one speed the blower runs as well')
  })
  it('a tap that is nowhere is still no feed', () => {
    const base = requestFor('gas-furnace-one-speed', 'alder-33b', { can: BLOWER_CAN })
    const tap = base.sheet.settings.speed[0]?.tap ?? ''
    const { proof } = hookupWith(base, { [tap]: { kind: 'insulated' } }, { mends: false })
    expect(proof.verdict).toBe('stop')
  })
})
