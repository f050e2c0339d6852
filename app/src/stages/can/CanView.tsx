// The new capacitor from the top, drawn from its own data: posts with their values, jumpers, ties of C, straps, the start kit, and what lands where.
import { View } from 'react-native'
import Svg from 'react-native-svg'
import { casesOf, type Can } from '@oak/core/capacitor/can'
import type { Insulation } from '@oak/core/motor/colour'
import { COMPRESSOR_LOAD } from '@oak/core/wiring/new-can'
import { Tap } from '../../ui/Tap'
import { WirePath } from '../../ui/WirePath'
import { jumperPath, leadPath, placeCases, tiePath, type CanLayout, type CaseSpot } from './can-layout'
import { Strip, CPost, Guarded, Kit, Post, Rim } from './CanParts'
import { type CanGroup, valueText } from './can-group'

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
