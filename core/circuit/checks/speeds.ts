// Which speed runs in which mode, by the taps as they are landed: a mode that wants more air than another must not get a slower tap.
// No danger, but an effect, so it is watched and named.
import type { LeadSheet, SpeedName } from '../../motor/lead-sheet'
import { known } from '../../quantity/at'
import type { ModeId } from '../../wiring/unit-type'
import { SPEED_ORDER, WANTS } from '../../wiring/speed-outputs'
import { watch, type Hazard } from '../hazard'
import { placementOf, type ProofView } from '../view'

/** What too little or too much air does in a mode. Common practice, no source. */
const EFFECT: Partial<Readonly<Record<ModeId, { readonly less: string; readonly more: string }>>> = {
  cooling: {
    less: 'with too little air the coil can ice over',
    more: 'with too much air it dries the house less',
  },
  heating: {
    less: 'the temperature rise goes up and the limit can trip',
    more: 'the air comes out cooler',
  },
}

interface Running {
  readonly mode: ModeId
  readonly name: string
  readonly speed: SpeedName
  readonly tap: string
}

/** Pairs of modes whose speeds stand the wrong way round; the first of them is told. */
export function checkSpeeds(view: ProofView, sheet: LeadSheet): Hazard[] {
  const running = view.hookup.unit.modes.flatMap(({ id, name, fanRuns }): Running[] => {
    if (!fanRuns) return []
    const { sources } = known(view.modes.get(id), 'The mode copper')
    const live = sheet.settings.speed.filter(({ tap }) => {
      const goes = tap === null ? undefined : placementOf(view, tap)
      return goes?.kind === 'post' && sources(goes.post).includes('line1')
    })
    // None, or several live at once, is told where that is looked for.
    const [only] = live
    return live.length === 1 && only?.tap ? [{ mode: id, name, speed: only.speed, tap: only.tap }] : []
  })
  // Modes that share a tap want what the one of them that wants most does: a relay that serves cooling and fan only is no mistake.
  const wants = (r: Running) =>
    Math.min(...running.filter((other) => other.tap === r.tap).map((other) => WANTS.indexOf(other.mode)))
  const pace = (r: Running) => SPEED_ORDER.indexOf(r.speed)
  const sorted = [...running].sort((a, b) => wants(a) - wants(b))
  for (const [i, more] of sorted.entries())
    for (const less of sorted.slice(i + 1)) if (pace(more) > pace(less)) return [crossed(more, less)]
  return []
}

function crossed(more: Running, less: Running): Hazard {
  const effects = [EFFECT[more.mode]?.less, EFFECT[less.mode]?.more].filter((text) => text !== undefined)
  const tail = effects.length > 0 ? `; ${effects.join(', ')}` : ''
  return watch(
    'speeds-crossed',
    `In ${more.name} the blower runs at ${more.speed}, in ${less.name} at ${less.speed}: ${more.name} wants the more air${tail}.`,
    [more.tap, less.tap],
    [more.mode, less.mode],
  )
}
