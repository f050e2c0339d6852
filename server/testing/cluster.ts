// A PostgreSQL cluster for tests, from Debian's package: in a folder of its own, reached by a socket in it and by nothing else.
import { execFileSync } from 'node:child_process'
import { chmodSync, mkdtempSync, readdirSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'

export interface TestCluster {
  /** Of a database that belongs to a user who is nothing more than its owner. */
  readonly url: string
  /** As when the machine loses its power: no connection ends in an orderly way. */
  readonly crash: () => void
  readonly start: () => void
  readonly remove: () => void
}

/** The part after the dot of its socket's name; no port of the network. */
const PORT = 5999
const PACKAGED = '/usr/lib/postgresql'

/** The newest version that is installed. */
function programs(): string {
  const [newest] = readdirSync(PACKAGED).sort((a, b) => Number(b) - Number(a))
  if (!newest) throw new Error('There is no PostgreSQL: install Debian’s package “postgresql”.')
  return join(PACKAGED, newest, 'bin')
}

/** It refuses to be run by root, so there the package's own user runs it. */
function run(program: string, args: readonly string[]): void {
  const file = join(programs(), program)
  const [command = '', ...all] = [
    ...(process.getuid?.() === 0 ? ['runuser', '-u', 'postgres', '--'] : []),
    file,
    ...args,
  ]
  execFileSync(command, all, { stdio: ['ignore', 'ignore', 'pipe'] })
}

export interface ClusterOptions {
  /** What it said that it keeps outlives a crash; else it is quicker. */
  readonly durable?: boolean
  /** Databases beside “oak”. */
  readonly more?: readonly string[]
}

export function startCluster({ durable = false, more = [] }: ClusterOptions = {}): TestCluster {
  const folder = mkdtempSync(join(tmpdir(), 'oak-postgres-'))
  if (process.getuid?.() === 0) execFileSync('chown', ['postgres', folder])
  chmodSync(folder, 0o700)
  const data = join(folder, 'data')
  run('initdb', ['-D', data, '-A', 'trust', '-U', 'keeper', '-E', 'UTF8', '--no-sync'])
  const server = [
    `-c listen_addresses=`,
    `-c unix_socket_directories=${folder}`,
    `-c port=${PORT}`,
    // Tests open many shops at once.
    '-c max_connections=300',
    ...(durable ? [] : ['-c fsync=off -c synchronous_commit=off -c full_page_writes=off']),
  ].join(' ')
  const start = () => run('pg_ctl', ['-D', data, '-l', join(folder, 'log'), '-o', server, '-w', 'start'])
  start()
  const sql = (database: string, text: string) =>
    run('psql', ['-q', '-h', folder, '-p', String(PORT), '-U', 'keeper', '-d', database, '-c', text])
  sql('postgres', 'create role oak login')
  for (const name of ['oak', ...more]) sql('postgres', `create database ${name} owner oak`)
  return {
    url: `postgres:///oak?host=${encodeURIComponent(folder)}&port=${PORT}&user=oak`,
    crash: () => run('pg_ctl', ['-D', data, '-m', 'immediate', '-w', 'stop']),
    start,
    remove: () => {
      try {
        run('pg_ctl', ['-D', data, '-m', 'immediate', '-w', 'stop'])
      } catch {
        // It does not run: there is nothing to stop.
      }
      rmSync(folder, { recursive: true, force: true })
    },
  }
}
