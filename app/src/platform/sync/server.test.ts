import { httpServer } from './server'

const real = globalThis.fetch
afterEach(() => {
  globalThis.fetch = real
})
// jsdom has no time limits of its own.
Object.assign(AbortSignal, { timeout: () => new AbortController().signal })

/** The network as the device meets it: one answer, and what was asked. */
function network(answer: Partial<Response> | Error) {
  const asked: { path: string; init: RequestInit | undefined }[] = []
  globalThis.fetch = ((path: string, init?: RequestInit) => {
    asked.push({ path, init })
    return answer instanceof Error ? Promise.reject(answer) : Promise.resolve(answer as Response)
  }) as typeof fetch
  return asked
}
const json = (status: number, body: unknown): Partial<Response> => ({
  ok: status < 300,
  status,
  json: () => Promise.resolve(body),
})
const garbled = (status: number): Partial<Response> => ({
  ok: status < 300,
  status,
  json: () => Promise.reject(new SyntaxError('no JSON')),
})

describe('putting changes', () => {
  it('posts them as JSON, and 200 is kept', async () => {
    const asked = network(json(200, { added: [], known: [] }))
    expect(await httpServer.put([])).toEqual({ kind: 'kept' })
    expect(asked).toEqual([
      { path: '/api/changes', init: expect.objectContaining({ method: 'POST', body: '{"changes":[]}' }) },
    ])
  })
  it.each([500, 503, 429])('%i is a server that cannot now: they wait', async (status) => {
    network(json(status, {}))
    expect(await httpServer.put([])).toEqual({ kind: 'unreachable' })
  })
  it('no network is no answer', async () => {
    network(new TypeError('Failed to fetch'))
    expect(await httpServer.put([])).toEqual({ kind: 'unreachable' })
  })
  it('a refusal says what the server said, else its number', async () => {
    network(json(400, { error: { message: 'A job has no field “x”.' } }))
    expect(await httpServer.put([])).toEqual({ kind: 'refused', message: 'A job has no field “x”.' })
    network(garbled(409))
    expect(await httpServer.put([])).toEqual({ kind: 'refused', message: 'The server answered 409.' })
  })
})

describe('asking for changes', () => {
  const page = { store: 's', changes: [], next: 7, more: false }
  it('asks from the cursor on', async () => {
    const asked = network(json(200, page))
    expect(await httpServer.after(3)).toEqual(page)
    expect(asked[0]?.path).toBe('/api/changes?after=3')
  })
  it.each([
    ['no network', new TypeError('Failed to fetch')],
    ['an error', json(500, {})],
    ['an answer that is no JSON', garbled(200)],
  ])('%s: null', async (_, answer) => {
    network(answer)
    expect(await httpServer.after(0)).toBeNull()
  })
})
