// What a lead of a colour usually is. A hint, outranked by every other evidence, and never shown without saying so.
import type { ColourCode, Insulation } from './colour'
import data from './colour-hints.json'
import type { SpeedName } from './lead-sheet'
import type { WireRole } from './role'

/** What a colour usually stands for. Common practice, no source. */
export interface ColourHint {
  readonly roles: readonly WireRole[]
  /** What it is called where its role alone says too little. */
  readonly word?: string
  /** Of a blower's tap: the speed that it usually is. */
  readonly speed?: SpeedName
}

interface Entry extends ColourHint {
  readonly fan: 'outdoor' | 'blower'
  readonly colour: ColourCode
  readonly stripe: ColourCode | null
}

const HINTS = data.hints as readonly Entry[]

/** Of a fan of this kind; undefined: the colour says nothing. */
export const colourHint = (
  fan: 'outdoor' | 'blower',
  { colour, stripe }: Insulation,
): ColourHint | undefined =>
  HINTS.find((h) => h.fan === fan && h.colour === colour && h.stripe === (stripe ?? null))

/** The colours that leads of this role usually have, the likeliest first; of a tap only those of its speed, where it is known. */
export const usualColours = (
  fan: 'outdoor' | 'blower',
  role: WireRole,
  speed: SpeedName | null,
): readonly Insulation[] =>
  HINTS.filter((h) => h.fan === fan && h.roles[0] === role && (speed === null || h.speed === speed)).map(
    ({ colour, stripe }) => ({ colour, stripe }),
  )
