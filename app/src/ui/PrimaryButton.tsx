// The one next action, named for what it does; and its quieter sister for everything else.
import { View, type GestureResponderEvent } from 'react-native'
import { Icon, type IconName } from './Icon'
import { Tap } from './Tap'
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
      onPress={(event) => void ((isByKey(event) || takeTap()) && onPress())}
      disabled={disabled}
      resting={resting}
      testID={testID}
      label={text}
      style={{
        minHeight: 58,
        borderRadius: 10,
        backgroundColor: palette.action,
        alignItems: 'center',
        paddingHorizontal: 16,
      }}
    >
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: 10 }}>
        {icon ? <Icon name={icon} color={palette.onAction} /> : null}
        <Words size="strong" tone="onAction" style={{ fontSize: 19 }}>
          {text}
        </Words>
      </View>
    </Tap>
  )
}

/** By keyboard, or by what reads the screen aloud: neither bounces, and a browser counts no clicks of theirs. */
const isByKey = ({ nativeEvent }: GestureResponderEvent): boolean =>
  'key' in nativeEvent || ('detail' in nativeEvent && nativeEvent.detail === 0)

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
      }}
    >
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: 8 }}>
        {icon ? <Icon name={icon} color={palette.ink} size={22} /> : null}
        <Words size="strong">{text}</Words>
      </View>
    </Tap>
  )
}
