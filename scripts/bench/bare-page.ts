// A page of the same framework with one word on it: what ours is measured against.
import { execFileSync } from 'node:child_process'
import { mkdirSync, rmSync, writeFileSync } from 'node:fs'
import { join, resolve } from 'node:path'

const root = resolve(__dirname, '..', '..')
const BARE_PAGE = `import { PaperProvider, Text } from 'react-native-paper'
export default function Page() {
  return <PaperProvider><Text>bare</Text></PaperProvider>
}
`

/** Built here and now, by the framework's own defaults; the folder of what was built. */
export function buildBarePage(): string {
  const folder = join(root, 'app', '.expo', 'bare')
  rmSync(folder, { recursive: true, force: true })
  mkdirSync(join(folder, 'app'), { recursive: true })
  writeFileSync(
    join(folder, 'package.json'),
    JSON.stringify({ name: 'bare', version: '1.0.0', private: true, main: 'expo-router/entry' }),
  )
  writeFileSync(
    join(folder, 'app.json'),
    JSON.stringify({
      expo: {
        name: 'bare',
        slug: 'bare',
        scheme: 'bare',
        platforms: ['web'],
        plugins: ['expo-router'],
        web: { bundler: 'metro', output: 'single' },
      },
    }),
  )
  writeFileSync(join(folder, 'babel.config.js'), "module.exports = { presets: ['babel-preset-expo'] }\n")
  writeFileSync(join(folder, 'app', 'index.tsx'), BARE_PAGE)
  execFileSync(join(root, 'node_modules/.bin/expo'), ['export', '-p', 'web'], {
    cwd: folder,
    env: { ...process.env, EXPO_OFFLINE: '1', EXPO_NO_TELEMETRY: '1', CI: '1' },
    stdio: 'pipe',
  })
  return join(folder, 'dist')
}
