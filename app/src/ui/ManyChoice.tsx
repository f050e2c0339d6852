// One of five or more, in as many rows as they need: side by side they would be too narrow for a thumb.
import { Group, Option } from './Group'
import { Words } from './Words'

interface ManyChoiceProps<T extends string> {
  readonly label: string
  readonly options: readonly { readonly value: T; readonly text: string }[]
  readonly value: T | null
  readonly onChange: (value: T) => void
  /** Two of a width beside each other, in place of each as wide as its word. */
  readonly inPairs?: boolean
  readonly testID?: string
}

export function ManyChoice<T extends string>({
  label,
  options,
  value,
  onChange,
  inPairs = false,
  testID,
}: ManyChoiceProps<T>) {
  return (
    <Group
      label={label}
      testID={testID}
      {...(inPairs ? { columns: 2 } : {})}
      style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}
    >
      {options.map((option) => (
        <Option
          key={option.value}
          selected={value === option.value}
          label={option.text}
          onPress={() => onChange(option.value)}
          style={[
            { alignItems: 'center', justifyContent: 'center', paddingHorizontal: inPairs ? 8 : 14 },
            inPairs ? { flexGrow: 1, flexBasis: '44%' } : null,
          ]}
        >
          <Words size={value === option.value ? 'strong' : 'body'}>{option.text}</Words>
        </Option>
      ))}
    </Group>
  )
}
