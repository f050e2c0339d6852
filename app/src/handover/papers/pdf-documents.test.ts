import { canLabel } from '@oak/core/job/report/label'
import type { ReportOutput } from '@oak/core/operations/report'
import { cardDocument, isWritable, labelDocument, mm, reportDocument, textsOf } from './pdf-documents'

const REPORT: ReportOutput = {
  title: 'Fan dead',
  site: 'Gull Street 4',
  owner: 'عيادة النورس',
  unit: '',
  notes: '',
  style: 'plain',
  sections: [{ id: 'done', heading: 'What was done', lines: ['A new fan motor: Rowan 25R.'] }],
  photos: [
    { id: 'p1', caption: 'Old wiring' },
    { id: 'p2', caption: '' },
  ],
  estimate: {
    lines: [{ id: 'a', kind: 'labour', text: 'Work', hundredths: 150, cents: 9500, taxed: false }],
    terms: { taxThousandths: 8250, validDays: 30 },
    totals: { lines: [14250], parts: 0, labour: 14250, taxed: 0, tax: 0, total: 14250 },
    accepted: null,
    lapsed: false,
  },
}
/** Of a label without a code none is drawn. */
const NO_CODE = (): never => {
  throw new Error('no code is asked for')
}
const facts = {
  report: REPORT,
  date: '25 Nov 2026',
  technician: 'Ines',
  photos: new Map([['p1', 'data:image/jpeg;base64,x']]),
  pictures: new Map([['عيادة النورس', { url: 'data:image/png;base64,y', width: 90 }]]),
  acceptedAt: null,
  code: null,
}

it('tells what the typeface can write', () => {
  expect(['Fan dead, 45 µF ± 6 % “so” – 20 kΩ', 'Müller Łódź Ελλάς Мотор'].map(isWritable)).toEqual([
    true,
    true,
  ])
  expect(['عيادة', '風扇', 'पंखा', '😀'].map(isWritable)).toEqual([false, false, false, false])
})
it('draws what it cannot write as a picture, and says which photo is not here', () => {
  const text = JSON.stringify(reportDocument(facts).content)
  expect(text).toContain('"image":"data:image/png;base64,y"')
  expect(text).not.toContain('عيادة')
  expect(text).toContain('This picture is not on this device.')
  expect(textsOf(facts)).toContain('عيادة النورس')
})
it('sums are of the estimate, with what is not taxed marked', () => {
  const text = JSON.stringify(reportDocument(facts).content)
  for (const said of ['1.5 h', '$95.00', '$142.50 *', 'Valid for 30 days.']) expect(text).toContain(said)
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

describe('a report on paper', () => {
  const LETTERS = { ...REPORT, owner: 'Gull Clinic', unit: 'North condenser', notes: 'Key at the desk' }
  const heading = (text: string, margin: readonly number[]) => ({ text, fontSize: 14, bold: true, margin })
  const paper = (
    more: Partial<ReportOutput>,
    other: Partial<Omit<typeof facts, 'acceptedAt'>> & { acceptedAt?: string | null } = {},
  ) =>
    reportDocument({
      ...facts,
      pictures: new Map(),
      ...other,
      report: { ...LETTERS, estimate: null, photos: [], ...more },
    })

  it('is a letter page with its margins, its title first, then whom and where, then when and by whom', () => {
    const { content, ...page } = paper({ sections: [], notes: '' })
    expect(page).toMatchObject({
      info: { title: 'Fan dead', author: 'Ines', subject: 'Gull Clinic, Gull Street 4, North condenser' },
      pageSize: 'LETTER',
      // Two thirds of an inch at the sides, a foot that has room for a line.
      pageMargins: [48, 48, 48, 54],
      defaultStyle: { fontSize: 11, lineHeight: 1.25 },
    })
    expect(content).toEqual([
      { text: 'Fan dead', fontSize: 20, bold: true, lineHeight: 1.1 },
      { text: 'Gull Clinic' },
      { text: 'Gull Street 4' },
      { text: 'North condenser' },
      { text: ['25 Nov 2026', ', Ines'], margin: [0, 0, 0, 8] },
    ])
    const footer = page.footer as (page: number, pages: number) => object
    expect(footer(2, 3)).toEqual({
      text: '25 Nov 2026   page 2 of 3',
      alignment: 'center',
      fontSize: 9,
      margin: [0, 12, 0, 0],
    })
  })
  it('without a name is called a report; what is blank is left out', () => {
    const { content, info } = paper(
      { title: '', owner: '', site: '', unit: '', sections: [], notes: '' },
      { technician: '' },
    )
    expect(info).toMatchObject({ title: 'Report', subject: '' })
    expect(content).toEqual([
      { text: 'Report', fontSize: 20, bold: true, lineHeight: 1.1 },
      { text: ['25 Nov 2026', ''], margin: [0, 0, 0, 8] },
    ])
  })
  it('a technician whose name the typeface cannot write stands below the date as a picture', () => {
    const name = 'إيناس'
    const { content } = paper(
      { sections: [], notes: '' },
      { technician: name, pictures: new Map([[name, { url: 'data:image/png;base64,n', width: 40 }]]) },
    )
    expect((content as object[]).slice(4)).toEqual([
      { text: ['25 Nov 2026', ''], margin: [0, 0, 0, 8] },
      { image: 'data:image/png;base64,n', width: 40 },
    ])
  })
  it('has its sections as lists under their headings, then the notes', () => {
    const { content } = paper({})
    expect((content as object[]).slice(5)).toEqual([
      { stack: [heading('What was done', [0, 10, 0, 2]), { ul: [{ text: 'A new fan motor: Rowan 25R.' }] }] },
      heading('Notes', [0, 10, 0, 2]),
      { text: 'Key at the desk' },
    ])
  })
  it('has photos two beside each other, each with its words below it, on one page', () => {
    const photos = ['p1', 'p2', 'p3'].map((id) => ({ id, caption: id === 'p2' ? '' : `Photo ${id}` }))
    const { content } = paper({ sections: [], notes: '', photos })
    const one = (picture: object, text: string) => ({
      stack: [picture, { text, fontSize: 10, margin: [0, 2, 0, 8] }],
      unbreakable: true,
    })
    const missing = { text: 'This picture is not on this device.', italics: true }
    // A page is 612 points wide: two pictures of 246 and the 14 between fit into the 516 inside the margins.
    expect((content as object[]).slice(5)).toEqual([
      heading('Photos', [0, 10, 0, 4]),
      {
        columns: [
          one({ image: 'data:image/jpeg;base64,x', fit: [246, 200] }, 'Photo p1'),
          one(missing, 'Photo'),
        ],
        columnGap: 14,
      },
      { columns: [one(missing, 'Photo p3'), { text: '' }], columnGap: 14 },
    ])
    expect(2 * 246 + 14).toBeLessThanOrEqual(612 - 2 * 48)
  })
  it('has the estimate as a table with its sums, what it rests on, and who accepted it', () => {
    const estimate = {
      ...REPORT.estimate,
      lines: [
        { id: 'a', kind: 'labour', text: 'Work', hundredths: 150, cents: 9500, taxed: false },
        { id: 'b', kind: 'part', text: 'Motor', hundredths: 100, cents: 20000, taxed: true },
      ],
      totals: { lines: [14250, 20000], parts: 20000, labour: 14250, taxed: 20000, tax: 1650, total: 35900 },
      accepted: { name: 'A. Gull', at: 1, cents: 35900, signature: 'M0 0L10 10' },
      lapsed: true,
    } as unknown as NonNullable<ReportOutput['estimate']>
    const { content } = paper({ sections: [], notes: '', estimate }, { acceptedAt: '25 Nov 2026, 09:05' })
    const right = (text: string, look = {}) => ({ text, alignment: 'right', ...look })
    const sum = (text: string, figure: string, bold = false) => [
      { text, colSpan: 3, alignment: 'right', bold },
      {},
      {},
      right(figure, { bold }),
    ]
    expect((content as object[]).slice(5)).toEqual([
      heading('Estimate', [0, 14, 0, 4]),
      {
        layout: 'lightHorizontalLines',
        table: {
          headerRows: 1,
          widths: ['*', 'auto', 'auto', 'auto'],
          body: [
            [
              { text: 'For', bold: true },
              ...['How many', 'Each', 'Sum'].map((text) => right(text, { bold: true })),
            ],
            [{ text: 'Work' }, right('1.5 h'), right('$95.00'), right('$142.50 *')],
            [{ text: 'Motor' }, right('1'), right('$200.00'), right('$200.00')],
            sum('Parts', '$200.00'),
            sum('Labour', '$142.50'),
            sum('Tax 8.25 % of $200.00', '$16.50'),
            sum('Total', '$359.00', true),
          ],
        },
      },
      {
        text: 'Valid for 30 days. Tax is worked out once on the taxed sum, half a cent rounded up. * not taxed.',
        fontSize: 9,
        margin: [0, 4, 0, 0],
      },
      { text: 'Changed since it was accepted: that acceptance stands no more.', italics: true },
      {
        stack: [
          { text: 'Accepted, 25 Nov 2026, 09:05, by', margin: [0, 10, 0, 0] },
          { text: 'A. Gull', bold: true },
          { svg: expect.stringContaining('<path d="M0 0L10 10"'), width: 180 },
        ],
        unbreakable: true,
      },
    ])
    const typed = {
      ...estimate,
      lapsed: false,
      accepted: { name: 'A. Gull', at: 1, cents: 1, signature: null },
    }
    const plain = paper({ sections: [], notes: '', estimate: typed }).content as object[]
    expect(plain.at(-1)).toEqual({
      stack: [
        { text: 'Accepted, by', margin: [0, 10, 0, 0] },
        { text: 'A. Gull', bold: true },
      ],
      unbreakable: true,
    })
    expect(JSON.stringify(plain)).not.toContain('stands no more')
  })
  it('every text that may need another typeface is known beforehand', () => {
    const estimate = {
      ...REPORT.estimate,
      accepted: { name: 'A. Gull', at: 1, cents: 1, signature: null },
    } as ReportOutput['estimate']
    expect(textsOf({ report: { ...LETTERS, estimate, photos: REPORT.photos }, technician: 'Ines' })).toEqual([
      'Fan dead',
      'Gull Street 4',
      'Gull Clinic',
      'North condenser',
      'Key at the desk',
      'Ines',
      'A new fan motor: Rowan 25R.',
      'Old wiring',
      '',
      'Work',
      'A. Gull',
    ])
    expect(textsOf({ report: { ...LETTERS, estimate: null, photos: [] }, technician: '' }).at(-1)).toBe('')
  })
})

describe('a card and a label on paper', () => {
  it('a card fills its page, without what stands before its drawing, and with an arrow that can be written', () => {
    const { pageSize, pageMargins, content, info } = cardDocument(
      '<?xml version="1.0"?>\n<svg>a → b → c</svg>',
      'Card',
      148,
      105,
    )
    // 72 points an inch of 25.4 mm.
    expect(pageSize).toEqual({ width: (148 * 72) / 25.4, height: (105 * 72) / 25.4 })
    expect([pageMargins, info]).toEqual([0, { title: 'Card' }])
    expect(content).toEqual([{ svg: '<svg>a › b › c</svg>', width: (148 * 72) / 25.4 }])
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
        height: mm(4),
        absolutePosition: { x: mm(2), y: mm(20) - mm(4) * 0.93 },
      },
    ])
  })
  it('a label’s code stands where the label says, and the report ends with it', () => {
    const squares = (text: string) => ({ d: `M0 0h${text.length}v1h-1z`, width: 29 })
    const drawn =
      '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 29 29" width="29" height="29"><rect width="29" height="29" fill="#fff"/><path d="M0 0h4v1h-1z" fill="#000"/></svg>'
    const label = { width: 62, height: 29, lines: [], code: { text: 'CODE', x: 33.5, y: 0.5, size: 28 } }
    expect(labelDocument(label, 'Label', new Map(), squares).content).toEqual([
      { svg: drawn, width: mm(28), absolutePosition: { x: mm(33.5), y: mm(0.5) } },
    ])
    const { content } = reportDocument({ ...facts, code: squares('CODE') })
    expect((content as object[]).at(-1)).toMatchObject({
      columns: [
        { svg: drawn, width: mm(28) },
        { text: expect.stringContaining('This code holds the hookup: what is on which post.') as string },
      ],
      unbreakable: true,
    })
  })
})
