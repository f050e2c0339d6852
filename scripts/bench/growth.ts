// A shop of 2,000 and of 20,000 jobs, side by side with one of ten: a new phone's first contact, a reload, and the office. The real server and Chromium,
// unthrottled.
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import type { Browser, BrowserContext, Page } from '@playwright/test'
import buildServer from '../../e2e/build-server'
import { OakServer } from '../../e2e/server'
import { median } from './median'
import { launch } from './phone'
import { makeShop } from './shop-of'

const COUNTS = [10, 2000, 20_000] as const
const RELOADS = 5
const WANTED = { first: 5000, bytes: 3_000_000, reload: 1.3, heap: 150 } as const

interface Measured {
  readonly count: number
  readonly first: number
  readonly bytes: number
  readonly all: number
  readonly reload: number
  readonly heap: number
  readonly office: readonly number[]
}

const ROW = /^job-[0-9a-f]{8}-/

/** Bytes over the line, of everything and as they were packed. */
async function counting(page: Page): Promise<() => number> {
  const cdp = await page.context().newCDPSession(page)
  await cdp.send('Network.enable')
  let bytes = 0
  cdp.on('Network.loadingFinished', ({ encodedDataLength }) => (bytes += encodedDataLength))
  return () => bytes
}

const shown = (page: Page) => page.getByTestId(ROW).nth(5).waitFor()
const delivered = (page: Page) =>
  page.getByTestId('sync').filter({ hasText: 'delivered' }).waitFor({ timeout: 120_000 })

async function timed(work: () => Promise<unknown>): Promise<number> {
  const from = performance.now()
  await work()
  return performance.now() - from
}

async function heapOf(page: Page): Promise<number> {
  const cdp = await page.context().newCDPSession(page)
  await cdp.send('HeapProfiler.collectGarbage')
  const { usedSize } = await cdp.send('Runtime.getHeapUsage')
  return usedSize / 1e6
}

/** Until nothing more comes: every summary is here, and what is to be whole is. */
async function quiet(page: Page, bytes: () => number): Promise<void> {
  for (let before = -1; before !== bytes();) {
    before = bytes()
    await page.waitForTimeout(5000)
  }
}

async function office(context: BrowserContext, url: string): Promise<number[]> {
  const page = await context.newPage()
  await page.setViewportSize({ width: 1280, height: 800 })
  await page.goto(url)
  const row = page.getByTestId('office-table').getByRole('row').nth(1)
  const opened = await timed(async () => {
    await page.goto(`${url}/office`)
    await row.waitFor()
  })
  const found = await timed(async () => {
    await page.getByTestId('office-search').fill('clinic')
    await row.filter({ hasText: 'clinic' }).waitFor()
  })
  const sorted = await timed(async () => {
    await page.getByTestId('sort-site').click()
    await row.filter({ hasText: /Ferry|Gull/ }).waitFor()
  })
  await page.close()
  return [opened, found, sorted]
}

async function measure(browser: Browser, count: number): Promise<Measured> {
  const folder = mkdtempSync(join(tmpdir(), 'oak-growth-'))
  await makeShop(join(folder, 'oak-switch.sqlite'), count)
  const server = await OakServer.start({ data: folder })
  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, serviceWorkers: 'block' })
  const page = await context.newPage()
  const bytes = await counting(page)
  let atFirst = 0
  const first = await timed(async () => {
    await page.goto(server.url)
    await shown(page)
    // Usable is more than seen: a job opens.
    await page.getByTestId(ROW).nth(2).click()
    await page.getByRole('main').first().waitFor()
    atFirst = bytes()
  })
  await page.goto(server.url)
  await delivered(page)
  await quiet(page, bytes)
  const all = bytes()
  const reloads: number[] = []
  for (let i = 0; i < RELOADS; i++)
    reloads.push(
      await timed(async () => {
        await page.reload({ waitUntil: 'commit' })
        await shown(page)
      }),
    )
  await page.waitForTimeout(3000)
  const heap = await heapOf(page)
  const desk = await browser.newContext({ serviceWorkers: 'block' })
  const offices = await office(desk, server.url)
  await desk.close()
  await context.close()
  await server.close()
  rmSync(folder, { recursive: true, force: true })
  return { count, first, bytes: atFirst, all, reload: median(reloads), heap, office: offices }
}

const above = (is: boolean): string => (is ? '  ABOVE' : '')

export async function benchGrowth(): Promise<void> {
  buildServer()
  const browser = await launch()
  let ten: Measured | null = null
  for (const count of COUNTS) {
    const m = await measure(browser, count)
    ten ??= m
    const ratio = m.reload / ten.reload
    console.log(
      `${count} jobs: a new phone shows and opens them after ${m.first.toFixed(0)} ms, ${(m.bytes / 1e6).toFixed(2)} MB by then with the app itself${above(m.first > WANTED.first || m.bytes > WANTED.bytes)}, ${(m.all / 1e6).toFixed(2)} MB when all is there`,
    )
    console.log(
      `${count} jobs: a reload shows home after ${m.reload.toFixed(0)} ms, ${ratio.toFixed(2)} times that of ten (wanted at most ${WANTED.reload})${above(ratio > WANTED.reload)}, ${m.heap.toFixed(0)} MB of memory (wanted under ${WANTED.heap})${above(m.heap > WANTED.heap)}`,
    )
    console.log(
      `${count} jobs: the office opens, finds, sorts in ${m.office.map((ms) => ms.toFixed(0)).join(', ')} ms`,
    )
  }
  await browser.close()
}
