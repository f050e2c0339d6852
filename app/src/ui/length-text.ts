// What the keys of a length do: whole inches, and a fraction in thirty-seconds. No rendering here.
import { inchText, readInches } from '@oak/core/quantity/inches'

export interface InchDraft {
  readonly whole: string
  /** 0 to 31. */
  readonly parts: number
}

export const draftOf = (inches: number | null): InchDraft => {
  const all = inches === null ? 0 : Math.round(inches * 32)
  return { whole: inches === null ? '' : String(Math.floor(all / 32)), parts: all % 32 }
}
export const inchesOf = ({ whole, parts }: InchDraft): number => Number(whole || '0') + parts / 32
export const pressDigit = (draft: InchDraft, key: string): InchDraft =>
  key === 'backspace'
    ? { ...draft, whole: draft.whole.slice(0, -1) }
    : draft.whole.length < 3
      ? { ...draft, whole: draft.whole === '0' ? key : draft.whole + key }
      : draft
/** A mark further or back; it carries into the whole inches, and stops at 0. */
export const nudge = (draft: InchDraft, marks: number): InchDraft =>
  draftOf(Math.max(0, inchesOf(draft) * 32 + marks) / 32)
export const draftText = (draft: InchDraft): string => inchText(inchesOf(draft)).replace(/ in$/, '')
/** What a keyboard may type of a length: 6 1/2, 6-1/2, 6.5. */
export const isLengthKey = (key: string): boolean => /^[0-9.,/ -]$/.test(key)
export const typeLength = (text: string, key: string): string =>
  key === 'backspace' ? text.slice(0, -1) : text.length < 9 ? text + (key === ',' ? '.' : key) : text

/** The inches that were typed, or why they are none. */
export function readTyped(text: string): { readonly inches: number } | { readonly why: string } {
  const inches = readInches(text)
  return inches === null ? { why: `“${text.trim()}” is no length: type it as 6 1/2 or 6.5.` } : { inches }
}

/** Eighths, as keys. */
export const EIGHTHS = [0, 4, 8, 12, 16, 20, 24, 28] as const
export const eighthText = (parts: number): string =>
  parts === 0 ? '0' : inchText(parts / 32).replace(/ in$/, '')
