import express from 'express'
import request from 'supertest'
import { EMPTY_CATALOGUE } from '../counter/simulated-counter'
import { refusal } from '../testing/test-app'
import { counterRoutes } from './counter'

/** A counter that never lets anyone wait longer than it must. */
const counter = () =>
  express().use(
    '/',
    counterRoutes(EMPTY_CATALOGUE, () => 0),
  )

it('answers after a while, one after another without end', async () => {
  const app = counter()
  for (let i = 0; i < 3; i++)
    expect((await request(app).get('/?kind=motor&text=rowan')).body).toEqual({
      counter: 'No parts counter is connected',
      parts: [],
    })
})
it('sixteen may wait at a time; the next is sent away in words, until one has gone', async () => {
  const server = counter().listen(0, '127.0.0.1')
  const answers = await Promise.all(
    Array.from({ length: 17 }, () =>
      request(server)
        .get('/?kind=motor')
        .then((r) => r),
    ),
  )
  expect(answers.filter(({ status }) => status === 200)).toHaveLength(16)
  expect(answers.filter(({ status }) => status !== 200).map(refusal)).toEqual([
    { status: 503, code: 'too-many', path: '', message: 'The counter is busy: too many are waiting.' },
  ])
  expect((await request(server).get('/?kind=motor')).status).toBe(200)
  server.close()
})
it.each([
  ['kind=engine', 'kind', 'A counter is asked for one of: motor, capacitor, blade, part.'],
  ['', 'kind', null],
  [`kind=motor&text=${'x'.repeat(101)}`, 'text', 'A question has 100 letters at most.'],
  ['kind=motor&kind=blade', 'kind', null],
  ['kind=motor&shelf=3', 'shelf', null],
])('refuses %s, naming the field', async (query, path, message) =>
  expect(refusal(await request(counter()).get(`/?${query}`))).toMatchObject({
    status: 400,
    code: 'bad-input',
    path,
    ...(message === null ? {} : { message }),
  }),
)
it('takes a question of a hundred letters', async () =>
  expect((await request(counter()).get(`/?kind=motor&text=${'x'.repeat(100)}`)).status).toBe(200))
