// A lead sheet while it is read from the tag on a motor's leads: right or wrong, half done or whole. What it becomes is the
// lead-sheet format itself, so the same contradictions show here that show when a file is read.
import { known, first, at } from '../quantity/at'
import * as v from 'valibot'
import { problemsOf, type Problem } from '../quantity/problem'
import { COLOUR_NAMES, insulationName, sameInsulation, type Insulation } from './colour'
import type { MotorKind } from './kind'
import {
  LEAD_SHEET_FORMAT,
  LEAD_SHEET_VERSION,
  LeadSheetSchema,
  type Lead,
  type LeadSheet,
  type Mechanical,
  type SpeedName,
  type VoltsChoice,
} from './lead-sheet'
import type { LeadId } from './lead-id'
import { ALIEN, leadSheetProblems } from './lead-sheet-problems'
import { LEAD_ROLES, ROLE_NAMES, type LeadRole } from './role'

type Pair = readonly [string, string]
/** How the rotation leads stand for a direction: pairs joined, or null where all are left open. */
export type Pairing = readonly Pair[] | null

/** A tag while it is read: a lead sheet with gaps. */
export interface TagDraft {
  readonly id: string
  readonly name: string
  readonly kind: MotorKind
  readonly volts: { readonly low: number; readonly high: number }
  readonly hertz: 50 | 60
  readonly rpm: number | null
  readonly capacitor: { readonly microfarads: number | null; readonly volts: number } | null
  readonly leads: readonly Lead[]
  readonly rotationNamedFrom: 'lead-end' | 'shaft-end'
  /** One a horsepower; `tap` its lead, null where the motor has no horsepower taps. */
  readonly horsepower: readonly {
    readonly horsepower: string
    readonly coversFrom: string | null
    readonly amps: number | null
    readonly tap: string | null
  }[]
  /** `tap` the lead that is live for it; `join` the select lead and the line lead it is joined to; neither: the select leads are left open. */
  readonly speed: readonly {
    /** null: nobody said which speed the tap is. */
    readonly speed: SpeedName | null
    readonly rpm: number | null
    readonly amps: number | null
    readonly tap: string | null
    readonly join: Pair | null
  }[]
  /** undefined: the motor does not turn that way. */
  readonly turns: { readonly CW?: Pairing; readonly CCW?: Pairing }
  /** Of a motor for several voltages, how its leads are joined for each. */
  readonly voltsChoices: readonly VoltsChoice[]
  readonly constants: LeadSheet['constants']
  readonly mechanical: Mechanical | null
  readonly drains: readonly string[]
  /** Leads whose role, or whose speed, was guessed by colour or by the old wires and not looked at since. */
  readonly guessed: readonly LeadId[]
  /** What is guessed was read from a photo of the tag. */
  readonly photographed: boolean
}

export const EMPTY_TAG: TagDraft = {
  id: '',
  name: '',
  kind: 'psc-outdoor',
  volts: { low: 208, high: 230 },
  hertz: 60,
  rpm: null,
  capacitor: { microfarads: null, volts: 370 },
  leads: [],
  rotationNamedFrom: 'lead-end',
  horsepower: [{ horsepower: '', coversFrom: null, amps: null, tap: null }],
  speed: [],
  turns: {},
  voltsChoices: [],
  constants: null,
  mechanical: null,
  drains: [],
  guessed: [],
  photographed: false,
}

/** The roles that leads of such a motor can have. */
export const rolesOf = (kind: MotorKind): readonly LeadRole[] =>
  LEAD_ROLES.filter((role) => !ALIEN[kind].includes(role))

/** "brown/white", and "brown/white 2" when there is one already. */
function leadIdFor(leads: readonly Lead[], { colour, stripe }: Insulation): string {
  const name = stripe ? `${COLOUR_NAMES[colour]}/${COLOUR_NAMES[stripe]}` : COLOUR_NAMES[colour]
  let id = name
  for (let n = 2; leads.some((lead) => lead.id === id); n++) id = `${name} ${n}`
  return id
}

/**
 * The lead changed or, for a new id, added; another colour renames it wherever it is spoken of. What a person sets is no guess any more;
 * `speed`: of a tap, which it is; left out, it stays what it was.
 */
export function withLead(
  draft: TagDraft,
  id: string | null,
  insulation: Insulation,
  role: LeadRole,
  { speed, isGuess = false }: { readonly speed?: SpeedName | undefined; readonly isGuess?: boolean } = {},
): TagDraft {
  const others = draft.leads.filter((lead) => lead.id !== id)
  const old = draft.leads.find((lead) => lead.id === id)
  const lead: Lead = {
    colour: insulation.colour,
    stripe: insulation.stripe ?? null,
    role,
    id: old && sameInsulation(old, insulation) ? old.id : leadIdFor(others, insulation),
  }
  const leads = old ? draft.leads.map((l) => (l.id === id ? lead : l)) : [...draft.leads, lead]
  const renamed =
    old && old.id !== lead.id ? renameLead({ ...draft, leads }, old.id, lead.id) : { ...draft, leads }
  const guessed = [
    ...renamed.guessed.filter((name) => name !== old?.id && name !== lead.id),
    ...(isGuess ? [lead.id] : []),
  ]
  const settled = settle({ ...renamed, guessed })
  return speed === undefined ? settled : withTapSpeed(settled, lead.id, speed)
}

/** Which speed a tap is; a row that has the name already keeps it, and the contradiction is said. */
const withTapSpeed = (draft: TagDraft, tap: LeadId, speed: SpeedName): TagDraft => ({
  ...draft,
  speed: draft.speed.map((s) => (s.tap === tap ? { ...s, speed } : s)),
})

/** Every lead as it stands is the tag's: nothing is a guess any more. */
export const asTheTagSays = (draft: TagDraft): TagDraft => ({ ...draft, guessed: [], photographed: false })

/** The draft without a lead; settings that named it follow. */
export const withoutLead = (draft: TagDraft, id: string): TagDraft =>
  settle({
    ...draft,
    leads: draft.leads.filter((lead) => lead.id !== id),
    guessed: draft.guessed.filter((name) => name !== id),
  })

function renameLead(draft: TagDraft, from: string, to: string): TagDraft {
  const name = (id: string) => (id === from ? to : id)
  const pair = ([a, b]: Pair): Pair => [name(a), name(b)]
  const pairing = (p: Pairing | undefined) => (p ? p.map(pair) : p)
  return {
    ...draft,
    horsepower: draft.horsepower.map((h) => ({ ...h, tap: h.tap === null ? null : name(h.tap) })),
    speed: draft.speed.map((s) => ({
      ...s,
      tap: s.tap === null ? null : name(s.tap),
      join: s.join && pair(s.join),
    })),
    turns: {
      ...('CW' in draft.turns ? { CW: pairing(draft.turns.CW) } : {}),
      ...('CCW' in draft.turns ? { CCW: pairing(draft.turns.CCW) } : {}),
    },
  }
}

/** Settings follow the leads: one row for each tap, none for a tap that went; pairs of leads that went are undone. */
function settle(draft: TagDraft): TagDraft {
  const of = (role: LeadRole) => draft.leads.filter((lead) => lead.role === role).map((lead) => lead.id)
  const [taps, speeds, plug] = [of('power-tap'), of('speed'), of('rotation')]
  const first = draft.horsepower[0] ?? EMPTY_TAG.horsepower[0]
  const horsepower =
    taps.length === 0
      ? [{ ...known(first, 'A horsepower'), tap: null }]
      : taps.map(
          (tap, i) =>
            draft.horsepower.find((h) => h.tap === tap) ?? {
              horsepower: '',
              coversFrom: null,
              amps: null,
              ...(i === 0 && first?.tap === null ? first : {}),
              tap,
            },
        )
  const tapped = speeds.map(
    (tap) =>
      draft.speed.find((s) => s.tap === tap) ?? {
        speed: null,
        rpm: null,
        amps: null,
        tap,
        join: null,
      },
  )
  const turns = Object.fromEntries(
    Object.entries(draft.turns).map(([direction, pairing]) => [
      direction,
      pairing && pairing.flat().every((id) => plug.includes(id)) ? pairing : plug.length > 0 ? null : [],
    ]),
  )
  return {
    ...draft,
    horsepower,
    speed:
      speeds.length > 0
        ? tapped
        : draft.speed.filter(
            (s) =>
              s.tap === null &&
              (s.join === null || s.join.every((id) => draft.leads.some((l) => l.id === id))),
          ),
    turns,
  }
}

/** The ways in which these plug leads can be joined in pairs, and "left open" where there are two. */
export function pairingsOf(leads: readonly LeadId[]): Pairing[] {
  if (leads.length === 2) return [[[first(leads), at(leads, 1)]], null]
  if (leads.length !== 4) return []
  const [a, b, c, d] = leads as readonly [string, string, string, string]
  return [
    [
      [a, b],
      [c, d],
    ],
    [
      [a, c],
      [b, d],
    ],
    [
      [a, d],
      [b, c],
    ],
  ]
}

const DIRECTIONS = ['CW', 'CCW'] as const

/** The lead sheet that the draft amounts to; blanks stay out, so that what is missing is named. */
export function sheetOf(draft: TagDraft): unknown {
  const { leads, turns } = draft
  const of = (role: LeadRole) => leads.filter((lead) => lead.role === role).map((lead) => lead.id)
  const [taps, plug, select] = [of('power-tap'), of('rotation'), of('select')]
  const blank = <T>(value: T | null) => (value === null ? undefined : value)
  return {
    format: LEAD_SHEET_FORMAT,
    version: LEAD_SHEET_VERSION,
    id: draft.id || idFor(draft.name),
    name: draft.name,
    kind: draft.kind,
    nameplate: { volts: draft.volts, hertz: draft.hertz, rpm: blank(draft.rpm) },
    capacitor: draft.capacitor && {
      microfarads: blank(draft.capacitor.microfarads),
      volts: draft.capacitor.volts,
    },
    constants: draft.constants,
    mechanical: draft.mechanical,
    drains: draft.drains,
    leads,
    rotationNamedFrom: draft.rotationNamedFrom,
    settings: {
      horsepower: draft.horsepower.map(({ horsepower, coversFrom, amps, tap }) => ({
        horsepower,
        coversFrom,
        amps: blank(amps),
        ...(tap === null
          ? {}
          : { land: [{ lead: tap, as: 'motor-common' }], insulate: taps.filter((other) => other !== tap) }),
      })),
      speed: draft.speed.map(({ speed, rpm, amps, tap, join }) => ({
        speed: blank(speed),
        rpm,
        amps,
        tap,
        ...(tap !== null ? {} : join ? { join: [join] } : { open: select }),
      })),
      ...(draft.voltsChoices.length > 0 ? { volts: draft.voltsChoices } : {}),
      hookup: draft.kind === 'ecm-outdoor' ? [{ hookup: 'no-capacitor' }] : [],
      rotation: DIRECTIONS.flatMap((direction) =>
        // Three phases turn either way, as their lines come.
        draft.kind === 'three-phase'
          ? [{ direction }]
          : direction in turns
            ? [{ direction, ...(turns[direction] ? { join: turns[direction] } : { open: plug }) }]
            : [],
      ),
    },
  }
}

/** What makes it no lead sheet yet, in reading order; empty when it is one. */
export function tagProblems(draft: TagDraft): Problem[] {
  const sheet = sheetOf(draft)
  const parsed = v.safeParse(LeadSheetSchema, sheet)
  if (parsed.success) return []
  const unnamed = draft.speed.filter((s) => s.speed === null && s.tap !== null)
  const blanks = problemsOf(parsed.issues)
    .filter(({ path }) => unnamed.length === 0 || !/^settings\.speed\.\d+\.speed$/.test(path))
    .map(({ path, message }) => ({
      path,
      message: /missing|must be a number/.test(message)
        ? (MISSING[path.replace(/\.\d+\./g, '.')] ?? message)
        : message,
    }))
  // The schema looks for contradictions only in a whole sheet; on the phone they show while it is half read.
  const contradictions = leadSheetProblems(withLists(sheet))
  return [
    ...contradictions,
    ...unnamed.map(({ tap }) => ({
      path: 'settings.speed',
      message: `Which speed ${tap} is, is not said: read it on the tag.`,
    })),
    ...blanks.filter((p) => !contradictions.some((c) => c.message === p.message)),
  ]
}

/** The sheet with every choice's lists there, as a reader of contradictions expects them. */
function withLists(sheet: unknown): Parameters<typeof leadSheetProblems>[0] {
  const { settings, ...rest } = sheet as { readonly settings: Readonly<Record<string, readonly object[]>> }
  const whole = Object.fromEntries(
    Object.entries(settings).map(([name, choices]) => [
      name,
      choices.map((choice) => ({ join: [], land: [], insulate: [], open: [], ...choice })),
    ]),
  )
  return { ...rest, settings: whole } as unknown as Parameters<typeof leadSheetProblems>[0]
}

/** A blank is named as what it is on the tag. */
const MISSING: Readonly<Record<string, string>> = {
  'nameplate.rpm': 'The rated rpm is missing.',
  'capacitor.microfarads': 'The capacitor’s µF is missing.',
  'settings.horsepower.amps': 'The rated amps of a horsepower are missing.',
}

/** Leads that cannot be told apart by looking: not wrong, but worth a mark of tape before they leave the tag. */
export function lookAlikes({ leads }: TagDraft): string[] {
  return leads.flatMap((lead, i) => {
    const twin = leads.slice(0, i).find((other) => sameInsulation(other, lead) && other.role !== lead.role)
    return twin
      ? [
          `Two leads are ${insulationName(lead)}: ${ROLE_NAMES[twin.role]} and ${ROLE_NAMES[lead.role]}. Mark them before they leave the tag.`,
        ]
      : []
  })
}

/** An id of its own, from the name. */
export const idFor = (name: string): string =>
  name
    .normalize('NFKD')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '')
    .slice(0, 60) || 'tag'

/** The draft of a sheet, to change it. */
export function draftOf(sheet: LeadSheet): TagDraft {
  const { settings } = sheet
  return {
    id: sheet.id,
    name: sheet.name,
    kind: sheet.kind,
    volts: sheet.nameplate.volts,
    hertz: sheet.nameplate.hertz,
    rpm: sheet.nameplate.rpm,
    capacitor: sheet.capacitor,
    leads: sheet.leads,
    rotationNamedFrom: sheet.rotationNamedFrom,
    voltsChoices: settings.volts ?? [],
    constants: sheet.constants,
    mechanical: sheet.mechanical,
    drains: sheet.drains,
    guessed: [],
    photographed: false,
    horsepower: settings.horsepower.map(({ horsepower, coversFrom, amps, land }) => ({
      horsepower,
      coversFrom,
      amps,
      tap: land[0]?.lead ?? null,
    })),
    speed: settings.speed.map(({ speed, rpm, amps, tap, join }) => ({
      speed,
      rpm,
      amps,
      tap,
      join: join[0] ?? null,
    })),
    turns: Object.fromEntries(
      settings.rotation.map(({ direction, join, open }) => [direction, open.length > 0 ? null : join]),
    ),
  }
}
