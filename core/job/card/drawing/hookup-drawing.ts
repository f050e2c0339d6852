// What of a proven hookup is drawn on its card: where every lead ends, what is on the can, and what is joined on the motor. Data; no geometry.
import { casesOf, type CanFace, type Case, type Section, type SectionId } from '../../../capacitor/can'
import type { HookupAnswer, HookupRequest } from '../../../circuit/hookup'
import { insulationCode, type Insulation } from '../../../motor/colour'
import type { LeadId } from '../../../motor/lead-id'
import { known } from '../../../quantity/at'
import type { Rotation } from '../../../rotation/view'
import { hookupPosts, NEW_CAN_PART, type HookupPost } from '../../../wiring/hookup-posts'
import {
  COMPRESSOR_LOAD,
  groupFor,
  NO_CAN,
  PROTECTED_POST,
  sectionPost,
  type CanJumper,
} from '../../../wiring/new-can'
import type { Placement } from '../../../wiring/placement'
import { postOf, type PostId } from '../../../wiring/unit-type'

/** Where a lead ends: on a post of a part, capped by itself, or nowhere yet. */
export type DrawnEnd =
  | {
      readonly kind: 'post'
      readonly post: PostId
      readonly label: string
      readonly part: string
      readonly partName: string
    }
  | { readonly kind: 'insulated' | 'loose' }

/** A wire that comes to a post of the can from outside. */
export interface CanWire {
  readonly post: PostId
  /** Its letters; of a wire of the unit the post at its other end. */
  readonly words: string
  /** null: a wire of the unit, whose colour is not part of the hookup. */
  readonly insulation: Insulation | null
  /** What the post serves; null: it is C, or serves nothing. */
  readonly load: string | null
}

/** The can from the top, with what is on it. */
export interface DrawnCan {
  readonly cases: readonly Case[]
  readonly protectedStart: boolean
  /** Sections that serve a load, by the load. */
  readonly serves: ReadonlyMap<SectionId, string>
  readonly dead: ReadonlySet<SectionId>
  readonly jumpers: readonly CanJumper[]
  readonly wires: readonly CanWire[]
}

/** What is joined on the motor itself, or left open there. */
export interface DrawnJoin {
  readonly from: Insulation
  /** null: it is left open, and insulated. */
  readonly to: Insulation | null
}

/** Everything that the card draws of a hookup. */
export interface HookupDrawing {
  /** One a lead that is no plug's, in the order of the card's rows. */
  readonly ends: readonly DrawnEnd[]
  /** null: there is no can. */
  readonly can: DrawnCan | null
  readonly turning: Rotation
  readonly joins: readonly DrawnJoin[]
}

/** What the shelf knows of the can beside its figures: how its posts stand, and its sections with those that died. */
export interface CanTop {
  readonly face?: CanFace | undefined
  readonly sections: readonly Section[]
}

/** What is drawn of a worked-out hookup; `top`: the can's own, where it is known. */
export function drawingOf(
  request: HookupRequest,
  answer: HookupAnswer,
  top: CanTop | null = null,
): HookupDrawing {
  const posts = hookupPosts(request.unit, request.can ?? NO_CAN)
  return {
    ends: answer.leads
      .filter(({ goes }) => goes.kind !== 'plug')
      .map(({ lead, goes }) => endOf(placedAt(answer, lead) ?? goes, posts)),
    can: request.can ? canOf(request, answer, top) : null,
    turning: { direction: answer.plug.set.direction, seenFrom: request.sheet.rotationNamedFrom },
    joins: joinsOf(request, answer),
  }
}

const placedAt = ({ placements }: HookupAnswer, lead: LeadId): Placement | undefined =>
  placements.find((p) => p.lead === lead)?.goes

function endOf(goes: Placement, posts: readonly HookupPost[]): DrawnEnd {
  if (goes.kind !== 'post') return { kind: goes.kind === 'insulated' ? 'insulated' : 'loose' }
  const { id, label, part, partName } = known(
    posts.find((p) => p.id === goes.post),
    'The post',
  )
  return { kind: 'post', post: id, label, part, partName }
}

const insulationOf = ({ sheet }: HookupRequest, id: LeadId): Insulation => {
  const { colour, stripe = null } = known(
    sheet.leads.find((l) => l.id === id),
    'The lead',
  )
  return { colour, stripe }
}

function canOf(request: HookupRequest, answer: HookupAnswer, top: CanTop | null): DrawnCan {
  const { can: asked, hardStart, unit } = request
  const { name, sections: live, protectedStart = false } = known(asked, 'The can')
  const alive = new Set(live.map((s) => s.id))
  // The shelf's own sections only where they are this can's: a card is also made of a file, whose shelf is not here.
  const whole = top && live.every((s) => top.sections.some((t) => t.id === s.id)) ? top.sections : live
  const sections = whole.map((s) => live.find((l) => l.id === s.id) ?? s)
  const { groups, jumpers } = answer.can
  const posts = hookupPosts(unit, known(asked, 'The can')).filter((p) => p.part === NEW_CAN_PART)
  const isOnCan = (post: PostId): boolean => post === PROTECTED_POST || posts.some((p) => p.id === post)
  const loadOf = (post: PostId): string | null =>
    groups.find((g) => g.sections.some((id) => sectionPost(id) === post))?.load ?? null
  const leads = answer.leads.flatMap(({ lead, goes }): CanWire[] => {
    const now = placedAt(answer, lead) ?? goes
    if (now.kind !== 'post' || !isOnCan(now.post)) return []
    const insulation = insulationOf(request, lead)
    return [{ post: now.post, words: insulationCode(insulation), insulation, load: loadOf(now.post) }]
  })
  const others = [...answer.unitWires, ...answer.added].flatMap(({ from, to }): CanWire[] =>
    [[from, to] as const, [to, from] as const].flatMap(([post, other]) =>
      isOnCan(post) && !isOnCan(other)
        ? [{ post, words: postOf(unit, other)?.label ?? other, insulation: null, load: loadOf(post) }]
        : [],
    ),
  )
  const side = groupFor(answer.can, COMPRESSOR_LOAD)
  const kit = hardStart
    ? [hardStart, ...(side ? [sectionPost(side.lead)] : [])].map((post): CanWire => ({
        post,
        words: 'kit',
        insulation: null,
        load: null,
      }))
    : []
  return {
    cases: casesOf({ name: name, sections, face: top?.face }),
    protectedStart,
    serves: new Map(groups.flatMap((g) => g.sections.map((id): [SectionId, string] => [id, g.load]))),
    dead: new Set(whole.filter((s) => !alive.has(s.id)).map((s) => s.id)),
    jumpers: [...jumpers, ...answer.added.filter(({ from, to }) => isOnCan(from) && isOnCan(to))],
    wires: [...leads, ...others, ...kit.filter(({ post }) => isOnCan(post))],
  }
}

/** The leads that are joined to one another, or left open, for the direction and the speed. */
function joinsOf(request: HookupRequest, { plug, speed }: HookupAnswer): DrawnJoin[] {
  if (request.sheet.kind === 'three-phase') return []
  const sets = [plug.set, ...(speed ? [speed] : [])]
  const lead = (id: LeadId) => insulationOf(request, id)
  return [
    ...sets.flatMap(({ join }) => join.map(([a, b]): DrawnJoin => ({ from: lead(a), to: lead(b) }))),
    ...sets.flatMap(({ open }) => open.map((id): DrawnJoin => ({ from: lead(id), to: null }))),
  ]
}
