// A server of its own for each test, on a database that nothing else has seen.
import type { Express } from 'express'
import request from 'supertest'
import { shopId } from '../access/access'
import { createApp, type AppOptions } from '../app'
import { jobIndex, type JobIndex } from '../store/jobs/index-jobs'
import { jobStore } from '../store/jobs/job-store'
import { changeStore, type ChangeStore } from '../store/change-store'
import type { Database, OpenDatabase } from '../store/database'
import { databaseHealth } from '../store/health'
import { photoStore } from '../store/photo-store'
import { inlineOperations } from './inline-operations'
import { openTestShop } from './test-shop'

export interface TestApp {
  readonly app: Express
  readonly db: Database
  readonly shop: OpenDatabase
  readonly store: ChangeStore
  readonly index: JobIndex
  /** Another one on the same database, as after a start. */
  readonly newIndex: () => JobIndex
  /** Puts changes as a device does. */
  readonly put: (changes: unknown[]) => request.Test
  /** All that the server keeps, as a device gets it. */
  readonly all: () => Promise<ChangesAnswer>
  /** The same database behind an app with other options. */
  readonly withOptions: (options: Partial<AppOptions>) => Express
}
export interface ChangesAnswer {
  readonly changes: { readonly id: string; readonly at: number }[]
  readonly next: number
  readonly more: boolean
  readonly store: string
}

/** The server's clock in tests: later than any change here, unless a test makes one from ahead. */
export const NOW = (): number => 1_800_000_100_000

export const openTestApp = async (): Promise<TestApp> => openAppOn(await openTestShop())

/** The app on a shop that is open. */
export function openAppOn(shop: OpenDatabase): TestApp {
  const { db } = shop
  const index = jobIndex(db)
  const store = changeStore(db, { now: NOW, index })
  const withOptions = (options: Partial<AppOptions>) =>
    createApp({
      store,
      jobs: jobStore(db),
      now: NOW,
      database: shop.name,
      health: () => databaseHealth(shop),
      operations: inlineOperations,
      photos: photoStore(db),
      shop: () => shopId(db),
      ...options,
    })
  const app = withOptions({})
  return {
    app,
    db,
    shop,
    store,
    index,
    newIndex: () => jobIndex(db),
    withOptions,
    put: (changes) => request(app).post('/api/changes').send({ changes }),
    all: async () => (await request(app).get('/api/changes')).body as ChangesAnswer,
  }
}

export const uuid = (n: number): string => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`

/** The n-th change of the job uuid(1): a title, if nothing else is said. */
export const change = (n: number, value: unknown = `name ${n}`, path: readonly string[] = ['title']) => ({
  id: uuid(n),
  job: uuid(1),
  path: [...path],
  value,
  at: 1_800_000_000_000 + n,
  device: uuid(900),
  technician: 'Ines',
})

/** What a refusal says: its status, code, the field and the words. */
export function refusal({ status, body }: request.Response) {
  const { code, path, message } = (body as { error: Readonly<Record<'code' | 'path' | 'message', string>> })
    .error
  return { status, code, path, message }
}
