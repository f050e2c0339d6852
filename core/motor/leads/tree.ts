// The tree that one connected set of windings makes: resistance readings along a tree are additive (derived), so where a further
// lead can sit is a short list, and each reading shortens it.
import { known } from '../../quantity/at'
import type { Measured } from './reading'

/** Placed points and the ohms between each two of them along the tree. */
export interface Tree {
  readonly points: readonly string[]
  readonly edges: readonly Edge[]
}

/** A winding, or a part of one, between two points. */
export interface Edge {
  readonly a: string
  readonly b: string
  readonly ohms: number
}

/** Where a further point may sit: on a branch of its own off a point, or between two. */
export type Place =
  | { readonly kind: 'off'; readonly at: string; readonly ohms: number }
  | { readonly kind: 'between'; readonly edge: Edge; readonly fromA: number }

/** A tree of one point. */
export const seedTree = (point: string): Tree => ({ points: [point], edges: [] })

/** Ohms from a point to every other along the tree. */
export function distancesFrom({ edges }: Tree, from: string): Map<string, number> {
  const found = new Map<string, number>([[from, 0]])
  const queue = [from]
  for (let at = queue.pop(); at !== undefined; at = queue.pop())
    for (const { a, b, ohms } of edges)
      for (const [here, there] of [
        [a, b],
        [b, a],
      ] as const)
        if (here === at && !found.has(there)) {
          found.set(there, known(found.get(at), 'The distance') + ohms)
          queue.push(there)
        }
  return found
}

/** The places at this many ohms from a placed point; all of them, whether other readings allow them or not. `doubt`: how far the reading may be off. */
export function placesAt(tree: Tree, from: string, { ohms, doubt }: Measured): Place[] {
  const distance = distancesFrom(tree, from)
  const off = tree.points.flatMap((at): Place[] => {
    const rest = ohms - known(distance.get(at), 'The distance')
    return rest > doubt ? [{ kind: 'off', at, ohms: rest }] : []
  })
  const between = tree.edges.flatMap((edge): Place[] => {
    const [da, db] = [
      known(distance.get(edge.a), 'The distance'),
      known(distance.get(edge.b), 'The distance'),
    ]
    const fromNear = ohms - Math.min(da, db)
    if (fromNear <= doubt || fromNear >= edge.ohms - doubt) return []
    return [{ kind: 'between', edge, fromA: da < db ? fromNear : edge.ohms - fromNear }]
  })
  return [...off, ...between]
}

/** Ohms that would be read between the place and a point of the tree. */
export function predicted(tree: Tree, place: Place, to: string): number {
  const distance = distancesFrom(tree, to)
  if (place.kind === 'off') return place.ohms + known(distance.get(place.at), 'The distance')
  const { edge, fromA } = place
  return Math.min(
    known(distance.get(edge.a), 'The distance') + fromA,
    known(distance.get(edge.b), 'The distance') + edge.ohms - fromA,
  )
}

/** The tree with a further point at a place. */
export function grow(tree: Tree, point: string, place: Place): Tree {
  const points = [...tree.points, point]
  if (place.kind === 'off')
    return { points, edges: [...tree.edges, { a: place.at, b: point, ohms: place.ohms }] }
  const { edge, fromA } = place
  return {
    points,
    edges: [
      ...tree.edges.filter((e) => e !== edge),
      { a: edge.a, b: point, ohms: fromA },
      { a: point, b: edge.b, ohms: edge.ohms - fromA },
    ],
  }
}

/** Points one edge away, with the ohms of that edge. */
export const neighboursOf = (
  { edges }: Tree,
  point: string,
): { readonly point: string; readonly ohms: number }[] =>
  edges.flatMap(({ a, b, ohms }) =>
    a === point ? [{ point: b, ohms }] : b === point ? [{ point: a, ohms }] : [],
  )
