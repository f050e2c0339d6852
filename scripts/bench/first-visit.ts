// A first visit with nothing kept: until home can be used, and until something is painted, against a bare page of the same framework. The
// page's thread is slowed four times; both come from the same server over loopback, turn by turn.
import type { Server } from 'node:http'
import type { AddressInfo } from 'node:net'
import { resolve } from 'node:path'
import type { Browser } from '@playwright/test'
import express from 'express'
import { buildBarePage } from './bare-page'
import { launch, phone, slow } from './phone'
import { median } from './median'

const ROUNDS = 7
const SLOWER = 4
const WANTED = { usable: 1, painted: 0.35 } as const

function serve(dist: string): Promise<Server> {
  const app = express()
  app.use(express.static(dist))
  app.use((_, response) => void response.sendFile('index.html', { root: dist }))
  return new Promise((done) => {
    const server = app.listen(0, '127.0.0.1', () => done(server))
  })
}

interface Visit {
  readonly usable: number
  readonly painted: number
}

/** Milliseconds from the first byte asked for. `sign`: what is there once the page can be used. */
async function visit(browser: Browser, url: string, sign: string): Promise<Visit> {
  const context = await phone(browser)
  const page = await context.newPage()
  await slow(page, SLOWER)
  await page.addInitScript(`
    const look = () => { if (!window.__usable && (${sign})) requestAnimationFrame(() => (window.__usable ||= performance.now())) }
    new MutationObserver(look).observe(document, { childList: true, subtree: true, characterData: true })
  `)
  await page.goto(url)
  await page.waitForFunction('window.__usable')
  const [usable = NaN, painted = NaN] = await page.evaluate<number[]>(
    "[window.__usable, performance.getEntriesByName('first-contentful-paint')[0]?.startTime]",
  )
  await context.close()
  return { usable, painted }
}

export async function benchFirstVisit(): Promise<void> {
  const [bare, ours] = await Promise.all([
    serve(buildBarePage()),
    serve(resolve(__dirname, '..', '..', 'app', 'dist')),
  ])
  const urlOf = (server: Server) => `http://127.0.0.1:${(server.address() as AddressInfo).port}/`
  const browser = await launch()
  const found: { readonly bare: Visit; readonly ours: Visit }[] = []
  for (let i = 0; i < ROUNDS; i++)
    found.push({
      bare: await visit(
        browser,
        urlOf(bare),
        "document.getElementById('root')?.textContent.includes('bare')",
      ),
      ours: await visit(browser, urlOf(ours), "document.querySelector('[data-testid=start]')"),
    })
  for (const what of ['usable', 'painted'] as const) {
    const [a, b] = [median(found.map((f) => f.ours[what])), median(found.map((f) => f.bare.usable))]
    console.log(
      `first visit, ${SLOWER}× slower, ${what}: ${a.toFixed(0)} ms, a bare page can be used after ${b.toFixed(0)} ms: ${(a / b).toFixed(2)} times (wanted at most ${WANTED[what]})${a / b > WANTED[what] ? '  ABOVE' : ''}`,
    )
  }
  await browser.close()
  bare.close()
  ours.close()
}
