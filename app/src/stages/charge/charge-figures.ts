// The figures of the glance: what each is called and in what it is read; null: a temperature, in the device’s degrees.
import type { CHARGE_FIGURES } from '@oak/core/startup/charge/figures'

export type ChargeKey = keyof typeof CHARGE_FIGURES

export const CHARGE_NAMES: Readonly<
  Record<ChargeKey, { readonly name: string; readonly unit: string | null }>
> = {
  suctionPsig: { name: 'Suction', unit: 'psig' },
  suctionFahrenheit: { name: 'Suction line', unit: null },
  liquidPsig: { name: 'Liquid', unit: 'psig' },
  liquidFahrenheit: { name: 'Liquid line', unit: null },
  outdoorFahrenheit: { name: 'Outdoor air', unit: null },
  returnFahrenheit: { name: 'Return air', unit: null },
  supplyFahrenheit: { name: 'Supply air', unit: null },
  minutes: { name: 'Running for', unit: 'min' },
}
