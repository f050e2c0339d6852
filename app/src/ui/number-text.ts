// What the pad's keys do to the text of a number, and what the text is worth. No rendering here.

/** The text after a key: digits and one point, seven characters at most; leading zeros fall away. */
export function pressKey(text: string, key: string): string {
  if (key === 'backspace') return text.slice(0, -1)
  if (key === '.') return text.includes('.') ? text : `${text || '0'}.`
  if (!/^\d$/.test(key) || text.length >= 7) return text
  return text === '0' ? key : text + key
}

/** The number the text stands for; null when it stands for none. */
export function numberFrom(text: string): number | null {
  if (!/^\d+\.?\d*$/.test(text)) return null
  return Number(text)
}
