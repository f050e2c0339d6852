// Tests at the compressor's own posts.
import { compressorPhases, compressorPosts } from '../../wiring/compressor-posts'
import type { PostId } from '../../wiring/unit-type'
import { runUnit } from '../electricity/running'
import { compressorDoes, compressorVolts, type CompressorDoes } from './compressor'
import {
  byPairs,
  called,
  canOff,
  ohms,
  post,
  read,
  reading,
  seen,
  type Bench,
  type TestAnswer,
  type Try,
} from './bench'
import { threePhase } from './volts'

/** Its three pairs, or of three phases how they stand to each other. */
export const compressorOhms = (bench: Bench): TestAnswer => {
  const { unit, compressor } = bench.pair.truth
  const posts = compressorPosts(unit)
  const here = canOff(bench)
  if (posts) {
    // A lead that is burnt off leaves the winding whole: it is read at the terminal.
    const between = (a: PostId, b: PostId) =>
      reading('ohms', ohms(withLead(bench), here, post(a), post(b)), bench.draw)
    return {
      readings: {
        'ohms-compressor-CR': between(posts.C, posts.R),
        'ohms-compressor-CS': between(posts.C, posts.S),
        'ohms-compressor-RS': between(posts.R, posts.S),
      },
    }
  }
  const phases = compressorPhases(unit)
  if (!compressor || phases.length < 3) return {}
  return seen(byPairs(phases.map((p, i) => ohms(bench, here, post(p), post(phases[(i + 1) % 3] ?? p)))))
}

const withLead = (bench: Bench): Bench => ({
  ...bench,
  pair: {
    ...bench.pair,
    truth: {
      ...bench.pair.truth,
      compressor: bench.pair.truth.compressor && { ...bench.pair.truth.compressor, leadOff: false },
    },
  },
})

/** Each post to its shell. */
export const compressorShell: Try = (bench) => {
  const { unit } = bench.pair.truth
  const posts = compressorPosts(unit)
  const value = (id: PostId) => ohms(withLead(bench), canOff(bench), post(id), { on: 'chassis' })
  if (!posts) {
    const phases = compressorPhases(unit)
    return seen(phases.length === 0 ? null : Math.min(...phases.map(value)) > 1e6 ? 'megohms' : 'low')
  }
  const toShell = (id: PostId) => reading('ohms', value(id), bench.draw)
  return {
    readings: {
      'ohms-shell-C': toShell(posts.C),
      'ohms-shell-R': toShell(posts.R),
      'ohms-shell-S': toShell(posts.S),
    },
  }
}

/** Volts at its own posts while it is called. */
export const atCompressor: Try = (bench) => {
  const running = runUnit(bench.pair.truth, called(bench))
  const pairs = compressorVolts(bench.pair.truth, running)
  if (pairs.length === 1) return read('volts-compressor', 'volts', pairs[0] ?? 0, bench.draw)
  return pairs.length === 0 ? {} : seen(threePhase(pairs, bench.pair.healthy.volts))
}

/** What it draws at the start, and whether that falls. */
export const compressorAmps: Try = ({ pair: { truth } }) => {
  const does = compressorDoes(truth)
  return seen(does && DRAWS[does])
}

/** By what it does: a good one's inrush falls at once, one that does not turn goes on drawing. */
const DRAWS: Readonly<Record<CompressorDoes, string>> = {
  right: 'falls',
  silent: 'zero',
  breaker: 'zero',
  hums: 'stays',
  trips: 'stays',
}
