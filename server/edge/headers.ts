// The security headers of every answer. They never change, so they are worked out once and then only set.
import { IncomingMessage, ServerResponse } from 'node:http'
import { Socket } from 'node:net'
import type { RequestHandler } from 'express'
import helmet from 'helmet'

/** A year, as browsers' lists ask for. Only with TLS: a browser takes it from nothing else. */
const HSTS = { maxAge: 31_536_000, includeSubDomains: false }

/** No inline script or style, nothing from elsewhere, no frames. */
const policy = (isSecure: boolean) =>
  helmet({
    contentSecurityPolicy: {
      useDefaults: false,
      directives: {
        defaultSrc: ["'none'"],
        // WebAssembly of the app's own files: the readers of pictures.
        scriptSrc: ["'self'", "'wasm-unsafe-eval'"],
        // The hash of nothing: an empty style element may be made, and is then filled by script rule by rule.
        styleSrc: ["'self'", "'sha256-47DEQpj8HBSa+/TImW+5JCeuQeRkm5NMpJWZG3hSuFU='"],
        fontSrc: ["'self'"],
        imgSrc: ["'self'", 'data:', 'blob:'],
        connectSrc: ["'self'"],
        // Metro starts workers from a small blob that loads our own file.
        workerSrc: ["'self'", 'blob:'],
        manifestSrc: ["'self'"],
        baseUri: ["'none'"],
        formAction: ["'none'"],
        frameAncestors: ["'none'"],
      },
    },
    strictTransportSecurity: isSecure ? HSTS : false,
  })

/** What that sets on an answer. Throws where it cannot. */
function headersOf(handler: ReturnType<typeof helmet>): readonly (readonly [string, string])[] {
  const request = new IncomingMessage(new Socket())
  const response = new ServerResponse(request)
  handler(request, response, (error?: unknown) => {
    if (error) throw error instanceof Error ? error : new Error('the security headers could not be made')
  })
  return Object.entries(response.getHeaders()).map(([name, value]) => [name, String(value)])
}

export function securityHeaders(isSecure: boolean): RequestHandler {
  const headers = headersOf(policy(isSecure))
  return (_req, res, next) => {
    for (const [name, value] of headers) res.setHeader(name, value)
    next()
  }
}
