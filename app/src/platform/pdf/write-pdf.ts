// A PDF made on the device, without a network: pdfmake with the fonts it ships, fetched with the rest of the app and loaded only here.
import type { TDocumentDefinitions } from 'pdfmake/interfaces'
import { saveFile } from '../files/pick-file'

interface PdfMake {
  createPdf(
    document: TDocumentDefinitions,
    layouts: undefined,
    fonts: undefined,
    files: Record<string, string>,
  ): { getBlob(done: (blob: Blob) => void): void }
}

/** For a reader’s voice: the language of its words, and its title instead of the file’s name. The kit writes no structure tags. */
const READ_ALOUD = { language: 'en', displayTitle: true } as const

async function writePdf(document: TDocumentDefinitions): Promise<Blob> {
  const [make, fonts] = await Promise.all([
    import('pdfmake/build/pdfmake'),
    import('pdfmake/build/vfs_fonts'),
  ])
  const pdfMake = ((make as { default?: unknown }).default ?? make) as PdfMake
  return new Promise((done, failed) => {
    try {
      pdfMake.createPdf({ ...READ_ALOUD, ...document }, undefined, undefined, filesOf(fonts)).getBlob(done)
    } catch (error) {
      failed(error instanceof Error ? error : new Error(String(error)))
    }
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
