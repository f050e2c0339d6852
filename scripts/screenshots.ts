// `npm run screenshots`: one current picture of each main view, from the demo data, into docs/screenshots.
import { mkdirSync } from 'node:fs'
import { resolve } from 'node:path'
import { chromium, type Page } from '@playwright/test'
import { OakServer } from '../e2e/server'

const folder = resolve(__dirname, '..', 'docs', 'screenshots')
const PHONE = { width: 390, height: 844 }
const WIDE = { width: 1280, height: 800 }
const job = (n: number) => `/job/01950000-0000-7000-8000-00000000000${n}`

interface View {
  readonly name: string
  readonly path: string
  readonly wait: string
  readonly size?: typeof PHONE
  readonly dark?: boolean
  readonly prepare?: (page: Page) => Promise<void>
}

const VIEWS: readonly View[] = [
  { name: 'home', path: '/', wait: 'job-01950000-0000-7000-8000-000000000001' },
  { name: 'wires', path: `${job(2)}/wires`, wait: 'wires-conflict' },
  { name: 'motor', path: `${job(1)}/motor`, wait: 'sheet-rowan-25r' },
  { name: 'can', path: `${job(1)}/capacitor`, wait: 'can-view' },
  { name: 'board', path: `${job(1)}/board`, wait: 'board' },
  {
    name: 'board-stop',
    path: `${job(1)}/board`,
    wait: 'board',
    prepare: async (page) => {
      await page.getByTestId('lead-brown/white').click()
      await page.getByTestId('post-T1').click()
      await page.getByTestId('mend').waitFor()
    },
  },
  { name: 'board-night', path: `${job(1)}/board`, wait: 'board', dark: true },
  { name: 'card', path: `${job(1)}/card`, wait: 'hookup-card' },
  { name: 'board-wide', path: `${job(1)}/board`, wait: 'board', size: WIDE },
]

async function main(): Promise<void> {
  mkdirSync(folder, { recursive: true })
  const browser = await chromium.launch({ executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'] })
  for (const view of VIEWS) {
    const server = await OakServer.start({ demo: true })
    const context = await browser.newContext({ viewport: view.size ?? PHONE, colorScheme: view.dark ? 'dark' : 'light', timezoneId: 'UTC' })
    const page = await context.newPage()
    await page.goto(`${server.url}/`)
    await page.getByTestId('job-01950000-0000-7000-8000-000000000001').waitFor()
    await page.goto(`${server.url}${view.path}`)
    await page.getByTestId(view.wait).first().waitFor()
    await view.prepare?.(page)
    await page.waitForTimeout(400)
    await page.screenshot({ path: resolve(folder, `${view.name}.png`) })
    await context.close()
    await server.close()
  }
  await browser.close()
}

main().catch((error: unknown) => {
  console.error(error)
  process.exitCode = 1
})
