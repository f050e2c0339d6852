// "CCWLE", "CW SE", "CCW OPP SHAFT": a direction and the end it is seen from, or no end when the plate names none.
import type { MotorPlate } from '../motor/nameplate'

type PlateRotation = NonNullable<MotorPlate['rotation']>

/** The direction and the end that a plate's words name; `seenFrom` null: no end is named. */
export const readRotation = (words: readonly string[]): PlateRotation => ({
  direction: /^(ccw|counter|anti)/i.test(words[0] ?? '') ? 'CCW' : 'CW',
  seenFrom: endOf(words[1]?.replace(/[\s.]/g, '').toLowerCase()),
})

/** OSE and OPE, "opposite shaft end" and "opposite pulley end", are the lead end: leads leave opposite the shaft. Common practice, no source. */
function endOf(view: string | undefined): PlateRotation['seenFrom'] {
  if (!view) return null
  if (view === 'le' || view.includes('lead') || view.startsWith('opp') || view === 'ose' || view === 'ope')
    return 'lead-end'
  return 'shaft-end'
}
