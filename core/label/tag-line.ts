// A typed or pasted line of a motor's tag: "BK common, WH run, BN start, BN/WH return, plug VT YE OG GY, 1/4 hp, 1.4 A". Leads by colour and
// role, figures as any label has them. What it does not understand it names, and leaves alone.
import { sameInsulation, type Insulation } from '../motor/colour'
import type { MotorKind } from '../motor/kind'
import { guessOf } from '../motor/lead-sets'
import type { SpeedName } from '../motor/lead-sheet'
import type { LeadRole } from '../motor/role'
import { EMPTY_MOTOR_PLATE } from '../motor/nameplate'
import { rolesOf, withLead, type TagDraft } from '../motor/tag-draft'
import { readLabel } from './read-label'
import { takeColour } from './tag-colours'
import { takeTurns, type SaidTurn } from './tag-turns'

/** A lead that a line speaks of. */
export interface SaidLead {
  readonly insulation: Insulation
  /** null: neither the line nor the colour says what it is for. */
  readonly role: LeadRole | null
  readonly speed: SpeedName | undefined
  /** Its role is by its colour alone. */
  readonly isGuess: boolean
}

/** What a line of a tag says. */
export interface TagLine {
  readonly leads: readonly SaidLead[]
  /** Which leads are joined for which direction. */
  readonly turns: readonly SaidTurn[]
  readonly horsepower: string | null
  readonly amps: number | null
  readonly rpm: number | null
  readonly volts: { readonly low: number; readonly high: number } | null
  readonly microfarads: number | null
  readonly capacitorVolts: number | null
  /** It was read from a picture: whatever it puts on the tag is to be looked at. */
  readonly isSeen?: boolean
  /** Pieces that were not understood, as they were typed. */
  readonly unread: readonly string[]
}

interface Said {
  readonly role: LeadRole
  readonly speed?: SpeedName
}

/** What a word says of a lead; in a blower "common" is the line lead, outdoors the motor common. */
function roleOf(words: string, kind: MotorKind): Said | undefined {
  const said = words.toLowerCase().replace(/[-_.]/g, ' ').replace(/\s+/g, ' ').trim()
  const blower = kind === 'psc-blower'
  const table: readonly (readonly [RegExp, Said])[] = [
    [/^(plug|rotation|rot|reversing|reverse)( lead| plug)?$/, { role: 'rotation' }],
    [/^(run )?return$/, { role: 'run-return' }],
    [/^(motor )?(common|com|c)$/, { role: blower ? 'line' : 'motor-common' }],
    [/^(line|neutral|l1|l2|n)$/, { role: kind === 'psc-outdoor' ? 'run' : 'line' }],
    [/^(run|main|r)$/, { role: 'run' }],
    [/^(start|aux|auxiliary|s)$/, { role: 'start' }],
    [/^(cap|capacitor|can)( lead)?$/, { role: 'capacitor' }],
    [/^(ground|gnd|earth|g)$/, { role: 'ground' }],
    [/^(select|speed select)$/, { role: 'select' }],
    [/^(phase|t1|t2|t3|u|v|w)$/, { role: 'phase' }],
    [/^(hi|high)( speed)?$/, { role: 'speed', speed: 'high' }],
    [/^(med|medium) (hi|high)$/, { role: 'speed', speed: 'medium-high' }],
    [/^(med|medium) (lo|low)$/, { role: 'speed', speed: 'medium-low' }],
    [/^(med|medium)( speed)?$/, { role: 'speed', speed: 'medium' }],
    [/^(lo|low)( speed)?$/, { role: 'speed', speed: 'low' }],
  ]
  return table.find(([pattern]) => pattern.test(said))?.[1]
}

/** The colours of a piece, and its other words. */
function split(piece: string): { readonly colours: readonly Insulation[]; readonly rest: string } {
  const words = piece.split(/[\s:=]+/).filter(Boolean)
  const colours: Insulation[] = []
  const rest: string[] = []
  for (let i = 0; i < words.length;) {
    const found = takeColour(words.slice(i))
    if (found) colours.push(found.insulation)
    else rest.push(words[i] ?? '')
    i += found?.taken ?? 1
  }
  return { colours, rest: rest.join(' ') }
}

function leadsOf(piece: string, kind: MotorKind): SaidLead[] | null {
  const { colours, rest } = split(piece)
  if (colours.length === 0) return null
  const said = rest === '' ? undefined : roleOf(rest, kind)
  if (rest !== '' && !said) return null
  return colours.map((insulation) => {
    const guess = said ? null : guessOf(kind, insulation)
    return {
      insulation,
      role: said?.role ?? guess?.role ?? null,
      speed: said ? said.speed : guess?.role === 'speed' ? guess.speed : undefined,
      isGuess: !said,
    }
  })
}

/** Never throws, whatever the text; longest line: see MAX_LINE. */
export function readTagLine(text: string, kind: MotorKind): TagLine {
  const { turns, rest } = takeTurns(text)
  const pieces = rest
    .split(/[,;\n]+/)
    .map((piece) => piece.trim())
    .filter(Boolean)
  const leads: SaidLead[] = []
  const figures: string[] = []
  for (const piece of pieces) {
    const found = leadsOf(piece, kind)
    if (found) leads.push(...found)
    else figures.push(piece)
  }
  return { leads, turns, ...figuresOf(figures.join(', ')) }
}

function figuresOf(text: string): Omit<TagLine, 'leads' | 'turns'> {
  const { motor, capacitor, unread } = readLabel(text, {}, 'motor')
  const plate = motor ?? EMPTY_MOTOR_PLATE
  const first = <T>([one]: readonly T[]): T | null => one ?? null
  return {
    horsepower: first(plate.horsepower),
    amps: first(plate.amps),
    rpm: first(plate.rpm),
    // Two voltages are two ways of joining its leads: those are said one by one.
    volts: plate.volts.length === 1 ? first(plate.volts) : null,
    microfarads: plate.microfarads ?? first(capacitor?.sections ?? []),
    capacitorVolts: plate.capacitorVolts ?? capacitor?.volts ?? null,
    unread,
  }
}

/** The draft with what a line says: a lead of the same colour takes the role; other colours are added; figures fill their places. */
export function withTagLine(draft: TagDraft, line: TagLine): TagDraft {
  const roles = rolesOf(draft.kind)
  const withLeads = line.leads.reduce((at, { insulation, role, speed, isGuess }) => {
    // Where nothing says what it is for, it is put down as the one thing every motor may have more of, and marked.
    const as = role ?? roles.find((r) => r === 'rotation' || r === 'speed') ?? 'ground'
    const same = at.leads.filter(
      (l) => l.colour === insulation.colour && (l.stripe ?? null) === (insulation.stripe ?? null),
    )
    const twin =
      same.find((l) => l.role === as) ?? (same.length === 1 && as !== 'rotation' ? same[0] : undefined)
    // What a hand has set, a machine's reading does not change.
    if (line.isSeen && twin && !draft.guessed.includes(twin.id)) return at
    return withLead(at, twin?.id ?? null, insulation, as, {
      speed,
      isGuess: isGuess || (line.isSeen ?? false),
    })
  }, draft)
  const joined = line.turns.reduce((at, turn) => withTurn(at, turn, line.isSeen ?? false), withLeads)
  const [power, ...more] = joined.horsepower
  return {
    ...joined,
    photographed: draft.photographed || (line.isSeen ?? false),
    rpm: line.rpm ?? draft.rpm,
    volts: line.volts ?? draft.volts,
    capacitor: joined.capacitor && {
      microfarads: line.microfarads ?? joined.capacitor.microfarads,
      volts: line.capacitorVolts ?? joined.capacitor.volts,
    },
    horsepower: power
      ? [
          { ...power, horsepower: line.horsepower ?? power.horsepower, amps: line.amps ?? power.amps },
          ...more,
        ]
      : joined.horsepower,
  }
}

/** The pairs of a direction, by the leads of those colours; rotation leads that are not on the tag yet come to it. */
function withTurn(draft: TagDraft, { direction, join }: SaidTurn, isGuess: boolean): TagDraft {
  if (isGuess && draft.turns[direction]) return draft
  let at = draft
  const lead = (insulation: Insulation): string => {
    const known = at.leads.find((l) => l.role === 'rotation' && sameInsulation(l, insulation))
    if (known) return known.id
    at = withLead(at, null, insulation, 'rotation', { isGuess })
    return at.leads.at(-1)?.id ?? ''
  }
  const pairs = join.map(([a, b]) => [lead(a), lead(b)] as const)
  return { ...at, turns: { ...at.turns, [direction]: pairs } }
}
