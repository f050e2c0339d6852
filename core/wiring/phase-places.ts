// Three like leads onto three like wires' places. Any order is a sound hookup; one that keeps to colours keeps the direction as often as can be.
import { sameInsulation } from '../motor/colour'
import type { Lead } from '../motor/lead-sheet'
import type { LeadId } from '../motor/lead-id'
import type { WireFinding } from './evidence'
import type { UnitType } from './unit-type'
import type { NamedWire } from './wire'

/** Each phase lead with the old phase wire whose place it takes: one of its own colour, else the next one free by its post. */
export function phasePlaces(
  unit: Pick<UnitType, 'posts'>,
  leads: readonly Lead[],
  wires: readonly NamedWire[],
  findings: readonly WireFinding[],
): ReadonlyMap<LeadId, NamedWire> {
  const place = ({ from }: NamedWire) => unit.posts.findIndex((post) => post.id === from)
  const free = wires
    .filter((wire) => findings.some((f) => f.wire === wire.id && f.role === 'phase'))
    .sort((a, b) => place(a) - place(b))
  const phases = leads.filter(({ role }) => role === 'phase')
  const places = new Map<LeadId, NamedWire>()
  const take = (lead: Lead, at: number) => {
    const [wire] = at < 0 ? [] : free.splice(at, 1)
    if (wire) places.set(lead.id, wire)
  }
  for (const lead of phases)
    take(
      lead,
      free.findIndex((wire) => {
        const end = wire.segments.at(-1)
        return end !== undefined && sameInsulation(end, lead)
      }),
    )
  for (const lead of phases) if (!places.has(lead.id)) take(lead, 0)
  return places
}
