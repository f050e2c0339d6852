// `npm run restore -- FILE [--shop NAME]`: puts a backup in the database's place. Its servers must be stopped.
import { mkdirSync } from 'node:fs'
import { resolve } from 'node:path'
import { parseArgs } from 'node:util'
import { readSettings } from '../settings'
import { backups } from '../store/copies/folder'
import { restorePlace } from '../store/postgres/copies'
import { shopNamed } from '../store/shops'
import { restore } from '../store/sqlite/backup'

const root = resolve(__dirname, '..', '..')

async function main(): Promise<void> {
  const { values, positionals } = parseArgs({ options: { shop: { type: 'string' } }, allowPositionals: true })
  const settings = readSettings(process.env, root)
  const { database } = settings
  const shop = database.kind === 'file' ? null : shopNamed(database.shops, values.shop).shop
  const [chosen] = positionals
  if (chosen === undefined) {
    const known = backups(settings.backups.folder, shop)
    throw new Error(
      `Which backup? npm run restore -- FILE. ${known.length > 0 ? `In ${settings.backups.folder} there are: ${known.join(', ')}.` : `There is none in ${settings.backups.folder}.`}`,
    )
  }
  mkdirSync(settings.data, { recursive: true })
  const before =
    database.kind === 'file'
      ? restore(resolve(chosen), database.file, new Date())
      : await restorePlace(resolve(chosen), { url: database.url, shop: shop ?? '' }, new Date())
  console.log(
    `${database.kind === 'file' ? database.file : `The shop ${shop}`} is what ${chosen} held. At the next start every device delivers anew what it holds, and nothing twice.`,
  )
  if (before) console.log(`What stood there before is kept as ${before}.`)
}

main().catch((error: Error) => {
  console.error(error.message)
  process.exit(1)
})
