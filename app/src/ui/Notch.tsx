// How far a stage is, by shape and not by shade alone: an empty bar, half of one, a full one with a tick. Drawn, because a
// device that sets its own colours takes backgrounds away and leaves drawings.
import Svg, { Path, Rect } from 'react-native-svg'
import { usePalette } from './theme'

export type NotchState = 'empty' | 'part' | 'done'

const WIDTH = 26
const HEIGHT = 11

export function Notch({ state, width = WIDTH }: { readonly state: NotchState; readonly width?: number }) {
  const palette = usePalette()
  const middle = width / 2
  return (
    <Svg width={width} height={HEIGHT} aria-hidden>
      <Rect
        x={1}
        y={1.5}
        width={width - 2}
        height={HEIGHT - 3}
        rx={4}
        fill={state === 'done' ? palette.ink : 'none'}
        stroke={palette.ink}
        strokeWidth={1.5}
      />
      {state === 'part' ? (
        <Rect x={1} y={1.5} width={middle - 1} height={HEIGHT - 3} rx={4} fill={palette.ink} />
      ) : null}
      {state === 'done' ? (
        <Path
          d={`M${middle - 4} ${HEIGHT / 2}l3 2.6 5 -5`}
          stroke={palette.ground}
          strokeWidth={1.8}
          fill="none"
        />
      ) : null}
    </Svg>
  )
}
