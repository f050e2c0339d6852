// What a lead is found to be, and the small rules that every shape of winding shares.
import { measured, type MeterTrust } from './reading'
import type { LeadId } from '../lead-id'
import type { WireRole } from '../role'

/** `certain`: the tree allows nothing else for a motor of this shape. `likely`: by custom of such windings. `cannotTell`: not from resistance. */
export type Confidence = 'certain' | 'likely' | 'cannotTell'

/** What a lead is; role null: cannot tell. */
export interface LeadRoleFinding {
  readonly lead: LeadId
  readonly role: WireRole | null
  readonly confidence: Confidence
  readonly why: string
}

/** Which kind of motor it is: what is usual differs. */
export type Fan = 'outdoor' | 'blower'

/** Which kind of motor it is, and how far its ohms are to be trusted. */
export interface RoleContext {
  readonly fan: Fan
  readonly meter: MeterTrust
}

/** Surely less, by what the meter may be off at both. */
export const surelyLess = (low: number, high: number, meter: MeterTrust): boolean =>
  low + measured(low, { ...meter, leadOhms: 0 }).doubt <
  high - measured(high, { ...meter, leadOhms: 0 }).doubt

/** Of two leads that are one point the second is the return, of a blower its capacitor's. */
export function twinRole(role: WireRole | undefined, i: number): WireRole | null {
  if (i > 0 && role === 'run') return 'run-return'
  return i > 0 && role === 'line' ? 'capacitor' : (role ?? null)
}

/** Ohms to a tenth. */
export const text = (ohms: number): string => String(Math.round(ohms * 10) / 10)
