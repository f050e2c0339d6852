// What is set on this device and for it alone. Where it is kept, platform/state knows.
import { AIMS, USUAL_AIMS, type Aim } from '@oak/core/capacitor/stock-plan/aims'
import { CARD_PAPERS, type CardPaper } from '@oak/core/job/card/paper'
import type { TemperatureUnit } from '@oak/core/quantity/temperature'
import { create } from 'zustand'

/** Inches with fractions, or millimetres. */
export type LengthUnit = 'in' | 'mm'
/** `device`: as the device itself stands. */
export type Look = 'device' | 'day' | 'night'
/** The hand that holds the device, and whose thumb presses. */
export type Hand = 'right' | 'left'

export interface DeviceSettings {
  readonly lengthUnit: LengthUnit
  readonly temperatureUnit: TemperatureUnit
  readonly look: Look
  readonly hand: Hand
  /** What counts in a capacitor from the van, first to last. */
  readonly aims: readonly Aim[]
  /** The paper that cards are made for. */
  readonly cardPaper: CardPaper
}

/** What stands until another is picked. */
export const USUAL_SETTINGS: DeviceSettings = {
  lengthUnit: 'in',
  temperatureUnit: 'F',
  look: 'device',
  hand: 'right',
  aims: USUAL_AIMS,
  cardPaper: 'a5',
}

const oneOf =
  <T extends string>(...values: readonly T[]) =>
  (text: string): T | null =>
    values.find((value) => value === text) ?? null

/** A setting as it was kept; null: no version of the app knows it. */
export const READ_SETTING: {
  readonly [K in keyof DeviceSettings]: (text: string) => DeviceSettings[K] | null
} = {
  lengthUnit: oneOf('in', 'mm'),
  temperatureUnit: oneOf('F', 'C'),
  look: oneOf('device', 'day', 'night'),
  hand: oneOf('right', 'left'),
  aims: readAims,
  cardPaper: oneOf(...(Object.keys(CARD_PAPERS) as CardPaper[])),
}

/** An order names each aim once. */
function readAims(text: string): readonly Aim[] | null {
  const kept = text.split(' ').flatMap((word) => AIMS.filter((aim) => aim === word))
  return kept.length === AIMS.length && new Set(kept).size === AIMS.length ? kept : null
}

export const keptText = (value: DeviceSettings[keyof DeviceSettings]): string =>
  typeof value === 'string' ? value : value.join(' ')

export const useDeviceSettings = create<DeviceSettings>(() => USUAL_SETTINGS)

export const setDeviceSetting = <K extends keyof DeviceSettings>(key: K, value: DeviceSettings[K]): void =>
  useDeviceSettings.setState({ [key]: value })
