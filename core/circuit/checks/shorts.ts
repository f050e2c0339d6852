// Copper that joins what must stay apart: the two lines, a line and earth, a line and the 24 V coil.
import { capital } from '../../quantity/display'
import { isSplit } from '../solution/build'
import { leadPoint } from '../network'
import { stop, type Hazard, type HazardCode } from '../hazard'
import { copperIn, isLine, type ModeCopper, type Source } from '../potential'
import type { LeadId } from '../../motor/lead-id'
import { postOf, type ModeId } from '../../wiring/unit-type'
import { type ProofView, isMisplaced, landedLeadsOn, leadName } from '../view'

const CASES: readonly { code: HazardCode; has: (s: readonly Source[]) => boolean; what: string }[] = [
  {
    code: 'line-to-line',
    has: (s) => s.filter(isLine).length > 1,
    what: 'joins the two lines: a dead short',
  },
  {
    code: 'line-on-earth',
    has: (s) => s.includes('earth') && s.some(isLine),
    what: 'joins a line to the chassis: a short to earth',
  },
  {
    code: 'line-on-coil',
    has: (s) => s.includes('low-voltage') && s.some(isLine),
    what: 'puts line voltage on the 24 V coil: it blows the low-voltage fuse',
  },
]

/** Copper that joins what must never be joined: line to line, line to earth, line to the 24 V coil. */
export function checkShorts(view: ProofView): Hazard[] {
  const joined = CASES.flatMap(({ code, has, what }) => {
    const modes = [...view.modes.values()]
      .filter((mode) => anyGroup(view, mode, has))
      .map((mode) => mode.mode)
    if (modes.length === 0) return []
    const leads = blame(view, modes[0]!, has)
    const subject = leads.length > 0 ? `The ${leads.join(' or ')} lead` : 'A wire of the unit'
    const told = whatOf(view, code) ?? what
    return [stop(code, `${subject} ${told} (${modes.join(', ')}).`, leads, modes)]
  })
  return [...joined, ...windingsOnEarth(view)]
}

/** Where it is to be told otherwise than usual; null: it is not. */
function whatOf(view: ProofView, code: HazardCode): string | null {
  if (code === 'line-to-line' && view.hookup.unit.supply.line3 !== undefined) return TWO_OF_THREE
  return code === 'line-on-earth' && isNeutralAlone(view) ? NEUTRAL_ON_EARTH : null
}

const TWO_OF_THREE = 'joins two of the three lines: a dead short'

/** No short: neutral is bonded to earth, but at the panel and there alone. */
const NEUTRAL_ON_EARTH =
  'joins the neutral to the chassis: the frame then carries the motor’s current; they are bonded at the panel only'

/** The unit's second line is a neutral, and it is what reaches the chassis, not the line. */
function isNeutralAlone(view: ProofView): boolean {
  const { unit } = view.hookup
  return (
    !isSplit(unit) &&
    unit.posts.some((post) => post.id === unit.supply.line2 && post.kind === 'neutral') &&
    ![...view.modes.values()].some((mode) =>
      anyGroup(view, mode, (s) => s.includes('earth') && s.includes('line1')),
    )
  )
}

/** A winding end that reaches the chassis by a wire of the unit, though no line does: the frame becomes part of the circuit. */
function windingsOnEarth(view: ProofView): Hazard[] {
  const points = new Map(
    view.hookup.leads
      .filter(({ use }) => use.kind !== 'plug' && !(use.kind === 'land' && use.as === 'ground'))
      .map((set) => [leadPoint(set), set]),
  )
  for (const [point, set] of points)
    for (const { mode, copper, sources } of view.modes.values()) {
      const found = sources(point)
      if (!found.includes('earth') || found.some(isLine)) continue
      const leads = landedLeadsOn(view, copper, point)
      // A lead that is on the chassis itself is told of by its own name.
      if (leads.some((lead) => isOnChassis(view, lead))) continue
      return [
        stop(
          'winding-on-earth',
          `${capital(leadName(set))} reaches the chassis: the frame becomes part of the circuit.`,
          leads,
          [mode],
        ),
      ]
    }
  return []
}

/** Where the ground lead belongs, and no other. */
const isOnChassis = ({ hookup }: ProofView, lead: LeadId): boolean =>
  !hookup.leads.some((l) => l.lead.id === lead && l.use.kind === 'land' && l.use.as === 'ground') &&
  hookup.placements.some(
    (p) => p.lead === lead && p.goes.kind === 'post' && postOf(hookup.unit, p.goes.post)?.kind === 'earth',
  )

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
