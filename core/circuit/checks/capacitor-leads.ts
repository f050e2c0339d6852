// A blower's two capacitor leads. Which of them is the winding's end is known from the tag or from ohms, never from their order: so
// neither may touch anything but its capacitor (derived: the winding's end on a line burns it, and the other is inside on the line lead).
import { capital } from '../../quantity/display'
import { stop, type Hazard } from '../hazard'
import { copperIn } from '../potential'
import { leadName, postOfLead, running, type ProofView } from '../view'

/** Each capacitor lead by itself: on its capacitor, and nothing else on that piece of copper. */
export function checkCapacitorLeads(view: ProofView): Hazard[] {
  const { hookup, network } = view
  return hookup.leads
    .filter((set) => set.use.kind === 'capacitor')
    .flatMap((set) => {
      const post = postOfLead(view, set.lead.id)
      // Insulated, loose or in the plug: told where every lead is looked at by itself.
      if (!post) return []
      const { copper, sources } = copperIn(hookup.unit, network, running(view).mode, set.lead.id)
      const name = capital(leadName(set))
      const touch = (what: string) => [
        stop(
          'capacitor-lead-touches',
          `${name} is a capacitor lead, and ${what}: it may touch nothing but its capacitor.`,
          [set.lead.id],
        ),
      ]
      if (post.kind !== 'can-c' && post.kind !== 'can-section') return touch(`it is on ${post.name}`)
      const others = hookup.placements.flatMap(({ lead, goes }) =>
        lead !== set.lead.id && goes.kind === 'post' && copper.joined(goes.post, post.id)
          ? [{ lead, here: goes.post === post.id }]
          : [],
      )
      const other = others.find((o) => o.here) ?? others[0]
      if (other) return touch(`the ${other.lead} lead is ${other.here ? 'on the same post' : 'joined to it'}`)
      return sources(post.id).length > 0 ? touch(`${post.name} is on a line or the chassis`) : []
    })
}
