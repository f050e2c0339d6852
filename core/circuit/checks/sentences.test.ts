// Sentences of the proof whole, each with its figures, from the plate, the can and the unit by hand.
import { BLOWER_CAN } from '../../testing/circuits'
import { CAN, hookupWith, onPost, requestFor, sheetOf, tracedWires, unitOf } from '../../testing/fixtures'
import { NEW_C, PROTECTED_POST } from '../../wiring/new-can'
import { workOutHookup, type HookupRequest } from '../hookup'

const SHARED = 'cooling-1-pole-shared-capacitor'
const FURNACE = requestFor('gas-furnace-board', 'alder-33b', { can: BLOWER_CAN })
const proofOf = (request: HookupRequest, moves: Parameters<typeof hookupWith>[1] = {}) =>
  hookupWith(request, moves).proof
const said = (code: string, request: HookupRequest, moves: Parameters<typeof hookupWith>[1] = {}) =>
  proofOf(request, moves)
    .hazards.filter((h) => h.code === code)
    .map((h) => [h.severity, h.message])
const onVolts = (volts: number): HookupRequest => ({
  ...requestFor(SHARED),
  unit: { ...unitOf(SHARED), volts },
})

describe('the motor’s plate against the supply: 208–230 V ± 10 % is 187.2 to 253 V', () => {
  it.each([
    [
      187,
      'The supply is 187 V; the motor is rated 208–230 V. That is 10.1 % too low for 208 V; 10 % is the most.',
    ],
    [
      160,
      'The supply is 160 V; the motor is rated 208–230 V. That is 23 % too low for 208 V; 10 % is the most.',
    ],
    [
      277,
      'The supply is 277 V; the motor is rated 208–230 V. That is 20 % too high for 230 V; 10 % is the most.',
    ],
  ])('%d V', (volts, sentence) => expect(said('voltage-class', onVolts(volts))).toEqual([['stop', sentence]]))
  it.each([188, 208, 230, 253])('%d V is inside', (volts) =>
    expect(said('voltage-class', onVolts(volts))).toEqual([]),
  )
})

it('the can’s volts against the tag’s, and not above what is enough', () => {
  const can = (volts: number) => requestFor(SHARED, 'rowan-25r', { can: { ...CAN, volts } })
  expect(said('capacitor-voltage-low', can(330))).toEqual([
    ['stop', 'The can is rated 330 V; the motor’s tag asks for 370 V or more.'],
  ])
  expect(said('capacitor-voltage-low', can(370))).toEqual([])
})
it('a shaft that turns the other way, and what to do about it', () => {
  const wanted = { direction: 'CCW', seenFrom: sheetOf('rowan-25r').rotationNamedFrom } as const
  const [[, sentence] = []] = said('rotation-opposite', { ...requestFor(SHARED), wanted, plug: 'CW' })
  expect(sentence).toMatch(
    /^As set, the shaft turns clockwise seen from the lead end; the fan needs counter-clockwise seen from the lead end\. Change the reversing plug\.$/,
  )
})

describe('a hard-start kit', () => {
  const kit = (hardStart: string, more: Partial<HookupRequest> = {}, unit = SHARED) =>
    proofOf({ ...requestFor(unit), ...more, hardStart })
      .hazards.filter((h) => h.code.startsWith('hard-start'))
      .map((h) => [h.severity, h.message])
  it.each([
    [
      'elsewhere',
      kit('T1'),
      'The hard-start kit must bridge the compressor’s start section and C: its far end is elsewhere.',
    ],
    [
      'on a terminal that the can lacks',
      kit(PROTECTED_POST),
      'This can has no protected terminal: the hard-start kit goes to C.',
    ],
    [
      'past the fuse',
      kit(NEW_C, { can: { ...CAN, protectedStart: true } }),
      'The hard-start kit is on C, past the can’s protected terminal: its fuse cannot open when the kit fails. Put it on the protected terminal.',
    ],
    [
      'where no compressor shares the can',
      kit(NEW_C, {}, 'cooling-1-pole-own-capacitor'),
      'A hard-start kit belongs to a compressor that shares this can; here there is none.',
    ],
  ])('%s', (_, found, sentence) => expect(found).toEqual([['stop', sentence]]))
})

describe('two taps on one post', () => {
  it('both are named, whichever is told first', () =>
    expect(said('idle-taps-tied', FURNACE, { blue: onPost('COOL') })).toEqual([
      [
        'stop',
        expect.stringMatching(
          /^The (blue|black) lead and the (black|blue) lead are on one post: taps are never tied together, not even idle ones\.$/,
        ),
      ],
    ]))
  it('insulated ones are on none', () => {
    const insulated = { kind: 'insulated' } as const
    expect(said('idle-taps-tied', FURNACE, { blue: insulated, red: insulated })).toEqual([])
  })
})

describe('a lead in a place that is none for it', () => {
  it('motor common on the compressor’s post is watched, and named with the post', () =>
    expect(said('post-not-for-leads', requestFor(SHARED), { black: onPost('COMP-C') })).toEqual([
      [
        'watch',
        'The black lead is on C on the compressor; fan leads land on the contactor, the board or the fan’s capacitor.',
      ],
    ]))
  it('on the supply side it stays live', () =>
    expect(said('supply-side', requestFor(SHARED), { black: onPost('L1') })).toEqual([
      [
        'watch',
        'The black lead is on the supply side of the contactor: it stays live when the contactor opens.',
      ],
    ]))
})

it('the drive in each mode: which end has no line, and that nothing runs', () => {
  expect(said('motor-common-dead', requestFor(SHARED), { black: { kind: 'insulated' } })).toEqual([
    ['stop', 'Motor common has no line in cooling: the fan will not run.'],
  ])
  expect(said('run-dead', requestFor(SHARED), { white: { kind: 'insulated' } })).toEqual([
    ['stop', 'Run has no line in cooling: the fan will not run.'],
  ])
  expect(said('runs-with-contactor-open', requestFor(SHARED), { black: onPost('L1') })).toEqual([
    ['stop', 'The fan runs in off, with the contactor open: a lead is on the supply side.'],
  ])
})

describe('what is not known keeps the proof back by its name', () => {
  const unknown = (change: (wires: ReturnType<typeof tracedWires>) => ReturnType<typeof tracedWires>) =>
    proofOf(requestFor(SHARED, 'rowan-25r', { wires: change(tracedWires(unitOf(SHARED))) })).unknowns
  it('one wire, some, and many', () => {
    const untraced = (...ids: string[]) =>
      unknown((wires) => wires.map((w) => (ids.includes(w.id) ? { ...w, traced: false } : w)))
    expect(untraced('fan-g')).toContain('the wire on the chassis ground is not traced.')
    expect(untraced('fan-g', 'comp-r')).toContain(
      'the wire on the chassis ground and the wire from T2 on the contactor to R on the compressor are not traced.',
    )
    const many = untraced('fan-g', 'comp-r', 'comp-c', 'comp-s')
    expect(many.slice(0, 2)).toEqual([
      '4 wires are not traced.',
      'the wire on the chassis ground is not traced.',
    ])
  })
})

describe('the share of a jumper', () => {
  const wide = {
    ...CAN,
    sections: [
      { id: '2.5', microfarads: 2.5 },
      { id: '5', microfarads: 5 },
      { id: '20a', microfarads: 20 },
      { id: '20b', microfarads: 20 },
    ],
  }
  it('above a half is watched, with the post that makes it less', () => {
    const request = requestFor(SHARED, 'rowan-25r', { can: wide })
    // 5 of the fan's 7.5 µF over the jumper when the lead is on 2.5, a third when it is on 5.
    expect(said('jumper-carries-more', request, { brown: onPost('CAN-2.5') })).toEqual([
      [
        'watch',
        expect.stringMatching(
          /^The fan’s wire is on the 2\.5 µF section .*, so a jumper carries 67 % of its capacitor current\. On the 5 µF section .*33 %.*\.$/,
        ),
      ],
    ])
    expect(said('jumper-carries-more', request)).toEqual([])
  })
})

describe('a lead that is capped off', () => {
  const off = (lead: string, request = requestFor(SHARED)) =>
    proofOf(request, { [lead]: { kind: 'insulated' } }).hazards.map((h) => [h.severity, h.message])
  it('ground is watched: it belongs on the chassis', () =>
    expect(off('green')).toEqual([
      ['watch', 'The green lead is insulated. Land it on the chassis, also when everything is metal.'],
    ]))
  it('one that the motor needs stops, a capacitor’s too, and one of the plug', () => {
    expect(off('white')).toContainEqual([
      'stop',
      'The white lead is insulated, and the motor needs it landed.',
    ])
    expect(off('brown', FURNACE)).toContainEqual([
      'stop',
      'The brown lead is insulated, and the capacitor needs both its leads.',
    ])
    expect(off('purple')).toContainEqual([
      'stop',
      'The purple lead is out of the reversing plug: the auxiliary winding is open.',
    ])
  })
})

describe('a motor that does not go on this unit, and what is missing', () => {
  const refused = (unit: string, sheet: string, more: Partial<HookupRequest> = {}) =>
    workOutHookup({ ...requestFor(unit), sheet: sheetOf(sheet), ...more }).refusals.map((r) => r.message)
  it('by its kind', () => {
    const name = (sheet: string) => sheetOf(sheet).name
    expect(refused(SHARED, 'alder-33b')).toContain(
      `${name('alder-33b')} is a blower motor; this unit needs an outdoor fan motor.`,
    )
    expect(refused('gas-furnace-board', 'rowan-25r')).toContain(
      `${name('rowan-25r')} is an outdoor fan motor; this unit needs a blower motor with a speed tap for each output in use.`,
    )
    expect(refused(SHARED, 'brant-50t')).toContain(
      `${name('brant-50t')} is a three-phase motor: it and a single-phase one do not stand in for each other.`,
    )
    expect(refused('packaged-three-phase', 'rowan-25r')).toContain(
      `${name('rowan-25r')} has one phase, and this unit’s fan has three: they do not stand in for each other.`,
    )
    expect(refused(SHARED, 'rowan-25r')).toEqual([])
  })
  it('a can, for the compressor or for the motor, and the compressor’s value', () => {
    expect(refused(SHARED, 'rowan-25r', { can: null })).toContain(
      'The compressor needs its capacitor: pick the can.',
    )
    expect(refused('cooling-2-pole-own-capacitor', 'rowan-25r', { can: null })).toContain(
      'This motor’s tag asks for a capacitor: pick one.',
    )
    expect(refused(SHARED, 'rowan-25r', { compressorMicrofarads: null })).toContain(
      'What the compressor’s capacitor must be is not recorded: read it from the compressor’s plate or the unit’s diagram.',
    )
  })
})

it('a lead of the plug on a post, and a lead on the contactor’s coil, are stopped by their own names', () => {
  expect(said('plug-lead-landed', requestFor(SHARED), { purple: onPost('T1') })).toEqual([
    ['stop', 'The purple lead belongs in the reversing plug, not on T1 on the contactor.'],
  ])
  expect(said('lead-on-coil', requestFor(SHARED), { black: onPost('A1') })).toEqual([
    ['stop', 'The black lead is on the contactor’s 24 V coil: no motor lead goes there.'],
  ])
})

describe('outputs of a blower', () => {
  const tie = (unit: string, from: string, to: string): HookupRequest => ({
    ...requestFor(unit, 'alder-33b', { can: BLOWER_CAN }),
    wires: [...tracedWires(unitOf(unit)), { id: 'tie', from, to, segments: [], traced: true, stated: [] }],
  })
  it('tied where they must stay apart are named by what the unit calls them', () =>
    expect(said('outputs-tied', tie('fan-coil-three-speed', 'LO', 'HI'))).toEqual([
      [
        'stop',
        'High and low are joined: on this unit they must stay apart, or one call feeds back into the other.',
      ],
    ]))
  it('that the unit lets share a lead may be tied', () =>
    expect(said('outputs-tied', tie('gas-furnace-board', 'HEAT', 'CIRC'))).toEqual([]))
})

it('the compressor’s wires: left out of a record where its can is its own they are no matter, where it is shared they are', () => {
  const without = (unit: string) => {
    const request = requestFor(unit)
    return proofOf({ ...request, wires: request.wires.filter((w) => !/^comp/.test(w.id)) })
  }
  const own = without('cooling-2-pole-own-capacitor')
  expect(own.hazards.filter((h) => /compressor/.test(h.message)).map((h) => h.message)).toEqual([])
  const shared = without(SHARED)
  expect(shared.hazards.some((h) => h.severity === 'stop' && /compressor/.test(h.message))).toBe(true)
})

it('a lead in two places is told by its colour', () => {
  const request = requestFor(SHARED)
  const placements = ['T2', 'CAN-C'].map((post) => ({ lead: 'white', goes: onPost(post) }))
  expect(
    workOutHookup({ ...request, placements }).proof.hazards.find((h) => h.code === 'lead-landed-twice')
      ?.message,
  ).toBe('The white lead is landed twice. A lead ends in one place.')
})

it('a speed that was chosen for another motor, and this one lacks, is as if none was chosen', () => {
  const blower = requestFor('gas-furnace-board', 'alder-33b', { can: BLOWER_CAN })
  const placed = (speedChoices: HookupRequest['speedChoices']) =>
    workOutHookup({ ...blower, speedChoices }).placements
  // It has high, medium and low.
  expect(placed({ COOL: 'medium-low' })).toEqual(placed({}))
  expect(placed({ COOL: 'low', HEAT: 'high' })).not.toEqual(placed({}))
})
