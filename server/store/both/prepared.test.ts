import { openTestShop } from '../../testing/test-shop'
import { prepared } from '../prepared'

it('a statement is written once, and finds by the values of each time', async () => {
  const { db, close } = await openTestShop()
  const jobs = ['a', 'b', 'c', 'd'].map((id, i) => ({
    ...{ id: `job-${id}` as never, stale: 0, rev: i + 1, summary: null, begun_by: 'Ines' },
  }))
  await db.insertInto('job').values(jobs).execute()
  let written = 0
  const find = prepared(db, (above: number, below: number, limit: number) => {
    written += 1
    const between = db.selectFrom('job').select('id').where('rev', '>', above).where('rev', '<', below)
    return between.orderBy('rev').limit(limit)
  })
  const ids = async (...values: Parameters<typeof find>) => (await find(...values)).map(({ id }) => id)
  // Side by side: none gets the other's values.
  const found = await Promise.all([ids(0, 4, 10), ids(1, 5, 2), ids(3, 9, 9), ids(9, 10, 1)])
  expect(found).toEqual([['job-a', 'job-b', 'job-c'], ['job-b', 'job-c'], ['job-d'], []])
  expect(written).toBe(1)
  await close()
})
