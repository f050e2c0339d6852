// The lead sheets that ship with the app beside those of the van; apart from the van, so that its changes are folded without them.
import type { LeadSheet } from '../motor/lead-sheet'
import { LEAD_SHEETS } from '../motor/lead-sheets'
import type { VanDocument } from './van'

/** Every lead sheet that is known here: the van's own before those that ship with the app. */
export const knownSheets = (van: VanDocument): LeadSheet[] => [
  ...Object.values(van.sheets),
  ...LEAD_SHEETS.filter((sheet) => !van.sheets[sheet.id]),
]
