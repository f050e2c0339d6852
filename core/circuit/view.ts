// What every check of the proof looks at: the hookup, its network, and small questions they share.
import type { LeadId } from '../motor/lead-id'
import { insulationName } from '../motor/colour'
import type { SetLead } from '../motor/settings'
import { samePlacement, type Placement } from '../wiring/placement'
import type { Conductors } from '../wiring/conductors'
import { hookupPosts, type HookupPost } from '../wiring/hookup-posts'
import { runningMode, type ModeId } from '../wiring/unit-type'
import { buildNetwork, leadPoint, type Hookup, type Network, type Point } from './network'
import { copperIn, type ModeCopper } from './potential'

/** What every check looks at. */
export interface ProofView {
  readonly hookup: Hookup
  readonly network: Network
  readonly posts: readonly HookupPost[]
  /** The copper of each mode of the unit. */
  readonly modes: ReadonlyMap<ModeId, ModeCopper>
}

/** The view of a hookup, its copper prepared for every mode. */
export function viewOf(hookup: Hookup): ProofView {
  const network = buildNetwork(hookup)
  const modes = new Map(hookup.unit.modes.map(({ id }) => [id, copperIn(hookup.unit, network, id)]))
  return { hookup, network, posts: hookupPosts(hookup.unit, hookup.can), modes }
}

/** The copper of the mode in which the fan is meant to run. */
export function running({ hookup, modes }: ProofView): ModeCopper {
  const mode = runningMode(hookup.unit)
  const copper = modes.get(mode)
  if (!copper) throw new Error(`mode ${mode} was not prepared`)
  return copper
}

/** Where a lead is; undefined: it is not placed. */
export const placementOf = ({ hookup }: ProofView, lead: LeadId): Placement | undefined =>
  hookup.placements.find((p) => p.lead === lead)?.goes

/** The post a lead is on; undefined where it is on none. */
export const postOfLead = (view: ProofView, lead: LeadId): HookupPost | undefined => {
  const goes = placementOf(view, lead)
  return goes?.kind === 'post' ? view.posts.find((post) => post.id === goes.post) : undefined
}

/** "the brown lead" */
export const leadName = ({ lead }: SetLead): string => `the ${insulationName(lead)} lead`

/** Is this lead elsewhere than advised? */
export function isMisplaced({ hookup }: ProofView, lead: LeadId): boolean {
  const advised = hookup.advised?.find((a) => a.lead === lead)?.goes
  return (
    advised !== undefined && hookup.placements.some((p) => p.lead === lead && !samePlacement(p.goes, advised))
  )
}

/** The leads that come from this inner point of the motor. */
export const leadsAt = ({ hookup }: ProofView, point: Point): string[] =>
  hookup.leads.filter((set) => leadPoint(set) === point).map((set) => set.lead.id)

/** The leads whose post is one copper with this point: any of them may be the one that is wrong. */
export const landedLeadsOn = ({ hookup }: ProofView, copper: Conductors, point: Point): string[] =>
  hookup.placements
    .filter(({ goes }) => goes.kind === 'post' && copper.joined(goes.post, point))
    .map(({ lead }) => lead)
