// A shop of several phones: paired by code and by a picture, each under its own name; one is taken off, saves what nobody has, and is wiped.
import { readFileSync } from 'node:fs'
import { unzipSync } from 'fflate'
import jsQR from 'jsqr'
import { PNG } from 'pngjs'
import type { Browser, Page } from '@playwright/test'
import { delivered, expect, move, test as base, toBoard } from './app'
import { DESK, PHONE, tooSmall, wrongs } from './axe'
import { OakServer } from './server'

const PASSWORD = 'gravel teapot lantern ferry'

const test = base.extend<{ shop: OakServer }>({
  shop: async ({ browserName }, use) => {
    expect(browserName).toBe('chromium')
    const shop = await OakServer.start({ settings: { OAK_PAIRING: '1' } })
    await use(shop)
    await shop.close()
  },
})

/** Another phone, with a browser of its own. */
async function phone(browser: Browser, shop: OakServer): Promise<Page> {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, serviceWorkers: 'block' })
  const page = await context.newPage()
  await page.goto(shop.url)
  await expect(page.getByTestId('start')).toBeVisible()
  return page
}

async function pairBy(page: Page, code: string, name: string): Promise<void> {
  await expect(page.getByTestId('not-paired')).toBeVisible()
  await page.getByTestId('to-pair').click()
  await page.getByTestId('pair-code').fill(code)
  await page.getByTestId('pair-name').fill(name)
  await page.getByTestId('pair').click()
  await expect(page.getByTestId('start')).toBeVisible()
  await expect(page.getByTestId('sync')).toHaveText('delivered')
}

/** The owner's phone, signed in, at the list of phones. */
async function ownersPhone(page: Page, shop: OakServer): Promise<void> {
  await pairBy(page, await shop.ownerCode(), 'Desk')
  await page.getByRole('button', { name: 'Settings' }).click()
  await expect(page.getByTestId('whose')).toContainText('This phone is “Desk”.')
  await page.getByTestId('to-phones').click()
  await page.getByTestId('owner-password').fill(PASSWORD)
  await page.getByTestId('owner-enter').click()
  await expect(page.getByTestId('phones')).toContainText('One phone')
}

async function newCode(page: Page, person: string, role = 'technician'): Promise<string> {
  await page.getByTestId('add-phone').click()
  await page.getByTestId('new-person').fill(person)
  if (role !== 'technician') {
    await page.getByTestId('new-role').getByRole('button').click()
    await page.getByTestId('new-role').getByRole('radio', { name: role, exact: true }).click()
  }
  await page.getByTestId('make-code').click()
  await expect(page.getByTestId('code')).toBeVisible()
  return (await page.getByTestId('code').textContent()) ?? ''
}

/** What a camera reads of the picture that stands on the page. */
async function readQr(page: Page): Promise<string> {
  const picture = PNG.sync.read(await page.getByTestId('qr').screenshot())
  return jsQR(new Uint8ClampedArray(picture.data), picture.width, picture.height)?.data ?? ''
}

const hold = async (page: Page, id: string, done: () => Promise<void>) => {
  await page.getByTestId(id).hover()
  await page.mouse.down()
  await done()
  await page.mouse.up()
}

test('two phones are paired by code and by picture; one is taken off, saves its work and is wiped', async ({
  browser,
  shop,
}) => {
  const owner = await phone(browser, shop)
  await ownersPhone(owner, shop)

  const van1 = await phone(browser, shop)
  await pairBy(van1, await newCode(owner, 'Ines'), 'Van 1')
  const address = await readQr(owner)
  expect(address).toMatch(new RegExp(`^${shop.url}/pair#[0-9A-Z]{8}$`))
  await owner.keyboard.press('Escape')

  await newCode(owner, 'Omar')
  const van2 = await phone(browser, shop)
  await van2.goto(await readQr(owner))
  await expect(van2.getByTestId('pair-code')).toHaveValue(/^[0-9A-Z]{8}$/)
  expect(van2.url()).toBe(`${shop.url}/pair`)
  await van2.getByTestId('pair-name').fill('Van 2')
  await van2.getByTestId('pair').click()
  await expect(van2.getByTestId('sync')).toHaveText('delivered')
  await owner.keyboard.press('Escape')
  await expect(owner.getByTestId('phones')).toContainText('3 phones')

  // What Omar enters is kept under his name, and Ines sees it.
  await toBoard(van2)
  await delivered(van2)
  await van1.goto(`${shop.url}/`)
  await expect(van1.getByRole('button', { name: /Outdoor unit/ }).first()).toBeVisible()

  // His phone is out of touch when it is taken off, and has work that nobody else has.
  const away = van2.context()
  await away.setOffline(true)
  await move(van2, 'brown', 'T1')
  await expect(van2.getByTestId('sync')).toContainText('kept here')
  const row = owner.getByTestId('phones').locator('[data-testid^="phone-"]', { hasText: 'Van 2' })
  await row.getByTestId('revoke').click()
  await hold(owner, 'revoke-hold', () => expect(owner.getByTestId('revoke-sheet')).toBeHidden())
  await expect(row).toContainText('The shop’s data is still on it')

  await away.setOffline(false)
  await expect(van2.getByTestId('locked-out')).toBeVisible()
  await expect(van2.getByTestId('undelivered')).toContainText('One edit or photo')
  expect([...(await wrongs(van2)), ...(await tooSmall(van2))]).toEqual([])
  const [file] = await Promise.all([
    van2.waitForEvent('download'),
    van2.getByTestId('save-undelivered').click(),
  ])
  const parts = unzipSync(new Uint8Array(readFileSync(await file.path())))
  expect(Object.keys(parts)).toHaveLength(1)
  expect(Buffer.from(Object.values(parts)[0] ?? []).toString()).toMatch(/"placements",\s*"brown"/)
  await hold(van2, 'wipe', () => expect(van2.getByTestId('nothing-left')).toBeVisible())
  const left = await van2.evaluate(async () => {
    const counts: number[] = []
    for (const [name, stores] of [
      ['oak-switch', ['changes', 'jobs']],
      ['oak-switch-photos', ['photos']],
    ] as const) {
      const db = await new Promise<IDBDatabase>((resolve) => {
        const opening = indexedDB.open(name)
        opening.onsuccess = () => resolve(opening.result)
      })
      for (const store of stores)
        counts.push(
          await new Promise<number>((resolve) => {
            const counting = db.transaction(store).objectStore(store).count()
            counting.onsuccess = () => resolve(counting.result)
          }),
        )
      db.close()
    }
    return counts
  })
  expect(left).toEqual([0, 0, 0])
  // Also after a reload, at any address.
  await van2.goto(`${shop.url}/van`)
  await expect(van2.getByTestId('locked-out')).toBeVisible()
  await owner.reload()
  await expect(row).toContainText('Nothing of the shop is on it since')

  const [audit] = await Promise.all([owner.waitForEvent('download'), owner.getByTestId('save-audit').click()])
  const lines = readFileSync(await audit.path(), 'utf8')
  for (const act of ['paired', 'password set', 'code made', 'revoked', 'wiped'])
    expect(lines).toMatch(new RegExp(`^[^,]+Z,${act},`, 'm'))
  expect(lines).toMatch(/^[^,]+Z,edited,[^,]+,Omar,/m)
})

test('a wrong code is said beside its field; a phone without one works on, and delivers once it is paired', async ({
  browser,
  shop,
}) => {
  const page = await phone(browser, shop)
  await toBoard(page)
  await expect(page.getByTestId('sync')).toHaveText('not paired')
  await page.goto(shop.url)
  await page.getByTestId('to-pair').click()
  await expect(page.getByTestId('pair')).toHaveAccessibleDescription('Enter the code first.')
  await page.getByTestId('pair-code').fill('ABCD-EFGH')
  await page.getByTestId('pair-name').fill('Van 1')
  await page.getByTestId('pair').click()
  await expect(page.getByTestId('pair-code-problem')).toHaveText(
    'That is no code of this shop. Look at it once more.',
  )
  await page.getByTestId('pair-code').fill((await shop.ownerCode()).toLowerCase())
  await page.getByTestId('pair').click()
  await expect(page.getByTestId('start')).toBeVisible()
  await expect(page.getByTestId('sync')).toHaveText('delivered')
  await page.getByRole('button', { name: 'Settings' }).click()
  await expect(page.getByTestId('whose')).toHaveText('Owner. This phone is “Van 1”.')
})

test('what an apprentice showed on practice units is read by the shop', async ({ browser, shop }) => {
  const owner = await phone(browser, shop)
  await ownersPhone(owner, shop)
  const code = await newCode(owner, 'Sam', 'apprentice')
  // Sam's phone, as it speaks with the server.
  const json = { 'content-type': 'application/json' }
  const post = (path: string, body: object, more: object = {}) =>
    fetch(`${shop.url}${path}`, { method: 'POST', headers: { ...json, ...more }, body: JSON.stringify(body) })
  const id = '00000000-0000-4000-8000-000000000077'
  const { device, key } = (await (
    await post('/api/pairing', { code, device: id, name: 'Sam’s' })
  ).json()) as Readonly<Record<'device' | 'key', string>>
  const skills = [{ skill: 'safe', points: 97 }]
  const round = { id, at: Date.UTC(2026, 10, 28), state: 'handed-over', total: 88, skills }
  await post('/api/practice', { rounds: [round] }, { authorization: `Bearer ${device}.${key}` })
  await owner.goto(`${shop.url}/practice/progress`)
  await expect(owner.getByText('of the rounds of the whole shop')).toBeVisible()
  await expect(owner.getByTestId('progress')).toContainText('Sam')
  await expect(owner.getByTestId('progress')).toContainText('97')
})

test('the office writes notes and nothing else: said before anything is kept', async ({ browser, shop }) => {
  const owner = await phone(browser, shop)
  await ownersPhone(owner, shop)
  const desk = await phone(browser, shop)
  await pairBy(desk, await newCode(owner, 'Lee', 'office'), 'Desk 2')
  await desk.getByTestId('start').click()
  await desk.getByTestId('choose-unit').click()
  await expect(desk.getByText(/The office writes notes and estimates/)).toBeVisible()
  await expect(desk.getByTestId('sync')).toHaveText('delivered')
})

test('a paired phone hands nothing to another shop’s server', async ({ browser, shop }) => {
  const page = await phone(browser, shop)
  await pairBy(page, await shop.ownerCode(), 'Van 1')
  const other = await OakServer.start({ settings: { OAK_PAIRING: '1' } })
  const asked: string[] = []
  const sent: string[] = []
  // The same address, another shop behind it.
  await page.route('**/api/**', async (route) => {
    const request = route.request()
    if (request.headers().authorization) asked.push(request.url())
    if (request.method() !== 'GET') sent.push(request.url())
    await route.fulfill({
      // A kept connection that the server lets go in that moment is tried again.
      response: await route.fetch({ url: request.url().replace(shop.url, other.url), maxRetries: 3 }),
    })
  })
  await page.goto(shop.url)
  await expect(page.getByTestId('another-shop')).toBeVisible()
  await page.goto(`${shop.url}/pair`)
  await expect(page.getByTestId('pair-elsewhere')).toHaveText(
    'This phone is another shop’s. Paired here, all that is on it goes to this shop.',
  )
  await page.goto(shop.url)
  await toBoard(page)
  await expect(page.getByTestId('sync')).toHaveText('another shop')
  expect([asked, sent]).toEqual([[], []])
  await page.close()
  await other.close()
})

test('the screens of the shop’s phones: nothing is wrong by axe, no target is too small', async ({
  browser,
  shop,
}) => {
  const page = await phone(browser, shop)
  const found: string[] = []
  const look = async (what: string) => {
    for (const viewport of [DESK, PHONE]) {
      await page.setViewportSize(viewport)
      await page.waitForTimeout(400)
      found.push(...(await wrongs(page)).map((wrong) => `${what}: ${wrong}`))
    }
    found.push(...(await tooSmall(page)).map((wrong) => `${what}: ${wrong}`))
  }
  await look('home, not paired')
  await page.getByTestId('to-pair').click()
  await look('the form')
  await page.getByTestId('to-home').click()
  await pairBy(page, await shop.ownerCode(), 'Desk')
  await page.goto(`${shop.url}/pair`)
  await expect(page.getByTestId('paired-as')).toBeVisible()
  await look('paired')
  await page.goto(`${shop.url}/phones`)
  await expect(page.getByTestId('owner-password')).toBeVisible()
  await look('the password')
  await page.getByTestId('owner-password').fill('short')
  await page.getByTestId('owner-enter').click()
  await expect(page.getByTestId('owner-problem')).toContainText('at least 12 letters')
  await page.getByTestId('owner-password').fill(PASSWORD)
  await page.getByTestId('owner-enter').click()
  await expect(page.getByTestId('phones')).toBeVisible()
  await newCode(page, 'Omar')
  await look('the code')
  const van = await phone(browser, shop)
  await pairBy(van, (await page.getByTestId('code').textContent()) ?? '', 'Van 1')
  await page.keyboard.press('Escape')
  await expect(page.getByTestId('phones')).toContainText('2 phones')
  await look('the phones')
  await page.getByTestId('revoke').click()
  await look('taking one off')
  expect(found).toEqual([])
})
