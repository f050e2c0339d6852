// Installs the packages, and before them what the SQLite binding is built with, once for each lock file.
import { existsSync, realpathSync } from 'node:fs'
import { dirname, resolve } from 'node:path'
import { has, root, run, tryRun } from './run.mjs'
import { hashOf, isFresh, keepStamp } from './stamp.mjs'

const BUILD_TOOLS = ['python3', 'make', 'g++']

export function install() {
  const [major] = process.versions.node.split('.').map(Number)
  if (major < 20) fail(`Oak Switch needs Node 20 or later; this is ${process.version}.`)
  const hash = hashOf(['package-lock.json', '.npmrc'])
  if (isFresh('install', hash) && existsSync(resolve(root, 'node_modules', 'tsx'))) return
  const missing = BUILD_TOOLS.filter((tool) => !has(tool))
  if (missing.length > 0)
    aptInstall(['python3', 'make', 'g++'], `building the SQLite binding needs ${missing.join(', ')}`)
  console.log('Installing packages (about four minutes the first time)…')
  run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error'], { env: headers() })
  // npm may hold back install scripts: build the binding then.
  if (!existsSync(resolve(root, 'node_modules/better-sqlite3/build/Release/better_sqlite3.node')))
    run('npm', ['rebuild', 'better-sqlite3', '--foreground-scripts', '--loglevel=error'], { env: headers() })
  keepStamp('install', hash)
}

/** Where this Node's own headers are, so that the binding is built without fetching them; nothing when they are not beside it. */
function headers() {
  const prefix = dirname(dirname(realpathSync(process.execPath)))
  return existsSync(resolve(prefix, 'include', 'node', 'node.h')) ? { npm_config_nodedir: prefix } : {}
}

/** Installs Debian packages where this may be done, else says what is missing. */
export function aptInstall(packages, why) {
  const root = process.getuid?.() === 0
  if (!has('apt-get') || !root)
    fail(`Please install ${packages.join(' ')}: ${why}${root ? '' : ', and this is not run as root'}.`)
  console.log(`Installing ${packages.join(' ')} from Debian's packages: ${why}.`)
  const env = { DEBIAN_FRONTEND: 'noninteractive' }
  const apt = (args) => tryRun('apt-get', ['-qq', '-o', 'Dpkg::Use-Pty=0', ...args], { env, quiet: true })
  apt(['update'])
  const { code, err } = apt(['install', '-y', '--no-install-recommends', ...packages])
  if (code !== 0) fail(`apt-get could not install ${packages.join(' ')}:\n${err}`)
}

export function fail(message) {
  console.error(`\n${message}`)
  process.exit(1)
}
