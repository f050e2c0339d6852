/** @jest-environment node */
// Papers as the kit draws them, tagged, and read back by another program (pdf.js, Mozilla): what it finds in the file's structure tree.
import { execFileSync } from 'node:child_process'
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces'
import { heading, markParts, pictured } from './mark-parts'
import { tagPages, type DrawnPdf } from './tag-pages'

const root = join(__dirname, '../../../..')
const folder = mkdtempSync(join(tmpdir(), 'oak-tags-'))
afterAll(() => rmSync(folder, { recursive: true }))

interface Stream extends DrawnPdf {
  on: (event: string, heard: (piece: Buffer) => void) => void
  end: () => void
}
interface Kit {
  createPdf: (...of: unknown[]) => { getStream: (options: object) => Stream }
}

interface Found {
  /** The file itself, as letters. */
  readonly raw: string
  readonly isTagged: boolean
  readonly trees: readonly string[]
  readonly pages: readonly { readonly text: string }[]
}

/** Draws, tags unless `spoil` says no, reads back. */
async function readBack(
  content: readonly Content[],
  more: Partial<TDocumentDefinitions> = {},
  spoil: (pdf: Stream) => void = () => undefined,
): Promise<Found> {
  const kit = jest.requireActual<Kit>('pdfmake/build/pdfmake')
  const fonts = jest.requireActual<Record<string, string>>('pdfmake/build/vfs_fonts')
  const { document, root: tree } = markParts({ content: [...content], ...more })
  const pdf = kit
    .createPdf({ tagged: true, language: 'en', version: '1.7', ...document }, undefined, undefined, fonts)
    .getStream({ bufferPages: true })
  spoil(pdf)
  tagPages(pdf, tree)
  const pieces: Buffer[] = []
  await new Promise<void>((done) => {
    pdf.on('data', (piece) => pieces.push(piece))
    pdf.on('end', () => done())
    pdf.end()
  })
  const file = join(folder, 'paper.pdf')
  writeFileSync(file, Buffer.concat(pieces))
  const printed = execFileSync(process.execPath, [join(root, 'e2e/pdf-text.mjs'), file], { encoding: 'utf8' })
  return { ...(JSON.parse(printed) as Omit<Found, 'raw'>), raw: Buffer.concat(pieces).toString('latin1') }
}

const SQUARE =
  '<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 9 9" width="9" height="9"><g><rect width="9" height="9" fill="#000"/></g><text x="1" y="5" font-size="3">in it</text></svg>'

it('a letter is a title, paragraphs, headings, a list, in the order in which they are read', async () => {
  const { isTagged, trees, pages } = await readBack([
    heading('H1', { text: 'Fan dead', fontSize: 20 }),
    { columns: [{ stack: ['Gull Clinic', 'Gull Street 4'] }, { text: '25 Nov 2026' }] },
    heading('H2', { text: 'What was done' }),
    { ul: [{ text: 'A new fan motor.' }, 'A new capacitor.'] },
    { canvas: [{ type: 'line', x1: 0, y1: 0, x2: 200, y2: 0 }] },
    { text: ['Two ', { text: 'looks', bold: true }, ' in one paragraph.'] },
  ])
  expect(isTagged).toBe(true)
  expect(trees).toEqual([
    [
      'Document(H1"Fan dead" P"Gull Clinic" P"Gull Street 4" P"25 Nov 2026" H2"What was done"',
      'L(LI(LBody"A new fan motor.") LI(LBody"A new capacitor.")) P"Two looks in one paragraph.")',
    ].join(' '),
  ])
  expect(pages[0]?.text).toContain('Fan dead')
})

it('a table has its rows, its head and a sum that goes over three columns; a cell with a chart whose figure stands beside it is empty', async () => {
  const { trees, raw } = await readBack([
    {
      layout: 'lightHorizontalLines',
      table: {
        headerRows: 1,
        body: [
          [{ text: 'For' }, { text: 'Each' }],
          [{ text: 'Motor' }, { svg: SQUARE, width: 20 }],
          [{ text: 'Total', colSpan: 2 }, {}],
        ],
      },
    },
  ])
  // The reader shows no empty cell; the file has it.
  expect(trees).toEqual(['Document(Table(TR(TH"For" TH"Each") TR(TD"Motor") TR(TD"Total")))'])
  expect(raw.match(/\/S \/TD\b/g)).toHaveLength(3)
  expect(raw.match(/\/ColSpan 2\b/g)).toHaveLength(1)
  expect(raw.match(/\/Scope \/Column\b/g)).toHaveLength(2)
})

it('a picture is its words; one without is decoration, and so is what stands at the foot of each page', async () => {
  const { trees, pages } = await readBack(
    [
      pictured('A code that holds the hookup', { svg: SQUARE, width: 30 }),
      { svg: SQUARE, width: 30 },
      { text: 'below', pageBreak: 'after' },
      {
        stack: [pictured('Old wiring', { svg: SQUARE, width: 30 }), { text: 'the next page' }],
        unbreakable: true,
      },
    ],
    { footer: (page: number) => ({ text: `page ${page}` }) },
  )
  expect(trees).toEqual([
    'Document(Figure[A code that holds the hookup]"in it" P"below")',
    'Document(Figure[Old wiring]"in it" P"the next page")',
  ])
  expect(pages.map(({ text }) => /page \d/.exec(text)?.[0])).toEqual(['page 1', 'page 2'])
})

it('a paragraph that goes on over the page is one', async () => {
  const words = 'The fan motor was dead and is replaced. '.repeat(40).trim()
  const { trees } = await readBack([{ text: words, fontSize: 30 }])
  expect(trees.length).toBeGreaterThan(1)
  expect(trees.map((tree) => /"(.*)"/.exec(tree)?.[1]).join(' ')).toBe(words)
  for (const tree of trees) expect(tree).toMatch(/^Document\(P"[^"]*"\)$/)
})

it('a table that goes on over the page says its head once', async () => {
  const rows = Array.from({ length: 60 }, (_, i) => [{ text: `Line ${i + 1}` }])
  const { trees, pages } = await readBack([{ table: { headerRows: 1, body: [[{ text: 'For' }], ...rows] } }])
  expect(trees.length).toBeGreaterThan(1)
  expect(trees.join(' ').match(/TH/g)).toHaveLength(1)
  expect(trees.join(' ').match(/TD"Line \d+"/g)).toHaveLength(60)
  // The eye finds it on each.
  expect(pages.every(({ text }) => text.startsWith('For'))).toBe(true)
})

it('a paper that was drawn otherwise than its parts say goes out whole, and says that it has no tags', async () => {
  const { isTagged, pages } = await readBack(['Fan dead'], {}, (pdf) => {
    pdf.switchToPage(0)
    pdf.page.write('q')
    pdf.page.write('Q')
  })
  expect(isTagged).toBe(false)
  expect(pages[0]?.text).toContain('Fan dead')
})
