// What kind of part a line is, drawn from its own data: a can by its posts, a blade by its blades, a motor by its shaft.
import Svg, { Circle, G, Line, Path, Rect } from 'react-native-svg'
import type { StockLine } from '@oak/core/van/stock-line'
import { usePalette } from '../../ui/theme'

const SIZE = 52

export function LineGlyph({ line }: { readonly line: StockLine }) {
  const { ink, surface } = usePalette()
  return (
    <Svg width={SIZE} height={SIZE} viewBox="0 0 52 52" aria-hidden>
      {line.kind === 'motor' ? (
        <G stroke={ink} strokeWidth={2.5} fill={surface}>
          <Rect x={8} y={14} width={28} height={26} rx={6} />
          <Line x1={36} y1={27} x2={48} y2={27} strokeWidth={5} />
          {[19, 27, 35].map((y) => (
            <Path key={y} d={`M8 ${y}H2`} />
          ))}
        </G>
      ) : null}
      {line.kind === 'capacitor' ? <Can line={line} ink={ink} fill={surface} /> : null}
      {line.kind === 'blade' ? <Blades count={line.blade.blades ?? 3} ink={ink} /> : null}
      {line.kind === 'part' ? (
        <G stroke={ink} strokeWidth={2.5} fill={surface}>
          <Path d="M8 20L26 10L44 20V38L26 46L8 38Z" />
          <Path d="M8 20L26 28L44 20M26 28V46" fill="none" />
        </G>
      ) : null}
    </Svg>
  )
}

function Can({
  line,
  ink,
  fill,
}: {
  readonly line: Extract<StockLine, { kind: 'capacitor' }>
  readonly ink: string
  readonly fill: string
}) {
  const posts = line.layout === 'start' ? 2 : line.microfarads.length
  const ring = line.layout === 'single' || line.layout === 'start' ? 0 : 1
  return (
    <G>
      <Circle
        cx={26}
        cy={26}
        r={22}
        fill={fill}
        stroke={ink}
        strokeWidth={2.5}
        strokeDasharray={line.layout === 'start' ? '5 4' : undefined}
      />
      {ring ? <Circle cx={26} cy={26} r={4.5} fill={fill} stroke={ink} strokeWidth={2} /> : null}
      {Array.from({ length: ring ? posts : 2 }, (_, i) => {
        const turn = (2 * Math.PI * i) / (ring ? posts : 2) - Math.PI / 2
        return <Circle key={i} cx={26 + 14 * Math.cos(turn)} cy={26 + 14 * Math.sin(turn)} r={4} fill={ink} />
      })}
    </G>
  )
}

function Blades({ count, ink }: { readonly count: number; readonly ink: string }) {
  return (
    <G>
      {Array.from({ length: count }, (_, i) => (
        <Path
          key={i}
          d="M24 22C16 18 16 8 22 4H30C34 10 32 18 28 22z"
          fill={ink}
          transform={`rotate(${(360 * i) / count} 26 26)`}
        />
      ))}
      <Circle cx={26} cy={26} r={5} fill={ink} />
    </G>
  )
}
