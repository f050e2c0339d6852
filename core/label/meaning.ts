// What a piece says, in the trade's words, made from its own figures.
import { VIEW_NAMES } from '../rotation/view'
import type { MicrofaradReading } from './microfarads'
import type { Piece, PieceKind } from './piece'
import { readRotation } from './rotation'

const WORDS: Readonly<Partial<Record<PieceKind, (figures: string) => string>>> = {
  tolerance: (f) => `tolerance ±${f} %`,
  volts: (f) => `${f} volts`,
  hertz: (f) => `${f} hertz`,
  amps: (f) => `${f} amps`,
  horsepower: (f) => `${f} horsepower`,
  rpm: (f) => `${f} rpm`,
  poles: (f) => `${f} poles`,
  speeds: (f) => `${f} speeds`,
  'circuit-amps': (f) => `circuit for ${f} amps at least`,
  'max-fuse': (f) => `fuse or breaker of ${f} amps at most`,
  'fan-amps': (f) => `fan ${f} amps`,
  'compressor-amps': (f) => `compressor ${f} amps running`,
  'locked-rotor-amps': (f) => `compressor ${f} amps with its rotor held`,
}

export function meaningOf(piece: Piece, microfarads: MicrofaradReading | null): string {
  if (piece.kind === 'microfarads') return microfarads?.words ?? 'microfarads; which they are is asked below'
  if (piece.kind === 'rotation') {
    const { direction, seenFrom } = readRotation(piece.words)
    return seenFrom
      ? `turns ${direction}, seen from the ${VIEW_NAMES[seenFrom]}`
      : `turns ${direction}; the plate does not say from which end`
  }
  if (piece.kind === 'reversible') return 'can be reversed'
  if (piece.kind === 'phase')
    return piece.figures[0] === '3' || piece.words[0] === 'three' ? 'three phases' : 'one phase'
  if (piece.kind === 'frame') return `frame ${piece.words[0] ?? ''}`
  if (piece.kind === 'refrigerant') return `refrigerant ${piece.words[0] ?? ''}`
  return WORDS[piece.kind]?.(listed(piece)) ?? 'set aside'
}

/** "208-230" runs from one to the other; "115/230" is one or the other. */
const listed = ({ figures, text }: Piece): string =>
  figures.join(/\d\s*[-–]\s*\d/.test(text) ? ' to ' : ' or ')
