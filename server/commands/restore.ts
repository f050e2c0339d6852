// `npm run restore -- FILE`: puts a backup in the database's place. Its server must be stopped.
import { resolve } from 'node:path'
import { readSettings } from '../settings'
import { backups, restore } from '../store/backup'
import { mkdirSync } from 'node:fs'

const root = resolve(__dirname, '..', '..')

try {
  const settings = readSettings(process.env, root)
  const chosen = process.argv[2]
  if (chosen === undefined) {
    const known = backups(settings.backups.folder)
    throw new Error(
      `Which backup? npm run restore -- FILE. ${known.length > 0 ? `In ${settings.backups.folder} there are: ${known.join(', ')}.` : `There is none in ${settings.backups.folder}.`}`,
    )
  }
  mkdirSync(settings.data, { recursive: true })
  const before = restore(resolve(chosen), settings.database, new Date())
  console.log(
    `${settings.database} is what ${chosen} held. At the next start every device delivers anew what it holds, and nothing twice.`,
  )
  if (before) console.log(`What stood there before is kept as ${before}.`)
} catch (error) {
  console.error((error as Error).message)
  process.exit(1)
}
