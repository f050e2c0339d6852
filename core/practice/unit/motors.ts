// The motors of practice: old ones that units have in them, and what the practice van holds. Invented, none is anybody's.
import * as v from 'valibot'
import { LeadSheetSchema, type LeadSheet } from '../../motor/lead-sheet'
import { LEAD_SHEETS } from '../../motor/lead-sheets'
import { selectSpeeds } from '../../motor/settings'
import { usualMotorKind, type UnitType } from '../../wiring/unit-type'
import { inRange } from '../../supply/supply'
import oldMotors from './old-motors.json'
import vanMotors from './van-motors.json'

const sheets = (list: readonly unknown[]): LeadSheet[] => list.map((data) => v.parse(LeadSheetSchema, data))

/** Motors that practice units have in them. */
export const OLD_MOTORS: readonly LeadSheet[] = sheets(oldMotors.sheets)

/** Motors of the practice van: the shipped ones, and two for units that those do not fit. */
export const VAN_MOTORS: readonly LeadSheet[] = [...LEAD_SHEETS, ...sheets(vanMotors.sheets)]

/** The volts that such units come for, those of its kind first. */
export const usualVolts = ({ volts, alsoVolts = [] }: UnitType): readonly number[] => [volts, ...alsoVolts]

/** Can this old motor be in this unit, on this supply? An outdoor fan on one phase may also have one without a capacitor. */
export function canHold({ traits, ...unit }: UnitType, volts: number, sheet: LeadSheet): boolean {
  const kind = usualMotorKind({ traits })
  const isKind =
    sheet.kind === kind ||
    (kind === 'psc-outdoor' && sheet.kind === 'ecm-outdoor' && traits.capacitor === 'own')
  const through = sheet.mechanical?.throughShaft ?? false
  const outputs = unit.posts.filter((post) => post.kind === 'output').length
  const taps = sheet.leads.filter((lead) => lead.role === 'speed').length
  return (
    isKind &&
    through === traits.throughShaft &&
    inRange(volts, sheet.nameplate.volts) &&
    (kind !== 'psc-blower' || taps > 0 || outputs === 0)
  )
}

/** The speed that is set at its leads, of a motor that has such; the unit was made for its highest. */
export const factorySpeed = (sheet: LeadSheet) => selectSpeeds(sheet)[0]?.speed ?? null
