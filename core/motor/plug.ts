// The reversing plug: which position gives the wanted rotation, as the lead sheet says.
import type { LeadSheet, RotationChoice } from './lead-sheet'

/** The plug's position, or why there is none for this direction. */
export type PlugAnswer =
  | { readonly kind: 'set'; readonly choice: RotationChoice }
  | { readonly kind: 'refused'; readonly why: string }

/** The choice that turns the shaft `direction` as seen from the end the tag names it from, or why there is none. */
export function plugFor(sheet: LeadSheet, direction: 'CW' | 'CCW'): PlugAnswer {
  const choice = sheet.settings.rotation.find((c) => c.direction === direction)
  if (choice) return { kind: 'set', choice }
  const only = sheet.settings.rotation[0]?.direction ?? 'one way'
  const end = sheet.rotationNamedFrom === 'lead-end' ? 'lead end' : 'shaft end'
  return {
    kind: 'refused',
    why: `${sheet.name} cannot be reversed: it turns ${only} only, seen from the ${end}. This fan needs ${direction} seen from there.`,
  }
}
