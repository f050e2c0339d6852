// What differs between the old motor and one that is taken to be the same: colours by role, and the figures of its tag.
import { insulationName } from '../motor/colour'
import type { LeadSheet } from '../motor/lead-sheet'
import type { MotorPlate } from '../motor/nameplate'
import { ROLE_NAMES, type WireRole } from '../motor/role'
import { capital, figure } from '../quantity/display'
import type { WireFinding } from './evidence'
import { goesToMotor, type NamedWire } from './wire'

/** Each difference in one sentence; empty: as far as is on record, none. */
export function differences(
  sheet: LeadSheet,
  {
    wires,
    findings,
    plate,
  }: {
    readonly wires: readonly NamedWire[]
    readonly findings: readonly WireFinding[]
    /** The old motor's; null: not read. */
    readonly plate: MotorPlate | null
  },
): string[] {
  return [...colourDifferences(sheet, wires, findings), ...(plate ? plateDifferences(sheet, plate) : [])]
}

/** Roles that one wire and one lead have, in other colours: where colours are followed instead of roles, a motor burns. */
function colourDifferences(
  sheet: LeadSheet,
  wires: readonly NamedWire[],
  findings: readonly WireFinding[],
): string[] {
  const roles = [...new Set(findings.flatMap((f): WireRole[] => (f.role === null ? [] : [f.role])))]
  return roles.flatMap((role) => {
    const old = wires.filter(
      (w) => goesToMotor(w) && findings.some((f) => f.wire === w.id && f.role === role),
    )
    const leads = sheet.leads.filter((lead) => lead.role === role)
    const [wire, lead] = [old[0], leads[0]]
    const before = wire?.segments.at(-1)
    if (old.length !== 1 || leads.length !== 1 || !before || !lead) return []
    const [was, now] = [insulationName(before), insulationName(lead)]
    return was === now ? [] : [`${capital(ROLE_NAMES[role])} was ${was}, and is ${now} on this motor.`]
  })
}

function plateDifferences({ nameplate, capacitor, settings }: LeadSheet, plate: MotorPlate): string[] {
  const said: string[] = []
  const differ = (what: string, old: number | null | undefined, now: number | null, unit: string) => {
    if (typeof old === 'number' && now !== null && old !== now)
      said.push(`${what}: ${figure(old)} ${unit} before, ${figure(now)} ${unit} now.`)
  }
  const powers = settings.horsepower.map((c) => c.horsepower)
  const [power] = plate.horsepower
  if (power !== undefined && !powers.includes(power))
    said.push(`Horsepower: ${power} before, ${powers.join(' or ')} now.`)
  differ('Speed', plate.rpm[0], nameplate.rpm, 'rpm')
  differ('Capacitor', plate.microfarads, capacitor?.microfarads ?? null, 'µF')
  return said
}
