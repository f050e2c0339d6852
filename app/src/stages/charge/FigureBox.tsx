// One figure of the glance as a box to press: dashed until it is read.
import { figure } from '@oak/core/quantity/display'
import { Tap } from '../../ui/Tap'
import { usePalette } from '../../ui/theme'
import { Words } from '../../ui/Words'
import { useDegrees } from '../../parts/meter/units'
import { CHARGE_NAMES, readAs, type ChargeKey } from './charge-figures'

interface FigureBoxProps {
  readonly name: ChargeKey
  readonly value: number | undefined
  readonly onPress: (key: ChargeKey) => void
}

export function FigureBox({ name: key, value, onPress }: FigureBoxProps) {
  const palette = usePalette()
  const { name, unit } = CHARGE_NAMES[key]
  const degrees = useDegrees()
  return (
    <Tap
      testID={`charge-${key}`}
      more={value === undefined ? 'not read' : undefined}
      onPress={() => onPress(key)}
      style={{
        flex: 1,
        minHeight: 54,
        borderRadius: 8,
        borderWidth: 2,
        borderStyle: value === undefined ? 'dashed' : 'solid',
        borderColor: palette.ink,
        backgroundColor: palette.surface,
        alignItems: 'center',
      }}
    >
      <Words size="strong">
        {value === undefined ? '–' : figure(readAs(key, value, degrees), 1)} {unit ?? `°${degrees}`}
      </Words>
      <Words size="tiny" tone="quiet">
        {name}
      </Words>
    </Tap>
  )
}
