// The Express app: security headers, thin routes over the core and the store, and the built web app.
import { existsSync } from 'node:fs'
import { join } from 'node:path'
import compression from 'compression'
import express, { type Express, type Request, type RequestHandler, type Response } from 'express'
import rateLimit, { ipKeyGenerator } from 'express-rate-limit'
import expressStaticGzip from 'express-static-gzip'
import helmet from 'helmet'
import { jsonBody } from './edge/body'
import { onlyOwnHosts, ownHosts } from './edge/hosts'
import { EMPTY_CATALOGUE, type Catalogue } from './counter/simulated-counter'
import { errorHandler, refuse } from './errors'
import type { Truths } from './meter/truth'
import type { OperationRunner } from './operations/pool'
import { changeRoutes } from './routes/changes'
import { counterRoutes } from './routes/counter'
import { jobRoutes } from './routes/jobs'
import { meterRoutes } from './routes/meter'
import { operationRoutes, schemaRoutes } from './routes/operations'
import { photoRoutes } from './routes/photos'
import type { ChangeStore } from './store/change-store'
import type { JobStore } from './store/jobs/job-store'
import type { DatabaseTrouble } from './store/trouble'
import type { PhotoStore } from './store/photo-store'

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
  /** Does this server go by that name? Loopback's names alone, where nothing else is said. */
  readonly isOwnHost?: (name: string) => boolean
}

export function createApp({
  store,
  jobs,
  health,
  database,
  photos,
  operations,
  truths = new Map(),
  catalogue = EMPTY_CATALOGUE,
  webRoot,
  requestsPerMinute = 1200,
  now = Date.now,
  isOwnHost = ownHosts('127.0.0.1', []),
}: AppOptions): Express {
  const app = express()
  app.disable('x-powered-by')
  app.use(securityHeaders())
  app.use(onlyOwnHosts(isOwnHost))
  app.use(
    '/api',
    // Of all phones behind one address, and of each of them: one that goes wrong does not spend what the others have.
    perMinute(requestsPerMinute * PHONES, (req) => ipKeyGenerator(req.ip ?? '')),
    perMinute(requestsPerMinute, (req) => `${ipKeyGenerator(req.ip ?? '')} ${deviceOf(req)}`),
  )
  app.use('/api', compression({ filter: isJson }))
  app.use('/api', noStore, sameOrigin, jsonBody())
  app.get('/api/health', async (_req, res) => {
    const trouble = await health()
    if (trouble) refuse(res, 503, trouble.kind, [{ path: '', message: trouble.message }])
    else res.json({ ok: true })
  })
  app.use('/api/changes', changeRoutes(store, now))
  app.use('/api/jobs', jobRoutes({ jobs, store, now }))
  app.use('/api/photos', photoRoutes(photos))
  app.use('/api/meter', meterRoutes(truths))
  app.use('/api/counter', counterRoutes(catalogue))
  app.use('/api/operations', operationRoutes(operations))
  app.use('/api/schemas', schemaRoutes())
  app.use('/api', (_req, res) =>
    refuse(res, 404, 'not-found', [{ path: '', message: 'There is nothing at this address.' }]),
  )
  if (webRoot) serveWeb(app, webRoot)
  app.use(errorHandler(database))
  return app
}

/** So many phones of one shop may stand behind one address. */
const PHONES = 25

const perMinute = (limit: number, keyGenerator: (req: Request) => string): RequestHandler =>
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

/** No inline script or style, nothing from elsewhere, no frames. Plain HTTP on loopback, so no upgrade and no HSTS. */
function securityHeaders(): RequestHandler {
  return helmet({
    contentSecurityPolicy: {
      useDefaults: false,
      directives: {
        defaultSrc: ["'none'"],
        scriptSrc: ["'self'"],
        // The hash of nothing: an empty style element may be made, and is then filled by script rule by rule.
        styleSrc: ["'self'", "'sha256-47DEQpj8HBSa+/TImW+5JCeuQeRkm5NMpJWZG3hSuFU='"],
        fontSrc: ["'self'"],
        imgSrc: ["'self'", 'data:', 'blob:'],
        connectSrc: ["'self'"],
        // Metro starts workers from a small blob that loads our own file.
        workerSrc: ["'self'", 'blob:'],
        manifestSrc: ["'self'"],
        baseUri: ["'none'"],
        formAction: ["'none'"],
        frameAncestors: ["'none'"],
      },
    },
    strictTransportSecurity: false,
  })
}

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
