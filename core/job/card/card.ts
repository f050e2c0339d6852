// The hookup card: what the next hand at this unit needs to know, as data (format "oak-switch/hookup-card").
import { bleedWords, startMarking } from '../../capacitor/start-can'
import type { LeadSheet, RotationChoice } from '../../motor/lead-sheet'
import type { LeadId } from '../../motor/lead-id'
import { known } from '../../quantity/at'
import type { HookupAnswer, HookupRequest } from '../../circuit/hookup'
import { casesOf } from '../../capacitor/can'
import { insulationCode, insulationName, type Insulation } from '../../motor/colour'
import { ROLE_NAMES, type WireRole } from '../../motor/role'
import { figure, listed, rangeFigure } from '../../quantity/display'
import { voltsName } from '../../motor/volts-choice'
import { BOTH_ENDS, rotationFromBoth } from '../../rotation/view'
import { hookupPosts, type HookupPost } from '../../wiring/hookup-posts'
import { capacitorSides, recordedCopper } from '../../wiring/capacitor-sides'
import {
  FAN_LOAD,
  groupFor,
  NEW_C,
  NO_CAN,
  PROTECTED_POST,
  sectionPost,
  type UnitWire,
} from '../../wiring/new-can'
import { samePlacement, type Placement } from '../../wiring/placement'
import { postName, postOf, type UnitType, type PostId } from '../../wiring/unit-type'
import { goesToMotor, type NamedWire } from '../../wiring/wire'

export const CARD_FORMAT = 'oak-switch/hookup-card'
export const CARD_VERSION = 1

/** What the job knows beside the hookup; text as entered, date as it should be shown. */
export interface CardHeading {
  readonly job: string
  readonly title: string
  readonly site: string
  readonly date: string
  readonly technician: string
  readonly readings: readonly string[]
}

/** One lead of the motor on the card. */
export interface CardRow {
  readonly lead: LeadId
  readonly insulation: Insulation
  readonly role: string
  /** Where the old wire of this role was and its colour; null when there was none. */
  readonly was: string | null
  readonly goes: string
  /** The technician put it elsewhere than advised. */
  readonly moved: boolean
}

/** The card of a proven hookup, as data (`oak-switch/hookup-card` 1). */
export interface Card extends CardHeading {
  readonly format: typeof CARD_FORMAT
  readonly version: typeof CARD_VERSION
  readonly unit: string
  readonly motor: string
  /** It is the unit's old one. */
  readonly motorStays: boolean
  readonly verdict: 'proven' | 'watch'
  readonly sentence: string
  readonly rows: readonly CardRow[]
  readonly capacitor: readonly string[]
  readonly settings: readonly string[]
  readonly watch: readonly string[]
}

/** The card of a proven hookup; null when it is not proven: a dangerous hookup is never shown as a plan. */
export function makeCard(request: HookupRequest, answer: HookupAnswer, heading: CardHeading): Card | null {
  const { verdict, sentence, hazards } = answer.proof
  if (verdict !== 'proven' && verdict !== 'watch') return null
  const posts = hookupPosts(request.unit, request.can ?? NO_CAN)
  return {
    format: CARD_FORMAT,
    version: CARD_VERSION,
    ...heading,
    unit: request.unit.name,
    motor: request.sheet.name,
    motorStays: request.motorStays ?? false,
    verdict,
    sentence,
    rows: rowsOf(request, answer, posts),
    capacitor: [...capacitorLines(request, answer, posts), ...compressorLine(request)],
    settings: settingLines(request, answer),
    watch: [...new Set([...hazards.map((h) => h.message), ...answer.warnings.map((w) => w.message)])],
  }
}

function rowsOf(request: HookupRequest, answer: HookupAnswer, posts: readonly HookupPost[]): CardRow[] {
  const { sheet, unit } = request
  const { leads, placements } = answer
  return leads
    .filter(({ goes }) => goes.kind !== 'plug')
    .map(({ lead, goes, like }) => {
      const {
        colour,
        stripe = null,
        role,
      } = known(
        sheet.leads.find((l) => l.id === lead),
        'The lead',
      )
      const now = placements.find((p) => p.lead === lead)?.goes ?? goes
      const old = oldWireFor(request, answer, now, like)
      const colourOf = old?.segments.at(-1)
      const was = old
        ? `${postName(unit, old.from)}${colourOf ? ` (${insulationName(colourOf)} ${insulationCode(colourOf)})` : ''}`
        : null
      return {
        lead,
        insulation: { colour, stripe },
        role: ROLE_NAMES[role],
        was,
        goes: placeText(now, posts),
        moved: !samePlacement(now, goes),
      }
    })
}

/** The old motor's wire whose place the lead takes; one that is on no post stands for the old wire of its role, where there is just one. */
function oldWireFor(
  { wires, unit }: HookupRequest,
  { findings, can }: HookupAnswer,
  goes: Placement,
  like: WireRole | null,
): NamedWire | undefined {
  const toMotor = wires.filter(goesToMotor)
  const ofRole = toMotor.filter(
    (w) => like !== null && findings.some((f) => f.wire === w.id && f.role === like),
  )
  if (goes.kind !== 'post') return ofRole.length === 1 ? ofRole[0] : undefined
  const sides = capacitorSides(unit, recordedCopper(unit, wires))
  const fan = groupFor(can, FAN_LOAD)
  const nowAt = (post: PostId): PostId =>
    post === sides.cSide ? NEW_C : post === sides.fanSide && fan ? sectionPost(fan.lead) : post
  const there = toMotor.filter((w) => nowAt(w.from) === goes.post)
  return there.find((w) => ofRole.includes(w)) ?? there[0]
}

function placeText(goes: Placement, posts: readonly HookupPost[]): string {
  if (goes.kind === 'post') return posts.find((p) => p.id === goes.post)?.name ?? goes.post
  return goes.kind === 'insulated' ? 'insulated by itself' : goes.kind === 'plug' ? 'in the plug' : 'loose'
}

/** Beside the fan's: the compressor's own, where it is new. */
const compressorLine = ({ compressorCan, startCan }: HookupRequest): string[] => [
  ...(compressorCan
    ? [
        `Compressor’s own: ${compressorCan.name}, ${figure(compressorCan.microfarads)} µF, ${figure(compressorCan.volts)} V`,
      ]
    : []),
  ...(startCan
    ? [`Compressor’s start: ${startCan.name}, ${startMarking(startCan)}, ${bleedWords(startCan.bleed)}`]
    : []),
]

function capacitorLines(
  { can, unit, sheet, hardStart }: HookupRequest,
  { can: fitted, unitWires, added }: HookupAnswer,
  posts: readonly HookupPost[],
): string[] {
  if (!can)
    return unit.traits.capacitor === 'none'
      ? ['None: three phases need none']
      : ['None: the motor needs no capacitor, and the old one served nothing else. It is taken out.']
  const cases = casesOf({ name: can.name ?? 'the can', sections: can.sections })
  const value = (id: string) => {
    const section = can.sections.find((s) => s.id === id)
    return `${figure(section?.marked ?? section?.microfarads ?? NaN)} µF${cases.length > 1 && section?.of ? ` of ${section.of}` : ''}`
  }
  const name = (post: PostId) => posts.find((p) => p.id === post)?.name ?? post
  return [
    `${can.name}, ${figure(can.volts)} V, ±${figure(can.tolerancePercent)} %`,
    ...(cases.length > 1 ? [`C tied: ${cases.map((c) => c.name).join(' – ')}`] : []),
    ...cases
      .filter((c) => c.stays)
      .map(
        (c) =>
          `${c.name} stays for ${c.stays}, ${c.sections.map((s) => `marked ${figure(s.marked ?? s.microfarads)} µF, read ${figure(s.microfarads)} µF`).join('; ')}`,
      ),
    ...fitted.groups.map(
      (g) =>
        `${g.load} ${figure(g.microfarads)} µF: lead on ${value(g.lead)}${g.jumpers.map((j) => `, jumper ${j.from === g.lead ? '' : `from ${value(j.from)} `}to ${value(j.to)}`).join('')}`,
    ),
    ...(sheet.capacitor ? [] : ['The fan’s section stays empty: this motor needs no capacitor.']),
    ...(hardStart
      ? [
          `Hard-start kit: from the compressor’s section to ${hardStart === PROTECTED_POST ? 'the protected terminal' : name(hardStart)}`,
        ]
      : []),
    ...unitWires.flatMap((w) => movedEnds(w, unit, name)),
    ...added.map((w) => `Added: ${name(w.from)} – ${name(w.to)}`),
  ]
}

/** "Wire to S on the compressor: from HERM to the 25 µF section of the new can" */
function movedEnds(wire: UnitWire, unit: UnitType, name: (post: PostId) => string): string[] {
  if (!wire.was) return []
  const ends = [
    [wire.was.from, wire.from, wire.to],
    [wire.was.to, wire.to, wire.from],
  ] as const
  return ends
    .filter(([was, now]) => was !== now)
    .map(
      ([was, now, other]) =>
        `Wire to ${name(other)}: from ${postOf(unit, was)?.label ?? was} to ${name(now)}`,
    )
}

function settingLines({ sheet }: HookupRequest, { horsepower, speed, plug }: HookupAnswer): string[] {
  const joins = plug.set.join.map(([a, b]) => `${a} to ${b}`).join(', ')
  return [
    `${horsepower.horsepower} hp, rated ${figure(horsepower.amps)} A, ${rangeFigure(sheet.nameplate.volts)} V, ${figure(sheet.nameplate.rpm)} rpm`,
    ...(sheet.settings.volts ?? []).map(
      (choice) =>
        `Leads joined for ${voltsName(choice)} V${choice.how ? `: ${choice.how}` : ', as its tag says'}`,
    ),
    ...(speed
      ? [
          `Set to ${speed.speed} speed${speed.rpm ? `, ${figure(speed.rpm, 0)} rpm` : ''}: ${[...speed.join.map(([a, b]) => `${a} joined to ${b}`), ...speed.open.map((lead) => `${lead} left open`)].join(', ')}`,
        ]
      : []),
    ...turnLines(sheet, plug.set, joins),
    ...(sheet.mechanical?.throughShaft ? [BOTH_ENDS] : []),
  ]
}

/** The direction and how it is set; of three phases only what is wanted: which way they turn is seen, not set. */
function turnLines(sheet: LeadSheet, set: RotationChoice, joins: string): string[] {
  const turning = rotationFromBoth({ direction: set.direction, seenFrom: sheet.rotationNamedFrom })
  return sheet.kind === 'three-phase'
    ? [`Is to turn ${turning}`, 'Three phases: backward, any two of its own leads are exchanged']
    : [`Turns ${turning}`, plugLine(sheet, set, joins)]
}

/** How the direction is set: leads joined, leads left open, or nothing to set. */
function plugLine({ settings }: LeadSheet, { open, insulate }: RotationChoice, joins: string): string {
  if (joins) return `Plug: ${joins}`
  const left = [...open, ...insulate]
  if (settings.rotation.length < 2) return 'Turns one way only: it has no reversing plug'
  return left.length > 0
    ? `Direction: ${listed(left)} left open and insulated`
    : 'Direction: set with nothing joined'
}
