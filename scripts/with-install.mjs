// Installs what is needed and runs a tool of the repository: `node scripts/with-install.mjs tsx FILE`.
import { install } from './setup/install.mjs'
import { bin, tryRun } from './setup/run.mjs'

const [tool, ...args] = process.argv.slice(2)
install()
// What went wrong is said by the tool itself.
process.exit(tryRun(bin(tool), args).code)
