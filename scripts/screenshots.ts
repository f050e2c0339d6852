// `npm run screenshots`, or with names only those: one current picture of each main view, from the demo data, into docs/screenshots.
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

/** A picture in the place of a camera's: a splice box, drawn. */
async function drawnPhoto(page: Page): Promise<{ name: string; mimeType: string; buffer: Buffer }> {
  const bytes = await page.evaluate(async () => {
    const canvas = document.createElement('canvas')
    canvas.width = 1600
    canvas.height = 1000
    const pen = canvas.getContext('2d')
    if (pen) {
      pen.fillStyle = '#8d8f8c'
      pen.fillRect(0, 0, 1600, 1000)
      pen.fillStyle = '#5c5f60'
      pen.fillRect(120, 90, 1360, 820)
      pen.fillStyle = '#c9c6bd'
      pen.fillRect(220, 160, 420, 260)
      pen.beginPath()
      pen.arc(1130, 640, 190, 0, 7)
      pen.fill()
      pen.lineWidth = 26
      for (const [colour, y] of [['#6b3f1d', 230], ['#1d4fa3', 300], ['#b3231f', 370]] as const) {
        pen.strokeStyle = colour
        pen.beginPath()
        pen.moveTo(560, y)
        pen.bezierCurveTo(900, y - 60, 760, y + 300, 1500, y + 160)
        pen.stroke()
      }
    }
    const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/jpeg'))
    return [...new Uint8Array(await (blob as Blob).arrayBuffer())]
  })
  return { name: 'splice-box.jpg', mimeType: 'image/jpeg', buffer: Buffer.from(bytes) }
}

/** Takes the reading that is asked for from the clamp meter. */
async function hold(page: Page): Promise<void> {
  await page.getByRole('radio', { name: 'clamp meter' }).click()
  await page.waitForTimeout(900)
}

/** All columns are there, and one pair is pressed. */
async function covered(page: Page): Promise<void> {
  await page.getByText(/pairs can be met/).waitFor()
  await page.getByTestId('cell-45-7.5').click()
}

const VIEWS: readonly View[] = [
  { name: 'home', path: '/', wait: 'job-01950000-0000-7000-8000-000000000001' },
  { name: 'safe', path: `${job(6)}/safe`, wait: 'safe-next' },
  { name: 'fault', path: `${job(4)}/fault`, wait: 'causes' },
  {
    name: 'photo',
    path: `${job(5)}/wires`,
    wait: 'add-photo',
    prepare: async (page) => {
      const [chooser] = await Promise.all([page.waitForEvent('filechooser'), page.getByTestId('add-photo').click()])
      await chooser.setFiles(await drawnPhoto(page))
      await page.getByTestId(/^photo-[0-9a-f]{8}-/).first().click()
      for (const [x, y, what] of [[88, 62, 'high on the thermostat'], [250, 150, 'cap 1 on the blower capacitor']] as const) {
        await page.getByTestId('photo-picture').click({ position: { x, y } })
        await page.getByTestId('pin-targets').getByRole('button', { name: what, exact: true }).click()
      }
    },
  },
  { name: 'wires', path: `${job(2)}/wires`, wait: 'wires-conflict' },
  { name: 'match', path: `${job(4)}/motor`, wait: 'match-alder-33b' },
  { name: 'match-wide', path: `${job(4)}/motor`, wait: 'match-alder-33b', size: WIDE },
  {
    name: 'rotation',
    path: `${job(3)}/motor`,
    wait: 'find-rotation',
    prepare: async (page) => {
      await page.getByTestId('find-rotation').click()
      await page.getByTestId('rotation-kind').getByRole('radio', { name: 'outlet' }).click()
      await page.getByTestId('housing').getByRole('radio').first().click()
      await page.getByTestId('rotation-answer').waitFor()
    },
  },
  { name: 'can', path: `${job(1)}/capacitor`, wait: 'can-view' },
  {
    name: 'plans',
    path: `${job(1)}/capacitor`,
    wait: 'can-view',
    prepare: async (page) => {
      await page.getByTestId('best-from-van').click()
      await page.getByTestId('plan-1').waitFor()
    },
  },
  { name: 'coverage', path: '/van/coverage', wait: 'coverage-met', prepare: covered },
  { name: 'coverage-wide', path: '/van/coverage', wait: 'coverage-met', size: WIDE, prepare: covered },
  { name: 'board', path: `${job(1)}/board`, wait: 'board' },
  {
    name: 'board-blower',
    path: `${job(4)}/motor`,
    wait: 'sheet-alder-33b',
    prepare: async (page) => {
      await page.getByTestId('sheet-alder-33b').click()
      await page.getByTestId('direction').getByRole('radio').first().click()
      await page.getByTestId('stage-wires').click()
      await page.getByTestId('wires-next').click()
      await page.getByTestId('motor-next').click()
      await page.getByTestId('pick-can').click()
      await page.getByTestId('can-capacitor-single-7-5').click()
      await page.getByTestId('capacitor-next').click()
      await page.getByTestId('mode-figures').waitFor()
    },
  },
  {
    name: 'leads',
    path: `${job(6)}/leads`,
    wait: 'add-first',
    prepare: async (page) => {
      for (const colour of ['black', 'white', 'brown']) {
        await page.getByTestId(colour === 'black' ? 'add-first' : 'add-ohm-lead').click()
        await page.getByRole('radio', { name: `Colour: ${colour}`, exact: true }).click()
        await page.getByRole('radio', { name: 'Stripe: no stripe' }).click()
      }
      for (let i = 0; i < 3; i++) {
        await page.getByTestId('read-next').click()
        await hold(page)
        await page.getByTestId('meter-hold').click()
      }
      await page.getByTestId('role-black').waitFor()
    },
  },
  { name: 'van', path: '/van', wait: 'line-motor-rowan-25r' },
  {
    name: 'tag',
    path: '/tag',
    wait: 'tag-name',
    prepare: async (page) => {
      await page.getByTestId('tag-name').fill('Birch 25')
      for (const colour of ['black', 'white', 'brown', 'purple']) {
        await page.getByTestId('add-lead').click()
        await page.getByRole('radio', { name: `Colour: ${colour}`, exact: true }).click()
        await page.getByTestId('set-lead').click()
      }
    },
  },
  { name: 'card', path: `${job(1)}/card`, wait: 'hookup-card' },
  { name: 'board-wide', path: `${job(1)}/board`, wait: 'board', size: WIDE },
]

async function main(): Promise<void> {
  const only = process.argv.slice(2)
  mkdirSync(folder, { recursive: true })
  const browser = await chromium.launch({ executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'] })
  for (const view of VIEWS.filter((v) => only.length === 0 || only.includes(v.name))) {
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
