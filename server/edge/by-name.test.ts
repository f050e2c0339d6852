import express from 'express'
import request from 'supertest'
import { byName } from './by-name'

const shop = (name: string, ...hosts: string[]) => {
  const app = express()
  app.get('/', (_req, res) => void res.send(name))
  return { app, hosts }
}
const both = byName([shop('north', 'north.example', 'n.example'), shop('south', 'south.example')])
const asked = (shops: ReturnType<typeof byName>, host: string) => request(shops).get('/').set('host', host)

it.each([
  ['north.example', 'north'],
  ['N.example:4651', 'north'],
  ['south.example.', 'south'],
])('%s is %s', async (host, name) => expect((await asked(both, host)).text).toBe(name))
it.each(['127.0.0.1', 'localhost', 'evil.example', 'north.example.evil.example', 'x@north.example'])(
  '%s is no shop',
  async (host) => {
    const { status, body } = await asked(both, host)
    expect([status, (body as { error: { code: string } }).error.code]).toEqual([421, 'other-host'])
  },
)
it('a shop alone hears all and judges itself', async () =>
  expect((await asked(byName([shop('only')]), 'whoever')).text).toBe('only'))
