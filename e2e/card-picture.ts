// A hookup card as a printer draws it, for tests that read it back.
import { readFileSync, writeFileSync } from 'node:fs'
import type { Page } from '@playwright/test'

/** The card that is on the page, as a JPEG file at 300 dots an inch; returns its path. */
export async function printedCard(page: Page, path: string): Promise<string> {
  await page.getByTestId('hookup-card').waitFor()
  const [saved] = await Promise.all([page.waitForEvent('download'), page.getByTestId('save-svg').click()])
  const svg = readFileSync(await saved.path(), 'utf8')
  const png = await page.evaluate(async (text) => {
    const image = new Image()
    image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(text)}`
    await image.decode()
    const canvas = document.createElement('canvas')
    canvas.width = Math.round((148 / 25.4) * 300)
    canvas.height = Math.round((210 / 25.4) * 300)
    canvas.getContext('2d')?.drawImage(image, 0, 0, canvas.width, canvas.height)
    const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/jpeg', 0.9))
    if (!blob) throw new Error('no picture')
    return [...new Uint8Array(await blob.arrayBuffer())]
  }, svg)
  writeFileSync(path, Buffer.from(png))
  return path
}
