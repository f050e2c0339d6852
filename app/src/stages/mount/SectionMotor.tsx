// One motor in the section: body, shaft, hub and blade or wheel, the old one as a ghost.
import { G, Path, Rect, Text } from 'react-native-svg'
import { FONT, usePalette } from '../../ui/theme'
import { type MotorDrawing } from './section-layout'
import { TOP } from './section-sizes'

export const BODY = 96

const BLADE = 150

export function Motor({
  at,
  name,
  ghost,
  wheel,
}: {
  readonly at: MotorDrawing
  readonly name: string
  readonly ghost?: boolean
  readonly wheel: boolean
}) {
  const palette = usePalette()
  const { x, face, tip, hub, hubLength } = at
  const dash = ghost ? '6 5' : undefined
  return (
    <G>
      <Rect
        x={x - 7}
        y={TOP + face}
        width={14}
        height={Math.max(0, tip - face)}
        fill={ghost ? 'none' : palette.line}
        stroke={palette.ink}
        strokeWidth={2}
        strokeDasharray={dash}
      />
      <Rect
        x={x - BODY / 2}
        y={TOP}
        width={BODY}
        height={face}
        rx={6}
        fill={ghost ? 'none' : palette.surface}
        stroke={palette.ink}
        strokeWidth={ghost ? 2 : 3}
        strokeDasharray={dash}
      />
      <Text
        x={face < 24 ? x + 34 : x}
        y={TOP + Math.max(20, face / 2 + 5)}
        fontSize={16}
        fontWeight="700"
        textAnchor="middle"
        fill={palette.ink}
        fontFamily={FONT}
      >
        {name}
      </Text>
      <HubAndBlade hub={hub} wheel={wheel} x={x} hubLength={hubLength} dash={dash} ghost={ghost} />
    </G>
  )
}

interface HubAndBladeProps {
  readonly hub: number | null
  readonly wheel: boolean
  readonly x: number
  readonly hubLength: number
  readonly dash: '6 5' | undefined
  readonly ghost: boolean | undefined
}

function HubAndBlade({ hub, wheel, x, hubLength, dash, ghost }: HubAndBladeProps) {
  const palette = usePalette()
  return hub === null ? null : (
    <G>
      {wheel ? (
        <Rect
          x={x - BLADE / 2}
          y={TOP + hub - 4}
          width={BLADE}
          height={hubLength + 34}
          fill="none"
          stroke={palette.ink}
          strokeWidth={2}
          strokeDasharray={dash}
        />
      ) : (
        <Path
          d={`M${x - BLADE / 2} ${TOP + hub + hubLength * 0.75}Q${x - 40} ${TOP + hub - 4} ${x} ${TOP + hub + hubLength / 2}T${x + BLADE / 2} ${TOP + hub + hubLength * 0.25}`}
          fill="none"
          stroke={palette.ink}
          strokeWidth={ghost ? 3 : 6}
          strokeDasharray={ghost ? '8 6' : undefined}
          strokeLinecap="round"
        />
      )}
      <Rect
        x={x - 17}
        y={TOP + hub}
        width={34}
        height={hubLength}
        rx={3}
        fill={ghost ? palette.ground : palette.ink}
        stroke={palette.ink}
        strokeWidth={2}
        strokeDasharray={dash}
      />
    </G>
  )
}
