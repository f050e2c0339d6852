// A blower's taps and outputs: idle taps are parked one to a post, outputs are joined only where the unit allows it.
import { capital } from '../../quantity/display'
import { copperIn } from '../potential'
import { stop, type Hazard } from '../hazard'
import { leadName, placementOf, postOfLead, type ProofView } from '../view'

/** A blower's taps: one on each output, idle ones apart. Nothing is said of an outdoor fan. */
export function checkTaps(view: ProofView): Hazard[] {
  if (view.hookup.unit.traits.fan !== 'blower') return []
  return [...tiedTaps(view), ...tiedOutputs(view), ...tapPlaces(view)]
}

function tiedTaps(view: ProofView): Hazard[] {
  const taps = view.hookup.leads.filter((set) => set.use.kind === 'tap')
  return taps.flatMap((set, i) => {
    const here = placementOf(view, set.lead.id)
    const twin =
      here?.kind === 'post'
        ? taps.slice(0, i).find((other) => {
            const there = placementOf(view, other.lead.id)
            return there?.kind === 'post' && there.post === here.post
          })
        : undefined
    return twin
      ? [
          stop(
            'idle-taps-tied',
            `${capital(leadName(set))} and ${leadName(twin)} are on one post: taps are never tied together, not even idle ones.`,
            [set.lead.id, twin.lead.id],
          ),
        ]
      : []
  })
}

/** With every switch open: what is joined then is joined by a wire. */
function tiedOutputs(view: ProofView): Hazard[] {
  const { unit } = view.hookup
  const still = unit.modes.find((mode) => !mode.fanRuns)
  if (!still) return []
  const { copper } = copperIn(unit, view.network, still.id)
  const outputs = unit.posts.filter((post) => post.kind === 'output')
  const allowed = (a: string, b: string) =>
    unit.outputsMayShare.some((group) => group.includes(a) && group.includes(b))
  const pair = outputs
    .flatMap((a, i) => outputs.slice(i + 1).map((b) => [a, b] as const))
    .find(([a, b]) => copper.joined(a.id, b.id) && !allowed(a.id, b.id))
  return pair
    ? [
        stop(
          'outputs-tied',
          `${pair[0].label} and ${pair[1].label} are joined: on this unit they must stay apart, or one call feeds back into the other.`,
          [],
        ),
      ]
    : []
}

/** A tap belongs on an output or a parking post; its other places are named here, since a board has posts that look alike. */
function tapPlaces(view: ProofView): Hazard[] {
  return view.hookup.leads.flatMap((set) => {
    const post = postOfLead(view, set.lead.id)
    if (!post) return []
    const name = capital(leadName(set))
    if (set.use.kind === 'tap' && post.kind === 'neutral')
      return [
        stop(
          'no-voltage-across-motor',
          `${name} is a speed tap, and ${post.name} is where the line lead goes.`,
          [set.lead.id],
        ),
      ]
    if (set.use.kind === 'land' && set.use.as === 'line' && post.kind === 'output')
      return [
        stop(
          'run-dead',
          `${name} is the line lead: it goes to the side that is never switched, not on ${post.name}.`,
          [set.lead.id],
        ),
      ]
    return []
  })
}
