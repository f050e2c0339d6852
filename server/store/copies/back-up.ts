// A whole copy of every shop that this server serves, each checked, in a folder.
import type { Settings } from '../../settings'
import { backUpPlace } from '../postgres/copies'
import { backUp } from '../sqlite/backup'

/** Returns the files. Throws a DatabaseTrouble. */
export async function backUpAll(
  { database, backups: { keep } }: Pick<Settings, 'database' | 'backups'>,
  folder: string,
  at: Date,
): Promise<string[]> {
  if (database.kind === 'file') return [await backUp(database.file, { folder, shop: null, at, keep })]
  const files: string[] = []
  for (const { shop } of database.shops)
    files.push(await backUpPlace({ url: database.url, shop }, { folder, shop, at, keep }))
  return files
}
