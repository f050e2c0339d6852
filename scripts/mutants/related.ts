// Which tests can notice a change of a file: those that import it, directly or through others.
import { readFileSync } from 'node:fs'
import { dirname, join, normalize } from 'node:path'

const IMPORT = /(?:from|import)\s*\(?\s*['"]([^'"\n]+)['"]/g
const ENDINGS = ['', '.ts', '.tsx', '/index.ts']

/** For each file the tests that reach it; paths from the repository's root. */
export function testsOf(files: readonly string[]): ReadonlyMap<string, readonly string[]> {
  const known = new Set(files)
  const importers = new Map<string, string[]>()
  for (const file of files)
    for (const target of importsOf(file, known))
      importers.set(target, [...(importers.get(target) ?? []), file])
  return new Map(files.map((file) => [file, reachedTests(file, importers)]))
}

function importsOf(file: string, known: ReadonlySet<string>): string[] {
  return [...readFileSync(file, 'utf8').matchAll(IMPORT)].flatMap(([, name = '']) => {
    const base = name.startsWith('@oak/core/')
      ? name.replace('@oak/core/', 'core/')
      : name.startsWith('.')
        ? normalize(join(dirname(file), name))
        : null
    const found = base === null ? undefined : ENDINGS.map((e) => base + e).find((path) => known.has(path))
    return found ? [found] : []
  })
}

/** The test of a file's own name, then those in its folder, then by how many imports lie between: who is likeliest to notice comes first. */
function reachedTests(file: string, importers: ReadonlyMap<string, readonly string[]>): string[] {
  const seen = new Set([file])
  const found: string[] = []
  for (let ring: readonly string[] = [file]; ring.length > 0;) {
    const next = [...new Set(ring.flatMap((one) => importers.get(one) ?? []))].filter((f) => !seen.has(f))
    next.forEach((f) => seen.add(f))
    found.push(...next.filter((f) => /\.test\.tsx?$/.test(f)))
    ring = next.filter((f) => !/\.test\.tsx?$/.test(f))
  }
  const own = file.replace(/\.tsx?$/, '.test.')
  const rank = (test: string) => (test.startsWith(own) ? 0 : dirname(test) === dirname(file) ? 1 : 2)
  return found.sort((a, b) => rank(a) - rank(b))
}
