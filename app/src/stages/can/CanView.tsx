// The new capacitor from the top, drawn from its own data: posts with their values, jumpers, ties of C, straps, the start kit, and what lands where.
import { View } from 'react-native'
import Svg from 'react-native-svg'
import { casesOf, type Can, type Section } from '@oak/core/capacitor/can'
import { capital } from '@oak/core/quantity/display'
import type { Insulation } from '@oak/core/motor/colour'
import { COMPRESSOR_LOAD, NEW_C, sectionPost, type CanJumper } from '@oak/core/wiring/new-can'
import type { PostId } from '@oak/core/wiring/unit-type'
import { Tap } from '../../ui/Tap'
import { WirePath } from '../../ui/WirePath'
import { placeCases, tiePath, topOf, type CanLayout, type CaseSpot } from '@oak/core/capacitor/top/can-layout'
import { faceWords } from '../../parts/stock/can-face'
import type { Spot } from '@oak/core/capacitor/top/seats'
import { jumperPaths, leadPath } from '@oak/core/capacitor/top/ways'
import { CPost, Guarded, Kit, Picked, Post, Rim, Strip } from './CanParts'
import { type CanGroup, valueText } from './can-group'

/** Where the far end of a hard-start kit is. */
export type KitEnd = 'none' | 'c' | 'protected'

export interface CanViewProps {
  readonly can: Pick<Can, 'name' | 'sections' | 'protectedStart' | 'face'>
  readonly groups: readonly CanGroup[]
  /** As they are on, by post. */
  readonly jumpers: readonly CanJumper[]
  /** The lead that lands for a load, where it is a motor lead. */
  readonly leads: Readonly<Record<string, Insulation | undefined>>
  /** The most that it may be wide, px. */
  readonly width?: number
  /** Sections that are dead, crossed out. */
  readonly dead?: ReadonlySet<string>
  readonly kit?: KitEnd
  /** The post that was pressed first, of two that a jumper is to join. */
  readonly picked?: PostId | null
  /** A press on a post; C among them where jumpers are moved. */
  readonly onPost?: (post: PostId) => void
  /** What a press does. */
  readonly press?: 'kill' | 'jumper'
}

const FEWEST_PX = 52

export function CanView({
  can,
  groups,
  jumpers,
  leads,
  width = 330,
  dead,
  kit = 'none',
  picked = null,
  onPost,
  press = 'kill',
}: CanViewProps) {
  const layout = placeCases(casesOf(can), can.protectedStart ?? false)
  const scale = Math.min(width / layout.width, 1)
  const spots = layout.cases
    .flatMap((c): PressSpot[] => [
      ...c.sections.map((spot) => ({ ...spot, post: sectionPost(spot.section.id) })),
      ...(press === 'jumper' ? [{ ...c.c, post: NEW_C, section: null }] : []),
    ])
    .filter((spot) => press === 'kill' || !dead?.has(spot.section?.id ?? ''))
  return (
    <View style={{ width: layout.width * scale, height: layout.height * scale }}>
      <CanPicture
        can={can}
        groups={groups}
        jumpers={jumpers}
        picked={picked}
        leads={leads}
        dead={dead}
        kit={kit}
        layout={layout}
        scale={scale}
      />
      {onPost
        ? spots.map((spot, i) => (
            <Tap
              key={i}
              testID={`${press === 'kill' ? 'kill' : 'jump'}-${spot.section?.id ?? 'C'}`}
              selected={
                press === 'kill' ? (dead?.has(spot.section?.id ?? '') ?? false) : picked === spot.post
              }
              label={pressLabel(spot, press, dead)}
              onPress={() => onPost(spot.post)}
              style={{
                position: 'absolute',
                left: spot.x * scale - FEWEST_PX / 2,
                top: spot.y * scale - FEWEST_PX / 2,
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

interface PressSpot extends Spot {
  readonly post: PostId
  /** null: C. */
  readonly section: Section | null
}

function pressLabel(
  { section }: PressSpot,
  press: 'kill' | 'jumper',
  dead: ReadonlySet<string> | undefined,
): string {
  const name = section ? `the ${valueText(section)} µF section${section.of ? ` of ${section.of}` : ''}` : 'C'
  if (press === 'jumper') return `Jumper at ${name}`
  return `${capital(name)}${dead?.has(section?.id ?? '') ? ', dead: bring it back' : ': mark it dead'}`
}

interface PictureProps extends Required<
  Pick<CanViewProps, 'can' | 'groups' | 'jumpers' | 'leads' | 'kit' | 'picked'>
> {
  readonly dead: ReadonlySet<string> | undefined
  readonly layout: CanLayout
  readonly scale: number
}

function CanPicture({ can, groups, jumpers, leads, dead, kit, picked, layout, scale }: PictureProps) {
  const { cases, width, height } = layout
  const holder = (id: string) => cases.find((c) => c.sections.some((s) => s.section.id === id))
  const spotOf = (id: string) => holder(id)?.sections.find((s) => s.section.id === id)
  // All C's are tied: a jumper to C is drawn to the nearest, that of its other end's case.
  const spotAt = (post: PostId, other: PostId) => {
    const at = cases.find((c) =>
      c.sections.some((s) => sectionPost(s.section.id) === (post === NEW_C ? other : post)),
    )
    const spot = post === NEW_C ? at?.c : at?.sections.find((s) => sectionPost(s.section.id) === post)
    return at && spot ? { at, spot } : undefined
  }
  const first = picked === null ? undefined : picked === NEW_C ? cases[0]?.c : spotAt(picked, picked)?.spot
  return (
    <Svg
      width={width * scale}
      height={height * scale}
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={spoken({ can, groups, jumpers, cases, dead, kit })}
      testID="can-view"
    >
      {cases.map((at) => (
        <Rim key={at.name} at={at} named={cases.length > 1} />
      ))}
      {cases.slice(1).map((at) => (
        <Strip key={at.name} d={tiePath(cases[0] as CaseSpot, at, layout)} />
      ))}
      {groups.map((group) => {
        const [lead, at] = [spotOf(group.lead), holder(group.lead)]
        return lead && at ? (
          <WirePath
            key={group.load}
            d={leadPath(lead, topOf(at))}
            insulation={leads[group.load] ?? null}
            width={leads[group.load] ? 9 : 3}
          />
        ) : null
      })}
      {cases.flatMap((at) => {
        const own = jumpers.flatMap(({ from, to }): [Spot, Spot][] => {
          const [a, b] = [spotAt(from, to), spotAt(to, from)]
          return a && b && a.at === at ? [[a.spot, b.spot]] : []
        })
        return jumperPaths(own, topOf(at)).map((d, i) => <Strip key={`${at.name} ${i}`} d={d} />)
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
      {first ? <Picked spot={first} /> : null}
      {cases.map((at) => (at.guarded ? <Guarded key={at.name} spot={at.guarded} /> : null))}
    </Svg>
  )
}

interface Spoken extends Pick<PictureProps, 'can' | 'groups' | 'jumpers' | 'dead' | 'kit'> {
  readonly cases: readonly CaseSpot[]
}

function spoken({ can, groups, jumpers, cases, dead, kit }: Spoken): string {
  const words = groups
    .map(
      (g) =>
        `${g.load}: ${g.sections.length > 1 ? `sections ${g.sections.join(', ')} joined, lead on ${g.lead}` : `section ${g.lead}`}`,
    )
    .join('; ')
  const shorted = jumpers.some(({ from, to }) => from === NEW_C || to === NEW_C) ? ' A jumper is on C.' : ''
  const tied = cases.length > 1 ? ` ${cases.map((c) => c.name).join(', ')}: their C’s are tied.` : ''
  return `${cases.length > 1 ? 'The capacitors' : 'The can'} from the top. ${words || 'No plan yet'}.${shorted}${tied}${cases.length === 1 ? faceWords(can) : ''}${can.protectedStart ? ' It has a protected start terminal.' : ''}${kit === 'none' ? '' : ` Hard-start kit to ${kit === 'c' ? 'C' : 'the protected terminal'}.`}${dead && dead.size > 0 ? ` Dead: ${[...dead].join(', ')}.` : ''}`
}
