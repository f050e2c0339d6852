// The list of all jobs, and opening one: against the device's real store over a database in memory.
import type { Change } from '@oak/core/job/change'
import type { JobSummary } from '@oak/core/job/summary/summary'
import { VAN_ID } from '@oak/core/job/van'
import { v4 as uuid } from 'uuid'
import { EMPTY_JOB } from '@oak/core/job/document'
import { summaryOf } from '@oak/core/job/summary/summary'
import { openJob, readJobs, type OpenPorts } from './open-jobs'
import { standingFor } from './standing'
import { DEVICE, NOW, onDevice, setUp } from './testing/jobs-set-up'

describe('the list of all jobs', () => {
  const known = (job: string, more: Partial<JobSummary> = {}): JobSummary => ({
    ...summaryOf(job, [], EMPTY_JOB),
    ...more,
  })
  it('has a summary of what is edited, as it is now; how it stands is left to who looks', async () => {
    const { jobs, noted } = setUp()
    const id = jobs.create()
    jobs.edit(id, [{ path: ['title'], value: 'Roof 3' }])
    jobs.edit(id, [{ path: ['site'], value: 'Yard' }])
    const summary = jobs.store.getState().list.summaries.get(id)
    expect(summary).toMatchObject({ job: id, title: 'Roof 3', site: 'Yard', standing: null })
    // Kept once what the edit changes is drawn, in the same turn.
    await Promise.resolve()
    expect(noted.at(-1)).toEqual(summary)
  })
  it('changes of a job that is not open here open none: what is known of it comes by itself', () => {
    const { jobs } = setUp()
    const id = jobs.create()
    jobs.hear([known(id, { title: 'Elsewhere' })])
    jobs.take([
      {
        id: uuid(),
        job: id,
        path: ['title'],
        value: 'x',
        at: 1_800_000_000_000,
        device: DEVICE,
        technician: '',
      },
    ])
    expect(jobs.store.getState().jobs).toEqual({})
    expect(jobs.store.getState().list.summaries.get(id)?.title).toBe('Elsewhere')
  })
  it('what jobs took that are not open counts on the van, and is taken off when it is news that they gave it back', () => {
    const { jobs } = setUp()
    const line = { kind: 'part', name: 'Cap', quantity: 5, cents: null, countedAt: 1_700_000_000_000 }
    jobs.edit(VAN_ID, [{ path: ['stock', 'part-cap'], value: line }])
    const left = () => jobs.store.getState().van.left['part-cap']
    const later = 1_800_000_100_000
    jobs.hear([
      known('a', { taken: [['part-cap', 2, later]] }),
      known('b', { taken: [['part-cap', 1, later]] }),
    ])
    expect(left()).toBe(2)
    jobs.hear([
      known('a', {
        taken: [
          ['part-cap', 2, later],
          ['part-cap', 0, later + 1],
        ],
      }),
    ])
    expect(left()).toBe(4)
    const before = jobs.store.getState().van
    jobs.hear([known('c', { title: 'Takes nothing' })])
    expect(jobs.store.getState().van).toBe(before)
  })
  it('is read anew when another server answers', async () => {
    const { device, jobs } = await onDevice()
    await jobs.load()
    await device.hear([{ rev: 1, seq: 1, job: jobs.create(), summary: known('of the first server') }])
    await jobs.relist()
    expect(jobs.store.getState().list.summaries.size).toBe(1)
    await device.startOver('second')
    await jobs.relist()
    expect(jobs.store.getState().list).toMatchObject({ isWhole: true, summaries: new Map() })
  })
  it('a device that kept changes alone has its list from them, and fetches nothing again that it has', async () => {
    const { device, jobs } = await onDevice()
    const job = '01950000-0000-7000-8000-000000000001' as Change['job']
    const title = {
      id: uuid(),
      job,
      path: ['title'],
      value: 'Old',
      at: 1_800_000_000_000,
      device: DEVICE,
      technician: 'Ines',
    }
    await device.receive([title])
    await device.setFact('cursor', 17)
    await jobs.load()
    expect(jobs.store.getState().list.summaries.get(job)).toMatchObject({ title: 'Old', technician: 'Ines' })
    expect(await device.row(job)).toMatchObject({ have: 17 })
  })
  it('an edit of a page that was left at once is in the list at the next start', async () => {
    const { device, jobs } = await onDevice()
    await device.setFact('rows', 1)
    const job = '01950000-0000-7000-8000-000000000001' as Change['job']
    const edit = (value: string, at: number): Change => ({
      id: uuid(),
      job,
      path: ['title'],
      value,
      at,
      device: DEVICE,
      technician: '',
    })
    const [before, last] = [edit('Before', 1_800_000_000_000), edit('Last', 1_800_000_000_001)]
    await device.keep([before])
    await device.note([summaryOf(job, [before], { ...EMPTY_JOB, title: 'Before' })])
    await device.keep([last])
    await jobs.load()
    expect(jobs.store.getState().list.summaries.get(job)?.title).toBe('Last')
  })
  it('what is edited while the rest is read stands: what was read is older', async () => {
    const { device, jobs } = await onDevice()
    await device.note(Array.from({ length: 41 }, (_, i) => known(`job-${i}`, { at: i, title: 'Before' })))
    await jobs.load()
    jobs.hear([known('job-0', { at: 900, title: 'Edited meanwhile' })])
    await jobs.listed()
    const { summaries } = jobs.store.getState().list
    expect([summaries.get('job-0')?.title, summaries.get('job-1')?.title]).toEqual([
      'Edited meanwhile',
      'Before',
    ])
  })
  it('of more jobs than home shows the latest come first, and the rest after', async () => {
    const { device, jobs } = await onDevice()
    await device.setFact('rows', 1)
    await device.note(Array.from({ length: 45 }, (_, i) => known(`job-${i}`, { at: i })))
    await jobs.load()
    const first = jobs.store.getState().list
    expect([
      first.isWhole,
      first.summaries.size,
      first.summaries.has('job-44'),
      first.summaries.has('job-4'),
    ]).toEqual([false, 40, true, false])
    await jobs.listed()
    expect(jobs.store.getState().list).toMatchObject({ isWhole: true })
    expect(jobs.store.getState().list.summaries.size).toBe(45)
  })
})

describe('opening a job', () => {
  const JOB = '01950000-0000-7000-8000-000000000001' as Change['job']
  const title = (value: string): Change => ({
    id: uuid(),
    job: JOB,
    path: ['title'],
    value,
    at: 1_800_000_000_000,
    device: DEVICE,
    technician: '',
  })
  async function phone(fetch: OpenPorts['fetch'] = async () => null) {
    const { device, jobs } = await onDevice()
    const look = jest.fn<Promise<Change[] | null>, [readonly string[]]>(async () => null)
    return { device, jobs, ports: { device, jobs, fetch, look, now: NOW }, look }
  }
  const asSummary = { ...summaryOf(JOB, [title('Far')], EMPTY_JOB), title: 'Far' }

  it('from this device, and marks it as opened', async () => {
    const { device, jobs, ports } = await phone()
    await device.keep([title('Here')])
    await device.note([asSummary])
    expect(await openJob(ports, JOB)).toBe('here')
    expect(jobs.store.getState().jobs[JOB]?.document.title).toBe('Here')
    expect(await device.row(JOB)).toMatchObject({ opened: 1_800_000_000_000 })
  })
  it('that is not whole here is fetched; without the server it is elsewhere, and never shown in part', async () => {
    const { device, jobs, ports } = await phone()
    await device.hear([{ rev: 1, seq: 3, job: JOB, summary: asSummary }])
    expect(await openJob(ports, JOB)).toBe('elsewhere')
    expect(jobs.store.getState().jobs).toEqual({})
    const fetch = async () => {
      await device.receive([title('Far')])
      await device.markWhole([JOB], 3)
      return 1
    }
    expect(await openJob({ ...ports, fetch }, JOB)).toBe('here')
    expect(jobs.store.getState().jobs[JOB]?.document.title).toBe('Far')
  })
  it('of a later version, with nothing that this one can read, opens none', async () => {
    const { device, ports } = await phone()
    await device.receive([{ ...title('x'), path: ['of-a-later-version'] }])
    await device.hear([{ rev: 1, seq: 1, job: JOB, summary: asSummary }])
    await device.markWhole([JOB], 1)
    expect(await openJob(ports, JOB)).toBe('unknown')
  })
  it('how it stands is worked out of nothing where it is not whole here, and it does not count as whole for that', async () => {
    const { device, jobs } = await phone()
    await device.hear([{ rev: 1, seq: 1, job: JOB, summary: asSummary }])
    jobs.hear([asSummary])
    await standingFor(jobs, device, JOB)
    expect(jobs.store.getState().list.summaries.get(JOB)?.standing).toBeNull()
    expect((await device.row(JOB))?.have).toBeUndefined()
  })
  it('that nobody knows opens none, whether the server is there or not', async () => {
    const { ports } = await phone()
    expect(await openJob(ports, JOB)).toBe('unknown')
    expect(await openJob({ ...ports, fetch: async () => 0 }, JOB)).toBe('unknown')
  })
  it('to look at it is the device’s, else the server’s and not kept; who has neither is left out', async () => {
    const { device, ports, look } = await phone()
    const other = { ...title('Mine'), job: '01950000-0000-7000-8000-000000000002' as Change['job'] }
    await device.keep([other])
    await device.note([summaryOf(other.job, [other], EMPTY_JOB)])
    expect((await readJobs(ports, [JOB, other.job])).map((one) => one.document.title)).toEqual(['Mine'])
    look.mockResolvedValue([title('Far')])
    expect((await readJobs(ports, [JOB, other.job])).map((one) => one.document.title)).toEqual([
      'Far',
      'Mine',
    ])
    expect(look).toHaveBeenLastCalledWith([JOB])
    expect(await device.changesOf(JOB)).toEqual([])
  })
})
