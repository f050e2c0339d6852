// Where each lead goes and in which words, and what is warned of; expected from the posts and wires of the unit, by hand.
import { sheetOf, tracedWires, unitOf } from '../testing/fixtures'
import type { Lead } from '../motor/lead-sheet'
import type { LeadUse } from '../motor/settings'
import type { CapacitorSides } from './capacitor-sides'
import { findRoles, type WireFinding } from './evidence'
import { NEW_C, type FittedCan } from './new-can'
import { translateLeads, type TranslationInput } from './translate'
import type { NamedWire } from './wire'

const UNIT = unitOf('cooling-1-pole-shared-capacitor')
const OWN = unitOf('cooling-2-pole-own-capacitor')
const lead = (id: string, colour: Lead['colour'], role: Lead['role']): Lead => ({
  id,
  colour,
  stripe: null,
  role,
})
const GREEN = lead('green', 'GN', 'ground')
const BROWN = lead('brown', 'BN', 'start')
const BLACK = lead('black', 'BK', 'motor-common')
const WHITE = lead('white', 'WH', 'run')

const group = (jumpers: FittedCan['groups'][number]['jumpers'] = []): FittedCan['groups'][number] => ({
  load: 'FAN',
  sections: ['5'],
  lead: '5',
  jumpers,
  microfarads: 5,
  errorPercent: 0,
  jumperShare: 0,
})
const CAN: FittedCan = {
  name: 'a can',
  volts: 440,
  tolerancePercent: 6,
  sections: [{ id: '5', microfarads: 5 }],
  groups: [group()],
  jumpers: [],
}
const TIED: CapacitorSides = { cSide: 'C', fanSide: 'FAN', tied: true }

function input(
  more: Partial<TranslationInput> & { readonly uses?: readonly (readonly [Lead, LeadUse])[] } = {},
) {
  const { uses = [], ...rest } = more
  const wires = rest.wires ?? tracedWires(UNIT)
  return {
    unit: UNIT,
    wires,
    findings: rest.findings ?? findRoles(rest.unit ?? UNIT, wires),
    sides: TIED,
    sheet: sheetOf('rowan-25r'),
    leads: uses.map(([one, use]) => ({ lead: one, use })),
    can: CAN,
    speeds: null,
    ...rest,
  }
}
const advised = (one: Lead, use: LeadUse, more: Partial<TranslationInput> = {}) => {
  const { leads, refusals } = translateLeads(input({ ...more, uses: [[one, use]] }))
  return { ...leads[0], refusals: refusals.map((r) => `${r.code}: ${r.message}`) }
}
const land = (as: 'motor-common' | 'run' | 'start' | 'ground'): LeadUse => ({ kind: 'land', as })
const wiresWithout = (...ids: string[]) => tracedWires(UNIT).filter((w) => !ids.includes(w.id))

describe('a lead with a winding end', () => {
  it('goes where the old one was, by the evidence that told it', () => {
    expect(advised(BLACK, land('motor-common'))).toMatchObject({
      goes: { kind: 'post', post: 'T1' },
      like: 'motor-common',
      why: 'Motor common goes where the old motor common was: T1 on the contactor.',
      evidence: [{ source: 'terminal', text: 'Traced to T1 on the contactor: motor common.' }],
      refusals: [],
    })
  })
  it('that was on the old C goes to C on the new can', () => {
    // Run on C itself: C is tied to T2, so it is run's point.
    const wires = tracedWires(UNIT).map((w) => (w.id === 'fan-b' ? { ...w, from: 'C' } : w))
    expect(advised(WHITE, land('run'), { wires })).toMatchObject({
      goes: { kind: 'post', post: NEW_C },
      why: 'Run goes where the old run was: C on the new can.',
    })
  })
  it('whose old wire is not known has no place, and says which wire and which lead', () => {
    expect(advised(WHITE, land('run'), { wires: wiresWithout('fan-b') })).toMatchObject({
      goes: { kind: 'loose' },
      why: 'The old run wire is not known.',
      refusals: [
        'no-old-run: Which old wire was run is not known, so the white lead has no place yet. Trace the wires to the motor.',
      ],
    })
  })
  it('has none either where its finding names a wire that is not on record', () => {
    const findings = findRoles(UNIT, tracedWires(UNIT)).map((f) =>
      f.role === 'run' ? { ...f, wire: 'gone' } : f,
    )
    expect(advised(WHITE, land('run'), { findings }).goes).toEqual({ kind: 'loose' })
  })
  it('that stood on the old can’s other posts has no place: they leave with it', () => {
    const findings: WireFinding[] = [
      { wire: 'fan-b', role: 'run', carriedBy: 'diagram', evidence: [], conflicts: [] },
    ]
    const wires = tracedWires(UNIT).map((w) => (w.id === 'fan-b' ? { ...w, from: 'HERM' } : w))
    expect(advised(WHITE, land('run'), { wires, findings })).toMatchObject({
      goes: { kind: 'loose' },
      why: 'The old run is recorded on a post that cannot be right.',
      refusals: [
        'post-goes-away: The old run is recorded on HERM on the dual capacitor, which leaves with the old capacitor and is no place for it. Trace that wire again.',
      ],
    })
  })
})

describe('ground', () => {
  const wires = wiresWithout('fan-g')
  it('lands on the chassis, also where the old motor had none', () => {
    expect(advised(GREEN, land('ground'), { wires })).toMatchObject({
      goes: { kind: 'post', post: 'GND' },
      like: 'ground',
      why: 'Equipment ground is landed, also when everything is metal.',
      refusals: [],
    })
  })
  it('is loose on a unit that has no such post', () => {
    const unit = { ...UNIT, posts: UNIT.posts.filter((p) => p.kind !== 'earth') }
    expect(advised(GREEN, land('ground'), { unit, wires }).goes).toEqual({ kind: 'loose' })
  })
})

describe('start', () => {
  it('goes to the fan’s section; of several jumpered ones to the largest, and says so', () => {
    expect(advised(BROWN, land('start'))).toMatchObject({
      goes: { kind: 'post', post: 'CAN-5' },
      like: 'start',
      why: 'Start goes to the fan’s section.',
      evidence: [{ source: 'terminal' }],
    })
    const can = { ...CAN, groups: [group([{ from: '5', to: '2.5', share: 1 / 3 }])] }
    expect(advised(BROWN, land('start'), { can }).why).toBe(
      'Start goes to the fan’s section, the largest section of its group.',
    )
  })
  it('has no place while no section is planned for the fan', () => {
    expect(advised(BROWN, land('start'), { can: { ...CAN, groups: [] } })).toMatchObject({
      goes: { kind: 'loose' },
      why: 'No section of the can is planned for the fan.',
      evidence: [],
      refusals: ['no-fan-section: The start lead has no post: this can has no section plan for the fan.'],
    })
  })
  it('of a blower is its capacitor’s start lead', () => {
    expect(advised(BROWN, { kind: 'capacitor', side: 'start' })).toMatchObject({
      goes: { kind: 'post', post: 'CAN-5' },
      like: 'capacitor',
    })
  })
})

describe('the other side of a capacitor of its own', () => {
  const run: LeadUse = { kind: 'capacitor', side: 'run' }
  it('of a blower is C, and nothing else; loose where there is no can', () => {
    expect(advised(BROWN, run)).toMatchObject({
      goes: { kind: 'post', post: NEW_C },
      like: 'capacitor',
      why: 'The other side of the blower’s own capacitor: nothing else lands there.',
    })
    expect(advised(BROWN, run, { can: { ...CAN, sections: [] } }).goes).toEqual({ kind: 'loose' })
  })
  it('of an outdoor motor takes run-return where C is tied to nothing; tied, it is cut back', () => {
    const own = { unit: OWN, wires: tracedWires(OWN), sides: { cSide: 'F2', fanSide: 'F1', tied: false } }
    expect(advised(BROWN, { kind: 'return' }, own)).toMatchObject({
      goes: { kind: 'post', post: NEW_C },
      like: 'run-return',
      why: 'The other side of the fan’s own capacitor: nothing else lands there.',
    })
    expect(advised(BROWN, { kind: 'return' })).toMatchObject({
      goes: { kind: 'insulated' },
      like: 'run-return',
      why: 'Cut back and insulated by itself: cap C is tied to run’s line already, and this lead is the same point as run inside the motor.',
    })
  })
})

describe('a lead that lands nowhere of its own', () => {
  it('says why, in the words of what it is', () => {
    expect(advised(BROWN, { kind: 'plug', joinedTo: 'yellow' })).toMatchObject({
      goes: { kind: 'plug' },
      like: null,
      why: 'In the reversing plug, joined to yellow.',
    })
    expect(advised(BROWN, { kind: 'unplaced', why: 'a lead of another kind of motor' })).toMatchObject({
      goes: { kind: 'loose' },
      why: 'No place is worked out: a lead of another kind of motor.',
    })
    expect(advised(BROWN, { kind: 'insulate', why: 'a tap that is not used' })).toMatchObject({
      goes: { kind: 'insulated' },
      why: 'Insulated by itself: a tap that is not used.',
    })
  })
  it('joined to another lands with it, and names it by its colour', () => {
    const joined: LeadUse = { kind: 'with', lead: 'black', sets: 'speed' }
    const both = translateLeads(
      input({
        uses: [
          [BLACK, land('motor-common')],
          [BROWN, joined],
        ],
      }),
    )
    expect(both.leads[1]).toMatchObject({
      goes: { kind: 'post', post: 'T1' },
      like: null,
      why: 'Joined to the black lead: that sets the speed.',
    })
    // The other one stays in the plug, or is not there: then this one has no post.
    const inPlug = translateLeads(
      input({
        uses: [
          [BLACK, { kind: 'plug', joinedTo: 'red' }],
          [BROWN, joined],
        ],
      }),
    )
    expect(inPlug.leads[1]?.goes).toEqual({ kind: 'loose' })
    expect(advised(BROWN, joined)).toMatchObject({
      goes: { kind: 'loose' },
      why: 'Joined to the black lead: that sets the speed.',
    })
  })
})

describe('a tie that the old hookup did not have', () => {
  const own = {
    unit: OWN,
    wires: tracedWires(OWN),
    sides: { cSide: 'F2', fanSide: 'F1', tied: false },
  }
  const added = (more: Partial<TranslationInput>, ...uses: LeadUse[]) =>
    translateLeads(input({ ...own, ...more, uses: uses.map((use) => [BROWN, use] as const) })).added
  it('goes from C to where run was, on a unit with a capacitor of its own, for a motor without run-return', () => {
    // With both poles switched and nothing tied, the wire on the first line post is motor common, the one on T2 run.
    expect(added({})).toEqual([{ id: 'added tie', from: NEW_C, to: 'T2' }])
  })
  it('is none where C is tied, the motor brings run-return, no can is left, or the unit shares its can', () => {
    expect(added({ sides: { ...own.sides, tied: true } })).toEqual([])
    expect(added({}, { kind: 'return' })).toEqual([])
    expect(added({ can: { ...CAN, sections: [] } })).toEqual([])
    expect(added({ unit: UNIT, wires: tracedWires(UNIT), sides: { ...TIED, tied: false } })).toEqual([])
  })
})

describe('what is warned of', () => {
  const warned = (more: Partial<TranslationInput>) =>
    translateLeads(input(more)).warnings.map((w) => `${w.code}: ${w.message}`)
  const change = (id: string, more: Partial<NamedWire>) =>
    tracedWires(UNIT).map((w) => (w.id === id ? { ...w, ...more } : w))
  it('nothing, where every wire is traced and told', () => {
    expect(warned({})).toEqual([])
  })
  it('a wire that is not traced, and one that nothing tells', () => {
    expect(warned({ wires: change('fan-a', { traced: false }) })).toEqual([
      'not-traced: The wire on T1 on the contactor is not traced yet.',
      'role-unknown: What the wire on T1 on the contactor does cannot be told from what is recorded.',
    ])
  })
  it('a finding of a wire that is not on record warns of nothing', () => {
    expect(
      warned({ findings: [{ wire: 'gone', role: null, carriedBy: null, evidence: [], conflicts: [] }] }),
    ).toEqual([])
  })
  it('what speaks against a wire’s place, with both sides named', () => {
    const wires = change('fan-a', { stated: [{ source: 'diagram', role: 'run' }] })
    expect(warned({ wires })).toEqual([
      'evidence-conflict: The wire on T1 on the contactor is motor common by its terminal, against this: The unit’s wiring diagram says run.',
    ])
  })
  it('two wires with one job, once', () => {
    const wires = change('fan-b', { from: 'L1' })
    expect(warned({ wires })).toContain(
      'role-twice: Two old wires come out as motor common. Trace both again.',
    )
  })
  it('a shared can whose C is tied to nothing; one of the fan’s own may be', () => {
    const sides = { ...TIED, tied: false }
    const notTied =
      'c-not-tied: No wire from cap C to a line is recorded. On a dual can there is one: trace it.'
    expect(warned({ sides })).toEqual([notTied])
    expect(warned({ unit: OWN, wires: tracedWires(OWN), sides: { ...sides, cSide: 'F2' } })).toEqual([])
  })
})
