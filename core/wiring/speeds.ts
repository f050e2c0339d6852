// A tap of the new blower motor for every output that the unit calls, also when it has fewer speeds, or more.
// Cooling wants the most air, heating less, circulation the least (common practice, no source).
import type { LeadSheet, SpeedChoice, SpeedName } from '../motor/lead-sheet'
import { fanLaws } from '../motor/speed'
import { at, known } from '../quantity/at'
import { capital, figure, listed } from '../quantity/display'
import { outputsInUse, SPEED_ORDER, type Output } from './speed-outputs'
import { mayShare, pick, type Picked } from './speed-picks'
import type { PostId, UnitType } from './unit-type'
import type { NamedWire } from './wire'

/** The board, its wires and the motor with its taps. */
export interface SpeedsInput {
  readonly unit: UnitType
  readonly wires: readonly NamedWire[]
  readonly sheet: LeadSheet
  /** Output to speed, where the technician chose otherwise. */
  readonly choices?: Readonly<Record<PostId, SpeedName>>
}

/** Which tap serves one output. */
export interface SpeedAssignment {
  readonly output: PostId
  readonly name: string
  /** Modes in which it is called. */
  readonly modes: readonly string[]
  /** null: no tap can serve it. */
  readonly speed: SpeedName | null
  readonly tap: string | null
  readonly why: string
  /** Against the motor's highest speed, by the fan laws; null where the sheet gives no rpm. */
  readonly flow: number | null
  readonly power: number | null
}

/** A tap that serves nothing. */
export interface IdleTap {
  readonly tap: string
  readonly speed: SpeedName
  /** A parking post of its own, or null: insulated by itself. */
  readonly park: PostId | null
}

/** Every output in use with its tap, or the problem in words. */
export interface SpeedPlan {
  readonly assignments: readonly SpeedAssignment[]
  /** Wires between outputs that share a tap: the tap's lead lands on `from`. */
  readonly jumpers: readonly { readonly from: PostId; readonly to: PostId; readonly tap: string }[]
  readonly idle: readonly IdleTap[]
  /** What cannot be, in words; the plan is not to be used while there is any. */
  readonly problems: readonly string[]
}

/**
 * A tap for each output in use. One whose old speed is on record keeps it, or the nearest that there is; the others by the air they want,
 * and where taps are fewer, those that want least share one. Common practice, no source.
 */
export function assignSpeeds({ unit, wires, sheet, choices = {} }: SpeedsInput): SpeedPlan {
  const taps = sheet.settings.speed
    .filter((s) => s.tap !== null)
    .sort((a, b) => SPEED_ORDER.indexOf(a.speed) - SPEED_ORDER.indexOf(b.speed))
  const outputs = outputsInUse(unit, wires)
  const problems: string[] = []
  if (taps.length === 0)
    problems.push(`${sheet.name} has no speed taps: it is not made for a unit with speed outputs.`)
  if (outputs.length === 0)
    problems.push('No speed output had a lead of the old motor: trace the wires first.')
  problems.push(
    ...outputs.flatMap(({ id, name }) =>
      choices[id] !== undefined && !taps.some((t) => t.speed === choices[id])
        ? [`${sheet.name} has no ${choices[id]} speed for ${name}.`]
        : [],
    ),
  )
  const picked = pick(unit, { outputs, taps, choices })
  problems.push(
    ...sharingProblems(unit, picked),
    ...picked
      .filter((p) => p.tap === null && taps.length > 0)
      .map(
        (p) =>
          `No tap is left for ${p.output.name}, which the unit calls in ${p.output.modes.join(' and ')}, and its outputs may not share one. Take a motor with more speeds.`,
      ),
  )
  return {
    assignments: picked.map(({ output, tap, chosen }) =>
      describe(output, {
        tap: tap === null ? null : at(taps, tap),
        top: taps[0],
        chosen,
        short: picked.length > taps.length,
      }),
    ),
    jumpers: jumpersOf(picked, taps),
    idle: idleTaps(
      unit,
      taps.filter((_, i) => !picked.some((p) => p.tap === i)),
    ),
    problems,
  }
}

function sharingProblems(unit: UnitType, picked: readonly Picked[]): string[] {
  const tapsUsed = [...new Set(picked.flatMap((p) => (p.tap === null ? [] : [p.tap])))]
  return tapsUsed.flatMap((tap) => {
    const sharing = picked.filter((p) => p.tap === tap).map((p) => p.output)
    return mayShare(
      unit,
      sharing.map((o) => o.id),
    )
      ? []
      : [
          `${capital(listed(sharing.map((o) => o.name)))} may not share a tap on this unit: a jumper between them would join what must stay apart.`,
        ]
  })
}

function jumpersOf(picked: readonly Picked[], taps: readonly SpeedChoice[]): SpeedPlan['jumpers'] {
  return taps.flatMap((tap, i) => {
    const [first, ...others] = picked.filter((p) => p.tap === i).map((p) => p.output.id)
    return first === undefined
      ? []
      : others.map((to) => ({ from: first, to, tap: known(tap.tap, 'The tap') }))
  })
}

/** One to a parking post, never two; the rest insulated one by one, never together. */
function idleTaps(unit: UnitType, idle: readonly SpeedChoice[]): IdleTap[] {
  const parks = unit.posts.filter((post) => post.kind === 'park').map((post) => post.id)
  return idle.map(({ tap, speed }, i) => ({ tap: known(tap, 'The tap'), speed, park: parks[i] ?? null }))
}

interface Described {
  readonly tap: SpeedChoice | null
  /** The highest speed there is. */
  readonly top: SpeedChoice | undefined
  /** By the technician. */
  readonly chosen: boolean
  /** There are more outputs in use than taps. */
  readonly short: boolean
}

function describe(output: Output, described: Described): SpeedAssignment {
  const { id, name, modes } = output
  const { tap, top } = described
  const laws = tap?.rpm && top?.rpm ? fanLaws(top.rpm, tap.rpm) : null
  const air =
    laws && tap !== top
      ? ` About ${figure(100 * laws.flow, 0)} % of the highest speed’s air for ${figure(100 * laws.power, 0)} % of its power, by the fan laws.`
      : ''
  return {
    output: id,
    name,
    modes,
    speed: tap?.speed ?? null,
    tap: tap?.tap ?? null,
    why: `${capital(reasonFor(output, described))}${air}`,
    flow: laws?.flow ?? null,
    power: laws?.power ?? null,
  }
}

function reasonFor({ modes, old }: Output, { tap, top, chosen, short }: Described): string {
  if (tap === null) return 'No tap can serve it.'
  if (chosen)
    return `Chosen by the technician: ${tap.speed}.${old === null ? '' : changeWords(modes, old, tap.speed)}`
  if (old === tap.speed) return `${tap.speed}: as the old motor ran it here.`
  if (old !== null) return `${tap.speed}: the nearest to the old one.${changeWords(modes, old, tap.speed)}`
  if (short)
    return `${tap.speed}: the motor has fewer speeds than outputs in use, so those that want least share.`
  const want = modes.length === 1 ? 'wants' : 'want'
  return `${tap.speed}: ${listed(modes)} ${want} ${tap === top ? 'the most air' : 'less'}.`
}

/** What another speed than the old one's changes, and what to look at for it. Common practice, no source. */
function changeWords(modes: Output['modes'], old: SpeedName, now: SpeedName): string {
  if (old === now) return ''
  const slower = SPEED_ORDER.indexOf(now) > SPEED_ORDER.indexOf(old)
  const looks = [
    ...(modes.includes('heating') ? ['the temperature rise against the unit’s plate'] : []),
    ...(modes.includes('cooling') ? [slower ? 'the coil for ice' : 'that the coil sheds no water'] : []),
  ]
  return ` The old motor ran it at ${old}${looks.length > 0 ? `: check ${looks.join(' and ')}` : ''}.`
}

/** Selections whose amps rise in another order than their outputs want air: the harness crosses them. Amps by output. */
export function crossedBy(
  unit: UnitType,
  wires: readonly NamedWire[],
  amps: Readonly<Record<PostId, number>>,
): string[] {
  const read = outputsInUse(unit, wires).filter((output) => amps[output.id] !== undefined)
  return read.flatMap((more, i) =>
    read
      .slice(i + 1)
      .filter((less) => known(amps[less.id], 'The reading') > known(amps[more.id], 'The reading'))
      .map(
        (less) =>
          `${capital(less.name)} draws ${figure(known(amps[less.id], 'The reading'))} A and ${more.name} ${figure(known(amps[more.id], 'The reading'))} A: amps rise with speed, so these two are crossed.`,
      ),
  )
}
