// What the server is told by its environment. All of it is right, or it does not start.
import { join, resolve } from 'node:path'
import { hostList } from './edge/hosts'

export interface Settings {
  readonly demo: boolean
  readonly database: string
  readonly data: string
  readonly host: string
  readonly port: number
  /** Further names that this server goes by. */
  readonly hosts: readonly string[]
  readonly backups: {
    readonly folder: string
    /** Copies that stay. */
    readonly keep: number
    /** null: none are made by themselves. */
    readonly everyHours: number | null
  }
}

type Environment = Readonly<Record<string, string | undefined>>

const USUAL_COPIES = 14

function whole(env: Environment, name: string, usual: number, least: number, most: number): number {
  const text = env[name]
  if (text === undefined || text === '') return usual
  const value = Number(text)
  if (!/^\d+$/.test(text) || value < least || value > most)
    throw new Error(`${name} must be a whole number from ${least} to ${most}, not “${text}”.`)
  return value
}

export function readSettings(env: Environment, root: string): Settings {
  const demo = env.OAK_DEMO === '1'
  const data = resolve(root, env.OAK_DATA || join('data', demo ? 'demo' : 'shop'))
  const hours = whole(env, 'OAK_BACKUP_HOURS', 0, 0, 8760)
  return {
    demo,
    data,
    database: join(data, 'oak-switch.sqlite'),
    host: env.HOST || '127.0.0.1',
    // Two default ports, so that a browser keeps the demo's jobs apart from the shop's own.
    port: whole(env, 'PORT', demo ? 4650 : 4651, 0, 65_535),
    hosts: hostList(env.OAK_HOSTS),
    backups: {
      folder: resolve(root, env.OAK_BACKUPS || join(data, 'backups')),
      keep: whole(env, 'OAK_BACKUP_KEEP', USUAL_COPIES, 1, 10_000),
      everyHours: hours === 0 ? null : hours,
    },
  }
}
