// `npm start`: sets up, builds and serves the demo shop. `npm run serve`: the same with an empty, lasting database.
import { spawn } from 'node:child_process'
import { resolve } from 'node:path'
import { buildWeb } from './setup/build-web.mjs'
import { install } from './setup/install.mjs'
import { bin, root } from './setup/run.mjs'

const demo = process.argv[2] !== 'lasting'
install()
await buildWeb()
const server = spawn(bin('tsx'), [resolve(root, 'server', 'main.ts')], {
  cwd: root,
  stdio: 'inherit',
  env: { ...process.env, NODE_ENV: 'production', OAK_DEMO: demo ? '1' : '0' },
})
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal))
server.on('exit', (code) => process.exit(code ?? 0))
