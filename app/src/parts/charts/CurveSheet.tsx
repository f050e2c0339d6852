// What if: amps, capacitor volts, start torque and speed against microfarads or supply volts, with the chosen value and its tolerance.
import type { Supply } from '@oak/core/supply/supply'
import { Problem } from '../../ui/Problem'
import { scaleLinear, type ScaleLinear } from 'd3-scale'
import { line } from 'd3-shape'
import { useMemo, useState } from 'react'
import { View } from 'react-native'
import Svg, { Circle, G, Line, Path, Rect, Text } from 'react-native-svg'
import type { LeadSheet } from '@oak/core/motor/lead-sheet'
import type { MotorCurveOutput } from '@oak/core/operations/motor-curve'
import { figure } from '@oak/core/quantity/display'
import { useOperation } from '../frame/use-operation'
import { Choice } from '../../ui/Choice'
import { Sheet } from '../../ui/Sheet'
import { FONT, usePalette } from '../../ui/theme'
import { Words } from '../../ui/Words'

type Point = MotorCurveOutput['chosen']
type Along = 'microfarads' | 'volts'
const QUANTITIES = [
  { key: 'amps', name: 'Running amps', unit: 'A', digits: 2, scale: 1 },
  { key: 'capacitorVolts', name: 'Capacitor volts', unit: 'V', digits: 0, scale: 1 },
  { key: 'startTorque', name: 'Start torque, of rated', unit: '%', digits: 0, scale: 100 },
  { key: 'rpm', name: 'Speed against the fan', unit: 'rpm', digits: 0, scale: 1 },
] as const
const WIDTH = 350
const HEIGHT = 132
const MARGIN = { left: 46, right: 10, top: 8, bottom: 24 }

export interface CurveSheetProps {
  readonly sheet: LeadSheet
  readonly supply: Supply
  readonly tolerancePercent: number
  readonly onClose: () => void
}

export function CurveSheet({ sheet, supply: { volts, hertz }, tolerancePercent, onClose }: CurveSheetProps) {
  const [along, setAlong] = useState<Along>('microfarads')
  const input = useMemo(() => ({ sheet, volts, hertz }), [sheet, volts, hertz])
  const result = useOperation('motor-curve', input)
  const curve = result?.ok ? (result.output as MotorCurveOutput) : null
  return (
    <Sheet title={`What if: ${sheet.name}`} open onClose={onClose} testID="curve-sheet">
      <Choice<Along>
        label="Against"
        value={along}
        onChange={setAlong}
        options={[
          { value: 'microfarads', text: 'microfarads' },
          { value: 'volts', text: 'supply volts' },
        ]}
      />
      <Problem text={result && !result.ok ? result.error.message : null} />
      {curve
        ? QUANTITIES.map((q) => (
            <Chart
              key={q.key}
              curve={curve}
              along={along}
              quantity={q}
              band={along === 'microfarads' ? tolerancePercent : 10}
            />
          ))
        : null}
      <Words size="small" tone="quiet">
        {curve?.estimated
          ? 'From a model fitted to the nameplate: an estimate. The grey figures are the range of likely motors of this plate.'
          : 'From the constants that the lead sheet states.'}{' '}
        The band is{' '}
        {along === 'microfarads'
          ? `the capacitor’s tolerance of ±${figure(tolerancePercent)} %`
          : '±10 % of the supply'}
        .
      </Words>
    </Sheet>
  )
}

interface ChartProps {
  readonly curve: MotorCurveOutput
  readonly along: Along
  readonly quantity: (typeof QUANTITIES)[number]
  readonly band: number
}

function Chart({ curve, along, quantity: q, band }: ChartProps) {
  const palette = usePalette()
  const points = along === 'microfarads' ? curve.byMicrofarads : curve.byVolts
  const value = (p: Point) => p[q.key] * q.scale
  const { chosen, range } = curve
  const x = scaleLinear()
    .domain([points[0]?.[along] ?? 0, points.at(-1)?.[along] ?? 1])
    .range([MARGIN.left, WIDTH - MARGIN.right])
  const y = scaleLinear()
    .domain([Math.min(0, ...points.map(value)), Math.max(...points.map(value), value(chosen))])
    .nice(4)
    .range([HEIGHT - MARGIN.bottom, MARGIN.top])
  const path =
    line<Point>()
      .x((p) => x(p[along]))
      .y((p) => y(value(p)))([...points]) ?? ''
  const [low, high] = [1 - band / 100, 1 + band / 100].map((k) => x(chosen[along] * k)) as [number, number]
  const unit = along === 'microfarads' ? 'µF' : 'V'
  const said = `${figure(value(chosen), q.digits)} ${q.unit}`
  const likely = range
    ? `${figure(value(range.low), q.digits)} to ${figure(value(range.high), q.digits)}`
    : ''
  return (
    <View style={{ gap: 2 }} testID={`chart-${q.key}`}>
      <View style={{ flexDirection: 'row', alignItems: 'baseline', gap: 8 }}>
        <Words size="strong" style={{ flex: 1 }}>
          {q.name}
        </Words>
        <Words size="strong">{said}</Words>
        {likely ? (
          <Words size="small" tone="quiet">
            {likely}
          </Words>
        ) : null}
      </View>
      <Svg
        width="100%"
        height={HEIGHT}
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        role="img"
        aria-label={`${q.name} against ${along}: ${said} at ${figure(chosen[along])} ${unit}${likely ? `, likely ${likely}` : ''}.`}
      >
        <Rect
          x={low}
          y={MARGIN.top}
          width={Math.max(1, high - low)}
          height={HEIGHT - MARGIN.top - MARGIN.bottom}
          fill={palette.line}
          fillOpacity={0.45}
        />
        <LevelLines y={y} />
        <BaseFigures x={x} />
        <Text
          x={WIDTH - MARGIN.right}
          y={HEIGHT - MARGIN.bottom - 4}
          fontSize={12}
          textAnchor="end"
          fill={palette.quiet}
          fontFamily={FONT}
        >
          {unit}
        </Text>
        <Path d={path} stroke={palette.ink} strokeWidth={3} fill="none" />
        <Line
          x1={x(chosen[along])}
          x2={x(chosen[along])}
          y1={MARGIN.top}
          y2={HEIGHT - MARGIN.bottom}
          stroke={palette.ink}
          strokeWidth={1.5}
          strokeDasharray="4 4"
        />
        <Circle cx={x(chosen[along])} cy={y(value(chosen))} r={6} fill={palette.ink} />
      </Svg>
    </View>
  )
}

function BaseFigures({ x }: { readonly x: ScaleLinear<number, number, never> }) {
  const palette = usePalette()
  return (
    <>
      {x.ticks(5).map((tick) => (
        <Text
          key={tick}
          x={x(tick)}
          y={HEIGHT - 6}
          fontSize={12}
          textAnchor="middle"
          fill={palette.ink}
          fontFamily={FONT}
        >
          {figure(tick, 2)}
        </Text>
      ))}
    </>
  )
}

function LevelLines({ y }: { readonly y: ScaleLinear<number, number, never> }) {
  const palette = usePalette()
  return (
    <>
      {y.ticks(3).map((tick) => (
        <G key={tick}>
          <Line
            x1={MARGIN.left}
            x2={WIDTH - MARGIN.right}
            y1={y(tick)}
            y2={y(tick)}
            stroke={palette.line}
            strokeWidth={1}
          />
          <Text
            x={MARGIN.left - 5}
            y={y(tick) + 4}
            fontSize={12}
            textAnchor="end"
            fill={palette.ink}
            fontFamily={FONT}
          >
            {figure(tick, 2)}
          </Text>
        </G>
      ))}
    </>
  )
}
