// A Chromium for the browser tests: the machine's, or Debian's package.
import { existsSync } from 'node:fs'
import { aptInstall, fail } from './install.mjs'
import { tryRun } from './run.mjs'

const NAMES = ['chromium', 'chromium-browser', 'google-chrome-stable', 'google-chrome']

const find = () =>
  process.env.CHROMIUM_PATH ??
  NAMES.map((name) => tryRun('sh', ['-c', `command -v ${name}`], { quiet: true }).out.trim()).find(Boolean)

export function chromium() {
  if (!find()) aptInstall(['chromium'], 'the browser tests drive it')
  // Puts a certificate among those that a browser trusts.
  if (!tryRun('sh', ['-c', 'command -v certutil'], { quiet: true }).out.trim())
    aptInstall(['libnss3-tools'], 'a browser test trusts an authority by its certutil')
  const path = find()
  if (!path || !existsSync(path)) fail('No Chromium was found. Install one, or name it in CHROMIUM_PATH.')
  return path
}
