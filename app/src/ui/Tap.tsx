// A thing to press: 48 px at least, keyboard and screen reader included.
import { useLayoutEffect, useRef, type ReactNode, type RefObject } from 'react'
import {
  Pressable,
  Text,
  type View,
  type GestureResponderEvent,
  type StyleProp,
  type ViewStyle,
} from 'react-native'
import { readReason, useReason } from './reason'
import { usePalette } from './theme'
import { UNSEEN } from './unseen'

export interface TapProps {
  readonly children: ReactNode
  readonly onPress: (event: GestureResponderEvent) => void
  /** What an icon means, for the ear. A thing with words on it has them for its name, and `more` after them. */
  readonly label?: string
  /** For the ear, after the words in sight: what the eye has from the place. */
  readonly more?: string
  readonly selected?: boolean
  /** Of what opens and closes something under it. */
  readonly expanded?: boolean
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
  more,
  selected,
  expanded,
  disabled,
  resting,
  style,
  testID,
  role = 'button',
}: TapProps) {
  const palette = usePalette()
  const reason = useReason()
  const ref = useRef<View>(null)
  useWaiting(ref, disabled || resting)
  const state = spokenState(role, selected)
  return (
    <Pressable
      ref={ref}
      // It stays in reach of a keyboard and an ear: they must hear that it is there, and why it waits.
      onPress={disabled ? () => readReason(reason) : onPress}
      role={role}
      aria-label={label}
      aria-expanded={expanded}
      testID={testID}
      style={({ pressed }) => [
        {
          minHeight: 48,
          minWidth: 48,
          justifyContent: 'center',
          cursor: disabled ? 'auto' : undefined,
          backgroundColor: pressed && !disabled ? palette.line : undefined,
        },
        style,
      ]}
      {...state}
      {...(disabled && reason ? ({ 'aria-describedby': reason } as object) : {})}
    >
      {children}
      {more ? <Text style={UNSEEN}>, {more}</Text> : null}
    </Pressable>
  )
}

/** `aria-disabled`, set by hand: React Native's web makes a disabled button of it, and keyboards pass those over. */
export function useWaiting(ref: RefObject<View | null>, waits = false): void {
  // Before it is painted: what waits must not look ready for even one tap.
  useLayoutEffect(() => {
    const element = ref.current as unknown as Element | null
    if (waits) element?.setAttribute('aria-disabled', 'true')
    else element?.removeAttribute('aria-disabled')
  }, [ref, waits])
}

/** What a screen reader says of its state: checked, selected or pressed, by what it is. */
function spokenState(role: TapProps['role'], selected: boolean | undefined) {
  if (role === 'radio' || role === 'checkbox') return { 'aria-checked': selected ?? false }
  if (role === 'tab') return { 'aria-selected': selected ?? false }
  return selected === undefined ? {} : { 'aria-pressed': selected }
}
