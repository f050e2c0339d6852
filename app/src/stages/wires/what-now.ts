// What to do about a wire whose job nothing tells yet, in words.
import { insulationName } from '@oak/core/motor/colour'
import type { Wire } from '@oak/core/wiring/wire'

/** What is left to do where nothing tells the job: never what was done already. */
export function whatNow({ segments, traced }: Pick<Wire, 'segments' | 'traced'>): string {
  const colour = segments.at(-1)
  if (traced) return 'Its terminal does not tell. Say what the unit’s diagram, the motor’s label or ohms say.'
  return colour
    ? `By custom ${insulationName(colour)} tells nothing here. Follow it to its terminal.`
    : 'Trace it, or note its colour.'
}
