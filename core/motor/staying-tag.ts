// The tag of a motor that stays in its unit, as far as its plate and its wires tell it. A draft: whoever stands before the motor sees what was
// filled in, from where, and overrules it.
import { sameInsulation, type Insulation } from './colour'
import { colourHint, usualColours } from './colour-hint'
import type { MotorKind } from './kind'
import type { Mechanical, SpeedName } from './lead-sheet'
import type { MotorPlate, VoltageRange } from './nameplate'
import type { WireRole } from './role'
import { EMPTY_TAG, withLead, type TagDraft } from './tag-draft'

/** Its sheet's id, in every job: it is no motor of the van. */
export const STAYING_ID = 'old-motor'

/** That of a new motor which is taken to be the same as the old one. */
export const LIKE_ID = 'like-for-like'

/** A lead as its wire was recorded. */
export interface StayingLead {
  /** At the motor; null: the colour was not noted. */
  readonly insulation: Insulation | null
  /** By where its wire went; null: cannot tell. */
  readonly role: WireRole | null
  /** By the motor's label, where it was noted. */
  readonly speed: SpeedName | null
}

/** What is known of it. null: not known. */
export interface StayingFacts {
  readonly kind: MotorKind
  readonly plate: MotorPlate
  /** Of the unit's supply, V. */
  readonly unitVolts: number | null
  readonly hertz: 50 | 60
  readonly leads: readonly StayingLead[]
  /** The fan's side of the old can's label, µF: it stands in where the plate is silent. */
  readonly labelMicrofarads: number | null
  /** Where the plate is silent, V: the old can's, or what serves any motor. */
  readonly capacitorVolts: number
  /** Seen from the lead end, where the fan's direction is known otherwise than by the plate. */
  readonly turns: 'CW' | 'CCW' | null
  readonly mechanical: Mechanical | null
}

/** The class of motors that such a supply feeds: 208-230 from 200 to 250 V, 115 from 100 to 130 V. Common practice, no source. */
export function motorVoltsFor(unitVolts: number): VoltageRange {
  if (unitVolts >= 200 && unitVolts <= 250) return { low: 208, high: 230 }
  if (unitVolts >= 100 && unitVolts <= 130) return { low: 115, high: 115 }
  return { low: unitVolts, high: unitVolts }
}

/** Roles come from where the wires went and are marked as guesses: the tag or the diagram is held against them. */
export function stayingTag(facts: StayingFacts): TagDraft {
  const { kind, plate } = facts
  const [power] = plate.horsepower
  const hasCapacitor = kind === 'psc-outdoor' || kind === 'psc-blower'
  const bare: TagDraft = {
    ...EMPTY_TAG,
    id: STAYING_ID,
    name: ['The old motor', ...(power ? [`${power} hp`] : [])].join(', '),
    kind,
    volts: plate.volts[0] ?? (facts.unitVolts === null ? EMPTY_TAG.volts : motorVoltsFor(facts.unitVolts)),
    hertz: plate.hertz[0] ?? facts.hertz,
    rpm: plate.rpm[0] ?? null,
    capacitor: hasCapacitor
      ? {
          microfarads: plate.microfarads ?? facts.labelMicrofarads,
          volts: plate.capacitorVolts ?? facts.capacitorVolts,
        }
      : null,
    horsepower: [{ horsepower: power ?? '', coversFrom: null, amps: plate.amps[0] ?? null, tap: null }],
    turns: turnsOf(facts),
    mechanical: facts.mechanical,
  }
  return facts.leads.reduce(withStayingLead, bare)
}

/** Of three phase leads, where no colour was noted. Common practice, no source. */
const PHASE_COLOURS: readonly Insulation[] = [{ colour: 'BK' }, { colour: 'RD' }, { colour: 'BU' }]

/** A lead whose colour was not noted gets the usual one of its role: a guess as all of it is. */
function withStayingLead(draft: TagDraft, { role, insulation, speed }: StayingLead): TagDraft {
  if (role === null) return draft
  const fan = draft.kind === 'psc-blower' ? 'blower' : 'outdoor'
  const usual = role === 'phase' ? PHASE_COLOURS : usualColours(fan, role, speed)
  const free = usual.find((one) => !draft.leads.some((l) => sameInsulation(l, one)))
  const looks = insulation ?? free
  if (!looks) return draft
  // A colour that was itself guessed tells nothing of a speed.
  const byColour = insulation ? colourHint(fan, insulation)?.speed : undefined
  return withLead(draft, null, looks, role, {
    speed: role === 'speed' ? (speed ?? byColour) : undefined,
    isGuess: true,
  })
}

const OTHER = { CW: 'CCW', CCW: 'CW' } as const

/** The plate's word before what the blade told. A direction without the end it is named from tells nothing. */
function turnsOf({ plate, turns }: StayingFacts): TagDraft['turns'] {
  const said = plate.rotation
  const byPlate =
    said === null || said.seenFrom === null
      ? null
      : said.seenFrom === 'lead-end'
        ? said.direction
        : OTHER[said.direction]
  const one = byPlate ?? turns
  return one === null ? {} : { [one]: [] }
}
