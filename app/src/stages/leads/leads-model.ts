// The lead finder without rendering: names of the leads, the operation's input, and where the points of the tree are drawn.
import type { JobDocument } from '@oak/core/job/document'
import { COLOUR_NAMES, type Insulation } from '@oak/core/motor/colour'
import type { FindLeadsOutput } from '@oak/core/operations/find-leads'
import { unitTypeFor } from '@oak/core/wiring/unit-types'

/** A lead of this list by its place in it, so that changing its colour keeps its readings. */
export const pairProbe = (i: number, j: number): string => `ohms-pair ${Math.min(i, j)}-${Math.max(i, j)}`
export const frameProbe = (i: number): string => `ohms-frame ${i}`

/** "brown/white", and "brown 2" for the second of a colour. */
export function leadNames(leads: readonly Insulation[]): string[] {
  const plain = leads.map(({ colour, stripe }) =>
    stripe ? `${COLOUR_NAMES[colour]}/${COLOUR_NAMES[stripe]}` : COLOUR_NAMES[colour],
  )
  return plain.map((name, i) => {
    const before = plain.slice(0, i).filter((other) => other === name).length
    return before > 0 ? `${name} ${before + 1}` : name
  })
}

export const pairsOf = (count: number): (readonly [number, number])[] =>
  Array.from({ length: count }, (_, i) =>
    Array.from({ length: count - i - 1 }, (_, k) => [i, i + k + 1] as const),
  ).flat()

export function findInput(job: JobDocument) {
  const leads = job.ohmLeads?.leads ?? []
  if (leads.length < 2) return null
  const names = leadNames(leads)
  const value = (probe: string) => job.measurements[probe]?.value
  return {
    leads: names,
    pairs: pairsOf(leads.length).flatMap(([i, j]) => {
      const ohms = value(pairProbe(i, j))
      return ohms === undefined ? [] : [{ between: [names[i] as string, names[j] as string], ohms }]
    }),
    frame: names.flatMap((lead, i) => {
      const ohms = value(frameProbe(i))
      return ohms === undefined ? [] : [{ lead, ohms }]
    }),
    fan: job.unit ? (unitTypeFor(job.unit)?.traits.fan ?? 'outdoor') : 'outdoor',
    meter: { resolutionOhms: 0.1, percent: 1, leadOhms: job.ohmLeads?.leadOhms ?? 0 },
  }
}

export interface Spot {
  readonly point: string
  readonly x: number
  readonly y: number
}

/**
 * Points of the winding trees on the picture: each tree in a row of its own along its longest way, branches below it. Plain and
 * stable: the same readings draw the same picture.
 */
export function spotsOf(
  { points, windings }: Pick<FindLeadsOutput, 'points' | 'windings'>,
  width: number,
): { readonly spots: readonly Spot[]; readonly height: number } {
  const near = (p: string) =>
    windings.flatMap((w) =>
      w.a === p ? [{ to: w.b, ohms: w.ohms }] : w.b === p ? [{ to: w.a, ohms: w.ohms }] : [],
    )
  const left = new Set(points.map((p) => p.point))
  const spots: Spot[] = []
  let y = 46
  while (left.size > 0) {
    const start = [...left][0] as string
    const spine = longestWay(longestWay(start, near).at(-1) as string, near)
    const step = spine.length > 1 ? (width - 90) / (spine.length - 1) : 0
    spine.forEach((point, i) => {
      spots.push({ point, x: spine.length > 1 ? 45 + i * step : width / 2, y })
      left.delete(point)
    })
    let depth = 0
    for (const at of spine) {
      let below: string | undefined = near(at)
        .map((n) => n.to)
        .find((p) => left.has(p))
      for (let row = 1; below !== undefined; row++) {
        const here = spots.find((s) => s.point === at) as Spot
        spots.push({ point: below, x: here.x, y: y + row * 96 })
        left.delete(below)
        depth = Math.max(depth, row)
        const from: string = below
        below = near(from)
          .map((n) => n.to)
          .find((p) => left.has(p))
      }
    }
    y += 110 + depth * 96
  }
  return { spots, height: Math.max(120, y - 20) }
}

function longestWay(
  from: string,
  near: (p: string) => readonly { readonly to: string }[],
  before: string | null = null,
): string[] {
  const ways = near(from)
    .filter((n) => n.to !== before)
    .map((n) => longestWay(n.to, near, from))
  return [from, ...(ways.sort((a, b) => b.length - a.length)[0] ?? [])]
}
