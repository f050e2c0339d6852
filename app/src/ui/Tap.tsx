// A thing to press that has a picture, or more than its name on it: 48 px at least, keyboard and screen reader included.
import { useRef, type ReactNode } from 'react'
import { Text, type View, type GestureResponderEvent, type StyleProp, type ViewStyle } from 'react-native'
import { TouchableRipple } from 'react-native-paper'
import { readReason, useReason } from './reason'
import { useSpoken, waiting } from './spoken'
import { usePalette } from './theme'
import { UNSEEN } from './unseen'

export interface TapProps {
  readonly children: ReactNode
  readonly onPress: (event: GestureResponderEvent) => void
  /** A finger came down on it. Whether it presses is told when it comes up. */
  readonly onAim?: () => void
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
  onAim,
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
  useSpoken(ref, waiting(disabled || resting, disabled ? reason : null))
  const state = spokenState(role, selected)
  return (
    <TouchableRipple
      ref={ref}
      // It stays in reach of a keyboard and an ear: they must hear that it is there, and why it waits.
      onPress={disabled ? () => readReason(reason) : onPress}
      onPointerDown={onAim}
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
    >
      {/* The kit takes one child. */}
      <>
        {children}
        {more ? <Text style={UNSEEN}>, {more}</Text> : null}
      </>
    </TouchableRipple>
  )
}

/** What a screen reader says of its state: checked, selected or pressed, by what it is. */
function spokenState(role: TapProps['role'], selected: boolean | undefined) {
  if (role === 'radio' || role === 'checkbox') return { 'aria-checked': selected ?? false }
  if (role === 'tab') return { 'aria-selected': selected ?? false }
  return selected === undefined ? {} : { 'aria-pressed': selected }
}
