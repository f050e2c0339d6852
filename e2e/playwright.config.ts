import { defineConfig } from '@playwright/test'

const phone = { viewport: { width: 390, height: 844 } }
const wide = { viewport: { width: 1280, height: 800 } }

export default defineConfig({
  testDir: '.',
  globalSetup: './build-server.ts',
  outputDir: '../test-results',
  timeout: 240_000,
  // No figure of speed: the bench has those. On a machine whose processor is lent to others for seconds, 15 s were too few for a page to open.
  expect: { timeout: 40_000 },
  workers: 2,
  fullyParallel: true,
  forbidOnly: true,
  // A machine that does other work beside can lose a race that a person never meets. The second try is told by name at the end.
  retries: 1,
  reporter: [
    ['list'],
    ['json', { outputFile: process.env.PLAYWRIGHT_JSON_OUTPUT_NAME ?? '../test-results/report.json' }],
  ],
  use: {
    acceptDownloads: true,
    // Only the tests without a server need it; everywhere else it would fetch the whole app twice.
    serviceWorkers: 'block',
    trace: 'off',
    timezoneId: 'UTC',
    launchOptions: {
      executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
  projects: [
    { name: 'phone', use: phone },
    { name: 'wide', use: wide, testMatch: ['quick-hookup.spec.ts', 'keyboard.spec.ts', 'offline.spec.ts'] },
  ],
})
