// `npm run backup`: a checked copy of the shop's database, pictures and all; its server may be running.
import { resolve } from 'node:path'
import { readSettings } from '../settings'
import { backUp } from '../store/backup'

const root = resolve(__dirname, '..', '..')

async function main(): Promise<void> {
  const { database, backups } = readSettings(process.env, root)
  const folder = process.argv[2] === undefined ? backups.folder : resolve(process.argv[2])
  const file = await backUp(database, folder, new Date(), backups.keep)
  console.log(`${file}\nis a whole copy of ${database}. Keep one on another machine too.`)
}

main().catch((error: Error) => {
  console.error(error.message)
  process.exit(1)
})
