// What stands on each point in one mode: which line, earth, 24 V, something through a winding, or nothing.
import { Conductors } from '../wiring/conductors'
import { LINES, linesOf, type Line, type ModeId, type UnitType } from '../wiring/unit-type'
import type { Network, Point } from './network'

/** What a point may be joined to. */
export type Source = Line | 'earth' | 'low-voltage'

/** A line of the supply: anything else that is live is live through it. */
export const isLine = (source: Source): source is Line => LINES.some((line) => line === source)
/** `through`: not joined by copper to a line, yet live through a winding or a capacitor. `fault`: joined to more than one source. */
export type Potential = Source | 'through' | 'dead' | 'fault'

/** The copper of one mode, switches as they stand in it. */
export interface ModeCopper {
  readonly mode: ModeId
  readonly copper: Conductors
  /** Sources joined by copper to this point. */
  readonly sources: (point: Point) => readonly Source[]
}

/** The copper of one mode; `without` leaves one lead of the motor out, to see what it does. */
export function copperIn(unit: UnitType, network: Network, mode: ModeId, without?: string): ModeCopper {
  const copper = new Conductors()
  network.conductors
    .filter((c) => without === undefined || c.lead !== without)
    .forEach((c) => copper.join(c.a, c.b))
  network.switches.filter((s) => s.closedIn.includes(mode)).forEach((s) => copper.join(s.a, s.b))
  const byGroup = new Map<string, Set<Source>>()
  for (const [post, source] of sourcePosts(unit)) {
    const group = copper.find(post)
    byGroup.set(group, (byGroup.get(group) ?? new Set()).add(source))
  }
  return { mode, copper, sources: (point) => [...(byGroup.get(copper.find(point)) ?? [])] }
}

function sourcePosts(unit: UnitType): [Point, Source][] {
  return [
    ...linesOf(unit).map((post, i): [Point, Source] => [post, LINES[i]!]),
    ...unit.posts.filter((p) => p.kind === 'earth').map((p): [Point, Source] => [p.id, 'earth']),
    ...unit.posts.filter((p) => p.kind === 'coil').map((p): [Point, Source] => [p.id, 'low-voltage']),
  ]
}

/** The potential of each of `points` in this mode. */
export function potentials(
  { copper, sources }: ModeCopper,
  network: Network,
  points: readonly Point[],
): Map<Point, Potential> {
  const reached = reachedThrough(copper, sources, network)
  return new Map(
    points.map((point): [Point, Potential] => {
      const at = sources(point)
      if (at.length > 1) return [point, 'fault']
      return [point, at[0] ?? (reached.has(copper.find(point)) ? 'through' : 'dead')]
    }),
  )
}

/** Groups of copper that a line reaches through windings and capacitors. */
function reachedThrough(
  copper: Conductors,
  sources: ModeCopper['sources'],
  { windings, capacitors }: Network,
): Set<string> {
  const live = (point: Point) => sources(point).some(isLine)
  const reached = new Set<string>()
  const edges = [...windings, ...capacitors]
  for (let grew = true; grew;) {
    grew = false
    for (const { a, b } of edges)
      for (const [from, to] of [
        [a, b],
        [b, a],
      ] as const)
        if ((live(from) || reached.has(copper.find(from))) && !live(to) && !reached.has(copper.find(to))) {
          reached.add(copper.find(to))
          grew = true
        }
  }
  return reached
}
