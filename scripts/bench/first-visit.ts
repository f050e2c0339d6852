// A first visit with nothing kept, against a bare page of the same framework: until something is painted, until home's start can be tapped,
// until all of home is there, and until the stage is there that a tap at once asks for. The browser is nobody's but the page's: one that a
// tool looks into takes its scripts apart again at each error that is thrown and caught, which makes the bare page twice as slow.
import { spawn } from 'node:child_process'
import { mkdtempSync, readFileSync, readdirSync, statSync } from 'node:fs'
import { rm } from 'node:fs/promises'
import type { Server } from 'node:http'
import type { AddressInfo } from 'node:net'
import { tmpdir } from 'node:os'
import { join, resolve } from 'node:path'
import express from 'express'
import { buildBarePage } from './bare-page'
import { median } from './median'

const ROUNDS = 9
const WANTED = { painted: 0.35, usable: 1, script: 1.15 } as const

/** What is told of a visit, ms from the first byte asked for. */
interface Visit {
  readonly painted: number
  readonly there: number
}

/** A place of the page that is looked for, and what is pressed once it is there. */
interface Look {
  readonly sign: string
  readonly press?: string
}

const LOOKS = {
  bare: { sign: "document.getElementById('root')?.textContent.includes('bare')" },
  tappable: { sign: "document.querySelector('[data-testid=begin]')" },
  home: { sign: "document.querySelector('[data-testid=start]')" },
  stage: {
    sign: "document.querySelector('[data-testid=choose-unit]')",
    press: "document.querySelector('[data-testid=begin]')",
  },
} as const satisfies Readonly<Record<string, Look>>

const probe = ({ sign, press }: Look): string => `<script>
const look = () => {
  const start = ${press ?? 'null'}
  if (start && !window.pressed) { window.pressed = true; setTimeout(() => start.click()) }
  if (window.there || !(${sign})) return
  window.there = true
  requestAnimationFrame(() => setTimeout(() => navigator.sendBeacon('/told', JSON.stringify({
    there: performance.now(),
    painted: performance.getEntriesByName('first-contentful-paint')[0]?.startTime ?? NaN,
  }))))
}
new MutationObserver(look).observe(document, { childList: true, subtree: true, characterData: true })
</script>`

const READY = "<script>setTimeout(() => location.replace('/'), 2500)</script>"

async function served<T>(
  dist: string,
  look: Look,
  use: (url: string, told: Promise<Visit>) => Promise<T>,
): Promise<T> {
  const page = readFileSync(join(dist, 'index.html'), 'utf8').replace('<head>', `<head>${probe(look)}`)
  const app = express()
  const told = new Promise<Visit>((done) =>
    app.post('/told', express.text({ type: '*/*' }), (request, response) => {
      done(JSON.parse(String(request.body)) as Visit)
      response.end()
    }),
  )
  // The browser has its own start behind it, as on a phone.
  app.get('/ready', (_, response) => void response.type('html').send(READY))
  app.use(express.static(dist, { index: false }))
  app.use((_, response) => void response.type('html').send(page))
  const server = await new Promise<Server>((done) => {
    const one = app.listen(0, '127.0.0.1', () => done(one))
  })
  const result = await use(`http://127.0.0.1:${(server.address() as AddressInfo).port}/`, told)
  server.closeAllConnections()
  server.close()
  return result
}

function visit(dist: string, look: Look): Promise<Visit> {
  return served(dist, look, async (url, told) => {
    const profile = mkdtempSync(join(tmpdir(), 'first-visit-'))
    const flags = [
      '--headless=new',
      '--no-sandbox',
      '--disable-gpu',
      '--no-first-run',
      '--window-size=390,844',
    ]
    const browser = spawn(
      process.env.CHROMIUM_PATH ?? '/usr/bin/chromium',
      [...flags, `--user-data-dir=${profile}`, `${url}ready`],
      { stdio: 'ignore' },
    )
    const gone = new Promise((done) => browser.once('exit', done))
    const found = await told
    browser.kill()
    await gone
    // Its helpers write on for a moment.
    await rm(profile, { recursive: true, force: true, maxRetries: 20, retryDelay: 100 })
    return found
  })
}

/** Bytes of script that home is drawn by, as they are run. */
function scriptBytes(dist: string): number {
  const folder = join(dist, '_expo/static/js/web')
  return readdirSync(folder)
    .filter((name) => /^(entry|__expo-metro-runtime)-\w+\.js$/.test(name))
    .reduce((sum, name) => sum + statSync(join(folder, name)).size, startBytes(dist))
}

/** The start's own few lines, where there are some. */
const startBytes = (dist: string): number =>
  statSync(join(dist, 'begin.js'), { throwIfNoEntry: false })?.size ?? 0

export async function benchFirstVisit(): Promise<void> {
  const bare = buildBarePage()
  const ours = resolve(__dirname, '..', '..', 'app', 'dist')
  const found: Readonly<Record<keyof typeof LOOKS, Visit[]>> = { bare: [], tappable: [], home: [], stage: [] }
  for (let i = 0; i < ROUNDS; i++)
    for (const [name, look] of Object.entries(LOOKS) as [keyof typeof LOOKS, Look][])
      found[name].push(await visit(name === 'bare' ? bare : ours, look))
  const base = median(found.bare.map((f) => f.there))
  const tell = (what: string, ms: number, wanted?: number) => {
    const times = ms / base
    const judged = wanted === undefined ? '' : ` (wanted at most ${wanted})${times > wanted ? '  ABOVE' : ''}`
    console.log(
      `first visit, ${what}: ${ms.toFixed(0)} ms, a bare page is there after ${base.toFixed(0)} ms: ${times.toFixed(2)} times${judged}`,
    )
  }
  tell('something is painted', median(found.home.map((f) => f.painted)), WANTED.painted)
  tell('home’s start can be tapped', median(found.tappable.map((f) => f.there)), WANTED.usable)
  tell('all of home is there', median(found.home.map((f) => f.there)), WANTED.usable)
  tell('the stage is there, its start tapped at once', median(found.stage.map((f) => f.there)))
  const [a, b] = [scriptBytes(ours), scriptBytes(bare)]
  console.log(
    `first visit, script: ${(a / 1024).toFixed(0)} kB, of a bare page ${(b / 1024).toFixed(0)} kB: ${(a / b).toFixed(2)} times (wanted at most ${WANTED.script})${a / b > WANTED.script ? '  ABOVE' : ''}`,
  )
}
