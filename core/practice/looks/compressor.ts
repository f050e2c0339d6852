// What the compressor beside the fan does as it stands: fed or not by the solved circuit, the rest by its own state.
import { magnitude, minus, ZERO } from '../../quantity/complex'
import { compressorPhases, compressorPosts } from '../../wiring/compressor-posts'
import { COMPRESSOR_LOAD } from '../../wiring/new-can'
import { runUnit, type Running } from '../electricity/running'
import { found, type Stand } from '../electricity/stand'
import type { TrueCompressor, TrueSection, Truth } from '../unit/truth'
import { usualMode } from './fan'

/** Its capacitor may have lost so much before it does not start. Our judgement. */
const LEAST_SHARE = 0.75
/** Below this share of its volts it does not run. Our judgement. */
const LEAST_VOLTS = 0.6
/** A leak to the shell below this lets the breaker go, ohms. Our judgement. */
const BREAKER_OHMS = 3

/** What it does when it is called; null: this unit has none. */
export type CompressorDoes = 'silent' | 'hums' | 'trips' | 'breaker' | 'right'

/** The section that serves it: its own capacitor, or the can's. */
const compressorSection = ({ can, compressor }: Truth): TrueSection | null =>
  compressor?.can ?? can?.sections.find((s) => s.id === COMPRESSOR_LOAD) ?? null

/** Volts across its windings, by pair of posts; empty: the unit has no compressor. */
export function compressorVolts({ unit }: Truth, { built, solution }: Running): number[] {
  const posts = compressorPosts(unit)
  const phases = compressorPhases(unit)
  const at = (post: string) => solution.volts.get(built.nodeOf(post)) ?? ZERO
  const between = (a: string, b: string) => magnitude(minus(at(a), at(b)))
  if (posts) return [between(posts.C, posts.R)]
  return phases.map((post, i) => between(post, phases[(i + 1) % phases.length] ?? post))
}

/** As it stands. */
export function compressorDoes(
  truth: Truth,
  stand: Stand = found(truth.unit, usualMode(truth)),
): CompressorDoes | null {
  const { compressor, volts } = truth
  const read = compressorVolts(truth, runUnit(truth, stand))
  if (!compressor || read.length === 0) return null
  const alive = read.filter((v) => v > LEAST_VOLTS * volts).length
  if (alive === 0 || isCut(compressor, stand)) return 'silent'
  if (compressor.shellOhms < BREAKER_OHMS) return 'breaker'
  if (compressor.shorted && alive === read.length) return 'trips'
  return alive < read.length || isHeldBack(truth, compressor) ? 'hums' : 'right'
}

/** No current comes in. */
const isCut = ({ leadOff, open, overload }: TrueCompressor, { cooled }: Stand): boolean =>
  leadOff || open === 'C' || (overload === 'open' && !cooled)

/** It draws, and does not start. */
function isHeldBack(truth: Truth, { open, locked, startGear }: TrueCompressor): boolean {
  const section = compressorSection(truth)
  const isDead =
    section !== null && (section.state !== 'good' || section.microfarads < LEAST_SHARE * section.marked)
  return open !== null || locked || startGear === 'bad' || isDead
}
