// The first stop of the Tab key: past the header and the rail, to the stage itself. In sight only while it has the focus (base.css).
import { Tap } from '../../ui/Tap'
import { usePalette } from '../../ui/theme'
import { Words } from '../../ui/Words'

const toStage = () =>
  document
    .querySelector<HTMLElement>('[role="main"] [role="heading"][tabindex="-1"], main h1, main h2')
    ?.focus()

export function SkipLink() {
  const palette = usePalette()
  return (
    <Tap
      label="Skip to the stage"
      onPress={toStage}
      testID="skip"
      style={{
        position: 'absolute',
        zIndex: 1,
        left: 8,
        top: 4,
        paddingHorizontal: 14,
        borderWidth: 2,
        borderRadius: 8,
        borderColor: palette.ink,
        backgroundColor: palette.surface,
      }}
    >
      <Words size="strong">Skip to the stage</Words>
    </Tap>
  )
}
