import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { readSettings } from '../settings'
import { backups } from './backup'
import { keepCopies } from './keep-copies'
import { openShop } from './open'

const HOUR = 3_600_000
let folder: string
beforeEach(() => void (folder = mkdtempSync(join(tmpdir(), 'oak-copies-'))))
afterEach(() => {
  jest.useRealTimers()
  rmSync(folder, { recursive: true })
})
const settings = (more: Record<string, string>) => readSettings({ OAK_DATA: folder, ...more }, '/')

it('none where the shop has not set how often', () => expect(keepCopies(settings({}))).toBeUndefined())
it('one at each of its hours, and no more than are kept', async () => {
  const shop = settings({ OAK_BACKUP_HOURS: '3', OAK_BACKUP_KEEP: '2' })
  await (await openShop(shop.database)).close()
  jest.useFakeTimers({ doNotFake: ['setImmediate', 'nextTick', 'queueMicrotask'] })
  const timer = keepCopies(shop)
  const count = async (hours: number) => {
    jest.advanceTimersByTime(hours * HOUR)
    for (let i = 0; i < 200; i++) await new Promise((done) => setImmediate(done))
    return backups(shop.backups.folder).length
  }
  expect([await count(2), await count(1), await count(2), await count(1), await count(3)]).toEqual([
    0, 1, 1, 2, 2,
  ])
  clearInterval(timer)
})
it('one that fails is said, and the next is tried', async () => {
  const shop = settings({ OAK_BACKUP_HOURS: '1' })
  const said = jest.spyOn(console, 'error').mockImplementation(() => undefined)
  jest.useFakeTimers({ doNotFake: ['setImmediate', 'nextTick', 'queueMicrotask'] })
  const timer = keepCopies(shop)
  jest.advanceTimersByTime(HOUR)
  for (let i = 0; i < 20; i++) await new Promise((done) => setImmediate(done))
  expect(said).toHaveBeenCalledWith(expect.stringMatching(/^No backup was made: There is no database/))
  said.mockRestore()
  clearInterval(timer)
})
