// Two ladders of temperature side by side: the suction and the liquid line, each against what its pressure says. The distance is the figure.
import { View } from 'react-native'
import Svg, { G, Line, Path, Rect, Text } from 'react-native-svg'
import type { ScaleLinear } from 'd3-scale'
import type { JobDocument } from '@oak/core/job/document'
import type { ChargeGlanceOutput } from '@oak/core/operations/charge-glance'
import { figure } from '@oak/core/quantity/display'
import { degreesText, stepsIn, type TemperatureUnit } from '@oak/core/quantity/temperature'
import { useDegrees } from '../../parts/meter/units'
import { FONT, usePalette } from '../../ui/theme'
import { FigureBox } from './FigureBox'
import type { ChargeKey } from './charge-figures'
import { apart, ladderOf, ladderScale, type Ladder } from './ladder-model'

const WIDTH = 360
const HEIGHT = 226
const TOP = 30
const FOOT = 216
/** The rail's middle, from the picture's outer edge, and half its width. */
const RAIL = 128
const HALF = 12
/** Two lines of a label. */
const LABEL = 32

const SIDES = [
  { kind: 'superheat', point: 'dew point', title: 'Superheat', name: 'Suction', left: true },
  { kind: 'subcooling', point: 'bubble point', title: 'Subcooling', name: 'Liquid', left: false },
] as const
type Side = (typeof SIDES)[number]

interface LaddersProps {
  readonly job: JobDocument
  readonly output: ChargeGlanceOutput | null
  readonly onPress: (key: ChargeKey) => void
}

export function Ladders({ job, output, onPress }: LaddersProps) {
  const figures = job.chargeFigures
  const unit = useDegrees()
  const suction = ladderOf('superheat', output?.superheat ?? null, figures.suctionFahrenheit, unit)
  const liquid = ladderOf('subcooling', output?.subcooling ?? null, figures.liquidFahrenheit, unit)
  const y = ladderScale([suction, liquid], [TOP, FOOT], unit)
  const box = (key: ChargeKey) => <FigureBox name={key} value={figures[key]} onPress={onPress} />
  const row = { flexDirection: 'row', gap: 12 } as const
  return (
    <View style={{ width: '100%', maxWidth: WIDTH, alignSelf: 'center', gap: 4 }} testID="charge-picture">
      <View style={row}>
        {box('suctionFahrenheit')}
        {box('liquidFahrenheit')}
      </View>
      <Svg
        width="100%"
        height={HEIGHT}
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        role="img"
        aria-label={spoken(suction, liquid, output, unit)}
      >
        {SIDES.map((side) => (
          <Rungs
            key={side.kind}
            side={side}
            ladder={side.left ? suction : liquid}
            y={y}
            difference={output?.[side.kind].difference ?? null}
          />
        ))}
        <Ticks y={y} />
      </Svg>
      <View style={row}>
        {box('suctionPsig')}
        {box('liquidPsig')}
      </View>
    </View>
  )
}

/** The picture in words, in the order in which it is read. */
function spoken(
  suction: Ladder,
  liquid: Ladder,
  output: ChargeGlanceOutput | null,
  unit: TemperatureUnit,
): string {
  const text = (degrees: number) => degreesText(unit, degrees)
  return SIDES.map((side) => {
    const { line, saturation } = side.left ? suction : liquid
    const difference = output?.[side.kind].difference ?? null
    return [
      `${side.name} line ${line === null ? 'not read' : text(line)}`,
      `${side.point} ${saturation === null ? 'not known' : text(saturation)}`,
      ...(difference === null ? [] : [`${side.title} ${text(stepsIn(unit, difference))}`]),
    ].join(', ')
  }).join('; ')
}

/** The scale that both share, between them. */
function Ticks({ y }: { readonly y: ScaleLinear<number, number> }) {
  const palette = usePalette()
  return y.ticks(6).map((tick) => (
    <Text
      key={tick}
      x={WIDTH / 2}
      y={y(tick) + 5}
      fontSize={13}
      textAnchor="middle"
      fill={palette.quiet}
      fontFamily={FONT}
    >
      {figure(tick, 0)}
    </Text>
  ))
}

interface RungsProps {
  readonly side: Side
  readonly ladder: Ladder
  readonly y: ScaleLinear<number, number>
  readonly difference: number | null
}

/** One ladder: rails and rungs, the usual band beside the saturation mark, both marks with their names outside. */
function Rungs({ side, ladder, y, difference }: RungsProps) {
  const unit = useDegrees()
  const palette = usePalette()
  const x = side.left ? RAIL : WIDTH - RAIL
  const { saturation, line, band } = ladder
  const [atSaturation, atLine] = apart(y(saturation ?? 0), y(line ?? 0), LABEL)
  return (
    <G>
      <Text
        x={side.left ? 4 : WIDTH - 4}
        y={16}
        fontSize={17}
        fontWeight="700"
        textAnchor={side.left ? 'start' : 'end'}
        fill={palette.ink}
        fontFamily={FONT}
      >
        {difference === null ? side.title : `${side.title} ${degreesText(unit, stepsIn(unit, difference))}`}
      </Text>
      {band ? (
        <Rect
          x={x - HALF}
          width={2 * HALF}
          y={y(band[1])}
          height={y(band[0]) - y(band[1])}
          fill={palette.line}
          testID={`band-${side.kind}`}
        />
      ) : null}
      <Path
        d={`M${x - HALF} ${TOP - 4}V${FOOT + 4}M${x + HALF} ${TOP - 4}V${FOOT + 4}`}
        stroke={palette.ink}
        strokeWidth={3}
      />
      {y.ticks(6).map((tick) => (
        <Line
          key={tick}
          x1={x - HALF}
          x2={x + HALF}
          y1={y(tick)}
          y2={y(tick)}
          stroke={palette.ink}
          strokeWidth={1.2}
        />
      ))}
      {saturation !== null && line !== null ? (
        <Rect
          x={x - 4}
          width={8}
          y={Math.min(y(saturation), y(line))}
          height={Math.abs(y(saturation) - y(line))}
          fill={palette.ink}
        />
      ) : null}
      {saturation === null ? null : (
        <Mark
          side={side}
          y={y(saturation)}
          label={line === null ? y(saturation) : atSaturation}
          value={saturation}
          text={side.point}
        />
      )}
      {line === null ? null : (
        <Mark
          side={side}
          y={y(line)}
          label={saturation === null ? y(line) : atLine}
          value={line}
          text="line"
          filled
        />
      )}
    </G>
  )
}

interface MarkProps {
  readonly side: Side
  readonly y: number
  /** Where its words stand: moved off another mark's. */
  readonly label: number
  readonly value: number
  readonly text: string
  readonly filled?: boolean
}

/** A pointer at the rail's outer side with its figure and its name. The line's is filled, the saturation's open. */
function Mark({ side, y, label, value, text, filled = false }: MarkProps) {
  const unit = useDegrees()
  const palette = usePalette()
  const out = side.left ? -1 : 1
  const edge = (side.left ? RAIL : WIDTH - RAIL) + out * (HALF + 2)
  const words = edge + out * 24
  return (
    <G>
      <Path
        d={`M${edge} ${y}l${out * 12} -7v14z`}
        fill={filled ? palette.ink : palette.surface}
        stroke={palette.ink}
        strokeWidth={2}
      />
      <Line
        x1={edge + out * 12}
        y1={y}
        x2={words - out * 3}
        y2={label}
        stroke={palette.ink}
        strokeWidth={1.5}
      />
      <Text
        x={words}
        y={label}
        fontSize={17}
        fontWeight="700"
        textAnchor={side.left ? 'end' : 'start'}
        fill={palette.ink}
        fontFamily={FONT}
      >
        {degreesText(unit, value)}
      </Text>
      <Text
        x={words}
        y={label + 14}
        fontSize={13}
        textAnchor={side.left ? 'end' : 'start'}
        fill={palette.ink}
        fontFamily={FONT}
      >
        {text}
      </Text>
    </G>
  )
}
