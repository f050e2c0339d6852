// Two runs: the core, server and scripts in plain Node; the app's parts with Expo's web preset.
const { transform, transformIgnorePatterns } = require('jest-expo/web/jest-preset')

/**
 * Handed to every module by name: a test runs in a room of its own, where each look at a global goes the long way. The circuit's tests take
 * half of the time with it. Not Map and Set: some package has classes of these names.
 */
const sandboxInjectedGlobals = [
  'Math',
  'Number',
  'Object',
  'Array',
  'JSON',
  'Float64Array',
  'Uint8Array',
  'Uint8ClampedArray',
]

const plain = {
  sandboxInjectedGlobals,
  testEnvironment: 'node',
  transform: { '^.+\\.[cm]?[jt]sx?$': ['babel-jest', { configFile: './babel.node.cjs' }] },
  moduleNameMapper: { '^@oak/core/(.*)$': '<rootDir>/core/$1' },
  testPathIgnorePatterns: ['/node_modules/', '/dist/'],
}

module.exports = {
  // A worker thread takes seconds to start where other tests take both processors.
  testTimeout: 20_000,
  projects: [
    { ...plain, displayName: 'core', testMatch: ['<rootDir>/core/**/*.test.ts'] },
    {
      ...plain,
      displayName: 'server',
      testPathIgnorePatterns: [
        ...plain.testPathIgnorePatterns,
        '/server/store/postgres/',
        '/scripts/soak/cluster',
      ],
      testMatch: ['<rootDir>/server/**/*.test.ts', '<rootDir>/scripts/**/*.test.ts'],
    },
    {
      // Whatever speaks of the store and not of a file, once more on PostgreSQL.
      ...plain,
      displayName: 'postgres',
      globalSetup: '<rootDir>/server/testing/with-cluster.ts',
      globalTeardown: '<rootDir>/server/testing/without-cluster.ts',
      setupFilesAfterEnv: ['<rootDir>/server/testing/on-postgres.ts'],
      testMatch: [
        '<rootDir>/server/{app,jobs}.test.ts',
        '<rootDir>/server/{access,routes/!(operations|meter|counter)*}/**/*.test.ts',
        '<rootDir>/server/store/{both,postgres}/**/*.test.ts',
        '<rootDir>/scripts/soak/cluster.test.ts',
      ],
    },
    {
      displayName: 'app',
      rootDir: '<rootDir>/app',
      preset: 'jest-expo/web',
      sandboxInjectedGlobals,
      setupFiles: [require.resolve('./app/jest.globals.js')],
      // d3 ships modules only.
      transform: { ...transform, '\\.mjs$': transform['\\.[jt]sx?$'] },
      transformIgnorePatterns: transformIgnorePatterns.map((p) => p.replace('(?!(', '(?!(d3-|internmap|')),
      testMatch: ['<rootDir>/src/**/*.test.ts', '<rootDir>/src/**/*.test.tsx'],
      moduleNameMapper: {
        '^@oak/core/(.*)$': '<rootDir>/../core/$1',
        // It ships modules only, and one file for whoever has none.
        '^image-js$': '<rootDir>/../node_modules/image-js/dist/image-js.umd.js',
      },
    },
  ],
}
