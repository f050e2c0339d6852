// `npm run backup`: a checked copy of the shop's database, pictures and all, or of every shop on its cluster; its server may be running.
import { resolve } from 'node:path'
import { readSettings } from '../settings'
import { backUpAll } from '../store/copies/back-up'

const root = resolve(__dirname, '..', '..')

async function main(): Promise<void> {
  const settings = readSettings(process.env, root)
  const folder = process.argv[2] === undefined ? settings.backups.folder : resolve(process.argv[2])
  for (const file of await backUpAll(settings, folder, new Date()))
    console.log(`${file}\nis a whole copy. Keep one on another machine too.`)
}

main().catch((error: Error) => {
  console.error(error.message)
  process.exit(1)
})
