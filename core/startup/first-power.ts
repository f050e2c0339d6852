// What a motor may do in its first seconds, and what to look at when it is not right: from this hookup's own leads and posts.
import type { HookupAnswer } from '../circuit/hookup'
import type { LeadSheet } from '../motor/lead-sheet'
import { figure, listed } from '../quantity/display'
import type { LeadId } from '../motor/lead-id'
import type { LeadRole } from '../motor/role'
import { hookupPosts, type HookupPost } from '../wiring/hookup-posts'
import type { Placement } from '../wiring/placement'
import { LINES, type PostId, type UnitType } from '../wiring/unit-type'

/** What was seen: `trips` a breaker or fuse goes, `cuts-out` it runs and then stops by itself. */
export const FIRST_POWER = ['right', 'backwards', 'hums', 'nothing', 'trips', 'cuts-out', 'noise'] as const
/** What a motor did in its first seconds. */
export type FirstPower = (typeof FIRST_POWER)[number]
/** What is neither right nor a matter of direction. */
export type Trouble = Exclude<FirstPower, 'right' | 'backwards'>

/** The hookup as the one at the unit sees it: leads by name, on posts by name. */
export interface PoweredHookup {
  readonly blower: boolean
  /** Between which two leads the motor is fed, by mode; null: no lead is on that line. */
  readonly feeds: readonly {
    readonly mode: string
    readonly line1: string | null
    readonly line2: string | null
    /** Of a motor on three phases. */
    readonly line3?: string | null
  }[]
  /** The three leads of a motor on three phases, with their places; empty: it has one phase. */
  readonly phases: readonly { readonly lead: LeadId; readonly place: string; readonly goes: Placement }[]
  /** The start lead, or a blower’s two capacitor leads, in their places; null: the motor has none. */
  readonly start: string | null
  /** What the motor's capacitor must read, µF; null: it takes none. */
  readonly microfarads: number | null
}

/** Leads that feed no winding from the line by themselves. */
const NOT_FEEDING: ReadonlySet<LeadRole> = new Set(['ground', 'rotation', 'start', 'run-return', 'capacitor'])

/** From the hookup as it stands, by hand or as advised: what the proof’s circuit puts on line in each mode that runs the fan. */
export function poweredHookup(
  unit: UnitType,
  sheet: Pick<LeadSheet, 'capacitor' | 'leads'>,
  { placements: leads, proof, can }: Pick<HookupAnswer, 'placements' | 'proof' | 'can'>,
): PoweredHookup {
  const posts = hookupPosts(unit, can)
  const roleOf = (lead: LeadId) => sheet.leads.find(({ id }) => id === lead)?.role
  const inPlace = (of: typeof leads): string | null =>
    of.length === 0
      ? null
      : listed(
          of.map(
            ({ lead, goes }) =>
              `${lead} ${goes.kind === 'post' ? `on ${postWords(posts, goes.post)}` : 'on no post'}`,
          ),
        )
  const feeding = leads.filter(({ lead, goes }) => {
    const role = roleOf(lead)
    return goes.kind === 'post' && role !== undefined && !NOT_FEEDING.has(role)
  })
  return {
    blower: unit.traits.fan === 'blower',
    feeds: proof.modes
      .filter(({ fanRuns }) => fanRuns)
      .map(({ name, leads: at }) => ({
        mode: name,
        ...linesFed(
          unit,
          LINES.map((line) => inPlace(feeding.filter(({ lead }) => at[lead] === line))),
        ),
      })),
    phases: leads.flatMap((landed) =>
      roleOf(landed.lead) === 'phase' ? [{ ...landed, place: inPlace([landed]) ?? landed.lead }] : [],
    ),
    start: inPlace(leads.filter(({ lead }) => ['start', 'capacitor'].includes(roleOf(lead) ?? ''))),
    microfarads: sheet.capacitor?.microfarads ?? null,
  }
}

/** What is on each line, as far as this motor takes them: of a motor on two of three lines those two, whichever they are. */
function linesFed(
  unit: UnitType,
  [line1 = null, line2 = null, line3 = null]: readonly (string | null)[],
): Omit<PoweredHookup['feeds'][number], 'mode'> {
  if (unit.traits.phases === 3) return { line1, line2, line3 }
  if (unit.supply.line3 === undefined) return { line1, line2 }
  const [first = null, second = null] = [line1, line2, line3].filter((line) => line !== null)
  return { line1: first, line2: second }
}

const postWords = (posts: readonly HookupPost[], id: PostId): string =>
  posts.find((p) => p.id === id)?.name ?? id

/** What to do about it. */
export interface TroubleAnswer {
  /** What it is and what comes first. */
  readonly text: string
  /** What to look at, in order. Common practice, no source. */
  readonly causes: readonly string[]
  /** Where in the job most of it is looked up. */
  readonly next: 'board' | 'capacitor' | 'mount' | null
}

/** What to do about a motor that does not run as it should, on this hookup. */
export function judgeTrouble(seen: Trouble, on: PoweredHookup): TroubleAnswer {
  switch (seen) {
    case 'hums':
      return hums(on)
    case 'nothing':
      return nothing(on)
    case 'trips':
      return trips(on)
    case 'cuts-out':
      return cutsOut(on)
    case 'noise':
      return noise(on)
  }
}

/** What stops the start, in one sentence. */
export const TROUBLE_SENTENCES: Readonly<Record<Trouble, string>> = {
  hums: 'It hums and stands: power off at once.',
  nothing: 'It does nothing at all: find what does not feed it.',
  trips: 'Breaker or fuse goes: do not close it again.',
  'cuts-out': 'It runs, then cuts out: let it cool, and find why.',
  noise: 'It makes a noise: power off before something breaks.',
}

const BY_HAND = (blower: boolean) =>
  `The ${blower ? 'wheel' : 'blade'} by hand: it must turn freely. One that rubs, a hub against the motor’s body, or a seized bearing.`

const hums = ({ blower, start, microfarads }: PoweredHookup): TroubleAnswer => ({
  text: 'It hums and stands. Power off at once: a motor that stands overheats. Locked out and proven dead, in this order:',
  causes: [
    ...(start === null
      ? []
      : [`What starts it: ${start}. Loose, or on another post, and there is no starting torque.`]),
    ...(microfarads === null
      ? []
      : [
          `The capacitor, discharged: for this motor it must read ${figure(microfarads)} µF. Open or far too small, it does the same.`,
        ]),
    BY_HAND(blower),
    'The motor itself.',
  ],
  next: microfarads === null ? 'board' : 'capacitor',
})

const nothing = ({ blower, feeds }: PoweredHookup): TroubleAnswer => ({
  text: 'It does nothing at all: no feed, or no way through the motor. In this order:',
  causes: [
    'Whether it is called at all: thermostat, door switch, float switch, disconnect, fuse.',
    ...feeds.map((feed) => feedText(feed, blower)),
    'A motor that is hot may have its overload open: let it cool before its windings are judged.',
  ],
  next: 'board',
})

function feedText({ mode, line1, line2, line3 }: PoweredHookup['feeds'][number], blower: boolean): string {
  if (line3 !== undefined) return threeText(mode, [line1, line2, line3])
  if (line1 === null || line2 === null)
    return `In ${mode} no lead of the motor is on ${line1 === null ? 'what is switched on' : 'the other line'}: it cannot run then. See the board.`
  const none = blower ? 'this mode switches another output, or none' : 'the contactor, its coil or the call'
  return `In ${mode}, live and for those qualified: volts between ${line1} and ${line2}. None: ${none}. The supply’s volts: a splice, or the motor.`
}

/** Of three phases every pair is read: a line that is missing shows on two of them. */
function threeText(mode: string, lines: readonly (string | null)[]): string {
  const fed = lines.filter((line) => line !== null)
  if (fed.length < 3)
    return `In ${mode} the motor is on ${fed.length === 0 ? 'none' : fed.length} of the three lines only: it cannot run then. See the board.`
  return `In ${mode}, live and for those qualified: volts between each two of ${listed(fed)}. None: the contactor, its coil or the call. One pair only: a line is missing. Three alike: a splice, or the motor.`
}

const trips = ({ microfarads }: PoweredHookup): TroubleAnswer => ({
  text: 'Breaker or fuse goes: do not close it again. Power off, locked out and proven dead, in this order:',
  causes: [
    'Every lead against the board, end by end: one on a wrong post shorts line to line, or to the frame.',
    'Each motor lead to the frame in ohms, off its post: a good one reads megohms.',
    ...(microfarads === null
      ? []
      : ['The capacitor, discharged: each section to C, and to its shell. Near 0 Ω is a short.']),
    'A pinched or bare wire; the fuse or breaker against the unit’s plate.',
  ],
  next: 'board',
})

const cutsOut = ({ blower, microfarads }: PoweredHookup): TroubleAnswer => ({
  text: 'It runs, then cuts out: its overload opens. Let it cool, then in this order:',
  causes: [
    'Amps in each mode against its rating.',
    'The supply’s volts while it runs: too few or too many heat a motor.',
    ...(microfarads === null ? [] : ['The capacitor under load.']),
    blower
      ? 'The door on, the duct and filter as they belong: a blower that moves more air than it should draws more.'
      : 'Air through the coil: a dirty coil, a blade too deep, or one too steep for this motor.',
    'Its speed against the old motor’s: a faster one on the same blade or wheel is overloaded.',
  ],
  next: null,
})

const noise = ({ blower }: PoweredHookup): TroubleAnswer => ({
  text: 'It makes a noise. Power off before something breaks; locked out, in this order:',
  causes: [
    blower
      ? 'The wheel by hand: it must touch its housing on neither side.'
      : 'The blade by hand: it must clear shroud and guard all round.',
    'The hub: its screw on the flat and tight, and not against the motor’s body.',
    'The motor on its base or in its band: tight, its leads tied clear of what turns.',
    `A bearing: with the ${blower ? 'wheel' : 'blade'} off, the shaft is quiet in the hand.`,
  ],
  next: 'mount',
})
