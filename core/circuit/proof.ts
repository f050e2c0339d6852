// The proof of a hookup, mode by mode, by connectivity: what conducts where, before any power is applied.
// It does not compute currents; what it cannot know it says instead of assuming.
import type { LeadSheet } from '../motor/lead-sheet'
import type { Direction, Rotation } from '../rotation/view'
import type { ModeId, PostId } from '../wiring/unit-type'
import { checkCompressor } from './checks/compressor'
import { checkDrive } from './checks/drive'
import { checkLeads } from './checks/leads'
import { checkSettings } from './checks/settings'
import { checkShorts } from './checks/shorts'
import { checkStart } from './checks/start'
import type { Hazard } from './hazard'
import { leadPoint, type Hookup, type LandedLead } from './network'
import { potentials, type Potential } from './potential'
import { viewOf, type ProofView } from './view'

export interface ProofInput extends Hookup {
  readonly sheet: LeadSheet
  /** Direction the plug is set to, seen from the end the sheet names it from. */
  readonly plug: Direction
  /** null: not stated. */
  readonly wanted: Rotation | null
  /** What the compressor asks for; null: not recorded. */
  readonly compressorMicrofarads: number | null
  /** Why there is no whole hookup to prove, in words; they stop it. */
  readonly refusals: readonly string[]
  /** What is not known and would have to be, in words. */
  readonly unknowns: readonly string[]
  /** Named as the mend. */
  readonly advised: readonly LandedLead[]
}

/** `proven`: nothing found. `watch`: sound, with something to know. `stop`: must not be powered. `cannotTell`: not enough is known. */
export type ProofVerdict = 'proven' | 'watch' | 'stop' | 'cannotTell'

export interface ModeProof {
  readonly mode: ModeId
  readonly name: string
  readonly fanRuns: boolean
  readonly posts: Readonly<Record<PostId, Potential>>
  readonly leads: Readonly<Record<string, Potential>>
}

export interface Proof {
  readonly verdict: ProofVerdict
  /** One sentence for the verdict strip. */
  readonly sentence: string
  /** Worst first. */
  readonly hazards: readonly Hazard[]
  readonly unknowns: readonly string[]
  readonly modes: readonly ModeProof[]
}

export function proveHookup(input: ProofInput): Proof {
  const view = viewOf(input)
  const hazards = [
    ...checkShorts(view),
    ...checkLeads(view),
    ...checkDrive(view),
    ...checkStart(view, input.sheet),
    ...checkCompressor(view, input.compressorMicrofarads),
    ...checkSettings(input.unit, input.sheet, input.can, input.plug, input.wanted),
  ]
    .map((hazard) => withMove(hazard, input))
    .sort((a, b) => (a.severity === b.severity ? 0 : a.severity === 'stop' ? -1 : 1))
  const verdict = verdictOf(hazards, input)
  return { verdict, sentence: sentenceOf(verdict, hazards, input), hazards, unknowns: input.unknowns, modes: describeModes(view) }
}

function verdictOf(hazards: readonly Hazard[], { refusals, unknowns }: ProofInput): ProofVerdict {
  if (refusals.length > 0 || hazards.some((h) => h.severity === 'stop')) return 'stop'
  if (unknowns.length > 0) return 'cannotTell'
  return hazards.length > 0 ? 'watch' : 'proven'
}

function sentenceOf(verdict: ProofVerdict, hazards: readonly Hazard[], { unit, refusals, unknowns }: ProofInput): string {
  if (verdict === 'stop') return refusals[0] ?? (hazards[0] as Hazard).message
  if (verdict === 'cannotTell') return `Cannot tell yet: ${unknowns[0]}`
  const names = unit.modes.map((mode) => mode.name)
  const proven = `Proven in ${names.slice(0, -1).join(', ')} and ${names.at(-1)}`
  return verdict === 'proven' ? `${proven}.` : `${proven}. Watch: ${(hazards[0] as Hazard).message}`
}

/** The first blamed lead that is not where the app would put it is the one to move. */
function withMove(hazard: Hazard, { advised, placements }: ProofInput): Hazard {
  for (const lead of hazard.leads) {
    const to = advised.find((a) => a.lead === lead)?.goes
    const now = placements.find((p) => p.lead === lead)?.goes
    if (to && to.kind !== 'loose' && JSON.stringify(to) !== JSON.stringify(now)) return { ...hazard, move: { lead, to } }
  }
  return hazard
}

function describeModes(view: ProofView): ModeProof[] {
  const { hookup, network, posts, modes } = view
  return hookup.unit.modes.map(({ id, name, fanRuns }) => {
    const copper = modes.get(id)
    if (!copper) throw new Error(`mode ${id} was not prepared`)
    const at = potentials(copper, network, [...posts.map((p) => p.id), ...hookup.leads.map(leadPoint)])
    return {
      mode: id,
      name,
      fanRuns,
      posts: Object.fromEntries(posts.map((p) => [p.id, at.get(p.id) ?? 'dead'])),
      leads: Object.fromEntries(hookup.leads.map((set) => [set.lead.id, at.get(leadPoint(set)) ?? 'dead'])),
    }
  })
}
