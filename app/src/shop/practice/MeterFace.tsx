// The meter in the hand: a display, the dial, and where its probes are.
import { View } from 'react-native'
import type { BenchOutput } from '@oak/core/operations/practice-round'
import { useReadingText } from '../../parts/meter/units'
import { Choice } from '../../ui/Choice'
import { usePalette } from '../../ui/theme'
import { Words } from '../../ui/Words'
import type { Probes } from './BenchPicture'
import { DIALS, spotText, type Dial } from './practice-model'

interface MeterFaceProps {
  readonly bench: BenchOutput
  readonly dial: Dial
  readonly probes: Probes
  readonly value: number | 'OL' | null
  readonly onDial: (dial: Dial) => void
}

/** What is to be touched next, or what is touched. */
function probeWords(bench: BenchOutput, dial: Dial, [red, black]: Probes): string {
  if (dial === 'amps')
    return red ? `Clamp round ${spotText(bench, red)}` : 'Tap a lead: the clamp goes round it.'
  if (red === null) return 'Tap where the red probe goes.'
  if (black === null) return `Red on ${spotText(bench, red)}. Tap where the black one goes.`
  return `${spotText(bench, red)} to ${spotText(bench, black)}`
}

export function MeterFace({ bench, dial, probes, value, onDial }: MeterFaceProps) {
  const palette = usePalette()
  const text = useReadingText()
  return (
    <View style={{ gap: 8 }} testID="meter">
      <View
        style={{
          flexDirection: 'row',
          alignItems: 'center',
          gap: 12,
          borderWidth: 3,
          borderColor: palette.ink,
          borderRadius: 12,
          backgroundColor: palette.surface,
          paddingHorizontal: 12,
          minHeight: 58,
        }}
      >
        <Words testID="meter-shows" live size="figure" lines={1} style={{ minWidth: 132 }}>
          {value === null ? '– –' : text({ quantity: dial, value })}
        </Words>
        <Words size="small" style={{ flex: 1 }} lines={3} testID="meter-at" live>
          {probeWords(bench, dial, probes)}
        </Words>
      </View>
      <Choice<Dial>
        label="The meter’s dial"
        testID="dial"
        value={dial}
        onChange={onDial}
        options={DIALS.map(({ value: to, text }) => ({ value: to, text }))}
      />
    </View>
  )
}
