// A few exclusive choices side by side.
import type { ReactNode } from 'react'
import { Words } from './Words'
import { Group, Option } from './Group'

export interface ChoiceProps<T extends string> {
  readonly label: string
  readonly options: readonly {
    readonly value: T
    readonly text: string
    readonly hint?: string
    readonly picture?: ReactNode
  }[]
  readonly value: T | null
  readonly onChange: (value: T) => void
  readonly testID?: string
}

export function Choice<T extends string>({ label, options, value, onChange, testID }: ChoiceProps<T>) {
  return (
    <Group label={label} style={{ flexDirection: 'row', gap: 8 }} testID={testID}>
      {options.map((option) => {
        const on = option.value === value
        return (
          <Option
            key={option.value}
            selected={on}
            label={option.hint ? `${option.text}, ${option.hint}` : option.text}
            onPress={() => onChange(option.value)}
            style={{
              flex: 1,
              paddingHorizontal: 8,
              paddingVertical: 6,
              alignItems: 'center',
            }}
          >
            {option.picture}
            <Words size={on ? 'strong' : 'body'} style={{ textAlign: 'center' }}>
              {option.text}
            </Words>
            {option.hint ? (
              <Words size="tiny" tone="quiet" style={{ textAlign: 'center' }}>
                {option.hint}
              </Words>
            ) : null}
          </Option>
        )
      })}
    </Group>
  )
}
