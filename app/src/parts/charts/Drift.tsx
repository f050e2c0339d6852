// How a capacitor drifts over the years, as a small chart.
import { scaleLinear, scaleTime } from 'd3-scale'
import { View } from 'react-native'
import Svg, { Circle, G, Line, Path, Rect, Text } from 'react-native-svg'
import type { CanPoint } from '@oak/core/job/unit-history'
import { figure } from '@oak/core/quantity/display'
import { dayText, monthText } from '../../ui/dates'
import { FONT, usePalette } from '../../ui/theme'
import { Words } from '../../ui/Words'

const WIDTH = 350
const HEIGHT = 150
const LEFT = 44
const FOOT = 24

export interface DriftProps {
  readonly side: string
  /** One at least, in order of time. */
  readonly points: readonly CanPoint[]
}

/** µF over time, with the band of ±6 % about the latest rating where one is known. */
export function Drift({ side, points }: DriftProps) {
  const palette = usePalette()
  const rated = points.at(-1)?.rated ?? null
  const values = [...points.map((p) => p.microfarads), ...(rated === null ? [] : [rated * 0.9, rated * 1.08])]
  const y = scaleLinear([Math.min(...values) * 0.98, Math.max(...values) * 1.02], [HEIGHT - FOOT, 8]).nice(4)
  const [first, last] = [points[0]?.at ?? 0, points.at(-1)?.at ?? 0]
  const x = scaleTime([new Date(first - 86_400_000), new Date(last + 86_400_000)], [LEFT + 8, WIDTH - 14])
  const spots = points.map((p) => ({ ...p, x: x(p.at), y: y(p.microfarads) }))
  return (
    <View style={{ gap: 4 }} testID={`drift-${side}`}>
      <Words size="strong" heading={2}>
        {side === 'FAN' ? 'Fan side' : 'Compressor side'}:{' '}
        {points.map((p) => `${figure(p.microfarads)} µF`).join(', ')}
      </Words>
      <Svg
        width={WIDTH}
        height={HEIGHT}
        role="img"
        aria-label={`${side} capacitor over time: ${points.map((p) => `${dayText(p.at)} ${figure(p.microfarads)} µF`).join('; ')}`}
      >
        {rated === null ? null : (
          <Rect
            x={LEFT}
            width={WIDTH - LEFT - 6}
            y={y(rated * 1.06)}
            height={y(rated * 0.94) - y(rated * 1.06)}
            fill={palette.line}
            opacity={0.6}
          />
        )}
        {y.ticks(4).map((tick) => (
          <G key={tick}>
            <Line x1={LEFT} x2={WIDTH - 6} y1={y(tick)} y2={y(tick)} stroke={palette.line} strokeWidth={1} />
            <Text
              x={LEFT - 6}
              y={y(tick) + 5}
              fontSize={13}
              textAnchor="end"
              fill={palette.ink}
              fontFamily={FONT}
            >
              {figure(tick)}
            </Text>
          </G>
        ))}
        <Path
          d={spots.map((p, i) => `${i === 0 ? 'M' : 'L'}${p.x} ${p.y}`).join('')}
          stroke={palette.ink}
          strokeWidth={2.5}
          fill="none"
        />
        {spots.map((p, i) => (
          <Circle key={i} cx={p.x} cy={p.y} r={5} fill={palette.ink} />
        ))}
        <Text x={LEFT} y={HEIGHT - 6} fontSize={13} fill={palette.quiet} fontFamily={FONT}>
          {monthText(first)}
        </Text>
        <Text
          x={WIDTH - 6}
          y={HEIGHT - 6}
          fontSize={13}
          textAnchor="end"
          fill={palette.quiet}
          fontFamily={FONT}
        >
          {monthText(last)}
        </Text>
      </Svg>
    </View>
  )
}
