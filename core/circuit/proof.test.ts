import { workOutHookup } from './hookup'
import { hookupWith, ONE_PHASE, onPost, requestFor } from '../testing/fixtures'
import { hookupPosts } from '../wiring/hookup-posts'
import { samePlacement, type Placement } from '../wiring/placement'
import type { Hazard } from './hazard'

const codes = (hazards: readonly Hazard[]) => hazards.map((h) => h.code)

describe('a hookup as advised', () => {
  const combinations = ONE_PHASE.filter((unit) => unit.traits.fan === 'outdoor').flatMap((unit) =>
    ['rowan-25r', 'rowan-33m', 'rowan-16f'].map((sheet) => [unit.id, sheet] as const),
  )
  it.each(combinations)('on %s with %s is proven in every mode', (unit, sheet) => {
    const { proof } = workOutHookup(
      requestFor(unit, sheet, { compressorMicrofarads: unit.includes('shared') ? 45 : null }),
    )
    expect([proof.verdict, proof.hazards]).toEqual(['proven', []])
  })
  it('names its modes', () =>
    expect(workOutHookup(requestFor('heat-pump-1-pole-shared-capacitor')).proof.sentence).toBe(
      'Proven in off, cooling, heating and defrost.',
    ))
})

/**
 * Every single lead of the demo hookup on every other post, and capped off. What must come of it is written here by
 * hand from the circuit (one-pole contactor: L2 and T2 are one copper; T1 is L1 when closed; C is tied to T2).
 * Only two moves are sound: run on cap C is the same copper as T2; run-return stays where it is.
 */
const HEATED = 'start-on-line'
const MOVES: Record<string, Record<string, string>> = {
  black: {
    L1: 'runs-with-contactor-open',
    L2: 'no-voltage-across-motor',
    T2: 'no-voltage-across-motor',
    A1: 'lead-on-coil',
    A2: 'lead-on-coil',
    GND: 'winding-on-earth',
    'COMP-C': 'post-not-for-leads',
    'COMP-R': 'no-voltage-across-motor',
    'COMP-S': 'motor-common-dead',
    'CAN-C': 'no-voltage-across-motor',
    'CAN-20a': 'motor-common-dead',
    'CAN-20b': 'motor-common-dead',
    'CAN-10': 'motor-common-dead',
    'CAN-5a': HEATED,
    'CAN-5b': 'motor-common-dead',
    'CAN-2.5': HEATED,
    insulated: 'lead-not-landed',
    plug: 'not-a-plug-lead',
    loose: 'lead-loose',
  },
  white: {
    L1: 'no-voltage-across-motor',
    L2: 'supply-side',
    T1: 'no-voltage-across-motor',
    A1: 'lead-on-coil',
    A2: 'lead-on-coil',
    GND: 'winding-on-earth',
    'COMP-C': 'no-voltage-across-motor',
    'COMP-R': 'post-not-for-leads',
    'COMP-S': 'run-dead',
    'CAN-C': 'sound',
    'CAN-20a': 'run-dead',
    'CAN-20b': 'run-dead',
    'CAN-10': 'run-dead',
    'CAN-5a': HEATED,
    'CAN-5b': 'run-dead',
    'CAN-2.5': HEATED,
    insulated: 'lead-not-landed',
    plug: 'not-a-plug-lead',
    loose: 'lead-loose',
  },
  brown: {
    L1: HEATED,
    L2: HEATED,
    T1: HEATED,
    T2: HEATED,
    A1: 'lead-on-coil',
    A2: 'lead-on-coil',
    GND: 'winding-on-earth',
    'COMP-C': HEATED,
    'COMP-R': HEATED,
    'COMP-S': 'section-serves-two-loads',
    'CAN-C': HEATED,
    'CAN-20a': 'section-serves-two-loads',
    'CAN-20b': 'section-serves-two-loads',
    'CAN-10': 'capacitor-wrong-value',
    'CAN-5b': 'capacitor-wrong-value',
    'CAN-2.5': 'jumper-carries-more',
    insulated: 'lead-not-landed',
    plug: 'not-a-plug-lead',
    loose: 'lead-loose',
  },
  'brown/white': {
    L1: 'line-to-line',
    L2: 'run-return-landed',
    T1: 'line-to-line',
    T2: 'run-return-landed',
    A1: 'lead-on-coil',
    A2: 'lead-on-coil',
    GND: 'winding-on-earth',
    'COMP-C': 'line-to-line',
    'COMP-R': 'run-return-landed',
    'COMP-S': 'compressor-start-on-line',
    'CAN-C': 'run-return-landed',
    'CAN-20a': 'compressor-start-on-line',
    'CAN-20b': 'compressor-start-on-line',
    'CAN-10': 'run-return-landed',
    'CAN-5a': HEATED,
    'CAN-5b': 'run-return-landed',
    'CAN-2.5': HEATED,
    plug: 'not-a-plug-lead',
    loose: 'lead-loose',
  },
  green: {
    ...Object.fromEntries(
      [
        'L1',
        'L2',
        'T1',
        'T2',
        'COMP-C',
        'COMP-R',
        'COMP-S',
        'CAN-C',
        'CAN-20a',
        'CAN-20b',
        'CAN-10',
        'CAN-5a',
        'CAN-5b',
        'CAN-2.5',
      ].map((p) => [p, 'ground-not-on-chassis']),
    ),
    A1: 'lead-on-coil',
    A2: 'lead-on-coil',
    insulated: 'ground-not-landed',
    plug: 'not-a-plug-lead',
    loose: 'lead-loose',
  },
}
for (const lead of ['purple', 'yellow', 'orange', 'plug brown'])
  MOVES[lead] = {
    ...Object.fromEntries(
      [
        'L1',
        'L2',
        'T1',
        'T2',
        'A1',
        'A2',
        'GND',
        'COMP-C',
        'COMP-R',
        'COMP-S',
        'CAN-C',
        'CAN-20a',
        'CAN-20b',
        'CAN-10',
        'CAN-5a',
        'CAN-5b',
        'CAN-2.5',
      ].map((p) => [p, 'plug-lead-landed']),
    ),
    insulated: 'lead-not-landed',
    loose: 'lead-loose',
  }

const elsewhere = (request: ReturnType<typeof requestFor>): Placement[] => [
  ...hookupPosts(request.unit, request.can).map((post) => onPost(post.id)),
  { kind: 'insulated' },
  { kind: 'plug' },
  { kind: 'loose' },
]

describe('every single lead of the demo hookup moved to every other place', () => {
  const request = requestFor()
  const home = workOutHookup(request)
  const moves = home.leads.flatMap(({ lead, goes }) =>
    elsewhere(request)
      .filter((place) => !samePlacement(place, goes))
      .map((place) => [lead, place.kind === 'post' ? place.post : place.kind, place] as const),
  )

  it.each(moves)('%s to %s', (lead, name, place) => {
    const expected = MOVES[lead]?.[name]
    const { proof } = hookupWith(request, { [lead]: place })
    if (expected === 'sound') expect(proof.verdict).toBe('proven')
    else {
      expect(codes(proof.hazards)).toContain(expected)
      expect(proof.verdict).not.toBe('proven')
      // The mend it names is to put this lead back.
      expect(proof.hazards.find((h) => h.code === expected)?.move).toEqual({
        lead,
        to: home.leads.find((l) => l.lead === lead)?.goes,
      })
    }
  })
  it('is listed whole in the table', () => {
    expect(moves.map(([lead, name]) => `${lead} ${name}`).sort()).toEqual(
      Object.entries(MOVES)
        .flatMap(([lead, row]) => Object.keys(row).map((name) => `${lead} ${name}`))
        .sort(),
    )
  })
})

// On the other units the table would only repeat itself; what is sound is listed, everything else must be named.
describe('every single move on the other units is refused or warned about, but for the sound ones', () => {
  const SOUND: Record<string, string[]> = {
    'cooling-2-pole-shared-capacitor': ['white CAN-C'],
    'heat-pump-1-pole-shared-capacitor': ['white CAN-C'],
    'heat-pump-2-pole-shared-capacitor': ['white CAN-C'],
    'cooling-1-pole-own-capacitor': [],
    'cooling-2-pole-own-capacitor': [],
    'heat-pump-1-pole-own-capacitor': [],
    'heat-pump-2-pole-own-capacitor': [],
    'packaged-own-capacitor': [],
    'pool-heater-two-capacitors': [],
  }
  it.each(Object.entries(SOUND))('%s', (unit, sound) => {
    const request = requestFor(unit)
    const passed = workOutHookup(request).leads.flatMap(({ lead, goes }) =>
      elsewhere(request)
        .filter(
          (place) =>
            !samePlacement(place, goes) && hookupWith(request, { [lead]: place }).proof.verdict === 'proven',
        )
        .map((place) => `${lead} ${place.kind === 'post' ? place.post : place.kind}`),
    )
    expect(passed).toEqual(sound)
  })
})

describe('hazards that no single lead makes', () => {
  it('a lead forgotten and a lead landed twice', () => {
    const request = requestFor()
    const twice = workOutHookup({
      ...request,
      placements: [
        { lead: 'white', goes: onPost('T2') },
        { lead: 'white', goes: onPost('CAN-C') },
      ],
    })
    expect(codes(twice.proof.hazards)).toContain('lead-landed-twice')
  })
  it('run and motor common exchanged on a one-pole contactor: the capacitor’s far side is off run', () => {
    const { proof } = hookupWith(requestFor(), { black: onPost('T2'), white: onPost('T1') })
    expect(codes(proof.hazards)).toEqual(
      expect.arrayContaining(['capacitor-off-run', 'motor-common-unswitched']),
    )
    expect(proof.verdict).toBe('stop')
  })
  it('motor common past the defrost relay', () => {
    const { proof } = hookupWith(requestFor('heat-pump-1-pole-shared-capacitor'), { black: onPost('T1') })
    expect(proof.sentence).toBe(
      'The fan keeps running in defrost: motor common bypasses the defrost board’s relay.',
    )
  })
  it('the plug against the wanted rotation', () => {
    const { proof } = workOutHookup({ ...requestFor(), plug: 'CCW' })
    expect(codes(proof.hazards)).toEqual(['rotation-opposite'])
  })
  it('an idle horsepower tap on a line', () => {
    expect(
      codes(
        hookupWith(requestFor(undefined, 'rowan-33m', { compressorMicrofarads: 45 }), { blue: onPost('T1') })
          .proof.hazards,
      ),
    ).toContain('idle-tap-landed')
  })
  it('a can of too low a voltage, and a motor of another class', () => {
    const request = requestFor()
    expect(codes(workOutHookup({ ...request, can: { ...request.can, volts: 250 } }).proof.hazards)).toEqual([
      'capacitor-voltage-low',
    ])
    const other = {
      ...request.sheet,
      nameplate: { ...request.sheet.nameplate, volts: { low: 460, high: 460 } },
    }
    expect(codes(workOutHookup({ ...request, sheet: other }).proof.hazards)).toEqual(['voltage-class'])
  })
})

describe('what is not known', () => {
  it('is said, and nothing is proven on it', () => {
    const request = requestFor()
    const wires = request.wires.map((w) => (w.id === 'tie' ? { ...w, traced: false } : w))
    expect(workOutHookup({ ...request, wires }).proof).toMatchObject({
      verdict: 'cannotTell',
      sentence:
        'Cannot tell yet: the wire from T2 on the contactor to C on the dual capacitor is not traced.',
    })
    expect(workOutHookup({ ...request, wanted: null }).proof).toMatchObject({
      verdict: 'cannotTell',
      unknowns: ['the wanted rotation is not stated.'],
    })
  })
  it('refuses a rotation the motor cannot have', () => {
    const { proof } = workOutHookup({
      ...requestFor(undefined, 'rowan-16f'),
      wanted: { direction: 'CCW', seenFrom: 'lead-end' },
    })
    expect(proof).toMatchObject({
      verdict: 'stop',
      sentence:
        'Rowan 16F cannot be reversed: it turns CCW only, seen from the shaft end. This fan needs CW seen from there.',
    })
  })
})

describe('what is live', () => {
  const modes = (unit: string) =>
    Object.fromEntries(workOutHookup(requestFor(unit)).proof.modes.map((m) => [m.mode, m]))
  it('with a one-pole contactor open, every winding lead of the stopped motor is on a line', () => {
    const off = modes('cooling-1-pole-shared-capacitor').off
    expect(off?.leads).toMatchObject({ white: 'line2', black: 'through', brown: 'through', green: 'earth' })
    expect(off?.posts).toMatchObject({ T1: 'through', T2: 'line2', 'CAN-C': 'line2' })
  })
  it('with two poles open, nothing is', () => {
    const off = modes('cooling-2-pole-shared-capacitor').off
    expect(
      Object.entries(off?.leads ?? {})
        .filter(([, p]) => p !== 'dead')
        .map(([lead]) => lead),
    ).toEqual(['green'])
  })
  it('in cooling, motor common and run are on different lines', () =>
    expect(modes('cooling-2-pole-shared-capacitor').cooling?.leads).toMatchObject({
      black: 'line1',
      white: 'line2',
      brown: 'through',
    }))
})
