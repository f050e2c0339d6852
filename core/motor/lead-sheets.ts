// The lead sheets that ship with the app: invented motors for the demo and for learning.
import * as v from 'valibot'
import { LeadSheetSchema, type LeadSheet } from './lead-sheet'
import alder33b from './lead-sheets/alder-33b.json'
import alder50b from './lead-sheets/alder-50b.json'
import brant50t from './lead-sheets/brant-50t.json'
import rowan16f from './lead-sheets/rowan-16f.json'
import rowan25r from './lead-sheets/rowan-25r.json'
import rowan33m from './lead-sheets/rowan-33m.json'
import teal33e from './lead-sheets/teal-33e.json'

export const LEAD_SHEETS: readonly LeadSheet[] = [
  rowan25r,
  rowan33m,
  rowan16f,
  teal33e,
  alder33b,
  alder50b,
  brant50t,
].map((data) => v.parse(LeadSheetSchema, data))

/** The shipped sheet of that id; undefined: there is none. */
export const leadSheetById = (id: string): LeadSheet | undefined =>
  LEAD_SHEETS.find((sheet) => sheet.id === id)
