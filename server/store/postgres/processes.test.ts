// Several processes on one shop, as several pools of connections; and the cluster gone in the middle.
import request from 'supertest'
import type { Change } from '@oak/core/job/change'
import { attemptsOf } from '../../access/attempts'
import { startCluster, type TestCluster } from '../../testing/cluster'
import { change, NOW, openAppOn, refusal, uuid } from '../../testing/test-app'
import { newPlace } from '../../testing/test-shop'
import { changeStore } from '../change-store'
import type { OpenDatabase } from '../database'
import { jobIndex } from '../jobs/index-jobs'
import { jobStore } from '../jobs/job-store'
import { openShopAt } from './open'

const numbered = (from: number, count: number, job = 1): Change[] =>
  Array.from({ length: count }, (_, i) => ({ ...change(from + i), job: uuid(job) }) as never)

describe('two processes', () => {
  let both: [OpenDatabase, OpenDatabase]
  beforeEach(async () => {
    const place = newPlace()
    // Also at their first start, at once.
    both = await Promise.all([openShopAt(place, { connections: 5 }), openShopAt(place, { connections: 5 })])
  })
  afterEach(() => Promise.all(both.map((one) => one.close())))

  it('who asks after the last number it knows misses nothing that others write meanwhile', async () => {
    const [a, b] = [changeStore(both[0].db, { now: NOW }), changeStore(both[1].db, { now: NOW })]
    const heard: string[] = []
    let isOver = false
    const reading = (async () => {
      for (let after = 0; ;) {
        const wasOver = isOver
        const page = await b.after(after, 50)
        heard.push(...page.changes.map(({ id }) => id))
        if (wasOver && page.changes.length === 0) return
        after = page.next
      }
    })()
    const writing = [a, b, a, b].map(async (store, writer) => {
      for (let i = 0; i < 25; i++) await store.put(numbered(writer * 1000 + i * 7 + 1, 7, writer + 1))
    })
    await Promise.all(writing)
    isOver = true
    await reading
    expect(heard).toHaveLength(4 * 25 * 7)
    expect(new Set(heard).size).toBe(heard.length)
  })
  it('news of jobs are numbered once, and none is passed over', async () => {
    const stores = both.map(({ db }) => changeStore(db, { now: NOW, index: jobIndex(db) }))
    const writing = stores.flatMap((store, n) =>
      Array.from({ length: 12 }, (_, i) =>
        store.put(numbered((i * 2 + n) * 10 + 1, 3, 1 + ((i * 2 + n) % 6))),
      ),
    )
    await Promise.all(writing)
    // What one has read while another wrote is marked, and worked out by whoever comes next.
    for (const { db } of both) await jobIndex(db).rest()
    const { jobs } = await jobStore(both[1].db).after(0, 100)
    expect(jobs.map(({ job }) => job).sort()).toEqual([1, 2, 3, 4, 5, 6].map(uuid))
    expect(new Set(jobs.map(({ rev }) => rev)).size).toBe(6)
    const { changes } = await changeStore(both[0].db).after(0, 500)
    const rows = await both[0].db.selectFrom('change').select(['job', 'seq']).execute()
    expect(changes).toHaveLength(72)
    for (const { job, seq } of jobs)
      expect(seq).toBe(Math.max(...rows.filter((row) => row.job === job).map((row) => row.seq)))
  })
  it('the same batch delivered to both at once is kept once', async () => {
    const put = both.map(({ db }) => changeStore(db, { now: NOW }).put(numbered(1, 200)))
    const [one, other] = await Promise.all(put)
    expect((one?.added.length ?? 0) + (other?.added.length ?? 0)).toBe(200)
    expect((one?.known.length ?? 0) + (other?.known.length ?? 0)).toBe(200)
  })
  it('wrong codes count for both', async () => {
    const [a, b] = [attemptsOf(both[0].db, NOW), attemptsOf(both[1].db, NOW)]
    const limit = { most: 3, withinMs: 1000 }
    const tried = [
      await a.begin('x', limit),
      await b.begin('x', limit),
      await a.begin('x', limit),
      await b.begin('x', limit),
    ]
    expect(tried.map(Boolean)).toEqual([true, true, true, false])
  })
})

describe('a cluster that goes away', () => {
  let cluster: TestCluster
  beforeAll(() => void (cluster = startCluster({ durable: true })), 60_000)
  afterAll(() => cluster.remove())

  it('in the middle of a batch: nothing of it is kept, the device is told so, and brings it again', async () => {
    const shop = await openShopAt({ url: cluster.url, shop: 'gone' })
    const t = openAppOn(shop)
    const said = jest.spyOn(console, 'error').mockImplementation(() => undefined)
    expect((await t.put([change(1)])).status).toBe(200)
    // Half of it is in the open transaction when the power goes.
    const cut = changeStore(shop.db, {
      now: () => {
        cluster.crash()
        return NOW()
      },
    }).put(numbered(2, 50))
    await expect(cut).rejects.toThrow()
    const while_ = await t.put(numbered(2, 50))
    expect(refusal(while_)).toEqual({
      status: 503,
      code: 'away',
      path: '',
      message:
        'The server cannot keep anything now; what is wrong is said where it runs. What you entered is kept on your device.',
    })
    expect(said).toHaveBeenCalledWith(
      expect.stringContaining('shop gone does not answer. Is PostgreSQL running there'),
    )
    const health = await request(t.app).get('/api/health')
    expect([health.status, refusal(health).code]).toEqual([503, 'away'])
    cluster.start()
    expect((await request(t.app).get('/api/health')).body).toEqual({ ok: true })
    expect((await t.put(numbered(2, 50))).body).toMatchObject({ known: [], refused: [] })
    expect((await t.all()).changes.map(({ id }) => id)).toEqual(numbered(1, 51).map(({ id }) => id))
    said.mockRestore()
    await t.index.rest()
    await shop.close()
  }, 60_000)
  it('before the start: it is told in words, without the password', async () => {
    cluster.crash()
    const url = cluster.url.replace('user=oak', 'user=oak&password=secret')
    await expect(openShopAt({ url, shop: 'gone' })).rejects.toThrow(
      /^The database oak at .*, shop gone does not answer\./,
    )
    await expect(openShopAt({ url, shop: 'gone' })).rejects.not.toThrow('secret')
    cluster.start()
  }, 60_000)
})
