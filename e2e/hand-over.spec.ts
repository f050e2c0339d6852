// The end of the job: mount, start up, charge glance, report and estimate, label, the unit's history. PDFs are read back by pdf.js.
import { statSync } from 'node:fs'
import type { Page } from '@playwright/test'
import { enterNumber, expect, onCard, test, verdict } from './app'
import { download, readPdf } from './files'

test.use({ demo: true })
const job = (n: number) => `/job/01950000-0000-7000-8000-00000000000${n}`

/** Whole inches, and eighths in thirty-seconds. */
async function length(page: Page, figure: string, whole: string, parts: number): Promise<void> {
  await page.getByTestId(`length-of-${figure}`).click()
  for (const digit of whole) await page.getByTestId(`length-${digit}`).click()
  await page.getByTestId(`eighth-${parts}`).click()
  await page.getByTestId('length-set').click()
}
async function hold(page: Page, probe: string): Promise<void> {
  await page.getByTestId(`read-${probe}`).click()
  await page.getByRole('radio', { name: 'clamp meter' }).click()
  await expect(page.getByTestId('meter-value')).toContainText(/\d/)
  await page.getByTestId('meter-hold').click()
}

test('one job through all its stages, from making safe to a report that is read back', async ({
  fresh: app,
  server,
}) => {
  await app.goto(`${server.url}${job(1)}/safe`)
  await app.getByTestId('safe-next').click()
  await app.getByTestId('stage-fault').click()
  await expect(app.getByTestId('fan-tiles')).toBeVisible()
  await app.getByTestId('fan-tiles').getByRole('radio').first().click()
  await app.getByTestId('stage-plates').click()
  await app.getByTestId('plate-can-read').click()
  await app.getByTestId('label-line').fill('40/5 MFD ±6% 440VAC')
  await app.getByTestId('keep-label').click()
  await app.getByTestId('stage-wires').click()
  await expect(app.getByTestId('wires-next')).toBeVisible()
  await app.getByTestId('stage-motor').click()
  await expect(app.getByTestId('motor-next')).toBeVisible()
  await app.getByTestId('stage-capacitor').click()
  await app.getByTestId('capacitor-next').click()
  await expect(verdict(app)).toHaveText('Proven in off and cooling.')
  await app.getByTestId('prove').click()
  await expect(app.getByTestId('hookup-card')).toBeVisible()

  await app.getByTestId('stage-mount').click()
  await expect(app.getByTestId('mount-strip')).toContainText('not known yet')
  await length(app, 'oldBody', '6', 16)
  await length(app, 'newBody', '5', 16)
  await length(app, 'oldHub', '2', 0)
  await length(app, 'hubLength', '1', 8)
  await length(app, 'shaft', '5', 0)
  // 6 1/2 + 2 from the plane, less the new body's 5 1/2: an inch further out.
  await expect(app.getByTestId('mount-strip')).toContainText(
    'Set the hub 3 in from the new face, 1 in further out than before.',
  )
  await expect(app.getByTestId('section')).toHaveAttribute('aria-label', /8 1\/2 in from the mounting plane/)
  await length(app, 'flat', '1', 0)
  await expect(app.getByTestId('mount-strip')).toContainText('off the flat')
  await length(app, 'flat', '2', 0)
  await app.getByTestId('check-spins').click()
  await expect(app.getByTestId('mount-checks')).toContainText('Before power: 1 of')
  await app.getByTestId('mount-next').click()

  await app.getByTestId('turned').getByRole('radio', { name: 'right way' }).click()
  await expect(app.getByTestId('startup-strip')).toContainText('amps are not read yet')
  await hold(app, 'amps-start-cooling')
  await expect(app.getByTestId('amps-cooling')).toContainText('At or under its rating.')
  await hold(app, 'amps-start-can')
  await hold(app, 'volts-start-can')
  await expect(app.getByTestId('start-can')).toContainText('the tag asks for 7.5 µF')
  await expect(app.getByTestId('startup-strip')).toContainText(
    'It turns the right way and draws no more than it may',
  )
  await app.getByTestId('startup-next').click()

  await onCard(app, 'Running in cooling: 1.')
  const card = await readPdf(await download(app, 'save-card-pdf'))
  expect(card.pages).toHaveLength(1)
  // A5, to a tenth of a millimetre.
  expect(
    [(card.pages[0]!.width / 72) * 25.4, (card.pages[0]!.height / 72) * 25.4].map(
      (x) => Math.round(x * 10) / 10,
    ),
  ).toEqual([148, 210])
  for (const fact of [
    'Proven in off and cooling.',
    'Rowan 25R',
    'motor common',
    'insulated by itself',
    'Running in cooling',
  ])
    expect(card.pages[0]!.text).toContain(fact)
  // For the ear the card is one picture, and all that stands on it.
  expect(card.isTagged).toBe(true)
  expect(card.trees).toEqual([expect.stringMatching(/^Document\(Figure\[.*\]/)])
  for (const fact of ['Proven in off and cooling.', 'Running in cooling'])
    expect(card.trees[0]).toContain(fact)
  // Half a letter, 5.5 × 8.5 in, once it is chosen; the picture on the screen and the file in SVG with it.
  await app.getByTestId('card-paper').getByRole('radio', { name: 'half a letter' }).click()
  await expect(app.getByTestId('hookup-card').locator('svg').first()).toHaveAttribute(
    'viewBox',
    '0 0 139.7 215.9',
  )
  const half = await readPdf(await download(app, 'save-card-pdf'))
  expect(
    half.pages.map(({ width, height }) => [width / 72, height / 72].map((x) => Math.round(x * 100) / 100)),
  ).toEqual([[5.5, 8.5]])
  await app.getByTestId('to-label').click()
  const label = await readPdf(await download(app, 'label-0'))
  expect([label.pages[0]!.width, label.pages[0]!.height].map((x) => Math.round((x / 72) * 254) / 10)).toEqual(
    [62, 29],
  )
  expect(label.pages[0]!.text).toContain('FAN 7.5 μF')
  expect(label.trees[0]).toContain('P"FAN 7.5 μF')
  await app.keyboard.press('Escape')

  await app.getByTestId('to-report').click()
  await app.getByTestId('owner').fill('Saltmarsh Bakery Ltd')
  await app.getByTestId('recommend-text').fill('Clean the coil in spring')
  await app.getByTestId('recommend-add').click()
  await app.getByTestId('report-style').getByRole('radio', { name: 'technical' }).click()
  await expect(app.getByTestId('report-readings')).toContainText('Amps in cooling')
  const report = await readPdf(await download(app, 'save-report'))
  const text = report.pages.map((p) => p.text).join(' ')
  // Every line on the screen is on paper. Paper breaks words at hyphens.
  const squeeze = (s: string) => s.replace(/[\s-]/g, '').replace(/µ/g, 'μ')
  const lines = await app.getByTestId('report').locator('div[dir]').allTextContents()
  expect(lines.length).toBeGreaterThan(8)
  for (const line of lines) expect(squeeze(text)).toContain(squeeze(line))
  for (const fact of [
    'Saltmarsh Bakery Ltd',
    'Rowan 25R',
    'First power: it turned the right way.',
    'Clean the coil in spring',
    'Old capacitor’s label: 40/5',
  ])
    expect(squeeze(text)).toContain(squeeze(fact))
})

test('backwards: stopped, with the causes in order and this sheet’s own plug', async ({
  fresh: app,
  server,
}) => {
  await app.goto(`${server.url}${job(1)}/startup`)
  await app.getByTestId('turned').getByRole('radio', { name: 'backwards' }).click()
  await expect(app.getByTestId('startup-strip')).toContainText('It turns backwards: stop it.')
  await expect(app.getByTestId('direction-answer')).toContainText('try a known-good one')
  await expect(app.getByTestId('direction-answer')).toContainText(/Part .* from /)
})

test('too many amps lead to their causes', async ({ fresh: app, server }) => {
  await app.goto(`${server.url}${job(1)}/startup`)
  await app.getByTestId('turned').getByRole('radio', { name: 'right way' }).click()
  await app.getByTestId('read-amps-start-cooling').click()
  await enterNumber(app, '2.4')
  await expect(app.getByTestId('startup-strip')).toContainText('Over its rated amps in cooling: stop it.')
  await expect(app.getByTestId('over-amps')).toContainText('Volts under load are not read.')
  await app.getByTestId('same-blade').getByRole('radio', { name: 'another one' }).click()
  await expect(app.getByTestId('over-amps')).toContainText('It is another one. (speaks for it)')
})

test('the charge is glanced at: dew and bubble point where the blend glides; outside the table nothing is said', async ({
  fresh: app,
  server,
}) => {
  await app.goto(`${server.url}${job(1)}/charge`)
  await app.getByTestId('refrigerant').getByRole('radio', { name: '407C' }).click()
  for (const [key, digits] of [
    ['suctionPsig', '63.2'],
    ['suctionFahrenheit', '52'],
    ['liquidPsig', '225.5'],
    ['liquidFahrenheit', '90'],
  ] as const) {
    await app.getByTestId(`charge-${key}`).click()
    await enterNumber(app, digits)
  }
  await expect(app.getByTestId('charge-superheat')).toContainText(
    'Superheat 52 − 40 = 12 °F, from the dew point',
  )
  await expect(app.getByTestId('charge-subcooling')).toContainText(
    'Subcooling 100 − 90 = 10 °F, from the bubble point',
  )
  await expect(app.getByTestId('charge-picture').getByRole('img')).toHaveAccessibleName(
    'Suction line 52 °F, dew point 40 °F, Superheat 12 °F; Liquid line 90 °F, bubble point 100 °F, Subcooling 10 °F',
  )
  await app.getByTestId('charge-suctionPsig').click()
  await enterNumber(app, '700')
  await expect(app.getByTestId('charge-superheat')).toContainText('outside the table of R-407C')
  await app.getByTestId('charge-suctionPsig').click()
  await enterNumber(app, '900')
  await expect(app.getByTestId('pad-problem')).toContainText('beyond any gauge in use')
  await app.keyboard.press('Escape')
  await expect(app.getByTestId('charge-suctionPsig')).toContainText('700')
  await expect(app.getByTestId('charge-notes')).toContainText('not what to add or remove')
  // A temperature from the clamp's probe: the demo's suction line is at 11.1 °C, which is 52 °F.
  await app.getByTestId('charge-suctionFahrenheit').click()
  await app.getByTestId('charge-meter').click()
  await expect(app.getByTestId('meter-value')).toContainText(/\d/)
  await app.getByTestId('meter-hold').click()
  await expect(app.getByTestId('charge-suctionFahrenheit')).toContainText(/5[123](\.\d)? °F/)
})

test('an estimate is accepted by a drawn name, and stands no more once it is changed', async ({
  fresh: app,
  server,
}) => {
  await app.goto(`${server.url}${job(1)}/report`)
  const line = async (text: string, price: string) => {
    await app.getByTestId('estimate-add').click()
    await app.getByTestId('line-text').fill(text)
    await app.getByTestId('line-price').click()
    await enterNumber(app, price)
    await app.getByTestId('line-add').click()
  }
  await line('Work on site', '95')
  await app.getByTestId('estimate-tax').click()
  await enterNumber(app, '8.25')
  // 8.25 % of 95.00 is 7.8375.
  await expect(app.getByTestId('estimate-total')).toHaveText('Tax $7.84, total $102.84')
  await app.getByTestId('accept').click()
  await app.getByTestId('accept-now').click()
  await expect(app.getByTestId('accept-problem')).toHaveText('Accepting needs a name.')
  await app.getByTestId('accept-name').fill('N. Farouk')
  const box = (await app.getByTestId('signature').boundingBox())!
  await app.mouse.move(box.x + 40, box.y + 40)
  await app.mouse.down()
  for (let i = 0; i < 10; i++) await app.mouse.move(box.x + 40 + 12 * i, box.y + 40 + 20 * (i % 2))
  await app.mouse.up()
  await app.getByTestId('accept-now').click()
  await expect(app.getByTestId('accepted')).toHaveText('Accepted by N. Farouk, drawn.')
  const accepted = await readPdf(await download(app, 'save-report'))
  expect(accepted.pages.map((p) => p.text).join(' ')).toMatch(/Accepted, .* by N\. Farouk/)
  await line('A contactor', '38.50')
  await expect(app.getByTestId('lapsed')).toContainText('It was changed since N. Farouk accepted $102.84')
})

test.describe('an empty job', () => {
  test.use({ demo: false })
  test('has a report that says what is not on record; 300 letters of any script and twelve photos fit', async ({
    app,
    server,
  }) => {
    const id = '00000000-0000-4000-8000-000000000777'
    const uuid = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`
    const title = 'مروحة السطح الشمالي 風扇 '.repeat(20).slice(0, 300)
    const change = (n: number, path: string[], value: unknown) => ({
      id: uuid(n),
      job: id,
      path,
      value,
      at: Date.now() + n,
      device: uuid(999),
      technician: 'Ζωή',
    })
    // A busy picture, so that it does not shrink to nothing.
    const jpeg = await app.evaluate(async () => {
      const canvas = document.createElement('canvas')
      canvas.width = 1600
      canvas.height = 1200
      const pen = canvas.getContext('2d')!
      for (let i = 0; i < 6000; i++) {
        pen.fillStyle = `hsl(${(i * 47) % 360} 60% ${20 + ((i * 13) % 60)}%)`
        pen.fillRect((i * 379) % 1600, (i * 211) % 1200, 40 + (i % 90), 30 + (i % 70))
      }
      const blob = await new Promise<Blob>((done) => canvas.toBlob((b) => done(b!), 'image/jpeg', 0.85))
      return [...new Uint8Array(await blob.arrayBuffer())]
    })
    const photos = Array.from({ length: 12 }, (_, i) => uuid(500 + i))
    for (const photo of photos)
      expect(
        (
          await app.request.put(`${server.url}/api/photos/${photo}`, {
            data: Buffer.from(jpeg),
            headers: { 'content-type': 'image/jpeg' },
          })
        ).status(),
      ).toBe(201)
    const changes = [
      change(1, ['title'], title),
      ...photos.map((photo, i) =>
        change(2 + i, ['photos', photo], {
          caption: `Photo ${i + 1}`,
          width: 1600,
          height: 1200,
          takenAt: i,
          pins: [],
        }),
      ),
    ]
    expect((await app.request.post(`${server.url}/api/changes`, { data: { changes } })).ok()).toBe(true)
    await app.reload()
    await expect(app.getByTestId('sync')).toHaveText('delivered')
    await app.goto(`${server.url}/job/${id}/report`)
    await expect(app.getByTestId('report-gaps')).toContainText('What failed, and why, is not on record.')
    const saved = await download(app, 'save-report')
    expect(statSync(await saved.path()).size).toBeLessThan(5_000_000)
    const pdf = await readPdf(saved)
    // What the typeface cannot write is a picture, and the title stands whole in the file's own.
    expect(pdf).toMatchObject({ title: title.trim(), language: 'en', showsTitle: true, isTagged: true })
    // For the ear: what is a picture to the eye has its words, and the photos theirs.
    const tree = pdf.trees.join(' ')
    expect(tree).toContain('Figure[Photo 12]')
    expect(tree).toContain('H2"Photos"')
    expect(tree).toMatch(/H1\(Figure\[|H1"/)
    expect(pdf.pages.reduce((sum, p) => sum + p.pictures, 0)).toBeGreaterThanOrEqual(12)
    expect(pdf.pages.map((p) => p.text).join(' ')).toContain('Photo 12')
  })
})

test.describe('a long estimate', () => {
  test.use({ demo: false })
  test('of 200 lines goes over as many pages as it needs, and its sum is whole cents', async ({
    app,
    server,
  }) => {
    const uuid = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`
    const id = uuid(778)
    const change = (n: number, path: string[], value: unknown) => ({
      id: uuid(n),
      job: id,
      path,
      value,
      at: Date.now() + n,
      device: uuid(999),
      technician: '',
    })
    const lines = Array.from({ length: 200 }, (_, i) =>
      change(1000 + i, ['estimateLines', `l${String(i).padStart(3, '0')}`], {
        kind: 'part',
        text: `Line ${i + 1}`,
        hundredths: 133,
        cents: 999,
        taxed: true,
      }),
    )
    expect(
      (
        await app.request.post(`${server.url}/api/changes`, {
          data: { changes: [change(1, ['title'], 'Long'), ...lines] },
        })
      ).ok(),
    ).toBe(true)
    await app.reload()
    await expect(app.getByTestId('sync')).toHaveText('delivered')
    await app.goto(`${server.url}/job/${id}/report`)
    // 1.33 x 9.99 = 13.2867, rounded 13.29 each.
    await expect(app.getByTestId('estimate-total')).toHaveText('Tax $0.00, total $2,658.00')
    const pdf = await readPdf(await download(app, 'save-report'))
    expect(pdf.pages.length).toBeGreaterThan(3)
    const tree = pdf.trees.join(' ')
    expect(tree.match(/TH"/g)).toHaveLength(4)
    expect(tree).toContain('TR(TD"Line 200" TD"1.33" TD"$9.99" TD"$13.29")')
    const text = pdf.pages.map((p) => p.text).join(' ')
    for (const said of [
      'Line 1 ',
      'Line 200 ',
      '$2,658.00',
      `page ${pdf.pages.length} of ${pdf.pages.length}`,
    ])
      expect(text).toContain(said)
  })
})
