// Colours of leads as tags and technicians write them.
import { COLOUR_CODES, COLOUR_NAMES, type ColourCode, type Insulation } from '../motor/colour'

/** Abbreviations as tags and technicians write them. Common practice, no source. */
export const SHORT_COLOURS: Readonly<Record<string, ColourCode>> = {
  blk: 'BK',
  brn: 'BN',
  red: 'RD',
  org: 'OG',
  orn: 'OG',
  yel: 'YE',
  grn: 'GN',
  blu: 'BU',
  pur: 'VT',
  ppl: 'VT',
  violet: 'VT',
  gry: 'GY',
  grey: 'GY',
  wht: 'WH',
  pnk: 'PK',
}

/** A colour by its code, its name or an abbreviation; undefined: it is none. */
export function colourOf(word: string): ColourCode | undefined {
  const small = word.toLowerCase()
  return (
    COLOUR_CODES.find((code) => code.toLowerCase() === small || COLOUR_NAMES[code] === small) ??
    SHORT_COLOURS[small]
  )
}

/** "BN/WH", "brown/white" or "brown with white stripe" at the start of the words; the rest of them. */
export function takeColour(
  words: readonly string[],
): { readonly insulation: Insulation; readonly taken: number } | null {
  const [first = '', second = '', third = '', fourth = ''] = words
  const [base = '', tracer] = first.split('/')
  const colour = colourOf(base)
  if (!colour) return null
  if (tracer !== undefined) {
    const stripe = colourOf(tracer)
    return stripe ? { insulation: { colour, stripe }, taken: 1 } : null
  }
  if (/^(with|w)$/i.test(second) && colourOf(third))
    return {
      insulation: { colour, stripe: colourOf(third) ?? null },
      taken: /^(stripe|tracer)$/i.test(fourth) ? 4 : 3,
    }
  return { insulation: { colour, stripe: null }, taken: 1 }
}
