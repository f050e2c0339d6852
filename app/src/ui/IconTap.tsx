// The kit's icon button: an icon to press, with its meaning for the ear and, under a mouse, for the eye.
import { useLayoutEffect, useRef } from 'react'
import type { View } from 'react-native'
import { IconButton } from 'react-native-paper'
import type { IconName } from './Icon'
import { speak } from './spoken'
import { usePalette } from './theme'

interface IconTapProps {
  readonly icon: IconName
  /** What it does. */
  readonly label: string
  readonly onPress: () => void
  readonly disabled?: boolean
  readonly width?: number
  readonly testID?: string
}

export function IconTap({ icon, label, onPress, disabled, width = 48, testID }: IconTapProps) {
  const palette = usePalette()
  const ref = useRef<View>(null)
  useLayoutEffect(() => {
    // The kit gives out the box around it.
    const button = (ref.current as unknown as Element | null)?.querySelector('button')
    if (button) speak(button, { 'aria-disabled': disabled ? true : null, title: label })
  })
  return (
    <IconButton
      ref={ref}
      icon={icon}
      size={24}
      iconColor={disabled ? palette.edge : palette.ink}
      accessibilityLabel={label}
      onPress={disabled ? () => undefined : onPress}
      testID={testID}
      style={{ width, height: 48, margin: 0, borderRadius: 8 }}
    />
  )
}
