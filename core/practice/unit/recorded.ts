// What a technician writes down of a practice unit: the wires where they are, by the unit's own posts, in the colours that are seen.
import { COMPRESSOR_LOAD, FAN_LOAD, NEW_C, sectionPost } from '../../wiring/new-can'
import type { PostId, UnitType } from '../../wiring/unit-type'
import { MOTOR_END, type NamedWire } from '../../wiring/wire'
import { leadsOf } from '../electricity/unit-circuit'
import type { Truth } from './truth'

/** The post of the unit type that a post of the can is. */
function unitPost(unit: UnitType, id: PostId): PostId {
  const of = (kind: string) => unit.posts.find((post) => post.kind === kind)?.id
  if (id === NEW_C) return of('cap-c') ?? id
  if (id === sectionPost(FAN_LOAD)) return of('cap-fan') ?? id
  return id === sectionPost(COMPRESSOR_LOAD) ? (of('cap-compressor') ?? id) : id
}

/** Of a can with other sections than the factory's: what the fan's lead or a wire of the unit is on. */
function recordedPost(unit: UnitType, id: PostId, by: 'motor' | 'unit'): PostId {
  const known = unitPost(unit, id)
  if (known !== id || !id.startsWith('CAN-')) return known
  const shared = unit.posts.some((post) => post.kind === 'cap-compressor')
  const kind = by === 'unit' && shared ? 'cap-compressor' : 'cap-fan'
  return unit.posts.find((post) => post.kind === kind)?.id ?? id
}

/** Every wire of the unit and every lead of its motor that is on a post, traced. */
export function recordedWires(truth: Truth): NamedWire[] {
  const { unit, sheet, placements, unitWires } = truth
  // A lead that only sets something is joined to another at the motor: one wire goes on from there.
  const joined = leadsOf(truth)
    .filter(({ use }) => use.kind === 'with')
    .map(({ lead }) => lead.id)
  const own = unitWires.map(({ id, from, to }) => ({
    id,
    from: recordedPost(unit, from, 'unit'),
    to: recordedPost(unit, to, 'unit'),
  }))
  const motor = placements.flatMap(({ lead, goes }) => {
    if (goes.kind !== 'post' || joined.includes(lead)) return []
    const from = recordedPost(unit, goes.post, 'motor')
    const usual = unit.typicalWires.find((w) => w.from === from && w.to === MOTOR_END)
    const seen = sheet.leads.find((l) => l.id === lead)
    const speed = sheet.settings.speed.find((s) => s.tap === lead)?.speed
    return [
      {
        id: usual?.id ?? `old ${lead}`,
        from,
        to: MOTOR_END,
        segments: seen ? [{ colour: seen.colour, stripe: seen.stripe ?? null }] : [],
        ...(speed ? { speed } : {}),
      },
    ]
  })
  const seen = new Set<string>()
  return [...own.map((wire) => ({ ...wire, segments: [] })), ...motor].map((wire) => {
    // Two leads on one post are two wires.
    const id = seen.has(wire.id) ? `${wire.id}, second` : wire.id
    seen.add(id)
    return { ...wire, id, traced: true, stated: [] }
  })
}
