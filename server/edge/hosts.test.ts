import request from 'supertest'
import { openTestApp, refusal, type TestApp } from '../testing/test-app'
import { hostList, hostName, ownHosts } from './hosts'

it('reads the host of a header, whatever its port', () => {
  const read = {
    'localhost:4650': 'localhost',
    LOCALHOST: 'localhost',
    '127.0.0.1:1': '127.0.0.1',
    '[::1]:4650': '::1',
    'shop-pc.': 'shop-pc',
    'evil.example/localhost': null,
    'localhost@evil.example': null,
    'a b': null,
    '': null,
  }
  for (const [header, name] of Object.entries(read))
    expect([header, hostName(header)]).toEqual([header, name])
  expect(hostName(undefined)).toBeNull()
})
it('on loopback it goes by loopback’s names and those listed, and by no other', () => {
  const isOwn = ownHosts('127.0.0.1', hostList('Shop-PC, oak.lan'))
  const own = ['localhost', '127.0.0.1', '127.8.8.8', '::1', 'shop-pc', 'oak.lan']
  const other = ['evil.example', 'localhost.evil.example', '127.evil.example', '192.168.1.20', '0.0.0.0']
  expect(own.filter((name) => !isOwn(name))).toEqual([])
  expect(other.filter(isOwn)).toEqual([])
})
it('bound to the shop’s network, an address in numbers is its own too; a name must be listed', () => {
  const isOwn = ownHosts('0.0.0.0', [])
  expect([isOwn('192.168.1.20'), isOwn('fe80::1'), isOwn('shop-pc')]).toEqual([true, true, false])
})

describe('the server', () => {
  let t: TestApp
  beforeAll(async () => void (t = await openTestApp()))
  afterAll(() => t.db.destroy())
  it('answers neither reading nor writing under a name that a page elsewhere gave it', async () => {
    for (const ask of [
      request(t.app).get('/api/changes'),
      request(t.app).post('/api/changes').send({ changes: [] }),
      request(t.app).get('/'),
    ])
      expect(refusal(await ask.set('host', 'rebound.example:4650'))).toMatchObject({
        status: 421,
        code: 'other-host',
        message: expect.stringContaining('OAK_HOSTS'),
      })
    const as = async (host: string) => (await request(t.app).get('/api/changes').set('host', host)).status
    // A name that was found to be its own lets no other in after it.
    expect([
      await as('localhost:4650'),
      await as('localhost:4650'),
      await as('rebound.example:4650'),
    ]).toEqual([200, 200, 421])
  })
})
