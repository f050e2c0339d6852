// A forward-curved wheel in its housing: the outlet with the way its air leaves, or the blades with their hollow side.
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

export function CupsPicture({
  hollow,
  size = 150,
}: {
  readonly hollow: 'left' | 'right'
  readonly size?: number
}) {
  const palette = usePalette()
  const bend = hollow === 'right' ? 'M80 12C70 20 70 30 80 38' : 'M80 12C90 20 90 30 80 38'
  return (
    <Svg width={size} height={size} viewBox="0 0 160 160" aria-hidden>
      <Circle cx={80} cy={80} r={70} fill={palette.surface} stroke={palette.line} strokeWidth={2} />
      {[...Array(12).keys()].map((i) => (
        <Path
          key={i}
          d={bend}
          transform={`rotate(${i * 30} 80 80)`}
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
