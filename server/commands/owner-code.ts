// `npm run owner-code`: another code for an owner's phone, as when the last one was lost; its server may be running. With
// `-- --forget-password` the password goes too, and the next owner's phone sets another one.
import { existsSync } from 'node:fs'
import { parseArgs } from 'node:util'
import { accessOf } from '../access/access'
import { ownerCode } from '../access/first-code'
import { repositoryRoot } from '../root'
import { readSettings } from '../settings'
import { openDatabase } from '../store/database'
import { servedBase } from '../tls/names'

const { values } = parseArgs({ options: { 'forget-password': { type: 'boolean' } } })

async function main(): Promise<void> {
  const settings = readSettings(process.env, repositoryRoot(__dirname))
  if (!settings.paired)
    throw new Error('This server is open to its own machine and pairs no phones; set it up as you start it.')
  if (!existsSync(settings.database))
    throw new Error(
      `There is no database at ${settings.database}: start the server once, with the same settings.`,
    )
  const db = await openDatabase(settings.database)
  const access = accessOf(db, { isSecure: settings.tls.kind !== 'none' })
  if (values['forget-password']) {
    await access.owner.forget()
    await access.audit.note(null, 'password forgotten', 'where the server runs')
  }
  console.log(await ownerCode(access, servedBase(settings)))
  await db.destroy()
}

main().catch((error: Error) => {
  console.error(error.message)
  process.exit(1)
})
