// The words of a tag in its columns, each line in the pieces that belong together, and where a direction's joins stand.
import type { Direction } from '../../rotation/view'
import { colourOf } from '../tag-colours'
import { mendTagWord } from './tag-words'
import { around, heightOf, type Box, type SeenLines, type SeenWord } from './words'

/** Words further apart than so many of their heights are two columns. */
const APART = 2.5

/** A line in its columns, words mended. */
function piecesOf(line: readonly SeenWord[]): SeenWord[][] {
  const pieces: SeenWord[][] = []
  for (const word of line.map((w) => ({ ...w, text: mendTagWord(w.text) }))) {
    const piece = pieces.at(-1)
    const before = piece?.at(-1)
    const isFar = before && word.box.x0 - before.box.x1 > APART * heightOf(before.box)
    // Dots or a gap may lead from a colour to what it is for, and from a direction's pair to its next.
    if (piece && !(isFar && endsBefore(piece, word))) piece.push(word)
    else pieces.push([word])
  }
  return pieces
}

/** Another column begins with this word: the piece has said its own, and the word begins to say something. */
const endsBefore = (piece: readonly SeenWord[], word: SeenWord): boolean =>
  isDirection(word) ||
  (hasColour([word]) && speaks(piece) && !piece.some(isDirection)) ||
  (hasColour([word]) &&
    piece.every((w) => isDirection(w) || /^rotation\W*$/i.test(w.text)) &&
    piece.length > 1)
const isDirection = ({ text }: SeenWord): boolean => /^C?CW\W*$/.test(text)

/** A tag's pieces column by column, so that what stands under one another is read together. */
export function inColumns(lines: SeenLines): SeenWord[][] {
  const split = lines.map(piecesOf)
  const most = Math.max(0, ...split.map((pieces) => pieces.length))
  return Array.from({ length: most }, (_, k) =>
    split.flatMap((pieces) => (pieces[k] ? [pieces[k]] : [])),
  ).flat()
}

/** Where each direction and what it joins stand: from its name on, until another is named. */
export function turnPlaces(pieces: readonly (readonly SeenWord[])[]): ReadonlyMap<Direction, Box> {
  const places = new Map<Direction, Box>()
  let now: Direction | null = null
  for (const piece of pieces) {
    const named = piece.find(isDirection)
    if (named) now = named.text.startsWith('CC') ? 'CCW' : 'CW'
    // A piece with one colour is a lead of its own, not a pair.
    if (!now || !(named || coloursIn(piece) > 1)) continue
    const before = places.get(now)
    places.set(now, around([...(before ? [before] : []), ...piece.map((w) => w.box)]))
  }
  return places
}

/** The words of a piece. */
export const textOf = (piece: readonly SeenWord[]): string => piece.map((w) => w.text).join(' ')
const isColour = ({ text }: SeenWord): boolean =>
  text.split('/').some((half) => colourOf(half.replace(/[^\p{L}]/gu, '')))
const coloursIn = (piece: readonly SeenWord[]): number => piece.filter(isColour).length
const hasColour = (piece: readonly SeenWord[]): boolean => coloursIn(piece) > 0
/** It names a colour and something beside it. */
const speaks = (piece: readonly SeenWord[]): boolean => piece.length > 1 && hasColour(piece)
