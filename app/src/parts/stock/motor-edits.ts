// The edits of choosing a motor for a job.
import type { JobDocument } from '@oak/core/job/document'
import type { LeadSheet } from '@oak/core/motor/lead-sheet'
import { selectSpeedLike } from '@oak/core/motor/settings'
import type { Edit } from '../../platform/state/jobs'

/** Another motor: what was set for the last one does not hold for it. */
export const motorEdits = (job: JobDocument, sheet: LeadSheet): Edit[] => [
  { path: ['motor'], value: sheet },
  { path: ['horsepower'], value: null },
  { path: ['plug'], value: null },
  // Preset where the old plate tells its class; asked for where it does not.
  {
    path: ['speed'],
    value:
      selectSpeedLike(sheet, { rpm: job.motorPlate?.rpm[0] ?? null, poles: job.motorPlate?.poles ?? null })
        ?.speed ?? null,
  },
]

/** A motor that stays. */
export const stayingEdits = (job: JobDocument, sheet: LeadSheet): Edit[] => [
  ...likeEdits(job, sheet),
  { path: ['motorStays'], value: true },
]

/** A motor by the old one's tag: it turns as the old one did unless that is known better. */
export const likeEdits = (job: JobDocument, sheet: LeadSheet): Edit[] => {
  const [only, other] = sheet.settings.rotation
  return [
    ...motorEdits(job, sheet),
    ...(job.wanted === null && only && other === undefined
      ? [{ path: ['wanted'], value: { direction: only.direction, seenFrom: sheet.rotationNamedFrom } }]
      : []),
  ]
}
