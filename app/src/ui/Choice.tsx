// A few exclusive choices side by side: the kit's segmented buttons where each is a word or two; cards where they have pictures or hints.
import { memo, useLayoutEffect, useRef, type ReactNode } from 'react'
import { View, type TextStyle } from 'react-native'
import { SegmentedButtons } from 'react-native-paper'
import { Group, Option } from './Group'
import { useRoving } from './roving'
import { speak } from './spoken'
import { usePalette } from './theme'
import type { Palette } from './palette'
import { sizeOf } from './type-sizes'
import { sameFields, useStable } from './use-stable'
import { Words } from './Words'

interface Named<T extends string> {
  readonly value: T
  readonly text: string
  readonly hint?: string
  readonly picture?: ReactNode
}

export interface ChoiceProps<T extends string> {
  readonly label: string
  readonly options: readonly Named<T>[]
  readonly value: T | null
  readonly onChange: (value: T) => void
  readonly testID?: string
}

export const Choice = <T extends string>(props: ChoiceProps<T>) =>
  props.options.some(({ hint, picture }) => hint !== undefined || picture !== undefined) ? (
    <Cards {...props} />
  ) : (
    <StableSegments {...props} />
  )

function StableSegments<T extends string>(props: ChoiceProps<T>) {
  const onChange = useStable(props.onChange)
  return <Segments {...props} onChange={onChange} />
}

/** The kit's buttons are slow to draw: only when they look otherwise. */
const Segments = memo(
  DrawnSegments,
  (before, now) =>
    sameFields({ ...before, options: null }, { ...now, options: null }) &&
    JSON.stringify(before.options) === JSON.stringify(now.options),
) as typeof DrawnSegments

function DrawnSegments<T extends string>({ label, options, value, onChange, testID }: ChoiceProps<T>) {
  const palette = usePalette()
  const box = useRef<View>(null)
  // The kit makes buttons of them that do not say which one is chosen.
  useLayoutEffect(() => {
    const buttons = (box.current as unknown as Element | null)?.querySelectorAll('button') ?? []
    options.forEach((option, i) => {
      const button = buttons[i]
      if (button) speak(button, { role: 'radio', 'aria-checked': option.value === value })
    })
  })
  return (
    <View ref={box}>
      <View {...useRoving('radio')} role="radiogroup" aria-label={label} testID={testID}>
        <SegmentedButtons<T>
          value={value as T}
          onValueChange={onChange}
          style={{ gap: 8 }}
          buttons={options.map((option) => segment(option, option.value === value, palette))}
        />
      </View>
    </View>
  )
}

/** Apart from each other, so that a glove hits one; the chosen one by a bold edge, not by colour. */
const segment = <T extends string>({ value, text }: Named<T>, on: boolean, palette: Palette) => ({
  value,
  label: text,
  checkedColor: palette.ink,
  uncheckedColor: palette.ink,
  style: {
    minWidth: 48,
    justifyContent: 'center' as const,
    ...WHOLE,
    borderWidth: on ? 3 : 1.5,
    borderEndWidth: on ? 3 : 1.5,
    borderColor: on ? palette.ink : palette.edge,
  },
  labelStyle: { ...sizeOf(on ? 'strong' : 'body'), ...LABEL },
})
/** The kit joins them: it takes the corners and edges between them away. */
const WHOLE = {
  borderTopLeftRadius: 8,
  borderTopRightRadius: 8,
  borderBottomLeftRadius: 8,
  borderBottomRightRadius: 8,
}
const LABEL = {
  flexShrink: 1,
  // With the kit's own 9 px above and below a line is 48 px high.
  marginVertical: 3.5,
  marginHorizontal: -8,
  whiteSpace: 'pre-wrap',
  overflow: 'visible',
} as TextStyle

function Cards<T extends string>({ label, options, value, onChange, testID }: ChoiceProps<T>) {
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
