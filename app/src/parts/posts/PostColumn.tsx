// The unit's posts as boxes with terminals: each one a thing to press, with a word for what stands on it.
import type { PostId } from '@oak/core/wiring/unit-type'
import { memo } from 'react'
import { View } from 'react-native'
import Svg, { Defs, Line, Pattern, Rect, Circle } from 'react-native-svg'
import { Group } from '../../ui/Group'
import { Tap } from '../../ui/Tap'
import { usePalette } from '../../ui/theme'
import { sameFields, useStable } from '../../ui/use-stable'
import { Words } from '../../ui/Words'
import type { PostCell as PlacedCell, PostLayout } from './post-layout'

export interface PostFace {
  readonly id: string
  readonly label: string
  /** Who uses it: FAN, HERM. */
  readonly tag?: string
  /** For the screen reader: "T1 on the contactor". */
  readonly name: string
  /** What stands on it in the shown mode, in a word. */
  readonly word?: string
  readonly pattern?: 'stripes' | 'dots' | 'bars' | 'cross' | 'none'
  readonly mark?: 'target' | 'stop' | 'mend'
}

/** No box of its own: what it holds stands where it would without it. */
const BARE = { display: 'contents' } as const

export interface PostColumnProps {
  readonly layout: PostLayout
  readonly faces: ReadonlyMap<string, PostFace>
  readonly onPress?: (post: PostId) => void
  /** A thumb came down on a post, and may press it. */
  readonly onAim?: (post: PostId) => void
  /** Something is in hand: every post is where it may go. undefined: nothing ever is. */
  readonly targets?: boolean
}

export function PostColumn({ layout, faces, onPress, onAim, targets }: PostColumnProps) {
  const palette = usePalette()
  const press = useStable((post: PostId) => onPress?.(post))
  const aim = useStable((post: PostId) => onAim?.(post))
  return (
    <>
      {layout.boxes.map((box) => (
        <View
          key={box.id}
          style={{
            position: 'absolute',
            pointerEvents: 'none',
            left: layout.x,
            top: box.y,
            width: layout.width,
            height: box.height,
            borderWidth: 1.5,
            borderColor: palette.edge,
            borderRadius: 8,
          }}
        >
          <Words fixed size="tiny" tone="quiet" lines={1} style={{ paddingHorizontal: 8, paddingTop: 3 }}>
            {box.name}
          </Words>
        </View>
      ))}
      {targets === undefined ? null : <Targets layout={layout} isShown={targets} />}
      <Group holds="button" label="Posts of the unit" style={BARE}>
        {[...layout.cells.values()].map((cell) => {
          const face = faces.get(cell.id)
          if (!face) return null
          const border = face.mark === 'stop' ? palette.stop : face.mark ? palette.action : palette.ink
          return (
            <PostCell
              key={cell.id}
              cell={cell}
              face={face}
              onPress={onPress ? press : undefined}
              onAim={aim}
              border={border}
            />
          )
        })}
      </Group>
    </>
  )
}

/** Outside the post's own edge, px. */
const RING = 3

interface TargetsProps {
  readonly layout: PostLayout
  readonly isShown: boolean
}

/** A ring around every post, shown and hidden as one thing: twenty posts need not be drawn again for it. */
function Targets({ layout, isShown }: TargetsProps) {
  const palette = usePalette()
  const rings = [...layout.cells.values()].map(({ id, x, y, width, height }) => (
    <View
      key={id}
      style={{
        position: 'absolute',
        left: x - RING,
        top: y - RING,
        width: width + 2 * RING,
        height: height + 2 * RING,
        borderWidth: RING,
        borderStyle: 'dashed',
        borderColor: palette.action,
        borderRadius: 9,
      }}
    />
  ))
  return (
    <View style={{ display: isShown ? 'contents' : 'none', pointerEvents: 'none' }} testID="targets">
      {rings}
    </View>
  )
}

interface PostCellProps {
  readonly cell: PlacedCell
  readonly face: PostFace
  readonly onPress: ((post: PostId) => void) | undefined
  /** Stable. */
  readonly onAim: (post: PostId) => void
  readonly border: string
}

/** Drawn again only when it looks otherwise: a verdict changes a few of twenty. */
const PostCell = memo(
  DrawnCell,
  (before, now) =>
    sameFields(before.cell, now.cell) &&
    sameFields(before.face, now.face) &&
    before.border === now.border &&
    before.onPress === now.onPress,
)

function DrawnCell({ cell, face, onPress, onAim, border }: PostCellProps) {
  const palette = usePalette()
  return (
    <Tap
      testID={`post-${cell.id}`}
      more={face.name.startsWith(face.label) ? face.name.slice(face.label.length).trim() : face.name}
      disabled={!onPress}
      onPress={() => onPress?.(cell.id)}
      onAim={() => onAim(cell.id)}
      style={{
        position: 'absolute',
        left: cell.x,
        top: cell.y,
        width: cell.width,
        height: cell.height,
        minWidth: 0,
        borderRadius: 6,
        overflow: 'hidden',
        backgroundColor: palette.surface,
        borderWidth: face.mark ? 3 : 1.5,
        borderStyle: face.mark === 'target' ? 'dashed' : 'solid',
        borderColor: border,
        opacity: 1,
      }}
    >
      <Live pattern={face.pattern ?? 'none'} id={cell.id} />
      <Words
        fixed
        size="small"
        lines={1}
        style={{ textAlign: 'center', fontWeight: '700', lineHeight: face.tag ? 16 : 20 }}
      >
        {face.label}
      </Words>
      {face.tag ? (
        <Words
          fixed
          size="tiny"
          lines={1}
          style={{ textAlign: 'center', fontSize: 12, lineHeight: 13, fontWeight: '700' }}
        >
          {face.tag}
        </Words>
      ) : null}
      {face.word ? (
        <Words
          fixed
          size="tiny"
          lines={1}
          style={{
            textAlign: 'center',
            letterSpacing: -0.2,
            lineHeight: 14,
            marginBottom: face.tag ? 3 : 0,
          }}
        >
          {face.word}
        </Words>
      ) : null}
    </Tap>
  )
}

/** Live, neutral and dead told apart by pattern: a band at the foot of the post. */
function Live({ pattern, id }: { readonly pattern: NonNullable<PostFace['pattern']>; readonly id: string }) {
  const palette = usePalette()
  if (pattern === 'none') return null
  const key = `live-${pattern}-${id.replace(/[^a-z0-9]/gi, '_')}`
  return (
    <Svg
      style={{ position: 'absolute', left: 0, right: 0, bottom: 0, pointerEvents: 'none' }}
      width="100%"
      height={5}
      aria-hidden
    >
      <Defs>
        <Pattern id={key} width={8} height={8} patternUnits="userSpaceOnUse">
          {pattern === 'stripes' && (
            <Line x1={-2} y1={10} x2={10} y2={-2} stroke={palette.ink} strokeWidth={3} />
          )}
          {pattern === 'dots' && <Circle cx={4} cy={2.5} r={2} fill={palette.ink} />}
          {pattern === 'bars' && (
            <Line x1={0} y1={2.5} x2={8} y2={2.5} stroke={palette.ink} strokeWidth={2} />
          )}
          {pattern === 'cross' && <Line x1={4} y1={0} x2={4} y2={8} stroke={palette.ink} strokeWidth={1.5} />}
        </Pattern>
      </Defs>
      <Rect width="100%" height={5} fill={`url(#${key})`} />
    </Svg>
  )
}
