// What the can's stage still lacks, and the edits of its picture. No rendering here.
import type { Can, SectionId } from '@oak/core/capacitor/can'
import type { JobDocument } from '@oak/core/job/document'
import { deadKey } from '@oak/core/job/inputs/hookup-input'
import type { Edit } from '../../platform/state/jobs'

/** The one thing to do first, in words; null when a plan can be made. `live`: the can without its dead sections. */
export function whatLacks(
  { compressorMicrofarads, motor }: Pick<JobDocument, 'compressorMicrofarads' | 'motor'>,
  shared: boolean,
  live: Pick<Can, 'sections'>,
): string | null {
  if (shared && !compressorMicrofarads) return 'Enter what the compressor needs.'
  if (!motor) return 'Pick the motor first: its tag says what the fan needs.'
  if (live.sections.length === 0) return 'Every section of this can is dead: take another.'
  return null
}

/** A press on a section: dead, or alive again. */
export function killEdits(
  { deadSections }: Pick<JobDocument, 'deadSections'>,
  can: Pick<Can, 'id'>,
  section: SectionId,
): Edit[] {
  const key = deadKey(can.id, section)
  return [{ path: ['deadSections', key], value: deadSections[key] ? null : true }]
}
