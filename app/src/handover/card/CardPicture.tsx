// The card's shapes, in millimetres, drawn on the screen.
import { useMemo } from 'react'
import Svg, { Circle, G, Path, Rect, Text } from 'react-native-svg'
import { pathOf } from '@oak/core/job/card/drawing/shapes'
import type { HookupCardOutput } from '@oak/core/operations/hookup-card'
import { codeSquares } from '../../ui/code-squares'
import { FONT } from '../../ui/theme'

type Shape = HookupCardOutput['shapes'][number]
const INK = '#17130e'
const FILLS = { none: 'none', ink: INK, paper: '#fff' } as const
const BROKEN = '1.2 1'

export function CardPicture({
  output,
  label,
}: {
  readonly output: HookupCardOutput
  readonly label: string
}) {
  const { widthMm, heightMm, shapes } = output
  return (
    <Svg
      width="100%"
      style={{ aspectRatio: widthMm / heightMm }}
      viewBox={`0 0 ${widthMm} ${heightMm}`}
      role="img"
      aria-label={label}
    >
      <Rect width={widthMm} height={heightMm} fill="#fff" />
      {shapes.map((shape, i) => (
        <Drawn key={i} shape={shape} />
      ))}
    </Svg>
  )
}

function Drawn({ shape }: { readonly shape: Shape }) {
  switch (shape.kind) {
    case 'text':
      return (
        <Text
          x={shape.x}
          y={shape.y}
          fontSize={shape.size}
          fontWeight={shape.weight}
          fill={shape.onInk ? '#fff' : INK}
          textAnchor={shape.anchor ?? 'start'}
          fontFamily={FONT}
        >
          {shape.text}
        </Text>
      )
    case 'line':
      return (
        <Path
          d={pathOf(shape.points)}
          fill="none"
          stroke={INK}
          strokeWidth={shape.width}
          strokeDasharray={shape.broken ? BROKEN : undefined}
        />
      )
    case 'wire':
      return <Wire {...shape} />
    case 'round':
      return (
        <Circle
          cx={shape.x}
          cy={shape.y}
          r={shape.r}
          fill={FILLS[shape.fill]}
          stroke={INK}
          strokeWidth={shape.width}
          strokeDasharray={shape.broken ? BROKEN : undefined}
        />
      )
    case 'box':
      return (
        <Rect
          x={shape.x}
          y={shape.y}
          width={shape.across}
          height={shape.down}
          rx={shape.corner}
          fill={FILLS[shape.fill]}
          stroke={INK}
          strokeWidth={shape.width}
        />
      )
    case 'strip':
      return <Strip {...shape} />
    case 'code':
      return <Code {...shape} />
    case 'mark':
      return (
        <G transform={`translate(${shape.x} ${shape.y}) scale(${shape.size / 32})`}>
          {shape.verdict === 'proven' ? (
            <>
              <Circle cx={16} cy={16} r={15} fill="#0f5132" />
              <Path d="M9 16.500l5 5 9-11" fill="none" stroke="#fff" strokeWidth={3} />
            </>
          ) : (
            <>
              <Path d="M16 2L31 29H1z" fill="#6b4700" />
              <Path d="M16 11v9M16 24.500v1" stroke="#fff" strokeWidth={3} />
            </>
          )}
        </G>
      )
  }
}

function Wire({ points, paint, tracer }: Extract<Shape, { kind: 'wire' }>) {
  const d = pathOf(points)
  return (
    <G>
      <Path d={d} stroke={INK} strokeWidth={3} strokeLinecap="round" />
      <Path d={d} stroke={paint} strokeWidth={2.4} strokeLinecap="round" />
      {tracer ? <Path d={d} stroke={tracer} strokeWidth={1} strokeDasharray="2 1.5" /> : null}
    </G>
  )
}

/** A light edge parts it from what it crosses. */
function Strip({ x, y, scale, d, width }: Extract<Shape, { kind: 'strip' }>) {
  return (
    <G transform={`translate(${x} ${y}) scale(${scale})`}>
      <Path d={d} fill="none" stroke="#fff" strokeWidth={(width + 0.7) / scale} />
      <Path d={d} fill="none" stroke={INK} strokeWidth={width / scale} />
    </G>
  )
}

function Code({ x, y, size, text }: Extract<Shape, { kind: 'code' }>) {
  const { d, width } = useMemo(() => codeSquares(text), [text])
  return (
    <G transform={`translate(${x} ${y}) scale(${size / width})`}>
      <Rect width={width} height={width} fill="#fff" />
      <Path d={d} fill="#000" />
    </G>
  )
}
