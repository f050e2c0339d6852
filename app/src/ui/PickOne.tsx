// A closed row that opens into a list of choices: for more than three.
import { useState } from 'react'
import { View } from 'react-native'
import { Icon } from './Icon'
import { Tap } from './Tap'
import { usePalette } from './theme'
import { Words } from './Words'
import { Group, Option } from './Group'

export interface PickOneProps {
  readonly label: string
  readonly options: readonly { readonly value: string; readonly text: string }[]
  readonly value: string
  readonly onPick: (value: string) => void
  readonly testID?: string
}

export function PickOne({ label, options, value, onPick, testID }: PickOneProps) {
  const palette = usePalette()
  const [open, setOpen] = useState(false)
  const chosen = options.find((o) => o.value === value)?.text ?? (value || 'not picked')
  return (
    <View style={{ gap: 4 }} testID={testID}>
      <Tap
        onPress={() => setOpen(!open)}
        expanded={open}
        style={{ borderWidth: 1.5, borderColor: palette.edge, borderRadius: 8, paddingHorizontal: 10 }}
      >
        <View style={{ flexDirection: 'row', alignItems: 'center', gap: 8 }}>
          <Words size="small" tone="quiet" style={{ flex: 1 }}>
            {label}
          </Words>
          <Words size="strong" style={{ flexShrink: 1 }}>
            {chosen}
          </Words>
          <Icon name={open ? 'up' : 'down'} color={palette.ink} />
        </View>
      </Tap>
      {open ? (
        <Group label={label} style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
          {options.map((option) => (
            <Option
              key={option.value}
              selected={option.value === value}
              label={option.text}
              onPress={() => {
                onPick(option.value)
                setOpen(false)
              }}
              style={{
                paddingHorizontal: 12,
                backgroundColor: palette.surface,
              }}
            >
              <Words size="small">{option.text}</Words>
            </Option>
          ))}
        </Group>
      ) : null}
    </View>
  )
}
