// Every lead dealt with, once, and on a post that is meant for it. No circuit is needed to see these.
import type { LeadId } from '../../motor/lead-id'
import { capital } from '../../quantity/display'
import { leadPoint, RUN, START } from '../network'
import { stop, watch, type Hazard } from '../hazard'
import { copperIn, isLine, type ModeCopper } from '../potential'
import type { SetLead } from '../../motor/settings'
import type { HookupPost } from '../../wiring/hookup-posts'
import { leadName, placementOf, postOfLead, running, type ProofView } from '../view'

/** Each lead by itself: landed once, on a post that takes it, as its setting asks. */
export function checkLeads(view: ProofView): Hazard[] {
  return view.hookup.leads.flatMap((set) => {
    const places = view.hookup.placements.filter((p) => p.lead === set.lead.id)
    const name = capital(leadName(set))
    if (places.length === 0)
      return [
        stop('lead-forgotten', `${name} is forgotten: it needs a post, or a cap of its own.`, [set.lead.id]),
      ]
    if (places.length > 1)
      return [stop('lead-landed-twice', `${name} is landed twice. A lead ends in one place.`, [set.lead.id])]
    return checkOne(view, set, name)
  })
}

function checkOne(view: ProofView, set: SetLead, name: string): Hazard[] {
  const id = set.lead.id
  const goes = placementOf(view, id)
  if (goes?.kind === 'loose')
    return [
      stop('lead-loose', `${name} hangs loose: it may touch the chassis or a line. Land it or insulate it.`, [
        id,
      ]),
    ]
  if (goes?.kind === 'plug' && set.use.kind === 'insulate' && set.lead.role === 'rotation')
    return [
      stop(
        'not-a-plug-lead',
        `${name} is left open at this setting: joined, the shaft turns the other way.`,
        [id],
      ),
    ]
  if (goes?.kind === 'plug')
    return set.lead.role === 'rotation'
      ? []
      : [stop('not-a-plug-lead', `${name} does not belong in the reversing plug.`, [id])]
  if (set.use.kind === 'with') return joinedHazards(view, set, name, set.use)
  if (goes?.kind === 'insulated') return insulatedHazards(view, set, name)
  const post = postOfLead(view, id)
  return post ? landedHazards(view, set, name, post) : []
}

/** A select lead that is to be joined: the same copper as the lead it is joined to, also when it is spliced elsewhere. */
function joinedHazards(
  view: ProofView,
  { lead }: SetLead,
  name: string,
  use: { readonly lead: LeadId; readonly sets: string },
): Hazard[] {
  const goes = placementOf(view, lead.id)
  const other = placementOf(view, use.lead)
  const joinedIn = ({ copper }: ModeCopper) =>
    goes?.kind === 'post' && other?.kind === 'post' && copper.joined(goes.post, other.post)
  const modes = [...view.modes.values()]
  if (modes.every(joinedIn)) return []
  // Joined through the contactor alone: with it open the one stays live and feeds the motor through its control.
  if (joinedIn(running(view)))
    return [
      stop(
        'select-not-set',
        `${name} must be on the same side of the contactor as the ${use.lead} lead: with the contactor open one of them stays live.`,
        [lead.id],
        modes.filter((mode) => !joinedIn(mode)).map(({ mode }) => mode),
      ),
    ]
  return [
    stop(
      'select-not-set',
      `${name} must be joined to the ${use.lead} lead: without that the ${use.sets} is not set.`,
      [lead.id],
    ),
  ]
}

function insulatedHazards(view: ProofView, { lead, use }: SetLead, name: string): Hazard[] {
  if (use.kind === 'land' && use.as === 'ground')
    return [
      watch(
        'ground-not-landed',
        `${name} is insulated. Land it on the chassis, also when everything is metal.`,
        [lead.id],
      ),
    ]
  if (use.kind === 'capacitor')
    return [
      stop('lead-not-landed', `${name} is insulated, and the capacitor needs both its leads.`, [lead.id]),
    ]
  if (use.kind === 'land')
    return [stop('lead-not-landed', `${name} is insulated, and the motor needs it landed.`, [lead.id])]
  if (use.kind === 'plug')
    return [
      stop(
        'lead-not-landed',
        hasAuxiliary(view)
          ? `${name} is out of the reversing plug: the auxiliary winding is open.`
          : `${name} must be joined to ${use.joinedTo}: open, the shaft turns the other way.`,
        [lead.id],
      ),
    ]
  return []
}

function landedHazards(view: ProofView, set: SetLead, name: string, post: HookupPost): Hazard[] {
  const { lead, use } = set
  if (use.kind === 'plug')
    return [
      stop('plug-lead-landed', `${name} belongs in the reversing plug, not on ${post.name}.`, [lead.id]),
    ]
  if (use.kind === 'insulate' && lead.role !== 'power-tap')
    return [stop('select-not-set', `${name} must be left open and insulated: ${use.why}.`, [lead.id])]
  if (use.kind === 'insulate')
    return [
      stop(
        'idle-tap-landed',
        `${name} is idle at this setting and must be insulated: two taps live together circulate a large current.`,
        [lead.id],
      ),
    ]
  if (post.kind === 'coil')
    return [
      stop('lead-on-coil', `${name} is on the contactor’s 24 V coil: no motor lead goes there.`, [lead.id]),
    ]
  if (use.kind === 'land' && use.as === 'ground')
    return post.kind === 'earth'
      ? []
      : [
          stop('ground-not-on-chassis', `${name} is ground and goes to the chassis, not on ${post.name}.`, [
            lead.id,
          ]),
        ]
  if (post.kind === 'earth')
    return [
      stop(
        'winding-on-earth',
        `${name} is a winding lead: on the chassis it makes the frame part of the circuit.`,
        [lead.id],
      ),
    ]
  const found: Hazard[] =
    use.kind === 'return' && isRedundant(view, lead.id)
      ? [
          watch(
            'run-return-landed',
            `${name} adds nothing on ${post.name}, and would carry other current through the motor’s thin lead if the tie of cap C opens. Insulate it.`,
            [lead.id],
          ),
        ]
      : []
  if (post.kind === 'compressor' || post.kind === 'kept-cap')
    found.push(
      watch(
        'post-not-for-leads',
        `${name} is on ${post.name}; fan leads land on the contactor, the board or the fan’s capacitor.`,
        [lead.id],
      ),
    )
  if (post.kind === 'supply')
    found.push(
      watch(
        'supply-side',
        `${name} is on the supply side of the contactor: it stays live when the contactor opens.`,
        [lead.id],
      ),
    )
  return found
}

const hasAuxiliary = (view: ProofView): boolean => view.hookup.leads.some((set) => leadPoint(set) === START)

/** Without this lead, has run its line still, and does every capacitor on start still reach run? Then it is not needed. */
function isRedundant(view: ProofView, lead: LeadId): boolean {
  const { copper, sources } = copperIn(view.hookup.unit, view.network, running(view).mode, lead)
  if (!sources(RUN).some(isLine)) return false
  const touching = view.network.capacitors.filter(
    (c) => copper.joined(c.a, START) !== copper.joined(c.b, START),
  )
  return (
    touching.length > 0 && touching.every((c) => copper.joined(copper.joined(c.a, START) ? c.b : c.a, RUN))
  )
}
