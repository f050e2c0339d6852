// A thing to press: 48 px at least, keyboard and screen reader included.
import type { ReactNode } from 'react'
import { Pressable, type GestureResponderEvent, type StyleProp, type ViewStyle } from 'react-native'
import { usePalette } from './theme'

export interface TapProps {
  readonly children: ReactNode
  readonly onPress: (event: GestureResponderEvent) => void
  readonly label?: string
  readonly selected?: boolean
  readonly disabled?: boolean
  /** Takes no tap for a moment; it looks as ever. */
  readonly resting?: boolean
  readonly style?: StyleProp<ViewStyle>
  readonly testID?: string
  readonly role?: 'button' | 'radio' | 'tab' | 'link' | 'checkbox'
}

export function Tap({
  children,
  onPress,
  label,
  selected,
  disabled,
  resting,
  style,
  testID,
  role = 'button',
}: TapProps) {
  const palette = usePalette()
  const state = spokenState(role, selected)
  return (
    <Pressable
      onPress={onPress}
      role={role}
      aria-label={label}
      disabled={disabled || resting}
      testID={testID}
      style={({ pressed }) => [
        {
          minHeight: 48,
          minWidth: 48,
          justifyContent: 'center',
          opacity: disabled ? 0.55 : 1,
          backgroundColor: pressed ? palette.line : undefined,
        },
        style,
      ]}
      {...state}
    >
      {children}
    </Pressable>
  )
}

/** What a screen reader says of its state: checked, selected or pressed, by what it is. */
function spokenState(role: TapProps['role'], selected: boolean | undefined) {
  if (role === 'radio' || role === 'checkbox') return { 'aria-checked': selected ?? false }
  if (role === 'tab') return { 'aria-selected': selected ?? false }
  return selected === undefined ? {} : { 'aria-pressed': selected }
}
