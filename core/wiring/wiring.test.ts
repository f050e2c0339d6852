import { workOutHookup } from '../circuit/hookup'
import { requestFor, tracedWires, unitOf } from '../testing/fixtures'
import { capacitorSides, recordedCopper } from './capacitor-sides'
import { findRoles } from './evidence'
import { hasTraits, UNIT_TYPES, unitTypeOf } from './unit-types'
import { UNIT_FAMILIES, usualMotorKind } from './unit-type'
import type { NamedWire } from './wire'
import { wireProblems } from './wire-problems'

const SHARED = unitOf('cooling-1-pole-shared-capacitor')

/** The typical wires with some of them changed. */
const wires = (changes: Record<string, Partial<NamedWire>>, unit = SHARED): NamedWire[] =>
  tracedWires(unit).map((w) => ({ ...w, ...changes[w.id] }))
const roleOf = (id: string, list: NamedWire[], unit = SHARED) =>
  findRoles(unit, list).find((f) => f.wire === id)

describe('unit types', () => {
  it('cover every family, and every combination of contactor and capacitor where one can choose', () => {
    for (const family of UNIT_FAMILIES) {
      expect(unitTypeOf(family)?.family).toBe(family)
      if (!hasTraits(family)) continue
      for (const contactorPoles of [1, 2] as const)
        for (const capacitor of ['shared', 'own'] as const)
          expect(unitTypeOf(family, { contactorPoles, capacitor })?.traits).toMatchObject({
            contactorPoles,
            capacitor,
          })
    }
  })
  it.each(UNIT_TYPES.map((u) => [u.id, u] as const))(
    '%s names only posts it has, and its wires are free of contradiction',
    (_, unit) => {
      const posts = new Set(unit.posts.map((p) => p.id))
      const named = [
        unit.supply.line1,
        unit.supply.line2,
        ...unit.links.flatMap((l) => [l.from, l.to]),
        ...unit.switches.flatMap((s) => [s.from, s.to]),
        ...unit.safety.proveDead.flatMap((p) => p.between),
      ]
      expect(named.filter((id) => !posts.has(id))).toEqual([])
      expect(wireProblems(unit, tracedWires(unit))).toEqual([])
    },
  )
})

describe('roles', () => {
  it('come from the terminal, and a colour that says otherwise is a conflict', () => {
    const found = roleOf('fan-c', wires({ 'fan-c': { segments: [{ colour: 'BK' }] } }))
    expect(found).toMatchObject({
      role: 'start',
      carriedBy: 'terminal',
      conflicts: [{ source: 'colour', text: 'Black is often motor common (a hint only).' }],
    })
  })
  it('say so when the colour changes at a splice', () => {
    const found = roleOf('fan-a', wires({ 'fan-a': { segments: [{ colour: 'RD' }, { colour: 'BK' }] } }))
    expect(found?.conflicts).toEqual([])
    expect(found?.evidence.at(-1)?.text).toBe(
      'Black is often motor common (a hint only). It is red at the terminal: the colour changes on the way.',
    )
  })
  it('rest on weaker evidence when a wire is not traced', () => {
    expect(roleOf('fan-c', wires({ 'fan-c': { traced: false } }))).toMatchObject({
      role: null,
      carriedBy: null,
    })
    expect(
      roleOf('fan-c', wires({ 'fan-c': { traced: false, segments: [{ colour: 'BN' }] } })),
    ).toMatchObject({ role: 'start', carriedBy: 'colour' })
    const both = roleOf(
      'fan-c',
      wires({
        'fan-c': {
          traced: false,
          segments: [{ colour: 'BN' }],
          stated: [{ source: 'diagram', role: 'run' }],
        },
      }),
    )
    expect(both).toMatchObject({ role: 'run', carriedBy: 'diagram', conflicts: [{ source: 'colour' }] })
  })
  it('find run on cap C when C is tied to a line, and which line is motor common by that tie', () => {
    expect(roleOf('fan-b', wires({ 'fan-b': { from: 'C' } }))).toMatchObject({ role: 'run' })
    // Tied to the switched side instead: then T2 is the other line, so it is motor common.
    const turned = wires({ tie: { from: 'T1' } })
    expect([roleOf('fan-a', turned)?.role, roleOf('fan-b', turned)?.role]).toEqual(['run', 'motor-common'])
  })
  it('take either line wire where both poles switch and nothing is tied, unless a label settles it', () => {
    const unit = unitOf('cooling-2-pole-own-capacitor')
    const roles = (list: NamedWire[]) =>
      findRoles(unit, list)
        .slice(0, 2)
        .map((f) => f.role)
    expect(roles(wires({}, unit))).toEqual(['motor-common', 'run'])
    expect(roles(wires({ 'fan-a': { stated: [{ source: 'motor-label', role: 'run' }] } }, unit))).toEqual([
      'run',
      'motor-common',
    ])
  })
})

describe('the wires of a blower', () => {
  const board = unitOf('gas-furnace-board')
  const role = (id: string, changes: Record<string, Partial<NamedWire>> = {}) =>
    roleOf(id, wires(changes, board), board)
  it('are line lead, speed taps with the mode they serve, and capacitor leads', () => {
    expect(findRoles(board, wires({}, board)).map((f) => f.role)).toEqual([
      'line',
      'speed',
      'speed',
      'speed',
      'speed',
      'capacitor',
      'capacitor',
      'ground',
    ])
    expect([role('cool')?.evidence[0]?.text, role('spare-1')?.evidence[0]?.text]).toEqual([
      'Traced to COOL on the fan board: speed tap, live in cooling.',
      'Traced to PARK 1 on the fan board: speed tap, parked.',
    ])
  })
  it('have colour hints of their own: white on a speed output is a conflict', () =>
    expect(role('cool', { cool: { segments: [{ colour: 'WH' }] } })).toMatchObject({
      role: 'speed',
      conflicts: [{ text: 'White is often line lead (a hint only).' }],
    }))
  it('may change colour at a splice: thermostat brown, then red, black at the motor', () => {
    const coil = unitOf('fan-coil-three-speed')
    const found = roleOf(
      'high',
      wires({ high: { segments: [{ colour: 'BN' }, { colour: 'RD' }, { colour: 'BK' }] } }, coil),
      coil,
    )
    expect(found).toMatchObject({ role: 'speed', conflicts: [] })
    expect(found?.evidence.at(-1)?.text).toContain(
      'It is brown at the terminal: the colour changes on the way.',
    )
  })
  it.each([
    'gas-furnace-board',
    'electric-furnace-relay-sequencer',
    'fan-coil-three-speed',
    'roof-through-shaft',
  ])('%s takes no outdoor motor, and says why', (id) =>
    expect(workOutHookup(requestFor(id)).proof).toMatchObject({
      verdict: 'stop',
      sentence: expect.stringContaining('this unit needs a blower motor with a speed tap'),
    }),
  )
  it.each(UNIT_TYPES.filter((u) => u.traits.fan === 'blower').map((u) => [u.id, u] as const))(
    '%s has at most one live output in every mode',
    (_, unit) => {
      for (const mode of unit.modes) {
        const live = unit.posts.filter(
          (p) =>
            p.kind === 'output' &&
            recordedCopper(unit, tracedWires(unit), mode.id).joined(p.id, unit.supply.line1),
        )
        expect(live).toHaveLength(mode.fanRuns ? 1 : 0)
      }
    },
  )
})

it('contactor and capacitor tell the types of a family apart, unless kinds do', () => {
  for (const family of UNIT_FAMILIES) {
    const types = UNIT_TYPES.filter((u) => u.family === family)
    expect([family, hasTraits(family)]).toEqual([
      family,
      types.filter((u) => u.kind === undefined).length > 1,
    ])
  }
  expect(hasTraits('outdoor-split')).toBe(true)
})
it('a unit usually has a motor of its own kind', () => {
  const kind = (id: string) => usualMotorKind(unitOf(id))
  expect(['packaged-three-phase', 'gas-furnace-board', 'cooling-1-pole-shared-capacitor'].map(kind)).toEqual([
    'three-phase',
    'psc-blower',
    'psc-outdoor',
  ])
})

describe('contradictions in the recorded wires', () => {
  const messages = (list: NamedWire[]) => wireProblems(SHARED, list).map((p) => `${p.path}: ${p.message}`)
  it('an unknown terminal', () =>
    expect(messages(wires({ 'fan-a': { from: 'T9' } }))).toEqual([
      'wires.0.from: This unit has no terminal called “T9”.',
    ]))
  it('a wire with no ends', () =>
    expect(messages(wires({ tie: { from: '', to: '' } }))).toEqual([
      'wires.4.from: The wire has no first end: name the terminal it leaves.',
      'wires.4.to: The wire has no second end: name the terminal it goes to, or “motor”.',
    ]))
  it('two motor wires on one terminal, named by colour', () => {
    const list = wires({
      'fan-a': { segments: [{ colour: 'BK' }] },
      'fan-b': { from: 'T1', segments: [{ colour: 'WH' }] },
    })
    expect(messages(list)).toEqual([
      'wires.1.from: Two motor wires claim T1 on the contactor: the black wire and the white wire. Each winding end has its own terminal; trace both again.',
    ])
  })
  it('but not run beside a run-return that is stated as such', () =>
    expect(
      messages(
        wires({
          'fan-b': { from: 'C' },
          'fan-c': { from: 'C', stated: [{ source: 'motor-label', role: 'run-return' }] },
        }),
      ),
    ).toEqual([]))
  it('two wires of one name, at the second’s own place', () => {
    const [first] = wires({})
    expect(messages([...wires({}), first!])).toContainEqual(
      expect.stringMatching(/^wires\.\d+\.id: The wire on .* is recorded twice under one name\.$/),
    )
  })
  it('a wire that comes back to where it left', () =>
    expect(messages(wires({ tie: { to: 'T2' } }))).toEqual([
      'wires.4.to: The wire leaves T2 on the contactor and comes back to it.',
    ]))
})

describe('translation', () => {
  const places = (unit: string, sheet = 'rowan-25r') =>
    Object.fromEntries(
      workOutHookup(requestFor(unit, sheet)).leads.map((l) => [
        l.lead,
        l.goes.kind === 'post' ? l.goes.post : l.goes.kind,
      ]),
    )

  it('on a shared capacitor insulates run-return', () =>
    expect(places('cooling-1-pole-shared-capacitor')).toEqual({
      black: 'T1',
      white: 'T2',
      brown: 'CAN-5a',
      'brown/white': 'insulated',
      purple: 'plug',
      yellow: 'plug',
      orange: 'plug',
      'plug brown': 'plug',
      green: 'GND',
    }))
  it('on a capacitor of its own lands run-return on the other side of it', () =>
    expect(places('cooling-1-pole-own-capacitor')).toMatchObject({
      black: 'T1',
      white: 'T2',
      'brown/white': 'CAN-C',
    }))
  it('adds a tie where the motor has no run-return', () =>
    expect(workOutHookup(requestFor('cooling-1-pole-own-capacitor', 'rowan-16f')).added).toEqual([
      { id: 'added tie', from: 'CAN-C', to: 'T2' },
    ]))
  it('keeps motor common on the defrost relay', () =>
    expect(places('heat-pump-2-pole-shared-capacitor').black).toBe('DF2'))
  it('moves the unit’s own wires to the new can', () => {
    const moved = workOutHookup(requestFor()).unitWires.filter((w) => w.was)
    expect(moved.map((w) => [w.id, w.from, w.to])).toEqual([
      ['tie', 'T2', 'CAN-C'],
      ['comp-s', 'CAN-20a', 'COMP-S'],
    ])
  })
  it('gives a lead no place when the old role is not known, and says which', () => {
    const answer = workOutHookup({ ...requestFor(), wires: wires({}).filter((w) => w.id !== 'fan-b') })
    expect(answer.refusals).toEqual([
      {
        code: 'no-old-run',
        message:
          'Which old wire was run is not known, so the white lead has no place yet. Trace the wires to the motor.',
      },
    ])
    expect(answer.proof.verdict).toBe('stop')
  })
  it('says when the compressor’s value is missing instead of guessing it', () => {
    const answer = workOutHookup({ ...requestFor(), compressorMicrofarads: null })
    expect(answer.proof).toMatchObject({
      verdict: 'stop',
      sentence: expect.stringContaining('What the compressor’s capacitor must be is not recorded'),
    })
  })
})

describe('what switches, by the trade', () => {
  it('a heat pump’s fan stops in defrost by its relay: the contactor stays in', () => {
    for (const unit of UNIT_TYPES.filter((u) => u.traits.defrostRelay)) {
      const closedIn = (mode: 'cooling' | 'defrost') =>
        unit.switches.filter((s) => s.closedIn.includes(mode)).map((s) => s.id)
      const opened = closedIn('cooling').filter((id) => !closedIn('defrost').includes(id))
      expect([unit.id, opened]).toEqual([unit.id, ['fan relay']])
    }
  })
  it('a change-over relay stands on one side or the other, never on both', () => {
    const unit = unitOf('electric-furnace-relay-sequencer')
    const sides = unit.switches.filter((s) => s.id.startsWith('relay, coil'))
    expect(sides).toHaveLength(2)
    for (const { id } of unit.modes)
      expect(sides.filter((s) => s.closedIn.includes(id)).map((s) => [id, s.id])).toHaveLength(1)
  })
})

describe('a fan capacitor of its own', () => {
  const unit = unitOf('cooling-1-pole-own-capacitor')
  const untied = capacitorSides(unit, recordedCopper(unit, tracedWires(unit)))
  const tiedBy = (post: string) => {
    const tie: NamedWire = { id: 'tie', from: 'T2', to: post, segments: [], traced: true, stated: [] }
    return capacitorSides(unit, recordedCopper(unit, [...tracedWires(unit), tie]))
  }
  it('has no tied side until a wire of the unit ties one', () => expect(untied.tied).toBe(false))
  it('the post that a wire ties to a line is its C side, whichever it is', () => {
    expect(tiedBy(untied.cSide!)).toEqual({ cSide: untied.cSide, fanSide: untied.fanSide, tied: true })
    expect(tiedBy(untied.fanSide!)).toEqual({ cSide: untied.fanSide, fanSide: untied.cSide, tied: true })
  })
})

it('two old wires that come out alike are both named for another look', () => {
  // On a one-pole unit L1 and T1 are the same side of the supply: a wire on either is motor common.
  const { warnings } = workOutHookup({ ...requestFor(), wires: wires({ 'fan-b': { from: 'L1' } }) })
  expect(warnings.filter((w) => w.code === 'role-twice').map((w) => w.message)).toEqual([
    'Two old wires come out as motor common. Trace both again.',
  ])
})

describe('which evidence carries a role', () => {
  // Nothing ties this unit's capacitor, and both lines are switched: the terminals T1 and T2 allow two roles each.
  const own = unitOf('cooling-2-pole-own-capacitor')
  const stated = (role: 'run' | 'motor-common') => [{ source: 'diagram' as const, role }]
  it('a terminal that allows two roles does not; the diagram that settles it does', () => {
    const list = wires({ 'fan-a': { stated: stated('run') } }, own)
    expect(roleOf('fan-a', list, own)).toMatchObject({ role: 'run', carriedBy: 'diagram', conflicts: [] })
  })
  it('a terminal that settles it carries it, whatever weaker evidence says after; what differs is shown', () => {
    const agreed = roleOf('fan-c', wires({ 'fan-c': { stated: [{ source: 'diagram', role: 'start' }] } }))
    expect(agreed).toMatchObject({ role: 'start', carriedBy: 'terminal', conflicts: [] })
    const against = roleOf('fan-c', wires({ 'fan-c': { stated: stated('run') } }))
    expect(against).toMatchObject({ role: 'start', carriedBy: 'terminal' })
    expect(against?.conflicts.map((c) => c.source)).toEqual(['diagram'])
  })
})

it('a terminal that two roles can be on names both', () => {
  const unit = unitOf('cooling-2-pole-own-capacitor')
  const line = findRoles(unit, tracedWires(unit)).find((f) => f.evidence[0]?.roles.length === 2)
  expect(line?.evidence[0]?.text).toMatch(/^Traced to .+: motor common or run\.$/)
})

it('which of two like line wires is motor common goes by the unit’s posts, not by when it was recorded', () => {
  const unit = unitOf('cooling-2-pole-own-capacitor')
  const wires = tracedWires(unit)
  const common = (list: typeof wires) => {
    const wire = findRoles(unit, list).find((f) => f.role === 'motor-common')?.wire
    return list.find((w) => w.id === wire)?.from
  }
  const lines = findRoles(unit, wires)
    .filter((f) => f.role === 'motor-common' || f.role === 'run')
    .map((f) => wires.find((w) => w.id === f.wire)?.from)
  // The one that comes first among the unit's own posts.
  const first = unit.posts.map((p) => p.id).find((id) => lines.includes(id))
  expect(lines).toHaveLength(2)
  expect([common(wires), common([...wires].reverse())]).toEqual([first, first])
})

it('where one line wire is told, the other is what is left, and says so', () => {
  const unit = unitOf('cooling-2-pole-own-capacitor')
  const wires = tracedWires(unit)
  const lines = findRoles(unit, wires).filter((f) => f.role === 'motor-common' || f.role === 'run')
  const told = wires.map((w) =>
    w.id === lines[0]?.wire
      ? { ...w, stated: [{ source: 'motor-label' as const, role: 'run' as const }] }
      : w,
  )
  const other = findRoles(unit, told).find((f) => f.wire === lines[1]?.wire)
  expect(other?.role).toBe('motor-common')
  expect(other?.evidence.at(-1)?.text).toBe('The other line wire is run, so this one is motor common.')
  const neither = findRoles(unit, wires).find((f) => f.wire === lines[0]?.wire)
  expect(neither?.evidence.at(-1)?.text).toBe(
    'Both poles switch and no capacitor is tied to a line: either line wire may be motor common.',
  )
})
