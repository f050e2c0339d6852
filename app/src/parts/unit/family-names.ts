// What a unit is called by its kind, and a job that nobody named yet.
import { capital } from '@oak/core/quantity/display'
import type { UnitFamily } from '@oak/core/wiring/unit-type'
import { momentText } from '../../ui/dates'

export const FAMILY_NAMES: Readonly<Record<UnitFamily, string>> = {
  'outdoor-split': 'outdoor unit',
  'heat-pump': 'heat pump',
  packaged: 'packaged unit',
  'pool-heater': 'pool heater',
  'gas-furnace': 'gas furnace',
  'air-handler': 'air handler',
  'electric-furnace': 'electric furnace',
  'fan-coil': 'fan coil',
  'roof-through-shaft': 'two-shaft roof unit',
}

/** "Heat pump, 7 Mar, 09:05": a name to begin with, by the kind of unit and the time; the technician’s own stands. */
export const proposedName = (family: UnitFamily, at: number): string =>
  `${capital(FAMILY_NAMES[family])}, ${momentText(at)}`
