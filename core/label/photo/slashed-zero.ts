// Some typefaces strike their zeros through, and those are read as eights. A figure that no plate has, and that is one with
// zeros in the place of eights, was such a zero; then the other eights of the same plate are doubtful too.

const MOST_PLACES = 5

/** The text with zeros in the place of some or all of its eights, sixes and nines: every way but its own. */
export function zeroReadings(text: string): string[] {
  const places = [...text].flatMap((c, i) => (/[689]/.test(c) ? [i] : []))
  if (places.length === 0 || places.length > MOST_PLACES) return []
  return Array.from({ length: (1 << places.length) - 1 }, (_, i) => {
    const signs = [...text]
    places.forEach((place, bit) => {
      if ((i + 1) & (1 << bit)) signs[place] = '0'
    })
    return signs.join('')
  })
}

/** The one text that makes sense with zeros so; null: there is none, or more than one. */
export function withZeros(text: string, makesSense: (text: string) => boolean): string | null {
  const found = new Set(zeroReadings(text).filter(makesSense))
  const [only] = found
  return found.size === 1 && only !== undefined ? only : null
}
