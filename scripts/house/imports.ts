// Which room needs which, read from the imports of the code itself; tests are left out, since they may reach anywhere.
import { execFileSync } from 'node:child_process'
import { readFileSync } from 'node:fs'
import { dirname, join, normalize } from 'node:path'

const IMPORT = /(?:from|import)\s*\(?\s*['"]([^'"\n]+)['"]/g

/** The rooms with the number of their files, and for each the rooms that it needs. */
export interface House {
  readonly files: ReadonlyMap<string, number>
  readonly needs: ReadonlyMap<string, ReadonlySet<string>>
}

/** "core/circuit", "app/stages", "server": the first folder below core or app/src, else the top one. */
export function roomOf(file: string): string | null {
  const [top, second, third] = file.split('/')
  if (top === 'core') return second?.includes('.') ? null : `core/${second}`
  if (top === 'app') return second === 'src' && third && !third.includes('.') ? `app/${third}` : null
  return top === 'server' ? top : null
}

export function readHouse(): House {
  const files = execFileSync('git', ['ls-files', 'core', 'app/src', 'server'], { encoding: 'utf8' })
    .trim()
    .split('\n')
    .filter((f) => /\.tsx?$/.test(f) && !/\.test\.tsx?$|\/testing\//.test(f))
  const counts = new Map<string, number>()
  const needs = new Map<string, Set<string>>()
  for (const file of files) {
    const room = roomOf(file)
    if (!room) continue
    counts.set(room, (counts.get(room) ?? 0) + 1)
    const found = needs.get(room) ?? new Set<string>()
    for (const other of roomsNeededBy(file)) if (other !== room) found.add(other)
    needs.set(room, found)
  }
  return { files: counts, needs }
}

function roomsNeededBy(file: string): string[] {
  return [...readFileSync(file, 'utf8').matchAll(IMPORT)].flatMap(([, name = '']) => {
    if (name.startsWith('@oak/core/')) return roomOf(name.replace('@oak/core/', 'core/') + '.ts') ?? []
    return name.startsWith('.') ? (roomOf(normalize(join(dirname(file), name)) + '.ts') ?? []) : []
  })
}

/** Without the arrows that follow from others: what a room needs through one it needs anyway. */
export function reduced(needs: House['needs']): Map<string, string[]> {
  const reach = (from: string, seen = new Set<string>()): Set<string> => {
    for (const next of needs.get(from) ?? []) if (!seen.has(next)) reach(next, seen.add(next))
    return seen
  }
  return new Map(
    [...needs].map(([room, direct]) => {
      const further = new Set([...direct].flatMap((one) => [...reach(one)]))
      return [room, [...direct].filter((one) => !further.has(one)).sort()]
    }),
  )
}
