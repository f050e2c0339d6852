// A shop on a network: its own authority, put among those that a browser trusts, makes the app one that opens without a network.
import { spawnSync } from 'node:child_process'
import { X509Certificate } from 'node:crypto'
import { mkdirSync, mkdtempSync, rmSync } from 'node:fs'
import { request } from 'node:https'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import type { Browser } from '@playwright/test'
import { expect, test as base, toBoard, verdict } from './app'
import { OakServer } from './server'

interface Fixtures {
  readonly shop: OakServer
  /** A browser of somebody who has put the shop's authority among those he trusts. */
  readonly trusting: Browser
}

const test = base.extend<Fixtures>({
  shop: async ({ browserName }, use) => {
    expect(browserName).toBe('chromium')
    const shop = await OakServer.start({ settings: { OAK_TLS: 'own', OAK_HOSTS: 'shop-pc' } })
    await use(shop)
    await shop.close()
  },
  trusting: async ({ playwright, shop }, use, info) => {
    const home = mkdtempSync(join(tmpdir(), 'oak-home-'))
    const store = join(home, '.pki', 'nssdb')
    mkdirSync(store, { recursive: true })
    const certutil = (...args: string[]) => {
      const { status, stderr } = spawnSync('certutil', ['-d', `sql:${store}`, ...args], { encoding: 'utf8' })
      if (status !== 0) throw new Error(`certutil: ${stderr}`)
    }
    certutil('-N', '--empty-password')
    certutil('-A', '-t', 'C,,', '-n', 'the shop', '-i', shop.authority)
    const options = info.project.use.launchOptions
    const browser = await playwright.chromium.launch({ ...options, env: { ...process.env, HOME: home } })
    await use(browser)
    await browser.close()
    rmSync(home, { recursive: true, force: true })
  },
})

test('over TLS by the shop’s own authority the app is kept, and opens without a network', async ({
  browser,
  shop,
  trusting,
}) => {
  // Who does not trust it is warned, and gets nothing.
  const stranger = await browser.newPage()
  await expect(stranger.goto(shop.url)).rejects.toThrow('ERR_CERT_AUTHORITY_INVALID')

  const page = await (
    await trusting.newContext({ viewport: { width: 390, height: 844 }, serviceWorkers: 'allow' })
  ).newPage()
  await page.goto(shop.url)
  await page.getByTestId('to-pair').click()
  await page.getByTestId('pair-code').fill(await shop.ownerCode())
  await page.getByTestId('pair-name').fill('Van 1')
  await page.getByTestId('pair').click()
  await expect(page.getByTestId('sync')).toHaveText('delivered')
  await expect(page.getByTestId('not-secure')).toBeHidden()
  await page.waitForFunction(async () => (await navigator.serviceWorker.ready).active?.state === 'activated')
  await shop.kill()
  await page.reload()
  await expect(page.getByTestId('start')).toBeVisible()
  await toBoard(page)
  await expect(verdict(page)).toHaveText('Proven in off and cooling.')
  await expect(page.getByTestId('sync')).toContainText('kept here')
  await shop.up()
  await expect(page.getByTestId('sync')).toHaveText('delivered')
})

/** What a phone is told that does not look at certificates yet. */
const asked = (shop: OakServer, path: string, host = 'localhost') =>
  new Promise<{ status: number; headers: Readonly<Record<string, unknown>>; body: Buffer }>(
    (resolve, reject) => {
      request(
        { host: '127.0.0.1', port: shop.port, path, rejectUnauthorized: false, headers: { host } },
        (res) => {
          const pieces: Buffer[] = []
          res.on('data', (piece: Buffer) => pieces.push(piece))
          res.on('end', () =>
            resolve({ status: res.statusCode ?? 0, headers: res.headers, body: Buffer.concat(pieces) }),
          )
        },
      )
        .once('error', reject)
        .end()
    },
  )

test('the authority is given to phones; browsers stay with TLS; a name that is not listed is answered nothing', async ({
  shop,
}) => {
  const root = await asked(shop, '/authority.crt')
  expect([root.status, root.headers['content-type']]).toEqual([200, 'application/x-x509-ca-cert'])
  expect(shop.printed).toContain(new X509Certificate(root.body).fingerprint256)
  expect(root.headers['strict-transport-security']).toMatch(/max-age=31536000/)
  expect((await asked(shop, '/api/shop', 'shop-pc')).status).toBe(200)
  expect((await asked(shop, '/api/shop', 'rebound.example')).status).toBe(421)
  expect((await asked(shop, '/api/jobs')).status).toBe(401)
})

test('without TLS, off this machine, home says that nothing is kept for use without a server', async ({
  browser,
}) => {
  // As by a proxy that was set up without it: the page is not secure, whatever the server is told.
  const shop = await OakServer.start({ settings: { OAK_PAIRING: '1', OAK_HOSTS: 'shop.test' } })
  const context = await browser.newContext({ viewport: { width: 390, height: 844 } })
  const page = await context.newPage()
  await page.route('http://shop.test/**', async (route) =>
    route.fulfill({
      response: await route.fetch({ url: route.request().url().replace('http://shop.test', shop.url) }),
    }),
  )
  await page.goto('http://shop.test/')
  await expect(page.getByTestId('not-secure')).toContainText('Use the shop’s https address')
  // What is still asked for is let go.
  await page.unrouteAll({ behavior: 'ignoreErrors' })
  await context.close()
  await shop.close()
})
