// Is this a JPEG that the app may keep? Walks its whole structure, to its last byte; nothing is decoded.
// Markers and segments as in ITU-T T.81, annex B.
import { MAX_PHOTO_SIDE } from './fields'

const CUT = 'The photo is cut short.'
const DAMAGED = 'The photo is damaged.'
const CAMERA =
  'The photo still carries its camera’s data, such as the place. It must be drawn anew on the device first.'
const SIZE = `The photo is larger than ${MAX_PHOTO_SIDE} px, or has no size. It must be drawn anew on the device first.`

const [SOI, EOI, SOS, DHT, DQT, DRI, COM] = [0xd8, 0xd9, 0xda, 0xc4, 0xdb, 0xdd, 0xfe]
/** Baseline, extended and progressive, each by Huffman: what browsers draw. */
const FRAMES = new Set([0xc0, 0xc1, 0xc2])
const PROGRESSIVE = 0xc2
const isApplication = (marker: number) => marker >= 0xe0 && marker <= 0xef
const isRestart = (marker: number) => marker >= 0xd0 && marker <= 0xd7

/** What an application's segment may be: how it starts, by marker. All else is the camera's, or hidden. */
const DRAWN: Readonly<Record<number, readonly string[]>> = {
  0xe0: ['JFIF\0', 'JFXX\0'],
  0xe2: ['ICC_PROFILE\0'],
  0xee: ['Adobe'],
}

/** Two bytes, the larger first. */
const u16 = (bytes: Uint8Array, at: number): number => ((bytes[at] ?? 0) << 8) | (bytes[at + 1] ?? 0)
const startsWith = (bytes: Uint8Array, start: string): boolean =>
  [...start].every((letter, i) => bytes[i] === letter.charCodeAt(0))

interface Seen {
  /** Blocks of 8 by 8 that the picture has at the least; 0 before its frame. */
  blocks: number
  /** The fewest bits that a block can take. */
  bitsEach: number
  readonly tables: Set<number>
  scanBytes: number
}

/** What is wrong with the bytes, in words; null when they are a whole JPEG without camera data. */
export function jpegProblem(bytes: Uint8Array): string | null {
  if (bytes.length === 0) return 'The photo is empty.'
  if (bytes.length < 4 || bytes[0] !== 0xff || bytes[1] !== SOI) return 'The photo is not a JPEG picture.'
  const seen: Seen = { blocks: 0, bitsEach: 1, tables: new Set(), scanBytes: 0 }
  let at = 2
  for (;;) {
    if (at + 2 > bytes.length) return CUT
    if (bytes[at] !== 0xff) return DAMAGED
    const marker = bytes[at + 1] as number
    if (marker === EOI) return endProblem(seen, bytes.length - (at + 2))
    if (at + 4 > bytes.length) return CUT
    const length = u16(bytes, at + 2)
    if (length < 2) return DAMAGED
    if (at + 2 + length > bytes.length) return CUT
    const wrong = segmentProblem(marker, bytes.subarray(at + 4, at + 2 + length), seen)
    if (wrong !== null) return wrong
    at += 2 + length
    if (marker === SOS) {
      const end = scanEnd(bytes, at)
      seen.scanBytes += end - at
      at = end
    }
  }
}

function segmentProblem(marker: number, content: Uint8Array, seen: Seen): string | null {
  if (isApplication(marker) || marker === COM) {
    const starts = DRAWN[marker] ?? []
    return starts.some((start) => startsWith(content, start)) ? null : CAMERA
  }
  if (marker === DQT || marker === DHT) {
    seen.tables.add(marker)
    return content.length > 0 ? null : DAMAGED
  }
  if (marker === DRI) return content.length === 2 ? null : DAMAGED
  if (FRAMES.has(marker)) return frameProblem(marker, content, seen)
  if (marker === SOS) return seen.blocks > 0 && seen.tables.size === 2 && content.length >= 6 ? null : DAMAGED
  return DAMAGED
}

/** Precision, height, width, number of components and three bytes for each. */
function frameProblem(marker: number, content: Uint8Array, seen: Seen): string | null {
  if (seen.blocks > 0 || content.length < 6) return DAMAGED
  const components = content[5] as number
  if (![1, 3, 4].includes(components) || content.length !== 6 + 3 * components) return DAMAGED
  const [height, width] = [u16(content, 1), u16(content, 3)]
  if (Math.min(width, height) < 1 || Math.max(width, height) > MAX_PHOTO_SIDE) return SIZE
  // Of brightness alone: colours may be coarser.
  seen.blocks = Math.ceil(width / 8) * Math.ceil(height / 8)
  // One code for the mean and one for the rest; in a progressive scan the rest may be told for many at once.
  seen.bitsEach = marker === PROGRESSIVE ? 1 : 2
  return null
}

/** Where the next marker stands after the coded data that begins here. */
function scanEnd(bytes: Uint8Array, from: number): number {
  let at = from
  while (at < bytes.length) {
    const next = bytes.indexOf(0xff, at)
    if (next < 0 || next + 1 >= bytes.length) return bytes.length
    const after = bytes[next + 1] as number
    // A stuffed zero and a restart belong to the data.
    if (after !== 0 && !isRestart(after)) return next
    at = next + 2
  }
  return bytes.length
}

/** At its end: was there a picture, is there enough of it, and does nothing hang on behind? */
function endProblem({ blocks, bitsEach, scanBytes }: Seen, behind: number): string | null {
  if (blocks === 0 || scanBytes * 8 < blocks * bitsEach) return CUT
  return behind === 0 ? null : CAMERA
}
