import request from 'supertest'
import { OPERATIONS } from '@oak/core/operations/registry'
import { openTestApp, refusal, type TestApp } from '../testing/test-app'

let one: TestApp
beforeEach(async () => void (one = await openTestApp()))
afterEach(() => one.db.destroy())
const ask = (name: string, input: object) => request(one.app).post(`/api/operations/${name}`).send(input)

it('an operation answers as the registry does', async () => {
  const response = await ask('microfarads', { amps: 1, volts: 265.258238, hertz: 60 })
  expect((response.body as { microfarads: number }).microfarads).toBeCloseTo(10, 5)
})
it('bad input is a 400 that names the field', async () =>
  expect(refusal(await ask('microfarads', { amps: -1, volts: 370, hertz: 60 }))).toEqual({
    status: 400,
    code: 'bad-input',
    path: 'amps',
    message: 'Amps in the start lead must be above 0 A.',
  }))
it.each([
  [
    'late',
    'too-long',
    'This took too long here and was stopped; nothing was changed. Ask with fewer parts, or on the command line.',
  ],
  ['busy', 'too-many', 'Too many are being worked out; try again in a minute.'],
] as const)('one that is %s is a 503 that says so', async (answer, code, message) => {
  const slow = one.withOptions({ operations: { run: async () => answer, close: async () => undefined } })
  const response = await request(slow).post('/api/operations/restock').send({})
  expect(refusal(response)).toEqual({ status: 503, code, path: '', message })
})
it('one that does not exist is a 404', async () => {
  expect(refusal(await ask('weld', {}))).toMatchObject({ status: 404, code: 'unknown-operation' })
})
it('one that fails is a 500 that tells nothing of its insides', async () => {
  const said = jest.spyOn(console, 'error').mockImplementation(() => undefined)
  const failing = one.withOptions({
    operations: { run: () => Promise.reject(new Error('secret place')), close: async () => undefined },
  })
  const response = await request(failing).post('/api/operations/restock').send({})
  expect(refusal(response)).toEqual({
    status: 500,
    code: 'server-error',
    path: '',
    message: 'The server failed; nothing was changed. What you entered is kept on your device.',
  })
  expect(response.text).not.toContain('secret')
  expect(said).toHaveBeenCalledWith(expect.objectContaining({ message: 'secret place' }))
  said.mockRestore()
})
it('all are listed with what they are for, and publish what they take and give', async () => {
  const list = (await request(one.app).get('/api/operations')).body as { operations: unknown[] }
  expect(list.operations).toEqual(OPERATIONS.map(({ name, help }) => ({ name, help })))
  const { schemas } = (await request(one.app).get('/api/schemas')).body as { schemas: string[] }
  expect(schemas).toEqual(
    expect.arrayContaining(OPERATIONS.flatMap(({ name }) => [`${name}.input`, `${name}.output`])),
  )
  expect((await request(one.app).get('/api/schemas/prove.input')).body).toHaveProperty('$schema')
  for (const name of ['__proto__', 'weld.input'])
    expect(refusal(await request(one.app).get(`/api/schemas/${name}`))).toEqual({
      status: 404,
      code: 'not-found',
      path: '',
      message: 'There is no schema of that name.',
    })
})
