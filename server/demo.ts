// The demo shop's jobs, from files in the open format. Seeding twice adds nothing: changes are idempotent by id.
import { createHash } from 'node:crypto'
import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { readJobFile } from '@oak/core/job/job-file'
import Papa from 'papaparse'
import { VAN_ID } from '@oak/core/job/van'
import { LEAD_SHEETS } from '@oak/core/motor/lead-sheets'
import { readStockRows } from '@oak/core/van/stock-csv'
import { jpegProblem } from '@oak/core/job/jpeg'
import type { ChangeStore } from './store/change-store'
import type { PhotoStore } from './store/photo-store'

export async function seedDemo(store: ChangeStore, folder: string): Promise<void> {
  for (const name of readdirSync(folder)
    .filter((n) => n.endsWith('.job.json'))
    .sort()) {
    const read = readJobFile(readFileSync(join(folder, name), 'utf8'))
    if (!read.ok) throw new Error(`${name}: ${read.problems[0]?.path} ${read.problems[0]?.message}`)
    const put = await store.put(read.file.changes)
    if (put.clashes.length > 0)
      throw new Error(`${name}: change ${put.clashes[0]} is in the database with other contents`)
  }
}

/** The pictures that the demo's jobs speak of, each under its id. Seeding twice adds nothing. */
export async function seedPhotos(photos: PhotoStore, folder: string): Promise<void> {
  for (const name of readdirSync(folder).filter((n) => n.endsWith('.jpg'))) {
    const bytes = readFileSync(join(folder, name))
    const wrong = jpegProblem(bytes)
    if (wrong !== null) throw new Error(`${name}: ${wrong}`)
    if ((await photos.put(name.replace('.jpg', ''), bytes)) === 'clash')
      throw new Error(`${name}: another picture is in the database under this id`)
  }
}

/** When the demo's van was counted. */
const COUNTED_AT = Date.UTC(2026, 10, 20, 6)
const DEMO_DEVICE = '00000000-0000-4000-8000-0000000de0de'

/** From whom the demo's letters are. */
const LETTERHEAD = { name: 'Spindrift Air Works', address: '14 Old Slipway\nSaltmarsh Quay' }

/** The demo's van and letterhead. A line's change has an id made from the line, so that seeding twice adds nothing. */
export async function seedVan(store: ChangeStore, file: string): Promise<void> {
  const rows = Papa.parse<string[]>(readFileSync(file, 'utf8'), { skipEmptyLines: 'greedy' }).data
  const read = readStockRows(rows, { countedAt: COUNTED_AT, sheets: LEAD_SHEETS.map((sheet) => sheet.id) })
  if (read.problems.length > 0)
    throw new Error(`${file}: ${read.problems[0]?.path} ${read.problems[0]?.message}`)
  const fields: readonly (readonly [readonly string[], unknown])[] = [
    ...Object.entries(read.lines).map(([id, value]) => [['stock', id], value] as const),
    ...Object.entries(LETTERHEAD).map(([key, value]) => [['settings', key], value] as const),
  ]
  const changes = fields.map(([path, value]) => ({
    id: idOf(path.at(-1) ?? ''),
    job: VAN_ID,
    path: [...path],
    value,
    at: COUNTED_AT,
    device: DEMO_DEVICE,
    technician: 'demo',
  }))
  const put = await store.put(changes)
  if (put.clashes.length > 0)
    throw new Error(`${file}: change ${put.clashes[0]} is in the database with other contents`)
}

function idOf(text: string): string {
  const hex = createHash('sha256').update(text).digest('hex')
  return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-4${hex.slice(13, 16)}-8${hex.slice(17, 20)}-${hex.slice(20, 32)}`
}
