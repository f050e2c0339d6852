// The head of a page, on the kit's Appbar: the way back, what the page is, and what can be done from anywhere on it.
import type { ReactNode } from 'react'
import type { ViewStyle } from 'react-native'
import { Appbar } from 'react-native-paper'
import { useThumbRow } from './hand'
import { IconTap } from './IconTap'
import { usePalette } from './theme'

interface TopBarProps {
  readonly back: { readonly label: string; readonly onPress: () => void; readonly testID: string }
  readonly children: ReactNode
  readonly style?: ViewStyle
  readonly role?: 'banner'
}

export function TopBar({ back, children, style, role }: TopBarProps) {
  const palette = usePalette()
  return (
    <Appbar
      role={role}
      style={{
        // The kit's 64 px are a seventh of a low screen.
        height: 'auto',
        minHeight: 50,
        backgroundColor: palette.ground,
        flexDirection: useThumbRow(),
        gap: 8,
        paddingHorizontal: 8,
        ...style,
      }}
    >
      <IconTap icon="back" label={back.label} onPress={back.onPress} testID={back.testID} width={52} />
      {children}
    </Appbar>
  )
}
