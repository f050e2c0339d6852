// A paired server for tests, with a clock that can be moved, and phones that have been paired with it.
import request from 'supertest'
import type { Role } from '@oak/core/crew/roles'
import { accessOf, type Access } from '../access/access'
import { pairedOn } from '../access/paired'
import { BY_LOOPBACK, type AppOptions } from '../app'
import { changeStore } from '../store/change-store'
import { photoStore } from '../store/photo-store'
import { openTestApp, NOW, type TestApp } from './test-app'

export interface TestPhone {
  readonly id: string
  readonly key: string
  readonly get: (path: string) => request.Test
  readonly post: (path: string, body?: object) => request.Test
  readonly put: (path: string) => request.Test
  readonly delete: (path: string) => request.Test
}

export interface PairedApp extends TestApp {
  readonly access: Access
  /** Moves the server's clock on. */
  readonly wait: (ms: number) => void
  readonly now: () => number
  /** Pairs a phone of that person by a code. */
  readonly pair: (person: string, role: Role, device?: string) => Promise<TestPhone>
  /** A phone with that id and key. */
  readonly phone: (id: string, key: string) => TestPhone
}

/** An address of its own for each question: the limits by address are tested by themselves. */
let asked = 0
const address = () => `10.0.${Math.floor(++asked / 250) % 250}.${asked % 250}`

const uuidOf = (n: number) => `00000000-0000-4000-8000-1${String(n).padStart(11, '0')}`
let phones = 0

export async function openPairedApp(options: Partial<AppOptions> = {}): Promise<PairedApp> {
  const t = await openTestApp()
  let at = NOW()
  const now = () => at
  const access = accessOf(t.db, { now, isSecure: false, passwordCost: 2 ** 10 })
  const app = t.withOptions({
    store: changeStore(t.db, { now, index: t.index }),
    photos: photoStore(t.db),
    now,
    reach: { ...BY_LOOPBACK, proxies: ['loopback'] },
    access: pairedOn(t.db, access),
    ...options,
  })
  const phone = (id: string, key: string): TestPhone => {
    const signed = (test: request.Test) =>
      test.set('authorization', `Bearer ${id}.${key}`).set('x-forwarded-for', address())
    return {
      id,
      key,
      get: (path) => signed(request(app).get(path)),
      post: (path, body = {}) => signed(request(app).post(path)).send(body),
      put: (path) => signed(request(app).put(path)),
      delete: (path) => signed(request(app).delete(path)),
    }
  }
  return {
    ...t,
    app,
    access,
    now,
    wait: (ms) => void (at += ms),
    phone,
    async pair(person, role, device = uuidOf(++phones)) {
      const { code } = await access.codes.make({ person, role })
      const answer = await request(app)
        .post('/api/pairing')
        .set('x-forwarded-for', address())
        .send({ code, device, name: `${person}’s phone` })
      const { device: id, key } = answer.body as { device: string; key: string }
      return phone(id, key)
    },
  }
}
