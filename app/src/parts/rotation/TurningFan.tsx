// A fan that turns the found way, as seen from one end of the motor. It stands still for those who asked for less motion.
import { View } from 'react-native'
import Svg, { Circle, Path, Rect } from 'react-native-svg'
import { VIEW_NAMES, type Direction, type View as End } from '@oak/core/rotation/view'
import { TURNS } from '../../ui/moves'
import { usePalette } from '../../ui/theme'
import { Words } from '../../ui/Words'

export function TurningFan({
  direction,
  from,
  size = 132,
}: {
  readonly direction: Direction
  readonly from: End
  readonly size?: number
}) {
  const palette = usePalette()
  const clockwise = direction === 'CW'
  return (
    <View
      style={{ alignItems: 'center', flex: 1 }}
      role="img"
      aria-label={`${direction} seen from the ${VIEW_NAMES[from]}`}
    >
      <View style={{ width: size, height: size }}>
        <Svg width={size} height={size} viewBox="0 0 132 132" style={{ position: 'absolute' }} aria-hidden>
          <Path
            d={clockwise ? 'M10 84A58 58 0 0 1 98 18' : 'M122 84A58 58 0 0 0 34 18'}
            stroke={palette.ink}
            strokeWidth={5}
            fill="none"
            strokeLinecap="round"
          />
          <Path d={clockwise ? 'M84 12L103 21L88 34z' : 'M48 12L29 21L44 34z'} fill={palette.ink} />
        </Svg>
        <View style={{ width: size, height: size }} {...TURNS[direction]}>
          <Svg width={size} height={size} viewBox="0 0 132 132" aria-hidden>
            {[0, 120, 240].map((a) => (
              <Path
                key={a}
                d="M60 54C46 44 44 30 52 20H80C88 30 86 44 72 54z"
                transform={`rotate(${a} 66 66)`}
                fill={palette.surface}
                stroke={palette.ink}
                strokeWidth={2}
              />
            ))}
            <Circle cx={66} cy={66} r={14} fill={palette.ink} />
            {from === 'shaft-end' ? (
              <Path d="M60 72h12" stroke={palette.surface} strokeWidth={3} />
            ) : (
              <Rect x={62} y={62} width={8} height={8} fill={palette.surface} />
            )}
          </Svg>
        </View>
      </View>
      <Words size="strong">{direction}</Words>
      <Words size="tiny" tone="quiet">
        seen from the {VIEW_NAMES[from]}
      </Words>
    </View>
  )
}
