// Chance that can be had again: the same seed, the same run.

export interface Chance {
  /** 0 to 1. */
  readonly next: () => number
  /** A whole number from 0 to `below` - 1. */
  readonly below: (below: number) => number
  readonly pick: <T>(list: readonly T[]) => T
  readonly maybe: (share: number) => boolean
  readonly uuid: () => string
}

/** mulberry32, from memory: small, even enough for tests, and the same everywhere. */
export function chance(seed: number): Chance {
  let state = seed >>> 0
  const next = () => {
    state = (state + 0x6d2b79f5) >>> 0
    let t = state
    t = Math.imul(t ^ (t >>> 15), t | 1)
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61)
    return ((t ^ (t >>> 14)) >>> 0) / 4_294_967_296
  }
  const below = (most: number) => Math.floor(next() * most)
  const hex = (length: number) => Array.from({ length }, () => below(16).toString(16)).join('')
  return {
    next,
    below,
    pick: <T>(list: readonly T[]) => list[below(list.length)] as T,
    maybe: (share) => next() < share,
    uuid: () => `${hex(8)}-${hex(4)}-4${hex(3)}-8${hex(3)}-${hex(12)}`,
  }
}
