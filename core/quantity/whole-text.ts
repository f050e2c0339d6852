// Text by whole characters: what a person sees as one is never cut in two.

/** Half of a character that takes two units of UTF-16. */
const HALF = /\p{Surrogate}/u

/** Is every text in this value, keys included, of whole characters? Lists and objects are looked through. */
export function isWhole(value: unknown): boolean {
  if (typeof value === 'string') return !HALF.test(value)
  if (typeof value !== 'object' || value === null) return true
  return Object.entries(value).every(([key, inner]) => !HALF.test(key) && isWhole(inner))
}

/** The beginning of a text, `most` units of UTF-16 at most, ended between two characters as a reader sees them. */
export function cutText(text: string, most: number): string {
  if (text.length <= most) return text
  let end = 0
  for (const { index, segment } of new Intl.Segmenter(undefined, { granularity: 'grapheme' }).segment(text)) {
    if (index + segment.length > most) break
    end = index + segment.length
  }
  return text.slice(0, end)
}
