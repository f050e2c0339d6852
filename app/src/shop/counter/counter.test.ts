import { httpCounter } from './http-counter'

const PART = { kind: 'motor', name: 'Rowan 50S', what: '1/2 hp', cents: 21900, stock: 0, back: 'Thursday' }
const ask = (answer: () => Promise<unknown>, ok = true, signal = new AbortController().signal) =>
  httpCounter(async () => ({ ok, json: answer })).ask('motor', '1/2 hp', signal)

it('hands on what the counter has, and what is out of stock', async () => {
  expect(await ask(async () => ({ counter: 'Mill Lane', parts: [PART] }))).toEqual({
    kind: 'answered',
    counter: 'Mill Lane',
    parts: [PART],
  })
})
it('says what the counter refused', async () => {
  expect(await ask(async () => ({ error: { message: 'The counter is busy.' } }), false)).toEqual({
    kind: 'refused',
    message: 'The counter is busy.',
  })
})
it.each([
  ['no list', { counter: 'x' }],
  ['half a part', { counter: 'x', parts: [{ name: 'y' }] }],
  ['less than none', { counter: 'x', parts: [{ ...PART, stock: -1 }] }],
  ['nothing', null],
])('shows no answer with %s', async (_, body) => {
  expect(await ask(async () => body)).toMatchObject({ kind: 'refused' })
})
it('is unreachable when the line fails or the answer is no JSON', async () => {
  expect(
    await httpCounter(async () => {
      throw new TypeError('failed')
    }).ask('part', '', new AbortController().signal),
  ).toEqual({ kind: 'unreachable' })
  expect(
    await ask(async () => {
      throw new SyntaxError('html')
    }),
  ).toEqual({ kind: 'unreachable' })
})
it('asks with the words escaped', async () => {
  const urls: string[] = []
  await httpCounter(async (url) => {
    urls.push(url)
    return { ok: true, json: async () => ({ counter: 'x', parts: [] }) }
  }).ask('blade', '22 in & 27°', new AbortController().signal)
  expect(urls).toEqual(['/api/counter?kind=blade&text=22+in+%26+27%C2%B0'])
})

it('an answer without a reason, or of no shape, is refused in words of our own', async () => {
  expect(await ask(async () => ({}), false)).toEqual({
    kind: 'refused',
    message: 'The counter did not answer the question.',
  })
  expect(await ask(async () => null, false)).toEqual({
    kind: 'refused',
    message: 'The counter did not answer the question.',
  })
  expect(await ask(async () => 7)).toEqual({
    kind: 'refused',
    message: 'The counter sent what is not an answer.',
  })
})
it.each([
  ['a name', { name: 'x'.repeat(300) }, { name: 'x'.repeat(301) }],
  ['a description', { what: 'x'.repeat(300) }, { what: 'x'.repeat(301) }],
  ['a price', { cents: 0 }, { cents: -1 }],
  ['a stock', { stock: 0 }, { stock: 0.5 }],
  ['a day', { back: 'x'.repeat(60) }, { back: 'x'.repeat(61) }],
  ['a section', { sections: [1000] }, { sections: [1001] }],
  ['a section above nothing', { sections: [0.5] }, { sections: [0] }],
  [
    'sections',
    { sections: Array.from({ length: 24 }, () => 5) },
    { sections: Array.from({ length: 25 }, () => 5) },
  ],
  ['one section', { sections: [5] }, { sections: [] }],
  ['volts', { volts: 1000 }, { volts: 1001 }],
  ['volts above nothing', { volts: 1 }, { volts: 0 }],
])('takes %s up to its limit, and no more', async (_, good, bad) => {
  const answer = (more: object) => ask(async () => ({ counter: 'x', parts: [{ ...PART, ...more }] }))
  expect((await answer(good)).kind).toBe('answered')
  expect((await answer(bad)).kind).toBe('refused')
})
it('takes a thousand parts and a name of 200 letters, and no more', async () => {
  const answer = (counter: number, parts: number) =>
    ask(async () => ({ counter: 'x'.repeat(counter), parts: Array.from({ length: parts }, () => PART) }))
  expect((await answer(200, 1000)).kind).toBe('answered')
  expect((await answer(201, 0)).kind).toBe('refused')
  expect((await answer(1, 1001)).kind).toBe('refused')
})
it('gives up when the asker does', async () => {
  const asker = new AbortController()
  const waiting = httpCounter(
    (_, { signal }) =>
      new Promise((__, fail) => signal.addEventListener('abort', () => fail(new Error('aborted')))),
  ).ask('part', '', asker.signal)
  asker.abort()
  expect(await waiting).toEqual({ kind: 'unreachable' })
})
