// What a piece says, in the trade's words, made from its own figures.
import { VIEW_NAMES } from '../rotation/view'
import type { MicrofaradReading } from './microfarads'
import type { Piece, PieceKind } from './piece'
import { readRotation } from './rotation'

type Meaning = (piece: Piece) => string
/** A kind of piece whose figures stand in a phrase: "208 to 230 volts". */
const phrase =
  (words: (figures: string) => string): Meaning =>
  (piece) =>
    words(listed(piece))

const ONE = '1'
const ampsOf = (figures: string): string => `${figures} ${figures === ONE ? 'amp' : 'amps'}`

const MEANINGS: Readonly<Partial<Record<PieceKind, Meaning>>> = {
  tolerance: phrase((f) => `tolerance ±${f} %`),
  volts: phrase((f) => `${f} volts`),
  hertz: phrase((f) => `${f} hertz`),
  amps: phrase(ampsOf),
  horsepower: phrase((f) => `${f} horsepower`),
  rpm: phrase((f) => `${f} rpm`),
  poles: phrase((f) => `${f} poles`),
  speeds: phrase((f) => `${f} ${f === ONE ? 'speed' : 'speeds'}`),
  'circuit-amps': phrase((f) => `circuit for ${ampsOf(f)} at least`),
  'max-fuse': phrase((f) => `fuse or breaker of ${ampsOf(f)} at most`),
  'fan-amps': phrase((f) => `fan ${ampsOf(f)}`),
  'compressor-amps': phrase((f) => `compressor ${ampsOf(f)} running`),
  'locked-rotor-amps': phrase((f) => `compressor ${ampsOf(f)} with its rotor held`),
  rotation: ({ words }) => {
    const { direction, seenFrom } = readRotation(words)
    return seenFrom
      ? `turns ${direction}, seen from the ${VIEW_NAMES[seenFrom]}`
      : `turns ${direction}; the plate does not say from which end`
  },
  reversible: () => 'can be reversed',
  phase: ({ figures, words }) => (figures[0] === '3' || words[0] === 'three' ? 'three phases' : 'one phase'),
  frame: ({ words }) => `frame ${words[0] ?? ''}`,
  refrigerant: ({ words }) => `refrigerant ${words[0] ?? ''}`,
}

/** A piece in the trade's words; "set aside" where its kind has none. */
export function meaningOf(piece: Piece, microfarads: MicrofaradReading | null): string {
  if (piece.kind === 'microfarads') return microfarads?.words ?? 'microfarads; which they are is asked below'
  return MEANINGS[piece.kind]?.(piece) ?? 'set aside'
}

/** "208-230" runs from one to the other; "115/230" is one or the other. */
const listed = ({ figures, text }: Piece): string =>
  figures.join(/\d\s*[-–]\s*\d/.test(text) ? ' to ' : ' or ')
