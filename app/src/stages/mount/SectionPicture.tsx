// Old and new motor from the side, to scale, hung from one plane: the blade's line runs across both and stays where it was.
import Svg, { G, Line, Path, Rect, Text } from 'react-native-svg'
import { lengthText } from '@oak/core/quantity/inches'
import type { BladePositionOutput } from '@oak/core/operations/blade-position'
import type { LengthUnit } from '../../ui/length-unit'
import { FONT, usePalette } from '../../ui/theme'
import { drawSection, type MotorDrawing, type SectionInput } from './section-layout'

export interface SectionPictureProps extends Omit<SectionInput, 'width' | 'reach' | 'end'> {
  readonly end: BladePositionOutput['ends'][number]
  readonly unit: LengthUnit
  readonly wheel: boolean
}

const WIDTH = 360
const TOP = 34
const REACH = 290
const BODY = 96
const BLADE = 150

export function SectionPicture({ unit, wheel, ...input }: SectionPictureProps) {
  const palette = usePalette()
  const drawn = drawSection({ ...input, width: WIDTH, reach: REACH })
  const { end } = input
  const words =
    end.hubFromFace === null
      ? 'Blade position not known yet.'
      : `Hub ${lengthText(end.hubFromFace, unit)} from the new motor’s face, ${lengthText(end.hubFromPlane ?? 0, unit)} from the mounting plane.`
  return (
    <Svg
      width="100%"
      height={TOP + REACH + 14}
      viewBox={`0 0 ${WIDTH} ${TOP + REACH + 14}`}
      role="img"
      aria-label={`Section to scale. ${words}`}
      testID="section"
    >
      <Rect
        x={6}
        y={TOP - 8}
        width={WIDTH - 12}
        height={8}
        fill={palette.line}
        stroke={palette.ink}
        strokeWidth={1.5}
      />
      {Array.from({ length: 16 }, (_, i) => (
        <Line
          key={i}
          x1={14 + i * 22}
          y1={TOP - 8}
          x2={4 + i * 22}
          y2={TOP - 18}
          stroke={palette.ink}
          strokeWidth={1.2}
        />
      ))}
      <Text x={8} y={12} fontSize={13} fill={palette.quiet} fontFamily={FONT}>
        mounting plane
      </Text>
      {drawn.shroud === null ? null : (
        <Line
          x1={0}
          x2={WIDTH}
          y1={TOP + drawn.shroud}
          y2={TOP + drawn.shroud}
          stroke={palette.ink}
          strokeWidth={3}
          strokeDasharray="14 8"
        />
      )}
      {drawn.old ? (
        <Motor at={drawn.old} name="old" ghost wheel={wheel} />
      ) : (
        <Missing x={WIDTH * 0.27} text="old: not measured" />
      )}
      {drawn.now ? (
        <Motor at={drawn.now} name="new" wheel={wheel} />
      ) : (
        <Missing x={WIDTH * 0.73} text="new: not known" />
      )}
      {drawn.line === null ? null : (
        <Line
          x1={0}
          x2={WIDTH}
          y1={TOP + drawn.line}
          y2={TOP + drawn.line}
          stroke={palette.action}
          strokeWidth={2}
          strokeDasharray="6 5"
        />
      )}
      {drawn.now && end.hubFromFace !== null && end.hubFromFace > 0 ? (
        <Measure
          x={WIDTH * 0.73 + 62}
          from={TOP + drawn.now.face}
          to={TOP + (drawn.now.hub ?? drawn.now.face)}
          text={lengthText(end.hubFromFace, unit)}
        />
      ) : null}
      {drawn.old && drawn.old.hub !== null && input.oldHub !== null ? (
        <Measure
          x={WIDTH * 0.27 + 62}
          from={TOP + drawn.old.face}
          to={TOP + drawn.old.hub}
          text={lengthText(input.oldHub, unit)}
        />
      ) : null}
    </Svg>
  )
}

function Missing({ x, text }: { readonly x: number; readonly text: string }) {
  const palette = usePalette()
  return (
    <G>
      <Rect
        x={x - BODY / 2}
        y={TOP}
        width={BODY}
        height={120}
        rx={6}
        fill="none"
        stroke={palette.quiet}
        strokeWidth={2}
        strokeDasharray="5 6"
      />
      <Text x={x} y={TOP + 146} fontSize={14} textAnchor="middle" fill={palette.quiet} fontFamily={FONT}>
        {text}
      </Text>
    </G>
  )
}

function Motor({
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
      {hub === null ? null : (
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
      )}
    </G>
  )
}

/** A dimension between two heights. */
function Measure({
  x,
  from,
  to,
  text,
}: {
  readonly x: number
  readonly from: number
  readonly to: number
  readonly text: string
}) {
  const palette = usePalette()
  return (
    <G>
      <Line x1={x} x2={x} y1={from} y2={to} stroke={palette.ink} strokeWidth={1.5} />
      {[from, to].map((y) => (
        <Line key={y} x1={x - 5} x2={x + 5} y1={y} y2={y} stroke={palette.ink} strokeWidth={2} />
      ))}
      <Rect x={x - 31} y={(from + to) / 2 - 11} width={62} height={22} rx={4} fill={palette.ground} />
      <Text
        x={x}
        y={(from + to) / 2 + 6}
        fontSize={15}
        fontWeight="700"
        textAnchor="middle"
        fill={palette.ink}
        fontFamily={FONT}
      >
        {text}
      </Text>
    </G>
  )
}
