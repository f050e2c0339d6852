// What the new can does to the compressor: its start winding keeps its own section, of its own value.
import { figure } from '../../quantity/display'
import { toleranceVerdict } from '../../capacitor/verdict'
import { stop, type Hazard } from '../hazard'
import { compressorPosts } from '../network'
import { landedLeadsOn, running, type ProofView } from '../view'

/** The compressor's side of a shared can: fed, on its own section, of the right µF. Nothing is said where its capacitor is its own. */
export function checkCompressor(view: ProofView, wantedMicrofarads: number | null): Hazard[] {
  const compressor = compressorPosts(view.hookup.unit)
  if (!compressor || view.hookup.unit.traits.capacitor !== 'shared') return []
  const { copper, sources } = running(view)
  if (sources(compressor.S).some((s) => s === 'line1' || s === 'line2'))
    return [
      stop(
        'compressor-start-on-line',
        'The compressor’s start winding is straight on a line: a wire joins its section’s post to one.',
        landedLeadsOn(view, copper, compressor.S),
      ),
    ]
  const across = view.network.capacitors.filter(
    (c) =>
      (copper.joined(c.a, compressor.S) && copper.joined(c.b, compressor.R)) ||
      (copper.joined(c.b, compressor.S) && copper.joined(c.a, compressor.R)),
  )
  if (across.length === 0)
    return [
      stop(
        'compressor-capacitor-open',
        'The compressor’s start wire reaches no section whose C is on its run line: the compressor will not start.',
      ),
    ]
  const microfarads = across.reduce((sum, c) => sum + (c.microfarads ?? NaN), 0)
  if (wantedMicrofarads === null) return []
  if (
    toleranceVerdict(
      { low: microfarads, high: microfarads },
      wantedMicrofarads,
      view.hookup.can.tolerancePercent,
    ) === 'in'
  )
    return []
  return [
    stop(
      'compressor-capacitor-wrong-value',
      `The compressor gets ${figure(microfarads)} µF; it asks for ${figure(wantedMicrofarads)} µF.`,
    ),
  ]
}
