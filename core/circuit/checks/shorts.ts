// Copper that joins what must stay apart: the two lines, a line and earth, a line and the 24 V coil.
import { stop, type Hazard, type HazardCode } from '../hazard'
import { copperIn, type ModeCopper, type Source } from '../potential'
import type { ModeId } from '../../wiring/unit-type'
import { isMisplaced, type ProofView } from '../view'

const CASES: readonly { code: HazardCode; has: (s: readonly Source[]) => boolean; what: string }[] = [
  {
    code: 'line-to-line',
    has: (s) => s.includes('line1') && s.includes('line2'),
    what: 'joins the two lines: a dead short',
  },
  {
    code: 'line-on-earth',
    has: (s) => s.includes('earth') && (s.includes('line1') || s.includes('line2')),
    what: 'joins a line to the chassis: a short to earth',
  },
  {
    code: 'line-on-coil',
    has: (s) => s.includes('low-voltage') && (s.includes('line1') || s.includes('line2')),
    what: 'puts line voltage on the 24 V coil: it blows the low-voltage fuse',
  },
]

/** Copper that joins what must never be joined: line to line, line to earth, line to the 24 V coil. */
export function checkShorts(view: ProofView): Hazard[] {
  return CASES.flatMap(({ code, has, what }) => {
    const modes = [...view.modes.values()]
      .filter((mode) => anyGroup(view, mode, has))
      .map((mode) => mode.mode)
    if (modes.length === 0) return []
    const leads = blame(view, modes[0]!, has)
    const subject = leads.length > 0 ? `The ${leads.join(' or ')} lead` : 'A wire of the unit'
    return [stop(code, `${subject} ${what} (${modes.join(', ')}).`, leads, modes)]
  })
}

const anyGroup = (
  { posts }: ProofView,
  { sources }: ModeCopper,
  has: (s: readonly Source[]) => boolean,
): boolean => posts.some((post) => has(sources(post.id)))

/** The leads whose removal, one at a time, ends the fault; only those that are not where they were advised, if there are any. */
function blame(view: ProofView, mode: ModeId, has: (s: readonly Source[]) => boolean): string[] {
  const found = view.hookup.placements
    .filter(
      ({ goes, lead }) =>
        goes.kind === 'post' && !anyGroup(view, copperIn(view.hookup.unit, view.network, mode, lead), has),
    )
    .map(({ lead }) => lead)
  const misplaced = found.filter((lead) => isMisplaced(view, lead))
  return misplaced.length > 0 ? misplaced : found
}
