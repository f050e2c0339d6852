import { readSettings } from '../../settings'
import { keepCopies } from './keep-copies'

const HOUR = 3_600_000
const START = Date.UTC(2026, 10, 27, 15)
const settings = (more: Record<string, string>) => readSettings({ OAK_DATA: '/srv/oak', ...more }, '/')
beforeEach(() => void jest.useFakeTimers({ now: START }))
afterEach(() => jest.useRealTimers())

it('none where the shop has not set how often', () => expect(keepCopies(settings({}))).toBeUndefined())
it('one at each of its hours, into its folder, with as many to keep', () => {
  const copy = jest.fn(() => Promise.resolve(['file']))
  const all = settings({ OAK_BACKUP_HOURS: '3', OAK_BACKUP_KEEP: '2' })
  const timer = keepCopies(all, copy)
  const made = [2, 1, 2, 1, 3].map((hours) => {
    jest.advanceTimersByTime(hours * HOUR)
    return copy.mock.calls.length
  })
  expect(made).toEqual([0, 1, 1, 2, 3])
  expect(copy.mock.calls[0]).toEqual([all, '/srv/oak/backups', new Date(START + 3 * HOUR)])
  expect(all.backups.keep).toBe(2)
  clearInterval(timer)
})
it('one that fails is said, and the next is tried', async () => {
  const said = jest.spyOn(console, 'error').mockImplementation(() => undefined)
  const copy = jest.fn(() => Promise.reject(new Error('The database is damaged.')))
  const timer = keepCopies(settings({ OAK_BACKUP_HOURS: '1' }), copy)
  await jest.advanceTimersByTimeAsync(2 * HOUR)
  expect(copy).toHaveBeenCalledTimes(2)
  expect(said).toHaveBeenCalledWith('No backup was made: The database is damaged.')
  said.mockRestore()
  clearInterval(timer)
})
