// Readings after the work as small charts: the stretch that is right, and where the reading stands.
import { View } from 'react-native'
import Svg, { Path, Rect } from 'react-native-svg'
import { GAUGE_WORDS, gaugeShares, type Gauge } from '@oak/core/job/report/gauges'
import { Words } from '../../ui/Words'

/** Paper is white by night too. */
const INK = '#17130e'
const STRETCH = '#cfc8b8'
const WIDTH = 300
const HEIGHT = 24
const LINE = 14

export function Gauges({ gauges }: { readonly gauges: readonly Gauge[] }) {
  return (
    <View style={{ gap: 8 }} testID="report-gauges">
      {gauges.map((gauge) => (
        <View key={gauge.id}>
          <Words size="small" style={{ color: INK }}>
            {gauge.name}
          </Words>
          <Words size="small" style={{ color: INK, fontWeight: '700' }}>
            {`${gauge.words}${GAUGE_WORDS[gauge.verdict]}`}
          </Words>
          <Bar gauge={gauge} />
        </View>
      ))}
    </View>
  )
}

function Bar({ gauge }: { readonly gauge: Gauge }) {
  const { from, to, at } = gaugeShares(gauge)
  const x = (share: number): number => 8 + share * (WIDTH - 16)
  const mark = x(at)
  return (
    <Svg
      width="100%"
      style={{ aspectRatio: WIDTH / HEIGHT, maxWidth: WIDTH }}
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      aria-hidden
    >
      <Path d={`M${x(0)} ${LINE}H${x(1)}`} stroke={INK} strokeWidth={1.5} />
      <Rect
        x={x(from)}
        y={LINE - 5}
        width={x(to) - x(from)}
        height={10}
        fill={STRETCH}
        stroke={INK}
        strokeWidth={1.5}
      />
      <Path d={`M${mark} ${LINE - 6}V${LINE + 8}`} stroke={INK} strokeWidth={4} />
      <Path d={`M${mark - 7} 0h14l-7 10z`} fill={INK} />
    </Svg>
  )
}
