// The practice unit: its posts with their wires left, its motor’s leads right, and the two probes where they are. Anything is touched by a tap.
import { memo, useMemo, useState } from 'react'
import { useWindowDimensions, View } from 'react-native'
import Svg, { Circle, G } from 'react-native-svg'
import type { BenchOutput } from '@oak/core/operations/practice-round'
import type { Spot } from '@oak/core/practice/electricity/spot'
import {
  dotOf,
  layoutPosts,
  waysOut,
  wireByMargin,
  wireToRight,
  type PostLayout,
} from '../../parts/posts/post-layout'
import { PostColumn, type PostFace } from '../../parts/posts/PostColumn'
import { Group } from '../../ui/Group'
import { Tap } from '../../ui/Tap'
import { usePalette } from '../../ui/theme'
import { sameFields, useStable } from '../../ui/use-stable'
import { WirePath } from '../../ui/WirePath'
import { Words } from '../../ui/Words'
import { Clamp, ProbeTips, type Point } from './BenchProbes'
import { leadLines, sameSpot } from './practice-model'

/** Where the probes are: red, then black. */
export type Probes = readonly [Spot | null, Spot | null]

const [MARGIN, LEAD_WIDTH, LEAD_HEIGHT, GAP] = [34, 126, 56, 8]
/** No box of its own: what it holds stands where it would without it. */
const BARE = { display: 'contents' } as const
const PROBE_NAMES = ['red probe', 'black probe'] as const

export interface BenchPictureProps {
  readonly bench: BenchOutput
  readonly probes: Probes
  /** The meter is the clamp: it goes round a lead. */
  readonly isClamp?: boolean
  /** Left out, nothing of it is pressed. */
  readonly onSpot?: (spot: Spot) => void
  /** A thumb came down there, and may press it. */
  readonly onAim?: (spot: Spot) => void
}

interface Chip {
  readonly key: string
  readonly spot: Spot
  readonly title: string
  readonly under: string
}

/** Where a lead is, as one sees it; short, since the code of a stripe stands before it. */
function whereText({ goes, isOff }: BenchOutput['leads'][number], label: (post: string) => string): string {
  if (isOff) return 'off post'
  if (goes.kind === 'post') return `on ${label(goes.post)}`
  return { plug: 'in plug', loose: 'loose', insulated: 'capped' }[goes.kind]
}

function chipsOf({ leads, parts }: BenchOutput): Chip[] {
  const label = (post: string) => parts.flatMap((p) => p.posts).find((p) => p.id === post)?.label ?? post
  return [
    ...leads.map((lead) => ({
      key: `lead-${lead.id}`,
      spot: { on: 'lead' as const, lead: lead.id },
      ...leadLines(lead.insulation, whereText(lead, label)),
    })),
    { key: 'frame', spot: { on: 'frame' as const }, title: 'motor’s frame', under: 'bare metal' },
    { key: 'chassis', spot: { on: 'chassis' as const }, title: 'chassis', under: 'bare metal' },
  ]
}

const probeWord = (probes: Probes, spot: Spot): string | undefined => {
  const on = PROBE_NAMES.filter((_, i) => sameSpot(probes[i] ?? null, spot))
  return on.length > 0 ? on.map((name) => name.replace(' probe', '')).join(', ') : undefined
}

export function BenchPicture({ bench, probes, isClamp = false, onSpot, onAim }: BenchPictureProps) {
  const press = useStable((spot: Spot) => onSpot?.(spot))
  const aim = useStable((spot: Spot) => onAim?.(spot))
  const window = useWindowDimensions()
  const [width, setWidth] = useState(Math.min(366, window.width - 24))
  const layout = useMemo(
    () => layoutPosts(bench.parts, MARGIN, Math.min(320, width - MARGIN - LEAD_WIDTH - 26)),
    [bench.parts, width],
  )
  const faces = useMemo(
    () =>
      new Map(
        bench.parts
          .flatMap((p) => p.posts)
          .map((post): [string, PostFace] => {
            const word = probeWord(probes, { on: 'post', post: post.id })
            return [
              post.id,
              word ? { ...post, name: `${post.name}, ${word} probe`, mark: 'target' as const } : post,
            ]
          }),
      ),
    [bench.parts, probes],
  )
  const chips = chipsOf(bench)
  const right = width - LEAD_WIDTH
  const chipY = (i: number) => i * (LEAD_HEIGHT + GAP)
  const height = Math.max(layout.height, chipY(chips.length))
  const placeOf = (spot: Spot | null) => placeIn(layout, chips, spot, { right, chipY })
  return (
    <View onLayout={(e) => setWidth(e.nativeEvent.layout.width)} style={{ height }} testID="bench">
      <Runs bench={bench} layout={layout} width={width} height={height} right={right} chipY={chipY} />
      <PostColumn
        layout={layout}
        faces={faces}
        onAim={(post) => aim({ on: 'post', post })}
        {...(onSpot ? { onPress: (post: string) => press({ on: 'post', post }) } : {})}
      />
      <Group holds="button" label="The motor’s leads, its frame, the chassis" style={BARE}>
        {chips.map((chip, i) => (
          <ChipFace
            key={chip.key}
            chip={chip}
            word={probeWord(probes, chip.spot)}
            left={right}
            top={chipY(i)}
            onSpot={onSpot ? press : undefined}
            onAim={aim}
          />
        ))}
      </Group>
      {isClamp ? (
        <Clamp width={width} height={height} at={placeOf(probes[0])} />
      ) : (
        <ProbeTips width={width} height={height} ends={[placeOf(probes[0]), placeOf(probes[1])]} />
      )}
    </View>
  )
}

interface Ends {
  readonly right: number
  readonly chipY: (i: number) => number
}
/** Where a probe's tip is; null: it hangs. */
function placeIn(
  layout: PostLayout,
  chips: readonly Chip[],
  spot: Spot | null,
  { right, chipY }: Ends,
): Point | null {
  if (spot === null) return null
  if (spot.on === 'post') {
    const cell = layout.cells.get(spot.post)
    return cell ? { x: cell.x + 11, y: cell.y + cell.height - 11 } : null
  }
  const i = chips.findIndex((chip) => sameSpot(chip.spot, spot))
  return i < 0 ? null : { x: right + 12, y: chipY(i) + LEAD_HEIGHT - 12 }
}

interface ChipFaceProps {
  readonly chip: Chip
  /** Which probes are on it; undefined: none. */
  readonly word: string | undefined
  readonly left: number
  readonly top: number
  readonly onSpot: ((spot: Spot) => void) | undefined
  readonly onAim: (spot: Spot) => void
}

/** Drawn again only when it looks otherwise: a probe is on one of ten, and their lists are made anew with every answer. */
const ChipFace = memo(
  DrawnChip,
  (before, now) =>
    sameFields({ ...before, chip: null }, { ...now, chip: null }) &&
    JSON.stringify(before.chip) === JSON.stringify(now.chip),
)

function DrawnChip({ chip, word, left, top, onSpot, onAim }: ChipFaceProps) {
  const palette = usePalette()
  return (
    <Tap
      testID={`spot-${chip.key}`}
      selected={word !== undefined}
      disabled={!onSpot}
      more={word ? `${word} probe` : undefined}
      onPress={() => onSpot?.(chip.spot)}
      onAim={() => onAim(chip.spot)}
      style={{
        position: 'absolute',
        left,
        top,
        width: LEAD_WIDTH,
        height: LEAD_HEIGHT,
        paddingHorizontal: 7,
        borderRadius: 8,
        borderWidth: word ? 3 : 1.5,
        borderStyle: word ? 'dashed' : 'solid',
        borderColor: word ? palette.action : palette.ink,
        backgroundColor: palette.surface,
      }}
    >
      <Words fixed size="small" lines={1} style={{ fontWeight: '700' }}>
        {chip.title}
      </Words>
      <Words fixed size="tiny" tone="quiet" lines={1} style={{ paddingLeft: word ? 16 : 0 }}>
        {chip.under}
      </Words>
    </Tap>
  )
}

interface RunsProps extends Ends {
  readonly bench: BenchOutput
  readonly layout: PostLayout
  readonly width: number
  readonly height: number
}

/** The unit's own wires by the margin, the motor's leads to the right; what is off its post is a stub. */
function Runs({ bench, layout, width, height, right, chipY }: RunsProps) {
  const palette = usePalette()
  const landed = bench.leads.flatMap(({ goes, isOff }) => (goes.kind === 'post' && !isOff ? [goes.post] : []))
  const ways = waysOut(layout, landed)
  return (
    <Svg
      style={{ position: 'absolute', left: 0, top: 0, pointerEvents: 'none' }}
      width={width}
      height={height}
      aria-hidden
    >
      {bench.wires.map(({ id, from, to, isOff }, i) => {
        const [a, b] = [layout.cells.get(from), layout.cells.get(to)]
        return a && b && !isOff ? (
          <WirePath key={id} d={wireByMargin(a, b, 4 + (i % 5) * 7)} insulation={null} width={2} />
        ) : null
      })}
      {bench.leads.map(({ id, insulation, goes, isOff }, i) => {
        const y = chipY(i) + LEAD_HEIGHT / 2
        const cell = goes.kind === 'post' && !isOff ? layout.cells.get(goes.post) : undefined
        if (!cell)
          return goes.kind === 'plug' ? null : (
            <WirePath key={id} d={`M${right} ${y}H${right - 18}`} insulation={insulation} />
          )
        const dot = dotOf(cell, ways.get(cell.id))
        return (
          <G key={id}>
            <WirePath
              d={wireToRight(layout, cell, { x: right, y }, ways.get(cell.id))}
              insulation={insulation}
            />
            <Circle cx={dot.x} cy={dot.y} r={5} fill={palette.ink} />
          </G>
        )
      })}
    </Svg>
  )
}
