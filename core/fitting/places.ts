// The names of posts in a step: the unit's, the new capacitor's, and those of the old one where it goes or stays.
import { casesOf, type Case } from '../capacitor/can'
import { first } from '../quantity/at'
import { canPosts, canPostName, NEW_C, PROTECTED_POST, type FittedCan } from '../wiring/new-can'
import { postName, postOf, type PostId, type UnitType } from '../wiring/unit-type'

/** The capacitor whose C takes what was on the old C: the one that stays, else the first. */
export const mainCase = (can: Pick<FittedCan, 'name' | 'sections'>): Case =>
  casesOf(can).find((c) => c.stays) ?? first(casesOf(can))

/** "C of Six-section", "the 5 µF section of Six-section", "T1 on the contactor". */
export function placeName(unit: UnitType, can: Pick<FittedCan, 'name' | 'sections'>, post: PostId): string {
  if (post === PROTECTED_POST) return 'the protected terminal'
  if (post === NEW_C) {
    const { name, stays } = mainCase(can)
    return `C of ${stays ? 'the old can' : name}`
  }
  const own = canPosts(can).find((p) => p.id === post)
  return own ? canPostName(can, own).replace(', which stays', '') : postName(unit, post)
}

/** "C of the old capacitor"; a post of the unit by its own name. */
export function oldPlaceName(unit: UnitType, post: PostId): string {
  const at = postOf(unit, post)
  return at?.kind.startsWith('cap-') ? `${at.label} of the old capacitor` : postName(unit, post)
}
