// The file itself, shape by shape: coordinates to a hundredth of a millimetre, nothing in a text that an XML reader would trip over.
import { cardSvg } from './card-svg'
import type { Shape } from './drawing/shapes'
import { wrap } from './drawing/column'

const drawn = (shape: Shape) => cardSvg({ shapes: [shape], title: 'A card' }).split('\n')[4]

it('is one drawing in millimetres of A5, with its title and a white ground', () =>
  expect(cardSvg({ shapes: [], title: 'Fan & “blade” <1>' }).split('\n')).toEqual([
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
  expect(
    drawn({
      kind: 'line',
      points: [
        [9, 20.001],
        [139, 20.001],
      ],
      width: 0.25,
    }),
  ).toBe('<path d="M9 20L139 20" fill="none" stroke="#17130e" stroke-width="0.25"/>'))
it('a wire on a dark edge, with its tracer where it has one', () => {
  const points: [number, number][] = [
    [9, 30.5],
    [20, 30.5],
  ]
  const wire = { kind: 'wire', points, paint: '#5b3a1e' } as const
  const body =
    '<path d="M9 30.5L20 30.5" stroke="#17130e" stroke-width="3" stroke-linecap="round"/><path d="M9 30.5L20 30.5" stroke="#5b3a1e" stroke-width="2.4" stroke-linecap="round"/>'
  expect(drawn({ ...wire, tracer: null })).toBe(body)
  expect(drawn({ ...wire, tracer: '#fff' })).toBe(
    `${body}<path d="M9 30.5L20 30.5" stroke="#fff" stroke-width="1" stroke-dasharray="2 1.5"/>`,
  )
})
it('round things, boxes and strips, filled with ink, paper or nothing; what stays or is unused is broken', () => {
  expect(drawn({ kind: 'round', x: 9, y: 9, r: 2, width: 0.4, fill: 'ink' })).toBe(
    '<circle cx="9" cy="9" r="2" fill="#17130e" stroke="#17130e" stroke-width="0.4"/>',
  )
  expect(drawn({ kind: 'round', x: 9, y: 9, r: 2, width: 0.4, fill: 'paper', broken: true })).toContain(
    'fill="#fff" stroke="#17130e" stroke-width="0.4" stroke-dasharray=',
  )
  const box = { kind: 'box', x: 1, y: 2, across: 3, down: 4, corner: 1, width: 0.5, fill: 'none' } as const
  expect(drawn(box)).toBe(
    '<rect x="1" y="2" width="3" height="4" rx="1" fill="none" stroke="#17130e" stroke-width="0.5"/>',
  )
  // A strip of 1.1 mm in a picture of 0.1 mm a unit is 11 units wide, with a light edge of 0.35 mm on both sides.
  expect(drawn({ kind: 'strip', x: 5, y: 6, scale: 0.1, d: 'M0 0L9 9', width: 1.1 })).toMatch(
    /translate\(5 6\) scale\(0\.1\)" fill="none" d="M0 0L9 9" stroke="#fff" stroke-width="18".*stroke="#17130e" stroke-width="11"/,
  )
})
it('a text in the middle, at its end, or white on ink', () => {
  const text = { kind: 'text', x: 1, y: 2, size: 3, weight: 700, text: 'C' } as const
  expect(drawn({ ...text, anchor: 'middle', onInk: true })).toContain(' text-anchor="middle" fill="#fff">C<')
  expect(drawn({ ...text, anchor: 'end' })).toContain(' text-anchor="end">C<')
})
it('half a letter is half a letter', () =>
  expect(cardSvg({ shapes: [], title: '', paper: 'half-letter' })).toContain(
    'width="139.7mm" height="215.9mm" viewBox="0 0 139.7 215.9"',
  ))
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
