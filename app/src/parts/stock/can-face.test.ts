import type { Can } from '@oak/core/capacitor/can'
import { C_OPTIONS, faceWords, hasFace, SHAPE_OPTIONS } from './can-face'

const can = (count: number, face?: Can['face']): Pick<Can, 'sections' | 'face'> => ({
  sections: Array.from({ length: count }, (_, i) => ({ id: `${i}`, microfarads: 5 })),
  ...(face ? { face } : {}),
})

it('a can of one or two sections has one face, which needs no words', () => {
  expect([1, 2, 3].map((count) => hasFace(can(count)))).toEqual([false, false, true])
  expect(faceWords(can(2, { shape: 'ring', c: 'middle' }))).toBe('')
})
it.each([
  [undefined, ' Its posts stand in rows, C at the bottom.'],
  [{ shape: 'rows', c: 'top' }, ' Its posts stand in rows, C at the top.'],
  [{ shape: 'arc', c: 'left' }, ' Its posts stand in an arc, C on the left.'],
  [{ shape: 'arc', c: 'right' }, ' Its posts stand in an arc, C on the right.'],
  [{ shape: 'ring', c: 'middle' }, ' Its posts stand in a ring, C in the middle.'],
] as const)('%j is said', (face, words) => expect(faceWords(can(5, face))).toBe(words))
it('every shape and every place of C can be chosen', () => {
  expect(SHAPE_OPTIONS.map(({ text }) => text)).toEqual(['rows', 'arc', 'ring'])
  expect(C_OPTIONS.map(({ text }) => text)).toEqual(['C top', 'C bottom', 'C left', 'C right', 'C middle'])
})
