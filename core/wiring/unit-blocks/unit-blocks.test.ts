// Blocks make the units that ship, make sound ones only, and what they make can be hooked up.
import fc from 'fast-check'
import * as v from 'valibot'
import { workOutHookup } from '../../circuit/hookup'
import { BLOWER_CAN } from '../../testing/circuits'
import { at230 } from '../../circuit/testing/wirings'
import { CAN, sheetOf, tracedWires, unitOf } from '../../testing/fixtures'
import { layoutKinds } from './testing/layout-kinds'
import { postName, type UnitType } from '../unit-type'
import { OwnUnitTypeSchema } from '../unit-ref'
import { buildUnit } from './build'
import { UnitPlanSchema, type Block, type UnitPlan } from './plan'
import { planProblems } from './plan-problems'

const OUTDOOR: UnitPlan = {
  name: 'Shop unit',
  fan: 'outdoor',
  feed: 'pair',
  volts: 230,
  throughShaft: false,
  blocks: [
    { kind: 'contactor', poles: 1, modes: ['cooling'] },
    { kind: 'dual-can' },
    { kind: 'compressor', phases: 1, ownCan: false },
  ],
}
const BLOWER: UnitPlan = {
  ...OUTDOOR,
  fan: 'blower',
  feed: 'neutral',
  volts: 120,
  blocks: [
    {
      kind: 'board',
      outputs: [
        { label: 'COOL', modes: ['cooling'] },
        { label: 'HEAT', modes: ['heating'] },
      ],
      parks: 1,
    },
    { kind: 'fan-can' },
  ],
}
const built = (plan: UnitPlan): UnitType => v.parse(OwnUnitTypeSchema, buildUnit(plan, 'own-1'))
const said = (plan: UnitPlan) => planProblems(plan).map(({ path, message }) => `${path}: ${message}`)
const withBlocks = (plan: UnitPlan, ...blocks: readonly Block[]): UnitPlan => ({
  ...plan,
  blocks: [...blocks],
})
const contactor = (poles: 1 | 2 | 3, ...modes: readonly ('cooling' | 'heating' | 'defrost')[]): Block => ({
  kind: 'contactor',
  poles,
  modes: [...modes],
})
const DUAL: Block = { kind: 'dual-can' }
const OWN: Block = { kind: 'fan-can' }
const COMPRESSOR: Block = { kind: 'compressor', phases: 1, ownCan: false }
const TWO_CANS: Block = { kind: 'compressor', phases: 1, ownCan: true }
const DEFROST: Block = { kind: 'fan-relay', opensIn: ['defrost'] }

describe('the units that ship, from blocks', () => {
  const PUMP = ['cooling', 'heating', 'defrost'] as const
  it.each([
    ['cooling-1-pole-shared-capacitor', OUTDOOR],
    ['cooling-2-pole-shared-capacitor', withBlocks(OUTDOOR, contactor(2, 'cooling'), DUAL, COMPRESSOR)],
    ['cooling-1-pole-own-capacitor', withBlocks(OUTDOOR, contactor(1, 'cooling'), OWN, TWO_CANS)],
    ['cooling-2-pole-own-capacitor', withBlocks(OUTDOOR, contactor(2, 'cooling'), OWN, TWO_CANS)],
    [
      'heat-pump-1-pole-shared-capacitor',
      withBlocks(OUTDOOR, contactor(1, ...PUMP), DEFROST, DUAL, COMPRESSOR),
    ],
    ['heat-pump-2-pole-own-capacitor', withBlocks(OUTDOOR, contactor(2, ...PUMP), DEFROST, OWN, TWO_CANS)],
    ['pool-heater-two-capacitors', withBlocks(OUTDOOR, contactor(2, 'heating'), OWN, TWO_CANS)],
    [
      'packaged-three-phase',
      withBlocks({ ...OUTDOOR, feed: 'three' }, contactor(3, 'cooling'), {
        kind: 'compressor',
        phases: 3,
        ownCan: false,
      }),
    ],
    [
      'packaged-three-phase-fan-on-two',
      withBlocks({ ...OUTDOOR, feed: 'three' }, contactor(3, 'cooling'), OWN, {
        kind: 'compressor',
        phases: 3,
        ownCan: false,
      }),
    ],
  ] as const)('%s: the same terminals, switches, modes and wires', (id, plan) => {
    expect(said(plan)).toEqual([])
    expect(layoutKinds(built(plan))).toEqual(layoutKinds(unitOf(id)))
  })
})

describe('what each block brings', () => {
  const labels = (plan: UnitPlan, part: string) =>
    built(plan)
      .posts.filter((p) => p.part === part)
      .map((p) => `${p.id} ${p.label} ${p.kind}`)
  const wiresOf = (plan: UnitPlan) => built(plan).typicalWires.map((w) => `${w.id}: ${w.from} ${w.to}`)
  it('a board: its outputs, as many places to park as are said, and the 24 V', () => {
    const board: Block = {
      kind: 'board',
      outputs: [
        { label: 'COOL', modes: ['cooling'] },
        { label: 'HEAT', modes: ['heating'] },
      ],
      parks: 2,
    }
    const unit = withBlocks(BLOWER, board, OWN)
    expect(labels(unit, 'board')).toEqual([
      'L line supply',
      'N neutral neutral',
      'OUT1 COOL output',
      'OUT2 HEAT output',
      'PARK1 PARK 1 park',
      'PARK2 PARK 2 park',
      'XFMR 24 V coil',
    ])
    expect(wiresOf(unit)).toEqual([
      'output-1: OUT1 motor',
      'output-2: OUT2 motor',
      'spare-1: PARK1 motor',
      'spare-2: PARK2 motor',
      'line: N motor',
      'cap-a: B1 motor',
      'cap-b: B2 motor',
      'fan-g: GND motor',
    ])
    expect(built(unit).parts.map((p) => p.name)).toEqual(['Fan board', 'Blower capacitor', 'Chassis'])
  })
  it('a thermostat and relays on two lines, each with its own name', () => {
    const unit = withBlocks(
      { ...BLOWER, feed: 'pair', volts: 230 },
      { kind: 'thermostat', speeds: ['high', 'medium', 'low'] },
      { kind: 'relay', modes: ['cooling'] },
      { kind: 'relay', modes: ['heating'] },
      OWN,
    )
    expect(built(unit).parts.map((p) => p.name)).toEqual([
      'Line block',
      'Thermostat',
      'Fan relay',
      'Fan relay 2',
      'Blower capacitor',
      'Chassis',
    ])
    expect(labels(unit, 'block')).toEqual(['L1 L1 supply', 'L2 L2 neutral'])
    expect(labels(unit, 'thermostat')).toEqual([
      'TH-high high output',
      'TH-medium med output',
      'TH-low low output',
    ])
    expect(labels(unit, 'relay-2')).toEqual([
      'R2-IN in relay',
      'R2-NO open rest output',
      'R2-A1 coil coil',
      'R2-A2 coil coil',
    ])
    expect(built(unit).switches).toEqual([
      { id: 'thermostat high', from: 'L1', to: 'TH-high', closedIn: ['high'] },
      { id: 'thermostat medium', from: 'L1', to: 'TH-medium', closedIn: ['medium'] },
      { id: 'thermostat low', from: 'L1', to: 'TH-low', closedIn: ['low'] },
      { id: 'fan relay 1', from: 'R1-IN', to: 'R1-NO', closedIn: ['cooling'] },
      { id: 'fan relay 2', from: 'R2-IN', to: 'R2-NO', closedIn: ['heating'] },
    ])
  })
  it('a contactor: poles on the first lines, of three lines the second goes through where there are two; the rest stays live', () => {
    const of = (feed: UnitPlan['feed'], poles: 1 | 2 | 3) => {
      const { switches, links } = built(withBlocks({ ...OUTDOOR, feed }, contactor(poles, 'cooling'), OWN))
      return [
        switches.map((s) => `${s.id}: ${s.from} ${s.to}`),
        links.map((l) => `${l.from} ${l.to}: ${l.what}`),
      ]
    }
    expect(of('pair', 1)).toEqual([['pole 1: L1 T1'], ['L2 T2: shunt of the 1-pole contactor: always live']])
    expect(of('pair', 2)).toEqual([['pole 1: L1 T1', 'pole 2: L2 T2'], []])
    expect(of('three', 2)).toEqual([
      ['pole 1: L1 T1', 'pole 2: L3 T3'],
      ['L2 T2: shunt of the 2-pole contactor: always live'],
    ])
    expect(of('three', 3)).toEqual([['pole 1: L1 T1', 'pole 2: L2 T2', 'pole 3: L3 T3'], []])
  })
  it('a splice on either side, called by its number only where there are two', () => {
    const splice = (on: 'switched' | 'other'): Block => ({ kind: 'splice', on })
    const of = (...splices: Block[]) => withBlocks(OUTDOOR, contactor(1, 'cooling'), OWN, ...splices)
    expect(labels(of(splice('switched')), 'splice')).toEqual(['S1 splice splice'])
    expect(labels(of(splice('other')), 'splice')).toEqual(['S2 splice splice'])
    expect(labels(of(splice('other'), splice('switched')), 'splice').sort()).toEqual([
      'S1 splice 1 splice',
      'S2 splice 2 splice',
    ])
    expect(postName(built(of(splice('switched'))), 'S1')).toBe('the splice box')
    expect(postName(built(of(splice('other'), splice('switched'))), 'S2')).toBe('splice 2 on the splice box')
  })
})

describe('what does not go together', () => {
  it.each([
    [{ ...OUTDOOR, name: '' }, 'name: Give the unit a name, so that it is found again.'],
    [withBlocks(OUTDOOR, contactor(3, 'cooling'), OWN), 'blocks.0: 2 lines have 2 poles at the most.'],
    [
      withBlocks({ ...OUTDOOR, feed: 'three' }, contactor(1, 'cooling')),
      'blocks.0: One pole leaves two of three lines live: a unit on three lines has two or three poles.',
    ],
    [
      withBlocks(OUTDOOR, contactor(1, 'cooling'), contactor(1, 'cooling')),
      'blocks.1: There is a contactor already.',
    ],
    [
      withBlocks(OUTDOOR, contactor(1, 'cooling'), OWN, DUAL, COMPRESSOR),
      'blocks.1: The fan has one capacitor: of its own, or shared.',
    ],
    [
      withBlocks(OUTDOOR, contactor(1, 'cooling'), DUAL),
      'blocks.1: A dual capacitor serves a compressor on one phase too: add it.',
    ],
    [
      withBlocks(OUTDOOR, contactor(1, 'cooling'), OWN, COMPRESSOR),
      'blocks.2: A compressor on one phase has a capacitor: of its own, or shared with the fan.',
    ],
    [
      withBlocks(OUTDOOR, contactor(1, 'cooling'), OWN, { kind: 'compressor', phases: 3, ownCan: false }),
      'blocks.2: A compressor on three phases needs three lines.',
    ],
    [
      withBlocks({ ...OUTDOOR, feed: 'three' }, contactor(3, 'cooling'), {
        kind: 'compressor',
        phases: 3,
        ownCan: true,
      }),
      'blocks.1: A compressor on three phases has no capacitor.',
    ],
    [
      withBlocks(OUTDOOR, contactor(1, 'cooling')),
      'blocks: A fan on one phase has a capacitor: add its own, or the dual one.',
    ],
    [
      withBlocks({ ...OUTDOOR, feed: 'three' }, contactor(3, 'cooling'), DEFROST),
      'blocks.1: A relay in one line of three would leave the fan on two: it hums and burns.',
    ],
    [withBlocks(BLOWER, contactor(1, 'cooling'), OWN), 'blocks.0: A blower here has no contactor.'],
    [
      withBlocks(OUTDOOR, { kind: 'thermostat', speeds: ['high'] }, OWN),
      'blocks.0: An outdoor fan here has no thermostat.',
    ],
    [withBlocks(BLOWER, ...BLOWER.blocks.slice(0, 1)), 'blocks: A blower has its own capacitor: add it.'],
    [{ ...BLOWER, feed: 'three' as const }, 'feed: Blowers on three phases are not worked out here.'],
  ] satisfies readonly (readonly [UnitPlan, string])[])('%#', (plan, message) =>
    expect(said(plan)).toContain(message),
  )

  it('two splices are of two sides, relays may be several, every other block is there once', () => {
    const splice = (on: 'switched' | 'other'): Block => ({ kind: 'splice', on })
    const twins = (plan: UnitPlan) => said(plan).filter((m) => m.includes('already'))
    const outdoor = (...blocks: Block[]) => withBlocks(OUTDOOR, contactor(1, 'cooling'), OWN, ...blocks)
    expect(twins(outdoor(splice('switched'), splice('other')))).toEqual([])
    expect(twins(outdoor(splice('other'), splice('other')))).toEqual(['blocks.3: There is a splice already.'])
    expect(twins(outdoor(OWN))).toEqual(['blocks.2: There is a capacitor for the fan alone already.'])
    const relay = (mode: 'cooling' | 'heating'): Block => ({ kind: 'relay', modes: [mode] })
    expect(twins(withBlocks(BLOWER, relay('cooling'), relay('heating'), OWN))).toEqual([])
  })
  it('a unit is of the family that its blocks make it', () => {
    const family = (plan: UnitPlan) => built(plan).family
    expect(family(OUTDOOR)).toBe('outdoor-split')
    expect(family({ ...OUTDOOR, feed: 'three' })).toBe('packaged')
    expect(family(withBlocks(OUTDOOR, contactor(1, 'cooling'), DEFROST, OWN))).toBe('heat-pump')
    expect(family(BLOWER)).toBe('air-handler')
    expect(family(withBlocks(BLOWER, { kind: 'thermostat', speeds: ['high'] }, OWN))).toBe('fan-coil')
    expect(family({ ...BLOWER, throughShaft: true })).toBe('roof-through-shaft')
  })
  it('no way to run the fan, and one that nothing stops', () => {
    expect(said(withBlocks(OUTDOOR, OWN))).toContain('modes: No mode runs the fan.')
    expect(said(withBlocks(OUTDOOR, contactor(2), OWN))).toContain('modes: No mode runs the fan.')
    // A board's output that no mode calls leaves the mode of the relay alone.
    expect(said(withBlocks(BLOWER, OWN))).toContain('modes: No mode runs the fan.')
    const twice: Block = {
      kind: 'board',
      outputs: [
        { label: 'COOL', modes: ['cooling'] },
        { label: 'FAN', modes: ['cooling'] },
      ],
      parks: 0,
    }
    expect(said(withBlocks(BLOWER, twice, OWN))).toEqual([
      'modes.1: In cooling COOL on the fan board and FAN on the fan board are live together: two speeds at once burn a motor.',
    ])
  })
})

const someOf = <T>(list: readonly T[]) => fc.subarray([...list])
const anyBlock: fc.Arbitrary<Block> = fc.oneof(
  fc.record({
    kind: fc.constant('contactor' as const),
    poles: fc.constantFrom(1 as const, 2 as const, 3 as const),
    modes: someOf(['cooling', 'heating', 'defrost'] as const),
  }),
  fc.record({ kind: fc.constant('fan-relay' as const), opensIn: someOf(['defrost', 'heating'] as const) }),
  fc.record({
    kind: fc.constant('board' as const),
    outputs: fc.array(
      fc.record({
        label: fc.constantFrom('COOL', 'HEAT', 'FAN'),
        modes: someOf(['cooling', 'heating', 'circulation'] as const),
      }),
      { maxLength: 3 },
    ),
    parks: fc.integer({ min: 0, max: 3 }),
  }),
  fc.record({
    kind: fc.constant('relay' as const),
    modes: someOf(['cooling', 'heating', 'circulation'] as const),
  }),
  fc.record({
    kind: fc.constant('thermostat' as const),
    speeds: fc.subarray(['high' as const, 'medium' as const, 'low' as const], { minLength: 1 }),
  }),
  fc.constant<Block>(OWN),
  fc.constant<Block>(DUAL),
  fc.record({
    kind: fc.constant('compressor' as const),
    phases: fc.constantFrom(1 as const, 3 as const),
    ownCan: fc.boolean(),
  }),
  fc.record({
    kind: fc.constant('splice' as const),
    on: fc.constantFrom('switched' as const, 'other' as const),
  }),
)
const anyPlan: fc.Arbitrary<UnitPlan> = fc.record({
  name: fc.constant('Unit'),
  fan: fc.constantFrom('outdoor' as const, 'blower' as const),
  feed: fc.constantFrom('pair' as const, 'neutral' as const, 'three' as const),
  volts: fc.constantFrom(120, 230),
  throughShaft: fc.constant(false),
  blocks: fc.array(anyBlock, { maxLength: 5 }),
})

/** A motor of the unit's own kind and volts, with its capacitor. */
function motorFor({ traits, volts }: UnitType) {
  if (traits.phases === 3) {
    const sheet = sheetOf('brant-50t')
    return {
      sheet: { ...sheet, nameplate: { ...sheet.nameplate, volts: { low: volts, high: volts } } },
      can: null,
    }
  }
  if (traits.fan === 'blower') {
    const sheet = sheetOf('alder-33b')
    return { sheet: volts > 200 ? at230(sheet) : sheet, can: BLOWER_CAN }
  }
  return { sheet: sheetOf('rowan-25r'), can: CAN }
}

it('what is found sound is a unit type that is taken, and its usual wires are hooked up without a stop', () => {
  let hooked = 0
  fc.assert(
    fc.property(anyPlan, (plan) => {
      if (!v.is(UnitPlanSchema, plan) || planProblems(plan).length > 0) return
      const unit = built(plan)
      // The demo's outdoor motor is made for 208 to 230 V.
      if (unit.traits.fan === 'outdoor' && unit.volts < 200) return
      const { sheet, can } = motorFor(unit)
      const outputs = unit.posts.filter((post) => post.kind === 'output').map(({ id }) => id)
      // Three speeds for three outputs.
      if (outputs.length > 3) return
      hooked += 1
      const { proof, refusals } = workOutHookup({
        unit,
        wires: tracedWires(unit),
        sheet,
        can,
        wanted: { direction: 'CW', seenFrom: sheet.rotationNamedFrom },
        unusedOutputs: outputs,
        compressorMicrofarads: unit.traits.capacitor === 'shared' ? 40 : null,
        compressorVolts: 370,
      })
      expect([
        plan,
        refusals.map((r) => r.message),
        proof.verdict === 'stop' ? proof.sentence : null,
      ]).toEqual([plan, [], null])
    }),
    { numRuns: 12_000, seed: 11 },
  )
  expect(hooked).toBeGreaterThan(60)
}, 60_000)
