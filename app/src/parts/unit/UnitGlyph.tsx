// The four things to tell a unit by, drawn as a schematic: no photograph is as plain.
import Svg, { Circle, G, Line } from 'react-native-svg'
import { usePalette } from '../../ui/theme'

export type GlyphName = 'one-pole' | 'two-pole' | 'dual' | 'own'

export function UnitGlyph({ name }: { readonly name: GlyphName }) {
  const { ink } = usePalette()
  const line = { stroke: ink, strokeWidth: 3, strokeLinecap: 'round' } as const
  const open = (y: number) => (
    <>
      <Circle cx={14} cy={y} r={3.5} fill={ink} />
      <Circle cx={58} cy={y} r={3.5} fill={ink} />
      <Line x1={14} y1={y} x2={28} y2={y} {...line} />
      <Line x1={28} y1={y} x2={44} y2={y - 9} {...line} />
      <Line x1={45} y1={y} x2={58} y2={y} {...line} />
    </>
  )
  const bar = (y: number) => (
    <>
      <Circle cx={14} cy={y} r={3.5} fill={ink} />
      <Circle cx={58} cy={y} r={3.5} fill={ink} />
      <Line x1={14} y1={y} x2={58} y2={y} {...line} strokeWidth={5} />
    </>
  )
  return (
    <Svg width={72} height={40} aria-hidden>
      {name === 'one-pole' && (
        <>
          {open(14)}
          {bar(31)}
        </>
      )}
      {name === 'two-pole' && (
        <>
          {open(14)}
          {open(31)}
        </>
      )}
      {(name === 'dual' || name === 'own') && (
        <G>
          <Circle cx={36} cy={20} r={18} fill="none" stroke={ink} strokeWidth={2.5} />
          {name === 'dual' ? (
            <>
              <Circle cx={36} cy={10} r={3.5} fill={ink} />
              <Circle cx={27} cy={26} r={3.5} fill={ink} />
              <Circle cx={45} cy={26} r={3.5} fill={ink} />
            </>
          ) : (
            <>
              <Circle cx={28} cy={20} r={3.5} fill={ink} />
              <Circle cx={44} cy={20} r={3.5} fill={ink} />
            </>
          )}
        </G>
      )}
    </Svg>
  )
}
