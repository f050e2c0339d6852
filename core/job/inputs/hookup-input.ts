// From a job to the input of the hookup operation, or what is still missing for it.
import { cutText } from '../../quantity/whole-text'
import type { HookupRequest } from '../../circuit/hookup'
import type { LandedLead } from '../../circuit/network'
import type { Preference } from '../../capacitor/tap-plan/score'
import type { LeadSheet, SpeedName } from '../../motor/lead-sheet'
import type { Direction, Rotation } from '../../rotation/view'
import type { PostId, UnitRef } from '../../wiring/unit-type'
import type { NamedWire } from '../../wiring/wire'
import type { Can, SectionId } from '../../capacitor/can'
import { canPosts, type CanAsPut } from '../../wiring/new-can'
import { DEFAULT_TOLERANCE_PERCENT } from '../../capacitor/verdict'
import { HIGHEST_CAN_VOLTS, lacksGroundLead } from '../../circuit/unknowns'
import { selectSpeeds } from '../../motor/settings'
import { voltsChoices, voltsName } from '../../motor/volts-choice'
import { unitTypeFor } from '../../wiring/unit-types'
import type { SupplyFacts } from '../../supply/supply'
import type { JobDocument } from '../document'
import { newCompressorCan } from './compressor-can'
import { newStartCan } from './start-can'
import { supplyFacts } from './supply-input'

/** What a hookup still waits for. */
export type HookupNeed = 'unit' | 'wires' | 'motor' | 'can'

/** The input of `hookup` and `prove`, as a job gives it; checked where the operation runs. */
export interface HookupInput {
  readonly unit: UnitRef
  readonly supply: SupplyFacts
  readonly tolerancePercent: number
  readonly wires: readonly NamedWire[]
  readonly sheet: LeadSheet
  readonly motorStays: boolean
  readonly horsepower: string | null
  readonly wanted: Rotation | null
  readonly plug: Direction | null
  readonly can: HookupRequest['can']
  readonly speed: SpeedName | null
  readonly hardStart: PostId | null
  readonly speedChoices: Readonly<Record<PostId, SpeedName>>
  readonly compressorMicrofarads: number | null
  readonly compressorVolts: number | null
  readonly compressorCan: HookupRequest['compressorCan']
  readonly startCan: HookupRequest['startCan']
  readonly unusedOutputs: readonly PostId[]
  readonly prefer: Preference
  readonly put: CanAsPut | null
  readonly frameGrounded: boolean
  readonly motorVolts: string | null
  readonly placements: readonly LandedLead[]
}

/** What must be known before a hookup can be worked out at all, in the order of the work. */
export function hookupNeeds(job: JobDocument): HookupNeed[] {
  const needs: HookupNeed[] = []
  if (!job.unit) needs.push('unit')
  if (!Object.values(job.wires).some((wire) => wire.to === 'motor')) needs.push('wires')
  if (!job.motor) needs.push('motor')
  if (!job.can && needsCan(job)) needs.push('can')
  return needs
}

/** A motor without a capacitor, on a unit whose old one served only the fan or which has none: nothing to fit. */
export function needsCan({ motor, unit }: Pick<JobDocument, 'motor' | 'unit'>): boolean {
  const serves = unit ? unitTypeFor(unit)?.traits.capacitor : undefined
  if (serves === 'none') return motor !== null && motor.capacitor !== null
  return !(motor && motor.capacitor === null && serves === 'own')
}

/** Neither the motor nor the unit's fan has a capacitor: there is none to look at. */
export const hasNoCan = (job: Pick<JobDocument, 'motor' | 'unit'>): boolean =>
  !needsCan(job) && job.unit !== null && unitTypeFor(job.unit)?.traits.capacitor === 'none'

/** The key of a section in `deadSections`: a section that died in one can is alive in another. */
export const deadKey = (can: string, section: SectionId): string => cutText(`${can} ${section}`, 60)

/** The can with its dead sections left out: nothing is planned on them, and no lead is shown a place there. */
export function liveCan({
  can,
  deadSections,
}: Pick<JobDocument, 'can' | 'deadSections'>): JobDocument['can'] {
  return can && { ...can, sections: can.sections.filter((s) => !deadSections[deadKey(can.id, s.id)]) }
}

/** The operation's input; null while something is missing (see hookupNeeds). */
export function hookupInput(job: JobDocument): HookupInput | null {
  if (hookupNeeds(job).length > 0 || !job.unit || !job.motor) return null
  const leads = new Set(job.motor.leads.map((lead) => lead.id))
  const can = needsCan(job) ? liveCan(job) : null
  return {
    unit: job.unit,
    supply: supplyFacts(job),
    tolerancePercent: job.tolerancePercent ?? DEFAULT_TOLERANCE_PERCENT,
    wires: Object.entries(job.wires).map(([id, wire]) => ({ id, ...wire })),
    sheet: job.motor,
    motorStays: job.motorStays,
    ...motorSettings(job, job.motor),
    wanted: job.wanted,
    plug: job.plug,
    can: can && {
      name: can.name,
      volts: can.volts,
      tolerancePercent: can.tolerancePercent,
      sections: can.sections,
      protectedStart: can.protectedStart ?? false,
    },
    hardStart: job.hardStart,
    compressorMicrofarads: job.compressorMicrofarads,
    // A can that serves any is not asked for it, so that a label read later changes no proof.
    compressorVolts: can && can.volts < HIGHEST_CAN_VOLTS ? compressorLabelVolts(job) : null,
    compressorCan: compressorCanOf(job),
    startCan: newStartCan(job),
    unusedOutputs: Object.keys(job.unusedOutputs).filter((post) => job.unusedOutputs[post]),
    prefer: job.prefer,
    put: job.canPut && can ? putOn(job.canPut, can) : null,
    placements: Object.entries(job.placements)
      .filter(([lead]) => leads.has(lead))
      .map(([lead, goes]) => ({ lead, goes })),
  }
}

/** What is set on the motor, as far as this motor can be set so: of another motor it would say nothing. */
const motorSettings = (job: JobDocument, motor: LeadSheet) => ({
  horsepower: motor.settings.horsepower.some((c) => c.horsepower === job.horsepower) ? job.horsepower : null,
  speed: selectSpeeds(motor).some((c) => c.speed === job.speed) ? job.speed : null,
  speedChoices: motor.kind === 'psc-blower' ? job.speedChoices : {},
  motorVolts: voltsChoices(motor).some((c) => voltsName(c) === job.motorVolts) ? job.motorVolts : null,
  frameGrounded: job.frameGrounded === true && lacksGroundLead(motor),
})

/** What was put on posts that this can has. */
function putOn({ jumpers, wires }: CanAsPut, can: Pick<Can, 'sections'>): CanAsPut {
  const posts = new Set(canPosts(can).map((post) => post.id))
  return {
    jumpers: jumpers.filter(({ from, to }) => posts.has(from) && posts.has(to)),
    wires: wires.filter(({ post }) => posts.has(post)),
  }
}

/** What the compressor's side asks for, V: of a shared can the label's volts are both sides'; a single's are its own. null: not on record. */
export const compressorLabelVolts = ({ canMarking }: Pick<JobDocument, 'canMarking'>): number | null =>
  canMarking && canMarking.sections.length > 1 ? canMarking.volts : null

function compressorCanOf(job: JobDocument): HookupInput['compressorCan'] {
  const can = newCompressorCan(job)
  const [section] = can?.sections ?? []
  return can && section ? { name: can.name, volts: can.volts, microfarads: section.microfarads } : null
}
