// Under which names and addresses a server can be reached, for its certificate and for what it prints.
import { isIP } from 'node:net'
import { networkInterfaces } from 'node:os'
import { isLoopback } from '../edge/hosts'
import type { Settings } from '../settings'

/** Addresses of this machine that a phone on its network can use; IPv4 first. */
const ownAddresses = (): string[] =>
  Object.values(networkInterfaces())
    .flatMap((list) => list ?? [])
    .filter(({ internal, address }) => !internal && !address.startsWith('fe80:'))
    .sort((a, b) => a.family.localeCompare(b.family))
    .map(({ address }) => address)

const isEverywhere = (host: string): boolean => host === '0.0.0.0' || host === '::'

/** Listed names first, then addresses; loopback's at the end. */
export function servedNames({ host, hosts }: Pick<Settings, 'host' | 'hosts'>): string[] {
  const addresses = isEverywhere(host) ? ownAddresses() : isLoopback(host) ? [] : [host]
  return [...new Set([...hosts, ...addresses, 'localhost', '127.0.0.1'])]
}

/** The address that phones are told. */
export function servedBase(
  settings: Pick<Settings, 'host' | 'hosts' | 'port' | 'tls'>,
  port = settings.port,
): string {
  const [name = 'localhost'] = servedNames(settings)
  const shown = isIP(name) === 6 ? `[${name}]` : name
  // A proxy is reached at its own port, which is the usual one.
  if (settings.tls.kind === 'proxy') return `https://${shown}`
  return `${settings.tls.kind === 'none' ? 'http' : 'https'}://${shown}:${port}`
}
