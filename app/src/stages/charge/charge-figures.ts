// The figures of the glance: what each is called and in what it is read.
import type { CHARGE_FIGURES } from '@oak/core/startup/charge/figures'

export type ChargeKey = keyof typeof CHARGE_FIGURES

export const CHARGE_NAMES: Readonly<Record<ChargeKey, { readonly name: string; readonly unit: string }>> = {
  suctionPsig: { name: 'Suction', unit: 'psig' },
  suctionFahrenheit: { name: 'Suction line', unit: '°F' },
  liquidPsig: { name: 'Liquid', unit: 'psig' },
  liquidFahrenheit: { name: 'Liquid line', unit: '°F' },
  outdoorFahrenheit: { name: 'Outdoor air', unit: '°F' },
  returnFahrenheit: { name: 'Return air', unit: '°F' },
  supplyFahrenheit: { name: 'Supply air', unit: '°F' },
  minutes: { name: 'Running for', unit: 'min' },
}
