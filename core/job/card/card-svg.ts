// The card's shapes as the text of an SVG file that stands by itself.
import { known } from '../../quantity/at'
import type { DrawCode } from './code/squares'
import { CARD_PAPERS, type CardPaper } from './paper'
import { pathOf, round, type Fill, type Shape } from './drawing/shapes'

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

const INK = '#17130e'
const FILLS: Readonly<Record<Fill, string>> = { none: 'none', ink: INK, paper: '#fff' }
/** The outline of a shape: how wide, and whether it is broken. */
const outline = ({ width, broken }: { readonly width: number; readonly broken?: boolean }): string =>
  `stroke="${INK}" stroke-width="${round(width)}"${broken ? ' stroke-dasharray="1.2 1"' : ''}`

function drawText({ x, y, size, weight, text, anchor, onInk }: Extract<Shape, { kind: 'text' }>): string {
  const place = `x="${round(x)}" y="${round(y)}" font-size="${round(size)}" font-weight="${weight}"`
  const at = anchor ? ` text-anchor="${anchor}"` : ''
  return `<text ${place}${at}${onInk ? ' fill="#fff"' : ''}>${clean(text)}</text>`
}

function drawWire({ points, paint, tracer }: Extract<Shape, { kind: 'wire' }>): string {
  const d = pathOf(points)
  const line = (colour: string, width: number) =>
    `<path d="${d}" stroke="${colour}" stroke-width="${width}" stroke-linecap="round"/>`
  const over = tracer ? `<path d="${d}" stroke="${tracer}" stroke-width="1" stroke-dasharray="2 1.5"/>` : ''
  return `${line(INK, 3)}${line(paint, 2.4)}${over}`
}

function drawStrip({ x, y, scale, d, width }: Extract<Shape, { kind: 'strip' }>): string {
  const at = `translate(${round(x)} ${round(y)}) scale(${Math.round(1e4 * scale) / 1e4})`
  const line = (colour: string, edge: number) =>
    `<path transform="${at}" fill="none" d="${d}" stroke="${colour}" stroke-width="${round((width + edge) / scale)}"/>`
  return `${line('#fff', 0.7)}${line(INK, 0)}`
}

function drawBox(shape: Extract<Shape, { kind: 'box' }>): string {
  const place = `x="${round(shape.x)}" y="${round(shape.y)}" width="${round(shape.across)}" height="${round(shape.down)}"`
  return `<rect ${place} rx="${round(shape.corner)}" fill="${FILLS[shape.fill]}" ${outline(shape)}/>`
}

function draw(shape: Shape, drawCode: DrawCode | undefined): string {
  switch (shape.kind) {
    case 'text':
      return drawText(shape)
    case 'line':
      return `<path d="${pathOf(shape.points)}" fill="none" ${outline(shape)}/>`
    case 'wire':
      return drawWire(shape)
    case 'round': {
      const place = `cx="${round(shape.x)}" cy="${round(shape.y)}" r="${round(shape.r)}"`
      return `<circle ${place} fill="${FILLS[shape.fill]}" ${outline(shape)}/>`
    }
    case 'box':
      return drawBox(shape)
    case 'strip':
      return drawStrip(shape)
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

/** What a file is made from: `title` is what a reader of the file is told. */
export interface CardFile {
  readonly shapes: readonly Shape[]
  readonly title: string
  readonly paper?: CardPaper
}

/** The card as an SVG file, text as text, its paper in mm. */
export function cardSvg({ shapes, title, paper = 'a5' }: CardFile, drawCode?: DrawCode): string {
  const { width, height } = CARD_PAPERS[paper]
  return [
    '<?xml version="1.0" encoding="UTF-8"?>',
    `<svg xmlns="http://www.w3.org/2000/svg" width="${width}mm" height="${height}mm" viewBox="0 0 ${width} ${height}" font-family="Atkinson Hyperlegible Next, Verdana, sans-serif" fill="#17130e">`,
    `<title>${clean(title)}</title>`,
    `<rect width="${width}" height="${height}" fill="#fff"/>`,
    ...shapes.map((shape) => draw(shape, drawCode)),
    '</svg>',
    '',
  ].join('\n')
}
