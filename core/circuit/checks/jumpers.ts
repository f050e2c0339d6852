// The can's jumpers as they are on: none to C, and the wire of a load where they carry the least of its current.
import { first } from '../../quantity/at'
import { capital, figure } from '../../quantity/display'
import { jumperShares } from '../../wiring/can-as-put'
import { NEW_C, sectionPost } from '../../wiring/new-can'
import type { PostId } from '../../wiring/unit-type'
import { stop, watch, type Hazard } from '../hazard'
import { START } from '../network'
import { compressorPosts } from '../../wiring/compressor-posts'
import { leadsAt, placementOf, type ProofView } from '../view'

/** Jumpers that short a section, and those that carry more of a load's current than they need. */
export function checkJumpers(view: ProofView): Hazard[] {
  const shorted = toC(view)
  return shorted.length > 0
    ? shorted
    : [...carriesMore(view, fanWire(view)), ...carriesMore(view, compressorWire(view))]
}

const postName = ({ posts }: ProofView, id: PostId): string => posts.find((p) => p.id === id)?.name ?? id

function toC(view: ProofView): Hazard[] {
  return view.hookup.can.jumpers
    .filter(({ from, to }) => (from === NEW_C) !== (to === NEW_C))
    .map(({ from, to }) =>
      stop(
        'jumper-to-c',
        `A jumper joins C and ${postName(view, from === NEW_C ? to : from)}: the section is shorted, and what is on it is straight on C’s line. Take the jumper off.`,
        leadsAt(view, START),
      ),
    )
}

/** A load's wire on the can: what it is called, and the post it is on. */
interface LoadWire {
  readonly who: string
  readonly post: PostId | undefined
  readonly leads: readonly string[]
}

function fanWire(view: ProofView): LoadWire {
  const leads = leadsAt(view, START)
  const goes = leads.map((lead) => placementOf(view, lead)).find((p) => p?.kind === 'post')
  return { who: 'the fan', post: goes?.kind === 'post' ? goes.post : undefined, leads }
}

function compressorWire({ hookup: { unit, unitWires } }: ProofView): LoadWire {
  const start = compressorPosts(unit)?.S
  const wire = start && unitWires.find((w) => w.from === start || w.to === start)
  return { who: 'the compressor', post: wire && (wire.from === start ? wire.to : wire.from), leads: [] }
}

/** More than half over one jumper, where another post would make it less. */
function carriesMore(view: ProofView, { who, post, leads }: LoadWire): Hazard[] {
  const { can } = view.hookup
  if (post === undefined) return []
  const most = (at: PostId) => Math.max(0, ...jumperShares(can, at).map((j) => j.share))
  const worst = jumperShares(can, post).find((j) => j.share === most(post))
  if (!worst || worst.share <= 0.5) return []
  const joined = new Set(jumperShares(can, post).flatMap(({ from, to }) => [from, to]))
  // There is a better one: of what hangs together in a tree, one place has no more than half on any side (Jordan's centroid).
  const best = first([...joined].map(sectionPost).sort((a, b) => most(a) - most(b)))
  return [
    watch(
      'jumper-carries-more',
      `${capital(who)}’s wire is on ${postName(view, post)}, so a jumper carries ${figure(100 * worst.share, 0)} % of its capacitor current. On ${postName(view, best)} it carries ${figure(100 * most(best), 0)} %.`,
      leads,
    ),
  ]
}
