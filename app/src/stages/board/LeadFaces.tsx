// The labels of the leads on the board: those that land, each to be dragged, and those that stay in the plug.
import { memo } from 'react'
import type { LeadId } from '@oak/core/motor/lead-id'
import { insulationCode, insulationShort } from '@oak/core/motor/colour'
import type { HookupPost } from '@oak/core/wiring/hookup-posts'
import { Tap } from '../../ui/Tap'
import { usePalette } from '../../ui/theme'
import { sameFields, useStable } from '../../ui/use-stable'
import { WirePiece } from '../../ui/Swatch'
import { Words } from '../../ui/Words'
import { DragLead } from './DragLead'
import { placeName, type BoardLead } from './board-model'
import { LEAD_WIDTH, LEAD_HEIGHT, PLUG_CELL, PLUG_WIDTH, type Dragged } from './lead-layout'

interface PlugFacesProps {
  readonly plug: BoardLead[]
  readonly posts: readonly HookupPost[]
  readonly selected: string | null
  readonly stopped: ReadonlySet<string>
  readonly onLead: (lead: LeadId) => void
  readonly plugAt: (i: number) => { x: number; y: number }
}

export function PlugFaces({ plug, posts, selected, stopped, onLead, plugAt }: PlugFacesProps) {
  const press = useStable(onLead)
  return (
    <>
      {plug.map((lead, i) => (
        <PlugFace
          key={lead.id}
          lead={lead}
          posts={posts}
          selected={selected === lead.id}
          stopped={stopped.has(lead.id)}
          onPress={press}
          left={plugAt(i).x}
          top={plugAt(i).y}
        />
      ))}
    </>
  )
}

interface PlugTitleProps {
  readonly plug: BoardLead[]
  readonly right: number
  readonly plugTop: number
  readonly plugTitle: string
}

export function PlugTitle({ plug, right, plugTop, plugTitle }: PlugTitleProps) {
  return plug.length > 0 ? (
    <Words
      fixed
      size="tiny"
      tone="quiet"
      lines={1}
      style={{ position: 'absolute', left: right, top: plugTop, width: LEAD_WIDTH }}
    >
      {plugTitle}
    </Words>
  ) : null
}

interface LeadFacesProps {
  readonly main: BoardLead[]
  readonly right: number
  readonly yOf: (i: number) => number
  readonly setDrag: (drag: Dragged | null) => void
  readonly drop: (lead: LeadId, x: number, y: number) => void
  readonly cancel: () => void
  readonly posts: readonly HookupPost[]
  readonly selected: string | null
  readonly stopped: ReadonlySet<string>
  readonly tap: (lead: LeadId) => undefined
}

export function LeadFaces({
  main,
  right,
  yOf,
  setDrag,
  drop,
  cancel,
  posts,
  selected,
  stopped,
  tap,
}: LeadFacesProps) {
  const hand = { press: useStable(tap), drop: useStable(drop), cancel: useStable(cancel) }
  return (
    <>
      {main.map((lead, i) => (
        <MainLead
          key={lead.id}
          lead={lead}
          left={right}
          top={yOf(i)}
          posts={posts}
          selected={selected === lead.id}
          stopped={stopped.has(lead.id)}
          onPress={hand.press}
          onDrag={setDrag}
          onDrop={hand.drop}
          onCancel={hand.cancel}
        />
      ))}
    </>
  )
}

interface FaceProps {
  readonly lead: BoardLead
  readonly posts: readonly HookupPost[]
  readonly selected: boolean
  readonly stopped: boolean
  readonly onPress: (lead: LeadId) => void
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

/** What stands under the lead's name; null: as advised. */
function stateWord({ goes, moved }: BoardLead): string | null {
  if (goes.kind === 'insulated') return 'insulated'
  if (goes.kind === 'loose') return 'loose!'
  return moved ? 'moved' : null
}

/** Drawn again only when it looks otherwise: an answer has every lead anew, and moves one or two. */
const isSame = <P extends FaceProps>(before: P, now: P): boolean =>
  sameFields({ ...before, lead: null }, { ...now, lead: null }) &&
  JSON.stringify(before.lead) === JSON.stringify(now.lead)
const MainLead = memo(DraggedLead, isSame)
const PlugFace = memo(DrawnPlug, isSame)

interface MainLeadProps extends FaceProps {
  readonly left: number
  readonly top: number
  readonly onDrag: (drag: Dragged) => void
  readonly onDrop: (lead: LeadId, x: number, y: number) => void
  readonly onCancel: () => void
}

function DraggedLead({ onDrag, onDrop, onCancel, ...face }: MainLeadProps) {
  const { lead, left, top } = face
  return (
    <DragLead
      style={{ position: 'absolute', left, top, width: LEAD_WIDTH, height: LEAD_HEIGHT }}
      onDrag={(x, y) => onDrag({ lead, x: left + x, y: top + y })}
      onDrop={(x, y) => onDrop(lead.id, left + x, top + y)}
      onCancel={onCancel}
    >
      <DrawnLead {...face} />
    </DragLead>
  )
}

function DrawnLead(props: FaceProps) {
  const { lead, posts, selected, onPress } = props
  const state = stateWord(lead)
  const frame = useFrame(props)
  return (
    <Tap
      testID={`lead-${lead.id}`}
      selected={selected}
      more={`${lead.name} lead, ${placeName(lead.goes, posts)}`}
      onPress={() => onPress(lead.id)}
      style={[{ width: LEAD_WIDTH, height: LEAD_HEIGHT, paddingHorizontal: 7 }, frame]}
    >
      <Words fixed size="small" lines={1} style={{ fontWeight: '700' }}>
        {lead.role}
      </Words>
      <Words fixed size="tiny" lines={1}>
        {insulationShort(lead.insulation)}
        {lead.insulation.stripe ? '' : ` · ${insulationCode(lead.insulation)}`}
      </Words>
      {state || lead.insulation.stripe ? (
        <Words fixed size="tiny" tone={state === 'loose!' ? 'stop' : 'quiet'} lines={1}>
          {[lead.insulation.stripe ? insulationCode(lead.insulation) : '', state].filter(Boolean).join(' · ')}
        </Words>
      ) : null}
    </Tap>
  )
}

function DrawnPlug(props: FaceProps) {
  const { lead, posts, selected, onPress, left, top } = props
  const frame = useFrame(props)
  return (
    <Tap
      testID={`lead-${lead.id}`}
      selected={selected}
      more={`${lead.name} plug lead, ${placeName(lead.goes, posts)}`}
      onPress={() => onPress(lead.id)}
      style={[
        {
          position: 'absolute',
          left,
          top,
          width: PLUG_WIDTH,
          height: PLUG_CELL,
          alignItems: 'center',
        },
        frame,
      ]}
    >
      <WirePiece insulation={lead.insulation} width={46} />
      <Words fixed size="tiny" lines={1}>
        {insulationCode(lead.insulation)}
      </Words>
      {lead.goes.kind === 'plug' ? null : (
        <Words fixed size="tiny" tone={lead.moved ? 'stop' : 'quiet'} lines={1}>
          {lead.goes.kind === 'insulated' ? 'open' : lead.goes.kind === 'loose' ? 'loose!' : 'moved'}
        </Words>
      )}
    </Tap>
  )
}
