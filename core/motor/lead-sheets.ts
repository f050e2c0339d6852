// The lead sheets that ship with the app: invented motors for the demo and for learning.
import * as v from 'valibot'
import { LeadSheetSchema, type LeadSheet } from './lead-sheet'
import rowan16f from './lead-sheets/rowan-16f.json'
import rowan25r from './lead-sheets/rowan-25r.json'
import rowan33m from './lead-sheets/rowan-33m.json'

export const LEAD_SHEETS: readonly LeadSheet[] = [rowan25r, rowan33m, rowan16f].map((data) => v.parse(LeadSheetSchema, data))

export const leadSheetById = (id: string): LeadSheet | undefined => LEAD_SHEETS.find((sheet) => sheet.id === id)
