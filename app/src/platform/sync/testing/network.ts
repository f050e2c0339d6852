// The network as the device meets it: one answer, and what was asked. Bodies as the browser gives them, piece by piece.

interface Question {
  readonly path: string
  readonly init: RequestInit | undefined
}
interface Answer {
  readonly status: number
  readonly text: string
}

export const json = (status: number, body: unknown): Answer => ({ status, text: JSON.stringify(body) })
export const garbled = (status: number): Answer => ({ status, text: '{"added": [' })
/** What a hotel answers to everything until its page was looked at. */
export const portal = (status = 200): Answer => ({
  status,
  text: '<html><h1>Welcome! Please sign in.</h1></html>',
})

/** A blob with this text that can be read: the one of the test's own browser cannot. */
const blobOf = (text: string) =>
  ({
    size: text.length,
    text: () => Promise.resolve(text),
    slice: () => ({
      arrayBuffer: () => Promise.resolve(Uint8Array.from(text.slice(0, 2), (c) => c.charCodeAt(0)).buffer),
    }),
  }) as unknown as Blob
export const bytesOf = (bytes: readonly number[]): Blob => blobOf(String.fromCharCode(...bytes))

const responseOf = ({ status, text }: Answer) =>
  ({ ok: status < 300, status, body: null, blob: () => Promise.resolve(blobOf(text)) }) as unknown as Response

/** Every question gets this answer, or fails so; returns what was asked. */
export function network(answer: Answer | Error): Question[] {
  const asked: Question[] = []
  globalThis.fetch = ((path: string, init?: RequestInit) => {
    asked.push({ path, init })
    return answer instanceof Error ? Promise.reject(answer) : Promise.resolve(responseOf(answer))
  }) as typeof fetch
  return asked
}

/** An answer whose body comes piece by piece, as told; a question that is given up gets no more of it. */
export function answers(status: number): {
  readonly piece: (text: string) => void
  readonly end: () => void
} {
  const queue: ({ done: false; value: string } | { done: true })[] = []
  let wake: () => void = () => undefined
  let lost: (error: Error) => void = () => undefined
  const give = (next: (typeof queue)[number]) => {
    queue.push(next)
    wake()
  }
  const read = async (): Promise<unknown> => {
    while (queue.length === 0)
      await new Promise<void>((resolve, reject) => {
        wake = resolve
        lost = reject
      })
    return queue.shift()
  }
  globalThis.Blob = class {
    constructor(private readonly pieces: readonly string[]) {}
    text = () => Promise.resolve(this.pieces.join(''))
  } as unknown as typeof Blob
  globalThis.fetch = ((_: string, init?: RequestInit) =>
    new Promise((resolve, reject) => {
      const abort = () => {
        const error = new Error('aborted')
        reject(error)
        lost(error)
      }
      init?.signal?.addEventListener('abort', abort)
      const begin = () =>
        resolve({ ok: status < 300, status, body: { getReader: () => ({ read }) } } as unknown as Response)
      wake = begin
      if (queue.length > 0) begin()
    })) as typeof fetch
  return { piece: (value) => give({ done: false, value }), end: () => give({ done: true }) }
}
