// Chance that is the same each time: a small generator with a seed. mulberry32, public domain, from memory.

export interface Draws {
  /** 0 to 1. */
  readonly share: () => number
  readonly between: (low: number, high: number) => number
  readonly whole: (low: number, high: number) => number
  readonly one: <T>(list: readonly T[]) => T
  readonly odds: (chance: number) => boolean
}

export function drawsOf(seed: number): Draws {
  let state = seed >>> 0
  const share = () => {
    state = (state + 0x6d2b79f5) >>> 0
    let t = Math.imul(state ^ (state >>> 15), 1 | state)
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296
  }
  const between = (low: number, high: number) => low + (high - low) * share()
  const whole = (low: number, high: number) => Math.floor(between(low, high + 1))
  const one = <T>(list: readonly T[]): T => list[whole(0, list.length - 1)] as T
  return { share, between, whole, one, odds: (chance) => share() < chance }
}
