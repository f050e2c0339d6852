// A lead sheet with its horsepower, rotation and speed chosen: what each lead is for now.
import type { HorsepowerChoice, Lead, LeadSheet, RotationChoice, SpeedChoice } from './lead-sheet'
import type { MotorKind } from './kind'
import type { LeadId } from './lead-id'
import { polesOf } from './speed'
import { LANDING_ROLES, ROLE_NAMES, type WireRole } from './role'

/**
 * `land`: goes to a post, for this winding end. `return`: may go to a capacitor of its own, else is insulated.
 * `plug`: stays in the reversing plug, joined to another lead. `with`: joined to another lead, wherever that one lands. `insulate`: capped off
 * by itself. `tap`: a blower's speed tap, on the output it serves or idle. `capacitor`: a blower's capacitor lead, of the start side or of the
 * run side. `unplaced`: a lead of a kind of motor whose hookup is not worked out here.
 */
export type LeadUse =
  | { readonly kind: 'land'; readonly as: WireRole }
  | { readonly kind: 'tap'; readonly speed: string }
  | { readonly kind: 'capacitor'; readonly side: 'start' | 'run' }
  | { readonly kind: 'return' }
  | { readonly kind: 'plug'; readonly joinedTo: string }
  | { readonly kind: 'with'; readonly lead: LeadId; readonly sets: string }
  | { readonly kind: 'insulate'; readonly why: string }
  | { readonly kind: 'unplaced'; readonly why: string }

/** A lead and what the chosen settings make of it. */
export interface SetLead {
  readonly lead: Lead
  readonly use: LeadUse
}

/** What is set on a motor. */
export interface Settings {
  readonly horsepower: HorsepowerChoice
  readonly rotation: RotationChoice
  /** Of the speeds that are set by joining or opening leads; null where the motor has none such. */
  readonly speed: SpeedChoice | null
}

/** The speeds that are set at the leads, not by which tap is live. */
export const selectSpeeds = (sheet: LeadSheet): SpeedChoice[] =>
  sheet.settings.speed.filter((choice) => choice.tap === null)

/** The select speed of the same pole class as the old motor; null where its class is not known or not offered. `rpm` as on the plate. */
export function selectSpeedLike(
  sheet: LeadSheet,
  old: { readonly rpm: number | null; readonly poles: number | null },
): SpeedChoice | null {
  const { hertz } = sheet.nameplate
  const poles = old.poles ?? (old.rpm === null ? null : polesOf(old.rpm, hertz))
  return (
    (poles !== null &&
      selectSpeeds(sheet).find((choice) => choice.rpm !== null && polesOf(choice.rpm, hertz) === poles)) ||
    null
  )
}

/** What each lead of the sheet is for with these choices, in the sheet's order. */
export function setLeads(sheet: LeadSheet, settings: Settings): SetLead[] {
  const special = SPECIAL[sheet.kind]
  return sheet.leads.map((lead) => ({ lead, use: special(sheet, lead, settings) ?? useOf(lead, settings) }))
}

/** Of two capacitor leads either may take either post of the capacitor (derived: it lies across them); the first is taken as start's. */
function blowerUse({ leads, settings }: LeadSheet, lead: Lead): LeadUse | null {
  if (lead.role === 'line') return { kind: 'land', as: 'line' }
  if (lead.role === 'capacitor')
    return {
      kind: 'capacitor',
      side: leads.find((l) => l.role === 'capacitor')?.id === lead.id ? 'start' : 'run',
    }
  if (lead.role === 'speed')
    return { kind: 'tap', speed: settings.speed.find((s) => s.tap === lead.id)?.speed ?? 'speed' }
  return null
}

/** Either line lead may take either line (derived: it is rectified): the first takes motor common's place, the switched one. null: as with other motors. */
function ecmUse({ leads }: LeadSheet, lead: Lead, { speed }: Settings): LeadUse | null {
  if (lead.role === 'line')
    return { kind: 'land', as: leads.find((l) => l.role === 'line')?.id === lead.id ? 'motor-common' : 'run' }
  const pair = speed?.join.find((join) => join.includes(lead.id))
  if (speed && pair)
    return { kind: 'with', lead: pair[0] === lead.id ? pair[1] : pair[0], sets: `${speed.speed} speed` }
  if (speed && lead.role === 'select')
    return { kind: 'insulate', why: `left open it sets the ${speed.speed} speed` }
  return null
}

/** What a kind of motor makes of its leads beyond what its settings say; null: as with other motors. */
const SPECIAL: Readonly<
  Record<MotorKind, (sheet: LeadSheet, lead: Lead, settings: Settings) => LeadUse | null>
> = {
  'psc-outdoor': () => null,
  'psc-blower': blowerUse,
  'ecm-outdoor': ecmUse,
  'three-phase': (_, lead) => (lead.role === 'phase' ? { kind: 'land', as: 'phase' } : null),
}

function useOf(lead: Lead, { horsepower, rotation }: Settings): LeadUse {
  const pair = rotation.join.find((join) => join.includes(lead.id))
  if (pair) return { kind: 'plug', joinedTo: pair[0] === lead.id ? pair[1] : pair[0] }
  const landed = [...horsepower.land, ...rotation.land].find((l) => l.lead === lead.id)
  if (landed) return { kind: 'land', as: landed.as }
  if (horsepower.insulate.includes(lead.id))
    return { kind: 'insulate', why: `not used at ${horsepower.horsepower} hp` }
  if ([...horsepower.open, ...rotation.open].includes(lead.id))
    return { kind: 'insulate', why: 'left open at this setting' }
  if (rotation.insulate.includes(lead.id))
    return { kind: 'insulate', why: `not used for ${rotation.direction}` }
  if (lead.role === 'run-return') return { kind: 'return' }
  if (lead.role === 'rotation' || lead.role === 'power-tap')
    return { kind: 'insulate', why: 'not used at this setting' }
  const role = LANDING_ROLES.find((r) => r === lead.role)
  return role
    ? { kind: 'land', as: role }
    : { kind: 'unplaced', why: `a ${ROLE_NAMES[lead.role]} is landed by the motor’s tag` }
}
