// Which recorded wire is which lead of a motor that stays: there the wire is the lead, so a place on record is where the lead is now.
import { sameInsulation } from '../motor/colour'
import type { LeadSheet } from '../motor/lead-sheet'
import type { LeadId } from '../motor/lead-id'
import type { WireFinding } from './evidence'
import { phasePlaces } from './phase-places'
import type { UnitType } from './unit-type'
import { goesToMotor, type NamedWire } from './wire'

/**
 * By what the wire looks like at the motor, where just one lead and one wire look so; else by its role, where just one has it. A lead
 * that is neither has no wire on record.
 */
export function ownWires(
  unit: Pick<UnitType, 'posts'>,
  { leads }: Pick<LeadSheet, 'leads'>,
  wires: readonly NamedWire[],
  findings: readonly WireFinding[],
): ReadonlyMap<LeadId, NamedWire> {
  const old = wires.filter(goesToMotor)
  const own = new Map<LeadId, NamedWire>()
  const isFree = (wire: NamedWire) => ![...own.values()].some(({ id }) => id === wire.id)
  for (const lead of leads) {
    const alike = old.filter((wire) => {
      const end = wire.segments.at(-1)
      return end !== undefined && sameInsulation(end, lead)
    })
    const [only] = alike
    if (only && alike.length === 1 && leads.filter((l) => sameInsulation(l, lead)).length === 1)
      own.set(lead.id, only)
  }
  for (const lead of leads.filter(({ id }) => !own.has(id))) {
    const ofRole = old.filter(
      (wire) => isFree(wire) && findings.some((f) => f.wire === wire.id && f.role === lead.role),
    )
    const [only] = ofRole
    const rivals = leads.filter((l) => l.role === lead.role && !own.has(l.id))
    if (only && ofRole.length === 1 && rivals.length === 1) own.set(lead.id, only)
  }
  // Three phase leads are alike: of those that no colour tells, each has the next wire.
  const left = old.filter(isFree)
  for (const [lead, wire] of phasePlaces(
    unit,
    leads.filter(({ id }) => !own.has(id)),
    left,
    findings,
  ))
    own.set(lead, wire)
  return own
}
