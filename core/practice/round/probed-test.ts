// Which test of the app two probes and a dial are: the one that asks for that quantity there.
import { modelFor, SUBJECTS } from '../../diagnosis/model'
import { compressorPhases, compressorPosts } from '../../wiring/compressor-posts'
import { COMPRESSOR_LOAD, FAN_LOAD, NEW_C, sectionPost } from '../../wiring/new-can'
import { linesOf, type PostId } from '../../wiring/unit-type'
import type { Dial } from '../electricity/probe'
import type { Spot } from '../electricity/spot'
import type { Pair } from '../unit/truth'

type Spots = readonly [Spot, Spot]

const postsOf = (spots: Spots): PostId[] => spots.flatMap((spot) => (spot.on === 'post' ? [spot.post] : []))

/** Volts by where they are: the supply, the call, an output, the compressor, the motor's own posts. */
function voltsTests({ healthy }: Pair, spots: Spots): string[] {
  const { unit, placements } = healthy
  const posts = postsOf(spots)
  const kinds = posts.map((id) => unit.posts.find((post) => post.id === id)?.kind)
  if (kinds.includes('coil')) return ['call']
  if (posts.length < 2) return []
  const lines = linesOf(unit)
  if (posts.every((id) => lines.includes(id))) return ['supply']
  if (kinds.includes('compressor')) return ['comp-volts']
  if (kinds.includes('output') && posts.some((id) => lines.includes(id))) return ['output-volts']
  const ofMotor = placements.flatMap(({ goes }) => (goes.kind === 'post' ? [goes.post] : []))
  return posts.every((id) => ofMotor.includes(id) || lines.includes(id)) ? ['motor-volts'] : []
}

function ohmsTests({ healthy: { unit } }: Pair, spots: Spots): string[] {
  const on = spots.map((spot) => spot.on)
  const posts = postsOf(spots)
  const terminals: readonly PostId[] = [
    ...Object.values(compressorPosts(unit) ?? {}),
    ...compressorPhases(unit),
  ]
  if (on.every((where) => where === 'lead')) return ['ohms', 'cooled']
  if (on.includes('lead') && (on.includes('frame') || on.includes('chassis'))) return ['ohms-frame']
  if (posts.length === 2 && posts.every((id) => terminals.includes(id))) return ['comp-ohms']
  return on.includes('chassis') && posts.some((id) => terminals.includes(id)) ? ['comp-shell'] : []
}

/** Across a section of the capacitor: C and the post of one of its sides. */
function sectionTests({ healthy: { unit } }: Pair, spots: Spots, dial: 'ohms' | 'microfarads'): string[] {
  const posts = postsOf(spots)
  const across = (section: string) => posts.includes(NEW_C) && posts.includes(sectionPost(section))
  const isKept =
    posts.length === 2 &&
    posts.every((id) => unit.posts.some((post) => post.id === id && post.kind === 'kept-cap'))
  if (dial === 'ohms') {
    if (across(FAN_LOAD)) return ['can-ohms-fan']
    return across(COMPRESSOR_LOAD) || isKept ? ['can-ohms-compressor'] : []
  }
  if (across(FAN_LOAD)) return ['microfarads-fan']
  return across(COMPRESSOR_LOAD) || isKept ? ['microfarads-compressor', 'comp-microfarads'] : []
}

/** Ids of the tests that a reading there answers, in the order of what is asked about: the fan first. Empty: no test asks for it. */
export function probedTests(pair: Pair, dial: Dial, spots: Spots): string[] {
  const asked = {
    volts: () => voltsTests(pair, spots),
    ohms: () => [...sectionTests(pair, spots, 'ohms'), ...ohmsTests(pair, spots)],
    microfarads: () => sectionTests(pair, spots, 'microfarads'),
    amps: () => (spots[0].on === 'lead' ? ['amps', 'speed-amps'] : []),
  }[dial]()
  const known = SUBJECTS.flatMap((subject) => modelFor(pair.healthy.unit, subject).tests.map((t) => t.id))
  return asked.filter((id) => known.includes(id))
}

/** Tests that are read with two probes or the clamp on the picture; the others are looked at, listened to, or tried by hand. */
const PROBED: readonly string[] = [
  'supply',
  'call',
  'output-volts',
  'motor-volts',
  'comp-volts',
  'ohms',
  'ohms-frame',
  'comp-ohms',
  'comp-shell',
  'can-ohms-fan',
  'can-ohms-compressor',
  'microfarads-fan',
  'microfarads-compressor',
  'comp-microfarads',
  'amps',
  'speed-amps',
]

/** Is this test read on the picture? The call of a unit that has no coil's posts is seen at its board. */
export const isProbed = ({ healthy: { unit } }: Pair, test: string): boolean =>
  PROBED.includes(test) && (test !== 'call' || unit.posts.some((post) => post.kind === 'coil'))
