// Photos of the old wiring: through the file chooser, drawn anew, pinned, kept without a server, delivered later.
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join, resolve } from 'node:path'
import type { Page } from '@playwright/test'
import { tooSmall, wrongs } from './axe'
import { delivered, enterNumber, expect, test, signWires, pickMotor, slowLink } from './app'

const PICTURE = resolve(__dirname, '..', 'docs', 'screenshots', 'board-wide.png')
const folder = mkdtempSync(join(tmpdir(), 'oak-photos-'))

/** A JPEG whose camera data names a place: the app's own JPEG with an APP1 segment put behind its head. */
async function jpegWithPlace(page: Page): Promise<string> {
  const plain = Buffer.from(
    await page.evaluate(async () => {
      const canvas = document.createElement('canvas')
      canvas.width = 2400
      canvas.height = 1800
      const pen = canvas.getContext('2d')
      if (pen)
        for (let i = 0; i < 24; i++) {
          pen.fillStyle = `hsl(${i * 15} 70% 50%)`
          pen.fillRect(i * 100, 0, 100, 1800)
        }
      const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/jpeg'))
      return [...new Uint8Array(await (blob as Blob).arrayBuffer())]
    }),
  )
  const exif = Buffer.from('Exif\0\0GPS 59.9 N 10.7 E')
  const segment = Buffer.concat([Buffer.from([0xff, 0xe1, 0, exif.length + 2]), exif])
  const path = join(folder, 'camera.jpg')
  writeFileSync(path, Buffer.concat([plain.subarray(0, 2), segment, plain.subarray(2)]))
  return path
}

async function choose(page: Page, path: string): Promise<void> {
  const [chooser] = await Promise.all([
    page.waitForEvent('filechooser'),
    page.getByTestId('add-photo').click(),
  ])
  await chooser.setFiles(path)
}
const thumbs = (page: Page) => page.getByTestId(/^photo-[0-9a-f]{8}-/)
async function toWires(page: Page): Promise<void> {
  await page.getByTestId('start').click()
  await page.getByTestId('choose-unit').click()
}

test('a photo is drawn anew, pinned, and lasts through a reload without a server', async ({
  app,
  server,
}) => {
  await toWires(app)
  await choose(app, await jpegWithPlace(app))
  await expect(thumbs(app)).toHaveCount(1)
  await delivered(app)
  const photo = (await server.changes()).find((c) => c.path[0] === 'photos')
  expect(photo?.value).toMatchObject({ width: 1600, height: 1200, pins: [] })
  const bytes = Buffer.from(await (await fetch(`${server.url}/api/photos/${photo?.path[1]}`)).arrayBuffer())
  expect([bytes.subarray(0, 2).toString('hex'), bytes.includes('Exif'), bytes.includes('GPS')]).toEqual([
    'ffd8',
    false,
    false,
  ])

  await server.kill()
  await thumbs(app).first().click()
  await app.getByTestId('photo-picture').click({ position: { x: 60, y: 40 } })
  await app
    .getByTestId('pin-targets')
    .getByRole('button', { name: 'T1 on the contactor', exact: true })
    .click()
  await app.getByTestId('photo-picture').click({ position: { x: 120, y: 90 } })
  await app.getByTestId('pin-note').fill('burnt blade')
  await app.getByTestId('keep-note').click()
  await expect(app.getByTestId('photo-sheet')).toContainText('burnt blade')
  await app.keyboard.press('Escape')
  await server.up()
  await delivered(app)
  await app.reload()
  await expect(thumbs(app).first()).toContainText('2')
  const pins = (await server.changes()).filter((c) => c.path[0] === 'photos').at(-1)?.value as {
    pins: { kind: string; of: string; words: string }[]
  }
  expect(pins.pins).toEqual([
    expect.objectContaining({ kind: 'post', of: 'T1' }),
    expect.objectContaining({ kind: 'note', words: 'burnt blade' }),
  ])
})

test('a photo taken with the server away is delivered when it returns, and stands beside the board', async ({
  app,
  server,
}) => {
  await toWires(app)
  await delivered(app)
  await server.kill()
  await choose(app, PICTURE)
  await expect(thumbs(app)).toHaveCount(1)
  await server.up()
  await delivered(app)
  const id = (await server.changes()).find((c) => c.path[0] === 'photos')?.path[1]
  expect((await fetch(`${server.url}/api/photos/${id}`)).status).toBe(200)
  await app.getByTestId('stage-wires').click()
  await signWires(app)
  await pickMotor(app, 'rowan-25r')
  await app.getByTestId('stage-capacitor').click()
  await app.getByTestId('compressor-microfarads').click()
  await enterNumber(app, '40')
  await app.getByTestId('capacitor-next').click()
  await expect(app.getByTestId('photo-strip')).toBeVisible()
})

test('what is no photo is refused in words, and nothing is changed', async ({ app, server }) => {
  await toWires(app)
  await delivered(app)
  const before = await server.changes()
  const file = (name: string, content: string | Buffer) => {
    const path = join(folder, name)
    writeFileSync(path, content)
    return path
  }
  const cases: [string, string][] = [
    [file('notes.jpg', 'I am not a picture'), 'notes.jpg is not a picture that this device can read.'],
    [file('empty.jpg', ''), 'empty.jpg is empty: no photo is in it.'],
    [file('huge.jpg', Buffer.alloc(40_000_000, 1)), 'huge.jpg is larger than 30 MB'],
    [
      file('half.png', readFileSync(PICTURE).subarray(0, 40)),
      'half.png is not a picture that this device can read.',
    ],
  ]
  for (const [path, message] of cases) {
    await choose(app, path)
    await expect(app.getByTestId('photo-problem')).toContainText(message)
  }
  expect(await server.changes()).toEqual(before)
})

test('on a slow link a photo holds up no edit, and arrives all the same', async ({ app, server }) => {
  await toWires(app)
  await delivered(app)
  // Fine noise: it does not pack, as a picture of a wall of leaves does not.
  const noise = await app.evaluate(async () => {
    const canvas = document.createElement('canvas')
    canvas.width = 700
    canvas.height = 500
    const pen = canvas.getContext('2d') as CanvasRenderingContext2D
    const pixels = pen.createImageData(canvas.width, canvas.height)
    let state = 7
    for (let i = 0; i < pixels.data.length; i++) {
      state = (state * 1_103_515_245 + 12_345) % 2_147_483_648
      pixels.data[i] = i % 4 === 3 ? 255 : state >> 16
    }
    pen.putImageData(pixels, 0, 0)
    const blob = (await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/png'))) as Blob
    return [...new Uint8Array(await blob.arrayBuffer())]
  })
  const path = join(folder, 'leaves.png')
  writeFileSync(path, Buffer.from(noise))
  await slowLink(app)
  await choose(app, path)
  await expect(thumbs(app)).toHaveCount(1)
  const idOf = async () => (await server.changes()).find((c) => c.path[0] === 'photos')?.path[1]
  await expect.poll(idOf).toBeDefined()
  const id = (await idOf()) ?? ''
  const isThere = async () => (await fetch(`${server.url}/api/photos/${id}`)).ok
  // The picture is on its way; what is edited meanwhile overtakes it.
  expect(await isThere()).toBe(false)
  const before = (await server.changes()).length
  await app.getByTestId('undo').click()
  await expect.poll(async () => (await server.changes()).length).toBeGreaterThan(before)
  expect(await isThere()).toBe(false)
  await expect.poll(isThere, { timeout: 120_000 }).toBe(true)
})

/** A brown wire with a white stripe and a piece of paper, in the light of a bulb. */
async function wireInBulbLight(page: Page): Promise<string> {
  const bytes = await page.evaluate(async () => {
    const canvas = Object.assign(document.createElement('canvas'), { width: 1600, height: 1200 })
    const pen = canvas.getContext('2d')!
    const paint = (r: number, g: number, b: number, x: number, y: number, w: number, h: number) => {
      // What a bulb leaves of red, green and blue.
      pen.fillStyle = `rgb(${r} ${g * 0.88} ${b * 0.7})`
      pen.fillRect(x, y, w, h)
    }
    paint(120, 118, 112, 0, 0, 1600, 1200)
    paint(112, 64, 31, 0, 590, 1600, 30)
    paint(250, 250, 248, 0, 601, 1600, 4)
    paint(250, 250, 248, 1000, 100, 400, 300)
    const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/jpeg', 0.95))
    return [...new Uint8Array(await blob!.arrayBuffer())]
  })
  const path = join(folder, 'wire.jpg')
  writeFileSync(path, Buffer.from(bytes))
  return path
}

test('a pin on a wire proposes its colour with its stripe, by what is shown as white; a hand picks it, and no wire is noted by it', async ({
  app,
  server,
}) => {
  await toWires(app)
  await choose(app, await wireInBulbLight(app))
  await thumbs(app).click()
  const picture = app.getByTestId('photo-picture')
  await expect(picture.locator('img')).toBeVisible()
  const press = async (x: number, y: number) => {
    const box = (await picture.boundingBox())!
    await picture.click({ position: { x: box.width * x, y: box.height * y } })
  }
  await press(0.75, 0.2)
  await app.getByTestId('spot-white').click()
  await expect(app.getByText('The light is set.')).toBeVisible()
  // The middle of the wire is 605 of 1200 px down.
  await press(0.3, 605 / 1200)
  await expect(app.getByTestId('spot-colour')).toContainText('By the light of what you showed as white.')
  const looks = app.getByTestId(/^looks-/)
  const count = await looks.count()
  expect(count >= 2 && count <= 3).toBe(true)
  expect([...(await wrongs(app)), ...(await tooSmall(app))]).toEqual([])
  await app.getByTestId('looks-brown-with-white-stripe').click()
  await expect(app.getByTestId('photo-sheet')).toContainText('looks brown with white stripe')
  await app.keyboard.press('Escape')
  await delivered(app)
  const changes = await server.changes()
  expect(changes.filter((c) => c.path[0] === 'photos').at(-1)?.value).toMatchObject({
    pins: [{ kind: 'note', of: '', words: 'looks brown with white stripe' }],
  })
  expect(changes.filter((c) => c.path[0] === 'wires' && JSON.stringify(c.value).includes('BN'))).toEqual([])
})
