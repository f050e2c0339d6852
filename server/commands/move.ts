// `npm run move -- FROM TO [--shop NAME]`: a whole shop from one database into another that holds nothing yet, a SQLite file or an address of a
// cluster. Phones notice nothing. Its servers must be stopped; what it is moved from stays as it is.
import { existsSync } from 'node:fs'
import { resolve } from 'node:path'
import { parseArgs } from 'node:util'
import { ONLY_SHOP } from '../settings'
import { copyRows } from '../store/copies/copy-rows'
import type { OpenDatabase } from '../store/database'
import { nameOf } from '../store/postgres/connect'
import { checkNotServed, isShopThere, openForTool } from '../store/postgres/copies'
import { openShopFile } from '../store/sqlite/open'
import { DatabaseTrouble } from '../store/trouble'

const { values, positionals } = parseArgs({
  options: { shop: { type: 'string', default: ONLY_SHOP } },
  allowPositionals: true,
})

async function open(where: string, mustBeThere: boolean): Promise<OpenDatabase> {
  if (!/^postgres(ql)?:/.test(where)) {
    const file = resolve(where)
    if (mustBeThere && !existsSync(file)) throw new DatabaseTrouble('missing', file)
    return openShopFile(file)
  }
  const place = { url: where, shop: values.shop }
  await checkNotServed(place)
  if (mustBeThere && !(await isShopThere(place))) throw new DatabaseTrouble('missing', nameOf(place))
  return openForTool(place)
}

async function main(): Promise<void> {
  const [from, to] = positionals
  if (!from || !to)
    throw new Error(
      'From where to where? npm run move -- FROM TO, each a SQLite file or a postgres:// address.',
    )
  const source = await open(from, true)
  try {
    const target = await open(to, false)
    try {
      const rows = await copyRows(source, target)
      console.log(`${rows} rows of ${source.name} are in ${target.name} now, and are still where they were.`)
    } finally {
      await target.close()
    }
  } finally {
    await source.close()
  }
}

main().catch((error: Error) => {
  console.error(error.message)
  process.exit(1)
})
