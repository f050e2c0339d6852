// The folder of backups: each under a name that tells when it was made, whole or not at all; the oldest go.
import { existsSync, mkdirSync, readdirSync, renameSync, rmSync } from 'node:fs'
import { join } from 'node:path'

export interface Kept {
  readonly folder: string
  /** Of several shops each has copies of its own; null: the only one. */
  readonly shop: string | null
  readonly at: Date
  /** So many of the newest stay, the new one included. */
  readonly keep: number
}

/** “20261127-153000”: by their names alone the newest is the last. */
export const timeOf = (at: Date): string =>
  at.toISOString().replace(/[-:]/g, '').replace('T', '-').slice(0, 15)

const stem = (shop: string | null): string => (shop === null ? 'oak-switch' : `oak-switch-${shop}`)

/** Copies of that shop in a folder, the oldest first. */
export function backups(folder: string, shop: string | null): string[] {
  const name = new RegExp(`^${stem(shop)}-\\d{8}-\\d{6}(-\\d+)?\\.sqlite$`)
  return existsSync(folder)
    ? readdirSync(folder)
        .filter((one) => name.test(one))
        .sort()
    : []
}

function freeName({ folder, shop, at }: Kept): string {
  const name = `${stem(shop)}-${timeOf(at)}`
  for (let i = 0; ; i++) {
    const file = join(folder, i === 0 ? `${name}.sqlite` : `${name}-${i}.sqlite`)
    if (!existsSync(file)) return file
  }
}

/** What may lie beside a SQLite file. */
export const BESIDE = ['', '-wal', '-shm', '-journal'] as const

/** `make` writes the copy to the file that it is given and checks it. Where it throws, none is left behind and none taken away. */
export async function keepCopy(kept: Kept, make: (file: string) => Promise<void>): Promise<string> {
  const { folder, shop, keep } = kept
  mkdirSync(folder, { recursive: true })
  const file = freeName(kept)
  // Under another name until it is whole: a copy that was cut off is never taken for one.
  const half = `${file}.part`
  try {
    await make(half)
    renameSync(half, file)
  } finally {
    for (const ending of BESIDE) rmSync(`${half}${ending}`, { force: true })
  }
  for (const old of backups(folder, shop).slice(0, -keep)) rmSync(join(folder, old))
  return file
}
