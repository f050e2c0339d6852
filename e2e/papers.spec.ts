// What is handed to the owner: the shop's letterhead, photos of before and after, readings against their limits; and two photos over each other.
import { expect, test } from './app'
import { download, readPdf } from './files'

test.use({ demo: true })

const CAFE = '/job/01950000-0000-7000-8000-000000000007'

/** A picture of one colour, made by the browser. */
const pictureOf = (width: number, height: number, paint: string) => `(async () => {
  const canvas = document.createElement('canvas')
  canvas.width = ${width}
  canvas.height = ${height}
  const pen = canvas.getContext('2d')
  pen.fillStyle = '${paint}'
  pen.fillRect(0, 0, ${width}, ${height})
  const blob = await new Promise((done) => canvas.toBlob(done, 'image/png'))
  return [...new Uint8Array(await blob.arrayBuffer())]
})()`

test('the shop’s name, address and mark stand over the report, on the screen and on paper', async ({
  fresh: app,
  server,
}) => {
  await app.goto(`${server.url}/van`)
  await app.getByTestId('open-settings').click()
  await app.getByTestId('shop-name').fill('Gannet & Sons, <b>Air</b>')
  await app.getByTestId('shop-address').fill('3 Net Loft Row\nSaltmarsh Quay')
  const choose = async (name: string, bytes: number[]) => {
    const [chooser] = await Promise.all([
      app.waitForEvent('filechooser'),
      app.getByTestId('shop-mark').click(),
    ])
    await chooser.setFiles({ name, mimeType: 'image/png', buffer: Buffer.from(bytes) })
  }
  await choose('notes.txt', [104, 101, 108, 108, 111])
  await expect(app.getByTestId('letterhead-problem')).toContainText(
    'notes.txt is not a picture that this device can read. Nothing was changed.',
  )
  await expect(app.getByTestId('shop-mark-picture')).toHaveCount(0)
  await choose('mark.png', await app.evaluate<number[]>(pictureOf(2000, 500, '#264')))
  await expect(app.getByTestId('shop-mark-picture')).toBeVisible()
  await expect(app.getByTestId('letterhead-problem')).toHaveCount(0)
  await app.keyboard.press('Escape')

  await app.goto(`${server.url}${CAFE}/report`)
  await expect(app.getByTestId('report-head')).toContainText('Gannet & Sons, <b>Air</b>')
  // What lies within a picture is no part of its own for the ear: the first is the one that is heard.
  await expect(
    app.getByTestId('report-head').getByRole('img', { name: 'The shop’s mark' }).first(),
  ).toBeVisible()
  const pdf = await readPdf(await download(app, 'save-report'))
  const [first] = pdf.pages
  expect(first?.text.indexOf('Gannet & Sons')).toBe(0)
  expect(first?.text).toContain('3 Net Loft Row')
  // The mark, and the photo of what was found beside its words.
  expect(first?.pictures).toBeGreaterThanOrEqual(2)

  // Taken off again, the letter begins with whom it is to.
  await app.goto(`${server.url}/van`)
  await app.getByTestId('open-settings').click()
  await app.getByTestId('shop-mark-off').click()
  await app.getByTestId('shop-name').fill('')
  await app.getByTestId('shop-address').fill('')
  await app.getByTestId('shop-address').blur()
  await app.keyboard.press('Escape')
  await app.goto(`${server.url}${CAFE}/report`)
  await expect(app.getByTestId('report-done')).toBeVisible()
  await expect(app.getByTestId('report-head')).toHaveCount(0)
})

test('readings stand against their limits, what is recommended has its time, and what is missing comes last', async ({
  fresh: app,
  server,
}) => {
  await app.goto(`${server.url}${CAFE}/report`)
  // 7.5 µF ± 6 % by the tag; 1.5 A by the motor's plate; 208–230 V ± 10 %.
  const gauges = app.getByTestId('report-gauges')
  await expect(gauges).toContainText(/Fan motor in cooling\s*1\.38 A, rated 1\.5 A/)
  await expect(gauges).toContainText('wanted 7.05 to 7.95 µF')
  await expect(gauges).toContainText(/Supply, running\s*236 V, right from 187 to 253 V/)
  await app.getByTestId('recommend-text').fill('A new contactor')
  await app.getByTestId('recommend-when').getByRole('radio', { name: 'next season' }).click()
  await app.getByTestId('recommend-add').click()
  await expect(app.getByTestId('report-recommended')).toContainText(
    'A new contactor (before the next season)',
  )
  const pdf = await readPdf(await download(app, 'save-report'))
  const text = pdf.pages.map((p) => p.text).join(' ')
  const places = [
    'What failed',
    'Before',
    'What was done',
    'After',
    'How it runs now',
    'rated 1.5 A',
    'What we recommend',
    'before the next season',
    'Accepted',
  ].map((words) => text.indexOf(words))
  expect(places.every((place) => place >= 0)).toBe(true)
  expect(places).toEqual([...places].sort((a, b) => a - b))
})

test('two photos lie over each other, the divider moves by finger and by keys, and pins keep their places', async ({
  fresh: app,
  server,
}) => {
  await app.goto(`${server.url}${CAFE}/visit`)
  // A pin on each photo, at known shares of its sides.
  const photos = ['01950000-0000-7000-b007-000000000001', '01950000-0000-7000-b007-000000000002']
  const shares = [
    [0.25, 0.5],
    [0.75, 0.25],
  ] as const
  for (const [i, photo] of photos.entries()) {
    const picture = app.getByTestId('photo-picture')
    // A press right behind a sheet that went may be taken for its bounce.
    await expect(async () => {
      if ((await picture.count()) === 0) await app.getByTestId(`photo-${photo}`).click()
      await expect(picture.locator('img')).toBeVisible({ timeout: 3000 })
    }).toPass()
    const box = (await picture.boundingBox())!
    await picture.click({ position: { x: box.width * shares[i]![0], y: box.height * shares[i]![1] } })
    await app.getByTestId('pin-note').fill(`Pin ${i + 1}`)
    await app.getByTestId('keep-note').click()
    await app.keyboard.press('Escape')
    await expect(app.getByTestId('photo-sheet')).toHaveCount(0)
  }
  await app.getByTestId('to-compare').click()
  const frame = app.getByTestId('compare')
  await expect(frame.locator('img')).toHaveCount(2)
  const handle = frame.getByRole('slider')
  await expect(handle).toHaveAttribute('aria-valuenow', '50')
  const box = (await frame.boundingBox())!
  for (const [i, photo] of photos.entries()) {
    const pin = (await app.getByTestId(`laid-pin-${photo}-0`).boundingBox())!
    expect(Math.abs(pin.x + pin.width / 2 - box.x - box.width * shares[i]![0])).toBeLessThan(4)
    expect(Math.abs(pin.y + pin.height / 2 - box.y - box.height * shares[i]![1])).toBeLessThan(4)
  }
  await handle.focus()
  await app.keyboard.press('ArrowLeft')
  await expect(handle).toHaveAttribute('aria-valuenow', '45')
  const to = (share: number) => ({ x: box.x + box.width * share, y: box.y + box.height * 0.5 })
  await app.mouse.move(to(0.45).x, to(0.45).y)
  await app.mouse.down()
  await app.mouse.move(to(0.8).x, to(0.8).y, { steps: 4 })
  await app.mouse.up()
  const now = Number(await handle.getAttribute('aria-valuenow'))
  expect(Math.abs(now - 80)).toBeLessThanOrEqual(2)
  await expect(app.getByTestId('compare-sheet')).toContainText('Left 1: Pin 1')
  await expect(app.getByTestId('compare-sheet')).toContainText('Right 1: Pin 2')
})
