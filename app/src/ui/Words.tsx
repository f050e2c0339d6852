// Text in the app's few sizes and voices. Nothing below 13 px: it is read in the sun.
import type { ReactNode, Ref } from 'react'
import { Text, type StyleProp, type TextStyle } from 'react-native'
import type { Palette } from './palette'
import { TEXT_SCALE } from './text-scale'
import { FONT, usePalette } from './theme'

const SIZES = {
  tiny: { fontSize: 13, lineHeight: 16, fontWeight: '500' },
  small: { fontSize: 15, lineHeight: 20, fontWeight: '450' },
  body: { fontSize: 17, lineHeight: 23, fontWeight: '450' },
  strong: { fontSize: 17, lineHeight: 23, fontWeight: '700' },
  title: { fontSize: 22, lineHeight: 27, fontWeight: '700' },
  large: { fontSize: 30, lineHeight: 34, fontWeight: '750' },
  figure: { fontSize: 36, lineHeight: 40, fontWeight: '700' },
} as const

export interface WordsProps {
  readonly children: ReactNode
  readonly size?: keyof typeof SIZES
  readonly tone?: 'ink' | 'quiet' | 'action' | 'onAction' | 'proven' | 'watch' | 'stop' | 'cannotTell'
  readonly style?: StyleProp<TextStyle>
  readonly lines?: number
  /** Of a picture's own label: as large as the picture has room for, whatever the device is set to. */
  readonly fixed?: boolean
  readonly heading?: 1 | 2 | 3
  readonly testID?: string
  /** Of a heading that can be given the focus; it is no stop of the Tab key. */
  readonly focusRef?: Ref<Text>
  /** Announced when it changes. */
  readonly live?: boolean
  /** For the eye only: what it stands over says the same to the ear. */
  readonly unheard?: boolean
}

export function Words({
  children,
  size = 'body',
  tone = 'ink',
  style,
  lines,
  heading,
  testID,
  fixed,
  focusRef,
  live,
  unheard,
}: WordsProps) {
  const palette: Palette = usePalette()
  const scale = fixed ? 1 : TEXT_SCALE
  const look = {
    ...SIZES[size],
    fontSize: SIZES[size].fontSize * scale,
    lineHeight: SIZES[size].lineHeight * scale,
    fontFamily: FONT,
    color: palette[tone],
    fontVariant: ['tabular-nums'],
  } as TextStyle
  return (
    <Text
      style={[look, style]}
      numberOfLines={lines}
      testID={testID}
      {...(focusRef ? ({ ref: focusRef, tabIndex: -1 } as object) : {})}
      {...(heading ? { role: 'heading' as const, 'aria-level': heading } : {})}
      aria-hidden={unheard}
      {...(live ? { 'aria-live': 'polite' as const } : {})}
    >
      {children}
    </Text>
  )
}
