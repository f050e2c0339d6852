// A unit type while it grows: what blocks add to it, and what of the plan several of them ask.
import { MODE_IDS, type ModeId, type Post, type PostId, type PostKind, type UnitType } from '../unit-type'
import { blocksOf, type Block, type UnitPlan } from './plan'

/** A unit type while it grows. */
export interface Growing {
  readonly plan: UnitPlan
  readonly parts: UnitType['parts']
  readonly posts: Post[]
  readonly links: UnitType['links']
  readonly switches: UnitType['switches']
  readonly wires: UnitType['typicalWires']
}

/** Three lines and no capacitor for the fan: it takes all three. */
export const hasThreePhaseFan = (plan: UnitPlan): boolean =>
  plan.fan === 'outdoor' && plan.feed === 'three' && capacitorOf(plan) === 'none'

/** Whose capacitor the fan has. */
export function capacitorOf(plan: UnitPlan): UnitType['traits']['capacitor'] {
  if (blocksOf(plan, 'dual-can').length > 0) return 'shared'
  return blocksOf(plan, 'fan-can').length > 0 ? 'own' : 'none'
}

/** Every mode that a block knows, and off. */
export function modesOf(plan: UnitPlan): ModeId[] {
  const used = new Set<ModeId>(['off', ...plan.blocks.flatMap(modesOfBlock)])
  return MODE_IDS.filter((mode) => used.has(mode))
}

function modesOfBlock(block: Block): readonly ModeId[] {
  switch (block.kind) {
    case 'contactor':
    case 'relay':
      return block.modes
    case 'fan-relay':
      return block.opensIn
    case 'board':
      return block.outputs.flatMap(({ modes }) => modes)
    case 'thermostat':
      return block.speeds
    default:
      return []
  }
}

/** A part is added. */
export const part = ({ parts }: Growing, id: string, name: string): void => void parts.push({ id, name })
/** A terminal on a part; its id comes back. */
export const post = (
  { posts }: Growing,
  where: string,
  id: PostId,
  label: string,
  kind: PostKind,
): PostId => {
  posts.push({ id, label, part: where, kind })
  return id
}
/** A wire as such units usually have it. */
export const wire = ({ wires }: Growing, id: string, from: PostId, to: string): void =>
  void wires.push({ id, from, to })
/** Contacts that are closed in these modes. */
export const contact = (
  { switches }: Growing,
  id: string,
  from: PostId,
  to: PostId,
  closedIn: readonly ModeId[],
): void => void switches.push({ id, from, to, closedIn: [...closedIn] })

/** The splice on this side, fed from there; where there is none, there itself. */
export function spliced(unit: Growing, on: 'switched' | 'other', from: PostId): PostId {
  if (!blocksOf(unit.plan, 'splice').some((splice) => splice.on === on)) return from
  const id = on === 'switched' ? 'S1' : 'S2'
  if (!unit.parts.some((p) => p.id === 'splice')) part(unit, 'splice', 'Splice box')
  const alone = blocksOf(unit.plan, 'splice').length === 1
  post(unit, 'splice', id, alone ? 'splice' : on === 'switched' ? 'splice 1' : 'splice 2', 'splice')
  wire(unit, `splice-${on}`, from, id)
  return id
}
