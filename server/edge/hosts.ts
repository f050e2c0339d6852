// Under which names this server answers. A page from elsewhere can give this machine a name of its own and so pass for it;
// an address in numbers, localhost, and the names that the shop has listed it cannot.
import { isIP } from 'node:net'
import type { RequestHandler } from 'express'
import { refuse } from '../errors'

/** The host of a `Host` header without its port, in lower case; null where it is none. */
export function hostName(header: string | undefined): string | null {
  if (header === undefined || !URL.canParse(`http://${header}/`)) return null
  const { hostname, pathname, username, password, search, hash } = new URL(`http://${header}/`)
  // Nothing but a host: “a/b” and “me@a” are no hosts.
  if (pathname !== '/' || username || password || search || hash) return null
  return hostname.replace(/^\[|\]$/g, '').replace(/\.$/, '')
}

export const isLoopback = (name: string): boolean =>
  name === 'localhost' || name === '::1' || (isIP(name) === 4 && name.startsWith('127.'))

/** `bound`: the address it listens on. On loopback it has loopback's names alone, elsewhere any address in numbers too. */
export function ownHosts(bound: string, further: readonly string[]): (name: string) => boolean {
  const listed = new Set(further.map((name) => name.toLowerCase()))
  const isLocal = isLoopback(bound)
  return (name) => isLoopback(name) || listed.has(name) || (!isLocal && isIP(name) !== 0)
}

/** The names of a setting such as “shop-pc, oak.lan”. */
export const hostList = (setting: string | undefined): string[] =>
  (setting ?? '').split(/[\s,]+/).filter((name) => name !== '')

/** Headers that were found to name this server: a phone sends the same each time. */
const MOST_KNOWN = 100

export function onlyOwnHosts(isOwn: (name: string) => boolean): RequestHandler {
  const known = new Set<string>()
  return (req, res, next) => {
    const { host = '' } = req.headers
    if (known.has(host)) return next()
    const name = hostName(host)
    if (name !== null && isOwn(name)) {
      if (known.size < MOST_KNOWN) known.add(host)
      return next()
    }
    refuse(res, 421, 'other-host', [
      {
        path: 'host',
        message:
          'This server does not go by that name. If it should, list the name in OAK_HOSTS and start it again.',
      },
    ])
  }
}
