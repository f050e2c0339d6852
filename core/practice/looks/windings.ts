// Tests of ohms and µF: the windings, the frame, the capacitor.
import type { Probe } from '../../diagnosis/answers'
import { FAN_LOAD, NEW_C, sectionPost } from '../../wiring/new-can'
import type { PostId } from '../../wiring/unit-type'
import type { Truth } from '../unit/truth'
import { microfaradsBetween } from '../electricity/meter'
import type { Spot } from '../electricity/spot'
import { builtAt, nodeAt } from '../electricity/unit-circuit'
import { fanDoes } from './fan'
import {
  byPairs,
  canOff,
  leadOfRole,
  leadsOff,
  ohms,
  OPEN_OHMS,
  post,
  read,
  reading,
  seen,
  type Bench,
  type TestAnswer,
  type Try,
} from './bench'

/** A blower's tap that reads less is shorted right through, ohms. Common practice, no source. */
const NOTHING_OHMS = 0.4

/**
 * Where a load is on the capacitor: its section's own post, or, on a can with many sections, the one that its wire is on; with the
 * jumpers that are on it, that is its whole. null: nowhere.
 */
function loadPost({ can, placements, unitWires }: Truth, load: string): PostId | null {
  if (!can) return null
  if (can.sections.some(({ id }) => id === load)) return sectionPost(load)
  const posts = can.sections.map(({ id }) => sectionPost(id))
  const ends =
    load === FAN_LOAD
      ? placements.flatMap(({ goes }) => (goes.kind === 'post' ? [goes.post] : []))
      : unitWires.flatMap(({ from, to }) => [from, to])
  return ends.find((end) => posts.includes(end)) ?? null
}

/** µF of a section with everything off, or ohms across it. */
export function sectionReading(bench: Bench, section: string, probe: Probe): TestAnswer {
  const { can, compressor } = bench.pair.truth
  const own = section === 'own'
  const feed = loadPost(bench.pair.truth, section)
  if (own ? !compressor?.can : !can || feed === null) return {}
  const kept = bench.pair.truth.unit.posts.filter((p) => p.kind === 'kept-cap').map((p) => p.id)
  const [a = '', b = ''] = own ? kept : [feed ?? '', NEW_C]
  const value = microfarads(bench, a, b)
  return probe.startsWith('ohms')
    ? canOhms(bench, a, b, probe)
    : value === null
      ? { readings: { [probe]: { quantity: 'microfarads', value: 'OL', accuracy: null } } }
      : read(probe, 'microfarads', value, bench.draw)
}

function microfarads(bench: Bench, a: PostId, b: PostId): number | null {
  const built = builtAt(bench.pair.truth, canOff(bench))
  return microfaradsBetween({ built }, nodeAt(built, post(a)), nodeAt(built, post(b)))
}

/** A good one kicks and climbs, whatever it ends at. */
function canOhms(bench: Bench, a: PostId, b: PostId, probe: Probe): TestAnswer {
  const value = ohms(bench, canOff(bench), post(a), post(b))
  if (value < 1000) return read(probe, 'ohms', value, bench.draw)
  return seen((microfarads(bench, a, b) ?? 0) > 0.1 ? 'climbs' : 'dead-open')
}

/** What is substituted is the fan's section: does it run right then? */
export const substitute: Try = ({ pair }) => {
  const { can } = pair.truth
  const right = pair.healthy.can?.sections.find((s) => s.id === FAN_LOAD)
  if (!can || !right) return {}
  const sections = can.sections.map((s) => (s.id === FAN_LOAD ? right : s))
  const before = fanDoes(pair)
  const after = fanDoes({ ...pair, truth: { ...pair.truth, can: { ...can, sections } } })
  return seen(after === 'right' && before !== 'right' ? 'cures' : 'same')
}

/** Between the motor’s leads, all off. */
export function windingOhms(bench: Bench): TestAnswer {
  const stand = leadsOff(bench)
  const lead = (id: string): Spot => ({ on: 'lead', lead: id })
  const [common] = leadOfRole(bench, 'motor-common')
  const [run] = leadOfRole(bench, 'run')
  const [start] = leadOfRole(bench, 'start')
  if (common !== undefined && run !== undefined && start !== undefined) {
    const between = (a: string, b: string) =>
      reading('ohms', ohms(bench, stand, lead(a), lead(b)), bench.draw)
    return {
      readings: {
        'ohms-common-run': between(common, run),
        'ohms-common-start': between(common, start),
        'ohms-run-start': between(run, start),
      },
    }
  }
  const phases = leadOfRole(bench, 'phase')
  if (phases.length === 3) {
    const pairs = phases.map((p, i) => ohms(bench, stand, lead(p), lead(phases[(i + 1) % 3] ?? p)))
    return seen(byPairs(pairs))
  }
  const [line] = leadOfRole(bench, 'line')
  const taps = leadOfRole(bench, 'speed')
  if (line === undefined || taps.length === 0) return {}
  const toTaps = taps.map((tap) => ohms(bench, stand, lead(line), lead(tap)))
  const across = leadOfRole(bench, 'capacitor')
  const auxiliary = ohms(bench, stand, lead(across[0] ?? line), lead(line))
  if (toTaps.every((r) => r > OPEN_OHMS)) return seen('all-open')
  if (toTaps.some((r) => r > OPEN_OHMS) || auxiliary > OPEN_OHMS) return seen('one-open')
  return seen(Math.min(...toTaps) < NOTHING_OHMS ? 'low' : 'adds-up')
}

/** The least of any lead to the frame. */
export const frameOhms: Try = (bench) => {
  const stand = leadsOff(bench)
  const leads = bench.pair.truth.sheet.leads.filter((l) => l.role !== 'ground').map((l) => l.id)
  const least = Math.min(...leads.map((lead) => ohms(bench, stand, { on: 'lead', lead }, { on: 'frame' })))
  return read('ohms-frame', 'ohms', least, bench.draw)
}

/** Some pair of leads that was open reads again, or does not. */
export const cooled: Try = (bench) => {
  const { joint } = bench.pair.truth.motor
  return seen(joint === 'cut-out' ? 'reads' : 'still-open')
}
