// The four verdicts, each with a shape of its own: told apart without colour.
import Svg, { Circle, Path, Rect } from 'react-native-svg'
import { usePalette } from './theme'

export type Verdict = 'proven' | 'watch' | 'stop' | 'cannotTell'
export const VERDICT_WORDS: Readonly<Record<Verdict, string>> = {
  proven: 'Proven',
  watch: 'Watch',
  stop: 'Stop',
  cannotTell: 'Cannot tell',
}

export function VerdictMark({ verdict, size = 32 }: { readonly verdict: Verdict; readonly size?: number }) {
  const palette = usePalette()
  const color = palette[verdict]
  const sign = {
    stroke: palette.ground,
    strokeWidth: 3,
    fill: 'none',
    strokeLinecap: 'round',
    strokeLinejoin: 'round',
  } as const
  return (
    <Svg width={size} height={size} viewBox="0 0 32 32" aria-hidden>
      {verdict === 'proven' && (
        <>
          <Circle cx={16} cy={16} r={15} fill={color} />
          <Path d="M9 16.5l5 5 9-11" {...sign} />
        </>
      )}
      {verdict === 'watch' && (
        <>
          <Path d="M16 2L31 29H1z" fill={color} />
          <Path d="M16 11v9M16 24.6v.2" {...sign} />
        </>
      )}
      {verdict === 'stop' && (
        <>
          <Path d="M10 1h12l9 9v12l-9 9H10l-9-9V10z" fill={color} />
          <Path d="M10 10l12 12M22 10L10 22" {...sign} />
        </>
      )}
      {verdict === 'cannotTell' && (
        <>
          <Rect
            x={2}
            y={2}
            width={28}
            height={28}
            rx={3}
            fill="none"
            stroke={color}
            strokeWidth={3}
            strokeDasharray="5 3"
          />
          <Path d="M12 12.5c0-5 8-5 8-.3 0 3-4 3.200-4 6.300M16 23.300v.2" {...sign} stroke={color} />
        </>
      )}
    </Svg>
  )
}
