// What the pad's keys do to its text, and what the text is worth. What is typed is shown as it is typed: a figure that is not taken is
// refused in words, never turned into another one.

/** As many as a figure may have; one more is shown, so that it can be refused. */
const MOST = 9

/** What a keyboard may put on the pad beside its own keys: enough to see a slip, as in 40/5 or 1e3. */
export const isPadKey = (key: string): boolean => /^[0-9.,/+\-eE]$/.test(key)

/** The text after a key. A comma is a point; a leading zero gives way. */
export function pressKey(text: string, key: string): string {
  if (key === 'backspace') return text.slice(0, -1)
  if (!isPadKey(key) || text.length > MOST) return text
  const put = key === ',' ? '.' : key
  if (put === '.' && text === '') return '0.'
  return text === '0' && /^\d$/.test(put) ? put : text + put
}

/**
 * Pasted text as the pad shows it: without the unit behind a figure and the blanks round the stroke of a dual. Blanks between digits stay,
 * and a comma before three digits, which may part thousands: what could be two figures is refused, not made one.
 */
export const pastedText = (text: string): string =>
  text
    .trim()
    .replace(/\s*(µf|uf|mfd|mf|vac|v|a|ohms?|Ω|°?[fc]|mm|psig?|rpm)$/i, '')
    .replace(/\s*([/+])\s*/g, '$1')
    .replace(/,(?!\d{3}(?!\d))/g, '.')

/** One figure, the two of a dual, or why it is neither. */
export type PadValue =
  | { readonly kind: 'one'; readonly value: number }
  | { readonly kind: 'two'; readonly values: readonly [number, number] }
  | { readonly kind: 'none'; readonly why: string }

const FIGURE = String.raw`\d+\.?\d*`
const IS_BELOW = /^[-−]/

/** The figure on the other side of zero. */
export const turnSign = (text: string): string => (IS_BELOW.test(text) ? text.slice(1) : `−${text}`)

/** `mayBeBelow`: a temperature may be below zero; no other figure is. */
export function readPad(text: string, mayBeBelow = false): PadValue {
  if (!mayBeBelow || !IS_BELOW.test(text)) return readFigures(text)
  const read = readFigures(text.slice(1))
  return read.kind === 'one' ? { kind: 'one', value: 0 - read.value } : read
}

function readFigures(text: string): PadValue {
  if (text === '') return { kind: 'none', why: 'Enter a number first.' }
  if (text.length > MOST) return { kind: 'none', why: 'That is more than a figure here can have.' }
  if (new RegExp(`^${FIGURE}$`).test(text)) return { kind: 'one', value: Number(text) }
  const two = new RegExp(`^(${FIGURE})[/+](${FIGURE})$`).exec(text)
  if (two) return { kind: 'two', values: [Number(two[1]), Number(two[2])] }
  if (/e/i.test(text)) return { kind: 'none', why: `“${text}”: write the figure in full, in digits.` }
  if (/[-−]/.test(text)) return { kind: 'none', why: `“${text}”: no figure here is below zero.` }
  return { kind: 'none', why: `“${text}” is not a number.` }
}

/** Two figures where one is wanted, in words. */
export const oneWanted = ([a, b]: readonly [number, number]): string =>
  `That is two figures, ${a} and ${b}: enter the one that belongs here.`
