// The file itself, shape by shape: coordinates to a hundredth of a millimetre, nothing in a text that an XML reader would trip over.
import { cardSvg } from './card-svg'
import { wrap } from './card-layout'

const drawn = (shape: Parameters<typeof cardSvg>[0][number]) => cardSvg([shape], 'A card').split('\n')[4]

it('is one drawing in millimetres of A5, with its title and a white ground', () =>
  expect(cardSvg([], 'Fan & “blade” <1>').split('\n')).toEqual([
    '<?xml version="1.0" encoding="UTF-8"?>',
    '<svg xmlns="http://www.w3.org/2000/svg" width="148mm" height="210mm" viewBox="0 0 148 210" font-family="Atkinson Hyperlegible Next, Verdana, sans-serif" fill="#17130e">',
    '<title>Fan &amp; “blade” &lt;1&gt;</title>',
    '<rect width="148" height="210" fill="#fff"/>',
    '</svg>',
    '',
  ]))
it('a text, with what XML does not allow left out', () =>
  expect(
    drawn({ kind: 'text', x: 9, y: 12.3456, size: 3.4, weight: 700, text: 'a\u0007b "c" \'d\'\ufffe\uffff' }),
  ).toBe('<text x="9" y="12.35" font-size="3.4" font-weight="700">ab &quot;c&quot; &apos;d&apos;</text>'))
it('a rule', () =>
  expect(drawn({ kind: 'line', x1: 9, y1: 20.001, x2: 139, y2: 20.001, width: 0.25 })).toBe(
    '<path d="M9 20L139 20" stroke="#17130e" stroke-width="0.25"/>',
  ))
it('a wire on a dark edge, with its tracer where it has one', () => {
  const wire = { kind: 'wire', x1: 9, x2: 20, y: 30.5, paint: '#5b3a1e' } as const
  const body =
    '<path d="M9 30.5H20" stroke="#17130e" stroke-width="3" stroke-linecap="round"/><path d="M9 30.5H20" stroke="#5b3a1e" stroke-width="2.4" stroke-linecap="round"/>'
  expect(drawn({ ...wire, tracer: null })).toBe(body)
  expect(drawn({ ...wire, tracer: '#fff' })).toBe(
    `${body}<path d="M9 30.5H20" stroke="#fff" stroke-width="1" stroke-dasharray="2 1.5"/>`,
  )
})
it('a verdict by its shape, not by colour alone: a round mark, or a triangle', () => {
  const mark = { kind: 'mark', x: 9, y: 10, size: 16 } as const
  expect(drawn({ ...mark, verdict: 'proven' })).toMatch(
    /^<g transform="translate\(9 10\) scale\(0\.5\)"><circle /,
  )
  expect(drawn({ ...mark, verdict: 'watch' })).toMatch(
    /^<g transform="translate\(9 10\) scale\(0\.5\)"><path d="M16 2L31 29H1z"/,
  )
})

describe('text on few lines', () => {
  it('breaks at spaces, and inside a word that is longer than a line', () => {
    expect(wrap('one two three', 7, 3)).toEqual(['one two', 'three'])
    expect(wrap('one two', 6, 3)).toEqual(['one', 'two'])
    expect(wrap('abcdefgh i', 3, 9)).toEqual(['abc', 'def', 'gh', 'i'])
    expect(wrap('', 5, 3)).toEqual([])
  })
  it('what does not fit ends with an ellipsis inside the line', () => {
    expect(wrap('one two three four', 5, 2)).toEqual(['one', 'two…'])
    expect(wrap('aaaaa bbbbb ccccc', 5, 2)).toEqual(['aaaaa', 'bbbb…'])
    expect(wrap('one two', 5, 2)).toEqual(['one', 'two'])
  })
})
