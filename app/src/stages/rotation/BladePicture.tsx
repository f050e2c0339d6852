// A propeller seen from where its air comes out: the blade at 12 o'clock, its nearer edge thick. A press on a side says which is nearer.
import Svg, { Circle, Path } from 'react-native-svg'
import { usePalette } from '../../ui/theme'
import { Words } from '../../ui/Words'
import { Group, Option } from '../../ui/Group'

const SIZE = 226

export function BladePicture({
  nearEdge,
  onPick,
}: {
  readonly nearEdge: 'left' | 'right' | null
  readonly onPick: (edge: 'left' | 'right') => void
}) {
  const palette = usePalette()
  const edge = (side: 'left' | 'right') =>
    side === 'left' ? 'M98 88C74 70 68 36 84 12' : 'M122 88C146 70 152 36 136 12'
  return (
    <Group
      label="Which edge of the blade is nearer"
      style={{ width: SIZE, height: SIZE + 34, alignSelf: 'center' }}
      testID="blade-picture"
    >
      <Svg width={SIZE} height={SIZE} aria-hidden>
        <Circle
          cx={110}
          cy={110}
          r={106}
          fill={palette.surface}
          stroke={palette.line}
          strokeWidth={2}
          strokeDasharray="5 5"
        />
        {[120, 240].map((turn) => (
          <Path
            key={turn}
            d="M98 88C74 70 68 36 84 12H136C152 36 146 70 122 88z"
            transform={`rotate(${turn} 110 110)`}
            fill={palette.line}
            fillOpacity={0.45}
          />
        ))}
        <Path
          d="M98 88C74 70 68 36 84 12H136C152 36 146 70 122 88z"
          fill={palette.ground}
          stroke={palette.ink}
          strokeWidth={2}
        />
        {nearEdge ? (
          <Path d={edge(nearEdge)} stroke={palette.ink} strokeWidth={12} strokeLinecap="round" fill="none" />
        ) : null}
        <Circle cx={110} cy={110} r={26} fill={palette.ink} />
      </Svg>
      {(['left', 'right'] as const).map((side) => (
        <Option
          key={side}
          selected={nearEdge === side}
          testID={`near-${side}`}
          label={`The ${side} edge is nearer to you`}
          onPress={() => onPick(side)}
          style={{
            position: 'absolute',
            top: SIZE - 14,
            [side]: 0,
            width: 108,
            alignItems: 'center',
            backgroundColor: palette.surface,
          }}
        >
          <Words size={nearEdge === side ? 'strong' : 'body'}>{side} nearer</Words>
        </Option>
      ))}
    </Group>
  )
}
