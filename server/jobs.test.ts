// Jobs over HTTP: their summaries as news, the changes of some, the office's table. Against the fold in core, and against looking through all rows by hand.
import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import request from 'supertest'
import { foldJob } from '@oak/core/job/fold'
import type { JobId } from '@oak/core/job/job-id'
import { standingOf } from '@oak/core/job/summary/standing'
import { packed, summaryOf } from '@oak/core/job/summary/summary'
import { readJobFile } from '@oak/core/job/job-file'
import { VAN_ID } from '@oak/core/job/van'
import type { Change } from '@oak/core/job/change'
import { NOW, openTestApp, refusal, uuid, type TestApp } from './testing/test-app'

let one: TestApp
beforeEach(async () => void (one = await openTestApp()))
afterEach(async () => {
  await one.index.rest()
  await one.db.destroy()
})

let made = 0
const AT = 1_800_000_000_000
/** A change of job number `job`. */
const edit = (job: number, path: readonly string[], value: unknown, more = {}): Change => ({
  id: uuid(10_000 + ++made),
  job: uuid(job),
  path: [...path],
  value,
  at: AT + made,
  device: uuid(900),
  technician: 'Ines',
  ...more,
})
const named = (job: number, title: string, site = '') => [
  edit(job, ['title'], title),
  edit(job, ['site'], site),
]
/** The demo's first job whose proof stands, as job number `job`. */
function finished(job: number): Change[] {
  const folder = join(__dirname, '..', 'demo')
  for (const name of readdirSync(folder).filter((file) => file.endsWith('.job.json'))) {
    const read = readJobFile(readFileSync(join(folder, name), 'utf8'))
    if (!read.ok || standingOf(foldJob(read.file.changes)).proof !== 'stands') continue
    return read.file.changes.map(({ path, value }) => edit(job, path, value))
  }
  throw new Error('No job of the demo is proven.')
}

interface News {
  readonly rev: number
  readonly seq: number
  readonly job: string
  readonly summary: Readonly<Record<string, unknown>> | null
}
interface NewsBody {
  readonly jobs: readonly News[]
  readonly last: number
  readonly more: boolean
  readonly store: string
  readonly at: number
}
const get = async <T>(path: string): Promise<T> => {
  const { status, body } = await request(one.app).get(path)
  expect([path, status]).toEqual([path, 200])
  return body as T
}
const news = (query = '') => get<NewsBody>(`/api/jobs${query}`)
const put = async (changes: readonly Change[]) => {
  const { status } = await one.put([...changes])
  expect(status).toBe(200)
  await one.index.rest()
}

describe('summaries', () => {
  it('are the fold of a job’s changes and how it stands, with the number of the last change', async () => {
    const changes = [
      ...finished(1),
      edit(1, ['title'], 'Bakery fan'),
      edit(1, ['taken', 'oak'], { quantity: 2 }),
    ]
    await put(changes)
    const document = foldJob(changes)
    const expected = { ...summaryOf(uuid(1), changes, document), standing: standingOf(document) }
    expect(expected.standing.kind).toBe('done')
    const { jobs, last, store, at, more } = await news()
    expect(jobs).toEqual(
      [
        { rev: last, seq: changes.length, job: uuid(1), summary: { ...packed(expected), job: undefined } },
      ].map((x) => JSON.parse(JSON.stringify(x)) as unknown),
    )
    expect([at, more, store]).toEqual([NOW(), false, expect.stringMatching(/^[0-9a-f]{32}$/)])
  })
  it('come again when their job changes, as the newest; who asks after the last hears of nothing', async () => {
    await put(named(1, 'First'))
    await put(named(2, 'Second'))
    const { last } = await news()
    expect((await news(`?after=${last}`)).jobs).toEqual([])
    await put([edit(1, ['title'], 'Again')])
    const after = await news(`?after=${last}`)
    expect(after.jobs.map(({ job, summary }) => [job, summary?.title])).toEqual([[uuid(1), 'Again']])
    expect(after.last).toBeGreaterThan(last)
  })
  it('come in pages, upward after a number and downward before one; together they are all, each once', async () => {
    for (let job = 1; job <= 7; job++) await put(named(job, `Job ${job}`))
    const [newest] = (await news('?before=999999999&limit=1')).jobs
    expect(newest?.job).toBe(uuid(7))
    const found: string[] = []
    for (let before = newest?.rev ?? 0; ;) {
      const page = await news(`?before=${before}&limit=2`)
      found.push(...page.jobs.map(({ job }) => job))
      before = page.jobs.at(-1)?.rev ?? 0
      if (!page.more) break
    }
    expect(found).toEqual([6, 5, 4, 3, 2, 1].map(uuid))
    const up = await news('?after=0&limit=3')
    expect([up.jobs.map(({ job }) => job), up.more]).toEqual([[1, 2, 3].map(uuid), true])
  })
  it('the van is news without a summary, and in no table', async () => {
    await put([edit(0, ['settings', 'hertz'], 50, { job: VAN_ID })])
    expect((await news()).jobs).toEqual([{ rev: 1, seq: 1, job: VAN_ID, summary: null }])
    expect(await office()).toMatchObject({ rows: [], total: 0 })
  })
  it('a change that this version cannot read holds up no summary', async () => {
    await put(named(1, 'Known'))
    await one.db
      .insertInto('change')
      .values({
        id: uuid(77),
        job: uuid(1) as JobId,
        path: '["of-a-later-version"]',
        value: '1',
        at: AT + 9999,
        device: uuid(900),
        technician: 'Omar',
        claimed: null,
      })
      .execute()
    await put([edit(1, ['site'], 'Mill')])
    const [job] = (await news()).jobs
    expect(job?.summary).toMatchObject({ title: 'Known', site: 'Mill', at: AT + 9999 })
  })
  it('many jobs at once are worked out after the answer; what an end of the server left is worked out at the next start', async () => {
    expect((await one.put([1, 2, 3, 4, 5].flatMap((job) => named(job, `Job ${job}`)))).status).toBe(200)
    one.index.close()
    await one.db.updateTable('job').set({ stale: 1 }).execute()
    const next = one.newIndex()
    await next.rest()
    expect((await news()).jobs).toHaveLength(5)
    expect((await office()).unread).toBe(0)
  })
})

interface WholeBody {
  readonly changes: readonly Change[]
  readonly next: number
  readonly more: boolean
}
describe('whole jobs', () => {
  it('are their changes after a number, of the jobs that are named and of no other', async () => {
    const [a, b, c] = [named(1, 'A'), named(2, 'B'), named(3, 'C')]
    for (const changes of [a, b, c]) await put(changes)
    const ids = async (of: string) =>
      (await get<WholeBody>(`/api/jobs/whole?of=${of}`)).changes.map(({ id }) => id)
    expect(await ids(`${uuid(1)}:0,${uuid(3)}:0`)).toEqual([...a, ...c].map(({ id }) => id))
    // Numbers are of all changes: job 1 has 1 and 2.
    expect(await ids(`${uuid(1)}:1,${uuid(3)}:6`)).toEqual([a[1]?.id])
    expect(await get<WholeBody>(`/api/jobs/whole?of=${uuid(9)}:0`)).toMatchObject({
      changes: [],
      next: 6,
      more: false,
    })
  })
  it('come in pages by the number that is reached', async () => {
    await put([...named(1, 'A'), ...named(2, 'B')])
    const first = await get<WholeBody>(`/api/jobs/whole?of=${uuid(1)}:0,${uuid(2)}:0&limit=3`)
    expect([first.changes.length, first.next, first.more]).toEqual([3, 3, true])
    const rest = await get<WholeBody>(`/api/jobs/whole?of=${uuid(1)}:3,${uuid(2)}:3&limit=3`)
    expect([rest.changes.map(({ path }) => path), rest.next, rest.more]).toEqual([[['site']], 4, false])
  })
})

interface OfficeBody {
  readonly rows: readonly {
    readonly id: string
    readonly title: string
    readonly proven: boolean
    readonly next: string
  }[]
  readonly total: number
  readonly unread: number
}
const office = (query: Readonly<Record<string, string>> = {}) =>
  get<OfficeBody>(`/api/jobs/office?${new URLSearchParams(query).toString()}`)
const titles = async (query: Readonly<Record<string, string>> = {}) =>
  (await office(query)).rows.map(({ title }) => title)

describe('the office’s table', () => {
  beforeEach(async () => {
    await put([...named(1, 'Bakery fan', 'Harbour 2'), edit(1, ['unit'], 'gas-furnace-board')])
    await put(named(2, 'clinic', 'Gull Street'))
    await put([...named(3, 'Gone', 'Harbour 9'), edit(3, ['removed'], true)])
    await put([
      ...finished(4),
      edit(4, ['site'], 'Annex'),
      edit(4, ['title'], 'Äpfel & "Nüsse" 50%', { technician: 'Omar' }),
    ])
    await put(named(5, '', 'Mill'))
  })
  it('lists what was not put away, the latest first, a page at a time, and says how many', async () => {
    expect(await titles()).toEqual(['unnamed', 'Äpfel & "Nüsse" 50%', 'clinic', 'Bakery fan'])
    const page = await office({ from: '1', limit: '2' })
    expect([page.rows.map(({ title }) => title), page.total]).toEqual([['Äpfel & "Nüsse" 50%', 'clinic'], 4])
    expect((await office({ limit: '0' })).total).toBe(4)
  })
  it('sorts by any column, whatever the case, both ways', async () => {
    expect(await titles({ sort: 'title', down: '0' })).toEqual([
      'Bakery fan',
      'clinic',
      'unnamed',
      'Äpfel & "Nüsse" 50%',
    ])
    expect(await titles({ sort: 'site', down: '1' })).toEqual([
      'unnamed',
      'Bakery fan',
      'clinic',
      'Äpfel & "Nüsse" 50%',
    ])
    for (const sort of ['unit', 'technician', 'next', 'at']) {
      const up = await titles({ sort, down: '0' })
      expect([sort, [...up].sort()]).toEqual([sort, [...(await titles())].sort()])
    }
  })
  it.each([
    ['any part of a word, whatever the case', 'KERY', ['Bakery fan']],
    ['two words in any order, in different columns', 'harb bak', ['Bakery fan']],
    ['a word of two letters, and of one', '2 fa', ['Bakery fan']],
    ['the unit’s name', 'furnace', ['Bakery fan']],
    ['who worked on it', 'omar', ['Äpfel & "Nüsse" 50%']],
    ['letters beyond English, small or large', 'ÄPFEL', ['Äpfel & "Nüsse" 50%']],
    ['quotes as quotes', '"nüsse"', ['Äpfel & "Nüsse" 50%']],
    ['a percent sign as one', '50%', ['Äpfel & "Nüsse" 50%']],
    ['no sign of the index’s own language', 'bakery OR clinic', []],
    ['no star of it', 'bak*', []],
    ['not what was put away', 'gone', []],
  ])('finds %s', async (_, text, found) => expect(await titles({ text })).toEqual(found))
  it.each([
    'zq\0zq',
    'zqz\0',
    '"""',
    '*',
    '(((',
    '-abc',
    'words:abc',
    'NEAR(abc)',
    '🔧🔧🔧',
    '\uFFFDaa',
    'กก',
    "a'b",
  ])('nothing that is typed is more than words: %j', async (text) =>
    expect(await office({ text })).toMatchObject({ rows: [], total: 0 }),
  )
  it('by state: what is proven, and what is not', async () => {
    expect(await titles({ state: 'proven' })).toEqual(['Äpfel & "Nüsse" 50%'])
    expect(await titles({ state: 'open' })).toEqual(['unnamed', 'clinic', 'Bakery fan'])
    expect((await office({ state: 'proven' })).rows).toMatchObject([{ proven: true, next: 'Card' }])
  })
})

describe('bad input', () => {
  const refused = async (path: string) => {
    const { status, code, path: at, message } = refusal(await request(one.app).get(path))
    expect([status, code]).toEqual([400, 'bad-input'])
    return `${at}: ${message}`
  }
  it.each([
    ['/api/jobs?after=-1', 'after: after must be a whole number.'],
    ['/api/jobs?limit=2001', 'limit: limit is at most 2000.'],
    ['/api/jobs/whole', 'of: “of” is missing.'],
    [
      '/api/jobs/whole?of=',
      'of: Each job is its id, a colon, and the number of the last change that is known of it.',
    ],
    [
      `/api/jobs/whole?of=${uuid(1)}:x`,
      'of: Each job is its id, a colon, and the number of the last change that is known of it.',
    ],
    [
      `/api/jobs/whole?of=${Array.from({ length: 41 }, (_, i) => `${uuid(i)}:0`).join()}`,
      'of: At most 40 jobs at a time.',
    ],
    ['/api/jobs/office?sort=rev', 'sort: Sorted is by one of: title, site, unit, technician, next, at.'],
    ['/api/jobs/office?state=lost', 'state: The state is all, proven or open.'],
    ['/api/jobs/office?down=yes', 'down: down is 0 or 1.'],
    [`/api/jobs/office?text=${'x'.repeat(301)}`, 'text: The words are more than 300 letters.'],
  ])('%.60s', async (path, said) => expect(await refused(path)).toBe(said))
  it('more that nobody asked for', async () => expect(await refused('/api/jobs?all=1')).toMatch(/^all: /))
})

it('a job of thousands of changes, put batch by batch, is answered at once and listed in the end', async () => {
  const many = Array.from({ length: 2400 }, (_, i) => edit(1, ['notes'], `note ${i}`))
  for (let i = 0; i < many.length; i += 400) expect((await one.put(many.slice(i, i + 400))).status).toBe(200)
  await put([edit(1, ['title'], 'Long'), edit(2, ['title'], 'Short')])
  // Which of the two is worked out first is no matter: the long one may wait its turn.
  const { jobs } = await news()
  expect(jobs).toHaveLength(2)
  expect(jobs.find(({ job }) => job === uuid(1))).toMatchObject({ seq: 2401, summary: { title: 'Long' } })
  expect(jobs.find(({ job }) => job === uuid(2))).toMatchObject({ summary: { title: 'Short' } })
})
