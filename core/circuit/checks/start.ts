// The start winding: reached only through the right capacitor section, from run's line.
import { figure } from '../../quantity/display'
import { toleranceVerdict } from '../../capacitor/verdict'
import { FAN_LOAD, groupFor, sectionPost } from '../../wiring/new-can'
import { stop, watch, type Hazard } from '../hazard'
import { COMMON, compressorPosts, RUN, START } from '../network'
import { landedLeadsOn, leadsAt, placementOf, running, type ProofView } from '../view'
import type { LeadSheet } from '../../motor/lead-sheet'

/** The start lead of an outdoor motor: through its section to run, on no line, of the tag's µF. */
export function checkStart(view: ProofView, sheet: LeadSheet): Hazard[] {
  const { copper, sources } = running(view)
  const leads = leadsAt(view, START)
  const landed = leads.some((lead) => placementOf(view, lead)?.kind === 'post')
  if (!landed) return []
  if (
    sources(START).some((s) => s === 'line1' || s === 'line2') ||
    copper.joined(START, RUN) ||
    copper.joined(START, COMMON)
  )
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
        'The start lead is on the compressor’s section: no section may serve two loads.',
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
  return valueHazards(
    view,
    sheet,
    touching.reduce((sum, c) => sum + (c.microfarads ?? NaN), 0),
    leads,
  )
}

function valueHazards(
  view: ProofView,
  sheet: LeadSheet,
  microfarads: number,
  leads: readonly string[],
): Hazard[] {
  const { can } = view.hookup
  if (!sheet.capacitor)
    return [
      stop('capacitor-wrong-value', 'This motor asks for no capacitor, and a lead of it is on one.', leads),
    ]
  const wanted = sheet.capacitor.microfarads
  if (toleranceVerdict({ low: microfarads, high: microfarads }, wanted, can.tolerancePercent) !== 'in')
    return [
      stop(
        'capacitor-wrong-value',
        `The start lead gets ${figure(microfarads)} µF; the motor’s tag asks for ${figure(wanted)} µF ± ${figure(can.tolerancePercent)} %.`,
        leads,
      ),
    ]
  const group = groupFor(can, FAN_LOAD)
  const at = leads.map((lead) => placementOf(view, lead)).find((p) => p?.kind === 'post')
  const offLead = group?.jumpers.find((j) => at?.kind === 'post' && sectionPost(j.to) === at.post)
  if (!offLead || offLead.share >= 0.5) return []
  return [
    watch(
      'jumper-carries-more',
      `On this post the jumper carries the larger share of the current. On the ${figure(can.sections.find((s) => s.id === group?.lead)?.microfarads ?? NaN)} µF post it carries ${figure(100 * offLead.share, 0)} %.`,
      leads,
    ),
  ]
}
