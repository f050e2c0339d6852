// The motor seen from the end the direction is named from, with the way its shaft turns.
import Svg, { Circle, Path, Rect } from 'react-native-svg'
import type { Rotation } from '@oak/core/rotation/view'
import { rotationText } from '@oak/core/rotation/view'
import { usePalette } from '../../ui/theme'

export function RotationPicture({
  rotation,
  size = 96,
}: {
  readonly rotation: Rotation
  readonly size?: number
}) {
  const palette = usePalette()
  const clockwise = rotation.direction === 'CW'
  return (
    <Svg
      width={size}
      height={size}
      viewBox="0 0 100 100"
      role="img"
      aria-label={`Turns ${rotationText(rotation)}`}
    >
      <Circle cx={50} cy={50} r={30} fill={palette.surface} stroke={palette.ink} strokeWidth={3} />
      {rotation.seenFrom === 'shaft-end' ? (
        <>
          <Circle cx={50} cy={50} r={8} fill={palette.ink} />
          <Path d="M44 56h12" stroke={palette.surface} strokeWidth={3} />
        </>
      ) : (
        <>
          <Rect x={43} y={64} width={14} height={9} fill={palette.ink} />
          <Path d="M46 73v14M50 73v14M54 73v14" stroke={palette.ink} strokeWidth={2.5} />
        </>
      )}
      <Path
        d={clockwise ? 'M12 62A40 40 0 0 1 80 23' : 'M88 62A40 40 0 0 0 20 23'}
        fill="none"
        stroke={palette.ink}
        strokeWidth={6}
        strokeLinecap="round"
      />
      <Path
        d={clockwise ? 'M68 20L84 26L82 9z' : 'M32 20L16 26L18 9z'}
        fill={palette.ink}
        stroke={palette.ink}
        strokeWidth={3}
        strokeLinejoin="round"
      />
    </Svg>
  )
}
