// The Express app: security headers, thin routes over the core and the store, and the built web app.
import { existsSync } from 'node:fs'
import { join } from 'node:path'
import compression from 'compression'
import express, { Router, type Express, type Request, type RequestHandler, type Response } from 'express'
import rateLimit, { ipKeyGenerator } from 'express-rate-limit'
import expressStaticGzip from 'express-static-gzip'
import type { Access } from './access/access'
import { onlySignedIn, signedIn } from './access/signed-in'
import { jsonBody } from './edge/body'
import { securityHeaders } from './edge/headers'
import { onlyOwnHosts, ownHosts } from './edge/hosts'
import { EMPTY_CATALOGUE, type Catalogue } from './counter/simulated-counter'
import { errorHandler, refuse } from './errors'
import type { Truths } from './meter/truth'
import type { OperationRunner } from './operations/pool'
import { changeRoutes, type Judge } from './routes/changes'
import { counterRoutes } from './routes/counter'
import { jobRoutes } from './routes/jobs'
import { meterRoutes } from './routes/meter'
import { operationRoutes, schemaRoutes } from './routes/operations'
import { photoRoutes } from './routes/photos'
import { practiceRoutes } from './routes/practice'
import { authorityRoutes } from './routes/shop/authority'
import { deviceRoutes, wiped } from './routes/shop/device'
import { ownerRoutes } from './routes/shop/owner'
import { pairingRoutes } from './routes/shop/pairing'
import type { ChangeStore } from './store/change-store'
import type { JobStore } from './store/jobs/job-store'
import type { DatabaseTrouble } from './store/trouble'
import type { PracticeStore } from './store/practice-store'
import type { PhotoStore } from './store/photo-store'

export interface Reach {
  /** Spoken with by TLS: browsers are told to stay with it. */
  readonly isSecure: boolean
  /** The root of the shop's own authority, PEM; null: it has none. */
  readonly authority: string | null
  /** The proxies that stand before it, by address; none: nobody says for whom he asks. */
  readonly proxies: readonly string[]
  /** Does this server go by that name? */
  readonly isOwnHost: (name: string) => boolean
}

export const BY_LOOPBACK: Reach = {
  isSecure: false,
  authority: null,
  proxies: [],
  isOwnHost: ownHosts('127.0.0.1', []),
}

export interface AppOptions {
  readonly store: ChangeStore
  readonly jobs: JobStore
  readonly photos: PhotoStore
  /** The database's file, for who runs the server. */
  readonly database: string
  /** How the database is now; null: well. */
  readonly health: () => Promise<DatabaseTrouble | null>
  /** Who works operations out. */
  readonly operations: OperationRunner
  /** What the simulated meter reads, by job; none where no demo is served. */
  readonly truths?: Truths
  /** What the simulated parts counter has; empty where no demo is served. */
  readonly catalogue?: Catalogue
  /** Folder of the built web app; without one only the API is served. */
  readonly webRoot?: string
  /** API requests a minute and device. */
  readonly requestsPerMinute?: number
  /** This server's clock, ms since 1970. */
  readonly now?: () => number
  /** The name of the shop. */
  readonly shop: () => Promise<string>
  /** Who may do what; null: open to the machine that it is bound to. */
  readonly access?: {
    readonly rights: Access
    readonly judge: Judge
    readonly practice: PracticeStore
  } | null
  /** How it is reached; by loopback alone, where nothing is said. */
  readonly reach?: Reach
}

export function createApp({ webRoot, reach = BY_LOOPBACK, ...parts }: AppOptions): Express {
  const app = express()
  app.disable('x-powered-by')
  // Of files their own server makes one; what the API says is kept by nobody.
  app.disable('etag')
  app.set('trust proxy', [...reach.proxies])
  app.use(securityHeaders(reach.isSecure), onlyOwnHosts(reach.isOwnHost))
  app.use('/api', api(parts))
  if (reach.authority) app.use('/authority.crt', authorityRoutes(reach.authority))
  if (webRoot) serveWeb(app, webRoot)
  app.use(errorHandler(parts.database))
  return app
}

/** What every question to the API passes, and where each is answered. */
function api({
  store,
  jobs,
  health,
  photos,
  operations,
  truths = new Map(),
  catalogue = EMPTY_CATALOGUE,
  requestsPerMinute = 1200,
  now = Date.now,
  shop,
  access = null,
}: Omit<AppOptions, 'webRoot' | 'reach'>): Router {
  const router = Router()
  // Of all phones behind one address, and of each of them: one that goes wrong does not spend what the others have.
  router.use(perMinute(requestsPerMinute * PHONES, (req) => ipKeyGenerator(req.ip ?? '')))
  // A paired server knows who asks only once he is in; the limit of each stands behind that door.
  if (!access)
    router.use(perMinute(requestsPerMinute, (req) => `${ipKeyGenerator(req.ip ?? '')} ${deviceOf(req)}`))
  router.use(compression({ filter: isJson }), noStore, sameOrigin, jsonBody())
  router.get('/health', async (_req, res) => {
    const trouble = await health()
    if (trouble) refuse(res, 503, trouble.kind, [{ path: '', message: trouble.message }])
    else res.json({ ok: true })
  })
  router.use(doors({ access, shop, requestsPerMinute }))
  router.use('/changes', changeRoutes({ store, now, judge: access?.judge ?? null }))
  router.use('/jobs', jobRoutes({ jobs, store, now }))
  router.use('/photos', photoRoutes(photos))
  router.use('/meter', meterRoutes(truths))
  router.use('/counter', counterRoutes(catalogue))
  router.use('/operations', operationRoutes(operations))
  router.use('/schemas', schemaRoutes())
  router.use((_req, res) =>
    refuse(res, 404, 'not-found', [{ path: '', message: 'There is nothing at this address.' }]),
  )
  return router
}

type DoorParts = Required<Pick<AppOptions, 'access' | 'shop' | 'requestsPerMinute'>>

/** Who comes in: on an open server everybody, on a paired one who has a key, each with a limit of its own. */
function doors({ access, shop, requestsPerMinute }: DoorParts): Router {
  const router = Router()
  router.get('/shop', async (_req, res) => void res.json({ shop: await shop(), paired: access !== null }))
  if (!access) {
    router.use(['/pairing', '/device', '/owner', '/practice'], isOpen)
    router.use(onlySignedIn(null))
    return router
  }
  const byAddress = () => perMinute(PAIRINGS, (req) => ipKeyGenerator(req.ip ?? ''))
  router.use('/pairing', byAddress(), pairingRoutes(access.rights, shop))
  router.post('/device/wiped', byAddress(), wiped(access.rights))
  router.use(onlySignedIn(access.rights))
  router.use(perMinute(requestsPerMinute, (_req, res) => signedIn(res).device ?? ''))
  router.use('/device', deviceRoutes(access.rights, shop))
  router.use('/owner', ownerRoutes(access.rights))
  router.use('/practice', practiceRoutes(access.practice))
  return router
}

/** Codes that one address may try in a minute, and how often a phone may say that it is wiped. */
const PAIRINGS = 10

const isOpen: RequestHandler = (_req, res) =>
  refuse(res, 409, 'not-paired', [
    {
      path: '',
      message:
        'This server is open to its own machine only, and pairs no phones. docs/operations.md says how to set up a shop.',
    },
  ])

/** So many phones of one shop may stand behind one address. */
const PHONES = 25

const perMinute = (limit: number, keyGenerator: (req: Request, res: Response) => string): RequestHandler =>
  rateLimit({
    windowMs: 60_000,
    limit,
    keyGenerator,
    standardHeaders: true,
    legacyHeaders: false,
    handler: (_req, res) =>
      refuse(res, 429, 'too-many', [{ path: '', message: 'Too many requests; try again in a minute.' }]),
  })

/** What a device calls itself; any name is as good as none, and none is one of them. */
const deviceOf = (req: Request): string => (req.get('x-oak-device') ?? '').slice(0, 60)

/** Pictures are packed already, and a meter's frames must not wait for more of them. */
const isJson = (_req: Request, res: Response): boolean => /json/.test(String(res.getHeader('content-type')))

const noStore: RequestHandler = (_req, res, next) => {
  res.setHeader('Cache-Control', 'no-store')
  next()
}

/** A page from elsewhere that a browser has open may not write to this server. */
const sameOrigin: RequestHandler = (req, res, next) => {
  const origin = req.get('origin')
  if (req.method === 'GET' || !origin || hostOf(origin) === req.get('host')) return next()
  refuse(res, 403, 'other-origin', [{ path: '', message: 'This request comes from another site.' }])
}

const hostOf = (origin: string): string | null => (URL.canParse(origin) ? new URL(origin).host : null)

/** Files compressed at build; hashed ones may be kept for ever, the page and the service worker never. */
function serveWeb(app: Express, webRoot: string): void {
  app.use(
    expressStaticGzip(webRoot, {
      enableBrotli: true,
      orderPreference: ['br', 'gz'],
      index: false,
      serveStatic: {
        setHeaders: (res, path) =>
          res.setHeader(
            'Cache-Control',
            /_expo|assets/.test(path) ? 'public, max-age=31536000, immutable' : 'no-cache',
          ),
      },
    }),
  )
  const page = join(webRoot, 'index.html')
  app.get(/^\/(?!api(\/|$))[^.]*$/, (_req, res) => {
    res.setHeader('Cache-Control', 'no-cache')
    if (existsSync(page)) res.sendFile(page)
    else refuse(res, 503, 'not-built', [{ path: '', message: 'The web app is not built yet.' }])
  })
  app.use((_req, res) =>
    refuse(res, 404, 'not-found', [{ path: '', message: 'There is nothing at this address.' }]),
  )
}
