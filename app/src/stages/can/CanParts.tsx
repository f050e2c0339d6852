// The parts that a can’s picture is drawn with: rim, strap, posts, jumpers’ ends, the kit.
import { Circle, G, Line, Path, Rect, Text } from 'react-native-svg'
import { figure } from '@oak/core/quantity/display'
import { FONT, usePalette } from '../../ui/theme'
import {
  KIT_SIZE,
  kitCorner,
  middleOf,
  type CanLayout,
  type CaseSpot,
  type SectionSpot,
} from '@oak/core/capacitor/top/can-layout'
import type { Spot } from '@oak/core/capacitor/top/seats'
import { type CanGroup, valueText } from './can-group'

/** The case from above, in its strap; one that stays is drawn broken, for it is not the new one. */
export function Rim({ at, named }: { readonly at: CaseSpot; readonly named: boolean }) {
  const palette = usePalette()
  return (
    <G>
      <Rect
        x={at.x - at.r - 9}
        y={at.y - 13}
        width={20}
        height={26}
        rx={3}
        fill={palette.line}
        stroke={palette.ink}
        strokeWidth={1.5}
      />
      <Circle
        cx={at.x}
        cy={at.y}
        r={at.r}
        fill={palette.surface}
        stroke={palette.ink}
        strokeWidth={3}
        strokeDasharray={at.stays ? '9 6' : undefined}
      />
      <Circle cx={at.x} cy={at.y} r={at.r - 7} fill="none" stroke={palette.line} strokeWidth={1.5} />
      {named ? (
        <Text
          x={at.x}
          y={at.y + at.r + 17}
          fontSize={13}
          fontWeight="650"
          textAnchor="middle"
          fill={palette.ink}
          fontFamily={FONT}
        >{`${short(at.name, at.r > 100 ? 34 : 20)}${at.stays ? ' (stays)' : ''}`}</Text>
      ) : null}
    </G>
  )
}

const short = (text: string, most: number): string =>
  text.length > most ? `${text.slice(0, most - 1)}…` : text

export function Strip({ d }: { readonly d: string }) {
  const palette = usePalette()
  return (
    <G>
      <Path d={d} stroke={palette.ground} strokeWidth={11} fill="none" />
      <Path d={d} stroke={palette.ink} strokeWidth={7} fill="none" strokeLinecap="round" />
    </G>
  )
}

export function CPost({ spot: { x, y, r } }: { readonly spot: Spot }) {
  const palette = usePalette()
  return (
    <G>
      <Circle cx={x} cy={y} r={r} fill={palette.surface} stroke={palette.ink} strokeWidth={5} />
      <Circle cx={x} cy={y} r={r - 6} fill="none" stroke={palette.ink} strokeWidth={1.5} />
      <Text
        x={x}
        y={y + r / 3}
        fontSize={r * 0.92}
        fontWeight="800"
        textAnchor="middle"
        fill={palette.ink}
        fontFamily={FONT}
      >
        C
      </Text>
    </G>
  )
}

/** The post that was pressed first. */
export function Picked({ spot: { x, y, r } }: { readonly spot: Spot }) {
  const palette = usePalette()
  return (
    <Circle
      cx={x}
      cy={y}
      r={r + 11}
      fill="none"
      stroke={palette.watch}
      strokeWidth={6}
      strokeDasharray="9 6"
    />
  )
}

/** Square, for it is no section: joined to C inside, through a fuse. */
export function Guarded({ spot: { x, y, r } }: { readonly spot: Spot }) {
  const palette = usePalette()
  return (
    <G>
      <Rect
        x={x - r}
        y={y - r}
        width={2 * r}
        height={2 * r}
        rx={3}
        fill={palette.surface}
        stroke={palette.ink}
        strokeWidth={2.5}
      />
      <Path d={`M${x - r + 3} ${y}h3q3-6 6 0t6 0h3`} stroke={palette.ink} strokeWidth={2} fill="none" />
    </G>
  )
}

/** The kit is a box beside the cans with two leads. */
export function Kit({
  layout,
  from,
  to,
}: {
  readonly layout: CanLayout
  readonly from: Spot | undefined
  readonly to: Spot | undefined
}) {
  const palette = usePalette()
  const ends = [from, to].flatMap((spot) => (spot ? [spot] : []))
  const at = kitCorner(layout, ends)
  const mid = middleOf(at)
  return (
    <G>
      {ends.map((spot, i) => (
        <Path
          key={i}
          d={`M${mid.x} ${mid.y}L${spot.x} ${spot.y}`}
          stroke={palette.ink}
          strokeWidth={3}
          strokeDasharray="7 4"
          fill="none"
        />
      ))}
      <Rect {...at} {...KIT_SIZE} rx={4} fill={palette.surface} stroke={palette.ink} strokeWidth={2.5} />
      <Text
        x={mid.x}
        y={mid.y + 5}
        fontSize={14}
        fontWeight="750"
        textAnchor="middle"
        fill={palette.ink}
        fontFamily={FONT}
      >
        START
      </Text>
    </G>
  )
}

export function Post({
  spot,
  group,
  dead,
}: {
  readonly spot: SectionSpot
  readonly group: CanGroup | undefined
  readonly dead: boolean
}) {
  const palette = usePalette()
  const { x, y, r, section } = spot
  const lead = group?.lead === section.id
  const value = valueText(section)
  return (
    <G>
      <Circle
        cx={x}
        cy={y}
        r={r}
        fill={group ? palette.ink : palette.surface}
        stroke={palette.ink}
        strokeWidth={group ? 3 : 2}
        strokeDasharray={group ? undefined : '4 4'}
      />
      {lead ? <Circle cx={x} cy={y} r={r + 5} fill="none" stroke={palette.ink} strokeWidth={2.5} /> : null}
      <Text
        x={x}
        y={y + (group ? 2 : 7)}
        fontSize={value.length > 4 || r < 24 ? 14 : 19}
        fontWeight="750"
        textAnchor="middle"
        fill={group ? palette.surface : palette.ink}
        fontFamily={FONT}
      >
        {value}
      </Text>
      {group ? (
        <Text
          x={x}
          y={y + 16}
          fontSize={11.5}
          fontWeight="600"
          textAnchor="middle"
          fill={palette.surface}
          fontFamily={FONT}
        >
          {group.load.slice(0, 5)}
        </Text>
      ) : null}
      {section.marked === undefined ? null : (
        <Text
          x={x}
          y={y - r - 7}
          fontSize={11.5}
          fontWeight="600"
          textAnchor="middle"
          fill={palette.ink}
          fontFamily={FONT}
        >{`reads ${figure(section.microfarads)}`}</Text>
      )}
      {dead ? (
        <G>
          <Line x1={x - r} y1={y - r} x2={x + r} y2={y + r} stroke={palette.stop} strokeWidth={5} />
          <Line x1={x + r} y1={y - r} x2={x - r} y2={y + r} stroke={palette.stop} strokeWidth={5} />
        </G>
      ) : null}
      {group || dead ? null : (
        <Line x1={x - 6} x2={x + 6} y1={y + 13} y2={y + 13} stroke={palette.quiet} strokeWidth={2} />
      )}
    </G>
  )
}
