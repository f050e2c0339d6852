// Of what several looks at one picture read, one answer for each field, or none: what they agree on, and nothing that others read otherwise.
import type { Proposal } from './proposal'

/** One value that a field may have. */
export interface Candidate {
  readonly best: Proposal
  /** How many looks read it. */
  readonly looks: number
  /** Their confidence together, 0 to 1 each. */
  readonly weight: number
}

/** Read by one look, it must have been this sure; by two or more, this. Found on generated plates (npm run bench:plates). */
const SURE_ALONE = 82
const SURE_TOGETHER = 40
/** One look that saw half of a dual, or what is behind the point of 7.5, saw another value that is sold: never by itself. */
const PART = /^a (single|dual)\b|^capacitor \d+ µF/
/** Any figure of amperes makes sense: one look must have been surer, and two as sure as one otherwise. */
const AMPERES: readonly Proposal['field'][] = ['amps', 'fan-amps', 'compressor-amps', 'circuit-amps']
const AMPERES_ALONE = 90
/** Of these a plate has so few values that what reads as one of them seldom was another. */
const FEW: readonly Proposal['field'][] = ['hertz', 'phase', 'capacitor-volts']
const [FEW_ALONE, FEW_TOGETHER] = [40, 0]
/** On these much depends, and one looks like another, 200 like 230: looks that read them alike must together be as sure as one. */
const MUCH: readonly Proposal['field'][] = ['volts', 'rpm']
/** So many that read it alike need not be sure of it one by one. */
const MANY = 3
const MOST = 5
const LEAST = 15
/** What is chosen weighs so many times what comes next. */
const AHEAD = 1.4

/** Of each field the values that any look read, the weightiest first. */
export function candidatesOf(
  looks: readonly (readonly Proposal[])[],
): ReadonlyMap<Proposal['field'], Candidate[]> {
  const found = new Map<string, { best: Proposal; byLook: Map<number, number> }>()
  looks.forEach((proposals, look) => {
    for (const proposal of proposals) {
      const key = `${proposal.field} ${proposal.means}`
      const known = found.get(key)
      if (!known) found.set(key, { best: proposal, byLook: new Map([[look, proposal.confidence]]) })
      else {
        known.byLook.set(look, Math.max(known.byLook.get(look) ?? 0, proposal.confidence))
        if (proposal.confidence > known.best.confidence) known.best = proposal
      }
    }
  })
  const byField = new Map<Proposal['field'], Candidate[]>()
  for (const { best, byLook } of found.values()) {
    const weight = [...byLook.values()].reduce((sum, c) => sum + Math.max(c, 10) / 100, 0)
    const list = byField.get(best.field) ?? []
    list.push({ best, looks: byLook.size, weight })
    byField.set(best.field, list)
  }
  for (const list of byField.values()) list.sort((a, b) => b.weight - a.weight)
  return byField
}

/** The one that stands out; null where none does. */
export function chosen(candidates: readonly Candidate[], looks: number): Proposal | null {
  const [first, second] = withoutLostPoints(candidates)
  if (!first) return null
  if (isWhole(first.best) && first.looks < wholeNeeds(first.best.field)) return null
  if (MUCH.includes(first.best.field) && 100 * first.weight < SURE_ALONE) return null
  // A C that was not seen is the other direction.
  if (first.best.field === 'rotation' && first.looks < Math.min(MANY, looks)) return null
  const sure = first.best.confidence >= neededOf(first)
  return sure && first.weight >= AHEAD * (second?.weight ?? 0) ? first.best : null
}

const isWhole = ({ field, text }: Proposal): boolean =>
  !(AMPERES.includes(field) ? /\.\d/ : /[./]\d/).test(text)

/** How many looks must read a whole figure: one of amperes has often lost its tenth, one of horsepower the upper half of a fraction. */
function wholeNeeds(field: Proposal['field']): number {
  if (AMPERES.includes(field)) return MOST
  return field === 'horsepower' ? MANY + 1 : 0
}

function neededOf({ best: { field, means }, looks }: Candidate): number {
  const isFew = FEW.includes(field)
  if (looks >= MOST || (looks >= MANY && field === 'tolerance')) return 0
  if (looks >= MANY) return LEAST
  if (AMPERES.includes(field)) return looks >= 2 ? SURE_ALONE : AMPERES_ALONE
  if (looks >= 2) return isFew ? FEW_TOGETHER : SURE_TOGETHER
  if (isFew) return FEW_ALONE
  return PART.test(means) ? Infinity : SURE_ALONE
}

const figuresOf = ({ best }: Candidate): string => best.text.replace(/[^\d./]/g, '')
/** A point is easily lost and hardly ever made: "33" beside "3.3", which two looks read, is the same without its point. */
const withoutLostPoints = (candidates: readonly Candidate[]): readonly Candidate[] => {
  const whole = candidates.filter((one) => one.looks >= 2 && figuresOf(one).includes('.'))
  return candidates.filter(
    (one) => !whole.some((w) => w !== one && figuresOf(w).replace('.', '') === figuresOf(one)),
  )
}
