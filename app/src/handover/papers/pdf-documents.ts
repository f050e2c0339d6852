// Card and label as plain definitions for pdfmake, and what every paper needs. No rendering here.
import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces'
import type { CanLabel } from '@oak/core/job/report/label'
import { pictured } from '../../platform/pdf/mark-parts'

const POINTS_PER_MM = 72 / 25.4
export const mm = (millimetres: number): number => millimetres * POINTS_PER_MM

/** A text that the PDF's typeface cannot write, drawn by the device. */
export interface TextPicture {
  readonly url: string
  /** Points. */
  readonly width: number
}
export type TextPictures = ReadonlyMap<string, TextPicture>

/** Latin, Greek and Cyrillic with their signs: what the typeface of the PDF can write. */
export const isWritable = (text: string): boolean =>
  !/[^\t\n\r -\u036F\u0370-\u03FF\u0400-\u052F\u1E00-\u1FFF\u2000-\u206F\u20A0-\u20BF\u2100-\u2122\u2126\u212E\u2202-\u2265]/.test(
    text,
  )

export const cardDocument = (
  svg: string,
  /** All that the card says, in its order. */
  words: string,
  title: string,
  width: number,
  height: number,
): TDocumentDefinitions => ({
  info: { title },
  pageSize: { width: mm(width), height: mm(height) },
  pageMargins: 0,
  // Its typeface has no arrow.
  content: [
    pictured(words, { svg: svg.replace(/^<\?xml[^>]*>\s*/, '').replaceAll('→', '›'), width: mm(width) }),
  ],
})

export const labelDocument = (
  { width, height, lines, code }: CanLabel,
  title: string,
  pictures: TextPictures,
  squares: (text: string) => CodeSquares,
): TDocumentDefinitions => ({
  info: { title },
  pageSize: { width: mm(width), height: mm(height) },
  pageMargins: 0,
  content: [
    ...(code
      ? [
          pictured(CODE_WORDS, {
            svg: codeSvg(squares(code.text)),
            width: mm(code.size),
            absolutePosition: { x: mm(code.x), y: mm(code.y) },
          }),
        ]
      : []),
    ...lines.map(({ text, y, size, bold }): Content => {
      const picture = pictures.get(text)
      const at = { absolutePosition: { x: mm(2), y: mm(y) - mm(size) * 0.93 } }
      return picture
        ? pictured(text, { image: picture.url, height: mm(size), ...at })
        : { text, fontSize: mm(size), bold, lineHeight: 1, noWrap: true, ...at }
    }),
  ],
})

/** What the square with dots is, for who cannot see it. */
export const CODE_WORDS = 'A code that holds the hookup, to be read with a phone.'

/** A code as squares: a path, and how many squares wide it is. */
export interface CodeSquares {
  readonly d: string
  readonly width: number
}
export const codeSvg = ({ d, width }: CodeSquares): string =>
  `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${width} ${width}" width="${width}" height="${width}"><rect width="${width}" height="${width}" fill="#fff"/><path d="${d}" fill="#000"/></svg>`

/** From whom a letter is; what the shop has not set is empty. */
export interface Letterhead {
  readonly name: string
  /** In lines. */
  readonly address: string
  /** A PNG as a data address. */
  readonly mark: string | null
}

/** A text in the file's typeface, or as a picture where that cannot write it. */
export type Say = (text: string, look?: object) => Content
