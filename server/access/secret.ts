// Keys and codes: made by the system's own random numbers, kept as hashes alone.
import { createHash, randomBytes, randomInt, timingSafeEqual } from 'node:crypto'

/** 256 random bits, as text that fits a header. */
export const newSecret = (): string => randomBytes(32).toString('base64url')

/** What is kept of one. A secret of 256 bits cannot be guessed from it; no salt or slow hash adds to that. */
export const hashOf = (secret: string): string => createHash('sha256').update(secret).digest('hex')

/** Compares in the same time wherever they differ. */
export function isSame(hash: string, other: string): boolean {
  const [a, b] = [Buffer.from(hash), Buffer.from(other)]
  return a.length === b.length && timingSafeEqual(a, b)
}

/** No letters that are taken for others: no I, L, O, U. After Crockford's base 32. */
const LETTERS = '0123456789ABCDEFGHJKMNPQRSTVWXYZ'
const LENGTH = 8

/** A one-time code to be read and typed: 40 random bits. */
export const newCode = (): string =>
  Array.from({ length: LENGTH }, () => LETTERS[randomInt(LETTERS.length)]).join('')

const LOOKS_LIKE: Readonly<Record<string, string>> = { I: '1', L: '1', O: '0', U: 'V' }

/** The code that was meant: small letters, blanks and dashes, and letters that look like others are as good. */
export const meantCode = (typed: string): string =>
  typed
    .toUpperCase()
    .replace(/[\s-]/g, '')
    .replace(/[ILOU]/g, (letter) => LOOKS_LIKE[letter] ?? letter)

/** As it is shown: “7K3M-9QTX”. */
export const shownCode = (code: string): string => code.replace(/^(.{4})/, '$1-')
