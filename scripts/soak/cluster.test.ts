// The same on a cluster, with two processes of the server on one shop.
import { openShopAt } from '../../server/store/postgres/open'
import { newPlace } from '../../server/testing/test-shop'
import { converge } from './devices'
import { fuzz } from './fuzz'
import { killAgainAndAgain } from './kills'

it('of two servers one is killed again and again: nothing that either has acknowledged is lost, and both know it', async () => {
  const { wrong, changes, photos } = await killAgainAndAgain(6, 20261128, {
    paired: true,
    place: newPlace(),
    processes: 2,
  })
  expect(wrong).toEqual([])
  expect(changes).toBeGreaterThan(50)
  expect(photos).toBeGreaterThan(2)
}, 180_000)

it('whatever is sent, it is answered in words, and nothing wrong is stored', async () => {
  const { wrong, statuses } = await fuzz(600, 20261129, { paired: true, place: newPlace() })
  expect(wrong).toEqual([])
  expect(Object.keys(statuses).sort()).toEqual(expect.arrayContaining(['200', '400', '401', '404']))
}, 180_000)

it.each([1, 2])(
  'seven devices that reach two processes agree in the end, and nothing vanishes (%i)',
  async (seed) => {
    const place = newPlace()
    const both = await Promise.all([openShopAt(place), openShopAt(place)])
    const { wrong, edits } = await converge({ count: 7, steps: 60, seed, shops: both.map(({ db }) => db) })
    expect(wrong).toEqual([])
    expect(edits).toBeGreaterThan(200)
    await Promise.all(both.map((one) => one.close()))
  },
  180_000,
)
