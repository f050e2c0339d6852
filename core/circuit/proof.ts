// The proof of a hookup, mode by mode, before any power is applied: the circuit is solved, and the copper walked.
// Either may stop it. What neither can know is said instead of assumed.
import { samePlacement } from '../wiring/placement'
import { first, known } from '../quantity/at'
import type { LeadSheet } from '../motor/lead-sheet'
import type { Direction, Rotation } from '../rotation/view'
import type { ModeId, PostId } from '../wiring/unit-type'
import { checkCompressor } from './checks/compressor'
import { checkDrive } from './checks/drive'
import { checkHardStart } from './checks/hard-start'
import { checkLeads } from './checks/leads'
import { checkSettings } from './checks/settings'
import { checkShorts } from './checks/shorts'
import { checkStart } from './checks/start'
import { checkTaps } from './checks/taps'
import { machineOf } from '../motor/machine/machine'
import { unexplained } from './judge/explain'
import { solveModes, type ModeSolution } from './judge/mode-solution'
import { findSymptoms } from './judge/symptoms'
import type { Hazard } from './hazard'
import { leadPoint, type Hookup, type LandedLead } from './network'
import { potentials, type Potential } from './potential'
import { isMisplaced, viewOf, type ProofView } from './view'

/** The hookup to prove and what it is held against. */
export interface ProofInput extends Hookup {
  readonly sheet: LeadSheet
  /** Direction the plug is set to, seen from the end the sheet names it from. */
  readonly plug: Direction
  /** null: not stated. */
  readonly wanted: Rotation | null
  /** What the compressor asks for; null: not recorded. */
  readonly compressorMicrofarads: number | null
  readonly hertz: 50 | 60
  /** The post that the far end of a hard-start kit is on; null: no kit. */
  readonly hardStart: PostId | null
  /** Why there is no whole hookup to prove, in words; they stop it. */
  readonly refusals: readonly string[]
  /** What is not known and would have to be, in words. */
  readonly unknowns: readonly string[]
  /** Named as the mend. */
  readonly advised: readonly LandedLead[]
}

/** `proven`: nothing found. `watch`: sound, with something to know. `stop`: must not be powered. `cannotTell`: not enough is known. */
export type ProofVerdict = 'proven' | 'watch' | 'stop' | 'cannotTell'

/** What is live in one mode, and the solved circuit of it. */
export interface ModeProof {
  readonly mode: ModeId
  readonly name: string
  readonly fanRuns: boolean
  readonly posts: Readonly<Record<PostId, Potential>>
  readonly leads: Readonly<Record<string, Potential>>
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

/** The proof of a hookup: the copper walked and the circuit solved, mode by mode. Either may stop it; what is not known makes it `cannotTell`. */
export function proveHookup(input: ProofInput): Proof {
  const view = viewOf(input)
  const rules = rulesOf(view, input)
  const machine = machineOf(input.sheet)
  const solved = solveModes({
    hookup: input,
    sheet: input.sheet,
    machine,
    hertz: input.hertz,
    compressorMicrofarads: input.compressorMicrofarads,
  }).map((mode) => mode.solution)
  const symptoms = findSymptoms({
    unit: input.unit,
    machine,
    can: input.can,
    modes: solved,
    taps: tapsOf(input.sheet),
    ratedVolts: input.sheet.nameplate.volts,
    ratedAmps: Math.max(...input.sheet.settings.horsepower.map((c) => c.amps)),
  })
  // A symptom is a figure and knows no wire: the leads that are not where they were advised are looked at first.
  const misplaced = input.placements.map((p) => p.lead).filter((lead) => isMisplaced(view, lead))
  const hazards = [
    ...rules,
    ...unexplained(symptoms, rules).map((h) => ({
      ...h,
      leads: [...new Set([...h.leads.filter((lead) => misplaced.includes(lead)), ...misplaced, ...h.leads])],
    })),
  ]
    .map((hazard) => withMove(likeliestFirst(hazard, misplaced), input))
    .sort((a, b) => (a.severity === b.severity ? 0 : a.severity === 'stop' ? -1 : 1))
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

/** Of the supply, where it is not stated. */
export const USUAL_HERTZ = 60

const tapsOf = ({ leads }: LeadSheet): string[] =>
  leads.filter((lead) => lead.role === 'speed' || lead.role === 'power-tap').map((lead) => lead.id)

/** What the copper alone shows. Of a blower the circuit judges drive and start: its taps are many, and which is live depends on the mode. */
function rulesOf(view: ProofView, input: ProofInput): Hazard[] {
  const blower = input.sheet.kind === 'psc-blower'
  return [
    ...checkShorts(view),
    ...checkLeads(view),
    ...(blower ? checkTaps(view) : [...checkDrive(view), ...checkStart(view, input.sheet)]),
    ...checkCompressor(view, input.compressorMicrofarads),
    ...checkHardStart(view, input.hardStart),
    ...checkSettings(input.unit, input.sheet, input.can, input.plug, input.wanted),
  ]
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
  const names = unit.modes.map((mode) => mode.name)
  const proven = `Proven in ${names.slice(0, -1).join(', ')} and ${names.at(-1)}`
  return verdict === 'proven' ? `${proven}.` : `${proven}. Watch: ${first(hazards).message}`
}

/** A lead that is not where it was advised is the likelier one to be wrong. */
const likeliestFirst = (hazard: Hazard, misplaced: readonly string[]): Hazard => ({
  ...hazard,
  leads: [
    ...hazard.leads.filter((lead) => misplaced.includes(lead)),
    ...hazard.leads.filter((lead) => !misplaced.includes(lead)),
  ],
})

/** The first blamed lead that is not where the app would put it is the one to move. */
function withMove(hazard: Hazard, { advised, placements }: ProofInput): Hazard {
  for (const lead of hazard.leads) {
    const to = advised.find((a) => a.lead === lead)?.goes
    const now = placements.find((p) => p.lead === lead)?.goes
    if (to && to.kind !== 'loose' && !(now && samePlacement(to, now)))
      return { ...hazard, move: { lead, to } }
  }
  return hazard
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
