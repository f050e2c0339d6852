// A short print of everything a proof rests on, so that a card can tell whether the hookup changed since it was proven.
import { DEFAULT_TOLERANCE_PERCENT } from '../capacitor/verdict'
import { phaseConflict, supplyOf, USUAL_HERTZ } from '../supply/supply'
import { unitTypeFor } from '../wiring/unit-types'
import type { HookupInput } from './inputs/hookup-input'

/** FNV-1a over 32 bits, twice with different seeds: 16 hexadecimal digits. A change detector, not a seal. Source: FNV-1a (published, from memory). */
export function printOf(input: HookupInput): string {
  // The shop's tolerance under a name of its own: a can has one too, and that has always been part of the print.
  const { tolerancePercent, ...rest } = input
  const text = JSON.stringify(
    ordered({
      ...rest,
      shopTolerance: tolerancePercent,
      supply: supplyPrint(input),
      shaftEnds: shaftPrint(input),
    }),
  )
  return [0x811c9dc5, 0x050c5d1f].map((seed) => fnv(text, seed).toString(16).padStart(8, '0')).join('')
}

/** Of the supply what the proof was made for: another reading of the same supply changes nothing. null: as its kind usually has. */
function supplyPrint({ unit, supply: facts }: HookupInput) {
  const kind = unitTypeFor(unit)
  if (kind === undefined) return null
  const { supply, conflicts } = supplyOf(kind, facts)
  const against = [...conflicts, ...(phaseConflict(kind, facts) === null ? [] : ['phases'])].length
  return supply.volts === kind.volts && supply.hertz === USUAL_HERTZ && against === 0
    ? null
    : { ...supply, conflicts: against }
}

/** Of the motor's body a proof rests on its shaft ends alone, where the unit needs both. null: it has what is needed. */
function shaftPrint({ unit, sheet }: HookupInput): 'one' | null {
  return unitTypeFor(unit)?.traits.throughShaft && sheet.mechanical?.throughShaft !== true ? 'one' : null
}

function fnv(text: string, seed: number): number {
  let hash = seed
  for (let i = 0; i < text.length; i++) hash = Math.imul(hash ^ text.charCodeAt(i), 0x01000193) >>> 0
  return hash
}

/**
 * Fields that formats gained after jobs were proven, with the value that stands for their absence: a sheet read by a later version
 * is the same sheet, and yesterday's proof must not fall for it. What a proof does not rest on is left out whatever it holds.
 */
const ADDED: Readonly<Record<string, (value: unknown) => boolean>> = {
  // Estimated or stated, the constants change no lead's place; what they judge is judged anew each time.
  speedChoices: (value) => typeof value === 'object' && value !== null && Object.keys(value).length === 0,
  supply: (value) => value === null,
  shopTolerance: (value) => value === DEFAULT_TOLERANCE_PERCENT,
  unusedOutputs: isEmptyList,
  compressorVolts: (value) => value === null,
  hardStart: (value) => value === null,
  shaftEnds: (value) => value === null,
  put: (value) => value === null,
  motorVolts: (value) => value === null,
  frameGrounded: (value) => value !== true,
  motorStays: (value) => value !== true,
  protectedStart: (value) => value !== true,
  constants: (value) => value === null,
  compressorCan: () => true,
  startCan: () => true,
  mechanical: () => true,
  drains: () => true,
  open: isEmptyList,
  speed: (value) => value === null || isEmptyList(value),
  hookup: isEmptyList,
  coversFrom: (value) => value === null,
}
function isEmptyList(value: unknown): boolean {
  return Array.isArray(value) && value.length === 0
}

/** The same value with every object's keys in order, and lists of named things by name: entry order means nothing. */
function ordered(value: unknown): unknown {
  if (Array.isArray(value)) {
    const items = value.map(ordered)
    const named = items.every(
      (item) => typeof item === 'object' && item !== null && ('id' in item || 'lead' in item),
    )
    return named ? items.sort((a, b) => (JSON.stringify(a) < JSON.stringify(b) ? -1 : 1)) : items
  }
  if (typeof value !== 'object' || value === null) return value
  return Object.fromEntries(
    Object.entries(value)
      .filter(([key, item]) => !ADDED[key]?.(item))
      .sort(([a], [b]) => (a < b ? -1 : 1))
      .map(([key, item]) => [key, ordered(item)]),
  )
}
