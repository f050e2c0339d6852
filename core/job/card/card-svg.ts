// The card's shapes as the text of an SVG file that stands by itself.
import { known } from '../../quantity/at'
import { CARD_PAPERS, type CardPaper } from './paper'
import type { At, Fill, Shape } from './drawing/shapes'

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

const INK = '#17130e'
const FILLS: Readonly<Record<Fill, string>> = { none: 'none', ink: INK, paper: '#fff' }
const BROKEN = ' stroke-dasharray="1.2 1"'

function drawText({ x, y, size, weight, text, anchor, onInk }: Extract<Shape, { kind: 'text' }>): string {
  const at = anchor ? ` text-anchor="${anchor}"` : ''
  return `<text x="${round(x)}" y="${round(y)}" font-size="${round(size)}" font-weight="${weight}"${at}${onInk ? ' fill="#fff"' : ''}>${clean(text)}</text>`
}

const broken = (shape: { readonly broken?: boolean }): string => (shape.broken ? BROKEN : '')

function draw(shape: Shape, drawCode: DrawCode | null): string {
  switch (shape.kind) {
    case 'text':
      return drawText(shape)
    case 'line':
      return `<path d="${pathOf(shape.points)}" fill="none" stroke="${INK}" stroke-width="${round(shape.width)}"${broken(shape)}/>`
    case 'wire': {
      const d = pathOf(shape.points)
      const tracer = shape.tracer
        ? `<path d="${d}" stroke="${shape.tracer}" stroke-width="1" stroke-dasharray="2 1.5"/>`
        : ''
      return `<path d="${d}" stroke="${INK}" stroke-width="3" stroke-linecap="round"/><path d="${d}" stroke="${shape.paint}" stroke-width="2.4" stroke-linecap="round"/>${tracer}`
    }
    case 'round':
      return `<circle cx="${round(shape.x)}" cy="${round(shape.y)}" r="${round(shape.r)}" fill="${FILLS[shape.fill]}" stroke="${INK}" stroke-width="${round(shape.width)}"${broken(shape)}/>`
    case 'box':
      return `<rect x="${round(shape.x)}" y="${round(shape.y)}" width="${round(shape.across)}" height="${round(shape.down)}" rx="${round(shape.corner)}" fill="${FILLS[shape.fill]}" stroke="${INK}" stroke-width="${round(shape.width)}"/>`
    case 'strip': {
      const at = `transform="translate(${round(shape.x)} ${round(shape.y)}) scale(${Math.round(1e4 * shape.scale) / 1e4})" fill="none" d="${shape.d}"`
      const wide = (edge: number) => round((shape.width + edge) / shape.scale)
      return `<path ${at} stroke="#fff" stroke-width="${wide(0.7)}"/><path ${at} stroke="${INK}" stroke-width="${wide(0)}"/>`
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

const pathOf = (points: readonly At[]): string =>
  points.map(([x, y], i) => `${i === 0 ? 'M' : 'L'}${round(x)} ${round(y)}`).join('')

/** What a file is made from: `title` is what a reader of the file is told. */
export interface CardFile {
  readonly shapes: readonly Shape[]
  readonly title: string
  readonly paper?: CardPaper
}

/** The card as an SVG file, text as text, its paper in mm. */
export function cardSvg({ shapes, title, paper = 'a5' }: CardFile, drawCode: DrawCode | null = null): string {
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
