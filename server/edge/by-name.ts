// Several shops behind one port, told apart by the name that was asked for.
import type { RequestListener } from 'node:http'
import type { Express } from 'express'
import { hostName } from './hosts'

interface Named {
  readonly app: Express
  readonly hosts: readonly string[]
}

export function byName(shops: readonly Named[]): RequestListener {
  const [only, ...more] = shops
  if (!only) throw new Error('no shop is served')
  if (more.length === 0) return only.app
  const apps = new Map(shops.flatMap(({ app, hosts }) => hosts.map((host) => [host, app] as const)))
  return (req, res) => (apps.get(hostName(req.headers.host) ?? '') ?? nobody)(req, res)
}

/** Also by an address in numbers: which shop would that be? */
const nobody: RequestListener = (_req, res) => {
  res.writeHead(421, { 'content-type': 'application/json' })
  const problem = {
    path: 'host',
    message: 'This server serves several shops, each by its own name, and none by this one.',
  }
  res.end(JSON.stringify({ error: { code: 'other-host', ...problem, problems: [problem] } }))
}
