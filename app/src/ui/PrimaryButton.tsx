// The one next action, named for what it does; and its quieter sister for everything else.
import { View, type GestureResponderEvent } from 'react-native'
import { Icon, type IconName } from './Icon'
import { Tap } from './Tap'
import type { Palette } from './palette'
import { takeTap, useResting } from './tap-rest'
import { usePalette } from './theme'
import { Words } from './Words'

interface ButtonProps {
  readonly text: string
  readonly onPress: () => void
  readonly disabled?: boolean
  readonly testID?: string
  readonly icon?: IconName
}

export function PrimaryButton({ text, onPress, disabled, testID, icon }: ButtonProps) {
  const palette = usePalette()
  const resting = useResting()
  return (
    <Tap
      onPress={(event) => void ((isByKey(event) || takeTap(tappedAt(event))) && onPress())}
      disabled={disabled}
      resting={resting}
      testID={testID}
      label={text}
      style={{
        minHeight: 58,
        borderRadius: 10,
        alignItems: 'center',
        paddingHorizontal: 16,
        ...(disabled ? waits(palette) : { backgroundColor: palette.action }),
      }}
    >
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: 10 }}>
        {icon ? <Icon name={icon} color={disabled ? palette.quiet : palette.onAction} /> : null}
        <Words size="strong" tone={disabled ? 'quiet' : 'onAction'} style={{ fontSize: 19 }}>
          {text}
        </Words>
      </View>
    </Tap>
  )
}

/** What cannot be pressed yet: dashed, its words as readable as any. */
const waits = (palette: Palette) =>
  ({
    borderWidth: 2,
    borderStyle: 'dashed',
    borderColor: palette.edge,
    backgroundColor: palette.ground,
  }) as const

/** By keyboard, or by what reads the screen aloud: neither bounces, and a browser counts no clicks of theirs. */
export const isByKey = ({ nativeEvent }: GestureResponderEvent): boolean =>
  'key' in nativeEvent || ('detail' in nativeEvent && nativeEvent.detail === 0)

/** When the finger tapped, ms on the page's clock; not when the page came to it. */
export const tappedAt = ({ nativeEvent }: GestureResponderEvent): number =>
  // A click has the browser's own name for it, a touch React Native's.
  'timeStamp' in nativeEvent ? Number(nativeEvent.timeStamp) : nativeEvent.timestamp

export function QuietButton({ text, onPress, disabled, testID, icon }: ButtonProps) {
  const palette = usePalette()
  return (
    <Tap
      onPress={onPress}
      disabled={disabled}
      testID={testID}
      label={text}
      style={{
        minHeight: 52,
        borderRadius: 10,
        borderWidth: 2,
        borderColor: palette.ink,
        alignItems: 'center',
        paddingHorizontal: 14,
        ...(disabled ? waits(palette) : {}),
      }}
    >
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: 8 }}>
        {icon ? <Icon name={icon} color={disabled ? palette.quiet : palette.ink} size={22} /> : null}
        <Words size="strong" tone={disabled ? 'quiet' : 'ink'}>
          {text}
        </Words>
      </View>
    </Tap>
  )
}
