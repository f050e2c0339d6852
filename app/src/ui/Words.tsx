// Text in the app's few sizes and voices.
import type { ReactNode, Ref } from 'react'
import { Text, type StyleProp, type TextStyle } from 'react-native'
import type { Palette } from './palette'
import { usePalette } from './theme'
import { sizeOf, type TextSize } from './type-sizes'

export interface WordsProps {
  readonly children: ReactNode
  readonly size?: TextSize
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
  const look = {
    ...sizeOf(size, fixed),
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
