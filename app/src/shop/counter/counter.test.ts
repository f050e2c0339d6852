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
