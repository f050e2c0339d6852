// The ways over the can's top on paper: ties, jumpers, and where every wire comes into sight. In the can's own units.
import { placeCases, tiePath, topOf, type CanLayout, type CaseSpot } from '../../../capacitor/top/can-layout'
import type { Spot } from '../../../capacitor/top/seats'
import { entryOf, jumperPaths, type Point } from '../../../capacitor/top/ways'
import { NEW_C, PROTECTED_POST, sectionPost } from '../../../wiring/new-can'
import type { PostId } from '../../../wiring/unit-type'
import type { CanWire, DrawnCan } from './hookup-drawing'

/** Another wire keeps this far from where one comes in, in the can's units. */
const APART = 40

/** What is found by trying, in the can's own units: worked out once, whatever size the card takes. */
export interface CanWays {
  readonly layout: CanLayout
  readonly strips: readonly string[]
  readonly entries: readonly Entry[]
}
/** A wire, its post, and where it comes into sight. */
export interface Entry {
  readonly wire: CanWire
  readonly case_: CaseSpot
  readonly spot: Spot
  readonly from: Point
}

/** The ways of a can, found once for every size that the card may take. */
export function waysOf(can: DrawnCan): CanWays {
  const layout = placeCases(can.cases, can.protectedStart)
  const [first] = layout.cases
  return {
    layout,
    strips: [
      ...(first ? layout.cases.slice(1).map((at) => tiePath(first, at, layout)) : []),
      ...layout.cases.flatMap((at) =>
        jumperPaths(
          can.jumpers.flatMap(({ from, to }): [Spot, Spot][] => {
            const [a, b] = [spotOf(at, from), spotOf(at, to)]
            return a && b ? [[a, b]] : []
          }),
          topOf(at),
        ),
      ),
    ],
    entries: layout.cases.flatMap((at) => entriesOf(at, at === first, can.wires)),
  }
}

const spotOf = (at: CaseSpot, id: PostId): Spot | null =>
  id === NEW_C
    ? at.c
    : id === PROTECTED_POST
      ? at.guarded
      : (at.sections.find((s) => sectionPost(s.section.id) === id) ?? null)

/** What comes to the posts of one case, each from a side of its own. C's are tied: what comes to C is drawn on the first. */
function entriesOf(case_: CaseSpot, isFirst: boolean, wires: readonly CanWire[]): Entry[] {
  const top = topOf(case_)
  const taken: Spot[] = []
  return wires.flatMap((wire) => {
    const spot = wire.post === NEW_C && !isFirst ? null : spotOf(case_, wire.post)
    if (!spot) return []
    const from = entryOf(spot, { ...top, posts: [...top.posts, ...taken] })
    taken.push({ ...from, r: APART })
    return [{ wire, case_, spot, from }]
  })
}
