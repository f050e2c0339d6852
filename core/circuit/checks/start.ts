// The start winding: reached only through the right capacitor section, from run's line.
import { loadValueHazards } from './value'
import { stop, type Hazard } from '../hazard'
import { isLine } from '../potential'
import { COMMON, RUN, START } from '../network'
import { compressorPosts } from '../../wiring/compressor-posts'
import { landedLeadsOn, leadsAt, placementOf, running, viewOf, type ProofView } from '../view'
import type { LeadSheet } from '../../motor/lead-sheet'
import type { PostId } from '../../wiring/unit-type'

/** The start lead of an outdoor motor: through its section to run, on no line, of the tag's µF. */
export function checkStart(view: ProofView, sheet: LeadSheet, tolerancePercent: number): Hazard[] {
  const { copper, sources } = running(view)
  const leads = leadsAt(view, START)
  const landed = leads.some((lead) => placementOf(view, lead)?.kind === 'post')
  if (!landed) return []
  if (sources(START).some(isLine) || copper.joined(START, RUN) || copper.joined(START, COMMON))
    return [
      stop(
        'start-on-line',
        'Start reaches a line or another lead without its capacitor: the start winding burns, or the motor only hums.',
        landedLeadsOn(view, copper, START),
      ),
    ]

  const compressor = compressorPosts(view.hookup.unit)
  if (compressor && copper.joined(START, compressor.S))
    return [
      stop(
        'section-serves-two-loads',
        isByJumper(view, compressor.S)
          ? 'A jumper joins the fan’s section and the compressor’s: no section may serve two loads.'
          : 'The start lead is on the compressor’s section: no section may serve two loads.',
        leads,
      ),
    ]

  const touching = view.network.capacitors.filter(
    (c) => copper.joined(c.a, START) !== copper.joined(c.b, START),
  )
  if (touching.length === 0)
    return [stop('start-open', 'The start lead reaches no capacitor section: the fan will not start.', leads)]
  const far = touching.map((c) => (copper.joined(c.a, START) ? c.b : c.a))
  if (!far.every((point) => copper.joined(point, RUN)))
    return [
      stop(
        'capacitor-off-run',
        far.some((p) => copper.joined(p, COMMON))
          ? 'The far side of the fan’s capacitor is on motor common’s line, not on run’s: the motor has no starting torque.'
          : 'The far side of the fan’s capacitor does not reach run: the start winding gets no current.',
        [...leadsAt(view, RUN).slice(1), ...leads],
      ),
    ]
  if (!sheet.capacitor)
    return [
      stop('capacitor-wrong-value', 'This motor asks for no capacitor, and a lead of it is on one.', leads),
    ]
  return loadValueHazards(view, {
    who: 'The start lead',
    asks: 'the motor’s tag asks for',
    code: 'capacitor-wrong-value',
    capacitors: touching,
    wanted: sheet.capacitor.microfarads,
    tolerancePercent,
    leads,
  })
}

/** Are start and the compressor's start joined just by a jumper of the can? */
function isByJumper({ hookup }: ProofView, start: PostId): boolean {
  const { can, ...rest } = hookup
  const without = viewOf({ ...rest, can: { ...can, jumpers: [] } })
  return !running(without).copper.joined(START, start)
}
