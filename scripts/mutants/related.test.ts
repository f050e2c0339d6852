import { execFileSync } from 'node:child_process'
import { testsOf } from './related'

const files = execFileSync('git', ['ls-files', 'core', 'app/src'], { encoding: 'utf8' })
  .trim()
  .split('\n')
  .filter((f) => /\.tsx?$/.test(f))

it('finds the tests that reach a file, nearest first, through the package name too', () => {
  const tests = testsOf(files).get('core/quantity/inches.ts') ?? []
  expect(tests[0]).toBe('core/quantity/inches.test.ts')
  expect(tests).toContain('app/src/ui/length-text.test.ts')
})
it('the test of its own name and its neighbours come before those that are nearer by imports', () => {
  const tests = testsOf(files).get('core/circuit/checks/jumpers.ts') ?? []
  expect(tests[0]).toBe('core/circuit/checks/jumpers.test.ts')
  expect(tests.slice(0, 6).every((test) => test.startsWith('core/circuit/checks/'))).toBe(true)
})
it('a file that no test imports has none', () =>
  expect(testsOf(['core/package.json']).get('core/package.json')).toEqual([]))
