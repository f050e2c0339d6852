// Words of a tag as a reader of letters saw them, mended by the few words that tags print: colours, what leads are for, directions.
import { COLOUR_NAMES } from '../../motor/colour'
import { SHORT_COLOURS } from '../tag-colours'

/** What tags print beside colours. Common practice, no source. */
const OTHERS =
  'COMMON COM RUN START RETURN GROUND GND LINE HIGH MEDIUM MED LOW SPEED SELECT CAPACITOR CAP ROTATION PLUG TO WITH STRIPE TRACER MOTOR MAIN AUX CW CCW CWLE'
const COLOURS: readonly string[] = [
  ...Object.values(COLOUR_NAMES).filter((name) => !name.includes('-')),
  ...Object.keys(SHORT_COLOURS),
].map((word) => word.toUpperCase())
const KNOWN: readonly string[] = [...COLOURS, ...OTHERS.split(' ')]
const KNOWN_SET: ReadonlySet<string> = new Set(KNOWN)

const AS_LETTER: Readonly<Record<string, string>> = {
  '0': 'O',
  '1': 'I',
  '5': 'S',
  '8': 'B',
  '|': 'I',
  '6': 'G',
}

/** A word so long may have one letter wrong, and one twice as long two. */
const LONG = 4

/** The word that was printed, where it can be told; else as it was seen. Colours with a stripe are mended on both sides. */
export function mendTagWord(seen: string): string {
  const [, before = '', core = '', after = ''] = /^([^\p{L}\p{N}]*)(.*?)([^\p{L}\p{N}]*)$/u.exec(seen) ?? []
  // Figures stay figures: "7.5", "1/4".
  if (!/\p{L}/u.test(core)) return seen
  const halves = core.split('/').map(mendOne)
  return halves.includes(null) ? seen : before + halves.join('/') + after
}

function mendOne(word: string): string | null {
  const upper = word.toUpperCase()
  if (KNOWN_SET.has(upper)) return upper
  const letters = [...upper].map((c) => AS_LETTER[c] ?? c).join('')
  if (KNOWN_SET.has(letters)) return letters
  const near = KNOWN.filter(
    (known) =>
      known.length >= LONG && editsBetween(letters, known) <= Math.floor(known.length / LONG / 2 + 0.5),
  )
  return near.length === 1 ? (near[0] ?? null) : null
}

/** How many letters to change, add or leave out (Levenshtein, textbook). */
function editsBetween(a: string, b: string): number {
  let row = Array.from({ length: b.length + 1 }, (_, i) => i)
  for (let i = 1; i <= a.length; i++) {
    const next = [i]
    for (let j = 1; j <= b.length; j++)
      next[j] = Math.min(
        (row[j] ?? 0) + 1,
        (next[j - 1] ?? 0) + 1,
        (row[j - 1] ?? 0) + (a[i - 1] === b[j - 1] ? 0 : 1),
      )
    row = next
  }
  return row[b.length] ?? 0
}
