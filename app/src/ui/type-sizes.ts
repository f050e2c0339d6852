// The app's few sizes of type, px before the device's own scale. Nothing below 13: it is read in the sun.
import type { TextStyle } from 'react-native'
import { TEXT_SCALE } from './text-scale'

export const FONT = 'Hyperlegible, system-ui, sans-serif'

export const SIZES = {
  tiny: { fontSize: 13, lineHeight: 16, fontWeight: '500' },
  small: { fontSize: 15, lineHeight: 20, fontWeight: '450' },
  body: { fontSize: 17, lineHeight: 23, fontWeight: '450' },
  strong: { fontSize: 17, lineHeight: 23, fontWeight: '700' },
  action: { fontSize: 19, lineHeight: 25, fontWeight: '700' },
  title: { fontSize: 22, lineHeight: 27, fontWeight: '700' },
  large: { fontSize: 30, lineHeight: 34, fontWeight: '750' },
  figure: { fontSize: 36, lineHeight: 40, fontWeight: '700' },
} as const
export type TextSize = keyof typeof SIZES

/** As large as the device asks for; `fixed`: as large as a picture has room for. */
export function sizeOf(size: TextSize, fixed = false): TextStyle {
  const scale = fixed ? 1 : TEXT_SCALE
  const { fontSize, lineHeight, fontWeight } = SIZES[size]
  // The type is variable: it has weights between the hundreds, which React Native's types do not know.
  const weight = fontWeight as '500'
  return { fontSize: fontSize * scale, lineHeight: lineHeight * scale, fontWeight: weight, fontFamily: FONT }
}
