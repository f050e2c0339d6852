// A paired server at its edge: who it takes an asking address from, cookies over TLS, other sites, ids that are taken.
import type { Response } from 'express'
import request from 'supertest'
import { BY_LOOPBACK } from '../app'
import { jpeg } from '../testing/jpeg'
import { openPairedApp, type PairedApp } from '../testing/paired-app'
import { openTestApp, refusal, uuid } from '../testing/test-app'
import { accessOf } from './access'
import { newCode } from './secret'

let t: PairedApp
afterEach(() => t.db.destroy())

describe('an asking address', () => {
  const guess = (address: string) =>
    request(t.app)
      .post('/api/pairing')
      .set('x-forwarded-for', address)
      .send({ code: newCode(), device: uuid(1), name: 'x' })
  const last = async () => {
    let status = 0
    for (let i = 0; i < 11; i++) status = (await guess(`10.1.1.${i}`)).status
    return status
  }
  it('is that of the connection where no proxy is named: a made-up one gets nobody more guesses', async () => {
    t = await openPairedApp({ reach: BY_LOOPBACK })
    expect(await last()).toBe(429)
  })
  it('is what a named proxy says', async () => {
    t = await openPairedApp({ reach: { ...BY_LOOPBACK, proxies: ['127.0.0.1', '::1'] } })
    expect(await last()).toBe(403)
  })
})

it('over TLS the owner’s cookie is bound to the host by its name, and goes by TLS alone', async () => {
  t = await openPairedApp()
  const plain = await openTestApp()
  const access = accessOf(plain.db, { isSecure: true, passwordCost: 2 ** 10 })
  const given: unknown[][] = []
  await access.owner.open(uuid(1), { cookie: (...all: unknown[]) => given.push(all) } as unknown as Response)
  expect(given).toEqual([
    [
      '__Host-oak-owner',
      expect.stringMatching(/^[\w-]{43}$/),
      { httpOnly: true, sameSite: 'strict', secure: true, path: '/', maxAge: 12 * 3_600_000 },
    ],
  ])
  await plain.db.destroy()
})

it('a page of another site writes nothing, with whatever key', async () => {
  t = await openPairedApp()
  const phone = await t.pair('Ines', 'technician')
  for (const origin of ['http://evil.example', 'null']) {
    const answer = await phone.post('/api/changes', { changes: [] }).set('origin', origin)
    expect(refusal(answer)).toMatchObject({ status: 403, code: 'other-origin' })
  }
})

it('a photo’s id that another phone took first is refused, and what was there stays', async () => {
  t = await openPairedApp()
  const [ines, omar] = [await t.pair('Ines', 'technician'), await t.pair('Omar', 'technician')]
  const bring = (phone: typeof ines, bytes: Buffer) =>
    phone
      .put(`/api/photos/${uuid(5)}`)
      .set('content-type', 'image/jpeg')
      .send(bytes)
  const first = await bring(ines, jpeg('one'))
  const second = await bring(omar, jpeg('other'))
  expect([first.status, second.status]).toEqual([201, 409])
  expect(((await omar.get(`/api/photos/${uuid(5)}`)).body as Buffer).equals(jpeg('one'))).toBe(true)
})

it('a person or a phone that is called like a formula is no formula in the audit', async () => {
  t = await openPairedApp()
  const owner = await t.pair('=HYPERLINK("http://evil.example")', 'owner')
  const set = await owner.post('/api/owner/password', { password: 'gravel teapot lantern ferry' })
  const cookie = String([set.get('set-cookie') ?? []].flat()[0]).split(';')[0] ?? ''
  const { text } = await owner.get('/api/owner/audit.csv').set('cookie', cookie)
  expect(text).toContain("'=HYPERLINK")
  expect(text).not.toMatch(/(?:^|,)"?=HYPERLINK/m)
})
