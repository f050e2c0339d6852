// `npm run dev`: the demo shop with reload. The server starts anew when it or the core changes; the web app reloads in the browser.
import { createServer } from 'node:net'
import { resolve } from 'node:path'
import { install } from './setup/install.mjs'
import { bin, root } from './setup/run.mjs'

const WEB_PORT = Number(process.env.PORT ?? 4650)
const API_PORT = Number(process.env.API_PORT ?? WEB_PORT + 50)

install()
for (const [port, what, setting] of [
  [WEB_PORT, 'the web app', 'PORT'],
  [API_PORT, 'the server', 'API_PORT'],
])
  if (!(await isFree(port))) {
    console.error(
      `Port ${port}, for ${what}, is taken: another Oak Switch may be running. Stop it, or set ${setting}, such as ${setting}=${port + 1} npm run dev.`,
    )
    process.exit(1)
  }
const { default: concurrently } = await import('concurrently')
const api = `http://127.0.0.1:${API_PORT}`
console.log(`Oak Switch with reload: http://localhost:${WEB_PORT} (its server is at ${api}).`)
const { result } = concurrently(
  [
    {
      name: 'server',
      command: `${bin('tsx')} watch server/main.ts`,
      cwd: root,
      env: { PORT: API_PORT, OAK_DEMO: '1', OAK_DATA: resolve(root, 'data', 'dev') },
    },
    {
      name: 'web',
      command: `${bin('expo')} start --web --port ${WEB_PORT}`,
      cwd: resolve(root, 'app'),
      env: { OAK_API: api, EXPO_OFFLINE: '1', EXPO_NO_TELEMETRY: '1', CI: 'false', BROWSER: 'none' },
    },
  ],
  { killOthersOn: ['failure', 'success'], prefix: 'name' },
)
await result.catch(() => process.exit(1))

/** Nobody listens there. */
function isFree(port) {
  return new Promise((done) => {
    const probe = createServer()
      .once('error', () => done(false))
      .once('listening', () => probe.close(() => done(true)))
      .listen(port, '127.0.0.1')
  })
}
