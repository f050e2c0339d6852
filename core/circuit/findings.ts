// What is wrong with a hookup, by two judges: the copper walked, and the circuit solved. No mends here: they are tried with this (see mend).
import { checkCapacitorLeads } from './checks/capacitor-leads'
import { checkSpeeds } from './checks/speeds'
import type { LeadSheet } from '../motor/lead-sheet'
import type { Direction, Rotation } from '../rotation/view'
import { rememberedLatest } from '../quantity/remembered'
import type { PostId } from '../wiring/unit-type'
import { checkCompressor } from './checks/compressor'
import { checkDrive } from './checks/drive'
import { checkHardStart } from './checks/hard-start'
import { checkJumpers } from './checks/jumpers'
import { checkLeads } from './checks/leads'
import { checkPhases } from './checks/phases'
import { checkSettings } from './checks/settings'
import { checkShorts } from './checks/shorts'
import { checkStart } from './checks/start'
import { checkTaps } from './checks/taps'
import { machineOf, type Machine } from '../motor/machine/machine'
import { unexplained } from './judge/explain'
import { solveModes, type ModeSolution } from './judge/mode-solution'
import { findSymptoms } from './judge/symptoms'
import { watch, type Hazard } from './hazard'
import { type Hookup, type LandedLead } from './network'
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
  /** V that the compressor's side of a shared can asks for; null: not recorded. */
  readonly compressorVolts: number | null
  /** How far from the tag's µF a part may be, %: the shop's setting. */
  readonly tolerancePercent: number
  readonly hertz: 50 | 60
  /** The post that the far end of a hard-start kit is on; null: no kit. */
  readonly hardStart: PostId | null
  /** Why there is no whole hookup to prove, in words; they stop it. */
  readonly refusals: readonly string[]
  /** What is not known and would have to be, in words. */
  readonly unknowns: readonly string[]
  /** Evidence that speaks against what was taken, in whole sentences: each is watched. */
  readonly doubts: readonly string[]
  /** Named as the mend. */
  readonly advised: readonly LandedLead[]
}

/** What was found, worst first, and the circuit it was found in. */
export interface Findings {
  readonly view: ProofView
  readonly machine: Machine | null
  readonly solved: readonly ModeSolution[]
  readonly hazards: readonly Hazard[]
}

/** Hookups whose findings are kept: what a lead in hand was, and is put back to, is looked at again and again. */
const KEPT = 16

/** Every hazard of a hookup, the likeliest lead first in each. */
export const findHazards = rememberedLatest(lookForHazards, KEPT)

function lookForHazards(input: ProofInput): Findings {
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
    tagVolts: input.sheet.capacitor?.volts ?? null,
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
    .map((hazard) => likeliestFirst(hazard, misplaced))
    .sort((a, b) => (a.severity === b.severity ? 0 : a.severity === 'stop' ? -1 : 1))
  return { view, machine, solved, hazards }
}

const tapsOf = ({ leads }: LeadSheet): string[] =>
  leads.filter((lead) => lead.role === 'speed' || lead.role === 'power-tap').map((lead) => lead.id)

/** What of the drive the copper shows: by the kind of motor. */
function driveRules(view: ProofView, { sheet, tolerancePercent }: ProofInput): Hazard[] {
  switch (sheet.kind) {
    case 'psc-blower':
      return [...checkTaps(view), ...checkCapacitorLeads(view), ...checkSpeeds(view, sheet)]
    case 'three-phase':
      return checkPhases(view)
    case 'psc-outdoor':
    case 'ecm-outdoor':
      return [...checkDrive(view), ...checkStart(view, sheet, tolerancePercent)]
  }
}

/** What the copper alone shows. Of a blower the circuit judges drive and start: its taps are many, and which is live depends on the mode. */
function rulesOf(view: ProofView, input: ProofInput): Hazard[] {
  return [
    ...checkShorts(view),
    ...checkJumpers(view),
    ...checkLeads(view),
    ...driveRules(view, input),
    ...checkCompressor(view, {
      microfarads: input.compressorMicrofarads,
      volts: input.compressorVolts,
      tolerancePercent: input.tolerancePercent,
    }),
    ...checkHardStart(view, input.hardStart),
    ...input.doubts.map((message) => watch('evidence-conflict', message)),
    ...checkSettings(input.unit, input.sheet, input.can, input.plug, input.wanted, input.hertz),
  ]
}

/** A lead that is not where it was advised is the likelier one to be wrong. */
const likeliestFirst = (hazard: Hazard, misplaced: readonly string[]): Hazard => ({
  ...hazard,
  leads: [
    ...hazard.leads.filter((lead) => misplaced.includes(lead)),
    ...hazard.leads.filter((lead) => !misplaced.includes(lead)),
  ],
})
