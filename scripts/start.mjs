// `npm start`: sets up, builds and serves the demo shop. `npm run serve`: the same with an empty, lasting database.
import { buildServer } from './setup/build-server.mjs'
import { buildWeb } from './setup/build-web.mjs'
import { install } from './setup/install.mjs'
import { keepRunning } from './setup/keep-running.mjs'
import { root } from './setup/run.mjs'

const demo = process.argv[2] !== 'lasting'
install()
await buildWeb()
keepRunning(process.execPath, [await buildServer()], {
  cwd: root,
  env: { ...process.env, NODE_ENV: 'production', OAK_DEMO: demo ? '1' : '0' },
})
