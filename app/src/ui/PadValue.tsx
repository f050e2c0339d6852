// The figure of a pad as it stands. It has the focus first, so that typing and Enter do what they do in any field.
import { useEffect, useRef } from 'react'
import { View } from 'react-native'
import { useSheetShown } from './sheet-shown'
import { usePalette } from './theme'
import { Words } from './Words'

interface PadValueProps {
  readonly title: string
  readonly unit: string
  readonly text: string
  readonly isWrong: boolean
  readonly testID: string
}

export function PadValue({ title, unit, text, isWrong, testID }: PadValueProps) {
  const palette = usePalette()
  const field = useRef<View>(null)
  const isShown = useSheetShown()
  useEffect(() => {
    if (isShown) field.current?.focus()
  }, [isShown])
  return (
    <View
      ref={field}
      tabIndex={0}
      role="spinbutton"
      aria-label={`${title}, ${unit}`}
      aria-valuetext={text || 'empty'}
      style={{
        flexDirection: 'row',
        alignItems: 'baseline',
        gap: 8,
        borderBottomWidth: 3,
        borderColor: isWrong ? palette.stop : palette.ink,
        minHeight: 52,
      }}
    >
      <Words
        size="figure"
        testID={testID}
        live
        style={{ flex: 1, textAlign: 'right', opacity: text ? 1 : 0.55 }}
      >
        {text || '0'}
      </Words>
      <Words size="title" tone="quiet">
        {unit}
      </Words>
    </View>
  )
}
