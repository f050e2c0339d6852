// What a request's body may be: JSON of a sane size and depth. Looked at as text, before anything is made of it.
import type { IncomingMessage, ServerResponse } from 'node:http'
import express, { type RequestHandler } from 'express'

const BODY_LIMIT = '2mb'
/** Lists and objects in one another. The deepest that the app sends is a unit type in a hookup: 9. */
export const MAX_DEPTH = 40

class BodyRefused extends Error {
  constructor(readonly type: 'too-deep' | 'other-letters') {
    super(type)
  }
}

const [QUOTE, BACKSLASH] = [0x22, 0x5c]
const OPENS = new Set([0x5b, 0x7b])
const CLOSES = new Set([0x5d, 0x7d])

/** How deep lists and objects lie in one another in this JSON text, 0 for a plain value; stops looking beyond `most`. */
export function depthOf(text: Uint8Array, most = Infinity): number {
  let [depth, deepest, isText] = [0, 0, false]
  for (let i = 0; i < text.length && deepest <= most; i++) {
    const byte = text[i] as number
    if (isText && byte === BACKSLASH) i++
    else if (byte === QUOTE) isText = !isText
    else if (!isText && OPENS.has(byte)) deepest = Math.max(deepest, ++depth)
    else if (!isText && CLOSES.has(byte)) depth--
  }
  return deepest
}

function check(_req: IncomingMessage, _res: ServerResponse, body: Buffer, encoding: string): void {
  if (encoding !== 'utf-8') throw new BodyRefused('other-letters')
  if (depthOf(body, MAX_DEPTH) > MAX_DEPTH) throw new BodyRefused('too-deep')
}

export const jsonBody = (): RequestHandler => express.json({ limit: BODY_LIMIT, strict: true, verify: check })
