// What a picture of a plate says, as proposals: each figure with its place on the picture, for a person to take or to correct.
// Nothing is kept from here by itself. What makes no sense on a plate, or what two looks at the picture read otherwise, is not proposed.
import { BARE, RULES } from '../rules'
import { scan, type Piece } from '../piece'
import { figure } from '../../quantity/display'
import { microfaradReadings } from '../microfarads'
import { candidatesOf, chosen, type Candidate } from './choose'
import { confirmedAmps, confirmedCircuit, withoutContradictions, type Candidates } from './together'
import { meansOf } from './means'
import type { PhotographedPlate, Proposal } from './proposal'
import { asFrame, asKey } from './mend-words'
import { withZeros, zeroReadings } from './slashed-zero'
import { around, type SeenLines, type SeenWord } from './words'
import { phrasesOf, type Phrase } from './phrases'
import {
  isCapacitorVolts,
  isDual,
  isStartRange,
  isTradeMicrofarads,
  makesSense,
  MOST_FAN_MICROFARADS,
} from './sense'

/** Fields of each plate that are asked for, in the order in which they matter. */
const ASKED: Readonly<Record<PhotographedPlate, readonly Proposal['field'][]>> = {
  motor: [
    ...(['horsepower', 'volts', 'amps', 'rpm', 'rotation', 'reversible', 'microfarads'] as const),
    ...(['capacitor-volts', 'phase', 'hertz', 'speeds', 'poles', 'frame'] as const),
  ],
  unit: [
    ...(['volts', 'phase', 'hertz', 'fan-amps', 'compressor-amps', 'circuit-amps'] as const),
    ...(['max-fuse', 'refrigerant'] as const),
  ],
  can: ['microfarads', 'volts', 'tolerance'],
}

/** What the looks at a plate say together. */
export interface PlateReading {
  /** One a field at most, in the order in which they matter. */
  readonly proposals: readonly Proposal[]
  /** Nothing that was seen is open: another look would change little. */
  readonly settled: boolean
}

/** `looks`: the words of one picture, read in one or more ways. Never throws, whatever was seen. */
export function readPlate(looks: readonly SeenLines[], plate: PhotographedPlate): PlateReading {
  const { candidates, confirmed, others } = answersOf(looks, plate)
  const found = [...confirmed, ...others.flatMap((best) => (best ? [best] : []))]
  const all = plate === 'motor' ? withAmps(found, candidates) : found
  const place = ({ field }: Proposal) => ASKED[plate].indexOf(field)
  return {
    proposals: withoutContradictions(all, plate).sort((a, b) => place(a) - place(b)),
    settled: others.every((best) => best !== null),
  }
}

function answersOf(looks: readonly SeenLines[], plate: PhotographedPlate) {
  const reads = looks.map((lines) => readsOf(lines, plate))
  const struck = reads.flat().some((one) => one.struck)
  const candidates = candidatesOf(reads.map((all) => all.map((one) => one.proposal)))
  const confirmed = plate === 'unit' ? (confirmedCircuit(candidates) ?? []) : []
  const others = [...candidates]
    .filter(([field]) => !confirmed.some((p) => p.field === field))
    .map(([, list]) => {
      const best = chosen(list, looks.length)
      if (!best || !isDoubtful(best)) return best
      const zeros = withItsZeros(best, list)
      if (struck) return zeros
      // Some look saw a zero there: which of them saw well is not known.
      return zeros ? null : best
    })
  return { candidates, confirmed, others }
}

/** Amps that are open, or that the power says were misread, are those that the power allows. */
function withAmps(found: readonly Proposal[], candidates: Candidates): readonly Proposal[] {
  if (withoutContradictions(found, 'motor').some(({ field }) => field === 'amps')) return found
  const amps = confirmedAmps(candidates, found)
  return amps ? [...found.filter(({ field }) => field !== 'amps'), amps] : found
}

/** Of these any figure makes sense, so an eight may have been a zero. */
const UNCHECKED: readonly Proposal['field'][] = ['amps', 'circuit-amps', 'fan-amps', 'compressor-amps']
const isDoubtful = ({ field, text }: Proposal): boolean => UNCHECKED.includes(field) && /[89]/.test(text)

/** The same with zeros in the place of eights, where some look read it so; else nothing. */
function withItsZeros(doubtful: Proposal, candidates: readonly Candidate[]): Proposal | null {
  const others = zeroReadings(doubtful.text)
  return candidates.find(({ best }) => others.includes(best.text))?.best ?? null
}

function readsOf(lines: SeenLines, plate: PhotographedPlate): Read[] {
  const piecesOf = (text: string) =>
    scan(text, plate === 'can' ? [...RULES, BARE] : RULES).map(voltsOfCan(plate))
  return phrasesOf(lines).flatMap((phrase) => {
    const pieces = piecesOf(phrase.text)
    return pieces.flatMap((piece, i): Read[] => {
      if (!ASKED[plate].includes(piece.kind) || goesOn(phrase.text, piece, pieces[i + 1])) return []
      if (startsInside(phrase.text, piece, pieces[i - 1])) return []
      const before = pieces[i - 1]
      const all = sensible(piece, before, plate)
      if (all.length > 0) return all.map((one) => ({ proposal: at(phrase, one), struck: false }))
      const read = (text: string) => {
        const [other] = piecesOf(text)
        const same = other?.kind === piece.kind && other.text.length === text.length
        return same ? sensible(other, before, plate) : []
      }
      return struckThrough(piece, phrase, read)
    })
  })
}

/** What goes on behind a figure was not understood: the figure may be another. Behind the stroke of "15MFD/370VAC" it was. */
const goesOn = (text: string, { to, kind }: Piece, next: Piece | undefined): boolean =>
  (/^[-–/.,]/.test(text.slice(to)) && !(text[to] === '/' && next?.from === to + 1)) ||
  // "MCA 27 8 A" has lost its point.
  (/amps/.test(kind) && /\d$/.test(text.slice(0, to)) && /^ \d A\b/.test(text.slice(to)))

/** What stands right before a figure was not understood: "Eo+7,5 UF" is no 5 µF. */
const startsInside = (text: string, { from, kind }: Piece, before: Piece | undefined): boolean =>
  (kind === 'tolerance' ? /[,:./]$/ : /[,:.+/]$/).test(text.slice(0, from)) &&
  !(text[from - 1] === '/' && before?.to === from - 1)

interface Read {
  readonly proposal: Proposal
  /** Zeros of it were read as eights. */
  readonly struck: boolean
}
function struckThrough(piece: Piece, phrase: Phrase, read: (text: string) => Sensible[]): Read[] {
  // Of amperes nothing tells whether an eight was one.
  if (UNCHECKED.includes(piece.kind)) return []
  const seven = withSeven(piece.text)
  const isSeven = seven !== null && read(seven).length > 0
  const text = isSeven ? seven : withZeros(piece.text, (other) => read(other).length > 0)
  if (text === null) return []
  return read(text).map((one) => ({
    proposal: { ...at(phrase, { ...one, from: piece.from, to: piece.to }), text },
    struck: !isSeven,
  }))
}

/** The smaller side of a dual that no can has, 1.5 or 17.5, was 7.5: a worn seven is a stroke, or a stroke and a seven. */
const withSeven = (text: string): string | null =>
  /[/+]\s?17?\.5(?!\d)/.test(text) ? text.replace(/(?<=[/+]\s?)17?\.5/, '7.5') : null

/** "370" alone on a can is no microfarads. */
const voltsOfCan =
  (plate: PhotographedPlate) =>
  (piece: Piece): Piece =>
    plate === 'can' &&
    piece.kind === 'microfarads' &&
    piece.figures.length === 1 &&
    Number(piece.figures[0]) >= 220
      ? { ...piece, kind: 'volts', text: piece.figures[0] ?? '' }
      : piece

interface Sensible {
  readonly field: Proposal['field']
  readonly from: number
  readonly to: number
  readonly means: string
  /** Where it was not read as it is printed: what is. */
  readonly mended?: string
}

/** What a piece says, where a plate may say so; empty where it may not. */
function sensible(piece: Piece, before: Piece | undefined, plate: PhotographedPlate): Sensible[] {
  const { kind, figures, text, words, from, to } = piece
  if (plate === 'motor' && kind === 'microfarads') return capacitorOf(piece)
  // The volts behind a capacitor's value are its own.
  if (plate === 'motor' && kind === 'volts' && before?.kind === 'microfarads')
    return figures.length === 1 && isCapacitorVolts(Number(figures[0]))
      ? [ratedAt(Number(figures[0]), piece)]
      : []
  if (kind === 'frame') return frameOf(piece)
  if (plate === 'can' ? !canSense(piece) : !makesSense(kind, figures, text, words)) return []
  return [{ field: kind, from, to, means: meansOf(text, plate) }]
}

/** "562" is no frame: its Z was read as a figure. */
function frameOf({ kind, from, to, text, words }: Piece): Sensible[] {
  const [read = ''] = words
  const frame = asFrame(read) ?? read
  if (!makesSense(kind, [], '', [frame])) return []
  const mended = text.replace(read, frame)
  return [{ field: kind, from, to, means: meansOf(mended, 'motor'), mended }]
}

const ratedAt = (volts: number, { from, to }: Piece): Sensible => ({
  field: 'capacitor-volts',
  from,
  to,
  means: `capacitor ${figure(volts)} V`,
})

/** A motor's plate asks for one capacitor; "5/370" gives its volts too. */
function capacitorOf(piece: Piece): Sensible[] {
  const [value, volts, ...others] = piece.figures.map(Number)
  if (value === undefined || others.length > 0) return []
  if (volts !== undefined && !isCapacitorVolts(volts)) return []
  if (!isTradeMicrofarads(value) || value > MOST_FAN_MICROFARADS)
    return volts === undefined ? [] : [ratedAt(volts, piece)]
  const own: Sensible = {
    field: 'microfarads',
    from: piece.from,
    to: piece.to,
    means: `capacitor ${figure(value)} µF`,
  }
  return volts === undefined ? [own] : [own, ratedAt(volts, piece)]
}

function canSense(piece: Piece): boolean {
  const { kind, figures, text, words } = piece
  if (kind === 'volts') return figures.length > 0 && figures.every((f) => isCapacitorVolts(Number(f)))
  if (kind !== 'microfarads') return makesSense(kind, figures, text, words)
  const [reading, other] = microfaradReadings(piece)
  if (!reading || other || figures.some((f) => /^0\d/.test(f))) return false
  if (reading.range) return isStartRange(reading.range.low, reading.range.high)
  const [first = 0, second, ...more] = reading.sections
  if (!reading.sections.every(isTradeMicrofarads)) return false
  // A figure alone, without its unit, may be anything on a can.
  if (second === undefined) return /[a-zµ]/i.test(text)
  return more.length > 0 || isDual(first, second)
}

/** Words of plates that are no names of figures but say something themselves: a direction, and from which end. */
const TELLS = /^(C{1,2}W(LE|SE)?|LE|SE|OSE|LEAD|SHAFT)$/
/** A name that is one of those that plates print was read, however sure the reader was of its letters; what counts is what it names. */
function tellingOf(words: readonly SeenWord[]): readonly SeenWord[] {
  const telling = words.filter(({ text }) => asKey(text) === null || TELLS.test(text))
  return telling.length > 0 ? telling : words
}

function at(phrase: Phrase, { field, from, to, means, mended }: Sensible): Proposal {
  const words = phrase.spans.filter((span) => span.from < to && span.to > from).map((span) => span.word)
  return {
    field,
    text: mended ?? phrase.text.slice(from, to),
    means,
    box: around(words.map((w) => w.box)),
    confidence: Math.round(Math.min(...tellingOf(words).map((w) => w.confidence))),
  }
}
