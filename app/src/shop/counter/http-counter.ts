// The parts counter over HTTP. An answer that is not of the agreed shape is refused, never shown.
import { signedHeaders } from '../../platform/sync/ask'
import * as v from 'valibot'
import { STOCK_KINDS } from '@oak/core/van/stock-line'
import type { CounterPort } from './port'

const AnswerSchema = v.object({
  counter: v.pipe(v.string(), v.maxLength(200)),
  parts: v.pipe(
    v.array(
      v.object({
        kind: v.picklist(STOCK_KINDS),
        name: v.pipe(v.string(), v.maxLength(300)),
        what: v.pipe(v.string(), v.maxLength(300)),
        cents: v.pipe(v.number(), v.minValue(0)),
        stock: v.pipe(v.number(), v.integer(), v.minValue(0)),
        back: v.nullable(v.pipe(v.string(), v.maxLength(60))),
        sections: v.optional(
          v.pipe(
            v.array(v.pipe(v.number(), v.gtValue(0), v.maxValue(1000))),
            v.minLength(1),
            v.maxLength(24),
          ),
        ),
        volts: v.optional(v.pipe(v.number(), v.minValue(1), v.maxValue(1000))),
      }),
    ),
    v.maxLength(1000),
  ),
})
const TIMEOUT_MS = 8000

const signedFetch = async (url: string, init: RequestInit): Promise<Response> =>
  fetch(url, { ...init, headers: (await signedHeaders()) ?? {} })

/** `request` stands for fetch, so that a test can stand in for the line. */
export function httpCounter(
  request: (url: string, init: { readonly signal: AbortSignal }) => Promise<Pick<Response, 'ok' | 'json'>> = (
    url,
    init,
  ) => signedFetch(url, init),
): CounterPort {
  return {
    async ask(kind, text, signal) {
      const quit = new AbortController()
      const late = setTimeout(() => quit.abort(), TIMEOUT_MS)
      signal.addEventListener('abort', () => quit.abort(), { once: true })
      try {
        const response = await request(`/api/counter?${new URLSearchParams({ kind, text })}`, {
          signal: quit.signal,
        })
        const body: unknown = await response.json()
        if (!response.ok)
          return {
            kind: 'refused',
            message:
              (body as { error?: { message?: string } } | null)?.error?.message ??
              'The counter did not answer the question.',
          }
        const answer = v.safeParse(AnswerSchema, body)
        return answer.success
          ? { kind: 'answered', ...answer.output }
          : { kind: 'refused', message: 'The counter sent what is not an answer.' }
      } catch {
        return { kind: 'unreachable' }
      } finally {
        clearTimeout(late)
      }
    },
  }
}
