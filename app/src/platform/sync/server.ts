// The server as this device sees it: put changes, ask for those after the last. A narrow port; tests give a small fake.
import type { Change } from '@oak/core/job/change'

export type PutAnswer =
  | { readonly kind: 'kept' }
  /** The server will never take these: what it said. */
  | { readonly kind: 'refused'; readonly message: string }
  | { readonly kind: 'unreachable' }

export interface Page {
  /** The name of the database that answered. */
  readonly store: string
  readonly changes: Change[]
  readonly next: number
  readonly more: boolean
}

export interface Server {
  readonly put: (changes: readonly Change[]) => Promise<PutAnswer>
  /** null: unreachable. */
  readonly after: (cursor: number) => Promise<Page | null>
}

const TIMEOUT_MS = 8000

async function request(path: string, init?: RequestInit): Promise<Response | null> {
  try {
    return await fetch(path, { ...init, signal: AbortSignal.timeout(TIMEOUT_MS) })
  } catch {
    return null
  }
}

export const httpServer: Server = {
  async put(changes) {
    const response = await request('/api/changes', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ changes }),
    })
    if (!response || response.status >= 500 || response.status === 429) return { kind: 'unreachable' }
    if (response.ok) return { kind: 'kept' }
    const body = (await response.json().catch(() => null)) as { error?: { message?: string } } | null
    return { kind: 'refused', message: body?.error?.message ?? `The server answered ${response.status}.` }
  },
  async after(cursor) {
    const response = await request(`/api/changes?after=${cursor}`)
    if (!response?.ok) return null
    return (await response.json().catch(() => null)) as Page | null
  },
}
