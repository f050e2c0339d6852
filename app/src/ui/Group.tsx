// A group with one Tab stop, and an option in it: a thing of which one is chosen.
import type { ReactNode } from 'react'
import { View, type StyleProp, type ViewStyle } from 'react-native'
import { useRoving, type RovingRole } from './roving'
import { Tap, type TapProps } from './Tap'
import { usePalette } from './theme'

interface GroupProps {
  readonly label: string
  /** What it holds: choices, or buttons of which each does its own. */
  readonly holds?: Extract<RovingRole, 'radio' | 'button'>
  /** In rows of so many, for the keys up and down. */
  readonly columns?: number
  /** What it holds may still change places. */
  readonly busy?: boolean
  readonly children: ReactNode
  readonly style?: StyleProp<ViewStyle>
  readonly testID?: string
}

export function Group({ label, holds = 'radio', columns, busy, children, style, testID }: GroupProps) {
  const roving = useRoving(holds, columns)
  return (
    <View
      {...roving}
      role={holds === 'radio' ? 'radiogroup' : 'group'}
      aria-label={label}
      aria-busy={busy}
      style={style}
      testID={testID}
    >
      {children}
    </View>
  )
}

/** One of a group: a bold edge when it is chosen. */
export function Option({ selected, style, ...rest }: Omit<TapProps, 'role'>) {
  const palette = usePalette()
  return (
    <Tap
      {...rest}
      role="radio"
      selected={selected}
      style={[
        {
          borderRadius: 8,
          borderWidth: selected ? 3 : 1.5,
          borderColor: selected ? palette.ink : palette.edge,
          backgroundColor: selected ? palette.surface : undefined,
        },
        style,
      ]}
    />
  )
}
