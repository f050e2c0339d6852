// A job travels with its pictures: out of one shop, into another that has never seen it.
import { readFileSync, writeFileSync } from 'node:fs'
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate'
import { delivered, expect, test } from './app'
import { download } from './files'
import { OakServer } from './server'

test.use({ demo: true })
/** A job of the demo with two photos. */
const JOB = '01950000-0000-7000-8000-000000000007'

test('saved in one shop and opened in another: every picture is there, and reaches that shop’s server', async ({
  fresh: app,
  server,
  browser,
}, info) => {
  await app.setViewportSize({ width: 1280, height: 800 })
  await app.goto(`${server.url}/office`)
  await delivered(app)
  await app.getByTestId(`office-${JOB}`).click()
  const path = await (await download(app, 'office-json')).path()
  const parts = unzipSync(new Uint8Array(readFileSync(path)))
  const photos = Object.keys(parts).filter((name) => name !== 'job.json')
  expect(photos).toHaveLength(2)

  const other = await OakServer.start()
  const page = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage()
  await page.goto(other.url)
  const open = async (bytes: Uint8Array, name: string) => {
    const file = info.outputPath(name)
    writeFileSync(file, bytes)
    const [chooser] = await Promise.all([
      page.waitForEvent('filechooser'),
      page.getByTestId('open-file').click(),
    ])
    await chooser.setFiles(file)
  }
  // What climbs out is refused in words, and nothing is kept of it.
  await open(zipSync({ ...parts, '../../evil.jpg': strToU8('x') }), 'climbs.zip')
  await expect(page.getByTestId('file-problem')).toContainText(
    '“../../evil.jpg” does not belong into a job’s file.',
  )
  await expect(page.getByText('No jobs on this device yet.', { exact: false })).toBeVisible()

  await open(new Uint8Array(readFileSync(path)), 'whole.zip')
  await page.waitForURL(`**/job/${JOB}**`)
  await delivered(page)
  for (const name of photos) {
    const kept = await fetch(`${other.url}/api/photos/${name.replace(/^photos\/|\.jpg$/g, '')}`)
    expect(Buffer.from(await kept.arrayBuffer()).equals(Buffer.from(parts[name] ?? []))).toBe(true)
  }
  // The same file once more changes nothing; one that was edited by hand is refused.
  const before = await other.changes()
  await page.goto(other.url)
  await open(new Uint8Array(readFileSync(path)), 'again.zip')
  await page.waitForURL(`**/job/${JOB}**`)
  await delivered(page)
  expect(await other.changes()).toEqual(before)
  await page.goto(other.url)
  const edited = strFromU8(parts['job.json'] ?? new Uint8Array()).replace('"value": "', '"value": "X ')
  await open(zipSync({ ...parts, 'job.json': strToU8(edited) }), 'edited.zip')
  await expect(page.getByTestId('file-problem')).toContainText('is here already, with other contents')
  await other.close()
})
