// What the hookup board shows, made from the operation's answer: posts with their words, leads with their places.
import { listed } from '@oak/core/quantity/display'
import type { Direction } from '@oak/core/rotation/view'
import type { LeadSheet } from '@oak/core/motor/lead-sheet'
import type { LeadId } from '@oak/core/motor/lead-id'
import { insulationName, type Insulation } from '@oak/core/motor/colour'
import { ROLE_NAMES } from '@oak/core/motor/role'
import { figure } from '@oak/core/quantity/display'
import type { HookupOutput } from '@oak/core/operations/hookup-output'
import { NEW_CAN_PART, type HookupPost } from '@oak/core/wiring/hookup-posts'
import { sectionPost, type FittedCan } from '@oak/core/wiring/new-can'
import { samePlacement, type Placement } from '@oak/core/wiring/placement'
import type { ModeId, UnitType, PostId } from '@oak/core/wiring/unit-type'
import { LINE_FACES } from '../../parts/posts/line-faces'
import type { PostFace } from '../../parts/posts/PostColumn'
import { partsOf } from '../../parts/posts/parts'

type Potential = HookupOutput['proof']['modes'][number]['posts'][string]

const POTENTIAL: Readonly<Record<Potential, { word: string; pattern: NonNullable<PostFace['pattern']> }>> = {
  ...LINE_FACES,
  through: { word: 'winding', pattern: 'cross' },
  earth: { word: 'earth', pattern: 'none' },
  'low-voltage': { word: '24 V', pattern: 'none' },
  dead: { word: 'dead', pattern: 'none' },
  fault: { word: 'SHORT', pattern: 'stripes' },
}
const potentialWord = (potential: Potential | undefined): string =>
  potential ? POTENTIAL[potential].word : ''

export interface BoardLead {
  readonly id: string
  readonly insulation: Insulation
  /** "black" */
  readonly name: string
  readonly role: string
  readonly goes: Placement
  readonly advised: Placement
  readonly moved: boolean
  readonly why: string
  readonly isPlug: boolean
}

export function boardLeads(sheet: LeadSheet, answer: HookupOutput): BoardLead[] {
  return answer.leads.map(({ lead, role, goes, advised, why }) => {
    const { colour, stripe = null } = sheet.leads.find((l) => l.id === lead) as LeadSheet['leads'][number]
    const insulation = { colour, stripe }
    return {
      id: lead,
      insulation,
      name: insulationName(insulation),
      role: ROLE_NAMES[role],
      goes,
      advised,
      why,
      moved: !samePlacement(goes, advised),
      isPlug: role === 'rotation',
    }
  })
}

/** The parts of the board. What takes no fan leads (the compressor, a capacitor that stays) is left out while no lead is on it. */
export function boardParts(unit: UnitType, posts: readonly HookupPost[], leads: readonly BoardLead[]) {
  const used = new Set(leads.map(({ goes }) => (goes.kind === 'post' ? goes.post : '')))
  const foreign = (part: string) =>
    posts
      .filter((p) => p.part === part)
      .every((p) => (p.kind === 'compressor' || p.kind === 'kept-cap') && !used.has(p.id))
  const can = posts.some((p) => p.part === NEW_CAN_PART) ? [{ id: NEW_CAN_PART, name: 'New capacitor' }] : []
  return partsOf([...can, ...unit.parts.filter((part) => !foreign(part.id))], posts)
}

/** Where a lead is, in words: "T1 on the contactor", "insulated". */
export function placeName(goes: Placement, posts: readonly HookupPost[]): string {
  switch (goes.kind) {
    case 'post':
      return posts.find((p) => p.id === goes.post)?.name ?? goes.post
    case 'insulated':
      return 'insulated by itself'
    case 'plug':
      return 'in the reversing plug'
    case 'loose':
      return 'loose'
  }
}

/** The lead in a place, as part of a sentence: "on T1 on the contactor", "insulated by itself". */
export const placePhrase = (goes: Placement, posts: readonly HookupPost[]): string =>
  goes.kind === 'post' ? `on ${placeName(goes, posts)}` : placeName(goes, posts)

/** The move as a command, for a button. */
export const moveText = (lead: LeadId, to: Placement, posts: readonly HookupPost[]): string =>
  to.kind === 'insulated'
    ? `Insulate ${lead}`
    : to.kind === 'plug'
      ? `Put ${lead} back in the plug`
      : `Put ${lead} ${placePhrase(to, posts)}`

type ProvenHazard = HookupOutput['proof']['hazards'][number]
/** One lead and where it goes. */
export interface LeadMove {
  readonly lead: LeadId
  readonly to: Placement
}

/** The moves that were tried and found to mend a hazard; empty: none was. */
export const mendOf = ({ move, together }: ProvenHazard): readonly LeadMove[] =>
  move ? [move] : (together ?? [])

/** A mend as a command, for a button. */
export const mendText = (moves: readonly LeadMove[], posts: readonly HookupPost[]): string =>
  moves.length === 1 && moves[0]
    ? moveText(moves[0].lead, moves[0].to, posts)
    : `Put ${listed(moves.map((m) => m.lead))} back as advised`

/** The leads to move because of a severe hazard. */
export const blamedLeads = (answer: HookupOutput): ReadonlySet<string> =>
  new Set(
    answer.proof.hazards
      .filter((h) => h.severity === 'stop')
      .flatMap((h) => (mendOf(h).length > 0 ? mendOf(h).map((m) => m.lead) : h.leads.slice(0, 1))),
  )

/** The mode that is looked at; the first one where the unit has no such mode. */
export const shownMode = (
  { proof }: HookupOutput,
  mode: ModeId,
): HookupOutput['proof']['modes'][number] | undefined =>
  proof.modes.find((m) => m.mode === mode) ?? proof.modes[0]

/** The posts as they stand in a mode. */
export function boardFaces(
  posts: readonly HookupPost[],
  can: Pick<FittedCan, 'sections'>,
  answer: HookupOutput,
  mode: ModeId,
): Map<string, PostFace> {
  const shown = answer.proof.modes.find((m) => m.mode === mode)
  const stops = blamedLeads(answer)
  const stopped = new Set(
    answer.leads.flatMap((l) => (stops.has(l.lead) && l.goes.kind === 'post' ? [l.goes.post] : [])),
  )
  const groupOf = (post: PostId) => answer.serves.find((g) => g.sections.some((s) => sectionPost(s) === post))
  return new Map(
    posts.map((post): [string, PostFace] => {
      const potential = shown?.posts[post.id]
      const group = post.kind === 'can-section' ? groupOf(post.id) : undefined
      const value = can.sections.find((s) => sectionPost(s.id) === post.id)?.microfarads
      // A section that nobody gets stays empty: said, so that nobody looks for its lead.
      const tag =
        group?.load ?? (post.kind === 'can-section' && answer.serves.length > 0 ? 'empty' : undefined)
      const label = value === undefined ? post.label : `${figure(value)} µF`
      return [
        post.id,
        {
          id: post.id,
          label,
          ...(tag ? { tag } : {}),
          name: `${post.name}${group ? `, for ${group.load}` : tag ? ', stays empty' : ''}`,
          word: potentialWord(potential),
          pattern: potential ? POTENTIAL[potential].pattern : 'none',
          mark: stopped.has(post.id) ? 'stop' : undefined,
        },
      ]
    }),
  )
}

/** What a turn of the plug sets: the other direction, or null where that is the advised one; undefined: there is no other. */
export function turnedPlug(
  { settings }: Pick<LeadSheet, 'settings'>,
  { set, advised }: HookupOutput['plug'],
): Direction | null | undefined {
  const other = settings.rotation.find((c) => c.direction !== set.direction)
  if (!other) return undefined
  return other.direction === advised?.direction ? null : other.direction
}
