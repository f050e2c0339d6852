// A server in memory that can go away, lose its answers, carry little at a time, or refuse a change. Its numbers are those of the changes
// as they came: a job is news under that of its last.
import type { Change } from '@oak/core/job/change'
import { foldJob } from '@oak/core/job/fold'
import { summaryOf } from '@oak/core/job/summary/summary'
import { VAN_ID } from '@oak/core/job/van'
import type { JobNews, PutAnswer, Refusal, Server, TimeHeard } from '../server'

export interface MemoryServer {
  readonly server: Server
  readonly kept: Change[]
  readonly state: {
    store: string
    up: boolean
    losesAnswers: boolean
    readonly refuses: Set<string>
    /** So many changes at a time are carried, up and down. */
    carries: number
    clock: TimeHeard | null
  }
  /** How many were put at a time. */
  readonly batches: number[]
  /** What was asked for. */
  readonly asked: string[]
}

export function memoryServer(): MemoryServer {
  const kept: Change[] = []
  const state: MemoryServer['state'] = {
    store: 'first',
    up: true,
    losesAnswers: false,
    refuses: new Set<string>(),
    carries: Infinity,
    clock: null,
  }
  const batches: number[] = []
  const asked: string[] = []
  const newsNow = (): JobNews[] =>
    [...new Set(kept.map((c) => c.job))]
      .map((job) => {
        const changes = kept.filter((c) => c.job === job)
        const seq = kept.findLastIndex((c) => c.job === job) + 1
        const summary = job === VAN_ID ? null : summaryOf(job, changes, foldJob(changes))
        return { rev: seq, seq, job, summary }
      })
      .sort((a, b) => a.rev - b.rev)
  const server: Server = {
    async put(changes): Promise<PutAnswer> {
      batches.push(changes.length)
      if (!state.up) return { kind: 'unreachable' }
      if (changes.length > state.carries) return { kind: 'too-much', message: null }
      const [taken, refused]: [string[], Refusal[]] = [[], []]
      for (const c of changes) {
        if (state.refuses.has(c.id)) refused.push({ id: c.id, message: 'no such field' })
        else taken.push(c.id)
        if (!state.refuses.has(c.id) && !kept.some((k) => k.id === c.id)) kept.push(c)
      }
      if (state.losesAnswers) return { kind: 'unreachable' }
      return { kind: 'answered', taken, refused, restamped: [], time: state.clock }
    },
    async news(which, limit) {
      asked.push('after' in which ? 'newer' : 'older')
      if (!state.up) return 'unreachable'
      if (limit > state.carries) return 'late'
      const all = newsNow()
      const there =
        'after' in which
          ? all.filter(({ rev }) => rev > which.after)
          : all.filter(({ rev }) => rev < which.before).reverse()
      const jobs = there.slice(0, limit)
      const { store, clock } = state
      return { store, jobs, last: all.at(-1)?.rev ?? 0, more: jobs.length === limit, time: clock }
    },
    async whole(jobs, limit) {
      asked.push(`whole ${jobs.length}`)
      if (!state.up) return 'unreachable'
      if (limit > state.carries) return 'late'
      const from = new Map<string, number>(jobs.map(({ job, seq }) => [job, seq]))
      const numbered = kept.map((change, i) => ({ change, seq: i + 1 }))
      const there = numbered.filter(({ change, seq }) => seq > (from.get(change.job) ?? Infinity))
      const sent = there.slice(0, limit)
      const more = there.length > limit
      const next = more ? (sent.at(-1)?.seq ?? 0) : kept.length
      return { store: state.store, changes: sent.map(({ change }) => change), next, more, time: state.clock }
    },
  }
  return { server, kept, state, batches, asked }
}
