// The port that the app is served on: plain on loopback and behind a proxy, with TLS elsewhere.
import { createServer as createPlain, type RequestListener, type Server } from 'node:http'
import { createServer as createSecure } from 'node:https'
import { join } from 'node:path'
import type { Settings } from '../settings'
import { givenTls } from './given'
import { servedNames } from './names'

export interface Listener {
  readonly make: (app: RequestListener) => Server
  readonly scheme: 'http' | 'https'
  /** The root that phones must trust; null: browsers trust it already, or it is not ours. */
  readonly root: string | null
}

/** ASVS 5.0, 12.1.1. */
const OLDEST = 'TLSv1.2'

export async function listenerOf(settings: Settings): Promise<Listener> {
  const { tls, data, hosts } = settings
  switch (tls.kind) {
    case 'none':
    case 'proxy':
      return { make: (app) => createPlain(app), scheme: 'http', root: null }
    case 'given': {
      const served = givenTls(tls.cert, tls.key, hosts)
      return {
        make: (app) => createSecure({ ...served, minVersion: OLDEST }, app),
        scheme: 'https',
        root: null,
      }
    }
    case 'own': {
      // Only where it is wanted: every start of a server would read it.
      const { ownTls } = await import('./authority')
      const { root, ...served } = await ownTls(join(data, 'tls'), servedNames(settings))
      return { make: (app) => createSecure({ ...served, minVersion: OLDEST }, app), scheme: 'https', root }
    }
  }
}
