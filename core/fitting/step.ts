// One step of fitting: what the hands do, in a form that can be carried out, and the words for it.
import type { LeadId } from '../motor/lead-id'
import type { UnitWire } from '../wiring/new-can'
import type { Placement } from '../wiring/placement'
import type { PostId } from '../wiring/unit-type'
import type { WireId } from '../wiring/wire'

/** What the hands do in a step. */
export type FitAct =
  /** A wire of the old motor, or of the one that stays, comes off its post. */
  | { readonly kind: 'take-off'; readonly wire: WireId }
  /** The old capacitor comes out; the ends of the unit's wires on it hang free. */
  | { readonly kind: 'take-out' }
  /** C of one capacitor is tied to C of another, by their names. */
  | { readonly kind: 'tie'; readonly from: string; readonly to: string }
  | { readonly kind: 'jumper'; readonly from: PostId; readonly to: PostId }
  /** The end of a wire of the unit that was on one post goes to another. */
  | { readonly kind: 'move'; readonly wire: WireId; readonly from: PostId; readonly to: PostId }
  /** A wire of the unit that has no use any more comes out. */
  | { readonly kind: 'remove'; readonly wire: WireId }
  | { readonly kind: 'add'; readonly wire: UnitWire }
  /** A lead of the motor: on a post, in the plug, or insulated. */
  | { readonly kind: 'land'; readonly lead: LeadId; readonly goes: Placement }
  | { readonly kind: 'kit'; readonly near: PostId; readonly far: PostId }

export const STEP_KINDS = ['safe', 'mount', 'join', 'check', 'land', 'label'] as const
/** What a step is about: safety and taking out, mounting, joining, checking, landing, labelling. */
export type FitStepKind = (typeof STEP_KINDS)[number]

/** One thing to do, with its reason. */
export interface FitStep {
  /** Stays the same while the hookup does, so that a tick stays with its step. */
  readonly id: string
  readonly kind: FitStepKind
  readonly text: string
  readonly why: string
  /** Empty: a look, a reading, a mark; it changes no wire. */
  readonly acts: readonly FitAct[]
}
