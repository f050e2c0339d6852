// The hookup board: posts left, the new motor's leads right, every wire in its own colours. Tap a lead, then a post.
import { useMemo, useRef, useState } from 'react'
import { View } from 'react-native'
import { GestureHandlerRootView } from 'react-native-gesture-handler'
import Svg, { Circle, Rect } from 'react-native-svg'
import { COLOUR_NAMES, insulationCode, type Insulation } from '@oak/core/motor/colour'
import type { HookupPost } from '@oak/core/wiring/hookup-posts'
import { Tap } from '../../ui/Tap'
import { usePalette } from '../../ui/theme'
import { WirePath } from '../../ui/WirePath'
import { WirePiece } from '../../ui/Swatch'
import { Words } from '../../ui/Words'
import { layoutPosts, wireToRight, type PartInput } from '../../parts/posts/post-layout'
import { PostColumn, type PostFace } from '../../parts/posts/PostColumn'
import { DragLead } from './DragLead'
import { placeName, type BoardLead } from './board-model'

const LEAD_WIDTH = 128
const LEAD_HEIGHT = 58
const GAP = 7
const PLUG_CELL = 56
const AFTER_DRAG_MS = 80

export interface BoardPictureProps {
  readonly parts: readonly PartInput[]
  readonly posts: readonly HookupPost[]
  readonly faces: ReadonlyMap<string, PostFace>
  readonly leads: readonly BoardLead[]
  /** Leads with a severe hazard. */
  readonly stopped: ReadonlySet<string>
  readonly selected: string | null
  readonly onLead: (lead: string) => void
  readonly onPost: (post: string) => void
  /** A lead was let go on a post. */
  readonly onDrop: (lead: string, post: string) => void
  readonly plugTitle: string
}

export function BoardPicture({
  parts,
  posts,
  faces,
  leads,
  stopped,
  selected,
  onLead,
  onPost,
  onDrop,
  plugTitle,
}: BoardPictureProps) {
  const palette = usePalette()
  const [width, setWidth] = useState(366)
  const layout = useMemo(() => layoutPosts(parts, 0, Math.min(300, width - LEAD_WIDTH - 40)), [parts, width])
  const right = width - LEAD_WIDTH
  const [drag, setDrag] = useState<{
    readonly lead: BoardLead
    readonly x: number
    readonly y: number
  } | null>(null)
  const { main, plug } = useMemo(() => arrange(leads, layout), [leads, layout])
  const yOf = (i: number) => i * (LEAD_HEIGHT + GAP)
  const plugTop = yOf(main.length) + 4
  const plugAt = (i: number) => ({
    x: right + (i % 2) * (LEAD_WIDTH / 2),
    y: plugTop + 20 + Math.floor(i / 2) * (PLUG_CELL + 4),
  })
  const height = Math.max(
    layout.height,
    plug.length ? plugTop + 20 + Math.ceil(plug.length / 2) * (PLUG_CELL + 4) : plugTop,
  )
  const ends = [
    ...main.map((lead, i) => ({ lead, x: right, y: yOf(i) + LEAD_HEIGHT / 2 })),
    ...plug.map((lead, i) => ({ lead, x: plugAt(i).x, y: plugAt(i).y + PLUG_CELL / 2 })),
  ]
  const over = drag && postAt(layout, drag.x, drag.y)
  const shown = over
    ? new Map(
        [...faces].map(([id, face]): [string, PostFace] => [
          id,
          id === over ? { ...face, mark: 'mend' } : face,
        ]),
      )
    : faces
  // The browser makes a click of a finger that comes up after a drag: that is no tap on the lead.
  const justDragged = useRef(false)
  const endDrag = () => {
    setDrag(null)
    justDragged.current = true
    setTimeout(() => (justDragged.current = false), AFTER_DRAG_MS)
  }
  const tap = (lead: string) => void (justDragged.current || onLead(lead))
  const drop = (lead: string, x: number, y: number) => {
    const post = postAt(layout, x, y)
    endDrag()
    if (post) onDrop(lead, post)
  }
  return (
    <GestureHandlerRootView style={{ height }}>
      <View onLayout={(e) => setWidth(e.nativeEvent.layout.width)} style={{ height }} testID="board">
        <PostColumn layout={layout} faces={shown} onPress={onPost} />
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
        {main.map((lead, i) => (
          <DragLead
            key={lead.id}
            style={{ position: 'absolute', left: right, top: yOf(i), width: LEAD_WIDTH, height: LEAD_HEIGHT }}
            onDrag={(x, y) => setDrag({ lead, x: right + x, y: yOf(i) + y })}
            onDrop={(x, y) => drop(lead.id, right + x, yOf(i) + y)}
            onCancel={() => drag && endDrag()}
          >
            <LeadFace
              lead={lead}
              posts={posts}
              selected={selected === lead.id}
              stopped={stopped.has(lead.id)}
              onPress={() => tap(lead.id)}
            />
          </DragLead>
        ))}
        {plug.length > 0 ? (
          <Words
            size="tiny"
            tone="quiet"
            lines={1}
            style={{ position: 'absolute', left: right, top: plugTop, width: LEAD_WIDTH }}
          >
            {plugTitle}
          </Words>
        ) : null}
        {plug.map((lead, i) => (
          <PlugFace
            key={lead.id}
            lead={lead}
            posts={posts}
            selected={selected === lead.id}
            stopped={stopped.has(lead.id)}
            onPress={() => onLead(lead.id)}
            left={plugAt(i).x}
            top={plugAt(i).y}
          />
        ))}
      </View>
    </GestureHandlerRootView>
  )
}

type Layout = ReturnType<typeof layoutPosts>

/** The post under a point of the board; null between posts. */
const postAt = ({ cells }: Layout, x: number, y: number): string | null =>
  [...cells.values()].find(
    (cell) => x >= cell.x && x <= cell.x + cell.width && y >= cell.y && y <= cell.y + cell.height,
  )?.id ?? null

/** Leads in the order of the posts they belong on, so that wires cross little; it does not change when a lead is moved. */
function arrange(leads: readonly BoardLead[], layout: Layout) {
  const y = (lead: BoardLead) =>
    lead.advised.kind === 'post'
      ? (layout.cells.get(lead.advised.post)?.y ?? 0)
      : lead.role === 'run-return'
        ? 60
        : 9000
  const main = leads.filter((lead) => !lead.isPlug).sort((a, b) => y(a) - y(b))
  return { main, plug: leads.filter((lead) => lead.isPlug) }
}

interface LeadWireProps {
  readonly lead: BoardLead
  readonly x: number
  readonly y: number
  readonly layout: Layout
  readonly ink: string
  readonly emphasis?: 'selected' | 'stop'
}

function LeadWire({ lead, x, y, layout, ink, emphasis }: LeadWireProps) {
  const cell = lead.goes.kind === 'post' ? layout.cells.get(lead.goes.post) : undefined
  if (cell)
    return (
      <>
        <WirePath d={wireToRight(layout, cell, { x, y })} insulation={lead.insulation} emphasis={emphasis} />
        <Circle cx={cell.dot.x} cy={cell.dot.y} r={5.5} fill={ink} />
      </>
    )
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

/** "brown/white" */
const shortName = ({ colour, stripe }: Insulation): string =>
  stripe ? `${COLOUR_NAMES[colour]}/${COLOUR_NAMES[stripe]}` : COLOUR_NAMES[colour]

interface FaceProps {
  readonly lead: BoardLead
  readonly posts: readonly HookupPost[]
  readonly selected: boolean
  readonly stopped: boolean
  readonly onPress: () => void
  readonly left?: number
  readonly top?: number
}

function useFrame({ selected, stopped }: FaceProps) {
  const palette = usePalette()
  return {
    borderRadius: 8,
    borderWidth: selected || stopped ? 3 : 1.5,
    borderColor: stopped ? palette.stop : selected ? palette.action : palette.ink,
    backgroundColor: palette.surface,
  } as const
}

function LeadFace(props: FaceProps) {
  const { lead, posts, selected, onPress } = props
  const state =
    lead.goes.kind === 'insulated'
      ? 'insulated'
      : lead.goes.kind === 'loose'
        ? 'loose!'
        : lead.moved
          ? 'moved'
          : null
  const frame = useFrame(props)
  return (
    <Tap
      testID={`lead-${lead.id}`}
      selected={selected}
      label={`${lead.name} lead, ${lead.role}, ${placeName(lead.goes, posts)}`}
      onPress={onPress}
      style={[{ width: LEAD_WIDTH, height: LEAD_HEIGHT, paddingHorizontal: 7 }, frame]}
    >
      <Words size="small" lines={1} style={{ fontWeight: '700' }}>
        {lead.role}
      </Words>
      <Words size="tiny" lines={1}>
        {shortName(lead.insulation)}
        {lead.insulation.stripe ? '' : ` · ${insulationCode(lead.insulation)}`}
      </Words>
      {state || lead.insulation.stripe ? (
        <Words size="tiny" tone={state === 'loose!' ? 'stop' : 'quiet'} lines={1}>
          {[lead.insulation.stripe ? insulationCode(lead.insulation) : '', state].filter(Boolean).join(' · ')}
        </Words>
      ) : null}
    </Tap>
  )
}

function PlugFace(props: FaceProps) {
  const { lead, posts, selected, onPress, left, top } = props
  const frame = useFrame(props)
  return (
    <Tap
      testID={`lead-${lead.id}`}
      selected={selected}
      label={`${lead.name} plug lead, ${placeName(lead.goes, posts)}`}
      onPress={onPress}
      style={[
        {
          position: 'absolute',
          left,
          top,
          width: LEAD_WIDTH / 2 - 4,
          height: PLUG_CELL,
          alignItems: 'center',
        },
        frame,
      ]}
    >
      <WirePiece insulation={lead.insulation} width={46} />
      <Words size="tiny" lines={1}>
        {insulationCode(lead.insulation)}
      </Words>
      {lead.goes.kind === 'plug' ? null : (
        <Words size="tiny" tone={lead.moved ? 'stop' : 'quiet'} lines={1}>
          {lead.goes.kind === 'insulated' ? 'open' : lead.goes.kind === 'loose' ? 'loose!' : 'moved'}
        </Words>
      )}
    </Tap>
  )
}
