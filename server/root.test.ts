import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join, resolve } from 'node:path'
import { repositoryRoot } from './root'

it('is found from the sources and from where the server is built, and nowhere else', () => {
  const root = resolve(__dirname, '..')
  expect(repositoryRoot(__dirname)).toBe(root)
  expect(repositoryRoot(join(root, 'server', 'dist'))).toBe(root)
  const elsewhere = mkdtempSync(join(tmpdir(), 'oak-root-'))
  expect(() => repositoryRoot(elsewhere)).toThrow('is in no folder of Oak Switch.')
  rmSync(elsewhere, { recursive: true })
})
