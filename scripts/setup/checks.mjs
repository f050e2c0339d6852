// What is checked without running anything: one list for `npm test` and `npm run check`, the longest first.
export const CHECKS = [
  { name: 'lint', command: 'eslint', args: ['.', '--max-warnings', '0'] },
  { name: 'types', command: 'tsc', args: ['--noEmit', '-p', 'tsconfig.json'] },
  { name: 'format', command: 'prettier', args: ['--check', '--log-level', 'warn', '.'] },
  { name: 'unused', command: 'knip', args: ['--no-progress', '--no-config-hints'] },
  {
    name: 'layers',
    command: 'depcruise',
    args: ['--config', '.dependency-cruiser.cjs', 'core', 'app/src', 'server', 'scripts', 'e2e'],
  },
]
