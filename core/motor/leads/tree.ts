// The tree that one connected set of windings makes: resistance readings along a tree are additive (derived), so where a further
// lead can sit is a short list, and each reading shortens it.
import { known } from '../../quantity/at'
import type { Measured } from './reading'

/** Placed points and the ohms between each two of them along the tree. */
export interface Tree {
  readonly points: readonly string[]
  readonly edges: readonly Edge[]
  /** Points that no lead comes from, as far as is known: a branch leaves an edge there. */
  readonly inner: readonly string[]
}

/** A winding, or a part of one, between two points. */
export interface Edge {
  readonly a: string
  readonly b: string
  readonly ohms: number
}

/** Where a further point may sit: at an inner point, on a branch of its own off a point, between two, or on a branch off the middle of an edge. */
export type Place =
  | { readonly kind: 'at'; readonly at: string }
  | { readonly kind: 'off'; readonly at: string; readonly ohms: number }
  | { readonly kind: 'between'; readonly edge: Edge; readonly fromA: number }
  | { readonly kind: 'branch'; readonly edge: Edge; readonly fromA: number; readonly ohms: number }

/** A tree of one point. */
export const seedTree = (point: string): Tree => ({ points: [point], edges: [], inner: [] })

/** Points that can be read. */
export const readable = ({ points, inner }: Tree): string[] =>
  points.filter((point) => !inner.includes(point))

/** Ohms from a point to every other along the tree. */
export function distancesFrom({ edges }: Pick<Tree, 'edges'>, from: string): Map<string, number> {
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
    if (rest > doubt) return [{ kind: 'off', at, ohms: rest }]
    return tree.inner.includes(at) && rest >= -doubt ? [{ kind: 'at', at }] : []
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
  const way = (point: string) => known(distance.get(point), 'The distance')
  if (place.kind === 'at') return way(place.at)
  if (place.kind === 'off') return place.ohms + way(place.at)
  const { edge, fromA } = place
  const arm = place.kind === 'branch' ? place.ohms : 0
  return arm + Math.min(way(edge.a) + fromA, way(edge.b) + edge.ohms - fromA)
}

/**
 * Branches off the middle of an edge that two readings give, one on each side of it: where both ways meet, and what is left over. Of
 * each side the least reading is taken: it is off by the least.
 */
export function branchesAt(tree: Tree, readings: readonly (readonly [string, Measured])[]): Place[] {
  return tree.edges.flatMap((edge): Place[] => {
    const fromA = distancesFrom({ edges: tree.edges.filter((e) => e !== edge) }, edge.a)
    const side = (onA: boolean) =>
      readings
        .filter(([point]) => fromA.has(point) === onA)
        .reduce<readonly [string, Measured] | null>(
          (best, r) => (best === null || r[1].ohms < best[1].ohms ? r : best),
          null,
        )
    const [near, far] = [side(true), side(false)]
    if (!near || !far) return []
    const fromB = distancesFrom({ edges: tree.edges.filter((e) => e !== edge) }, edge.b)
    const toA = near[1].ohms - known(fromA.get(near[0]), 'The distance')
    const toB = far[1].ohms - known(fromB.get(far[0]), 'The distance')
    const along = (edge.ohms + toA - toB) / 2
    const arm = (toA + toB - edge.ohms) / 2
    return along > 0 && along < edge.ohms && arm > 0
      ? [{ kind: 'branch', edge, fromA: along, ohms: arm }]
      : []
  })
}

/** The tree with a further point at a place. */
export function grow(tree: Tree, point: string, place: Place): Tree {
  switch (place.kind) {
    case 'at':
      return named(tree, place.at, point)
    case 'off':
      return withEdge(tree, point, { a: place.at, b: point, ohms: place.ohms })
    case 'between':
      return split(tree, point, place)
    case 'branch': {
      const joint = `joint of ${point}`
      const inner = split({ ...tree, inner: [...tree.inner, joint] }, joint, place)
      return withEdge(inner, point, { a: joint, b: point, ohms: place.ohms })
    }
  }
}

const withEdge = (tree: Tree, point: string, edge: Edge): Tree => ({
  ...tree,
  points: [...tree.points, point],
  edges: [...tree.edges, edge],
})

const split = (
  tree: Tree,
  point: string,
  { edge, fromA }: { readonly edge: Edge; readonly fromA: number },
): Tree => ({
  ...tree,
  points: [...tree.points, point],
  edges: [
    ...tree.edges.filter((e) => e !== edge),
    { a: edge.a, b: point, ohms: fromA },
    { a: point, b: edge.b, ohms: edge.ohms - fromA },
  ],
})

/** An inner point is found to be a lead's. */
function named({ points, edges, inner }: Tree, joint: string, point: string): Tree {
  const now = (at: string) => (at === joint ? point : at)
  return {
    points: points.map(now),
    edges: edges.map(({ a, b, ohms }) => ({ a: now(a), b: now(b), ohms })),
    inner: inner.filter((at) => at !== joint),
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
