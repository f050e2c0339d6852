// Remembers what a slow step was made from, so that it is done again only when that changed.
import { createHash } from 'node:crypto'
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs'
import { dirname, join, resolve } from 'node:path'
import { root } from './run.mjs'

const SKIPPED = new Set(['node_modules', 'dist', '.expo', 'fonts', 'pictures', 'readers', 'testing'])
/** What nothing is built from. */
const IS_TEST = /\.test\.tsx?$/

function* files(path) {
  if (!existsSync(path)) return
  if (statSync(path).isFile()) return yield path
  for (const name of readdirSync(path).sort())
    if (!SKIPPED.has(name) && !IS_TEST.test(name)) yield* files(join(path, name))
}

/** A hash over the names and contents of files and folders, relative to the repository. */
export function hashOf(paths) {
  const hash = createHash('sha256')
  for (const path of paths)
    for (const file of files(resolve(root, path)))
      hash.update(file.slice(root.length)).update('\0').update(readFileSync(file)).update('\0')
  return hash.digest('hex')
}

const fileOf = (name) => resolve(root, 'node_modules', '.oak', name)
export const isFresh = (name, hash) => existsSync(fileOf(name)) && readFileSync(fileOf(name), 'utf8') === hash
export function keepStamp(name, hash) {
  mkdirSync(dirname(fileOf(name)), { recursive: true })
  writeFileSync(fileOf(name), hash)
}
