// The new can in the unit: its posts, and where everything goes that was on the old one.
import * as v from 'valibot'
import type { Section, SectionId } from '../capacitor/can'
import type { TapGroup } from '../capacitor/tap-plan/plan'
import { figure } from '../quantity/display'
import type { CapacitorSides } from './capacitor-sides'
import type { PostId, UnitType } from './unit-type'
import { goesToMotor, type NamedWire, type WireId } from './wire'

/** The shared post of the new can. */
export const NEW_C: PostId = 'CAN-C'
/** The post of a section of the new can. */
export const sectionPost = (sectionId: SectionId): PostId => `CAN-${sectionId}`

/** The fused start terminal that some cans have: joined to C inside, through a fuse. */
export const PROTECTED_POST: PostId = 'CAN-PROTECTED'

/** Names of the two loads a shared can serves. */
export const FAN_LOAD = 'FAN'
export const COMPRESSOR_LOAD = 'HERM'

const postId = (message: string) =>
  v.pipe(
    v.string(message),
    v.minLength(1, message),
    v.maxLength(60, 'A terminal’s name has 60 letters at most.'),
  )

export const JumperSchema = v.pipe(
  v.strictObject({
    from: postId('A jumper’s first end is missing.'),
    to: postId('A jumper’s other end is missing.'),
  }),
  v.check(({ from, to }) => from !== to, 'A jumper goes from one post to another.'),
)
/** A jumper between two posts of the can; one to C shorts a section, and is found by the proof. */
export type CanJumper = v.InferOutput<typeof JumperSchema>

export const CanAsPutSchema = v.strictObject({
  /** All of them. */
  jumpers: v.pipe(v.array(JumperSchema), v.maxLength(24, 'That is more than 24 jumpers.')),
  /** Wires of the unit with an end on the can, and the post that this end is on; one that is not named is where it was planned. */
  wires: v.pipe(
    v.array(
      v.strictObject({
        wire: postId('Which wire it is, is missing.'),
        post: postId('The wire’s post is missing.'),
      }),
    ),
    v.maxLength(24, 'That is more than 24 wires on one can.'),
  ),
})
/** How the can was wired by hand, where that is otherwise than planned. */
export type CanAsPut = v.InferOutput<typeof CanAsPutSchema>

/** The new can with its jumpers and what serves which load. */
export interface FittedCan {
  readonly name: string
  readonly volts: number
  readonly tolerancePercent: number
  readonly sections: readonly Section[]
  /** It has a protected (fused) start terminal. */
  readonly protectedStart?: boolean
  /** Who gets which section; empty while there is no plan. */
  readonly groups: readonly TapGroup[]
  readonly jumpers: readonly CanJumper[]
}

/** Where the new motor has no capacitor and nothing else needs the old one: it is taken out. */
export const NO_CAN: Omit<FittedCan, 'groups' | 'jumpers'> = {
  name: 'no capacitor',
  volts: 0,
  tolerancePercent: 0,
  sections: [],
}

/** A post of the new can. */
export interface CanPost {
  readonly id: PostId
  readonly label: string
  /** null for C. */
  readonly section: Section | null
}

/** Where several capacitors are joined each post says which one it is on: two of them may be marked alike. */
export function canPosts({ sections }: Pick<FittedCan, 'sections'>): CanPost[] {
  const cases = [...new Set(sections.map((s) => s.of ?? ''))]
  const label = (section: Section) =>
    `${valueText(section)}${cases.length > 1 ? `, can ${cases.indexOf(section.of ?? '') + 1}` : ''}`
  return [
    { id: NEW_C, label: 'C', section: null },
    ...sections.map((section) => ({ id: sectionPost(section.id), label: label(section), section })),
  ]
}

const valueText = ({ marked, microfarads }: Section): string => `${figure(marked ?? microfarads)} µF`

/** "the 7.5 µF section of Single 7.5"; one that stays is named as what it is. */
export function canPostName({ sections }: Pick<FittedCan, 'sections'>, { section }: CanPost): string {
  if (!section)
    return sections.some((s) => s.stays) ? 'C of the old can, tied to the new one’s' : 'C on the new can'
  if (section.stays) return `the ${valueText(section)} section of the old can, which stays`
  return `the ${valueText(section)} section of ${section.of ?? 'the new can'}`
}

/** The sections planned for a load; undefined: none are. */
export const groupFor = (can: Pick<FittedCan, 'groups'>, load: string): TapGroup | undefined =>
  can.groups.find((g) => g.load === load)

/** A wire of the unit itself, between two posts. */
export interface UnitWire {
  readonly id: WireId
  readonly from: PostId
  readonly to: PostId
  /** Where it was before, when fitting the new can moved it. */
  readonly was?: { readonly from: PostId; readonly to: PostId }
}

/** The unit's own wires with the old can's posts exchanged for the new can's: C to C, each load to its group's lead post. */
export function moveUnitWires(
  unit: UnitType,
  wires: readonly NamedWire[],
  sides: CapacitorSides,
  can: FittedCan,
  put: CanAsPut['wires'] = [],
): UnitWire[] {
  const exchange = new Map<PostId, PostId>(sides.cSide === null ? [] : [[sides.cSide, NEW_C]])
  const fan = groupFor(can, FAN_LOAD)
  const compressor = groupFor(can, COMPRESSOR_LOAD)
  const compressorPost = unit.posts.find((p) => p.kind === 'cap-compressor')?.id
  const goesAway = (post: PostId) =>
    can.sections.length === 0 && (post === sides.cSide || post === sides.fanSide)
  if (fan && sides.fanSide !== null) exchange.set(sides.fanSide, sectionPost(fan.lead))
  if (compressor && compressorPost) exchange.set(compressorPost, sectionPost(compressor.lead))
  return wires
    .filter((wire) => !goesToMotor(wire) && !goesAway(wire.from) && !goesAway(wire.to))
    .map(({ id, from, to }) => {
      const planned = { id, from: exchange.get(from) ?? from, to: exchange.get(to) ?? to }
      const moved = putElsewhere(planned, can, put)
      if (moved === planned && remains(can, moved)) return moved
      return moved.from === from && moved.to === to ? moved : { ...moved, was: { from, to } }
    })
}

/** The wire with its end on the can where a hand put it. */
function putElsewhere(wire: UnitWire, can: Pick<FittedCan, 'sections'>, put: CanAsPut['wires']): UnitWire {
  const post = put.find((p) => p.wire === wire.id)?.post
  const onCan = (id: PostId) => canPosts(can).some((p) => p.id === id)
  if (post === undefined || post === wire.from || post === wire.to) return wire
  if (onCan(wire.from)) return { ...wire, from: post }
  return onCan(wire.to) ? { ...wire, to: post } : wire
}

/** Where the old can stays, its C and the section that stays keep what they have: nothing is moved there. */
function remains(
  { sections }: Pick<FittedCan, 'sections'>,
  { from, to }: Pick<UnitWire, 'from' | 'to'>,
): boolean {
  const stays = sections.filter((s) => s.stays).map((s) => sectionPost(s.id))
  return stays.length > 0 && [from, to].some((post) => post === NEW_C || stays.includes(post))
}
