// What comes down: which jobs are news, the changes of those that are whole here, then, when there is time, what is older.
import type { DeviceStore } from './device-store'
import type { JobAsked, JobRows } from './job-rows'
import type { Change } from '@oak/core/job/change'
import { Amount } from './amount'
import type { ChangePage, NewsAsked, NewsPage, Server } from './server'
import type { SyncPorts } from './sync-ports'

/** `more`: there is more to fetch; first what was edited meanwhile goes up. */
export type Reached = 'all' | 'more' | 'unreachable' | 'another server'

/** So many jobs in one question. */
const JOBS = 20
/** Beyond any number of the server's, and as long as it reads one. */
const NEWEST = 999_999_999_999_999

/** Asks for less until an answer comes. */
async function lessUntil<T>(
  amount: Amount,
  asks: (limit: number) => Promise<T | 'late' | 'unreachable'>,
): Promise<T | null> {
  for (;;) {
    const answer = await asks(amount.now)
    if (answer === 'late' && amount.shrink()) continue
    if (answer === 'late' || answer === 'unreachable') return null
    amount.grow()
    return answer
  }
}

/** Another database than last time, or one that ends before this device's place: delivery starts over. */
async function isAnother(
  { device, onStartedOver }: SyncPorts,
  page: NewsPage,
  rev: number,
): Promise<boolean> {
  const known = await device.fact('store')
  // The first one ever: what was sent just now went to it.
  if (known === undefined) await device.setFact('store', page.store)
  if (known === undefined || (page.store === known && page.last >= rev)) return false
  await device.startOver(page.store)
  await onStartedOver()
  return true
}

export async function pull(
  ports: SyncPorts,
  amounts: { readonly news: Amount; readonly changes: Amount },
): Promise<Reached> {
  const { device } = ports
  const heard = await newest(ports, amounts.news)
  if (heard !== 'all') return heard
  const fetched = await fetchSome(ports, amounts.changes, () => device.toFetch(ports.now()))
  return fetched === 'all' ? older(ports, amounts.news) : fetched
}

async function page(ports: SyncPorts, amount: Amount, asked: NewsAsked): Promise<NewsPage | null> {
  const answer = await lessUntil(amount, (limit) => ports.server.news(asked, limit))
  if (answer?.time) ports.onTime(answer.time)
  return answer
}

const take = async ({ device, onNews }: SyncPorts, { jobs }: NewsPage): Promise<void> => {
  if (jobs.length > 0) onNews(await device.hear(jobs))
}

/** One page: the first time the latest, so that there is something to see; then what is newer than the last. */
async function newest(ports: SyncPorts, amount: Amount): Promise<Reached> {
  const { device } = ports
  const rev = await device.fact('rev')
  const from = Number(rev ?? 0)
  const answer = await page(ports, amount, rev === undefined ? { before: NEWEST } : { after: from })
  if (!answer) return 'unreachable'
  if (await isAnother(ports, answer, from)) return 'another server'
  await take(ports, answer)
  const [first, last] = [answer.jobs[0], answer.jobs.at(-1)]
  if (rev !== undefined) {
    if (last) await device.setFact('rev', last.rev)
    return answer.more ? 'more' : 'all'
  }
  await device.setFact('floor', answer.more ? (last?.rev ?? 0) : 0)
  await device.setFact('rev', first?.rev ?? 0)
  return 'all'
}

/** One page of what is older; edits and news come between. */
async function older(ports: SyncPorts, amount: Amount): Promise<Reached> {
  const floor = Number((await ports.device.fact('floor')) ?? 0)
  if (floor === 0) return 'all'
  const answer = await page(ports, amount, { before: floor })
  if (!answer) return 'unreachable'
  await take(ports, answer)
  await ports.device.setFact('floor', answer.more ? (answer.jobs.at(-1)?.rev ?? 0) : 0)
  // Some of them may be among the latest, and so whole here.
  return 'more'
}

export interface WholePorts {
  readonly device: Pick<DeviceStore, 'receive'> & Pick<JobRows, 'markWhole'>
  readonly server: Pick<Server, 'whole'>
  readonly onReceived: SyncPorts['onReceived']
}

/** Some of what is due: edits that were made meanwhile go up before the next. */
async function fetchSome(
  ports: WholePorts,
  amount: Amount,
  due: () => Promise<JobAsked[]>,
): Promise<'all' | 'more' | 'unreachable'> {
  const before = await due()
  if (before.length === 0) return 'all'
  if ((await fetchJobs(ports, amount, before.slice(0, JOBS))) === null) return 'unreachable'
  const after = await due()
  // The same again is not asked for again at once.
  return after.length === 0 || JSON.stringify(after) === JSON.stringify(before) ? 'all' : 'more'
}

/** All that the server has of these jobs after what is known; how many changes came, null where it was not reached. They are whole once all pages are here. */
export async function fetchJobs(
  ports: WholePorts,
  amount: Amount,
  jobs: readonly JobAsked[],
): Promise<number | null> {
  let from = jobs
  let count = 0
  for (;;) {
    const asked = from
    const answer: ChangePage | null = await lessUntil(amount, (limit) => ports.server.whole(asked, limit))
    if (!answer) return null
    await ports.device.receive(answer.changes)
    if (answer.changes.length > 0) ports.onReceived(answer.changes)
    count += answer.changes.length
    if (!answer.more) {
      await ports.device.markWhole(
        jobs.map(({ job }) => job),
        answer.next,
      )
      return count
    }
    from = jobs.map(({ job, seq }) => ({ job, seq: Math.max(seq, answer.next) }))
  }
}

/** All that the server has of these jobs, kept nowhere; null: it was not reached. */
export async function lookAt(
  server: Pick<Server, 'whole'>,
  jobs: readonly string[],
): Promise<Change[] | null> {
  const found: Change[] = []
  const nothing = { receive: () => Promise.resolve(), markWhole: () => Promise.resolve() }
  const ports = { device: nothing, server, onReceived: (changes: Change[]) => void found.push(...changes) }
  const asked = jobs.map((job) => ({ job, seq: 0 }))
  return (await fetchJobs(ports, new Amount(1000, 10, 2000), asked)) === null ? null : found
}
