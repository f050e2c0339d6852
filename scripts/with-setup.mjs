// Sets up, builds, finds a browser, then runs a tool of the repository: `node scripts/with-setup.mjs tsx FILE`.
import { buildWeb } from './setup/build-web.mjs'
import { chromium } from './setup/chromium.mjs'
import { install } from './setup/install.mjs'
import { bin, run } from './setup/run.mjs'

const [tool, ...args] = process.argv.slice(2)
install()
await buildWeb()
run(bin(tool), args, { env: { CHROMIUM_PATH: chromium() } })
