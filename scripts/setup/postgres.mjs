// PostgreSQL for the tests that run on it: the machine's, or Debian's package. They start a cluster of their own.
import { existsSync, readdirSync } from 'node:fs'
import { aptInstall, fail } from './install.mjs'

const PACKAGED = '/usr/lib/postgresql'
const isThere = () =>
  existsSync(PACKAGED) &&
  readdirSync(PACKAGED).some((version) => existsSync(`${PACKAGED}/${version}/bin/initdb`))

export function postgres() {
  if (isThere()) return
  aptInstall(['postgresql'], 'tests run the store on it too')
  if (!isThere()) fail('No PostgreSQL was found. Install Debian’s package “postgresql”.')
}
