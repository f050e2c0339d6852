// The letter, part by part: from whom, to whom, what was found with its photos, how it runs against its limits, what comes next; what is missing comes last.
import type { ReportOutput } from '@oak/core/operations/report'
import { reportDocument, textsOf, type ReportFacts } from './letter'
import { gaugeSvg } from './letter-gauges'
import { codeSvg, mm } from './pdf-documents'

const REPORT: ReportOutput = {
  title: 'Fan dead',
  site: 'Gull Street 4',
  owner: 'عيادة النورس',
  unit: '',
  notes: '',
  style: 'plain',
  opening: null,
  gauges: [],
  sections: [{ id: 'done', heading: 'What was done', lines: ['A new fan motor: Rowan 25R.'] }],
  photos: [
    { id: 'p1', caption: 'Old wiring', work: null },
    { id: 'p2', caption: '', work: null },
  ],
  estimate: {
    lines: [{ id: 'a', kind: 'labour', text: 'Work', hundredths: 150, cents: 9500, taxed: false }],
    terms: { taxThousandths: 8250, validDays: 30 },
    totals: { lines: [14250], parts: 0, labour: 14250, taxed: 0, tax: 0, total: 14250 },
    accepted: null,
    lapsed: false,
  },
}
const facts: ReportFacts = {
  report: REPORT,
  head: { name: '', address: '', mark: null },
  date: '25 Nov 2026',
  technician: 'Ines',
  photos: new Map([['p1', 'data:image/jpeg;base64,x']]),
  pictures: new Map([['عيادة النورس', { url: 'data:image/png;base64,y', width: 90 }]]),
  acceptedAt: null,
  code: null,
}

it('draws what it cannot write as a picture, and says which photo is not here', () => {
  const text = JSON.stringify(reportDocument(facts).content)
  expect(text).toContain('"image":"data:image/png;base64,y"')
  // To the eye a picture; to the ear its words.
  expect(text).not.toContain('"text":"عيادة')
  expect(text).toContain('"alt":"عيادة النورس"')
  expect(text).toContain('This picture is not on this device.')
  expect(textsOf(facts)).toContain('عيادة النورس')
})
it('sums are of the estimate, with what is not taxed marked', () => {
  const text = JSON.stringify(reportDocument(facts).content)
  for (const said of ['1.5 h', '$95.00', '$142.50 *', 'Valid for 30 days.']) expect(text).toContain(said)
})
describe('a report on paper', () => {
  const LETTERS = { ...REPORT, owner: 'Gull Clinic', unit: 'North condenser', notes: 'Key at the desk' }
  const heading = (text: string) => ({ text, fontSize: 14, bold: true, margin: [0, 10, 0, 2], role: 'H2' })
  const address = (lines: readonly string[], by: string) => ({
    columns: [
      { width: '*', stack: lines.map((text) => ({ text })) },
      { width: 'auto', stack: [{ text: '25 Nov 2026' }, ...(by ? [{ text: by }] : [])] },
    ],
    columnGap: 20,
    margin: [0, 0, 0, 12],
  })
  const paper = (more: Partial<ReportOutput>, other: Partial<ReportFacts> = {}) =>
    reportDocument({
      ...facts,
      pictures: new Map(),
      ...other,
      report: { ...LETTERS, estimate: null, photos: [], ...more },
    })

  it('is a letter page with its margins: to whom and where, when and by whom, then its title', () => {
    const { content, ...page } = paper({ sections: [], notes: '' })
    expect(page).toMatchObject({
      info: { title: 'Fan dead', author: 'Ines', subject: 'Gull Clinic, Gull Street 4, North condenser' },
      pageSize: 'LETTER',
      // Two thirds of an inch at the sides, a foot that has room for a line.
      pageMargins: [48, 48, 48, 54],
      defaultStyle: { fontSize: 11, lineHeight: 1.25 },
    })
    expect(content).toEqual([
      address(['Gull Clinic', 'Gull Street 4', 'North condenser'], 'Ines'),
      { text: 'Fan dead', fontSize: 20, bold: true, lineHeight: 1.1, role: 'H1' },
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
      address([], ''),
      { text: 'Report', fontSize: 20, bold: true, lineHeight: 1.1, role: 'H1' },
    ])
  })
  it('a technician whose name the typeface cannot write stands below the date as a picture', () => {
    const name = 'إيناس'
    const { content } = paper(
      { sections: [], notes: '' },
      { technician: name, pictures: new Map([[name, { url: 'data:image/png;base64,n', width: 40 }]]) },
    )
    expect((content as object[])[0]).toMatchObject({
      columns: [{}, { stack: [{ text: '25 Nov 2026' }, { image: 'data:image/png;base64,n', width: 40 }] }],
    })
  })
  it('has its sections as lists under their headings, then the notes', () => {
    const { content } = paper({})
    expect((content as object[]).slice(2)).toEqual([
      { stack: [heading('What was done'), { ul: [{ text: 'A new fan motor: Rowan 25R.' }] }] },
      heading('Notes'),
      { text: 'Key at the desk' },
    ])
  })
  it('has photos two beside each other, each with its words below it, on one page', () => {
    const photos = ['p1', 'p2', 'p3'].map((id) => ({
      id,
      caption: id === 'p2' ? '' : `Photo ${id}`,
      work: null,
    }))
    const { content } = paper({ sections: [], notes: '', photos })
    const one = (picture: object, text: string) => ({
      stack: [picture, { text, fontSize: 10, margin: [0, 2, 0, 8] }],
      unbreakable: true,
      margin: [0, 6, 0, 0],
    })
    const missing = { text: 'This picture is not on this device.', italics: true }
    // A page is 612 points wide: two pictures of 246 and the 14 between fit into the 516 inside the margins.
    expect((content as object[]).slice(2)).toEqual([
      heading('Photos'),
      {
        columns: [
          one({ image: 'data:image/jpeg;base64,x', fit: [246, 200], alt: 'Photo p1' }, 'Photo p1'),
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
    expect((content as object[]).slice(2)).toEqual([
      { ...heading('Estimate'), margin: [0, 14, 0, 4] },
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
          {
            svg: expect.stringContaining('<path d="M0 0L10 10"'),
            width: 180,
            alt: 'Signature of A. Gull',
          },
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
    expect(textsOf({ ...facts, report: { ...LETTERS, estimate, photos: REPORT.photos } })).toEqual([
      '',
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
    expect(
      textsOf({ ...facts, report: { ...LETTERS, estimate: null, photos: [] }, technician: '' }).at(-1),
    ).toBe('')
  })

  it('a letterhead stands over it: mark, name, address in lines, and a rule; its name is in the foot', () => {
    const { content, footer } = paper(
      { sections: [] },
      { head: { name: 'Tern Air', address: ' Pier 3\n\nSaltmarsh ', mark: 'data:image/png;base64,m' } },
    )
    expect((content as object[]).slice(0, 2)).toEqual([
      {
        columns: [
          { image: 'data:image/png;base64,m', fit: [130, 52], width: 'auto', alt: 'Mark of Tern Air' },
          {
            width: '*',
            stack: [
              { text: 'Tern Air', fontSize: 15, bold: true, lineHeight: 1.1 },
              { text: 'Pier 3', fontSize: 9.5, lineHeight: 1.15 },
              { text: 'Saltmarsh', fontSize: 9.5, lineHeight: 1.15 },
            ],
          },
        ],
        columnGap: 14,
      },
      { canvas: [expect.objectContaining({ type: 'line', x2: 612 - 96 })], margin: [0, 8, 0, 12] },
    ])
    expect((footer as (page: number, pages: number) => object)(1, 1)).toMatchObject({
      text: 'Tern Air   25 Nov 2026   page 1 of 1',
    })
  })

  it('what was found has its photo beside it, what was done its own; others and what is missing come after, in that order', () => {
    const section = (id: ReportOutput['sections'][number]['id'], heading: string) => ({
      id,
      heading,
      lines: [`${heading}.`],
    })
    const photo = (id: string, work: 'before' | 'after' | null) => ({ id, caption: id, work })
    const { content } = paper({
      opening: null,
      notes: '',
      sections: [
        section('found', 'What failed'),
        section('done', 'What was done'),
        section('recommended', 'What we recommend'),
        section('gaps', 'What is not on record'),
      ],
      photos: [photo('pier', null), photo('old', 'before'), photo('new', 'after')],
      estimate: REPORT.estimate,
    })
    const text = JSON.stringify(content)
    const order = [
      'What failed.',
      'Before',
      'old',
      'What was done.',
      'After',
      'new',
      'What we recommend.',
      'Estimate',
      'Photos',
      'pier',
      'What is not on record.',
    ]
    const places = order.map((words) => text.indexOf(`"text":"${words}"`))
    expect(places.every((place) => place > 0)).toBe(true)
    expect(places).toEqual([...places].sort((a, b) => a - b))
  })
  it('one photo stands beside the words that it is about, two below them', () => {
    const photo = (id: string) => ({ id, caption: '', work: 'before' as const })
    const found = (...ids: string[]) =>
      (
        paper({
          sections: [{ id: 'found', heading: 'What failed', lines: ['x'] }],
          notes: '',
          photos: ids.map(photo),
        }).content as object[]
      ).slice(2)
    expect(found('p1')).toMatchObject([
      {
        columns: [
          { stack: [{ stack: [{ text: 'What failed' }, {}] }] },
          {
            stack: [{ stack: [{ image: 'data:image/jpeg;base64,x', fit: [190, 150] }, { text: 'Before' }] }],
          },
        ],
        unbreakable: true,
      },
    ])
    expect(found('p1', 'p2')).toMatchObject([{ stack: [{}, {}] }, { columns: [{}, {}] }])
  })
  it('a photo of before the work is not lost where nothing is said of what was found', () =>
    expect(
      JSON.stringify(
        paper({ sections: [], photos: [{ id: 'p1', caption: 'Rust', work: 'before' }] }).content,
      ),
    ).toContain('"text":"Rust"'))
  it('of an empty record it opens with that, not with a list of what is missing', () => {
    const { content } = paper({
      opening: 'The record of this visit has only begun.',
      notes: '',
      sections: [{ id: 'gaps', heading: 'What is not on record', lines: ['No motor is recorded.'] }],
    })
    const text = JSON.stringify(content)
    expect(text.indexOf('has only begun')).toBeGreaterThan(0)
    expect(text.indexOf('has only begun')).toBeLessThan(text.indexOf('What is not on record'))
  })
  it('readings stand against their limits, each with its words; one outside is bold and said', () => {
    const gauge = {
      id: 'a',
      name: 'Fan motor in cooling',
      value: 1.3,
      unit: 'A',
      low: null,
      high: 1.6,
    } as const
    const { content } = paper({
      sections: [{ id: 'readings', heading: 'How it runs now', lines: ['x'] }],
      notes: '',
      gauges: [
        { ...gauge, verdict: 'fine', words: '1.3 A, rated 1.6 A' },
        { ...gauge, id: 'b', value: 1.9, verdict: 'stop', words: '1.9 A, rated 1.6 A' },
      ],
    })
    expect((content as object[]).at(-1)).toMatchObject({
      table: {
        body: [
          [{ text: 'Fan motor in cooling' }, { width: 170 }, { text: '1.3 A, rated 1.6 A', bold: false }],
          [{}, {}, { text: '1.9 A, rated 1.6 A: outside its limits', bold: true }],
        ],
      },
    })
  })
  it('the mark of a reading stands in the stretch that is right when it is within it, right of it when it is over', () => {
    const drawn = (value: number) => {
      const svg = gaugeSvg({ low: null, high: 1.6, value })
      const [, x, width] = (/rect x="([\d.]+)" y="[\d.]+" width="([\d.]+)"/.exec(svg) ?? []).map(Number)
      const [, at] = (/d="M([\d.]+) 5V14"/.exec(svg) ?? []).map(Number)
      return { from: x ?? NaN, to: (x ?? NaN) + (width ?? NaN), at: at ?? NaN }
    }
    const [good, over] = [drawn(1.3), drawn(1.9)]
    expect(good.at > good.from && good.at < good.to).toBe(true)
    expect(over.at).toBeGreaterThan(over.to)
    // From 0 to 1.6 A: 1.3 A stands at 1.3/1.6 of the stretch.
    expect((good.at - good.from) / (good.to - good.from)).toBeCloseTo(1.3 / 1.6, 2)
  })
  it('ends with the code, and what it is for', () => {
    const code = { d: 'M0 0h4v1h-1z', width: 29 }
    const { content } = paper({}, { code })
    expect((content as object[]).at(-1)).toMatchObject({
      columns: [
        { svg: codeSvg(code), width: mm(28) },
        { text: expect.stringContaining('This code holds the hookup: what is on which post.') as string },
      ],
      unbreakable: true,
    })
  })
})
