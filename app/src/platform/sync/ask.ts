// One question to the server over whatever link there is. What limits it is silence, not size: a slow answer that still comes is waited for.

export interface Asked {
  readonly status: number
  readonly ok: boolean
  readonly body: Blob
  readonly askedAt: number
  readonly heardAt: number
}

/** `late`: nothing came for too long; less may be asked for. `unreachable`: there is no way at all. */
export type Answered =
  | { readonly kind: 'answer'; readonly asked: Asked }
  | { readonly kind: 'late' }
  | { readonly kind: 'unreachable' }

/** Nothing heard for so long is a way that leads nowhere, ms. */
const SILENCE_MS = 8_000
/** What is sent up takes its time before anything can be heard: the slowest link that is waited for, bytes a millisecond. */
const SLOWEST_UP = 2

export async function ask(path: string, init: RequestInit = {}, bytesUp = 0): Promise<Answered> {
  const abort = new AbortController()
  let timer: ReturnType<typeof setTimeout> | undefined
  const wait = (ms: number) => {
    clearTimeout(timer)
    timer = setTimeout(() => abort.abort(), ms)
  }
  const askedAt = Date.now()
  try {
    wait(SILENCE_MS + bytesUp / SLOWEST_UP)
    const response = await fetch(path, { ...init, signal: abort.signal })
    const heardAt = Date.now()
    const body = await whole(response, () => wait(SILENCE_MS))
    return { kind: 'answer', asked: { status: response.status, ok: response.ok, body, askedAt, heardAt } }
  } catch {
    return { kind: abort.signal.aborted ? 'late' : 'unreachable' }
  } finally {
    clearTimeout(timer)
  }
}

/** The whole body; `heard` is called with every piece of it. */
async function whole(response: Response, heard: () => void): Promise<Blob> {
  heard()
  const reader = response.body?.getReader()
  if (!reader) return response.blob()
  const pieces: BlobPart[] = []
  for (;;) {
    const { done, value } = await reader.read()
    if (done) return new Blob(pieces)
    pieces.push(value)
    heard()
  }
}
