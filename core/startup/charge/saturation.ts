// Saturation temperature of a refrigerant at a gauge pressure: from a table, straight between its points in the logarithm of the pressure.
// The table is made by scripts/saturation-table.py.
// Where a blend glides, superheat is counted from the dew point and subcooling from the bubble point.
import { known, first, last } from '../../quantity/at'
import * as v from 'valibot'
import type { Refrigerant } from './refrigerants'
import data from './saturation.json'

const DataSchema = v.strictObject({
  source: v.string(),
  /** °F, bubble and dew pressure in psig; rising. */
  refrigerants: v.array(
    v.strictObject({
      id: v.string(),
      safety: v.picklist(['A1', 'A2L']),
      points: v.array(v.tuple([v.number(), v.number(), v.number()])),
    }),
  ),
})
const { refrigerants } = v.parse(DataSchema, data)

/** Standard atmosphere, psi. */
const ATMOSPHERE_PSI = 14.696
/** A blend glides when its two points are further apart than this, °F. Our judgement: a thermometer clamp tells no less. */
const GLIDE_FAHRENHEIT = 1

const tableOf = (id: Refrigerant) =>
  known(
    refrigerants.find((r) => r.id === id),
    'The refrigerant’s table',
  )

/** `A2L`: mildly flammable. Source: ASHRAE 34, from memory. */
export const safetyOf = (id: Refrigerant): 'A1' | 'A2L' => tableOf(id).safety

/** °F; null: the pressure is outside the table, and nothing is said beyond it. `at`: where boiling begins (bubble) or ends (dew). */
export function saturationFahrenheit(id: Refrigerant, psig: number, at: 'bubble' | 'dew'): number | null {
  const column = at === 'bubble' ? 1 : 2
  const { points } = tableOf(id)
  const next = points.findIndex((p) => p[column] >= psig)
  const [above, below] = [points[next], points[next - 1]]
  if (!above) return null
  if (above[column] === psig) return above[0]
  if (!below) return null
  const log = (p: number) => Math.log(p + ATMOSPHERE_PSI)
  const share = (log(psig) - log(below[column])) / (log(above[column]) - log(below[column]))
  return below[0] + share * (above[0] - below[0])
}

/** The pressures the table reaches over, psig. */
export function pressuresOf(
  id: Refrigerant,
  at: 'bubble' | 'dew',
): { readonly low: number; readonly high: number } {
  const column = at === 'bubble' ? 1 : 2
  const { points } = tableOf(id)
  return {
    low: first(points)[column],
    high: last(points)[column],
  }
}

/** Do bubble and dew point lie so far apart that it matters which one is counted from? */
export function glides(id: Refrigerant): boolean {
  const middle = known(
    tableOf(id).points.find((p) => p[0] === 40),
    'The row at 40 °F',
  )
  const dew = saturationFahrenheit(id, middle[1], 'dew')
  return dew !== null && Math.abs(dew - middle[0]) > GLIDE_FAHRENHEIT
}
