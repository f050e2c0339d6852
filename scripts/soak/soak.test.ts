import { openFile } from '../../server/store/sqlite/open'
import { converge } from './devices'
import { fuzz } from './fuzz'
import { killAgainAndAgain } from './kills'

it('a server that is killed loses nothing that it has acknowledged, and keeps nothing twice', async () => {
  const { wrong, changes, photos } = await killAgainAndAgain(8, 20261127)
  expect(wrong).toEqual([])
  // It was worked on meanwhile.
  expect(changes).toBeGreaterThan(50)
  expect(photos).toBeGreaterThan(2)
}, 180_000)

it('so does one that lets in its own phones only', async () => {
  const { wrong, changes } = await killAgainAndAgain(4, 20261128, { paired: true })
  expect(wrong).toEqual([])
  expect(changes).toBeGreaterThan(25)
}, 180_000)

it('whatever is sent, the server answers in words, lives on, and stores nothing wrong', async () => {
  const { wrong, statuses } = await fuzz(600, 20261127)
  expect(wrong).toEqual([])
  // Right and wrong requests were both among them.
  expect(Object.keys(statuses).sort()).toEqual(expect.arrayContaining(['200', '400', '404']))
}, 180_000)

it('a paired server lets in nobody without its key, whatever is sent, and answers in words all the same', async () => {
  const { wrong, statuses } = await fuzz(600, 20261128, { paired: true })
  expect(wrong).toEqual([])
  expect(Object.keys(statuses).sort()).toEqual(expect.arrayContaining(['200', '400', '401', '404']))
}, 180_000)

it.each([1, 2, 3])(
  'seven devices with bad links and wrong clocks agree in the end, and nothing vanishes (%i)',
  async (seed) => {
    const db = await openFile(':memory:')
    const { wrong, edits } = await converge({ count: 7, steps: 60, seed, shops: [db] })
    await db.destroy()
    expect(wrong).toEqual([])
    expect(edits).toBeGreaterThan(200)
  },
  180_000,
)
