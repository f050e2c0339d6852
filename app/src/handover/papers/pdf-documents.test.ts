import { canLabel } from '@oak/core/job/report/label'
import { cardDocument, codeSvg, isWritable, labelDocument, mm } from './pdf-documents'

/** Of a label without a code none is drawn. */
const NO_CODE = (): never => {
  throw new Error('no code is asked for')
}
it('tells what the typeface can write', () => {
  expect(['Fan dead, 45 µF ± 6 % “so” – 20 kΩ', 'Müller Łódź Ελλάς Мотор'].map(isWritable)).toEqual([
    true,
    true,
  ])
  expect(['عيادة', '風扇', 'पंखा', '😀'].map(isWritable)).toEqual([false, false, false, false])
})
it('a label’s page is its size to a tenth of a millimetre', () => {
  const can = { name: 'Dual', volts: 440, tolerancePercent: 6, sections: [{ id: '5', microfarads: 5 }] }
  const { pageSize } = labelDocument(
    canLabel({
      can,
      groups: [{ load: 'FAN', microfarads: 5 }],
      date: 'x',
      job: '',
      size: '2 1/4 × 1 1/4 in',
    }),
    'x',
    new Map(),
    NO_CODE,
  )
  const { width, height } = pageSize as { width: number; height: number }
  expect([Math.abs(width / mm(1) - 57.15), Math.abs(height / mm(1) - 31.75)].every((d) => d < 0.1)).toBe(true)
})

describe('a card and a label on paper', () => {
  it('a card fills its page, without what stands before its drawing, and with an arrow that can be written', () => {
    const { pageSize, pageMargins, content, info } = cardDocument(
      '<?xml version="1.0"?>\n<svg>a → b → c</svg>',
      'a to b to c',
      'Card',
      148,
      105,
    )
    // 72 points an inch of 25.4 mm.
    expect(pageSize).toEqual({ width: (148 * 72) / 25.4, height: (105 * 72) / 25.4 })
    expect([pageMargins, info]).toEqual([0, { title: 'Card' }])
    expect(content).toEqual([{ svg: '<svg>a › b › c</svg>', width: (148 * 72) / 25.4, alt: 'a to b to c' }])
  })
  it('a label’s lines stand where the label says, 2 mm from the left, each on its own baseline', () => {
    const label = {
      width: 50,
      height: 30,
      lines: [
        { text: '45/5', y: 10, size: 5, bold: true },
        { text: 'مروحة', y: 20, size: 4, bold: false },
      ],
    } as unknown as Parameters<typeof labelDocument>[0]
    const { content, pageMargins, info } = labelDocument(
      label,
      'Label',
      new Map([['مروحة', { url: 'data:image/png;base64,z', width: 9 }]]),
      NO_CODE,
    )
    expect([pageMargins, info]).toEqual([0, { title: 'Label' }])
    // The typeface's letters reach 93 % of their size above the baseline.
    expect(content).toEqual([
      {
        text: '45/5',
        fontSize: mm(5),
        bold: true,
        lineHeight: 1,
        noWrap: true,
        absolutePosition: { x: mm(2), y: mm(10) - mm(5) * 0.93 },
      },
      {
        image: 'data:image/png;base64,z',
        alt: 'مروحة',
        height: mm(4),
        absolutePosition: { x: mm(2), y: mm(20) - mm(4) * 0.93 },
      },
    ])
  })
  it('a label’s code stands where the label says', () => {
    const squares = (text: string) => ({ d: `M0 0h${text.length}v1h-1z`, width: 29 })
    const drawn =
      '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 29 29" width="29" height="29"><rect width="29" height="29" fill="#fff"/><path d="M0 0h4v1h-1z" fill="#000"/></svg>'
    expect(codeSvg(squares('CODE'))).toBe(drawn)
    const label = { width: 62, height: 29, lines: [], code: { text: 'CODE', x: 33.5, y: 0.5, size: 28 } }
    expect(labelDocument(label, 'Label', new Map(), squares).content).toEqual([
      {
        svg: drawn,
        width: mm(28),
        absolutePosition: { x: mm(33.5), y: mm(0.5) },
        alt: 'A code that holds the hookup, to be read with a phone.',
      },
    ])
  })
})
