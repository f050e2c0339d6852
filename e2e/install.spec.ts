// What a browser asks of an app before it offers to install it, and what the installed one leads to.
import { expect, test } from './app'

interface Manifest {
  readonly id: string
  readonly icons: readonly { readonly src: string; readonly sizes: string; readonly purpose?: string }[]
  readonly screenshots: readonly {
    readonly src: string
    readonly sizes: string
    readonly form_factor: string
  }[]
  readonly shortcuts: readonly { readonly url: string }[]
}

/** Width and height of a PNG, by its header (RFC 2083, IHDR). */
const sizeOf = (png: Buffer): string => `${png.readUInt32BE(16)}x${png.readUInt32BE(20)}`

test('the manifest’s icons and pictures are there, in the sizes it says', async ({ app, server }) => {
  const manifest = (await (await app.request.get(`${server.url}/manifest.webmanifest`)).json()) as Manifest
  expect(manifest.id).toBe('/')
  const pngs = [...manifest.icons.filter(({ src }) => src.endsWith('.png')), ...manifest.screenshots]
  for (const { src, sizes } of pngs) {
    const answer = await app.request.get(`${server.url}${src}`)
    expect(answer.headers()['content-type']).toContain('image/png')
    expect(`${src} ${sizeOf(await answer.body())}`).toBe(`${src} ${sizes}`)
  }
  expect(manifest.icons.map(({ sizes, purpose }) => `${sizes} ${purpose ?? 'any'}`)).toEqual(
    expect.arrayContaining(['192x192 any', '512x512 any', '512x512 maskable']),
  )
  expect(manifest.screenshots.map((s) => s.form_factor).sort()).toEqual(['narrow', 'wide'])
  const touch = await app.locator('link[rel="apple-touch-icon"]').getAttribute('href')
  expect(sizeOf(await (await app.request.get(`${server.url}${touch}`)).body())).toBe('180x180')
})

test('the shortcut begins a hookup, once, and Back does not begin another', async ({ app, server }) => {
  await app.goto(`${server.url}/start`)
  await expect(app.getByTestId('choose-unit')).toBeVisible()
  await app.getByTestId('choose-unit').click()
  await expect(app.getByTestId('wires-next')).toBeVisible()
  await app.goBack()
  await expect(app.getByTestId('start')).toBeVisible()
  await expect(app.getByTestId(/^job-/)).toHaveCount(1)
})

test('from the first job on the browser is asked not to clear what is kept', async ({ app }) => {
  await app.evaluate(() => {
    const asked = { times: 0 }
    Object.assign(window, { asked })
    navigator.storage.persist = () => {
      asked.times += 1
      return Promise.resolve(true)
    }
  })
  const times = () => app.evaluate(() => (window as unknown as { asked: { times: number } }).asked.times)
  expect(await times()).toBe(0)
  await app.getByTestId('start').click()
  await expect(app.getByTestId('choose-unit')).toBeVisible()
  expect(await times()).toBe(1)
})
