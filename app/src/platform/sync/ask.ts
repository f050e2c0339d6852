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

/** Who signs the questions of this device, and hears when it is not taken for one of the shop's. */
export interface Signer {
  /** null: nothing may be asked now. */
  readonly headers: () => Promise<Readonly<Record<string, string>> | null>
  readonly refused: (code: string) => Promise<void>
  /** The server took the question. */
  readonly heard: () => void
  /** It is not reached: who answers next may be another one. */
  readonly lost: () => void
}

let signer: Signer | null = null
/** From then on every question is signed. */
export const signWith = (next: Signer): void => void (signer = next)

/** For what does not ask by `ask`: the headers of a question; null: nothing may be asked now. */
export const signedHeaders = async (): Promise<Readonly<Record<string, string>> | null> =>
  signer ? signer.headers() : {}

const DOORS: ReadonlySet<string> = new Set(['not-paired', 'revoked', 'copied'])

/** What our own server says of this device; a portal's 401 says nothing. */
async function hearDoor({ status, ok, body }: Asked): Promise<void> {
  if (ok) return signer?.heard()
  if (status !== 401) return
  try {
    const code = (JSON.parse(await body.text()) as { error?: { code?: unknown } }).error?.code
    if (typeof code === 'string' && DOORS.has(code)) await signer?.refused(code)
  } catch {
    // No answer of ours.
  }
}

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
  const signed = await signedHeaders()
  if (!signed) return { kind: 'unreachable' }
  const askedAt = Date.now()
  try {
    wait(SILENCE_MS + bytesUp / SLOWEST_UP)
    const response = await fetch(path, {
      ...init,
      headers: { ...(init.headers as Record<string, string> | undefined), ...signed },
      signal: abort.signal,
    })
    const heardAt = Date.now()
    const body = await whole(response, () => wait(SILENCE_MS))
    const asked: Asked = { status: response.status, ok: response.ok, body, askedAt, heardAt }
    await hearDoor(asked)
    return { kind: 'answer', asked }
  } catch {
    signer?.lost()
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
