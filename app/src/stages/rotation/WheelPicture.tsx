// A wheel in its housing: the outlet with the way its air leaves, or the blades with their hollow side, many short cups or few that lean back.
import Svg, { Circle, G, Path } from 'react-native-svg'
import { usePalette } from '../../ui/theme'

const TURN = { top: 0, right: 90, bottom: 180, left: 270 } as const

/** `leaves` in the outlet's own frame: with the outlet turned to the top, to the right or to the left. */
export function OutletPicture({
  outlet,
  leaves,
  size = 150,
}: {
  readonly outlet: keyof typeof TURN
  readonly leaves: 'right' | 'left'
  readonly size?: number
}) {
  const palette = usePalette()
  const mirror = leaves === 'left' ? 'translate(160 0) scale(-1 1)' : undefined
  return (
    <Svg width={size} height={size} viewBox="0 0 160 160" aria-hidden>
      <G transform={`rotate(${TURN[outlet]} 80 80)`}>
        <G transform={mirror}>
          <Path
            d="M80 24H150V58H128A56 56 0 1 1 80 24z"
            fill={palette.surface}
            stroke={palette.ink}
            strokeWidth={3}
          />
          <Path
            d="M122 41H146M138 33l8 8-8 8"
            stroke={palette.ink}
            strokeWidth={4}
            fill="none"
            strokeLinecap="round"
            strokeLinejoin="round"
          />
        </G>
      </G>
      <Circle cx={78} cy={82} r={32} fill="none" stroke={palette.ink} strokeWidth={3} strokeDasharray="4 4" />
      <Circle cx={78} cy={82} r={5} fill={palette.ink} />
    </Svg>
  )
}

/** The blade at 12 o'clock by its curve and the side that its hollow faces, and how many there are. */
const BLADES = {
  forward: { count: 12, right: 'M80 12C70 20 70 30 80 38', left: 'M80 12C90 20 90 30 80 38' },
  backward: { count: 6, right: 'M98 15C74 20 66 40 76 58', left: 'M62 15C86 20 94 40 84 58' },
} as const

export function CupsPicture({
  hollow,
  curve,
  size = 150,
}: {
  readonly hollow: 'left' | 'right'
  readonly curve: keyof typeof BLADES
  readonly size?: number
}) {
  const palette = usePalette()
  const { count, [hollow]: bend } = BLADES[curve]
  return (
    <Svg width={size} height={size} viewBox="0 0 160 160" aria-hidden>
      <Circle cx={80} cy={80} r={70} fill={palette.surface} stroke={palette.line} strokeWidth={2} />
      {[...Array(count).keys()].map((i) => (
        <Path
          key={i}
          d={bend}
          transform={`rotate(${(i * 360) / count} 80 80)`}
          stroke={i === 0 ? palette.ink : palette.quiet}
          strokeWidth={i === 0 ? 8 : 3}
          strokeLinecap="round"
          fill="none"
        />
      ))}
      <Circle cx={80} cy={80} r={7} fill={palette.ink} />
    </Svg>
  )
}
