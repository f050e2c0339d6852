// Which side of the fan's capacitor faces run, and whether copper ties it to a line already.
// A capacitor that is tied must get the shared hookup; one that is not gets run-return (derived: see translate).
import { Conductors } from './conductors'
import { linesOf, runningMode, type ModeId, type PostId, type UnitType } from './unit-type'
import { goesToMotor, type NamedWire } from './wire'

/** Which post of the fan's capacitor is on which side. */
export interface CapacitorSides {
  /** The side on run's point: cap C of a dual can; null: the fan has no capacitor. */
  readonly cSide: PostId | null
  /** The side the start lead lands on; null: the fan has no capacitor. */
  readonly fanSide: PostId | null
  /** The C side is joined to a line by a wire of the unit. */
  readonly tied: boolean
}

/** The unit's copper in a mode, with the fan running unless another is named; motor and compressor windings do not conduct here. */
export function recordedCopper(
  unit: UnitType,
  wires: readonly NamedWire[],
  mode: ModeId = runningMode(unit),
): Conductors {
  const copper = new Conductors()
  unit.links.forEach((link) => copper.join(link.from, link.to))
  unit.switches.filter((s) => s.closedIn.includes(mode)).forEach((s) => copper.join(s.from, s.to))
  wires.filter((wire) => !goesToMotor(wire)).forEach((wire) => copper.join(wire.from, wire.to))
  return copper
}

/** A fan capacitor of its own has two like posts: the one that a wire ties to a line is its C side. */
export function capacitorSides(unit: UnitType, copper: Conductors): CapacitorSides {
  const post = (kind: 'cap-c' | 'cap-fan') => unit.posts.find((p) => p.kind === kind)?.id
  const onLine = (id: PostId) => linesOf(unit).some((line) => copper.joined(id, line))
  const [c, fan] = [post('cap-c'), post('cap-fan')]
  if (c === undefined || fan === undefined) return { cSide: null, fanSide: null, tied: false }
  const marked = { cSide: c, fanSide: fan }
  if (unit.traits.capacitor === 'own' && onLine(marked.fanSide) && !onLine(marked.cSide))
    return { cSide: marked.fanSide, fanSide: marked.cSide, tied: true }
  return { ...marked, tied: onLine(marked.cSide) }
}
