// The card's shapes as the text of an SVG file that stands by itself.
import { known } from '../../quantity/at'
import { CARD_HEIGHT, CARD_WIDTH, type Shape } from './card-layout'

const ESCAPES: Readonly<Record<string, string>> = {
  '&': '&amp;',
  '<': '&lt;',
  '>': '&gt;',
  '"': '&quot;',
  "'": '&apos;',
}
// Characters that XML 1.0 does not allow are left out.
const allowed = (c: string): boolean =>
  c === '\t' || c === '\n' || c === '\r' || (c >= ' ' && c !== '\ufffe' && c !== '\uffff')
const clean = (text: string): string =>
  [...text]
    .filter(allowed)
    .join('')
    .replace(/[&<>"']/g, (c) => known(ESCAPES[c], 'The escape'))

const round = (value: number): number => Math.round(value * 100) / 100

/** A text as the squares of a code: one path, and how many squares wide it is with its quiet edge. */
export type DrawCode = (text: string) => { readonly d: string; readonly width: number }

function draw(shape: Shape, drawCode: DrawCode | null): string {
  switch (shape.kind) {
    case 'text':
      return `<text x="${round(shape.x)}" y="${round(shape.y)}" font-size="${shape.size}" font-weight="${shape.weight}">${clean(shape.text)}</text>`
    case 'line':
      return `<path d="M${round(shape.x1)} ${round(shape.y1)}L${round(shape.x2)} ${round(shape.y2)}" stroke="#17130e" stroke-width="${shape.width}"/>`
    case 'wire': {
      const d = `M${round(shape.x1)} ${round(shape.y)}H${round(shape.x2)}`
      const tracer = shape.tracer
        ? `<path d="${d}" stroke="${shape.tracer}" stroke-width="1" stroke-dasharray="2 1.5"/>`
        : ''
      return `<path d="${d}" stroke="#17130e" stroke-width="3" stroke-linecap="round"/><path d="${d}" stroke="${shape.paint}" stroke-width="2.4" stroke-linecap="round"/>${tracer}`
    }
    case 'code': {
      // Whoever has no maker of codes still has what it says.
      const code = drawCode?.(shape.text)
      const squares = code
        ? `<path transform="translate(${round(shape.x)} ${round(shape.y)}) scale(${Math.round((1e5 * shape.size) / code.width) / 1e5})" d="${code.d}" fill="#000"/>`
        : ''
      return `<g><desc>${clean(shape.text)}</desc>${squares}</g>`
    }
    case 'mark': {
      const at = `translate(${round(shape.x)} ${round(shape.y)}) scale(${round(shape.size / 32)})`
      return shape.verdict === 'proven'
        ? `<g transform="${at}"><circle cx="16" cy="16" r="15" fill="#0f5132"/><path d="M9 16.500l5 5 9-11" fill="none" stroke="#fff" stroke-width="3"/></g>`
        : `<g transform="${at}"><path d="M16 2L31 29H1z" fill="#6b4700"/><path d="M16 11v9M16 24.500v1" stroke="#fff" stroke-width="3"/></g>`
    }
  }
}

/** The card as an SVG file, text as text, A5 in mm; `title` is what a reader of the file is told. */
export function cardSvg(shapes: readonly Shape[], title: string, drawCode: DrawCode | null = null): string {
  return [
    '<?xml version="1.0" encoding="UTF-8"?>',
    `<svg xmlns="http://www.w3.org/2000/svg" width="${CARD_WIDTH}mm" height="${CARD_HEIGHT}mm" viewBox="0 0 ${CARD_WIDTH} ${CARD_HEIGHT}" font-family="Atkinson Hyperlegible Next, Verdana, sans-serif" fill="#17130e">`,
    `<title>${clean(title)}</title>`,
    `<rect width="${CARD_WIDTH}" height="${CARD_HEIGHT}" fill="#fff"/>`,
    ...shapes.map((shape) => draw(shape, drawCode)),
    '</svg>',
    '',
  ].join('\n')
}
