// The documents that are handed over, as plain definitions for pdfmake: card, label, report. No rendering here.
import type { Content, TableCell, TDocumentDefinitions } from 'pdfmake/interfaces'
import { countText, moneyText, taxText } from '@oak/core/job/report/estimate'
import type { CanLabel } from '@oak/core/job/report/label'
import type { ReportOutput } from '@oak/core/operations/report'

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
  title: string,
  width: number,
  height: number,
): TDocumentDefinitions => ({
  info: { title },
  pageSize: { width: mm(width), height: mm(height) },
  pageMargins: 0,
  // Its typeface has no arrow.
  content: [{ svg: svg.replace(/^<\?xml[^>]*>\s*/, '').replaceAll('→', '›'), width: mm(width) }],
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
          {
            svg: codeSvg(squares(code.text)),
            width: mm(code.size),
            absolutePosition: { x: mm(code.x), y: mm(code.y) },
          },
        ]
      : []),
    ...lines.map(({ text, y, size, bold }): Content => {
      const picture = pictures.get(text)
      const at = { absolutePosition: { x: mm(2), y: mm(y) - mm(size) * 0.93 } }
      return picture
        ? { image: picture.url, height: mm(size), ...at }
        : { text, fontSize: mm(size), bold, lineHeight: 1, noWrap: true, ...at }
    }),
  ],
})

/** A code as squares: a path, and how many squares wide it is. */
export interface CodeSquares {
  readonly d: string
  readonly width: number
}
const codeSvg = ({ d, width }: CodeSquares): string =>
  `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${width} ${width}" width="${width}" height="${width}"><rect width="${width}" height="${width}" fill="#fff"/><path d="${d}" fill="#000"/></svg>`

export interface ReportFacts {
  readonly report: ReportOutput
  readonly date: string
  readonly technician: string
  /** Photos that this device has, by id, drawn small; the others are named and said to be missing. */
  readonly photos: ReadonlyMap<string, string>
  readonly pictures: TextPictures
  /** The time of acceptance, in words. */
  readonly acceptedAt: string | null
  /** The hookup’s code; null where nothing is proven. */
  readonly code: CodeSquares | null
}

/** Everything a report says, for the fonts' sake: texts that the typeface cannot write are drawn beforehand. */
export const textsOf = ({ report, technician }: Pick<ReportFacts, 'report' | 'technician'>): string[] => [
  report.title,
  report.site,
  report.owner,
  report.unit,
  report.notes,
  technician,
  ...report.sections.flatMap((s) => s.lines),
  ...report.photos.map((p) => p.caption),
  ...(report.estimate?.lines.map((l) => l.text) ?? []),
  report.estimate?.accepted?.name ?? '',
]

export function reportDocument(facts: ReportFacts): TDocumentDefinitions {
  const { report, date, technician, pictures } = facts
  const say = (text: string, look: object = {}): Content => {
    const picture = pictures.get(text)
    return picture ? { image: picture.url, width: picture.width, ...look } : { text, ...look }
  }
  const about = [report.owner, report.site, report.unit].filter(Boolean)
  return {
    info: { title: report.title || 'Report', author: technician, subject: about.join(', ') },
    pageSize: 'LETTER',
    pageMargins: [48, 48, 48, 54],
    defaultStyle: { fontSize: 11, lineHeight: 1.25 },
    footer: (page, pages) => ({
      text: `${date}   page ${page} of ${pages}`,
      alignment: 'center',
      fontSize: 9,
      margin: [0, 12, 0, 0],
    }),
    content: [
      say(report.title || 'Report', { fontSize: 20, bold: true, lineHeight: 1.1 }),
      ...about.map((text) => say(text)),
      { text: [date, technician && isWritable(technician) ? `, ${technician}` : ''], margin: [0, 0, 0, 8] },
      ...(technician && !isWritable(technician) ? [say(technician)] : []),
      ...report.sections.map((s): Content => ({
        stack: [
          { text: s.heading, fontSize: 14, bold: true, margin: [0, 10, 0, 2] },
          { ul: s.lines.map((line) => say(line)) },
        ],
      })),
      ...(report.notes
        ? [{ text: 'Notes', fontSize: 14, bold: true, margin: [0, 10, 0, 2] } as Content, say(report.notes)]
        : []),
      ...photoContent(facts, say),
      ...(report.estimate ? estimateContent(report.estimate, facts, say) : []),
      ...(facts.code ? [codeContent(facts.code)] : []),
    ],
  }
}

/** 25 mm of code, and what it is for. */
const codeContent = (code: CodeSquares): Content => ({
  columns: [
    { svg: codeSvg(code), width: mm(28) },
    {
      text: 'This code holds the hookup: what is on which post. Whoever works on this unit next can read it with Oak Switch, without a connection; any other phone shows it as text.',
      fontSize: 9,
      margin: [6, 10, 0, 0],
    },
  ],
  margin: [0, 14, 0, 0],
  unbreakable: true,
})

type Say = (text: string, look?: object) => Content

function photoContent({ report, photos }: ReportFacts, say: Say): Content[] {
  if (report.photos.length === 0) return []
  const each = report.photos.map(({ id, caption }): Content => {
    const url = photos.get(id)
    return {
      stack: [
        url
          ? { image: url, fit: [246, 200] }
          : { text: 'This picture is not on this device.', italics: true },
        say(caption || 'Photo', { fontSize: 10, margin: [0, 2, 0, 8] }),
      ],
      unbreakable: true,
    }
  })
  const rows = Array.from({ length: Math.ceil(each.length / 2) }, (_, i): Content => ({
    columns: [each[2 * i] as Content, each[2 * i + 1] ?? { text: '' }],
    columnGap: 14,
  }))
  return [{ text: 'Photos', fontSize: 14, bold: true, margin: [0, 10, 0, 4] }, ...rows]
}

function estimateContent(
  { lines, terms, totals, accepted, lapsed }: NonNullable<ReportOutput['estimate']>,
  { acceptedAt }: ReportFacts,
  say: Say,
): Content[] {
  const right = (text: string, look: object = {}): Content => ({ text, alignment: 'right', ...look })
  const sum = (name: string, cents: number, bold = false) => [
    { text: name, colSpan: 3, alignment: 'right' as const, bold },
    {},
    {},
    right(moneyText(cents), { bold }),
  ]
  return [
    { text: 'Estimate', fontSize: 14, bold: true, margin: [0, 14, 0, 4] },
    {
      layout: 'lightHorizontalLines',
      table: {
        headerRows: 1,
        widths: ['*', 'auto', 'auto', 'auto'],
        body: [
          [
            { text: 'For', bold: true },
            right('How many', { bold: true }),
            right('Each', { bold: true }),
            right('Sum', { bold: true }),
          ],
          ...lines.map((line, i) => [
            say(`${line.text}`),
            right(`${countText(line.hundredths)}${line.kind === 'labour' ? ' h' : ''}`),
            right(moneyText(line.cents)),
            right(`${moneyText(totals.lines[i] ?? 0)}${line.taxed ? '' : ' *'}`),
          ]),
          sum('Parts', totals.parts),
          sum('Labour', totals.labour),
          sum(`Tax ${taxText(terms.taxThousandths)} of ${moneyText(totals.taxed)}`, totals.tax),
          sum('Total', totals.total, true),
        ] as TableCell[][],
      },
    },
    {
      text: `Valid for ${terms.validDays} days. Tax is worked out once on the taxed sum, half a cent rounded up.${lines.some((l) => !l.taxed) ? ' * not taxed.' : ''}`,
      fontSize: 9,
      margin: [0, 4, 0, 0],
    },
    ...(lapsed
      ? [{ text: 'Changed since it was accepted: that acceptance stands no more.', italics: true } as Content]
      : []),
    ...(accepted
      ? [
          {
            stack: [
              { text: `Accepted${acceptedAt ? `, ${acceptedAt}` : ''}, by`, margin: [0, 10, 0, 0] },
              say(accepted.name, { bold: true }),
              ...(accepted.signature ? [{ svg: signatureSvg(accepted.signature), width: 180 }] : []),
            ],
            unbreakable: true,
          } as Content,
        ]
      : []),
  ]
}

const signatureSvg = (path: string): string =>
  `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 1000 320" width="1000" height="320"><path d="${path}" fill="none" stroke="#17130e" stroke-width="7" stroke-linecap="round" stroke-linejoin="round"/></svg>`
