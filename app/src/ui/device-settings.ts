// What is set on this device and for it alone. Where it is kept, platform/state knows.
import { create } from 'zustand'

/** Inches with fractions, or millimetres. */
export type LengthUnit = 'in' | 'mm'
/** `device`: as the device itself stands. */
export type Look = 'device' | 'day' | 'night'

export interface DeviceSettings {
  readonly lengthUnit: LengthUnit
  readonly look: Look
}

export const SETTING_VALUES: {
  readonly [K in keyof DeviceSettings]: readonly [DeviceSettings[K], ...DeviceSettings[K][]]
} = { lengthUnit: ['in', 'mm'], look: ['device', 'day', 'night'] }

/** The first value of each is what stands until another is picked. */
export const useDeviceSettings = create<DeviceSettings>(() => ({ lengthUnit: 'in', look: 'device' }))

export const setDeviceSetting = <K extends keyof DeviceSettings>(key: K, value: DeviceSettings[K]): void =>
  useDeviceSettings.setState({ [key]: value })
