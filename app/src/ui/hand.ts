// What a thumb reaches for stands on the side of the hand that holds the device.
import { useDeviceSettings } from './device-settings'

/** The direction of a row of things to press; of a row that is read, never. */
export const useThumbRow = (): 'row' | 'row-reverse' =>
  useDeviceSettings((s) => (s.hand === 'left' ? 'row-reverse' : 'row'))
