// The demo shop's jobs, from files in the open format. Seeding twice adds nothing: changes are idempotent by id.
import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { readJobFile } from '@oak/core/job/job-file'
import type { ChangeStore } from './store/change-store'

export async function seedDemo(store: ChangeStore, folder: string): Promise<void> {
  for (const name of readdirSync(folder).filter((n) => n.endsWith('.job.json')).sort()) {
    const read = readJobFile(readFileSync(join(folder, name), 'utf8'))
    if (!read.ok) throw new Error(`${name}: ${read.problems[0]?.path} ${read.problems[0]?.message}`)
    const put = await store.put(read.file.changes)
    if (!put.ok) throw new Error(`${name}: change ${put.clash} is in the database with other contents`)
  }
}
