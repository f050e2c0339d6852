// Common sets of leads as starting points of a tag: every role and speed of them is a guess until it is held against the tag.
import { COLOUR_CODES, type ColourCode, type Insulation } from './colour'
import { colourHint } from './colour-hint'
import type { MotorKind } from './kind'
import data from './lead-sets.json'
import type { LeadRole } from './role'
import { EMPTY_TAG, rolesOf, withLead, type TagDraft } from './tag-draft'

/** A set of leads that motors of a kind often have. Common practice, no source. */
export interface LeadSet {
  readonly id: string
  /** What it is. */
  readonly name: string
  /** Its leads in a few words. */
  readonly says: string
  readonly kind: MotorKind
  /** "BN/WH", or "VT rotation" where the colour alone does not say what it is for. */
  readonly leads: readonly string[]
}

const ALL = data.sets as readonly LeadSet[]

/** The sets of motors of this kind. */
export const leadSetsOf = (kind: MotorKind): readonly LeadSet[] => ALL.filter((set) => set.kind === kind)

const fanOf = (kind: MotorKind) => (kind === 'psc-blower' ? 'blower' : 'outdoor')

/** What a colour alone tells of a lead of such a motor; null: nothing, or nothing that this kind has. */
export function guessOf(kind: MotorKind, insulation: Insulation) {
  const hint = colourHint(fanOf(kind), insulation)
  const role = hint?.roles.find((r) => rolesOf(kind).includes(r))
  return hint && role ? { role: role as LeadRole, speed: hint.speed } : null
}

const isColour = (text: string | undefined): text is ColourCode =>
  (COLOUR_CODES as readonly string[]).includes(text ?? '')

function leadOf(kind: MotorKind, text: string) {
  const [code = '', said] = text.split(' ')
  const [colour, stripe] = code.split('/')
  if (!isColour(colour)) throw new Error(`No colour: ${text}`)
  const insulation = { colour, stripe: isColour(stripe) ? stripe : null }
  const guess = guessOf(kind, insulation)
  const role = rolesOf(kind).find((r) => r === said) ?? guess?.role
  if (!role) throw new Error(`No role: ${text}`)
  return { insulation, role, speed: role === 'speed' ? guess?.speed : undefined }
}

/** The draft with the leads of a set in place of its own; all of them guesses. Its figures stay; what was set on its old leads goes. */
export function withLeadSet(draft: TagDraft, set: LeadSet): TagDraft {
  const { leads, horsepower, speed, turns, guessed } = EMPTY_TAG
  const [power] = draft.horsepower
  const bare: TagDraft = {
    ...draft,
    ...{ leads, speed, turns, guessed },
    kind: set.kind,
    horsepower: power ? [{ ...power, tap: null }] : horsepower,
  }
  return set.leads
    .map((text) => leadOf(set.kind, text))
    .reduce(
      (at, lead) => withLead(at, null, lead.insulation, lead.role, { speed: lead.speed, isGuess: true }),
      bare,
    )
}
