// Draws the app's icon as the PNGs that an installed app needs, from public/icon.svg; run it again when that changes.
import { readFileSync, writeFileSync } from 'node:fs'
import { join, resolve } from 'node:path'
import { chromium } from '@playwright/test'

const PUBLIC = resolve(__dirname, '..', 'app', 'public')
/** A maskable icon may lose everything outside the middle four fifths; there it stands on a full ground. */
const MASK_SHARE = 0.8
const GROUND = '#17130e'

const ICONS = [
  { name: 'icon-192.png', px: 192, mask: false },
  { name: 'icon-512.png', px: 512, mask: false },
  { name: 'icon-maskable-512.png', px: 512, mask: true },
  { name: 'apple-touch-icon.png', px: 180, mask: true },
] as const

async function main(): Promise<void> {
  const svg = readFileSync(join(PUBLIC, 'icon.svg'), 'utf8')
  const browser = await chromium.launch({
    executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium',
    args: ['--no-sandbox'],
  })
  for (const { name, px, mask } of ICONS) {
    const page = await browser.newPage({ viewport: { width: px, height: px } })
    const inner = Math.round(px * (mask ? MASK_SHARE : 1))
    await page.setContent(
      `<style>body{margin:0;width:${px}px;height:${px}px;display:grid;place-items:center;background:${mask ? GROUND : 'transparent'}}svg{width:${inner}px;height:${inner}px}</style>${svg}`,
    )
    writeFileSync(join(PUBLIC, name), await page.screenshot({ omitBackground: !mask }))
    await page.close()
  }
  await browser.close()
}

void main()
