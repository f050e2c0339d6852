// A figure to enter: what it is worth now, with what it is under it.
import { Tap } from './Tap'
import { usePalette } from './theme'
import { Words } from './Words'

interface FigureTapProps {
  readonly text: string
  readonly what: string
  /** For the ear, after what is in sight. */
  readonly more?: string
  readonly onPress: () => void
  readonly disabled?: boolean
  readonly testID?: string
}

export function FigureTap({ text, what, more, onPress, disabled, testID }: FigureTapProps) {
  const palette = usePalette()
  return (
    <Tap
      more={more}
      onPress={onPress}
      disabled={disabled}
      testID={testID}
      style={{
        borderRadius: 8,
        borderWidth: 1.5,
        borderColor: palette.ink,
        backgroundColor: palette.surface,
        paddingHorizontal: 10,
        paddingVertical: 5,
      }}
    >
      <Words size="strong" lines={2}>
        {text}
      </Words>
      <Words size="tiny" tone="quiet" lines={2}>
        {what}
      </Words>
    </Tap>
  )
}
