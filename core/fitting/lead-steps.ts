// The old motor's wires off their posts, and every lead of the new one to its place.
import { cutText } from '../quantity/whole-text'
import type { HookupAnswer, HookupRequest } from '../circuit/hookup'
import { insulationName } from '../motor/colour'
import type { LeadId } from '../motor/lead-id'
import { capital, listed } from '../quantity/display'
import { known } from '../quantity/at'
import { voltsName } from '../motor/volts-choice'
import { VIEW_NAMES } from '../rotation/view'
import type { LeadAdvice } from '../wiring/translate'
import { ownWires } from '../wiring/own-wires'
import { goesToMotor, type NamedWire } from '../wiring/wire'
import { oldPlaceName, placeName } from './places'
import type { FitStep } from './step'

/** Leads of a motor that stays which are on their posts already; of a new motor none. */
function staysPut(
  { unit, sheet, wires, motorStays }: HookupRequest,
  answer: HookupAnswer,
): ReadonlySet<LeadId> {
  if (motorStays !== true) return new Set()
  const own = ownWires(unit, sheet, wires, answer.findings)
  const there = answer.leads.filter(
    ({ lead, goes }) => goes.kind === 'post' && own.get(lead)?.from === goes.post,
  )
  return new Set(there.map(({ lead }) => lead))
}

/** Empty where no wire of the old motor is on record, or none of a motor that stays has to move. */
export function oldLeadsStep(request: HookupRequest, answer: HookupAnswer): FitStep[] {
  const { unit, sheet, wires, motorStays } = request
  const own = ownWires(unit, sheet, wires, answer.findings)
  const put = new Set([...staysPut(request, answer)].map((lead) => own.get(lead)?.id))
  const off = wires.filter((wire) => goesToMotor(wire) && !put.has(wire.id))
  if (off.length === 0) return []
  const names = listed(off.map((wire) => wireName(request, wire)))
  return [
    {
      id: 'old-leads',
      kind: 'safe',
      text:
        motorStays === true
          ? `Of the motor that stays, off: ${names}.${put.size > 0 ? ' Its other leads stay where they are.' : ''}`
          : `The old motor’s leads off: ${names}.`,
      why: 'Each is on record, so that its place is known when it is gone.',
      acts: off.map(({ id }) => ({ kind: 'take-off', wire: id })),
    },
  ]
}

/** "the brown one on FAN of the old capacitor" */
function wireName({ unit }: HookupRequest, { from, segments }: NamedWire): string {
  const colour = segments.at(-1)
  return `${colour ? `the ${insulationName(colour)} one` : 'the one'} on ${oldPlaceName(unit, from)}`
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
  const put = staysPut(request, answer)
  return [
    ...answer.leads
      .filter(({ lead, goes }) => goes.kind !== 'plug' && !put.has(lead))
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
    id: cutText(`land-${lead}`, 60),
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
