// What people read of a proof: which reason leads, which lead is named. Expected from the copper, by hand.
import { BLOWER_CAN } from '../testing/circuits'
import { hookupWith, onPost, requestFor } from '../testing/fixtures'
import { expectedModes } from '../startup/expected'
import { hookupPosts } from '../wiring/hookup-posts'
import { assignSpeeds } from '../wiring/speeds'
import { workOutHookup } from './hookup'

describe('the order of reasons', () => {
  // Run-return on C is a watch that the leads' check finds first; a plug against the wanted rotation is a stop that is found last.
  const request = { ...requestFor(), plug: 'CCW' as const }
  const { proof } = hookupWith(request, { 'brown/white': onPost('CAN-C') })
  it('a stop leads, whatever was found before it, and its reason is the sentence', () => {
    expect(proof.hazards.map((h) => [h.code, h.severity])).toEqual([
      ['rotation-opposite', 'stop'],
      ['run-return-landed', 'watch'],
    ])
    expect(proof.sentence).toBe(proof.hazards[0]?.message)
    expect(proof.verdict).toBe('stop')
  })
  it('without the stop the watch is told after what is proven', () => {
    const { proof: watched } = hookupWith(requestFor(), { 'brown/white': onPost('CAN-C') })
    expect(watched.sentence).toBe(`Proven in off and cooling. Watch: ${watched.hazards[0]?.message}`)
  })
})

describe('a short names the lead whose removal ends it', () => {
  it('run-return on the switched line joins both lines through the motor, once the contactor closes', () => {
    const { proof } = hookupWith(requestFor(), { 'brown/white': onPost('T1') })
    const short = proof.hazards.find((h) => h.code === 'line-to-line')
    expect(short).toMatchObject({ severity: 'stop', leads: ['brown/white'], modes: ['cooling'] })
    expect(short?.message).toMatch(/^The brown\/white lead .*\(cooling\)\.$/)
    expect(short?.move).toEqual({ lead: 'brown/white', to: { kind: 'insulated' } })
  })
})

it('start-up expects of each mode the speed whose tap is on the output that the mode calls, with that speed’s own rating', () => {
  const request = requestFor('gas-furnace-board', 'alder-33b')
  const answer = workOutHookup(request)
  const { assignments } = assignSpeeds(request)
  const speedIn = (mode: string) => assignments.find((a) => a.modes.includes(mode))?.speed ?? null
  const ratedOf = (speed: string | null) => request.sheet.settings.speed.find((s) => s.speed === speed)?.amps
  const modes = expectedModes(request.sheet, answer)
  expect(modes.length).toBeGreaterThan(1)
  for (const { name, speed, rated } of modes) {
    expect([name, speed]).toEqual([name, speedIn(name)])
    expect([name, rated]).toEqual([name, ratedOf(speed) ?? answer.horsepower.amps])
  }
})

describe('one lead on a wrong post', () => {
  const request = requestFor()
  const advised = workOutHookup(request)
  const posts = hookupPosts(request.unit, advised.can).map((p) => p.id)
  const moves = ['black', 'white', 'brown'].flatMap((lead) => posts.map((post) => [lead, post] as const))
  it.each(moves)(
    '%s on %s: where it is stopped, that lead is looked at first, and its own place is the mend',
    (lead, post) => {
      const { proof } = hookupWith(request, { [lead]: onPost(post) })
      if (proof.verdict !== 'stop') return
      expect(proof.hazards[0]?.leads[0]).toBe(lead)
      expect(proof.hazards[0]?.move).toEqual({ lead, to: advised.leads.find((l) => l.lead === lead)?.goes })
    },
  )
  it('most of them are stopped', () => {
    const stopped = moves.filter(
      ([lead, post]) => hookupWith(request, { [lead]: onPost(post) }).proof.verdict === 'stop',
    )
    expect(stopped.length).toBeGreaterThan(moves.length * 0.8)
  })
})

it('a motor whose tag names no ground lead is asked about, and proven once its frame is said to be grounded', () => {
  const request = requestFor()
  const sheet = { ...request.sheet, leads: request.sheet.leads.filter((l) => l.role !== 'ground') }
  const asked = workOutHookup({ ...request, sheet }).proof
  expect(asked.verdict).toBe('cannotTell')
  expect(asked.sentence).toBe(
    'Cannot tell yet: the motor’s tag names no ground lead: is its frame grounded by a wire or strap of its own?',
  )
  expect(workOutHookup({ ...request, sheet, frameGrounded: true }).proof.verdict).toBe('proven')
  expect(workOutHookup(request).proof.verdict).toBe('proven')
})

it('a lead that is needed and insulated is named as that', () => {
  const { proof } = hookupWith(requestFor(), { black: { kind: 'insulated' } })
  expect(proof.hazards.map((h) => h.message)).toContain(
    'The black lead is insulated, and the motor needs it landed.',
  )
})

it('a motor on another hertz is told what comes of it, slower or faster', () => {
  const request = requestFor()
  const on = (hertz: 50 | 60, made: 50 | 60) =>
    workOutHookup({
      ...request,
      hertz,
      sheet: { ...request.sheet, nameplate: { ...request.sheet.nameplate, hertz: made } },
    }).proof.hazards.find((h) => h.code === 'hertz')?.message
  expect(on(50, 60)).toBe(
    'The supply is 50 Hz; the motor is made for 60 Hz: it draws more, turns slower and gets hot.',
  )
  expect(on(60, 50)).toBe(
    'The supply is 60 Hz; the motor is made for 50 Hz: it turns faster than the fan is made for.',
  )
  expect(on(60, 60)).toBeUndefined()
})

it('a motor without a capacitor has no volts across one', () => {
  const { proof } = workOutHookup({
    ...requestFor('cooling-1-pole-shared-capacitor', 'teal-33e'),
    speed: 'high',
  })
  expect(proof.modes.map((m) => m.solution.motor.capacitorVolts)).toEqual(proof.modes.map(() => null))
})

describe('the lead that carries the line current', () => {
  const lineOf = (request: Parameters<typeof hookupWith>[0], moves: Parameters<typeof hookupWith>[1] = {}) =>
    hookupWith(request, moves).proof.modes.find((m) => m.fanRuns)?.solution.motor.line
  const turned = (id: string, sheetId: string, more: Parameters<typeof requestFor>[2] = {}) => {
    const request = requestFor(id, sheetId, more)
    return { ...request, sheet: { ...request.sheet, leads: [...request.sheet.leads].reverse() } }
  }
  it('is motor common’s, in whatever order the tag names its leads; landed nowhere it is none', () => {
    const forth = requestFor()
    const back = turned('cooling-1-pole-shared-capacitor', 'rowan-25r')
    expect([lineOf(forth), lineOf(back)]).toEqual(['black', 'black'])
    expect(lineOf(forth, { black: { kind: 'insulated' } })).toBeNull()
  })
  it('of a blower is its line lead’s', () => {
    const { sheet } = requestFor('gas-furnace-board', 'alder-33b', { can: BLOWER_CAN })
    const line = sheet.leads.find((l) => l.role === 'line')?.id
    expect(lineOf(requestFor('gas-furnace-board', 'alder-33b', { can: BLOWER_CAN }))).toBe(line)
    expect(lineOf(turned('gas-furnace-board', 'alder-33b', { can: BLOWER_CAN }))).toBe(line)
  })
})

it('a winding lead on the chassis is told as that', () => {
  const { proof } = hookupWith(requestFor(), { white: onPost('GND') })
  expect(proof.hazards.filter((h) => h.code === 'winding-on-earth').map((h) => h.message)).toEqual([
    'The white lead is a winding lead: on the chassis it makes the frame part of the circuit.',
  ])
})
it('line voltage on one end of the 24 V coil is enough to be told', () => {
  const request = requestFor()
  const wires = [
    ...request.wires,
    { id: 'stray', from: 'T1', to: 'A1', segments: [], traced: true, stated: [] },
  ]
  const { proof } = hookupWith({ ...request, wires }, {})
  expect(proof.hazards.filter((h) => h.code === 'line-on-coil').map((h) => h.message)).toEqual([
    'A wire of the unit puts line voltage on the 24 V coil: it blows the low-voltage fuse (cooling).',
  ])
})

describe('a blower whose taps are all off while it is called', () => {
  const off = (unit: string, motor: string, most: number) => {
    const request = requestFor(unit, motor, { can: BLOWER_CAN })
    const sheet = {
      ...request.sheet,
      settings: { ...request.sheet.settings, speed: request.sheet.settings.speed.slice(0, most) },
    }
    const moves = Object.fromEntries(
      sheet.settings.speed.map(({ tap }) => [tap!, { kind: 'insulated' } as const]),
    )
    return hookupWith({ ...request, sheet }, moves).proof.hazards.flatMap(({ code, message }) =>
      code === 'no-tap-live' ? [message] : [],
    )
  }
  it.each([
    ['three of them', 'gas-furnace-board', 3],
    ['its only one', 'gas-furnace-one-speed', 1],
  ] as const)('is told so, mode by mode: %s', (_, unit, most) => {
    const said = off(unit, 'alder-33b', most)
    expect(said.length).toBeGreaterThan(0)
    for (const text of said)
      expect(text).toMatch(/^In .* the unit calls for the blower, and no speed tap is live\.$/)
  })
})
