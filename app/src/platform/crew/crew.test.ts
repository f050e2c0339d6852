// A device and its shop: whom it shows its key, what becomes of what it keeps when it is shut out.
import { change } from '../sync/testing/change'
import { memoryDevice } from '../sync/testing/memory-device'
import type { DeviceStore } from '../sync/device-store'
import { openPhotoShelf } from '../sync/photo-shelf'
import { clearAddress, codeInAddress } from './code-in-address'
import { openCrew, type Crew } from './crew'
import { refusedBy, type ShopSaid } from './pairing'

const HOUR = 3_600_000
const SHOP = 'a'.repeat(32)
const PAIRING = {
  device: 'id-9',
  key: 'k'.repeat(43),
  name: 'Van 2',
  person: 'Ines',
  role: 'technician',
  shop: SHOP,
}

interface Asked {
  readonly path: string
  readonly headers: Readonly<Record<string, string>>
}
let n = 0
async function open(kept: Readonly<Record<string, string | number>> = {}, device?: DeviceStore) {
  const store = device ?? (await memoryDevice())
  for (const [name, value] of Object.entries(kept)) await store.setFact(name, value)
  const photos = await openPhotoShelf(`photos-${++n}`)
  const asked: Asked[] = []
  const state = {
    now: 100 * HOUR,
    shop: { shop: SHOP, paired: true } as ShopSaid | null,
    answer: (): object | null => ({}),
    ok: true,
  }
  const request = ((path: string, init: RequestInit = {}) => {
    asked.push({ path, headers: (init.headers ?? {}) as Record<string, string> })
    const body = state.answer()
    return body
      ? Promise.resolve({ ok: state.ok, json: () => Promise.resolve(body) })
      : Promise.reject(new Error('no way'))
  }) as unknown as typeof fetch
  const crew = await openCrew({
    device: store,
    photos,
    now: () => state.now,
    request,
    ask: () => Promise.resolve(state.shop),
  })
  return { crew, device: store, photos, asked, state }
}
const paired = { pairing: JSON.stringify(PAIRING), device: PAIRING.device }
const doorOf = (crew: Crew) => crew.store.getState().door

describe('what is asked', () => {
  it('goes unsigned from a device that is not paired', async () => {
    const { crew } = await open()
    expect(await crew.signer.headers()).toEqual({})
  })
  it('is signed for the own shop, once it is known to be that', async () => {
    const { crew } = await open(paired)
    expect(await crew.signer.headers()).toEqual({ authorization: `Bearer id-9.${PAIRING.key}` })
  })
  it('is not asked at all of another shop, or of nobody; after the way was lost it is looked again', async () => {
    const { crew, state } = await open(paired)
    state.shop = null
    expect(await crew.signer.headers()).toBeNull()
    expect(doorOf(crew)).toEqual({ kind: 'unknown' })
    state.shop = { shop: SHOP, paired: true }
    expect(await crew.signer.headers()).not.toBeNull()
    state.shop = { shop: 'b'.repeat(32), paired: false }
    crew.signer.lost()
    expect(await crew.signer.headers()).toBeNull()
    expect(doorOf(crew)).toEqual({ kind: 'another-shop' })
    state.shop = { shop: SHOP, paired: true }
    expect(await crew.signer.headers()).not.toBeNull()
    crew.signer.heard()
    expect(doorOf(crew)).toEqual({ kind: 'open' })
  })
  it('refused as unknown: the shop has lost this device, or it is another shop', async () => {
    const { crew, state } = await open(paired)
    await crew.signer.refused('not-paired')
    expect(doorOf(crew)).toEqual({ kind: 'not-paired' })
    state.shop = { shop: 'b'.repeat(32), paired: true }
    await crew.signer.refused('not-paired')
    expect(doorOf(crew)).toEqual({ kind: 'another-shop' })
  })
})

describe('pairing', () => {
  it('keeps what the code was given for; what was entered before is this device’s own', async () => {
    const device = await memoryDevice()
    await device.setFact('device', 'old-id')
    await device.keep([
      { ...change(1), device: 'old-id' },
      { ...change(2), device: 'another' },
    ])
    const { crew, state } = await open({}, device)
    state.answer = () => PAIRING
    expect(await crew.pair('7K3M-9QTX', 'Van 2')).toBeNull()
    expect(await device.fact('device')).toBe('id-9')
    expect(await device.fact('technician')).toBe('Ines')
    expect(JSON.parse(String(await device.fact('pairing')))).toEqual(PAIRING)
    expect((await device.undelivered()).map((one) => one.device).sort()).toEqual(['another', 'id-9'])
  })
  it('refused is said as the server says it; anything else is no server', async () => {
    const { crew, state, device } = await open()
    state.ok = false
    state.answer = () => ({ error: { code: 'code-late', path: 'code', message: 'That code has run out.' } })
    expect(await crew.pair('x', 'y')).toMatchObject({ path: 'code', message: 'That code has run out.' })
    for (const answer of [{}, { ...PAIRING, role: 'king' }, null]) {
      state.ok = true
      state.answer = () => answer
      expect(await crew.pair('x', 'y')).toMatchObject({
        path: '',
        message: expect.stringContaining('not reached'),
      })
    }
    expect(await device.fact('pairing')).toBeUndefined()
    expect(refusedBy('<html>')).toBeNull()
  })
})

describe('the key', () => {
  it('is renewed every twelve hours, and kept before it is used', async () => {
    const { crew, device, asked, state } = await open({ ...paired, 'key renewed': 89 * HOUR })
    await crew.renew()
    expect(asked).toEqual([])
    state.now = 101 * HOUR
    state.answer = () => ({ key: 'new' })
    await crew.renew()
    expect(asked).toEqual([
      { path: '/api/device/renew', headers: { authorization: `Bearer id-9.${PAIRING.key}` } },
    ])
    expect(await crew.signer.headers()).toEqual({ authorization: 'Bearer id-9.new' })
    expect(await device.fact('key renewed')).toBe(101 * HOUR)
  })
  it('stays as it is where no answer, or none of ours, comes', async () => {
    const { crew, state } = await open(paired)
    for (const answer of [null, {}, { key: 7 }]) {
      state.answer = () => answer
      await crew.renew()
    }
    expect(await crew.signer.headers()).toEqual({ authorization: `Bearer id-9.${PAIRING.key}` })
  })
})

describe('shut out', () => {
  it('with nothing undelivered it is wiped at once, and the server is told', async () => {
    const device = await memoryDevice()
    await device.receive([change(1), change(2)])
    const { crew, asked, photos } = await open(paired, device)
    await photos.keep('p', new Blob(['p']), 'store')
    await crew.signer.refused('revoked')
    expect(doorOf(crew)).toEqual({ kind: 'locked', why: 'revoked', waiting: 0 })
    expect([await device.all(), await photos.get('p'), await device.fact('pairing')]).toEqual([
      [],
      null,
      undefined,
    ])
    expect(asked.map(({ path }) => path)).toEqual(['/api/device/wiped'])
    expect(await crew.signer.headers()).toBeNull()
  })
  it('what nobody else has stays until it is given up, also through a reload; the rest is gone at once', async () => {
    const device = await memoryDevice()
    await device.receive([change(1)])
    await device.keep([change(2)])
    const { crew, photos, asked } = await open({ ...paired, practice: '[]' }, device)
    await photos.keep('p', new Blob(['p']))
    await photos.keep('q', new Blob(['q']), 'store')
    await crew.signer.refused('copied')
    expect(doorOf(crew)).toEqual({ kind: 'locked', why: 'copied', waiting: 2 })
    expect((await device.all()).map(({ id }) => id)).toEqual([change(2).id])
    expect([await photos.get('q'), await device.fact('practice')]).toEqual([null, undefined])
    // Heard or refused again, it stays shut.
    crew.signer.heard()
    // What was on its way arrived late: gone at the next start.
    await device.receive([change(3)])
    const again = await open({}, device)
    expect((await device.all()).map(({ id }) => id)).toEqual([change(2).id])
    expect(doorOf(again.crew)).toMatchObject({ kind: 'locked', why: 'copied' })
    expect(asked).toEqual([])
    await crew.wipe()
    expect([await device.all(), await photos.get('p')]).toEqual([[], null])
    expect(doorOf(crew)).toEqual({ kind: 'locked', why: 'copied', waiting: 0 })
    await crew.begin()
    expect(doorOf((await open({}, device)).crew)).toEqual({ kind: 'unknown' })
  })
})

it('a code comes with the address, and is taken out of it', () => {
  window.history.replaceState(null, '', '/pair#7K3M9QTX')
  expect(codeInAddress()).toBe('7K3M9QTX')
  clearAddress()
  expect([window.location.hash, window.location.pathname, codeInAddress()]).toEqual(['', '/pair', ''])
  window.history.replaceState(null, '', '/pair#<script>')
  expect(codeInAddress()).toBe('')
  window.history.replaceState(null, '', '/')
})
