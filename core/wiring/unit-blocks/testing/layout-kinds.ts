// A unit type as what it is, apart from what it is called: for holding one that was put together against one that ships.
import type { UnitType } from '../../unit-type'

const sorted = (list: readonly string[]): string[] => [...list].sort()

/** Traits, terminals, what joins and switches them, modes and usual wires, each list in an order of its own. */
export const layoutKinds = ({ traits, posts, supply, links, switches, modes, typicalWires }: UnitType) => ({
  traits,
  supply,
  posts: sorted(posts.map(({ id, label, kind }) => `${id} ${label} ${kind}`)),
  links: sorted(links.map(({ from, to }) => `${from} ${to}`)),
  switches: sorted(switches.map(({ from, to, closedIn }) => `${from} ${to} ${sorted(closedIn).join()}`)),
  modes: sorted(modes.map(({ id, name, fanRuns }) => `${id} ${name} ${fanRuns}`)),
  wires: sorted(typicalWires.map(({ from, to }) => `${from} ${to}`)),
})
