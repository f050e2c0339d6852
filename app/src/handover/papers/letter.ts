// The owner's report as a letter, a plain definition for pdfmake: from whom, to whom, what was found and done, how it runs, what comes next. No rendering here.
import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces'
import type { ReportOutput } from '@oak/core/operations/report'
import { heading, pictured } from '../../platform/pdf/mark-parts'
import { estimateContent } from './letter-estimate'
import { gaugeTable } from './letter-gauges'
import {
  CODE_WORDS,
  codeSvg,
  isWritable,
  mm,
  type CodeSquares,
  type Letterhead,
  type Say,
  type TextPictures,
} from './pdf-documents'

export interface ReportFacts {
  readonly report: ReportOutput
  readonly head: Letterhead
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
export const textsOf = ({
  report,
  technician,
  head,
}: Pick<ReportFacts, 'report' | 'technician' | 'head'>): string[] => [
  head.name,
  ...linesOf(head.address),
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

const linesOf = (text: string): string[] =>
  text
    .split('\n')
    .map((line) => line.trim())
    .filter(Boolean)

type Section = ReportOutput['sections'][number]

export function reportDocument(facts: ReportFacts): TDocumentDefinitions {
  const { report, date, technician, pictures, head } = facts
  const say: Say = (text, look = {}) => {
    const picture = pictures.get(text)
    return picture ? pictured(text, { image: picture.url, width: picture.width, ...look }) : { text, ...look }
  }
  const about = [report.owner, report.site, report.unit].filter(Boolean)
  const signed = [head.name, date].filter((text) => text && isWritable(text)).join('   ')
  const has = (id: Section['id']) => report.sections.some((s) => s.id === id)
  const shown = { before: has('found'), after: has('done') }
  const beside = (id: Section['id']) =>
    report.photos.filter((p) => p.work === (id === 'found' ? 'before' : id === 'done' ? 'after' : undefined))
  const others = report.photos.filter((p) => !(p.work && shown[p.work]))
  const sections = (wanted: (id: Section['id']) => boolean): Content[] =>
    report.sections
      .filter((s) => wanted(s.id))
      .flatMap((s): Content[] => [
        ...withPhotos(sectionContent(s, say), photoContents(beside(s.id), facts, say, BESIDE)),
        ...(s.id === 'readings' ? gaugeTable(report.gauges) : []),
      ])
  return {
    info: { title: report.title || 'Report', author: technician, subject: about.join(', ') },
    pageSize: 'LETTER',
    pageMargins: [48, 48, 48, 54],
    defaultStyle: { fontSize: 11, lineHeight: 1.25 },
    footer: (page, pages) => ({
      text: `${signed}   page ${page} of ${pages}`,
      alignment: 'center',
      fontSize: 9,
      margin: [0, 12, 0, 0],
    }),
    content: [
      ...letterhead(head, say),
      {
        columns: [
          { width: '*', stack: about.map((text) => say(text)) },
          {
            width: 'auto',
            stack: [{ text: date }, ...(technician ? [say(technician)] : [])],
          },
        ],
        columnGap: 20,
        margin: [0, 0, 0, 12],
      },
      heading('H1', say(report.title || 'Report', { fontSize: 20, bold: true, lineHeight: 1.1 })),
      ...(report.opening ? [{ text: report.opening, margin: [0, 6, 0, 0] } as Content] : []),
      ...sections((id) => id !== 'gaps'),
      ...(report.notes ? [title('Notes'), say(report.notes)] : []),
      ...(report.estimate ? estimateContent(report.estimate, facts.acceptedAt, say) : []),
      ...(others.length > 0 ? [title('Photos'), ...rowsOf(photoContents(others, facts, say, HALF))] : []),
      // What the record lacks is said last: it is no news of the unit.
      ...sections((id) => id === 'gaps'),
      ...(facts.code ? [codeContent(facts.code)] : []),
    ],
  }
}

/** From whom; nothing where the shop has set nothing. */
function letterhead({ name, address, mark }: Letterhead, say: Say): Content[] {
  if (!name && !address && !mark) return []
  return [
    {
      columns: [
        ...(mark
          ? [
              pictured(name ? `Mark of ${name}` : 'The shop’s mark', {
                image: mark,
                fit: MARK,
                width: 'auto',
              }),
            ]
          : []),
        {
          width: '*',
          stack: [
            ...(name ? [say(name, { fontSize: 15, bold: true, lineHeight: 1.1 })] : []),
            ...linesOf(address).map((line) => say(line, { fontSize: 9.5, lineHeight: 1.15 })),
          ],
        },
      ],
      columnGap: 14,
    },
    {
      canvas: [{ type: 'line', x1: 0, y1: 0, x2: ACROSS, y2: 0, lineWidth: 1.2 }],
      margin: [0, 8, 0, 12],
    },
  ]
}
/** Points. */
const MARK: [number, number] = [130, 52]
/** A letter's width inside its margins, points. */
const ACROSS = 612 - 2 * 48

const title = (text: string): Content =>
  heading('H2', { text, fontSize: 14, bold: true, margin: [0, 10, 0, 2] })

const sectionContent = ({ heading: words, lines }: Section, say: Say): Content => ({
  stack: [title(words), ...(lines.length > 0 ? [{ ul: lines.map((line) => say(line)) }] : [])],
})

/** 25 mm of code, and what it is for. */
const codeContent = (code: CodeSquares): Content => ({
  columns: [
    pictured(CODE_WORDS, { svg: codeSvg(code), width: mm(28) }),
    {
      text: 'This code holds the hookup: what is on which post. Whoever works on this unit next can read it with Oak Switch, without a connection; any other phone shows it as text.',
      fontSize: 9,
      margin: [6, 10, 0, 0],
    },
  ],
  margin: [0, 14, 0, 0],
  unbreakable: true,
})

const WORK_WORDS = { before: 'Before', after: 'After' } as const

/** Half a letter's width, and what stands beside a section's words, points. */
const HALF: [number, number] = [246, 200]
const BESIDE: [number, number] = [190, 150]

/** A photo stands beside the words of its section; several below them. */
const withPhotos = (section: Content, photos: readonly Content[]): Content[] => {
  const [only, ...more] = photos
  if (!only) return [section]
  return more.length > 0
    ? [section, ...rowsOf(photos)]
    : [
        {
          columns: [
            { width: '*', stack: [section] },
            { width: BESIDE[0], stack: [only] },
          ],
          columnGap: 14,
          unbreakable: true,
        },
      ]
}

/** Two beside each other. */
const rowsOf = (photos: readonly Content[]): Content[] =>
  Array.from({ length: Math.ceil(photos.length / 2) }, (_, i): Content => ({
    columns: [photos[2 * i] as Content, photos[2 * i + 1] ?? { text: '' }],
    columnGap: 14,
  }))

/** Each with its words below it. */
const photoContents = (
  list: ReportOutput['photos'],
  { photos }: ReportFacts,
  say: Say,
  fit: [number, number],
): Content[] =>
  list.map(({ id, caption, work }): Content => {
    const url = photos.get(id)
    return {
      stack: [
        url
          ? pictured(caption || (work ? WORK_WORDS[work] : 'Photo'), { image: url, fit })
          : { text: 'This picture is not on this device.', italics: true },
        ...(work ? [{ text: WORK_WORDS[work], fontSize: 10, bold: true } as Content] : []),
        ...(caption || !work ? [say(caption || 'Photo', { fontSize: 10, margin: [0, 2, 0, 8] })] : []),
      ],
      unbreakable: true,
      margin: [0, 6, 0, 0],
    }
  })
