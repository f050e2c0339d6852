// Drain openings: water must leave below and must not enter above.
import type { Mechanical } from '../motor/lead-sheet'
import { listed } from '../quantity/display'

/** Where the shaft points. */
export type Position = Mechanical['positions'][number]
const DRAIN_PLACES = ['shaft end', 'lead end', 'side'] as const
type Place = (typeof DRAIN_PLACES)[number]

/** Which drain openings to open and to close, by name. */
export interface DrainAdvice {
  readonly open: readonly string[]
  readonly close: readonly string[]
  /** Openings whose place their name does not say: look which way each faces. */
  readonly look: readonly string[]
  readonly text: string
}

const DOWN: Readonly<Record<Position, Place>> = {
  'shaft-up': 'lead end',
  'shaft-down': 'shaft end',
  horizontal: 'side',
}

/** By the opening's name: "shaft end", "lead end", "side 1". Common practice, no source. */
export function adviseDrains(drains: readonly string[], position: Position | null): DrainAdvice {
  if (drains.length === 0)
    return {
      open: [],
      close: [],
      look: [],
      text: 'The sheet names no drain openings: look for plugs in the shell, open the one that faces down and keep the others closed.',
    }
  if (position === null)
    return {
      open: [],
      close: [],
      look: [...drains],
      text: 'Which way the shaft points is not known yet: the opening that faces down is opened, the others stay closed.',
    }
  const placeOf = (name: string) =>
    DRAIN_PLACES.find((place) => name.toLowerCase().replace(/-/g, ' ').startsWith(place))
  const down = DOWN[position]
  const sides = position === 'horizontal'
  // Lying, a motor has openings all round: only the lowest of its sides is opened.
  const open = sides ? [] : drains.filter((name) => placeOf(name) === down)
  const look = drains.filter((name) => placeOf(name) === undefined || (sides && placeOf(name) === 'side'))
  const close = drains.filter((name) => !open.includes(name) && !look.includes(name))
  const text = sides
    ? 'Lying: open the lowest opening of its side only, keep every other closed.'
    : open.length > 0
      ? `Open ${listed(open)}: ${open.length === 1 ? 'it faces' : 'they face'} down. Keep the others closed.`
      : `No opening is named at the ${down}, which faces down: look for a plug there.`
  return { open, close, look, text }
}
