// Files that the app hands out, and what is in them. PDFs are read back by pdf.js.
import { execFileSync } from 'node:child_process'
import { readFileSync } from 'node:fs'
import { resolve } from 'node:path'
import type { Download, Page } from '@playwright/test'

export interface PdfText {
  readonly title: string | null
  readonly pages: readonly {
    readonly width: number
    readonly height: number
    readonly text: string
    readonly pictures: number
  }[]
}
export const readPdf = async (download: Download): Promise<PdfText> =>
  JSON.parse(
    execFileSync(process.execPath, [resolve(__dirname, 'pdf-text.mjs'), await download.path()], {
      encoding: 'utf8',
    }),
  ) as PdfText

export const download = async (page: Page, id: string) =>
  (await Promise.all([page.waitForEvent('download'), page.getByTestId(id).click()]))[0]

export const textOf = async (file: Download): Promise<string> => readFileSync(await file.path(), 'utf8')
