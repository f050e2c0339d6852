// From a job to the input of the hookup operation, or what is still missing for it.
import { selectSpeeds } from '../../motor/settings'
import { unitTypeById } from '../../wiring/unit-types'
import type { JobDocument } from '../document'

/** What a hookup still waits for. */
export type HookupNeed = 'unit' | 'wires' | 'motor' | 'can'

/** The input of `hookup` and `prove`, as a job gives it; checked where the operation runs. */
export interface HookupInput {
  readonly unit: string
  readonly wires: readonly unknown[]
  readonly sheet: unknown
  readonly horsepower: string | null
  readonly wanted: unknown
  readonly plug: string | null
  readonly can: unknown
  readonly speed: string | null
  readonly hardStart: string | null
  readonly speedChoices: Readonly<Record<string, string>>
  readonly compressorMicrofarads: number | null
  readonly prefer: string
  readonly placements: readonly unknown[]
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

/** A motor without a capacitor, on a unit whose old one served only the fan: nothing to fit. */
export const needsCan = ({ motor, unit }: Pick<JobDocument, 'motor' | 'unit'>): boolean =>
  !(motor && motor.capacitor === null && unit && unitTypeById(unit)?.traits.capacitor === 'own')

/** The key of a section in `deadSections`: a section that died in one can is alive in another. */
export const deadKey = (can: string, section: string): string => `${can} ${section}`.slice(0, 60)

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
    wires: Object.entries(job.wires).map(([id, wire]) => ({ id, ...wire })),
    sheet: job.motor,
    horsepower: job.motor.settings.horsepower.some((c) => c.horsepower === job.horsepower)
      ? job.horsepower
      : null,
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
    speed: selectSpeeds(job.motor).some((c) => c.speed === job.speed) ? job.speed : null,
    speedChoices: job.motor.kind === 'psc-blower' ? job.speedChoices : {},
    compressorMicrofarads: job.compressorMicrofarads,
    prefer: job.prefer,
    placements: Object.entries(job.placements)
      .filter(([lead]) => leads.has(lead))
      .map(([lead, goes]) => ({ lead, goes })),
  }
}
