// The posts of the unit as it is hooked up anew: the old can's are gone, the new can's are there.
import { canPostName, canPosts, type FittedCan } from './new-can'
import { postName, type PostId, type PostKind, type UnitType } from './unit-type'

/** A post as the board shows it. */
export interface HookupPost {
  readonly id: PostId
  readonly label: string
  readonly part: string
  readonly partName: string
  readonly kind: PostKind | 'can-c' | 'can-section'
  /** "T1 on the contactor" */
  readonly name: string
}

const OLD_CAN_KINDS: readonly PostKind[] = ['cap-c', 'cap-fan', 'cap-compressor']
/** The unit has a capacitor, one that is replaced or one that stays: it holds a charge. */
export const hasCapacitor = (unit: UnitType): boolean =>
  unit.posts.some(({ kind }) => kind === 'kept-cap' || OLD_CAN_KINDS.includes(kind))
export const NEW_CAN_PART = 'new-can'

/** The posts that leads can go to: the unit's, less those that leave with the old capacitor, and the new can's. */
export function hookupPosts(unit: UnitType, can: Pick<FittedCan, 'sections'>): HookupPost[] {
  const staying = unit.posts
    .filter((post) => !OLD_CAN_KINDS.includes(post.kind))
    .map((post) => ({
      ...post,
      partName: unit.parts.find((p) => p.id === post.part)?.name ?? post.part,
      name: postName(unit, post.id),
    }))
  // No can, no posts of one: a motor without a capacitor, where the old can served only the fan.
  const fresh = (can.sections.length > 0 ? canPosts(can) : []).map((post) => ({
    id: post.id,
    label: post.label,
    part: NEW_CAN_PART,
    partName: 'New capacitor',
    kind: post.section ? ('can-section' as const) : ('can-c' as const),
    name: canPostName(can, post),
  }))
  return [...fresh, ...staying]
}
