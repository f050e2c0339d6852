// True insulation colours for drawing. Never shown without the name or the code beside them.
import type { ColourCode } from './colour'

export const PAINT: Readonly<Record<ColourCode, string>> = {
  BK: '#1d1a17',
  BN: '#70401f',
  RD: '#cf2a1e',
  OG: '#f08022',
  YE: '#f7d61e',
  GN: '#2f8f3f',
  BU: '#2558c4',
  VT: '#7c3aa6',
  GY: '#8d8d8d',
  WH: '#ffffff',
  PK: '#f6a5bd',
  GNYE: '#2f8f3f',
}

/** The tracer: the stripe that is noted, or the yellow of green-yellow. */
export const tracerOf = (colour: ColourCode, stripe: ColourCode | null | undefined): string | null =>
  stripe ? PAINT[stripe] : colour === 'GNYE' ? PAINT.YE : null
