// The kinds of unit as a person sees them from outside: cabinet, fan, and what sets each apart.
import type { ReactNode } from 'react'
import Svg, { Circle, Line, Path, Rect } from 'react-native-svg'
import type { UnitFamily } from '@oak/core/wiring/unit-type'
import { usePalette } from '../../ui/theme'

/** What the glyphs are drawn with: ink, and the shapes that several of them share. */
function pensOf(ink: string) {
  const line = {
    stroke: ink,
    strokeWidth: 2.5,
    strokeLinecap: 'round',
    strokeLinejoin: 'round',
    fill: 'none',
  } as const
  return {
    line,
    box: (x: number, y: number, w: number, h: number) => (
      <Rect x={x} y={y} width={w} height={h} rx={2.5} {...line} />
    ),
    blade: (x: number, y: number) => (
      <>
        <Line x1={x - 11} y1={y} x2={x + 11} y2={y} {...line} />
        <Line x1={x} y1={y} x2={x} y2={y + 6} {...line} />
      </>
    ),
    wheel: (x: number, y: number) => (
      <>
        <Circle cx={x} cy={y} r={7} {...line} />
        <Circle cx={x} cy={y} r={2} fill={ink} />
      </>
    ),
    louvres: (x: number, y: number, w: number) =>
      [0, 5, 10].map((d) => (
        <Line key={d} x1={x} y1={y + d} x2={x + w} y2={y + d} {...line} strokeWidth={1.5} />
      )),
  }
}
type Pens = ReturnType<typeof pensOf>

const GLYPHS: Readonly<Record<UnitFamily, (pens: Pens) => ReactNode>> = {
  'outdoor-split': ({ box, blade, louvres }) => (
    <>
      {box(12, 8, 32, 28)}
      {blade(28, 8)}
      {louvres(18, 20, 20)}
    </>
  ),
  'heat-pump': ({ box, blade, line }) => (
    <>
      {box(12, 8, 32, 28)}
      {blade(28, 8)}
      <Path d="M20 26h14l-3-3M36 31H22l3 3" {...line} strokeWidth={2} />
    </>
  ),
  packaged: ({ box, blade, wheel, line }) => (
    <>
      {box(4, 12, 48, 22)}
      {blade(40, 12)}
      {wheel(16, 23)}
      <Line x1={28} y1={12} x2={28} y2={34} {...line} />
    </>
  ),
  'pool-heater': ({ box, blade, line }) => (
    <>
      {box(12, 4, 32, 22)}
      {blade(28, 4)}
      <Path d="M4 33c5-5 8 5 13 0s8 5 13 0 8 5 13 0 6 3 9 0" {...line} />
    </>
  ),
  'gas-furnace': ({ box, wheel, line }) => (
    <>
      {box(14, 3, 28, 34)}
      {wheel(28, 28)}
      <Path d="M28 7c4 4 5 6 5 8a5 5 0 0 1-10 0c0-2 1-4 5-8z" {...line} strokeWidth={2} />
    </>
  ),
  'air-handler': ({ box, wheel, line }) => (
    <>
      {box(14, 3, 28, 34)}
      {wheel(28, 28)}
      <Path d="M20 8v9M25 8v9M30 8v9M35 8v9" {...line} strokeWidth={2} />
    </>
  ),
  'electric-furnace': ({ box, wheel, line }) => (
    <>
      {box(14, 3, 28, 34)}
      {wheel(28, 28)}
      <Path d="M18 12l4-4 4 7 4-7 4 7 4-4" {...line} strokeWidth={2} />
    </>
  ),
  'fan-coil': ({ box, wheel, louvres, line }) => (
    <>
      {box(4, 14, 48, 20)}
      {wheel(16, 24)}
      {louvres(30, 19, 16)}
      <Line x1={4} y1={6} x2={52} y2={6} {...line} strokeWidth={1.5} />
    </>
  ),
  'roof-through-shaft': ({ box, wheel, line }) => (
    <>
      {wheel(11, 20)}
      {box(20, 13, 16, 14)}
      <Line x1={11} y1={20} x2={20} y2={20} {...line} />
      <Line x1={36} y1={20} x2={47} y2={20} {...line} />
      <Line x1={47} y1={9} x2={47} y2={31} {...line} strokeWidth={3.5} />
    </>
  ),
}

export function FamilyGlyph({ family }: { readonly family: UnitFamily }) {
  const { ink } = usePalette()
  return (
    <Svg width={56} height={40} aria-hidden>
      {GLYPHS[family](pensOf(ink))}
    </Svg>
  )
}
