// Old and new motor from the side, to scale, hung from one plane: the blade's line runs across both and stays where it was.
import Svg, { G, Line, Rect, Text } from 'react-native-svg'
import { lengthText } from '@oak/core/quantity/inches'
import type { BladePositionOutput } from '@oak/core/operations/blade-position'
import type { LengthUnit } from '../../ui/device-settings'
import { FONT, usePalette } from '../../ui/theme'
import { drawSection, type SectionInput, type SectionDrawing } from './section-layout'
import { Motor, BODY } from './SectionMotor'
import { WIDTH, TOP, REACH } from './section-sizes'

export interface SectionPictureProps extends Omit<SectionInput, 'width' | 'reach' | 'end'> {
  readonly end: BladePositionOutput['ends'][number]
  readonly unit: LengthUnit
  readonly wheel: boolean
}

export function SectionPicture({ unit, wheel, ...input }: SectionPictureProps) {
  const palette = usePalette()
  const drawn = drawSection({ ...input, width: WIDTH, reach: REACH })
  const { end } = input
  // With nothing to draw to scale it takes no more room than its sketch.
  const height = TOP + (drawn.old || drawn.now ? REACH : SKETCH + 34) + 14
  const words =
    end.hubFromFace === null
      ? 'Blade position not known yet: measure the old body from the mounting plane to its face, and from there to the hub.'
      : `Hub ${lengthText(end.hubFromFace, unit)} from the new motor’s face, ${lengthText(end.hubFromPlane ?? 0, unit)} from the mounting plane.`
  return (
    <Svg
      width="100%"
      height={height}
      viewBox={`0 0 ${WIDTH} ${height}`}
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
      <Hatching />
      <Text x={8} y={12} fontSize={13} fill={palette.quiet} fontFamily={FONT}>
        mounting plane
      </Text>
      <ShroudLine drawn={drawn} />
      {drawn.old ? (
        <Motor at={drawn.old} name="old" ghost wheel={wheel} />
      ) : (
        <Missing x={WIDTH * 0.27} name="old" words="measure its body" />
      )}
      {drawn.now ? (
        <Motor at={drawn.now} name="new" wheel={wheel} />
      ) : (
        <Missing x={WIDTH * 0.73} name="new" words="by its sheet, or measure" />
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
      <NewMeasure drawn={drawn} end={end} unit={unit} />
      <OldMeasure drawn={drawn} input={input} unit={unit} />
    </Svg>
  )
}

interface OldMeasureProps {
  readonly drawn: SectionDrawing
  readonly input: Pick<SectionPictureProps, 'oldHub'>
  readonly unit: LengthUnit
}

function OldMeasure({ drawn, input, unit }: OldMeasureProps) {
  return drawn.old && drawn.old.hub !== null && input.oldHub !== null ? (
    <Measure
      x={WIDTH * 0.27 + 62}
      from={TOP + drawn.old.face}
      to={TOP + drawn.old.hub}
      text={lengthText(input.oldHub, unit)}
    />
  ) : null
}

interface NewMeasureProps {
  readonly drawn: SectionDrawing
  readonly end: BladePositionOutput['ends'][number]
  readonly unit: LengthUnit
}

function NewMeasure({ drawn, end, unit }: NewMeasureProps) {
  return drawn.now && end.hubFromFace !== null && end.hubFromFace > 0 ? (
    <Measure
      x={WIDTH * 0.73 + 62}
      from={TOP + drawn.now.face}
      to={TOP + (drawn.now.hub ?? drawn.now.face)}
      text={lengthText(end.hubFromFace, unit)}
    />
  ) : null
}

function ShroudLine({ drawn }: { readonly drawn: SectionDrawing }) {
  const palette = usePalette()
  return drawn.shroud === null ? null : (
    <Line
      x1={0}
      x2={WIDTH}
      y1={TOP + drawn.shroud}
      y2={TOP + drawn.shroud}
      stroke={palette.ink}
      strokeWidth={3}
      strokeDasharray="14 8"
    />
  )
}

function Hatching() {
  const palette = usePalette()
  return (
    <>
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
    </>
  )
}

/** How far a body reaches that is not known: as a sketch of what to measure. */
const SKETCH = 78

/** A body that is not known, with the figure that is to be measured drawn in its place. */
function Missing({ x, name, words }: { readonly x: number; readonly name: string; readonly words: string }) {
  const palette = usePalette()
  const label = (y: number, text: string, weight: '400' | '700') => (
    <Text
      x={x}
      y={TOP + SKETCH + y}
      fontSize={14}
      fontWeight={weight}
      textAnchor="middle"
      fill={palette.ink}
      fontFamily={FONT}
    >
      {text}
    </Text>
  )
  return (
    <G>
      <Rect
        x={x - BODY / 2}
        y={TOP}
        width={BODY}
        height={SKETCH}
        rx={6}
        fill="none"
        stroke={palette.quiet}
        strokeWidth={2}
        strokeDasharray="5 6"
      />
      <Measure x={x} from={TOP} to={TOP + SKETCH} text="?" />
      {label(20, `${name}: plane to face`, '700')}
      {label(38, words, '400')}
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
