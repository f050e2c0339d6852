import { hookupWith, onPost, requestFor, sheetOf, tracedWires, unitOf } from '../testing/fixtures'
import { makeCard } from '../job/card/card'
import { hookupPosts } from '../wiring/hookup-posts'
import { workOutHookup, type HookupRequest } from './hookup'

const OUTDOOR = [
  'cooling-1-pole-shared-capacitor',
  'cooling-2-pole-shared-capacitor',
  'heat-pump-1-pole-shared-capacitor',
  'heat-pump-2-pole-shared-capacitor',
] as const
const OWN = [
  'cooling-1-pole-own-capacitor',
  'heat-pump-2-pole-own-capacitor',
  'packaged-own-capacitor',
] as const
const DUAL = {
  name: 'dual',
  volts: 440,
  tolerancePercent: 6,
  sections: [
    { id: 'HERM', microfarads: 45 },
    { id: 'FAN', microfarads: 10 },
  ],
}

const shared = (unit: string, more: Partial<HookupRequest> = {}): HookupRequest => ({
  ...requestFor(unit, 'teal-33e', { can: DUAL, compressorMicrofarads: 45 }),
  speed: 'high',
  ...more,
})
const own = (unit: string, more: Partial<HookupRequest> = {}): HookupRequest => ({
  unit: unitOf(unit),
  wires: tracedWires(unitOf(unit)),
  sheet: sheetOf('teal-33e'),
  wanted: { direction: 'CW', seenFrom: 'lead-end' },
  can: null,
  speed: 'high',
  ...more,
})
const codes = (request: HookupRequest, moves: Parameters<typeof hookupWith>[1] = {}) =>
  hookupWith(request, moves).proof.hazards.map((h) => h.code)

describe('a motor without a capacitor', () => {
  it.each(OUTDOOR)('on %s leaves the fan’s section empty and is proven', (unit) => {
    const answer = workOutHookup(shared(unit))
    expect([answer.proof.verdict, answer.proof.hazards, answer.refusals]).toEqual(['proven', [], []])
    expect(answer.plan.unused).toEqual(['FAN'])
    expect([answer.plan.feasible, answer.plan.proven]).toEqual([true, true])
    expect(answer.placements.filter(({ goes }) => goes.kind === 'post' && goes.post === 'CAN-FAN')).toEqual(
      [],
    )
  })
  it.each(OWN)('on %s needs no can at all, and the old one’s wires leave with it', (unit) => {
    const request = own(unit)
    const answer = workOutHookup(request)
    expect([answer.proof.verdict, answer.refusals]).toEqual(['proven', []])
    // Its winding is not worked out, so no figure of it is an estimate.
    expect(answer.proof.estimated).toBe(false)
    const posts = new Set(hookupPosts(request.unit, { sections: [] }).map((p) => p.id))
    expect([...posts].filter((id) => id.startsWith('CAN-'))).toEqual([])
    for (const wire of answer.unitWires)
      expect([posts.has(wire.from), posts.has(wire.to)]).toEqual([true, true])
  })
  it('puts one line lead where motor common was and the other where run was', () => {
    const places = Object.fromEntries(
      workOutHookup(shared('heat-pump-1-pole-shared-capacitor')).leads.map((l) => [l.lead, l]),
    )
    const old = Object.fromEntries(
      workOutHookup(requestFor('heat-pump-1-pole-shared-capacitor')).leads.map((l) => [l.lead, l.goes]),
    )
    expect([places.black?.goes, places.white?.goes]).toEqual([old.black, old.white])
    expect([places.black?.like, places.white?.like]).toEqual(['motor-common', 'run'])
  })
  it('still stops in defrost by the board’s relay', () => {
    expect(
      codes(shared('heat-pump-1-pole-shared-capacitor'), { black: onPost('T1'), blue: onPost('T1') }),
    ).toContain('runs-in-defrost')
  })
  it('is refused a can’s place where the tag asks for one, and the compressor its own', () => {
    expect(
      workOutHookup({ ...requestFor('cooling-1-pole-own-capacitor'), can: null }).refusals.map((r) => r.code),
    ).toContain('no-can')
    expect(
      workOutHookup({ ...shared('cooling-1-pole-shared-capacitor'), can: null }).refusals.map((r) => r.code),
    ).toContain('no-can')
  })
})

describe('speed by the select lead', () => {
  it('high: it lands with the lead it is joined to; low: it is insulated', () => {
    const goes = (request: HookupRequest, lead: string) =>
      workOutHookup(request).leads.find((l) => l.lead === lead)?.goes
    expect(goes(shared('cooling-1-pole-shared-capacitor'), 'blue')).toEqual(
      goes(shared('cooling-1-pole-shared-capacitor'), 'black'),
    )
    expect(goes(shared('cooling-1-pole-shared-capacitor', { speed: 'low' }), 'blue')).toEqual({
      kind: 'insulated',
    })
  })
  it('not stated is not proven', () => {
    const { proof } = workOutHookup(shared('cooling-1-pole-shared-capacitor', { speed: null }))
    expect([proof.verdict, proof.sentence]).toEqual([
      'cannotTell',
      'Cannot tell yet: which speed to set is not stated: read the old motor’s rpm.',
    ])
  })
  it('set otherwise than stated is stopped', () => {
    const high = shared('cooling-1-pole-shared-capacitor')
    expect(codes(high, { blue: { kind: 'insulated' } })).toEqual(['select-not-set'])
    expect(codes(high, { blue: onPost('T2') })).toEqual(['select-not-set'])
    expect(codes({ ...high, speed: 'low' }, { blue: onPost('T1') })).toEqual(['select-not-set'])
  })
  it('a splice on the same copper is as good as the same post', () =>
    expect(codes(shared('cooling-1-pole-shared-capacitor'), { black: onPost('COMP-C') })).not.toContain(
      'select-not-set',
    ))
})

describe('rotation by joined or open leads', () => {
  it('joined for one way, open for the other', () => {
    const turned = (direction: 'CW' | 'CCW') =>
      workOutHookup(
        shared('cooling-1-pole-shared-capacitor', { wanted: { direction, seenFrom: 'lead-end' } }),
      ).leads.find((l) => l.lead === 'gray')?.goes.kind
    expect([turned('CW'), turned('CCW')]).toEqual(['plug', 'insulated'])
  })
  it('opened or joined against the setting is stopped, in words of this motor', () => {
    const request = shared('cooling-1-pole-shared-capacitor')
    expect(hookupWith(request, { gray: { kind: 'insulated' } }).proof.sentence).toBe(
      'The gray lead must be joined to gray/black: open, the shaft turns the other way.',
    )
    expect(
      codes({ ...request, wanted: { direction: 'CCW', seenFrom: 'lead-end' } }, { gray: { kind: 'plug' } }),
    ).toContain('not-a-plug-lead')
  })
})

it('a line lead on a capacitor section gets no line', () =>
  expect(codes(shared('cooling-1-pole-shared-capacitor'), { white: onPost('CAN-FAN') })).toContain(
    'run-dead',
  ))

it('the card says the speed, the empty post, and where each line lead was', () => {
  const request = shared('cooling-1-pole-shared-capacitor')
  const card = makeCard(request, workOutHookup(request), {
    job: 'j',
    title: '',
    site: '',
    date: '',
    technician: '',
    readings: [],
  })
  expect(card?.settings).toContain('Set to high speed, 1075 rpm: blue joined to black')
  expect(card?.capacitor).toContain('The fan’s section stays empty: this motor needs no capacitor.')
  expect(card?.rows.find((r) => r.lead === 'black')?.was).toContain('T1 on the contactor')
})
