// The old motor's wires off their posts, and every lead of the new one to its place.
import type { HookupAnswer, HookupRequest } from '../circuit/hookup'
import { insulationName } from '../motor/colour'
import type { LeadId } from '../motor/lead-id'
import { capital, listed } from '../quantity/display'
import { known } from '../quantity/at'
import { voltsName } from '../motor/volts-choice'
import { VIEW_NAMES } from '../rotation/view'
import type { LeadAdvice } from '../wiring/translate'
import { goesToMotor } from '../wiring/wire'
import { oldPlaceName, placeName } from './places'
import type { FitStep } from './step'

/** Empty where no wire of the old motor is on record. */
export function oldLeadsStep({ unit, wires }: HookupRequest): FitStep[] {
  const old = wires.filter(goesToMotor)
  if (old.length === 0) return []
  const names = old.map(({ from, segments }) => {
    const colour = segments.at(-1)
    return `${colour ? `the ${insulationName(colour)} one` : 'the one'} on ${oldPlaceName(unit, from)}`
  })
  return [
    {
      id: 'old-leads',
      kind: 'safe',
      text: `The old motor’s leads off: ${listed(names)}.`,
      why: 'Each is on record, so that its place is known when it is gone.',
      acts: old.map(({ id }) => ({ kind: 'take-off', wire: id })),
    },
  ]
}

/** A motor for several voltages: how its own leads are joined for the one it is set to, before any lands. */
export const voltsStep = ({ sheet }: HookupRequest): FitStep[] =>
  (sheet.settings.volts ?? []).map((choice) => ({
    id: 'volts',
    kind: 'join',
    text: `The motor’s own leads joined for ${voltsName(choice)} V: ${choice.how || 'as its tag says'}.`,
    why: 'Joined for the other voltage it burns, or hardly turns.',
    acts: [],
  }))

/** In the order of the sheet, the plug's leads in one step. */
export function leadSteps(request: HookupRequest, answer: HookupAnswer): FitStep[] {
  const plugged = answer.leads.filter(({ goes }) => goes.kind === 'plug')
  return [
    ...answer.leads
      .filter(({ goes }) => goes.kind !== 'plug')
      .map((advice) => landStep(request, answer, advice)),
    ...(plugged.length > 0 ? [plugStep(request, answer, plugged)] : []),
  ]
}

const leadName = ({ sheet }: HookupRequest, lead: LeadId): string =>
  insulationName(
    known(
      sheet.leads.find((l) => l.id === lead),
      'The lead',
    ),
  )

function landStep(request: HookupRequest, { can }: HookupAnswer, { lead, goes, why }: LeadAdvice): FitStep {
  const name = capital(leadName(request, lead))
  return {
    id: `land-${lead}`.slice(0, 60),
    kind: 'land',
    text:
      goes.kind === 'post'
        ? `${name} on ${placeName(request.unit, can, goes.post)}.`
        : `${name} cut back and insulated by itself.`,
    why,
    acts: [{ kind: 'land', lead, goes }],
  }
}

function plugStep(request: HookupRequest, { plug }: HookupAnswer, plugged: readonly LeadAdvice[]): FitStep {
  const joins = plug.set.join.map(([a, b]) => `${leadName(request, a)} to ${leadName(request, b)}`)
  return {
    id: 'plug',
    kind: 'land',
    text: `Reversing plug: ${listed(joins)}.`,
    why: `So the shaft turns ${plug.set.direction}, seen from the ${VIEW_NAMES[request.sheet.rotationNamedFrom]}.`,
    acts: plugged.map(({ lead, goes }) => ({ kind: 'land', lead, goes })),
  }
}
