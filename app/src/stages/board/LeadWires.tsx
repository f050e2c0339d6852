// The wires of the board, from each lead’s label to its post, and the one under the finger.
import { memo } from 'react'
import Svg, { Circle, Rect } from 'react-native-svg'
import { usePalette } from '../../ui/theme'
import { sameFields } from '../../ui/use-stable'
import { WirePath } from '../../ui/WirePath'
import { dotOf, waysOut, wireToRight, type PostLayout, type Way } from '../../parts/posts/post-layout'
import { type BoardLead } from './board-model'
import { type WireEnd, type Dragged, type Layout } from './lead-layout'

interface LeadWiresProps {
  readonly width: number
  readonly height: number
  readonly ends: readonly WireEnd[]
  readonly layout: PostLayout
  readonly selected: string | null
  readonly stopped: ReadonlySet<string>
  readonly drag: Dragged | null
  readonly right: number
}

export function LeadWires({ width, height, ends, layout, selected, stopped, drag, right }: LeadWiresProps) {
  const palette = usePalette()
  const ways = waysOut(
    layout,
    ends.flatMap(({ lead }) => (lead.goes.kind === 'post' ? [lead.goes.post] : [])),
  )
  return (
    <Svg
      style={{ position: 'absolute', left: 0, top: 0, pointerEvents: 'none' }}
      width={width}
      height={height}
      aria-hidden
    >
      {ends.map(({ lead, x, y }) => (
        <LeadWire
          key={lead.id}
          lead={lead}
          x={x}
          y={y}
          layout={layout}
          way={lead.goes.kind === 'post' ? ways.get(lead.goes.post) : undefined}
          ink={palette.ink}
          emphasis={selected === lead.id ? 'selected' : stopped.has(lead.id) ? 'stop' : undefined}
        />
      ))}
      {drag ? (
        <WirePath
          d={`M${drag.x} ${drag.y}L${right} ${ends.find((e) => e.lead.id === drag.lead.id)?.y ?? drag.y}`}
          insulation={drag.lead.insulation}
          emphasis="selected"
        />
      ) : null}
    </Svg>
  )
}

interface LeadWireProps {
  readonly lead: BoardLead
  readonly x: number
  readonly y: number
  readonly layout: Layout
  readonly way: Way | undefined
  readonly ink: string
  readonly emphasis?: 'selected' | 'stop'
}

/** Drawn again only when it runs otherwise: an answer has every lead anew. */
const LeadWire = memo(
  DrawnWire,
  (before, now) =>
    sameFields({ ...before, lead: null }, { ...now, lead: null }) &&
    JSON.stringify(before.lead) === JSON.stringify(now.lead),
)

function DrawnWire({ lead, x, y, layout, way, ink, emphasis }: LeadWireProps) {
  const cell = lead.goes.kind === 'post' ? layout.cells.get(lead.goes.post) : undefined
  if (cell) {
    const dot = dotOf(cell, way)
    return (
      <>
        <WirePath
          d={wireToRight(layout, cell, { x, y }, way)}
          insulation={lead.insulation}
          emphasis={emphasis}
        />
        <Circle cx={dot.x} cy={dot.y} r={5.5} fill={ink} />
      </>
    )
  }
  if (lead.goes.kind === 'plug') return null
  // A stub: with a cap on it when insulated, bare and broken when loose.
  return (
    <>
      <WirePath
        d={`M${x} ${y}H${x - 22}`}
        insulation={lead.insulation}
        broken={lead.goes.kind === 'loose'}
        emphasis={emphasis}
      />
      {lead.goes.kind === 'insulated' ? (
        <Rect x={x - 34} y={y - 8} width={15} height={16} rx={5} fill={ink} />
      ) : null}
    </>
  )
}
