// Two runs: the core, server and scripts in plain Node; the app's parts with Expo's web preset.
const { transform, transformIgnorePatterns } = require('jest-expo/web/jest-preset')

const plain = {
  testEnvironment: 'node',
  transform: { '^.+\\.[cm]?[jt]sx?$': ['babel-jest', { configFile: './babel.node.cjs' }] },
  moduleNameMapper: { '^@oak/core/(.*)$': '<rootDir>/core/$1' },
  testPathIgnorePatterns: ['/node_modules/', '/dist/'],
}

module.exports = {
  projects: [
    { ...plain, displayName: 'core', testMatch: ['<rootDir>/core/**/*.test.ts'] },
    {
      ...plain,
      displayName: 'server',
      testMatch: ['<rootDir>/server/**/*.test.ts', '<rootDir>/scripts/**/*.test.ts'],
    },
    {
      displayName: 'app',
      rootDir: '<rootDir>/app',
      preset: 'jest-expo/web',
      // d3 ships modules only.
      transform: { ...transform, '\\.mjs$': transform['\\.[jt]sx?$'] },
      transformIgnorePatterns: transformIgnorePatterns.map((p) => p.replace('(?!(', '(?!(d3-|internmap|')),
      testMatch: ['<rootDir>/src/**/*.test.ts', '<rootDir>/src/**/*.test.tsx'],
      moduleNameMapper: { '^@oak/core/(.*)$': '<rootDir>/../core/$1' },
    },
  ],
}
