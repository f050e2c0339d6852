// A can's face in words, and as the choices of the sheet that draws the one in the hand.
import { C_PLACES, CAN_SHAPES, USUAL_FACE, type Can, type CanFace } from '@oak/core/capacitor/can'

const SHAPE_WORDS: Readonly<Record<CanFace['shape'], string>> = {
  rows: 'in rows',
  arc: 'in an arc',
  ring: 'in a ring',
}
const C_WORDS: Readonly<Record<CanFace['c'], string>> = {
  top: 'at the top',
  bottom: 'at the bottom',
  left: 'on the left',
  right: 'on the right',
  middle: 'in the middle',
}

export const SHAPE_OPTIONS = CAN_SHAPES.map((value) => ({ value, text: value }))
export const C_OPTIONS = C_PLACES.map((value) => ({ value, text: `C ${value}` }))

export const hasFace = ({ sections }: Pick<Can, 'sections'>): boolean => sections.length > 2

/** To the ear, with a space before; empty where the number of sections says it. */
export function faceWords(can: Pick<Can, 'sections' | 'face'>): string {
  if (!hasFace(can)) return ''
  const { shape, c } = can.face ?? USUAL_FACE
  return ` Its posts stand ${SHAPE_WORDS[shape]}, C ${C_WORDS[c]}.`
}
