// From words on a picture to the phrases that the reader of typed lines understands: a name beside its figure, or above it.
import { around, heightOf, type Box, type SeenLines, type SeenWord } from './words'
import { asFigure, asFrame, asKey, isCut, mendWord } from './mend-words'

/** A stretch of words that belong together, with the place of each in the text. */
export interface Phrase {
  readonly text: string
  readonly spans: readonly { readonly from: number; readonly to: number; readonly word: SeenWord }[]
}

interface Cell {
  readonly words: readonly SeenWord[]
  readonly box: Box
  readonly row: number
}

/** Words further apart than this many letter heights stand in different columns. */
const COLUMN_GAP = 1.15
/** Middles of a row lie within this share of a letter’s height. */
const SAME_ROW = 0.45
/** Two figures without a unit between are of two columns, if they are further apart than this. */
const FIGURE_GAP = 0.5
/** A figure stands below its name within so many letter heights. */
const BELOW = 2.6

const isKey = ({ text }: SeenWord): boolean => asKey(text) !== null || /^[A-Z]{2,}[.:]?$/i.test(text)
const isFigure = ({ text }: SeenWord): boolean =>
  asFigure(text) !== null || asFrame(text) !== null || /^C{1,2}W/.test(text)
const onlyKeys = (cell: Cell): boolean => cell.words.every(isKey) && !cell.words.some(isFigure)
const startsWithFigure = (cell: Cell): boolean => cell.words[0] !== undefined && isFigure(cell.words[0])
/** A lone sign where a figure is asked for may be a figure that looks like a letter: "PH I". */
const asLoneFigure = (word: SeenWord): SeenWord => {
  const figure = word.text.length <= 2 ? asFigure(word.text, true) : null
  return figure === null ? word : { ...word, text: figure }
}

/**
 * Reads the words anew: each mended, in rows by their height on the picture and in cells by the gaps between them; a name without a figure
 * takes the one beside it or below it.
 */
export function phrasesOf(lines: SeenLines): Phrase[] {
  const rows = rowsOf(lines.flat())
    .map((line, row) => cellsOf(line, row))
    .filter((row) => row.length > 0)
  const cells = rows.flat()
  const figureOf = new Map<Cell, Cell>()
  const taken = new Set<Cell>()
  const give = (cell: Cell, figure: Cell | undefined) => {
    if (!figure) return
    figureOf.set(cell, figure)
    taken.add(figure)
  }
  const names = cells.filter((cell) => onlyKeys(cell) && !isHead(cell))
  // What stands beside a name is its own before it can be that of a name above.
  for (const cell of names) {
    const row = rows[cell.row] ?? []
    give(cell, figureBeside(row.slice(row.indexOf(cell) + 1), taken))
  }
  for (const cell of names)
    if (
      !figureOf.has(cell) &&
      cell.words.some(({ text }) => asKey(text) !== null && !HEADS.has(asKey(text) ?? ''))
    )
      give(cell, figureBelow(cell, cells, taken))
  return cells
    .filter((cell) => !taken.has(cell))
    .map((cell) => {
      const figure = figureOf.get(cell)
      const own = rows[(figure ?? cell).row] ?? []
      return phraseOf([...head(own, figure ?? cell), ...cell.words, ...(figure ? asked(figure).words : [])])
    })
}

/** A speck or an edge that was read as a letter or two. */
const SPECK = 60
const isSpeck = ({ words }: Cell): boolean =>
  words.every(({ text, confidence }) => text.length <= 2 || confidence < SPECK) && !words.some(isFigure)

/** The first figure to the right of a name, with nothing between but specks. */
function figureBeside(right: readonly Cell[], taken: ReadonlySet<Cell>): Cell | undefined {
  const next = right.find((cell) => !isSpeck(cell) || startsWithFigure(asked(cell)))
  return next && !taken.has(next) && startsWithFigure(asked(next)) ? next : undefined
}

/** Words whose middles lie within half a letter of one another are a row, whatever line the reader put them on. */
function rowsOf(words: readonly SeenWord[]): SeenWord[][] {
  const middle = ({ box }: SeenWord) => (box.y0 + box.y1) / 2
  const rows: { readonly words: SeenWord[]; tallest: SeenWord }[] = []
  for (const word of [...words].sort((a, b) => middle(a) - middle(b))) {
    const row = rows.at(-1)
    const letter = row ? Math.max(heightOf(row.tallest.box), heightOf(word.box)) : 0
    if (!row || Math.abs(middle(word) - middle(row.tallest)) >= SAME_ROW * letter)
      rows.push({ words: [word], tallest: word })
    else {
      row.words.push(word)
      if (heightOf(word.box) > heightOf(row.tallest.box)) row.tallest = word
    }
  }
  return rows.map((row) => row.words.sort((a, b) => a.box.x0 - b.box.x0))
}

const asked = (cell: Cell): Cell => ({ ...cell, words: cell.words.map(asLoneFigure) })

const HEADS = new Set(['FAN', 'COMP', 'COMPRESSOR', 'OUTDOOR', 'MOTOR'])
/** "FAN MOTOR" or "COMPRESSOR": what a row is about, and no name of a figure. */
const isHead = (cell: Cell): boolean => cell.words.every(({ text }) => HEADS.has(asKey(text) ?? ''))

/** What stands at the head of a row is said of all that stands in it. */
function head(row: readonly Cell[], cell: Cell): readonly SeenWord[] {
  const [first] = row
  if (!first || first === cell || !isHead(first)) return []
  const named = first.words.find(({ text }) => asKey(text) !== 'MOTOR')
  return named ? [named] : []
}

function cellsOf(line: readonly SeenWord[], row: number): Cell[] {
  const words = joined(line)
    .map((word) => ({ ...word, text: mendWord(word.text) }))
    // A figure of which a part was not seen is none.
    .filter((word) => /[\p{L}\p{N}]/u.test(word.text) && !isCut(word.text))
  const cells: SeenWord[][] = []
  for (const word of words) {
    const before = cells.at(-1)?.at(-1)
    const gap = before ? word.box.x0 - before.box.x1 : Infinity
    const widest = before && isFigure(before) && isFigure(word) ? FIGURE_GAP : COLUMN_GAP
    if (before && gap <= widest * Math.max(heightOf(before.box), heightOf(word.box))) cells.at(-1)?.push(word)
    else cells.push([word])
  }
  return cells.map((own) => ({ words: own, box: around(own.map((w) => w.box)), row }))
}

/** Typefaces of even width leave room behind a point: "6." and "4" are one figure. */
function joined(line: readonly SeenWord[]): SeenWord[] {
  const words: SeenWord[] = []
  for (const word of line) {
    const before = words.at(-1)
    const near =
      before && word.box.x0 - before.box.x1 < 0.8 * Math.max(heightOf(before.box), heightOf(word.box))
    const one =
      before &&
      near &&
      ((isCut(before.text) && /^\d/.test(word.text)) ||
        (/\d$/.test(before.text) && /^[./]\d/.test(word.text)))
    if (!one) words.push(word)
    else
      words[words.length - 1] = {
        text: before.text + word.text,
        confidence: Math.min(before.confidence, word.confidence),
        box: around([before.box, word.box]),
      }
  }
  return words
}

function figureBelow(cell: Cell, cells: readonly Cell[], taken: ReadonlySet<Cell>): Cell | undefined {
  const far = BELOW * heightOf(cell.box)
  const overlap = (other: Cell) => Math.min(other.box.x1, cell.box.x1) - Math.max(other.box.x0, cell.box.x0)
  return cells
    .filter(
      (other) =>
        !taken.has(other) &&
        other.row > cell.row &&
        other.box.y0 - cell.box.y1 < far &&
        overlap(other) > 0.25 * Math.min(other.box.x1 - other.box.x0, cell.box.x1 - cell.box.x0) &&
        startsWithFigure(asked(other)),
    )
    .sort((a, b) => a.row - b.row || overlap(b) - overlap(a))[0]
}

function phraseOf(words: readonly SeenWord[]): Phrase {
  let text = ''
  const spans: Phrase['spans'][number][] = []
  for (const word of words) {
    if (text) text += ' '
    spans.push({ from: text.length, to: text.length + word.text.length, word })
    text += word.text
  }
  return { text, spans }
}
