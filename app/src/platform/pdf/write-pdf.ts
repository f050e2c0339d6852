// A PDF made on the device, without a network: pdfmake with the fonts it ships, fetched with the rest of the app and loaded only here.
import type { TDocumentDefinitions } from 'pdfmake/interfaces'
import { saveFile } from '../files/save-file'
import { markParts } from './mark-parts'
import { tagPages, type DrawnPdf } from './tag-pages'

interface Stream extends DrawnPdf {
  on: (event: 'data' | 'end' | 'error', heard: (piece: BlobPart | Error) => void) => void
  end: () => void
}

interface PdfMake {
  createPdf(
    document: TDocumentDefinitions,
    layouts: undefined,
    fonts: undefined,
    files: Record<string, string>,
  ): { getStream(options: { readonly bufferPages: true }): Stream }
}

/** For a reader’s voice: tags, the language of its words, and its title instead of the file’s name. Tags come with this version. */
const READ_ALOUD = { tagged: true, language: 'en', displayTitle: true, version: '1.7' } as const

async function writePdf(paper: TDocumentDefinitions): Promise<Blob> {
  const [make, fonts] = await Promise.all([
    import('pdfmake/build/pdfmake'),
    import('pdfmake/build/vfs_fonts'),
  ])
  const pdfMake = ((make as { default?: unknown }).default ?? make) as PdfMake
  const { document, root } = markParts(paper)
  const stream = pdfMake
    .createPdf({ ...READ_ALOUD, ...document }, undefined, undefined, filesOf(fonts))
    .getStream({ bufferPages: true })
  tagPages(stream, root)
  return new Promise((done, failed) => {
    const pieces: BlobPart[] = []
    stream.on('data', (piece) => pieces.push(piece as BlobPart))
    stream.on('end', () => done(new Blob(pieces, { type: 'application/pdf' })))
    stream.on('error', failed)
    stream.end()
  })
}

/** The fonts' module is exported in as many ways as there were versions of it. */
function filesOf(module: unknown): Record<string, string> {
  const root = module as { default?: unknown; pdfMake?: { vfs?: unknown }; vfs?: unknown }
  const inner = (root.default ?? root) as typeof root
  return (inner.pdfMake?.vfs ?? inner.vfs ?? inner) as Record<string, string>
}

export const savePdf = async (name: string, document: TDocumentDefinitions): Promise<void> =>
  saveFile(name, await writePdf(document))
