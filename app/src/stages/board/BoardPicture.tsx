// The hookup board: posts left, the new motor's leads right, every wire in its own colours. Tap a lead, then a post.
import type { PostId } from '@oak/core/wiring/unit-type'
import type { LeadId } from '@oak/core/motor/lead-id'
import { useEffect, useMemo, useRef, useState } from 'react'
import { useWindowDimensions, View } from 'react-native'
import type { HookupPost } from '@oak/core/wiring/hookup-posts'
import { layoutPosts, type PartInput, type PostLayout } from '../../parts/posts/post-layout'
import { PostColumn, type PostFace } from '../../parts/posts/PostColumn'
import { Group } from '../../ui/Group'
import { type BoardLead } from './board-model'
import { PlugFaces, PlugTitle, LeadFaces } from './LeadFaces'
import { LeadWires } from './LeadWires'
import { LEAD_WIDTH, type Dragged, placeLeads, arrange, postAt, withTarget } from './lead-layout'
const AFTER_DRAG_MS = 80
const AIMS_AFTER_MS = 60
/** Before its place is measured, px: as wide as a phone leaves it. */
const WIDEST = 366
const BESIDE = 24
/** No box of its own: what it holds stands where it would without it. */
const BARE = { display: 'contents' } as const

export interface BoardPictureProps {
  readonly parts: readonly PartInput[]
  readonly posts: readonly HookupPost[]
  readonly faces: ReadonlyMap<string, PostFace>
  readonly leads: readonly BoardLead[]
  /** Leads with a severe hazard. */
  readonly stopped: ReadonlySet<string>
  readonly selected: string | null
  readonly onLead: (lead: LeadId) => void
  readonly onPost: (post: PostId) => void
  /** A thumb is down on a post, or a lead held over one. */
  readonly onAim: (post: PostId, lead?: LeadId) => void
  /** A lead was let go on a post. */
  readonly onDrop: (lead: LeadId, post: PostId) => void
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
  onAim,
  onDrop,
  plugTitle,
}: BoardPictureProps) {
  const window = useWindowDimensions()
  const [width, setWidth] = useState(Math.min(WIDEST, window.width - BESIDE))
  const layout = useMemo(() => layoutPosts(parts, 0, Math.min(300, width - LEAD_WIDTH - 40)), [parts, width])
  const { main, plug } = useMemo(() => arrange(leads, layout), [leads, layout])
  const { right, yOf, plugTop, plugAt, height, ends } = placeLeads(width, layout, main, plug)
  const { drag, over, setDrag, cancel, tap, drop } = useDrag(layout, { onLead, onAim, onDrop })
  const shown = over ? withTarget(faces, over) : faces
  return (
    <View onLayout={(e) => setWidth(e.nativeEvent.layout.width)} style={{ height }} testID="board">
      <PostColumn layout={layout} faces={shown} onPress={onPost} onAim={onAim} targets={selected !== null} />
      <LeadWires
        width={width}
        height={height}
        ends={ends}
        layout={layout}
        selected={selected}
        stopped={stopped}
        drag={drag}
        right={right}
      />
      <Group holds="button" label="The new motor’s leads" style={BARE}>
        <LeadFaces
          main={main}
          right={right}
          yOf={yOf}
          setDrag={setDrag}
          drop={drop}
          cancel={cancel}
          posts={posts}
          selected={selected}
          stopped={stopped}
          tap={tap}
        />
        <PlugTitle plug={plug} right={right} plugTop={plugTop} plugTitle={plugTitle} />
        <PlugFaces
          plug={plug}
          posts={posts}
          selected={selected}
          stopped={stopped}
          onLead={onLead}
          plugAt={plugAt}
        />
      </Group>
    </View>
  )
}

type Hand = Pick<BoardPictureProps, 'onLead' | 'onAim' | 'onDrop'>

/** A lead pulled over the board; let go on a post, it lands there. */
function useDrag(layout: PostLayout, { onLead, onAim, onDrop }: Hand) {
  const [drag, setDrag] = useState<Dragged | null>(null)
  const over = drag ? postAt(layout, drag.x, drag.y) : null
  const lead = drag?.lead.id
  // A finger that is drawn over ten posts aims at none of them; one that stays does.
  useEffect(() => {
    if (!over || !lead) return
    const stays = setTimeout(() => onAim(over, lead), AIMS_AFTER_MS)
    return () => clearTimeout(stays)
  }, [over, lead, onAim])
  // The browser makes a click of a finger that comes up after a drag: that is no tap on the lead.
  const justDragged = useRef(false)
  const endDrag = () => {
    setDrag(null)
    justDragged.current = true
    setTimeout(() => (justDragged.current = false), AFTER_DRAG_MS)
  }
  const tap = (pressed: LeadId) => void (justDragged.current || onLead(pressed))
  const drop = (dropped: LeadId, x: number, y: number) => {
    const post = postAt(layout, x, y)
    endDrag()
    if (post) onDrop(dropped, post)
  }
  return { drag, over, setDrag, cancel: () => drag && endDrag(), tap, drop }
}
