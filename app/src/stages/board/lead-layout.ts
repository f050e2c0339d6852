// Where the leads stand beside the posts, in what order, and which post is under a finger. No rendering here.
import type { layoutPosts, PostLayout } from '../../parts/posts/post-layout'
import { type PostFace } from '../../parts/posts/PostColumn'
import { type BoardLead } from './board-model'

export const LEAD_WIDTH = 128

export const LEAD_HEIGHT = 58

const GAP = 8

export const PLUG_CELL = 56
export const PLUG_WIDTH = (LEAD_WIDTH - GAP) / 2

/** Where a lead's wire begins: the middle of its label's left edge. */
export interface WireEnd {
  readonly lead: BoardLead
  readonly x: number
  readonly y: number
}

/** A lead under the finger, and where the finger is. */
export type Dragged = WireEnd

/** The post under the finger is marked as where the lead would land. */
export const withTarget = (
  faces: ReadonlyMap<string, PostFace>,
  over: string,
): ReadonlyMap<string, PostFace> =>
  new Map(
    [...faces].map(([id, face]): [string, PostFace] => [id, id === over ? { ...face, mark: 'mend' } : face]),
  )

/** Where labels, plug and wires' ends are: labels one under the other, the plug's leads two in a row below them. */
export function placeLeads(
  width: number,
  layout: PostLayout,
  main: readonly BoardLead[],
  plug: readonly BoardLead[],
) {
  const right = width - LEAD_WIDTH
  const yOf = (i: number) => i * (LEAD_HEIGHT + GAP)
  const plugTop = yOf(main.length) + 4
  const plugAt = (i: number) => ({
    x: right + (i % 2) * (PLUG_WIDTH + GAP),
    y: plugTop + 20 + Math.floor(i / 2) * (PLUG_CELL + GAP),
  })
  const plugRows = Math.ceil(plug.length / 2)
  const foot = plugRows > 0 ? plugTop + 20 + plugRows * (PLUG_CELL + GAP) : plugTop
  const ends: WireEnd[] = [
    ...main.map((lead, i) => ({ lead, x: right, y: yOf(i) + LEAD_HEIGHT / 2 })),
    ...plug.map((lead, i) => ({ lead, x: plugAt(i).x, y: plugAt(i).y + PLUG_CELL / 2 })),
  ]
  return { right, yOf, plugTop, plugAt, height: Math.max(layout.height, foot), ends }
}

export type Layout = ReturnType<typeof layoutPosts>

/** The post under a point of the board; null between posts. */
export const postAt = ({ cells }: Layout, x: number, y: number): string | null =>
  [...cells.values()].find(
    (cell) => x >= cell.x && x <= cell.x + cell.width && y >= cell.y && y <= cell.y + cell.height,
  )?.id ?? null

/** Leads in the order of the posts they belong on, so that wires cross little; it does not change when a lead is moved. */
export function arrange(leads: readonly BoardLead[], layout: Layout) {
  const y = (lead: BoardLead) =>
    lead.advised.kind === 'post'
      ? (layout.cells.get(lead.advised.post)?.y ?? 0)
      : lead.role === 'run-return'
        ? 60
        : 9000
  const main = leads.filter((lead) => !lead.isPlug).sort((a, b) => y(a) - y(b))
  return { main, plug: leads.filter((lead) => lead.isPlug) }
}
