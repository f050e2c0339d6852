// What a load gets from its sections, against its tag: the distance allowed is the shop's, the can's own marking is doubt on top of it.
import { toleranceVerdict } from '../../capacitor/verdict'
import { figure } from '../../quantity/display'
import { stop, watch, type Hazard, type HazardCode } from '../hazard'
import type { ProofView } from '../view'

/** A load's sections and what its tag asks for. */
export interface LoadValue {
  /** "The start lead", "The compressor". */
  readonly who: string
  /** "the motor’s tag asks for", "it asks for". */
  readonly asks: string
  readonly code: HazardCode
  readonly capacitors: ProofView['network']['capacitors']
  readonly wanted: number
  /** Of the tag's value, %: the shop's setting. */
  readonly tolerancePercent: number
  readonly leads: readonly string[]
}

/** Of another value than the tag's: a stop. Of its value, by a marking wider than the setting and not read: watched, with the worst case. */
export function loadValueHazards(
  { hookup: { can } }: ProofView,
  { who, asks, code, capacitors, wanted, tolerancePercent, leads }: LoadValue,
): Hazard[] {
  const sum = capacitors.reduce((total, c) => total + (c.microfarads ?? NaN), 0)
  const target = `${asks} ${figure(wanted)} µF ± ${figure(tolerancePercent)} %`
  if (toleranceVerdict({ low: sum, high: sum }, wanted, tolerancePercent) !== 'in')
    return [stop(code, `${who} gets ${figure(sum)} µF; ${target}.`, leads)]
  // Two errors in one direction; a section that was read has none of its marking's.
  const doubt = capacitors.reduce(
    (total, c) => total + (c.read ? 0 : ((c.microfarads ?? 0) * can.tolerancePercent) / 100),
    0,
  )
  const worst = { low: sum - doubt, high: sum + doubt }
  if (can.tolerancePercent <= tolerancePercent || toleranceVerdict(worst, wanted, tolerancePercent) === 'in')
    return []
  return [
    watch(
      'capacitor-tolerance',
      `${who} gets ${figure(sum)} µF by a marking of ±${figure(can.tolerancePercent)} %: ${figure(worst.low)} to ${figure(worst.high)} µF at worst; ${target}. Read it before it is fitted.`,
      leads,
    ),
  ]
}
