// Who is let in: pairing by codes, keys that are renewed, copied or taken away, the owner's session.
import request from 'supertest'
import { refusal, uuid, change } from '../testing/test-app'
import { openPairedApp, type PairedApp, type TestPhone } from '../testing/paired-app'
import { CODE_LASTS_MS } from './codes'
import { meantCode, newCode, shownCode } from './secret'

const MINUTE = 60_000
const PASSWORD = 'gravel teapot lantern ferry'

let t: PairedApp
beforeEach(async () => void (t = await openPairedApp()))
afterEach(() => t.db.destroy())

const audit = async () =>
  (await t.db.selectFrom('audit').select(['act', 'about', 'person']).orderBy('seq').execute()).map(
    ({ act }) => act,
  )
const pairWith = (code: string, device = uuid(70), name = 'Van 2') =>
  request(t.app).post('/api/pairing').send({ code, device, name })

/** What a browser sends back of the cookies in an answer. */
const cookieOf = (answer: request.Response): string =>
  [answer.get('set-cookie') ?? []]
    .flat()
    .map((line) => line.split(';')[0])
    .join('; ')

describe('a paired server', () => {
  it.each([
    ['get', '/api/changes'],
    ['get', '/api/jobs'],
    ['get', '/api/jobs/office'],
    ['get', `/api/jobs/whole?of=${uuid(1)}:0`],
    ['get', `/api/photos/${uuid(2)}`],
    ['get', '/api/device'],
    ['get', '/api/owner/devices'],
    ['get', '/api/owner/audit.csv'],
    ['get', '/api/counter'],
    ['get', '/api/schemas'],
    ['get', '/api/nothing'],
    ['post', '/api/changes'],
    ['post', '/api/operations/hookup'],
    ['post', '/api/owner/codes'],
    ['put', `/api/photos/${uuid(2)}`],
  ] as const)('answers nobody without a key: %s %s', async (method, path) => {
    expect(refusal(await request(t.app)[method](path))).toMatchObject({ status: 401, code: 'not-paired' })
  })
  it('tells a stranger its name and that it pairs, and nothing else', async () => {
    const { body } = await request(t.app).get('/api/shop')
    expect(body).toEqual({ shop: expect.stringMatching(/^[0-9a-f]{32}$/), paired: true })
  })
  it.each([
    'Bearer',
    'Bearer x.y',
    `Basic ${uuid(1)}`,
    `Bearer ${uuid(1)}.${'a'.repeat(43)}`,
    `Bearer ${uuid(1)}.${'a'.repeat(43)} and more`,
    "Bearer ' or 1=1 --",
  ])('takes no made-up key: %s', async (authorization) => {
    const answer = await request(t.app).get('/api/jobs').set('authorization', authorization)
    expect(refusal(answer).status).toBe(401)
  })
  it('takes no key of one phone with the id of another', async () => {
    const [a, b] = [await t.pair('Ines', 'technician'), await t.pair('Omar', 'technician')]
    expect((await a.get('/api/jobs')).status).toBe(200)
    expect(refusal(await t.phone(a.id, b.key).get('/api/jobs'))).toMatchObject({
      status: 401,
      code: 'not-paired',
    })
  })
  it('keeps no key, no code and no password as it is', async () => {
    const phone = await t.pair('Ines', 'owner')
    const { code } = await t.access.codes.make({ person: 'Omar', role: 'technician' })
    await phone.post('/api/owner/password', { password: PASSWORD })
    for (const table of ['device', 'code', 'shop', 'session', 'audit'] as const) {
      const text = JSON.stringify(await t.db.selectFrom(table).selectAll().execute())
      for (const secret of [phone.key, code, PASSWORD]) expect(text).not.toContain(secret)
    }
  })
})

describe('a code', () => {
  const make = async () => (await t.access.codes.make({ person: 'Ines', role: 'technician' })).code
  it('pairs one phone: who it is is said by the code, not by the phone', async () => {
    const answer = await pairWith(shownCode(await make()).toLowerCase())
    expect(answer.status).toBe(201)
    expect(answer.body).toMatchObject({ device: uuid(70), person: 'Ines', role: 'technician', name: 'Van 2' })
    const { key } = answer.body as { key: string }
    const me = await t.phone(uuid(70), key).get('/api/device')
    expect(me.body).toMatchObject({ device: uuid(70), person: 'Ines', role: 'technician', owner: null })
    expect(await audit()).toEqual(['paired'])
  })
  it('used, run out, or none at all is told apart, and pairs nobody', async () => {
    const [used, late] = [await make(), await make()]
    await pairWith(used)
    expect(refusal(await pairWith(used, uuid(71)))).toMatchObject({
      status: 403,
      code: 'code-used',
      path: 'code',
    })
    t.wait(CODE_LASTS_MS)
    expect(refusal(await pairWith(late, uuid(71)))).toMatchObject({ status: 403, code: 'code-late' })
    expect(refusal(await pairWith(newCode(), uuid(71)))).toMatchObject({ status: 403, code: 'code-wrong' })
    expect(await t.access.devices.list()).toHaveLength(1)
    expect(await audit()).toEqual(['paired', 'code refused', 'code refused', 'code refused'])
  })
  it('brought by two phones at once pairs one of them', async () => {
    const code = await make()
    const answers = await Promise.all([pairWith(code, uuid(71)), pairWith(code, uuid(72))])
    expect(answers.map(({ status }) => status).sort()).toEqual([201, 403])
  })
  it('guessed is refused by address after ten in a minute, and from everywhere after sixty, a good one too', async () => {
    const answers = []
    for (let i = 0; i < 11; i++) answers.push((await pairWith(newCode())).status)
    expect(answers).toEqual([...Array.from({ length: 10 }, () => 403), 429])
    for (let i = 0; i < 60; i++) await t.access.codes.use(newCode())
    const good = await make()
    const elsewhere = (code: string) => pairWith(code).set('x-forwarded-for', '10.9.9.9')
    expect(refusal(await elsewhere(good))).toMatchObject({
      status: 429,
      message: expect.stringContaining('ten minutes'),
    })
    t.wait(CODE_LASTS_MS)
    expect((await elsewhere(await make())).status).toBe(201)
  })
  it('withdrawn is gone', async () => {
    const { id, code } = await t.access.codes.make({ person: 'Ines', role: 'technician' })
    expect(await t.access.codes.withdraw(id)).toBe(true)
    expect((await pairWith(code)).status).toBe(403)
    expect(await t.access.codes.withdraw(id)).toBe(false)
  })
  it('of a phone whose id is taken gives it another id: nobody becomes another', async () => {
    const first = await t.pair('Ines', 'technician')
    const answer = await pairWith(await make(), first.id)
    const { device, key } = answer.body as { device: string; key: string }
    expect(device).not.toBe(first.id)
    expect((await t.phone(device, key).get('/api/jobs')).status).toBe(200)
    expect((await first.get('/api/jobs')).status).toBe(200)
  })
  it.each([
    [{ code: '' }, 'code', 'The code is missing.'],
    [{ code: 'A'.repeat(41) }, 'code', 'The code has 8 letters.'],
    [{ name: '  ' }, 'name', 'Give the phone a name, such as “Van 2”.'],
    [{ name: 'n'.repeat(61) }, 'name', 'The phone’s name has 60 letters at most.'],
    [{ name: 'Van\0 2' }, 'name', 'The phone’s name has a sign in it that is no letter.'],
    [{ device: 'mine' }, 'device', 'That is not a device’s id.'],
  ])('asked for wrongly is told beside its field: %o', async (wrong, path, message) => {
    const answer = await request(t.app)
      .post('/api/pairing')
      .send({ code: 'ABCDEFGH', device: uuid(70), name: 'Van 2', ...wrong })
    expect(refusal(answer)).toMatchObject({ status: 400, path, message })
  })
  it('reads as it was meant', () => {
    expect(meantCode(' 7k3m-9qtx ')).toBe('7K3M9QTX')
    expect(meantCode('oIl1-U000')).toBe('0111V000')
    expect(shownCode('7K3M9QTX')).toBe('7K3M-9QTX')
    const seen = new Set(Array.from({ length: 400 }, newCode))
    expect(seen.size).toBe(400)
    for (const code of seen) expect(meantCode(shownCode(code))).toBe(code)
  })
})

describe('a key', () => {
  const renewed = async (phone: TestPhone): Promise<TestPhone> => {
    const { body } = await phone.post('/api/device/renew')
    return t.phone(phone.id, (body as { key: string }).key)
  }
  it('is renewed: the one before serves until the new one is used, and two minutes more', async () => {
    const old = await t.pair('Ines', 'technician')
    // An answer that was lost on the way is asked for again.
    await renewed(old)
    const fresh = await renewed(old)
    expect((await old.get('/api/jobs')).status).toBe(200)
    expect((await fresh.get('/api/jobs')).status).toBe(200)
    t.wait(2 * MINUTE)
    expect((await old.get('/api/jobs')).status).toBe(200)
    expect((await fresh.get('/api/jobs')).status).toBe(200)
  })
  it('copied is found out when either of the two uses one that was replaced: the device is locked out', async () => {
    const owner = await t.pair('Rosa', 'owner')
    const phone = await t.pair('Ines', 'technician')
    const fresh = await renewed(phone)
    await fresh.get('/api/jobs')
    t.wait(2 * MINUTE + 1)
    expect(refusal(await phone.get('/api/jobs'))).toMatchObject({ status: 401, code: 'copied' })
    expect(refusal(await fresh.get('/api/jobs'))).toMatchObject({ status: 401, code: 'copied' })
    expect((await owner.get('/api/jobs')).status).toBe(200)
    expect(await audit()).toContain('key copied')
  })
  it('of a phone that was taken off the list is refused at once, and told only to who has it', async () => {
    const owner = await t.pair('Rosa', 'owner')
    const phone = await t.pair('Ines', 'technician')
    const cookie = cookieOf(await owner.post('/api/owner/password', { password: PASSWORD }))
    await phone.post('/api/changes', { changes: [{ ...change(1), device: phone.id }] })
    expect((await owner.post(`/api/owner/devices/${phone.id}/revoke`).set('cookie', cookie)).status).toBe(200)
    expect(refusal(await phone.get('/api/jobs'))).toMatchObject({ status: 401, code: 'revoked' })
    expect(
      refusal(await phone.post('/api/changes', { changes: [{ ...change(2), device: phone.id }] })).status,
    ).toBe(401)
    expect(refusal(await t.phone(phone.id, 'x'.repeat(43)).get('/api/jobs')).code).toBe('not-paired')
    expect(
      ((await owner.get('/api/changes')).body as { changes: { id: string }[] }).changes.map(({ id }) => id),
    ).toEqual([change(1).id])
    // It says when nothing of the shop is on it any more.
    expect((await phone.post('/api/device/wiped')).status).toBe(200)
    expect((await owner.post('/api/device/wiped')).status).toBe(401)
    const row = (await t.access.devices.list()).find(({ id }) => id === phone.id)
    expect(row).toMatchObject({ why: 'owner', revoked: t.now(), wiped: t.now() })
  })
})

describe('the owner', () => {
  it('needs a session beside the key for the phones, the codes and the audit', async () => {
    const owner = await t.pair('Rosa', 'owner')
    expect(refusal(await owner.get('/api/owner/devices'))).toMatchObject({ status: 401, code: 'no-session' })
    const set = await owner.post('/api/owner/password', { password: PASSWORD })
    expect([set.get('set-cookie')].flat()[0]).toMatch(
      /^oak-owner=[\w-]{43}; Max-Age=43200; Path=\/; .*HttpOnly; SameSite=Strict$/,
    )
    expect((await owner.get('/api/owner/devices').set('cookie', cookieOf(set))).status).toBe(200)
  })
  it('has a cookie that is worth nothing without the key of that phone: stolen, it opens nothing', async () => {
    const owner = await t.pair('Rosa', 'owner')
    const other = await t.pair('Rosa', 'owner')
    const cookie = cookieOf(await owner.post('/api/owner/password', { password: PASSWORD }))
    expect(refusal(await request(t.app).get('/api/owner/devices').set('cookie', cookie)).code).toBe(
      'not-paired',
    )
    expect(refusal(await other.get('/api/owner/devices').set('cookie', cookie)).code).toBe('no-session')
  })
  it('is out after half an hour of nothing, after twelve hours in all, and by signing out', async () => {
    const owner = await t.pair('Rosa', 'owner')
    await owner.post('/api/owner/password', { password: PASSWORD })
    const signIn = async () => cookieOf(await owner.post('/api/owner/sign-in', { password: PASSWORD }))
    const isIn = async (cookie: string) =>
      (await owner.get('/api/owner/devices').set('cookie', cookie)).status === 200
    const idle = await signIn()
    t.wait(30 * MINUTE)
    expect(await isIn(idle)).toBe(false)
    const long = await signIn()
    for (let i = 0; i < 24; i++) {
      expect(await isIn(long)).toBe(true)
      t.wait(30 * MINUTE - 1)
    }
    t.wait(24)
    expect(await isIn(long)).toBe(false)
    const left = await signIn()
    await owner.post('/api/owner/sign-out').set('cookie', left)
    expect(await isIn(left)).toBe(false)
  })
  it('changes the password with the one before, and other sessions end', async () => {
    const [owner, other] = [await t.pair('Rosa', 'owner'), await t.pair('Rosa', 'owner')]
    await owner.post('/api/owner/password', { password: PASSWORD })
    const held = cookieOf(await other.post('/api/owner/sign-in', { password: PASSWORD }))
    const next = 'anvil parsley tractor moon'
    expect(refusal(await owner.post('/api/owner/password', { password: next }))).toMatchObject({
      status: 403,
      path: 'before',
    })
    expect((await owner.post('/api/owner/password', { password: next, before: PASSWORD })).status).toBe(200)
    expect((await other.get('/api/owner/devices').set('cookie', held)).status).toBe(401)
    expect((await other.post('/api/owner/sign-in', { password: PASSWORD })).status).toBe(403)
    expect((await other.post('/api/owner/sign-in', { password: next })).status).toBe(200)
  })
  it.each([
    ['short', 'A password has at least 12 letters; four words will do.'],
    ['x'.repeat(201), 'A password has at most 200 letters.'],
    [
      'password1234',
      'That password is among those that are guessed first; take words that do not belong together.',
    ],
    [
      'qwertyuiop12',
      'That password is among those that are guessed first; take words that do not belong together.',
    ],
  ])('takes no password that is guessed: %s', async (password, message) => {
    const owner = await t.pair('Rosa', 'owner')
    expect(refusal(await owner.post('/api/owner/password', { password }))).toMatchObject({
      status: 400,
      path: 'password',
      message,
    })
    expect(await t.access.owner.hasPassword()).toBe(false)
  })
  it('is guessed no more than five times in a quarter of an hour, with the right one too', async () => {
    const owner = await t.pair('Rosa', 'owner')
    await owner.post('/api/owner/password', { password: PASSWORD })
    for (let i = 0; i < 5; i++)
      expect((await owner.post('/api/owner/sign-in', { password: `guess ${i}` })).status).toBe(403)
    expect((await owner.post('/api/owner/sign-in', { password: PASSWORD })).status).toBe(429)
    t.wait(15 * MINUTE)
    expect((await owner.post('/api/owner/sign-in', { password: PASSWORD })).status).toBe(200)
  })
  it('is not guessed faster by guessing at once', async () => {
    const owner = await t.pair('Rosa', 'owner')
    await owner.post('/api/owner/password', { password: PASSWORD })
    const answers = await Promise.all(
      Array.from({ length: 12 }, (_, i) => owner.post('/api/owner/sign-in', { password: `guess ${i}` })),
    )
    expect(answers.filter(({ status }) => status === 403)).toHaveLength(5)
    expect(answers.filter(({ status }) => status === 429)).toHaveLength(7)
  })
  it('who has forgotten the password sets another one; sessions end with it', async () => {
    const owner = await t.pair('Rosa', 'owner')
    const cookie = cookieOf(await owner.post('/api/owner/password', { password: PASSWORD }))
    await t.access.owner.forget()
    expect((await owner.get('/api/owner/devices').set('cookie', cookie)).status).toBe(401)
    expect((await owner.post('/api/owner/sign-in', { password: PASSWORD })).status).toBe(403)
    expect((await owner.post('/api/owner/password', { password: 'anvil parsley tractor moon' })).status).toBe(
      200,
    )
  })
  it('makes codes for others, sees the phones, and cannot lock out the one in hand', async () => {
    const owner = await t.pair('Rosa', 'owner')
    const cookie = cookieOf(await owner.post('/api/owner/password', { password: PASSWORD }))
    const made = await owner
      .post('/api/owner/codes', { person: 'Ines', role: 'technician' })
      .set('cookie', cookie)
    expect(made.body).toMatchObject({
      code: expect.stringMatching(/^.{4}-.{4}$/),
      ends: t.now() + CODE_LASTS_MS,
    })
    expect((await pairWith((made.body as { code: string }).code)).status).toBe(201)
    const { body } = await owner.get('/api/owner/devices').set('cookie', cookie)
    expect(body).toMatchObject({
      devices: [
        { id: owner.id, person: 'Rosa', role: 'owner' },
        { id: uuid(70), person: 'Ines', role: 'technician', name: 'Van 2', revoked: null },
      ],
      codes: [],
    })
    expect(JSON.stringify(body)).not.toMatch(/"(key|hash|next|before)"/)
    expect(
      refusal(await owner.post(`/api/owner/devices/${owner.id}/revoke`).set('cookie', cookie)),
    ).toMatchObject({
      status: 409,
    })
    for (const id of [uuid(99), 'x', '..%2f..'])
      expect((await owner.post(`/api/owner/devices/${id}/revoke`).set('cookie', cookie)).status).toBe(404)
  })
  it.each(['technician', 'office', 'apprentice'] as const)('is none of the %s', async (role) => {
    const phone = await t.pair('Omar', role)
    for (const path of ['password', 'sign-in', 'codes', `devices/${uuid(1)}/revoke`])
      expect(refusal(await phone.post(`/api/owner/${path}`, { password: PASSWORD })).status).toBe(403)
    for (const path of ['devices', 'audit.csv'])
      expect(refusal(await phone.get(`/api/owner/${path}`)).status).toBe(403)
  })
})

it('an open server pairs nobody and says why', async () => {
  const open = t.withOptions({ access: null })
  const answer = await request(open)
    .post('/api/pairing')
    .send({ code: 'ABCDEFGH', device: uuid(1), name: 'x' })
  expect(refusal(answer)).toMatchObject({ status: 409, message: expect.stringContaining('own machine only') })
  expect((await request(open).get('/api/shop')).body).toMatchObject({ paired: false })
})
