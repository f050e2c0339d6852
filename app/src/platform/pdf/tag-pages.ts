// Structure tags on the pages of a PDF that the kit has drawn. The kit lays out and draws, and knows no tags; the writer under it does. So the
// drawn pages are gone through once more: each piece is put between the marks of its place in the tree, and the rest is told to be
// decoration. Marked content and structure as ISO 32000-1, 14.6 to 14.8.
import type { Mark, Role } from './mark-parts'

/** What the kit drew, in the order in which it drew it. */
interface Item {
  readonly type: string
  readonly item: {
    readonly mark?: Mark
    readonly inlines?: readonly { readonly text: string; readonly mark?: Mark }[]
  }
}

interface Element {
  readonly dictionary: { readonly data: Record<string, unknown> }
  add: (child: unknown) => Element
}

/** What is used of the writer. Its pages must be held back until it is ended. */
export interface DrawnPdf {
  readonly _pdfMakePages: readonly { readonly items: readonly Item[] }[]
  readonly page: {
    readonly content: { buffer: Uint8Array[]; uncompressedLength: number; data: { Length: number } }
    write: (chunk: Uint8Array | string) => void
  }
  switchToPage: (page: number) => void
  markContent: (tag: string) => void
  markStructureContent: (tag: string) => unknown
  endMarkedContent: () => void
  struct: (role: Role, options: { readonly alt?: string }) => Element
  addStructure: (element: Element) => void
  getMarkInfoDictionary: () => { readonly data: Record<string, unknown> }
}

/** Where each place's pieces are in the file. */
type Pieces = Map<Mark, unknown[]>

/** Tags a drawn document. One that was not drawn as its parts say goes out as it is, and says that it has no tags. */
export function tagPages(pdf: DrawnPdf, root: Mark): boolean {
  const pages = pdf._pdfMakePages.map((page, i) => {
    pdf.switchToPage(i)
    return { marks: page.items.flatMap(marksOf), runs: runsOf(pdf.page.content.buffer) }
  })
  if (pages.some(({ marks, runs }) => marks.length !== runs.filter((r) => r.isGroup).length)) {
    pdf.getMarkInfoDictionary().data.Marked = false
    return false
  }
  const pieces: Pieces = new Map()
  pages.forEach(({ marks, runs }, i) => {
    pdf.switchToPage(i)
    writeAgain(pdf, runs, marks, pieces)
  })
  pdf.addStructure(elementOf(pdf, root, pieces))
  return true
}

/** One for each group that the kit draws for an item: a word of a line, a picture. */
function marksOf({ type, item }: Item): readonly (Mark | null)[] {
  if (type === 'line')
    return (item.inlines ?? []).filter(({ text }) => text !== '').map(({ mark }) => mark ?? null)
  return type === 'image' || type === 'svg' ? [item.mark ?? null] : []
}

/** Chunks that belong together: a group saves the state of the page before it draws, and restores it. */
interface Run {
  readonly isGroup: boolean
  readonly chunks: Uint8Array[]
}

function runsOf(chunks: readonly Uint8Array[]): Run[] {
  const runs: Run[] = []
  let depth = 0
  for (const chunk of chunks) {
    const word = wordOf(chunk)
    if (depth === 0 && (word === 'q' || runs.at(-1)?.isGroup !== false))
      runs.push({ isGroup: word === 'q', chunks: [] })
    runs.at(-1)?.chunks.push(chunk)
    if (word === 'q') depth++
    if (word === 'Q') depth--
  }
  return runs
}

/** Of a chunk that is one operator. */
const wordOf = (chunk: Uint8Array): string => (chunk.length <= 2 ? String.fromCharCode(...chunk).trim() : '')

/** Does it draw? What only sets the pen or the paper belongs to nothing. */
const draws = ({ chunks }: Run): boolean =>
  chunks.some((chunk) => /(^|\s)([SfFbBs]\*?)\s*$/.test(String.fromCharCode(...chunk.slice(-4))))

function writeAgain(
  pdf: DrawnPdf,
  runs: readonly Run[],
  marks: readonly (Mark | null)[],
  pieces: Pieces,
): void {
  const { content } = pdf.page
  Object.assign(content, { buffer: [], uncompressedLength: 0 })
  content.data.Length = 0
  // The head of a table that goes on over the page is drawn again, and said once.
  const said = new Set([...pieces.keys()].filter(({ role }) => role === 'TH'))
  let at = 0
  let open: Mark | null = null
  const close = () => {
    if (open) pdf.endMarkedContent()
    open = null
  }
  const write = ({ chunks }: Run) => chunks.forEach((chunk) => pdf.page.write(chunk))
  for (const run of runs) {
    const own = run.isGroup ? (marks[at++] ?? null) : null
    const mark = own && !said.has(own) ? own : null
    const isSilent = !run.isGroup && !draws(run)
    if (!isSilent && mark !== open) close()
    if (mark && !open) {
      const piece = pdf.markStructureContent(mark.role)
      pieces.set(mark, [...(pieces.get(mark) ?? []), piece])
      open = mark
    }
    if (mark || isSilent) {
      write(run)
      continue
    }
    pdf.markContent('Artifact')
    write(run)
    pdf.endMarkedContent()
  }
  close()
}

/** A part of which nothing was drawn is none, but for a cell: its row counts on it. */
const isThere = (mark: Mark, pieces: Pieces): boolean =>
  mark.role === 'TD' || pieces.has(mark) || mark.children.some((one) => isThere(one, pieces))

function elementOf(pdf: DrawnPdf, mark: Mark, pieces: Pieces): Element {
  const element = pdf.struct(mark.role, mark.alt ? { alt: mark.alt } : {})
  if (mark.role === 'TH') element.dictionary.data.A = { O: 'Table', Scope: 'Column' }
  else if (mark.columns) element.dictionary.data.A = { O: 'Table', ColSpan: mark.columns }
  for (const piece of pieces.get(mark) ?? []) element.add(piece)
  for (const one of mark.children) if (isThere(one, pieces)) element.add(elementOf(pdf, one, pieces))
  return element
}
