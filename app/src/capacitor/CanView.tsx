// The new can from the top: posts with their values, jumpers, and what lands where.
import { View } from 'react-native'
import Svg, { Circle, G, Line, Path, Text } from 'react-native-svg'
import type { Section } from '@oak/core/capacitor/can'
import type { Insulation } from '@oak/core/motor/colour'
import { figure } from '@oak/core/quantity/display'
import { FONT, usePalette } from '../ui/theme'
import { Tap } from '../ui/Tap'
import { WirePath } from '../ui/WirePath'
import { CENTRE, jumperPath, placeSections, type SectionSpot } from './can-layout'

export interface CanGroup {
  readonly load: string
  readonly sections: readonly string[]
  readonly lead: string
  readonly jumpers: readonly { readonly from: string; readonly to: string }[]
}

export interface CanViewProps {
  readonly sections: readonly Section[]
  readonly groups: readonly CanGroup[]
  /** The lead that lands for a load, where it is a motor lead. */
  readonly leads: Readonly<Record<string, Insulation | undefined>>
  readonly size?: number
  /** Sections that are dead, crossed out. */
  readonly dead?: ReadonlySet<string>
  /** A press on a section's post. */
  readonly onSection?: (id: string) => void
}

export function CanView(props: CanViewProps) {
  const { sections, size = 320, dead, onSection } = props
  const scale = size / VIEW
  return (
    <View style={{ width: size, height: size }}>
      <CanPicture {...props} />
      {onSection ? placeSections(sections).map(({ section, x, y }) => (
        <Tap key={section.id} testID={`kill-${section.id}`} selected={dead?.has(section.id) ?? false} label={`The ${figure(section.microfarads)} µF section${dead?.has(section.id) ? ', dead: bring it back' : ': mark it dead'}`} onPress={() => onSection(section.id)} style={{ position: 'absolute', left: (x + OFFSET) * scale - 26, top: (y + OFFSET) * scale - 26, width: 52, height: 52, borderRadius: 26 }}>{null}</Tap>
      )) : null}
    </View>
  )
}

/** The drawing's own square, and how far it begins before its origin. */
const VIEW = 344
const OFFSET = 22

function CanPicture({ sections, groups, leads, size = 320, dead }: CanViewProps) {
  const palette = usePalette()
  const spots = placeSections(sections)
  const spotOf = (id: string) => spots.find((s) => s.section.id === id)
  const words = groups.map((g) => `${g.load}: ${g.sections.length > 1 ? `sections ${g.sections.join(', ')} joined, lead on ${g.lead}` : `section ${g.lead}`}`).join('; ')
  return (
    <Svg width={size} height={size} viewBox="-22 -22 344 344" role="img" aria-label={`The can from the top. ${words || 'No plan yet'}. C in the middle.${dead && dead.size > 0 ? ` Dead: ${[...dead].join(', ')}.` : ''}`} testID="can-view">
      <Circle cx={CENTRE} cy={CENTRE} r={146} fill={palette.surface} stroke={palette.ink} strokeWidth={3} />
      <Circle cx={CENTRE} cy={CENTRE} r={139} fill="none" stroke={palette.line} strokeWidth={1.5} />
      {groups.map((group) => {
        const lead = spotOf(group.lead)
        return lead ? <WirePath key={group.load} d={outward(lead)} insulation={leads[group.load] ?? null} width={leads[group.load] ? 9 : 3} /> : null
      })}
      {groups.flatMap((g) => g.jumpers).map((jumper) => {
        const [a, b] = [spotOf(jumper.from), spotOf(jumper.to)]
        return a && b ? <G key={jumper.from + jumper.to}><Path d={jumperPath(a, b)} stroke={palette.ground} strokeWidth={11} fill="none" /><Path d={jumperPath(a, b)} stroke={palette.ink} strokeWidth={7} fill="none" strokeLinecap="round" /></G> : null
      })}
      {spots.map((spot) => <Post key={spot.section.id} dead={dead?.has(spot.section.id) ?? false} spot={spot} group={groups.find((g) => g.sections.includes(spot.section.id))} />)}
      <Circle cx={CENTRE} cy={CENTRE} r={27} fill={palette.surface} stroke={palette.ink} strokeWidth={5} />
      <Circle cx={CENTRE} cy={CENTRE} r={21} fill="none" stroke={palette.ink} strokeWidth={1.5} />
      <Text x={CENTRE} y={CENTRE + 9} fontSize={25} fontWeight="800" textAnchor="middle" fill={palette.ink} fontFamily={FONT}>C</Text>
    </Svg>
  )
}

function Post({ spot, group, dead }: { readonly spot: SectionSpot; readonly group: CanGroup | undefined; readonly dead: boolean }) {
  const palette = usePalette()
  const { x, y, r, section } = spot
  const lead = group?.lead === section.id
  const value = figure(section.microfarads)
  return (
    <G>
      <Circle cx={x} cy={y} r={r} fill={group ? palette.ink : palette.surface} stroke={palette.ink} strokeWidth={group ? 3 : 2} strokeDasharray={group ? undefined : '4 4'} />
      {lead ? <Circle cx={x} cy={y} r={r + 5} fill="none" stroke={palette.ink} strokeWidth={2.5} /> : null}
      <Text x={x} y={y + (group ? 2 : 7)} fontSize={value.length > 4 ? 14 : 19} fontWeight="750" textAnchor="middle" fill={group ? palette.surface : palette.ink} fontFamily={FONT}>{value}</Text>
      {group ? <Text x={x} y={y + 16} fontSize={11.5} fontWeight="600" textAnchor="middle" fill={palette.surface} fontFamily={FONT}>{group.load.slice(0, 5)}</Text> : null}
      {dead ? <G><Line x1={x - r} y1={y - r} x2={x + r} y2={y + r} stroke={palette.stop} strokeWidth={5} /><Line x1={x + r} y1={y - r} x2={x - r} y2={y + r} stroke={palette.stop} strokeWidth={5} /></G> : null}
      {group || dead ? null : <Line x1={x - 6} x2={x + 6} y1={y + 13} y2={y + 13} stroke={palette.quiet} strokeWidth={2} />}
    </G>
  )
}

/** The lead comes in from outside the can. */
function outward({ x, y }: SectionSpot): string {
  const away = Math.hypot(x - CENTRE, y - CENTRE) || 1
  const k = 163 / away
  return `M${CENTRE + (x - CENTRE) * k} ${CENTRE + (y - CENTRE) * k}L${x} ${y}`
}
