// The compressor's own posts, as the unit type labels them: C, R and S of one phase, three like ones of three.
import type { PostId, UnitType } from './unit-type'

/** The compressor's posts by winding end; null: this unit has none, or one on three phases. */
export const compressorPosts = (unit: UnitType): Record<'C' | 'R' | 'S', PostId> | null => {
  const post = (label: string) => unit.posts.find((p) => p.kind === 'compressor' && p.label === label)?.id
  const [c, r, s] = [post('C'), post('R'), post('S')]
  return c && r && s ? { C: c, R: r, S: s } : null
}

/** The posts of a compressor on three phases; empty: it has one phase, or there is none. */
export const compressorPhases = (unit: UnitType): PostId[] => {
  const posts = unit.posts.filter((p) => p.kind === 'compressor').map((p) => p.id)
  return unit.supply.line3 !== undefined && posts.length === 3 && compressorPosts(unit) === null ? posts : []
}
