// Letters and figures that look alike, mended by what can stand there: a figure beside a unit is a figure, the unit is letters.
// Which look alike: common practice, no source.

/** Words that plates print beside their figures, as the rules of the reader know them. */
const KEYS: readonly string[] = [
  'VOLTS VOLT VAC V AMPS AMP A FLA RLA LRA MCA MOCP MOP HP RPM HZ HERTZ CYC PH PHASE CAP CAPACITOR MFD',
  'UF FRAME FR ROT ROTATION SPD SPEED SPEEDS POLE POLES REV REVERSIBLE MAX FUSE FAN COMP COMPRESSOR',
  'MOTOR OUTDOOR MIN CIRCUIT AMPACITY BREAKER TOL LE SE OSE LEAD SHAFT END CW CCW CWLE CCWLE CWSE CCWSE',
  'INS CLASS AMB SER MODEL TYPE SF',
].flatMap((row) => row.split(' '))
const KEY_SET: ReadonlySet<string> = new Set(KEYS)

/** Units that are printed right behind their figure, the longer first. */
const UNITS = ['VOLTS', 'AMPS', 'VAC', 'RPM', 'MFD', 'SPD', 'HP', 'HZ', 'PH', 'UF', 'MF', 'V', 'A']
/** Names that are printed close before their figure. */
const NAMES = 'VOLTS FUSE AMPS MOCP FLA RLA LRA MCA RPM VAC CAP HP HZ PH'.split(' ')

const AS_DIGIT: Readonly<Record<string, string>> = {
  O: '0',
  o: '0',
  Q: '0',
  D: '0',
  I: '1',
  l: '1',
  i: '1',
  '|': '1',
  '!': '1',
  ']': '1',
  '[': '1',
  Z: '2',
  z: '2',
  S: '5',
  s: '5',
  G: '6',
  b: '6',
  B: '8',
}
const AS_LETTER: Readonly<Record<string, string>> = {
  '0': 'O',
  '1': 'I',
  '5': 'S',
  '8': 'B',
  '2': 'Z',
  '6': 'G',
  '4': 'A',
  '|': 'I',
}

/** What ends in a stroke or a point goes on in what was not seen. */
export const isCut = (text: string): boolean => /\d[./+,–-]$/.test(text)

const NUMERIC = /^[±+]?[\d.][\d./+,–-]*%?$/
const swapped = (text: string, by: Readonly<Record<string, string>>): string =>
  [...text].map((c) => by[c] ?? c).join('')

/** A figure, with letters that look like figures read as such; null where it is none. A word without any figure is none, unless `alone`: a unit asks for one. */
export function asFigure(word: string, alone = false): string | null {
  if (!alone && !/\d/.test(word)) return null
  const text = swapped(word, AS_DIGIT)
  return NUMERIC.test(text) && !isCut(text) ? text.replace(/^\./, '0.') : null
}

/** A word of plates, with figures that look like letters read as such; null where it is none. */
export function asKey(word: string): string | null {
  const upper = word.toUpperCase().replace(/[^A-Z0-9|]/g, '')
  if (upper === '') return null
  if (KEY_SET.has(upper)) return upper
  const letters = swapped(upper, AS_LETTER)
  if (KEY_SET.has(letters)) return letters
  const turned = asRotation(upper)
  if (turned) return turned
  const alike = KEYS.filter((key) => looksLike(upper, key))
  if (alike.length === 1 && alike[0] !== undefined) return alike[0]
  return upper.length >= 5 ? (KEYS.find((key) => key.length >= 5 && oneOff(letters, key)) ?? null) : null
}

/** C is taken for G, O, Q or 0; W for VV. */
function asRotation(upper: string): string | null {
  const text = upper.replace(/VV/g, 'W').replace(/^[GOQ0C]{1,2}(?=W)/, (c) => 'C'.repeat(c.length))
  return /^C{1,2}W(LE|SE)?$/.test(text) ? text : null
}

/** Letters that a worn or dotted print makes of one another. */
const ALIKE = ['HNM', 'PF', 'EF', 'CGOQ0', 'VUWY', 'IL1T', 'S5', 'Z2', 'A4', 'B8']
/** More of them, where no direction hangs on one: an E before a W may have been a C, or a scratch. */
const ALIKE_IN_NAMES = [...ALIKE, 'DOB0', 'AHO', 'CE']

/** As long, and each letter the same or one that it may have been. */
function looksLike(word: string, key: string): boolean {
  const groups = /^C{1,2}W|^(LE|SE|OSE)$/.test(key) ? ALIKE : ALIKE_IN_NAMES
  return (
    key.length >= 2 &&
    word.length === key.length &&
    [...word].every(
      (c, i) => c === key[i] || groups.some((group) => group.includes(c) && group.includes(key[i] ?? '')),
    )
  )
}

/** One letter other, missing or too many. */
function oneOff(a: string, b: string): boolean {
  if (Math.abs(a.length - b.length) > 1) return false
  let [i, j, off] = [0, 0, 0]
  while (i < a.length && j < b.length) {
    if (a[i] === b[j]) {
      i++
      j++
      continue
    }
    if (++off > 1) return false
    if (a.length >= b.length) i++
    if (b.length >= a.length) j++
  }
  return off + (a.length - i) + (b.length - j) <= 1
}

/** A figure with its unit in one word, such as "6OHZ" or "HP1/4": both parts, mended; null where it is no such word. */
function asBoth(word: string): string | null {
  for (const unit of UNITS) {
    const glued = behind(word, unit)
    if (glued) return glued
  }
  for (const name of NAMES) {
    const glued = before(word, name)
    if (glued) return glued
  }
  return null
}

function behind(word: string, unit: string): string | null {
  // Phases are one or three: a stroke by itself is a one.
  if (unit === 'PH' && /^[IilTt|!]P[HNM]$/.test(word)) return '1 PH'
  const [figures, letters] = [word.slice(0, -unit.length), word.slice(-unit.length).toUpperCase()]
  const isUnit = swapped(letters, AS_LETTER) === unit || (!/\d/.test(letters) && looksLike(letters, unit))
  if (!/\d/.test(figures) || !isUnit) return null
  // "4A", "48" and "208" end in what also looks like a letter: a figure that stands as it is stays one.
  if (/\d$/.test(letters) && asFigure(word) !== null) return null
  const figure = asFigure(figures.replace(/[/-]$/, ''))
  return figure === null ? null : `${figure} ${unit}`
}

function before(word: string, unit: string): string | null {
  const [letters, figures] = [word.slice(0, unit.length).toUpperCase(), word.slice(unit.length)]
  if (letters !== unit || !/^\W?\d/.test(figures)) return null
  const figure = asFigure(figures.replace(/^[^\d.]/, ''))
  return figure === null ? null : `${unit} ${figure}`
}

/** What a reader puts around words where a plate has an edge, a rivet or a scratch. */
const bare = (word: string): string =>
  word
    .replace(/[—–]/g, '-')
    .replace(/[“”‘’"'`~_{}<>«»]/g, '')
    .replace(/^[^\p{L}\p{N}.±+µ(|!]+/u, '')
    .replace(/[^\p{L}\p{N}%)./+-]+$/u, '')
    .replace(/(?<=\p{L})[./+-]+$/u, '')

/** A frame with its letters, of which a worn Z was read as a figure, and a Y as a V: "48V7"; null where it is none. NEMA's two-digit frames (MG 1, from memory). */
export function asFrame(word: string): string | null {
  const frame = /^(42|48|56)([A-Z]?)([A-Z27])$/.exec(word.toUpperCase())
  return frame
    ? `${frame[1]}${frame[2] === 'V' ? 'Y' : frame[2]}${/[27]/.test(frame[3] ?? '') ? 'Z' : frame[3]}`
    : null
}

/** Two that a stroke or a lost gap joins, each mended: "15MFD/44OVAC", "MFB-370"; null where it is no such word. */
function asPair(word: string): string | null {
  const [, first = '', sign = '', second = ''] =
    /^(\d[\d.]*\p{L}{2,3}|\p{L}{2,3})([/,-])(\d\w*)$/u.exec(word) ?? []
  const [a, b] = [asBoth(first) ?? asKey(first), asFigure(second) ?? asBoth(second)]
  return a === null || b === null ? null : `${a}${sign === '/' ? '/' : ' '}${b}`
}

/** The word as the rules of the reader understand it; '' where nothing of it is left. */
export function mendWord(word: string): string {
  // A comma between figures is a point that ran.
  const text = bare(word)
    .replace(/^[µμ]F$/i, 'UF')
    .replace(/^(\d{1,3}),(\d{1,2})$/, '$1.$2')
  return asFigure(text) ?? asKey(text) ?? asBoth(text) ?? asFrame(text) ?? asPair(text) ?? text
}
