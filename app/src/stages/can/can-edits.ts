// A can with one section changed, added or taken away. A changed can is no longer the one on the list.
import type { Can } from '@oak/core/capacitor/can'
import { figure } from '@oak/core/quantity/display'

const inHand = (can: Can, sections: Can['sections']): Can => ({
  ...can,
  id: 'in-hand',
  name: 'Can in hand',
  sections,
})

/** Sets the value of a section, or adds one when `id` is null. Names stay unique. */
export function withSection(can: Can, id: string | null, microfarads: number): Can {
  if (id !== null)
    return inHand(
      can,
      can.sections.map((s) => (s.id === id ? { ...s, microfarads } : s)),
    )
  const taken = new Set(can.sections.map((s) => s.id))
  let name = figure(microfarads)
  for (let n = 2; taken.has(name); n++) name = `${figure(microfarads)} (${n})`
  return inHand(can, [...can.sections, { id: name, microfarads }])
}

export const withoutSection = (can: Can, id: string): Can =>
  inHand(
    can,
    can.sections.filter((s) => s.id !== id),
  )
