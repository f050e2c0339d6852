// What the meter has in the picture: two pens with their cords, or the clamp's jaws.
import Svg, { Circle, G, Path, Text as SvgText } from 'react-native-svg'
import { FONT, usePalette } from '../../ui/theme'

export interface Point {
  readonly x: number
  readonly y: number
}

interface ClampProps {
  readonly width: number
  readonly height: number
  /** The foot of the lead's label; null: it is round none. */
  readonly at: Point | null
}

/** Two jaws round the lead, before its label. */
export function Clamp({ width, height, at }: ClampProps) {
  const palette = usePalette()
  if (!at) return null
  const [x, y] = [at.x - 26, at.y - 16]
  const cord = `M${x} ${y + 21}C${x - 8} ${(y + height) / 2} ${width / 2} ${(y + height) / 2} ${width / 2} ${height}`
  const jaws = `M${x - 3} ${y - 15}A15 15 0 1 0 ${x + 3} ${y - 15}`
  return (
    <Svg
      style={{ position: 'absolute', left: 0, top: 0, pointerEvents: 'none' }}
      width={width}
      height={height}
      aria-hidden
    >
      <Path d={cord} stroke={palette.ink} strokeWidth={2} fill="none" strokeOpacity={0.5} />
      <Path d={jaws} stroke={palette.ground} strokeWidth={10} fill="none" strokeLinecap="round" />
      <Path d={jaws} stroke={palette.stop} strokeWidth={6} fill="none" strokeLinecap="round" />
    </Svg>
  )
}

interface ProbeTipsProps {
  readonly width: number
  readonly height: number
  readonly ends: readonly [Point | null, Point | null]
}

/** A cord from the meter below to each place that is touched; the tips say R and B, for who sees no red. */
export function ProbeTips({ width, height, ends }: ProbeTipsProps) {
  const palette = usePalette()
  const paint = [palette.stop, palette.ink] as const
  return (
    <Svg
      style={{ position: 'absolute', left: 0, top: 0, pointerEvents: 'none' }}
      width={width}
      height={height}
      aria-hidden
    >
      {ends.map((end, i) => {
        if (!end) return null
        const foot = width / 2 + (i === 0 ? -26 : 26)
        // A pen that leans away from what it touches, and a thin cord: the labels under it stay readable.
        const grip = { x: end.x - 9, y: end.y + 34 }
        const pen = `M${end.x} ${end.y}L${grip.x} ${grip.y}`
        const cord = `M${grip.x} ${grip.y}C${grip.x - 8} ${(grip.y + height) / 2} ${foot} ${(grip.y + height) / 2} ${foot} ${height}`
        return (
          <G key={i === 0 ? 'red' : 'black'}>
            <Path d={cord} stroke={paint[i]} strokeWidth={2} fill="none" strokeOpacity={0.5} />
            <Path d={pen} stroke={palette.ground} strokeWidth={11} strokeLinecap="round" />
            <Path d={pen} stroke={paint[i]} strokeWidth={8} strokeLinecap="round" />
            <Circle cx={end.x} cy={end.y} r={9} fill={paint[i]} stroke={palette.ground} strokeWidth={2} />
            <SvgText
              x={end.x}
              y={end.y + 4.5}
              fontSize={13}
              fontWeight="700"
              textAnchor="middle"
              fill={palette.ground}
              fontFamily={FONT}
            >
              {i === 0 ? 'R' : 'B'}
            </SvgText>
          </G>
        )
      })}
    </Svg>
  )
}
