// A figure of a tag that a person takes from its photo: the draft with that one thing on it.
import type { MotorPlate } from '../../motor/nameplate'
import type { TagDraft } from '../../motor/tag-draft'
import { withTagLine, type TagLine } from '../tag-line'
import type { Proposal } from './proposal'
import { takeProposal } from './take'

/** The figures that a tag's draft has a place for. */
const ON_TAG: readonly Proposal['field'][] = [
  'horsepower',
  'amps',
  'rpm',
  'volts',
  'microfarads',
  'capacitor-volts',
]
/** Whether a draft has a place for it. */
export const isOnTag = ({ kind }: TagDraft, { field }: Pick<Proposal, 'field'>): boolean =>
  ON_TAG.includes(field) &&
  (kind === 'psc-outdoor' || kind === 'psc-blower' || !['microfarads', 'capacitor-volts'].includes(field))

/** The draft with it, or why it is not taken, in words. */
export type TakenOnTag =
  { readonly ok: true; readonly draft: TagDraft } | { readonly ok: false; readonly message: string }

const TWO_VOLTS = 'Two voltages are two ways of joining its leads: pick them on the tag.'

/** `text`: as proposed, or as it was corrected. */
export function takeOnTag(draft: TagDraft, proposal: Pick<Proposal, 'field' | 'text'>): TakenOnTag {
  const taken = takeProposal({ motor: null, unit: null, can: null }, 'motor', proposal)
  if (!taken.ok) return taken
  const plate = taken.plate as MotorPlate
  if (plate.volts.length > 1) return { ok: false, message: TWO_VOLTS }
  const line: TagLine = {
    leads: [],
    turns: [],
    horsepower: plate.horsepower[0] ?? null,
    amps: plate.amps[0] ?? null,
    rpm: plate.rpm[0] ?? null,
    volts: plate.volts[0] ?? null,
    microfarads: plate.microfarads,
    capacitorVolts: plate.capacitorVolts,
    unread: [],
  }
  return { ok: true, draft: withTagLine(draft, line) }
}
