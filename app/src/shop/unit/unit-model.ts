// A unit while it is put together: what a new block begins with, what of it can be chosen, and what is kept of it. No rendering here.
import { v4 as uuid } from 'uuid'
import type { OwnUnit } from '@oak/core/job/van'
import { findRoles, type WireFinding } from '@oak/core/wiring/evidence'
import type { ModeId, UnitType } from '@oak/core/wiring/unit-type'
import { buildUnit } from '@oak/core/wiring/unit-blocks/build'
import {
  blocksOf,
  type Block,
  type BlockKind,
  type Feed,
  type UnitPlan,
} from '@oak/core/wiring/unit-blocks/plan'
import { BLOCKS_OF } from '@oak/core/wiring/unit-blocks/plan-problems'
import type { NamedWire } from '@oak/core/wiring/wire'

export const START_PLAN: UnitPlan = {
  name: '',
  fan: 'outdoor',
  feed: 'pair',
  volts: 230,
  throughShaft: false,
  blocks: [],
}

/** What comes in, with its volts: the usual ones. Common practice, no source. */
export const SUPPLIES: readonly {
  readonly id: string
  readonly text: string
  readonly feed: Feed
  readonly volts: number
}[] = [
  { id: '120', text: '120 V and neutral', feed: 'neutral', volts: 120 },
  { id: '230', text: '230 V, two lines', feed: 'pair', volts: 230 },
  { id: '277', text: '277 V and neutral', feed: 'neutral', volts: 277 },
  { id: '230-3', text: '230 V, three lines', feed: 'three', volts: 230 },
  { id: '460-3', text: '460 V, three lines', feed: 'three', volts: 460 },
]
/** Which of them it is; null: another one. */
export const supplyIdOf = ({ feed, volts }: UnitPlan): string | null =>
  SUPPLIES.find((s) => s.feed === feed && s.volts === volts)?.id ?? null

export const BLOCK_NAMES: Readonly<Record<BlockKind, string>> = {
  contactor: 'Contactor',
  'fan-relay': 'Fan relay of a defrost board',
  board: 'Fan board',
  relay: 'Fan relay',
  thermostat: 'Thermostat with speeds',
  'fan-can': 'Capacitor for the fan alone',
  'dual-can': 'Dual capacitor, shared',
  compressor: 'Compressor',
  splice: 'Splice',
}

const FRESH = {
  'fan-relay': { kind: 'fan-relay', opensIn: ['defrost'] },
  board: { kind: 'board', outputs: [{ label: 'COOL', modes: ['cooling'] }], parks: 1 },
  relay: { kind: 'relay', modes: ['cooling', 'circulation'] },
  thermostat: { kind: 'thermostat', speeds: ['high', 'medium', 'low'] },
  'fan-can': { kind: 'fan-can' },
  'dual-can': { kind: 'dual-can' },
} satisfies Partial<Record<BlockKind, Block>>

/** A new block as it goes with what is there already. */
export function freshBlock(plan: UnitPlan, kind: BlockKind): Block {
  const three = plan.feed === 'three'
  switch (kind) {
    case 'contactor':
      return { kind, poles: three ? 3 : 1, modes: ['cooling'] }
    case 'compressor':
      return { kind, phases: three ? 3 : 1, ownCan: !three && blocksOf(plan, 'dual-can').length === 0 }
    case 'splice':
      return { kind, on: plan.fan === 'outdoor' && hasSplice(plan, 'other') ? 'switched' : 'other' }
    default:
      return FRESH[kind]
  }
}
const hasSplice = (plan: UnitPlan, on: 'switched' | 'other'): boolean =>
  blocksOf(plan, 'splice').some((splice) => splice.on === on)

/** The plan with a block of this kind more. A dual capacitor is the compressor's too: one that had its own has it no more. */
export function withBlock(plan: UnitPlan, kind: BlockKind): UnitPlan {
  const blocks = [...plan.blocks, freshBlock(plan, kind)]
  return {
    ...plan,
    blocks:
      kind === 'dual-can'
        ? blocks.map((block) => (block.kind === 'compressor' ? { ...block, ownCan: false } : block))
        : blocks,
  }
}

/** Kinds that can still be added: each once, but relays, and a splice on either side of an outdoor fan. */
export function addable(plan: UnitPlan): BlockKind[] {
  const has = (kind: BlockKind) => plan.blocks.some((block) => block.kind === kind)
  return BLOCKS_OF[plan.fan].filter((kind) => {
    if (kind === 'relay') return blocksOf(plan, 'relay').length < 3
    if (kind === 'splice')
      return !hasSplice(plan, 'other') || (plan.fan === 'outdoor' && !hasSplice(plan, 'switched'))
    if (kind === 'fan-can' || kind === 'dual-can') return !has('fan-can') && !has('dual-can')
    return !has(kind)
  })
}

/** Another kind of fan, or another feed: what does not go with it is taken out, what does stays. */
export function withFan(plan: UnitPlan, fan: UnitPlan['fan']): UnitPlan {
  const blocks = plan.blocks.filter((block) => BLOCKS_OF[fan].includes(block.kind))
  const kept = { ...plan, fan, blocks, throughShaft: fan === 'blower' && plan.throughShaft }
  return fan === 'blower' && plan.feed === 'three' ? { ...kept, feed: 'pair', volts: 230 } : kept
}

export const blockAt = (plan: UnitPlan, at: number, block: Block | null): UnitPlan => ({
  ...plan,
  blocks: plan.blocks.flatMap((held, i) => (i === at ? (block ? [block] : []) : [held])),
})

/** The modes that such a block may know. */
export const MODES_FOR: Readonly<Record<UnitPlan['fan'], readonly ModeId[]>> = {
  outdoor: ['cooling', 'heating', 'defrost'],
  blower: ['cooling', 'heating', 'circulation'],
}

/** In the order of `all`, with one more or one less. */
export const toggled = <T>(list: readonly T[], item: T, all: readonly T[]): T[] =>
  all.filter((one) => (one === item ? !list.includes(one) : list.includes(one)))

/** An id that no other unit has. */
export const newUnitId = (): string => `own-${uuid()}`

/** The unit as it is kept. */
export const ownUnit = (plan: UnitPlan, id: string): OwnUnit => ({ type: buildUnit(plan, id), plan })
/** Its usual wires for the picture, as if they were traced: so it shows what each would be for. */
export const drawnWires = ({ typicalWires }: UnitType): NamedWire[] =>
  typicalWires.map((wire) => ({ ...wire, segments: [], traced: true, stated: [] }))

/** What each wire of the motor would be for; nothing while no mode runs the fan. */
export const drawnRoles = (unit: UnitType, wires: readonly NamedWire[]): WireFinding[] =>
  unit.modes.some(({ fanRuns }) => fanRuns) ? findRoles(unit, wires) : []
