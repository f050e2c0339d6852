// `npm start`: sets up, builds and serves the demo shop. `npm run serve`: the same with an empty, lasting database.
import { resolve } from 'node:path'
import { buildWeb } from './setup/build-web.mjs'
import { install } from './setup/install.mjs'
import { keepRunning } from './setup/keep-running.mjs'
import { root } from './setup/run.mjs'

const demo = process.argv[2] !== 'lasting'
install()
await buildWeb()
// tsx by its loader and not by its command: a kill reaches the server itself.
keepRunning(process.execPath, ['--import', 'tsx', resolve(root, 'server', 'main.ts')], {
  cwd: root,
  env: { ...process.env, NODE_ENV: 'production', OAK_DEMO: demo ? '1' : '0' },
})
