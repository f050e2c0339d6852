// The charge left in the can, as a level that falls: full is the peak it may start from, the mark is 50 V.
import Svg, { G, Line, Path, Rect } from 'react-native-svg'
import { SAFE_VOLTS } from '@oak/core/capacitor/discharge'
import { usePalette } from '../../ui/theme'

const HEIGHT = 132
const WIDTH = 96

export function ChargePicture({
  share,
  startVolts,
}: {
  readonly share: number
  readonly startVolts: number
}) {
  const palette = usePalette()
  const inner = HEIGHT - 34
  const level = inner * Math.min(1, Math.max(0, share))
  const mark = 24 + inner * (1 - Math.min(1, SAFE_VOLTS / startVolts))
  return (
    <Svg width={WIDTH} height={HEIGHT} aria-hidden>
      <Rect x={30} y={4} width={10} height={14} rx={2} fill={palette.ink} />
      <Rect x={56} y={4} width={10} height={14} rx={2} fill={palette.ink} />
      <Rect
        x={14}
        y={18}
        width={68}
        height={HEIGHT - 22}
        rx={10}
        fill={palette.surface}
        stroke={palette.ink}
        strokeWidth={3}
      />
      <G>
        <Rect x={20} y={24 + inner - level} width={56} height={level} rx={5} fill={palette.stop} />
        {[...Array(9).keys()].map((i) => (
          <Line
            key={i}
            x1={20}
            y1={24 + inner - level + i * 14}
            x2={76}
            y2={24 + inner - level + i * 14 - 10}
            stroke={palette.ground}
            strokeWidth={2}
            strokeOpacity={i * 14 < level ? 0.55 : 0}
          />
        ))}
      </G>
      <Path d={`M14 ${mark}H82`} stroke={palette.ink} strokeWidth={2} strokeDasharray="5 4" />
    </Svg>
  )
}
