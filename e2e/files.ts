// Files that the app hands out, and what is in them. PDFs are read back by pdf.js.
import { execFileSync } from 'node:child_process'
import { mkdtempSync, readFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join, resolve } from 'node:path'
import type { Download, Page } from '@playwright/test'

export interface PdfText {
  readonly title: string | null
  readonly isTagged: boolean
  /** Of each page what its tags say: Role[words of a picture]"its text"(what is in it). */
  readonly trees: readonly string[]
  readonly pages: readonly {
    readonly width: number
    readonly height: number
    readonly text: string
    readonly pictures: number
  }[]
}
const pdfAt = (path: string): PdfText =>
  JSON.parse(
    execFileSync(process.execPath, [resolve(__dirname, 'pdf-text.mjs'), path], { encoding: 'utf8' }),
  ) as PdfText
export const readPdf = async (download: Download): Promise<PdfText> => pdfAt(await download.path())

/** What a printer gets of the screen, by pages. */
export async function printed(page: Page, format: 'A4' | 'Letter' | 'A5'): Promise<PdfText['pages']> {
  const path = join(mkdtempSync(join(tmpdir(), 'oak-print-')), 'page.pdf')
  await page.pdf({ path, format })
  return pdfAt(path).pages
}

export const download = async (page: Page, id: string) =>
  (await Promise.all([page.waitForEvent('download'), page.getByTestId(id).click()]))[0]

export const textOf = async (file: Download): Promise<string> => readFileSync(await file.path(), 'utf8')
