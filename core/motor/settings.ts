// A lead sheet with its horsepower and rotation chosen: what each lead is for now.
import type { HorsepowerChoice, Lead, LeadSheet, RotationChoice } from './lead-sheet'
import { LANDING_ROLES, ROLE_NAMES, type LandingRole } from './role'

/**
 * `land`: goes to a post, for this winding end. `return`: may go to a capacitor of its own, else is insulated.
 * `plug`: stays in the reversing plug, joined to another lead. `insulate`: capped off by itself. `unplaced`: a lead of a kind of motor
 * whose hookup is not worked out here.
 */
export type LeadUse =
  | { readonly kind: 'land'; readonly as: LandingRole }
  | { readonly kind: 'return' }
  | { readonly kind: 'plug'; readonly joinedTo: string }
  | { readonly kind: 'insulate'; readonly why: string }
  | { readonly kind: 'unplaced'; readonly why: string }

export interface SetLead {
  readonly lead: Lead
  readonly use: LeadUse
}

/** What each lead of the sheet is for with these choices, in the sheet's order. */
export function setLeads(sheet: LeadSheet, horsepower: HorsepowerChoice, rotation: RotationChoice): SetLead[] {
  return sheet.leads.map((lead) => ({ lead, use: useOf(lead, horsepower, rotation) }))
}

function useOf(lead: Lead, horsepower: HorsepowerChoice, rotation: RotationChoice): LeadUse {
  const pair = rotation.join.find((join) => join.includes(lead.id))
  if (pair) return { kind: 'plug', joinedTo: pair[0] === lead.id ? pair[1] : pair[0] }
  const landed = [...horsepower.land, ...rotation.land].find((l) => l.lead === lead.id)
  if (landed) return { kind: 'land', as: landed.as }
  if (horsepower.insulate.includes(lead.id)) return { kind: 'insulate', why: `not used at ${horsepower.horsepower} hp` }
  if ([...horsepower.open, ...rotation.open].includes(lead.id)) return { kind: 'insulate', why: 'left open at this setting' }
  if (rotation.insulate.includes(lead.id)) return { kind: 'insulate', why: `not used for ${rotation.direction}` }
  if (lead.role === 'run-return') return { kind: 'return' }
  if (lead.role === 'rotation' || lead.role === 'power-tap') return { kind: 'insulate', why: 'not used at this setting' }
  const role = LANDING_ROLES.find((r) => r === lead.role)
  return role ? { kind: 'land', as: role } : { kind: 'unplaced', why: `a ${ROLE_NAMES[lead.role]} is landed by the motor’s tag` }
}
