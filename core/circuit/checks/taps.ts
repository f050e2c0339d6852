// A blower's taps and outputs: idle taps are parked one to a post, outputs are joined only where the unit allows it.
import { capital } from '../../quantity/display'
import { copperIn } from '../potential'
import type { Post } from '../../wiring/unit-type'
import { stop, watch, type Hazard } from '../hazard'
import { leadName, placementOf, postOfLead, type ProofView } from '../view'

/** A blower's taps: one on each output, idle ones apart. An outdoor fan has neither. */
export const checkTaps = (view: ProofView): Hazard[] => [
  ...tiedTaps(view),
  ...tiedOutputs(view),
  ...tapPlaces(view),
]

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

const outputsOf = (posts: readonly Post[]) => posts.filter((post) => post.kind === 'output')

/** With every switch open: what is joined then is joined by a wire. */
function tiedOutputs(view: ProofView): Hazard[] {
  const { unit } = view.hookup
  const still = unit.modes.find((mode) => !mode.fanRuns)
  if (!still) return []
  const { copper } = copperIn(unit, view.network, still.id)
  const outputs = outputsOf(unit.posts)
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
  const { line, tap } = misplaced(view)
  const { unit } = view.hookup
  const [one, ...more] = line
  const [live, ...others] = tap
  // One call, one speed: the two exchanged are the same winding fed from its other end. It runs as it should, and is not as the tag says.
  if (one && live && more.length + others.length === 0 && outputsOf(unit.posts).length === 1)
    return [
      watch(
        'line-and-tap-exchanged',
        `${capital(leadName(live.set))} and ${leadName(one.set)} are exchanged: with one speed the blower runs as well, but the line lead belongs on ${live.post.name}, and the next one to look will trust the tag.`,
        [one.set.lead.id, live.set.lead.id],
      ),
    ]
  return [
    ...tap.map(({ set, post }) =>
      stop(
        'no-voltage-across-motor',
        `${leadName(set)} is a speed tap, and ${post.name} is where the line lead goes.`,
        [set.lead.id],
      ),
    ),
    ...line.map(({ set, post }) =>
      stop(
        'run-dead',
        `${leadName(set)} is the line lead: it goes to the side that is never switched, not on ${post.name}.`,
        [set.lead.id],
      ),
    ),
  ]
}

/** The line leads that stand on an output, and the taps on the side that is never switched. */
function misplaced(view: ProofView) {
  const placed = view.hookup.leads.flatMap((set) => {
    const post = postOfLead(view, set.lead.id)
    return post ? [{ set, post }] : []
  })
  return {
    tap: placed.filter(({ set, post }) => set.use.kind === 'tap' && post.kind === 'neutral'),
    line: placed.filter(
      ({ set, post }) => set.use.kind === 'land' && set.use.as === 'line' && post.kind === 'output',
    ),
  }
}
