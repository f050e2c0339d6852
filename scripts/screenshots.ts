// `npm run screenshots`, or with names only those: one current picture of each main view, from the demo data, into docs/screenshots.
import { mkdirSync, readFileSync } from 'node:fs'
import { resolve } from 'node:path'
import { chromium, type Page } from '@playwright/test'
import buildServer from '../e2e/build-server'
import { OakServer } from '../e2e/server'
import { pickMotor, signWires } from '../e2e/app'

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
  readonly prepare?: (page: Page, server: OakServer) => Promise<void>
}

/** Takes the reading that is asked for from the clamp meter. */
async function hold(page: Page): Promise<void> {
  await page.getByRole('radio', { name: 'clamp meter' }).click()
  await page.waitForTimeout(900)
}

/** A unit that fits none, half way: its parts so far, and what is still missing. */
async function puttingTogether(page: Page): Promise<void> {
  await page.getByTestId('start').click()
  await page.getByTestId('make-unit').click()
  await page.getByTestId('unit-name-field').fill('Cold store condenser')
  for (const block of ['contactor', 'dual-can', 'compressor', 'splice'])
    await page.getByTestId(`add-${block}`).click()
  await page.getByTestId('unit-picture').evaluate((element) => element.scrollIntoView({ block: 'start' }))
}

/** The compressor's wire on the small end of its sections. */
async function rewired(page: Page): Promise<void> {
  await page.getByTestId('press').getByRole('radio', { name: 'moves jumpers' }).click()
  await page.getByTestId('wire-on-HERM').getByRole('button').click()
  await page.getByTestId('wire-on-HERM').getByRole('radio', { name: '10', exact: true }).click()
  await page.getByText('so a jumper carries').waitFor()
  await page.getByTestId('can-view').evaluate((element) => element.scrollIntoView({ block: 'center' }))
}

/** A plate of 460 V on a unit of a kind that usually has 230. */
async function inConflict(page: Page): Promise<void> {
  await page.getByTestId('plate-unit-read').click()
  await page.getByTestId('label-line').fill('460V 60HZ 1PH')
  await page.getByTestId('keep-label').click()
  await page.getByTestId('stage-board').click()
  await page.getByTestId('board').waitFor()
}

/** A fan coil from its wires to the card. */
async function blowerCard(page: Page): Promise<void> {
  await page.getByTestId('start').click()
  await page.getByTestId('family-fan-coil').click()
  await page.getByTestId('choose-unit').click()
  await signWires(page)
  await page.getByTestId('direction').getByRole('radio', { name: /^CCW,/ }).click()
  await pickMotor(page, 'alder-33b')
  await page.getByTestId('motor-next').click()
  await page.getByTestId('capacitor-next').click()
  await page.getByTestId('prove').click()
  await page.getByTestId('hookup-card').waitFor()
}

/** Old and new motor measured with the tape. */
async function measured(page: Page): Promise<void> {
  for (const [figure, whole, parts] of [
    ['oldBody', '6', 16],
    ['newBody', '5', 16],
    ['oldHub', '2', 4],
    ['hubLength', '1', 8],
    ['shaft', '5', 0],
    ['flat', '2', 16],
  ] as const) {
    await page.getByTestId(`length-of-${figure}`).click()
    await page.getByTestId(`length-${whole}`).click()
    await page.getByTestId(`eighth-${parts}`).click()
    await page.getByTestId('length-set').click()
  }
}

/** A round on the unit whose can serves two loads, both probes on its lines. */
async function onBench(page: Page): Promise<void> {
  await page.getByTestId('first-shared-can').click()
  for (const post of ['L1', 'L2']) await page.getByTestId('bench').getByTestId(`post-${post}`).click()
  await page.getByTestId('meter-shows').getByText('V').waitFor()
}

/** A round with two mistakes in it: a good part changed, and nothing mended. */
async function marked(page: Page): Promise<void> {
  await onBench(page)
  await page.getByTestId('thermostat').getByRole('radio', { name: 'off' }).click()
  for (const id of ['open-lock', 'prove-dead', 'discharge', 'to-change', 'change-contactor', 'to-name'])
    await page.getByTestId(id).click()
  await page.getByTestId('name-capacitor-open').click()
  await page.getByTestId('hand-over').click()
  await page.getByTestId('hand-over-now').click()
  await page.getByTestId('total').waitFor()
}

/** Back from that round: what it showed stands with its skills. */
async function backOnCourse(page: Page): Promise<void> {
  await marked(page)
  await page.getByTestId('to-course').click()
  await page.getByTestId('next-round').waitFor()
}

/** A picture as a file that a chooser is given. */
const asFile = (name: string, bytes: readonly number[]) => ({
  name,
  mimeType: 'image/jpeg',
  buffer: Buffer.from(bytes),
})
type Picture = ReturnType<typeof asFile>

async function choose(page: Page, button: string, picture: Picture): Promise<void> {
  const [chooser] = await Promise.all([page.waitForEvent('filechooser'), page.getByTestId(button).click()])
  await chooser.setFiles(picture)
}

/** A motor’s plate from a photo, two of its figures taken. */
async function plateRead(page: Page): Promise<void> {
  const bytes = await page.evaluate(async () => {
    const canvas = Object.assign(document.createElement('canvas'), { width: 1600, height: 1000 })
    const pen = canvas.getContext('2d')
    if (!pen) throw new Error('no canvas')
    const metal = pen.createLinearGradient(0, 0, 1600, 1000)
    metal.addColorStop(0, '#d9d7d2')
    metal.addColorStop(1, '#a9a7a2')
    pen.fillStyle = metal
    pen.fillRect(0, 0, 1600, 1000)
    pen.fillStyle = '#26221c'
    pen.font = '600 78px "Atkinson Hyperlegible Next"'
    const rows = [
      'ALDER FAN MOTORS',
      'HP 1/4     RPM 1075',
      'VOLTS 208-230   AMPS 1.4',
      'HZ 60   PH 1   ROT CCW LE',
      'CAP 5 MFD 370 VAC',
    ]
    pen.rotate(-0.015)
    rows.forEach((row, i) => pen.fillText(row, 150, 230 + i * 150))
    const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/jpeg', 0.9))
    return blob ? [...new Uint8Array(await blob.arrayBuffer())] : []
  })
  await page.getByTestId('plate-motor-photo').click()
  await choose(page, 'pick-plate', asFile('plate.jpg', bytes))
  await page.getByTestId('read-plate').click()
  await page.getByTestId('proposals').waitFor({ timeout: 60_000 })
  for (const field of ['horsepower', 'volts']) await page.getByTestId(`take-${field}`).click()
}

/** The tag on the leads from a photo, as it was read. */
async function tagRead(page: Page): Promise<void> {
  const bytes = await page.evaluate(async () => {
    const canvas = Object.assign(document.createElement('canvas'), { width: 1600, height: 1000 })
    const pen = canvas.getContext('2d')
    if (!pen) throw new Error('no canvas')
    pen.fillStyle = '#efe7cf'
    pen.fillRect(0, 0, 1600, 1000)
    pen.fillStyle = '#26221c'
    pen.font = '600 72px "Atkinson Hyperlegible Next"'
    const rows = [
      'BLACK - COMMON',
      'WHITE - RUN',
      'BROWN - START',
      'BROWN/WHITE - RUN RETURN',
      'GREEN - GROUND',
      'CW: PURPLE TO YELLOW',
      'ORANGE TO GRAY',
    ]
    pen.rotate(0.012)
    rows.forEach((row, i) => pen.fillText(row, 140, 150 + i * 118))
    const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/jpeg', 0.9))
    return blob ? [...new Uint8Array(await blob.arrayBuffer())] : []
  })
  await page.getByTestId('tag-from-photo').click()
  await choose(page, 'pick-plate', asFile('tag.jpg', bytes))
  await page.getByTestId('read-plate').click()
  await page.getByTestId('put-read-leads').click({ timeout: 60_000 })
  await page.getByTestId('plate-done').click()
  await page.getByTestId('drawn-tag').scrollIntoViewIfNeeded()
}

/** The card of another visit, read by its code. */
async function cardRead(page: Page, server: OakServer): Promise<void> {
  await page.getByTestId('hookup-card').waitFor()
  const [saved] = await Promise.all([page.waitForEvent('download'), page.getByTestId('save-svg').click()])
  const svg = readFileSync(await saved.path(), 'utf8')
  const bytes = await page.evaluate(async (text) => {
    const image = new Image()
    image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(text)}`
    await image.decode()
    const canvas = Object.assign(document.createElement('canvas'), { width: 1748, height: 2480 })
    canvas.getContext('2d')?.drawImage(image, 0, 0, 1748, 2480)
    const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/jpeg', 0.9))
    return blob ? [...new Uint8Array(await blob.arrayBuffer())] : []
  }, svg)
  await page.goto(`${server.url}/read-card`)
  await choose(page, 'pick-card', asFile('card.jpg', bytes))
  await page.getByTestId('card-record').waitFor({ timeout: 60_000 })
}

const VIEWS: readonly View[] = [
  { name: 'plate-photo', path: `${job(4)}/plates`, wait: 'plate-motor', prepare: plateRead },
  { name: 'tag-photo', path: '/tag', wait: 'tag-from-photo', prepare: tagRead },
  { name: 'read-card', path: `${job(1)}/card`, wait: 'hookup-card', prepare: cardRead },
  { name: 'safe', path: `${job(6)}/safe`, wait: 'safe-next' },
  { name: 'fault', path: `${job(4)}/fault`, wait: 'causes' },
  { name: 'match', path: `${job(4)}/motor`, wait: 'match-alder-33b' },
  { name: 'can', path: `${job(1)}/capacitor`, wait: 'can-view', prepare: rewired },
  { name: 'unit', path: '/', wait: 'start', prepare: puttingTogether },
  { name: 'board', path: `${job(1)}/plates`, wait: 'plate-unit-read', prepare: inConflict },
  { name: 'bench', path: '/practice', wait: 'first-shared-can', prepare: onBench },
  { name: 'practice', path: '/practice', wait: 'first-shared-can', prepare: backOnCourse },
  { name: 'van', path: '/van', wait: 'line-motor-rowan-25r' },
  { name: 'mount', path: `${job(1)}/mount`, wait: 'mount-strip', prepare: measured },
  {
    name: 'startup',
    path: `${job(1)}/startup`,
    wait: 'startup-strip',
    prepare: async (page) => {
      await page.getByTestId('turned').getByRole('radio', { name: 'right way' }).click()
      for (const probe of ['amps-start-cooling', 'amps-inrush-cooling']) {
        await page.getByTestId(`read-${probe}`).click()
        await hold(page)
        await page.getByTestId('meter-hold').click()
      }
      await page.getByTestId('amps-cooling').waitFor()
    },
  },
  {
    name: 'charge',
    path: `${job(1)}/charge`,
    wait: 'charge-picture',
    prepare: async (page) => {
      await page.getByTestId('refrigerant').getByRole('radio', { name: '454B' }).click()
      for (const [key, digits] of [
        ['suctionPsig', '108'],
        ['suctionFahrenheit', '52'],
        ['liquidPsig', '303'],
        ['liquidFahrenheit', '90'],
        ['outdoorFahrenheit', '88'],
        ['minutes', '15'],
      ] as const) {
        await page.getByTestId(`charge-${key}`).click()
        for (const digit of digits)
          await page.getByTestId('number-pad').getByRole('button', { name: digit, exact: true }).click()
        await page.getByTestId('pad-set').click()
      }
      await page.getByTestId('charge-superheat').waitFor()
    },
  },
  { name: 'report', path: `${job(7)}/report`, wait: 'report' },
  { name: 'office', path: '/office', wait: 'office-job', size: WIDE },
  { name: 'card', path: '/', wait: 'start', prepare: blowerCard },
  { name: 'board-wide', path: `${job(1)}/board`, wait: 'board', size: WIDE },
]

async function main(): Promise<void> {
  const only = process.argv.slice(2)
  mkdirSync(folder, { recursive: true })
  buildServer()
  const browser = await chromium.launch({
    executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
  })
  for (const view of VIEWS.filter((v) => only.length === 0 || only.includes(v.name))) {
    const server = await OakServer.start({ demo: true })
    const context = await browser.newContext({
      viewport: view.size ?? PHONE,
      colorScheme: view.dark ? 'dark' : 'light',
      timezoneId: 'UTC',
    })
    const page = await context.newPage()
    await page.goto(`${server.url}/`)
    await page.getByTestId('job-01950000-0000-7000-8000-000000000001').waitFor()
    await page.goto(`${server.url}${view.path}`)
    await page.getByTestId(view.wait).first().waitFor()
    await view.prepare?.(page, server)
    await page.waitForTimeout(400)
    await page.screenshot({ path: resolve(folder, `${view.name}.png`) })
    await context.close()
    await server.close()
  }
  await browser.close()
}

main().catch((error: unknown) => {
  console.error(error)
  // A view that cannot be reached ends all of it: its server and browser would wait for ever.
  process.exit(1)
})
