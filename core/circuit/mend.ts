// A mend is tried before it is offered: the lead is put where it is advised, and everything is looked at again. What does not take the
// hazard away, or brings a danger that was not there, is not offered. Where no single lead does it, all that were moved are put back together.
import { samePlacement } from '../wiring/placement'
import { findHazards, type ProofInput } from './findings'
import type { Hazard } from './hazard'
import type { LandedLead } from './network'

/** A trial: what would be found with these leads moved. */
type Trial = (moves: readonly LandedLead[]) => readonly Hazard[]

/** The hazards, each with its mend where one was found good. */
export function withMends(hazards: readonly Hazard[], input: ProofInput): Hazard[] {
  const away = awayOf(input)
  if (away.length === 0) return [...hazards]
  const trial = trialOf(input)
  return hazards.map((hazard) => {
    const one = away.find((move) => hazard.leads.includes(move.lead) && helps(hazard, hazards, trial([move])))
    if (one) return { ...hazard, move: { lead: one.lead, to: one.goes } }
    return hazard.severity === 'stop' && away.length > 1 && helps(hazard, hazards, trial(away))
      ? { ...hazard, together: away.map(({ lead, goes }) => ({ lead, to: goes })) }
      : hazard
  })
}

/** Every lead that is not where it is advised, with the place that is. */
const awayOf = ({ advised, placements }: ProofInput): LandedLead[] =>
  advised.filter(({ lead, goes }) => {
    const now = placements.filter((p) => p.lead === lead)
    return goes.kind !== 'loose' && !(now.length === 1 && now.every((p) => samePlacement(p.goes, goes)))
  })

/** Each set of moves is looked at once, whichever hazards ask for it. */
function trialOf(input: ProofInput): Trial {
  const seen = new Map<string, readonly Hazard[]>()
  return (moves) => {
    const key = moves.map((m) => m.lead).join('\n')
    const known = seen.get(key)
    if (known) return known
    const { hazards } = findHazards({ ...input, placements: movedTo(input.placements, moves) })
    seen.set(key, hazards)
    return hazards
  }
}

/** In the order of before: what was looked at already is known again. */
function movedTo(before: readonly LandedLead[], moves: readonly LandedLead[]): LandedLead[] {
  const goesOf = new Map(moves.map(({ lead, goes }) => [lead, goes]))
  const once = before.filter(
    ({ lead }, i) => !goesOf.has(lead) || before.findIndex((p) => p.lead === lead) === i,
  )
  return [
    ...once.map(({ lead, goes }) => ({ lead, goes: goesOf.get(lead) ?? goes })),
    ...moves.filter(({ lead }) => !before.some((p) => p.lead === lead)),
  ]
}

/** It takes the hazard away, and no danger is there that was not before. */
function helps(hazard: Hazard, before: readonly Hazard[], after: readonly Hazard[]): boolean {
  const count = (list: readonly Hazard[]) => list.filter((h) => h.code === hazard.code).length
  const stops = (list: readonly Hazard[]) => list.filter((h) => h.severity === 'stop')
  const known = new Set(stops(before).map((h) => h.code))
  return count(after) < count(before) && stops(after).every((h) => known.has(h.code))
}
