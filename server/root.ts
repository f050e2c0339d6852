// Where the repository is, whether the server runs from its sources or as it was built.
import { existsSync } from 'node:fs'
import { dirname, join } from 'node:path'

/** The nearest folder from here up that holds the demo and the app. Throws where there is none. */
export function repositoryRoot(from: string): string {
  for (let folder = from; ; folder = dirname(folder)) {
    if (existsSync(join(folder, 'demo')) && existsSync(join(folder, 'app'))) return folder
    if (folder === dirname(folder)) throw new Error(`${from} is in no folder of Oak Switch.`)
  }
}
