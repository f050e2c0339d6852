// The kit's button in the app's three weights: the one next action, named for what it does; its quieter sister for everything else; and a
// small one for a row of several.
import { useRef } from 'react'
import type { GestureResponderEvent, TextStyle, View, ViewStyle } from 'react-native'
import { Button } from 'react-native-paper'
import { Icon, type IconName } from './Icon'
import type { Palette } from './palette'
import { isByKey, tappedAt } from './pressed'
import { readReason, useReason } from './reason'
import { useSpoken, waiting } from './spoken'
import { takeTap, useResting } from './tap-rest'
import { usePalette } from './theme'
import { sizeOf, type TextSize } from './type-sizes'

interface ButtonProps {
  readonly text: string
  readonly onPress: () => void
  readonly disabled?: boolean
  readonly testID?: string
  readonly icon?: IconName
}

export function PrimaryButton(props: ButtonProps) {
  const palette = usePalette()
  const resting = useResting()
  const { onPress } = props
  return (
    <Base
      {...props}
      mode="contained"
      resting={resting}
      onPress={(event) => void ((isByKey(event) || takeTap(tappedAt(event))) && onPress())}
      color={palette.onAction}
      ground={palette.action}
      size="action"
      height={58}
    />
  )
}

export function QuietButton(props: ButtonProps) {
  const palette = usePalette()
  return (
    <Base
      {...props}
      mode="outlined"
      color={palette.ink}
      size="strong"
      height={48}
      style={{ borderWidth: 2, borderColor: palette.ink }}
    />
  )
}

export interface SmallButtonProps extends ButtonProps {
  /** What the eye has from the place; it begins with the words in sight. */
  readonly label?: string
  /** Of one that is on or off. */
  readonly selected?: boolean
  /** The first, or the one that is done: its edge is bold. */
  readonly bold?: boolean
  /** Something is still to be put there. */
  readonly empty?: boolean
}

export function SmallButton({ selected, bold = selected, empty, ...props }: SmallButtonProps) {
  const palette = usePalette()
  return (
    <Base
      {...props}
      mode="outlined"
      selected={selected}
      color={palette.ink}
      ground={bold ? palette.surface : undefined}
      size={bold ? 'strong' : 'small'}
      height={48}
      style={{
        borderRadius: 8,
        borderWidth: bold ? 3 : 1.5,
        borderColor: bold || empty ? palette.ink : palette.edge,
        borderStyle: empty ? 'dashed' : 'solid',
      }}
    />
  )
}

interface BaseProps extends Omit<ButtonProps, 'onPress'> {
  readonly onPress: (event: GestureResponderEvent) => void
  readonly mode: 'contained' | 'outlined'
  readonly color: string
  readonly ground?: string
  readonly size: TextSize
  /** Of what is pressed, px. */
  readonly height: number
  readonly style?: ViewStyle
  readonly label?: string
  readonly selected?: boolean
  readonly resting?: boolean
}

/** The kit's labels keep to one line and end in dots; ours say all they have to say. */
const WRAPS = {
  flexShrink: 1,
  marginHorizontal: 0,
  marginVertical: 0,
  whiteSpace: 'pre-wrap',
  overflow: 'visible',
} as TextStyle

/** The kit draws the icon 16 px into the label's margin. */
const BESIDE_ICON: TextStyle = { marginLeft: 16 + 8 }

function Base(props: BaseProps) {
  const { text, onPress, disabled, testID, icon, mode, size, height, style, label, selected } = props
  const palette = usePalette()
  const reason = useReason()
  const ref = useRef<View>(null)
  useSpoken(ref, {
    ...waiting(disabled || props.resting, disabled ? reason : null),
    'aria-pressed': selected,
  })
  const color = disabled ? palette.quiet : props.color
  return (
    <Button
      mode={mode}
      touchableRef={ref as never}
      // It stays in reach of a keyboard and an ear: they must hear that it is there, and why it waits.
      onPress={disabled ? () => readReason(reason) : onPress}
      accessibilityLabel={label}
      testID={testID}
      icon={icon ? () => <Icon name={icon} color={color} /> : undefined}
      textColor={color}
      buttonColor={disabled ? palette.ground : props.ground}
      style={[{ minWidth: 48, justifyContent: 'center' }, style, disabled ? waits(palette) : null]}
      contentStyle={{ minHeight: height, paddingLeft: icon ? 0 : 12, paddingRight: 12 }}
      labelStyle={[sizeOf(size), WRAPS, icon ? BESIDE_ICON : null]}
    >
      {text}
    </Button>
  )
}

/** What cannot be pressed yet: dashed, its words as readable as any. */
const waits = (palette: Palette): ViewStyle => ({
  borderWidth: 2,
  borderStyle: 'dashed',
  borderColor: palette.edge,
})
