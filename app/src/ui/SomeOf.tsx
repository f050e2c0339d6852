// Some of a few: each is pressed on and off by itself.
import { View } from 'react-native'
import { Icon } from './Icon'
import { Tap } from './Tap'
import { usePalette } from './theme'
import { Words } from './Words'

interface SomeOfProps<T extends string> {
  readonly label: string
  readonly options: readonly { readonly value: T; readonly text: string }[]
  readonly chosen: readonly T[]
  readonly onToggle: (value: T) => void
  readonly testID?: string
}

export function SomeOf<T extends string>({ label, options, chosen, onToggle, testID }: SomeOfProps<T>) {
  const palette = usePalette()
  return (
    <View
      role="group"
      aria-label={label}
      testID={testID}
      style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}
    >
      {options.map(({ value, text }) => {
        const on = chosen.includes(value)
        return (
          <Tap
            key={value}
            role="checkbox"
            selected={on}
            onPress={() => onToggle(value)}
            style={{
              flexGrow: 1,
              borderRadius: 8,
              borderWidth: on ? 3 : 1.5,
              borderColor: on ? palette.ink : palette.edge,
              backgroundColor: on ? palette.surface : undefined,
              paddingHorizontal: 10,
            }}
          >
            <View style={{ flexDirection: 'row', gap: 6, alignItems: 'center', justifyContent: 'center' }}>
              {on ? <Icon name="check" size={18} color={palette.ink} /> : null}
              <Words size={on ? 'strong' : 'body'}>{text}</Words>
            </View>
          </Tap>
        )
      })}
    </View>
  )
}
