// Seeded draws: small, and good enough to draw with. For practice units, tests, benches and mutants.

/** A draw from 0 to 1, the same ones for the same seed. Mulberry32 (public domain, from memory). */
export function drawsFrom(seed: number): () => number {
  let state = seed >>> 0
  return () => {
    state = (state + 0x6d2b79f5) >>> 0
    let t = Math.imul(state ^ (state >>> 15), state | 1)
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61)
    return ((t ^ (t >>> 14)) >>> 0) / 4_294_967_296
  }
}
