// The new capacitor from the top, drawn from its own data: posts with their values, jumpers, ties of C, straps, the start kit, and what lands where.
import { View } from 'react-native'
import Svg, { Circle, G, Line, Path, Rect, Text } from 'react-native-svg'
import { casesOf, type Can } from '@oak/core/capacitor/can'
import type { Insulation } from '@oak/core/motor/colour'
import { figure } from '@oak/core/quantity/display'
import { COMPRESSOR_LOAD } from '@oak/core/wiring/new-can'
import { FONT, usePalette } from '../../ui/theme'
import { Tap } from '../../ui/Tap'
import { WirePath } from '../../ui/WirePath'
import {
  jumperPath,
  KIT_SIZE,
  kitCorner,
  leadPath,
  middleOf,
  placeCases,
  tiePath,
  type CanLayout,
  type CaseSpot,
  type SectionSpot,
  type Spot,
} from './can-layout'

export interface CanGroup {
  readonly load: string
  readonly sections: readonly string[]
  readonly lead: string
  readonly jumpers: readonly { readonly from: string; readonly to: string }[]
}

/** Where the far end of a hard-start kit is. */
export type KitEnd = 'none' | 'c' | 'protected'

export interface CanViewProps {
  readonly can: Pick<Can, 'name' | 'sections' | 'protectedStart'>
  readonly groups: readonly CanGroup[]
  /** The lead that lands for a load, where it is a motor lead. */
  readonly leads: Readonly<Record<string, Insulation | undefined>>
  /** The most that it may be wide, px. */
  readonly width?: number
  /** Sections that are dead, crossed out. */
  readonly dead?: ReadonlySet<string>
  readonly kit?: KitEnd
  /** A press on a section's post. */
  readonly onSection?: (id: string) => void
}

const FEWEST_PX = 52

export function CanView({ can, groups, leads, width = 330, dead, kit = 'none', onSection }: CanViewProps) {
  const layout = placeCases(casesOf(can), can.protectedStart ?? false)
  const scale = Math.min(width / layout.width, 1)
  const spots = layout.cases.flatMap((c) => c.sections)
  return (
    <View style={{ width: layout.width * scale, height: layout.height * scale }}>
      <CanPicture
        can={can}
        groups={groups}
        leads={leads}
        dead={dead}
        kit={kit}
        layout={layout}
        scale={scale}
      />
      {onSection
        ? spots.map(({ section, x, y }) => (
            <Tap
              key={section.id}
              testID={`kill-${section.id}`}
              selected={dead?.has(section.id) ?? false}
              label={`The ${valueText(section)} µF section${section.of ? ` of ${section.of}` : ''}${dead?.has(section.id) ? ', dead: bring it back' : ': mark it dead'}`}
              onPress={() => onSection(section.id)}
              style={{
                position: 'absolute',
                left: x * scale - FEWEST_PX / 2,
                top: y * scale - FEWEST_PX / 2,
                width: FEWEST_PX,
                height: FEWEST_PX,
                borderRadius: FEWEST_PX / 2,
              }}
            >
              {null}
            </Tap>
          ))
        : null}
    </View>
  )
}

const valueText = ({ marked, microfarads }: SectionSpot['section']): string => figure(marked ?? microfarads)

interface PictureProps extends Required<Pick<CanViewProps, 'can' | 'groups' | 'leads' | 'kit'>> {
  readonly dead: ReadonlySet<string> | undefined
  readonly layout: CanLayout
  readonly scale: number
}

function CanPicture({ can, groups, leads, dead, kit, layout, scale }: PictureProps) {
  const { cases, width, height } = layout
  const holder = (id: string) => cases.find((c) => c.sections.some((s) => s.section.id === id))
  const spotOf = (id: string) => holder(id)?.sections.find((s) => s.section.id === id)
  return (
    <Svg
      width={width * scale}
      height={height * scale}
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={spoken(can, groups, cases, dead, kit)}
      testID="can-view"
    >
      {cases.map((at) => (
        <Rim key={at.name} at={at} named={cases.length > 1} />
      ))}
      {cases.slice(1).map((at) => (
        <Strip key={at.name} d={tiePath(cases[0] as CaseSpot, at)} />
      ))}
      {groups.map((group) => {
        const [lead, at] = [spotOf(group.lead), holder(group.lead)]
        return lead && at ? (
          <WirePath
            key={group.load}
            d={leadPath(lead, at)}
            insulation={leads[group.load] ?? null}
            width={leads[group.load] ? 9 : 3}
          />
        ) : null
      })}
      {groups
        .flatMap((g) => g.jumpers)
        .map((jumper) => {
          const [a, b, at] = [spotOf(jumper.from), spotOf(jumper.to), holder(jumper.from)]
          return a && b && at ? <Strip key={jumper.from + jumper.to} d={jumperPath(a, b, at.c)} /> : null
        })}
      {kit === 'none' ? null : (
        <Kit
          layout={layout}
          from={spotOf(groups.find((g) => g.load === COMPRESSOR_LOAD)?.lead ?? '')}
          to={kit === 'protected' ? (cases.find((c) => c.guarded)?.guarded ?? undefined) : cases[0]?.c}
        />
      )}
      {cases.flatMap((at) =>
        at.sections.map((spot) => (
          <Post
            key={spot.section.id}
            dead={dead?.has(spot.section.id) ?? false}
            spot={spot}
            group={groups.find((g) => g.sections.includes(spot.section.id))}
          />
        )),
      )}
      {cases.map((at) => (
        <CPost key={at.name} spot={at.c} />
      ))}
      {cases.map((at) => (at.guarded ? <Guarded key={at.name} spot={at.guarded} /> : null))}
    </Svg>
  )
}

function spoken(
  can: CanViewProps['can'],
  groups: readonly CanGroup[],
  cases: readonly CaseSpot[],
  dead: ReadonlySet<string> | undefined,
  kit: KitEnd,
): string {
  const words = groups
    .map(
      (g) =>
        `${g.load}: ${g.sections.length > 1 ? `sections ${g.sections.join(', ')} joined, lead on ${g.lead}` : `section ${g.lead}`}`,
    )
    .join('; ')
  const tied = cases.length > 1 ? ` ${cases.map((c) => c.name).join(', ')}: their C’s are tied.` : ''
  return `${cases.length > 1 ? 'The capacitors' : 'The can'} from the top. ${words || 'No plan yet'}.${tied}${cases.length === 1 && can.sections.length > 2 ? ' C in the middle.' : ''}${can.protectedStart ? ' It has a protected start terminal.' : ''}${kit === 'none' ? '' : ` Hard-start kit to ${kit === 'c' ? 'C' : 'the protected terminal'}.`}${dead && dead.size > 0 ? ` Dead: ${[...dead].join(', ')}.` : ''}`
}

/** The case from above, in its strap; one that stays is drawn broken, for it is not the new one. */
function Rim({ at, named }: { readonly at: CaseSpot; readonly named: boolean }) {
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

function Strip({ d }: { readonly d: string }) {
  const palette = usePalette()
  return (
    <G>
      <Path d={d} stroke={palette.ground} strokeWidth={11} fill="none" />
      <Path d={d} stroke={palette.ink} strokeWidth={7} fill="none" strokeLinecap="round" />
    </G>
  )
}

function CPost({ spot: { x, y, r } }: { readonly spot: Spot }) {
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

/** Square, for it is no section: joined to C inside, through a fuse. */
function Guarded({ spot: { x, y, r } }: { readonly spot: Spot }) {
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
function Kit({
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

function Post({
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
