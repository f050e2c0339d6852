// Builds the web app: fonts beside it, files compressed once, a service worker that keeps the app without a server.
import { cpSync, existsSync, mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs'
import { basename, join, resolve } from 'node:path'
import { promisify } from 'node:util'
import { brotliCompress, constants, gzip } from 'node:zlib'
import { bin, root, run } from './run.mjs'
import { hashOf, isFresh, keepStamp } from './stamp.mjs'

const FONT =
  'node_modules/@fontsource-variable/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-wght-normal.woff2'
/** What the browser shows of the app when it offers to install it. */
const PICTURES = ['card.png', 'board-wide.png']
/** What reads pictures: letters, and the codes of cards. Fetched when first wanted, and kept then. */
const READER_PARTS = [
  'tesseract.js/dist/worker.min.js',
  'tesseract.js-core/tesseract-core-lstm.wasm.js',
  'tesseract.js-core/tesseract-core-simd-lstm.wasm.js',
  'tesseract.js-core/tesseract-core-relaxedsimd-lstm.wasm.js',
  '@tesseract.js-data/eng/4.0.0_best_int/eng.traineddata.gz',
  'zxing-wasm/dist/reader/zxing_reader.wasm',
]
/** Scripts of the app that only they need. */
const READERS = ['photo', 'photo-reader']
const dist = resolve(root, 'app', 'dist')

export async function buildWeb() {
  const hash = hashOf(['app', 'core', 'package-lock.json', 'scripts/setup/build-web.mjs'])
  if (isFresh('web', hash) && existsSync(join(dist, 'service-worker.js'))) return
  console.log('Building the web app (about a minute)…')
  const fonts = resolve(root, 'app', 'public', 'fonts')
  mkdirSync(fonts, { recursive: true })
  cpSync(resolve(root, FONT), join(fonts, 'atkinson-hyperlegible-next.woff2'))
  const readers = resolve(root, 'app', 'public', 'readers')
  mkdirSync(readers, { recursive: true })
  for (const path of READER_PARTS) cpSync(resolve(root, 'node_modules', path), join(readers, basename(path)))
  const pictures = resolve(root, 'app', 'public', 'pictures')
  mkdirSync(pictures, { recursive: true })
  for (const name of PICTURES) cpSync(resolve(root, 'docs', 'screenshots', name), join(pictures, name))
  run(bin('expo'), ['export', '-p', 'web'], {
    cwd: resolve(root, 'app'),
    env: { EXPO_OFFLINE: '1', EXPO_NO_TELEMETRY: '1', CI: '1', NODE_ENV: 'production' },
  })
  firstThingsFirst(join(dist, 'index.html'))
  await writeServiceWorker()
  await compress(dist)
  keepStamp('web', hash)
}

/** What several stages share runs after home is there; no stage is opened before that (parts/frame/fetch-ahead). */
function firstThingsFirst(page) {
  const html = readFileSync(page, 'utf8')
  const shared = /<script src="[^"]*__common[^"]*" defer><\/script>/.exec(html)?.[0]
  const last = html.lastIndexOf('</script>') + '</script>'.length
  if (!shared || !html.slice(0, last).includes('entry-')) throw new Error('the page is not built as it was')
  writeFileSync(page, `${html.slice(0, last)}${shared}${html.slice(last)}`.replace(shared, ''))
}

async function writeServiceWorker() {
  const { generateSW } = await import('workbox-build')
  const { warnings } = await generateSW({
    globDirectory: dist,
    globPatterns: [
      'index.html',
      'begin.js',
      '*.{css,svg,webmanifest}',
      'fonts/*.woff2',
      '_expo/static/js/web/*.js',
    ],
    // What reads pictures is large, and wanted by few visits: it is kept once it was fetched.
    globIgnores: READERS.map((name) => `_expo/static/js/web/${name}-*.js`),
    swDest: join(dist, 'service-worker.js'),
    navigateFallback: '/index.html',
    // The shop's authority is the server's to give, and no page.
    navigateFallbackDenylist: [/^\/api\//, /^\/authority\.crt$/],
    dontCacheBustURLsMatching: /-[0-9a-f]{32}\./,
    runtimeCaching: [
      {
        urlPattern: new RegExp(`/readers/|/(?:${READERS.join('|')})-[0-9a-f]{32}\\.js$`),
        // What is kept answers at once, and is looked after behind it: after an update the next use has the new parts.
        handler: 'StaleWhileRevalidate',
        options: { cacheName: 'readers', expiration: { maxEntries: 12, purgeOnQuotaError: true } },
      },
    ],
    maximumFileSizeToCacheInBytes: 8_000_000,
    inlineWorkboxRuntime: true,
    sourcemap: false,
    skipWaiting: true,
    clientsClaim: true,
    mode: 'production',
  })
  warnings.forEach((warning) => console.warn(warning))
}

/** A .br and a .gz beside every text file that gets smaller by it; on all the cores there are, since the best takes its time. */
async function compress(folder) {
  const text = readdirSync(folder, { recursive: true }).filter((name) =>
    /\.(js|css|html|svg|json|webmanifest)$/.test(name),
  )
  await Promise.all(text.map((name) => pack(join(folder, name))))
}

async function pack(path) {
  const plain = readFileSync(path)
  const best = { [constants.BROTLI_PARAM_QUALITY]: 11, [constants.BROTLI_PARAM_SIZE_HINT]: plain.length }
  const [br, gz] = await Promise.all([
    promisify(brotliCompress)(plain, { params: best }),
    promisify(gzip)(plain, { level: 9 }),
  ])
  writeFileSync(`${path}.br`, br)
  writeFileSync(`${path}.gz`, gz)
}
