// The proof of a hookup, mode by mode, before any power is applied: the circuit is solved, and the copper walked.
// Either may stop it. What neither can know is said instead of assumed.
import { findHazards, type ProofInput } from './findings'
import { withMends } from './mend'
import { listed } from '../quantity/display'
import { first, known } from '../quantity/at'
import type { LeadId } from '../motor/lead-id'
import type { ModeId, PostId } from '../wiring/unit-type'
import { type ModeSolution } from './judge/mode-solution'
import type { Hazard } from './hazard'
import { leadPoint } from './network'
import { potentials, type Potential } from './potential'
import { type ProofView } from './view'

/** `proven`: nothing found. `watch`: sound, with something to know. `stop`: must not be powered. `cannotTell`: not enough is known. */
export type ProofVerdict = 'proven' | 'watch' | 'stop' | 'cannotTell'

/** What is live in one mode, and the solved circuit of it. */
export interface ModeProof {
  readonly mode: ModeId
  readonly name: string
  readonly fanRuns: boolean
  readonly posts: Readonly<Record<PostId, Potential>>
  readonly leads: Readonly<Record<LeadId, Potential>>
  readonly solution: ModeSolution
}

/** The verdict with its reasons. */
export interface Proof {
  readonly verdict: ProofVerdict
  /** One sentence for the verdict strip. */
  readonly sentence: string
  /** Worst first. */
  readonly hazards: readonly Hazard[]
  readonly unknowns: readonly string[]
  readonly modes: readonly ModeProof[]
  /** The motor's constants were fitted to its nameplate, so its figures are estimates. */
  readonly estimated: boolean
}

/** `mends` false: the verdict alone is wanted, as where thousands are judged. */
export interface ProofOptions {
  readonly mends?: boolean
}

/** The proof of a hookup, mode by mode; each hazard with the mend that was tried and found good. What is not known makes it `cannotTell`. */
export function proveHookup(input: ProofInput, { mends = true }: ProofOptions = {}): Proof {
  const { view, machine, solved, hazards: found } = findHazards(input)
  const hazards = mends ? withMends(found, input) : found
  const verdict = verdictOf(hazards, input)
  return {
    verdict,
    sentence: sentenceOf(verdict, hazards, input),
    hazards,
    unknowns: input.unknowns,
    modes: describeModes(view, solved),
    estimated: machine?.estimated ?? false,
  }
}

function verdictOf(hazards: readonly Hazard[], { refusals, unknowns }: ProofInput): ProofVerdict {
  if (refusals.length > 0 || hazards.some((h) => h.severity === 'stop')) return 'stop'
  if (unknowns.length > 0) return 'cannotTell'
  return hazards.length > 0 ? 'watch' : 'proven'
}

function sentenceOf(
  verdict: ProofVerdict,
  hazards: readonly Hazard[],
  { unit, refusals, unknowns }: ProofInput,
): string {
  if (verdict === 'stop') return refusals[0] ?? first(hazards).message
  if (verdict === 'cannotTell') return `Cannot tell yet: ${unknowns[0]}`
  const proven = `Proven in ${listed(unit.modes.map((mode) => mode.name))}`
  return verdict === 'proven' ? `${proven}.` : `${proven}. Watch: ${first(hazards).message}`
}

function describeModes(view: ProofView, solved: readonly ModeSolution[]): ModeProof[] {
  const { hookup, network, posts, modes } = view
  return hookup.unit.modes.map(({ id, name, fanRuns }) => {
    const copper = modes.get(id)
    if (!copper) throw new Error(`mode ${id} was not prepared`)
    const at = potentials(copper, network, [...posts.map((p) => p.id), ...hookup.leads.map(leadPoint)])
    return {
      solution: known(
        solved.find((s) => s.mode === id),
        'The mode solution',
      ),
      mode: id,
      name,
      fanRuns,
      posts: Object.fromEntries(posts.map((p) => [p.id, at.get(p.id) ?? 'dead'])),
      leads: Object.fromEntries(hookup.leads.map((set) => [set.lead.id, at.get(leadPoint(set)) ?? 'dead'])),
    }
  })
}
