// What the camera reads: a plate with its figures to be taken, a card with its hookup, and what is neither.
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import type { Page } from '@playwright/test'
import { chromium } from '@playwright/test'
import { create } from 'qrcode'
import { choose, enterNumber, expect, test, toBoard } from './app'
import { tooSmall, wrongs } from './axe'
import { drawCat } from './cat'
import { printedCard } from './card-picture'

test.use({ serviceWorkers: 'allow' })
const folder = mkdtempSync(join(tmpdir(), 'oak-reading-'))

/** A picture drawn in the page: lines of text on a plate, as a JPEG file. */
interface Look {
  readonly ground?: string
  readonly halfTurn?: boolean
}
async function drawn(
  page: Page,
  name: string,
  lines: readonly string[],
  { ground = '#c9c9c6', halfTurn = false }: Look = {},
): Promise<string> {
  const bytes = await page.evaluate(
    async ([rows, under, turn]) => {
      const canvas = document.createElement('canvas')
      canvas.width = 1600
      canvas.height = 1000
      const pen = canvas.getContext('2d')
      if (!pen) throw new Error('no canvas')
      pen.fillStyle = under
      pen.fillRect(0, 0, 1600, 1000)
      pen.translate(800, 500)
      pen.rotate(turn ? Math.PI + 0.02 : 0.02)
      pen.translate(-800, -500)
      pen.fillStyle = '#222'
      pen.font = '600 76px "Atkinson Hyperlegible Next"'
      rows.forEach((row, i) => pen.fillText(row, 150, 220 + i * 130))
      const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/jpeg', 0.9))
      if (!blob) throw new Error('no picture')
      return [...new Uint8Array(await blob.arrayBuffer())]
    },
    [lines, ground, halfTurn] as const,
  )
  const path = join(folder, name)
  writeFileSync(path, Buffer.from(bytes))
  return path
}

async function toPlates(page: Page): Promise<string> {
  await page.getByTestId('start').click()
  await page.getByTestId('choose-unit').click()
  const plates = page.url().replace(/[^/]+$/, 'plates')
  await page.goto(plates)
  await page.getByTestId('plate-motor').waitFor()
  return plates
}
const READ = { timeout: 60_000 }
const PLATE = ['HP 1/4     RPM 1075', 'VOLTS 208-230', 'AMPS 1.4     HZ 60', 'CAP 5 MFD 370 VAC']

test('a plate is read on the device, each figure taken or corrected by hand, and again without a server', async ({
  app,
  server,
}) => {
  test.slow()
  await app.waitForFunction(async () => (await navigator.serviceWorker.ready).active?.state === 'activated')
  const plates = await toPlates(app)
  const photo = await drawn(app, 'plate.jpg', PLATE)
  await app.getByTestId('plate-motor-photo').click()
  await choose(app, 'pick-plate', photo)
  await app.getByTestId('corners').waitFor()
  expect([...(await wrongs(app)), ...(await tooSmall(app))]).toEqual([])
  await app.getByTestId('read-plate').click()
  const words = (field: string) => app.getByTestId(`proposal-${field}-words`)
  await expect(words('horsepower')).toHaveText('1/4 horsepower', READ)
  await expect(words('rpm')).toHaveText('1075 rpm')
  await expect(words('volts')).toHaveText('208 to 230 volts')
  await expect(words('microfarads')).toHaveText('capacitor 5 µF')
  expect([...(await wrongs(app)), ...(await tooSmall(app))]).toEqual([])
  // Nothing is kept before it is taken.
  expect((await server.changes()).filter((c) => c.path[0] === 'motorPlate')).toEqual([])
  await app.getByTestId('take-horsepower').click()
  await expect(app.getByTestId('proposal-horsepower')).toContainText('taken')
  await app.getByTestId('correct-amps').click()
  await app.getByTestId('corrected-amps').fill('one and a bit')
  await app.getByTestId('take-amps').click()
  await expect(app.getByTestId('proposal-amps-problem')).toHaveText(/This line does not say it\./)
  await app.getByTestId('corrected-amps').fill('AMPS 1.6')
  await app.getByTestId('take-amps').click()
  await app.getByTestId('plate-done').click()
  await expect(app.getByTestId('plate-motor-horsepower')).toContainText('1/4 hp')
  await expect(app.getByTestId('plate-motor-amps')).toContainText('1.6 A')
  await expect(app.getByTestId('plate-motor-rpm')).toContainText('–')

  await server.kill()
  await app.goto(plates)
  await app.getByTestId('plate-motor-photo').click()
  await choose(app, 'pick-plate', photo)
  await app.getByTestId('read-plate').click()
  await expect(words('rpm')).toHaveText('1075 rpm', READ)
})

const TAG = [
  'BLACK - COMMON',
  'WHITE - RUN     BROWN - START',
  'BROWN/WHITE - RUN RETURN',
  'CW: PURPLE TO YELLOW',
  'ORANGE TO GRAY',
  'HP 1/4   RPM 1075',
]

test('the tag on the leads gives a draft: leads and joins marked as read, figures one by one, nothing kept unlooked at', async ({
  app,
  server,
}) => {
  test.slow()
  await app.goto(`${new URL(app.url()).origin}/tag`)
  const photo = await drawn(app, 'tag.jpg', TAG, { ground: '#e9e4d2' })
  await app.getByTestId('tag-name').fill('Read by camera')
  await app.getByTestId('tag-from-photo').click()
  await choose(app, 'pick-plate', photo)
  await app.getByTestId('read-plate').click()
  for (const [code, words] of [
    ['BK', 'BK motor common'],
    ['WH', 'WH run'],
    ['BN', 'BN start'],
    ['BN/WH', 'BN/WH run-return'],
  ] as const)
    await expect(app.getByTestId(`read-lead-${code}`)).toContainText(words, READ)
  await expect(app.getByTestId('read-turn-CW')).toHaveText('CW: VT to YE, OG to GY')
  expect([...(await wrongs(app)), ...(await tooSmall(app))]).toEqual([])
  // Nothing is on the tag before it is put there.
  await expect(app.getByTestId('tag-lead-black')).toHaveCount(0)
  await app.getByTestId('put-read-leads').click()
  await app.getByTestId('take-horsepower').click()
  await app.getByTestId('take-rpm').click()
  await app.getByTestId('plate-done').click()
  await expect(app.getByTestId('tag-lead-brown')).toContainText('start, as read')
  await expect(app.getByTestId('tag-lead-purple')).toContainText('CW: to yellow')
  await expect(app.getByTestId('tag-rpm')).toContainText('1075')
  // Half a tag is not kept, and what a hand sets is no more a machine's word.
  await expect(app.getByTestId('tag-strip')).toContainText('And')
  await app.getByTestId('tag-lead-brown').click()
  await app.getByTestId('set-lead').click()
  await expect(app.getByTestId('tag-lead-brown')).not.toContainText('as read')
  await expect(app.getByTestId('tag-lead-black')).toContainText('as read')
  // Whole, it is kept by a hold that shows what a machine read, lead by lead; a tap keeps nothing.
  for (const [figure, digits] of [
    ['tag-microfarads', '5'],
    ['tag-amps-0', '1.5'],
  ] as const) {
    await app.getByTestId(figure).click()
    await enterNumber(app, digits)
  }
  await expect(app.getByTestId('tag-strip')).toContainText('as a photo was read')
  const keep = app.getByTestId('keep-tag')
  await keep.click()
  await expect(app.getByTestId('tag-strip')).toBeVisible()
  await keep.hover()
  await app.mouse.down()
  const list = app.getByTestId('held-list')
  await expect(list).toContainText('Black: motor common')
  await expect(list).not.toContainText('Brown: start')
  await expect(keep).toBeHidden()
  await app.mouse.up()
  const kept = async () =>
    (await server.changes()).filter(({ path }) => path[0] === 'sheets').map(({ value }) => value)
  await expect.poll(kept).toMatchObject([{ name: 'Read by camera' }])
})

test('a plate that lies upside down gives nothing as it lies, and is read once it is turned', async ({
  app,
}) => {
  test.slow()
  await toPlates(app)
  const photo = await drawn(app, 'turned.jpg', PLATE, { halfTurn: true })
  await app.getByTestId('plate-motor-photo').click()
  await choose(app, 'pick-plate', photo)
  await app.getByTestId('read-plate').click()
  await expect(app.getByTestId('nothing-read')).toBeVisible(READ)
  await app.getByTestId('corners-again').click()
  await app.getByTestId('turn-plate').click()
  await app.getByTestId('turn-plate').click()
  await expect(app.getByTestId('turn-plate')).toContainText('Its top points down')
  await app.getByTestId('read-plate').click()
  await expect(app.getByTestId('proposal-horsepower-words')).toHaveText('1/4 horsepower', READ)
  await expect(app.getByTestId('proposal-rpm-words')).toHaveText('1075 rpm')
})

test('where the readers were never fetched and no server is there, it is said at once', async ({
  app,
  server,
}) => {
  await app.waitForFunction(async () => (await navigator.serviceWorker.ready).active?.state === 'activated')
  await app.getByTestId('read-card').click()
  const picture = await drawn(app, 'any.jpg', ['Nothing'])
  await server.kill()
  await choose(app, 'pick-card', picture)
  await expect(app.getByTestId('card-problem')).toContainText(
    'The part that reads codes is not on this phone yet: open this once with a connection',
  )
})

test('what is no plate gives no figure, in words, and nothing is filled', async ({ app, server }) => {
  test.slow()
  await toPlates(app)
  const black = await drawn(app, 'black.jpg', [], { ground: '#000' })
  const prose = await drawn(app, 'prose.jpg', [
    'It was in July, on the roof',
    'of the old mill, that all',
    'the gulls went silent at',
    'once, and nobody knew why.',
  ])
  const blank = await drawn(app, 'plain.jpg', [])
  const cat = join(folder, 'cat.jpg')
  writeFileSync(cat, await drawCat(app))
  for (const [picture, said] of [
    [black, 'No letters were found in this picture.'],
    [blank, 'No letters were found in this picture.'],
    [prose, 'Letters were found, but nothing of such a plate that could be relied on.'],
    // Fur may look like a letter here and there; a figure it never is.
    [cat, /found/],
  ] as const) {
    await app.getByTestId('plate-motor-photo').click()
    await choose(app, 'pick-plate', picture)
    await app.getByTestId('read-plate').click()
    await expect(app.getByTestId('nothing-read')).toContainText(said, READ)
    await app.keyboard.press('Escape')
  }
  // 8000 by 6000 by its head: 48 megapixels are refused before they are drawn.
  const huge = readFileSync(prose)
  const frame = huge.indexOf(Buffer.from([0xff, 0xc0]))
  huge.writeUInt16BE(6000, frame + 5)
  huge.writeUInt16BE(8000, frame + 7)
  const large = join(folder, 'huge.jpg')
  writeFileSync(large, huge)
  const text = join(folder, 'words.jpg')
  writeFileSync(text, 'no picture')
  await app.getByTestId('plate-motor-photo').click()
  await choose(app, 'pick-plate', large)
  await expect(app.getByTestId('photo-problem')).toHaveText(
    /The photo has 48 megapixels; 24 at most are read here\./,
  )
  await choose(app, 'pick-plate', text)
  await expect(app.getByTestId('photo-problem')).toHaveText(
    'words.jpg is not a picture that this device can read.',
  )
  expect((await server.changes()).filter((c) => /Plate|Marking/.test(c.path[0] ?? ''))).toEqual([])
})

/** From the card of a proven hookup: its picture as a file. */
async function cardPicture(page: Page): Promise<string> {
  await toBoard(page)
  await page.getByTestId('prove').click()
  return printedCard(page, join(folder, 'card.jpg'))
}

test('a card is read without a server, and the next job begins from it', async ({ app, server }) => {
  test.slow()
  const card = await cardPicture(app)
  const old = await app.evaluate(() => location.pathname.split('/')[2])
  await app.getByTestId('to-home').click()
  await app.getByTestId('read-card').click()
  await choose(app, 'pick-card', card)
  const record = app.getByTestId('card-record')
  await expect(record).toContainText('Rowan 25R', READ)
  for (const said of [
    'motor common → T1 on the contactor',
    'start → FAN on the dual capacitor',
    'insulated by itself',
    '1/4 hp, 1075 rpm, 208–230 V',
  ])
    await expect(record).toContainText(said)
  await server.kill()
  await app.getByTestId('next-from-card').click()
  await app.waitForURL(/\/job\/(?!undefined)/)
  const fresh = await app.evaluate(() => location.pathname.split('/')[2])
  expect(fresh).not.toBe(old)
  await app.goto(`${server.url}/job/${fresh}/plates`).catch(() => undefined)
  await expect(app.getByTestId('plate-motor-horsepower')).toContainText('1/4 hp')
  await expect(app.getByTestId('plate-can-volts')).toContainText('440 V')
})

test('a code of something else, of a later version, or none: words, and no job', async ({ app, server }) => {
  test.slow()
  const code = async (name: string, text: string) => {
    const { modules } = create(text, { errorCorrectionLevel: 'L' })
    const bits = Array.from({ length: modules.size }, (_, y) =>
      Array.from({ length: modules.size }, (_, x) => Boolean(modules.get(y, x))),
    )
    const bytes = await app.evaluate(async (rows) => {
      const each = 8
      const canvas = document.createElement('canvas')
      canvas.width = canvas.height = (rows.length + 8) * each
      const pen = canvas.getContext('2d')
      if (!pen) throw new Error('no canvas')
      pen.fillStyle = '#fff'
      pen.fillRect(0, 0, canvas.width, canvas.height)
      pen.fillStyle = '#000'
      rows.forEach((row, y) =>
        row.forEach((on, x) => on && pen.fillRect((x + 4) * each, (y + 4) * each, each, each)),
      )
      const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done))
      if (!blob) throw new Error('no picture')
      return [...new Uint8Array(await blob.arrayBuffer())]
    }, bits)
    const path = join(folder, name)
    writeFileSync(path, Buffer.from(bytes))
    return path
  }
  await app.getByTestId('read-card').click()
  const problem = app.getByTestId('card-problem')
  for (const [picture, said] of [
    [
      await code('menu.png', '<script>alert(1)</script>'),
      'This is a code of something else, no hookup card. It says: <script>alert(1)</script>',
    ],
    [await code('long.png', 'x'.repeat(2900)), `It says: ${'x'.repeat(80)}`],
    [
      await code('later.png', 'OAK SWITCH CARD 7. UNIT OF THE SHOP'),
      'This card is of a later version (7); version 1 is read here.',
    ],
    [
      await code('cut.png', 'OAK SWITCH CARD 1. UNIT OF THE SHOP. CHECK 00000000'),
      'This code is of a hookup card, but not whole',
    ],
  ] as const) {
    await choose(app, 'pick-card', picture)
    await expect(problem).toContainText(said, READ)
  }
  await choose(app, 'pick-card', await drawn(app, 'nothing.jpg', ['No code on it']))
  await expect(app.getByTestId('card-photo-problem')).toContainText('No code was found on this photo.', READ)
  await expect(app.getByTestId('card-record')).toHaveCount(0)
  expect(await server.changes()).toEqual([])
})

test('the live camera finds the code of a card', async ({ app, server }, info) => {
  test.slow()
  const card = await cardPicture(app)
  // Chromium plays a JPEG as a camera of one picture.
  const video = join(folder, 'card.mjpeg')
  writeFileSync(video, readFileSync(card))
  const browser = await chromium.launch({
    ...info.project.use.launchOptions,
    args: [
      ...(info.project.use.launchOptions?.args ?? []),
      '--use-fake-ui-for-media-stream',
      '--use-fake-device-for-media-stream',
      `--use-file-for-fake-video-capture=${video}`,
    ],
  })
  try {
    const page = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage()
    await page.goto(`${server.url}/read-card`)
    await page.getByTestId('use-camera').click()
    await expect(page.getByTestId('card-record')).toContainText('Rowan 25R', READ)
    await expect(page.getByTestId('camera')).toHaveCount(0)
  } finally {
    await browser.close()
  }
})
