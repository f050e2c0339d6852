import { EMPTY_JOB } from '@oak/core/job/document'
import { VAN_ID } from '@oak/core/job/van'
import type { DeviceStore } from '../sync/device-store'
import { v4 as uuid } from 'uuid'
import { DEVICE, setUp } from './testing/jobs-set-up'
import { changesOf, createJobs, documentOf, withConsequences } from './jobs'
import { inverseOf } from './undo'

const settle = () => new Promise((resolve) => setTimeout(resolve, 0))

it('folds an edit in at once and tells of it once it is kept', async () => {
  const { jobs, told } = setUp()
  const id = jobs.create()
  expect(
    jobs.edit(id, [
      { path: ['title'], value: 'Roof 3' },
      { path: ['site'], value: 'Yard' },
    ]),
  ).toBeNull()
  expect(jobs.store.getState().jobs[id]?.document).toMatchObject({ title: 'Roof 3', site: 'Yard' })
  await settle()
  expect(told.map((c) => c.value)).toEqual(['Roof 3', 'Yard'])
})

it('does not say delivered of an edit that no round has delivered', () => {
  const { jobs } = setUp()
  jobs.setSync({ kind: 'delivered' })
  jobs.edit(jobs.create(), [{ path: ['title'], value: 'Roof 3' }])
  expect(jobs.store.getState().sync).toEqual({ kind: 'waiting', count: 1 })
})

it('applies edits together or not at all', () => {
  const { jobs } = setUp()
  const id = jobs.create()
  expect(
    jobs.edit(id, [
      { path: ['title'], value: 'Roof 3' },
      { path: ['compressorMicrofarads'], value: 0 },
    ]),
  ).toBe('The compressor’s µF must be above 0 µF.')
  // Whoever shows it beside a field or not: it is on record for the page.
  expect(jobs.store.getState().notTaken).toEqual({ text: 'The compressor’s µF must be above 0 µF.' })
  expect(jobs.store.getState().jobs[id]).toBeUndefined()
})

it('puts later edits after earlier ones though the clock stands still', () => {
  const { jobs } = setUp()
  const id = jobs.create()
  for (const value of ['a', 'b', 'c']) jobs.edit(id, [{ path: ['title'], value }])
  expect(jobs.store.getState().jobs[id]?.document.title).toBe('c')
})

it('says so when the device cannot keep an edit', async () => {
  const { jobs, told } = setUp(() => Promise.reject(new Error('quota')))
  jobs.edit(jobs.create(), [{ path: ['title'], value: 'x' }])
  await settle()
  expect(jobs.store.getState().trouble).toContain('quota')
  expect(told).toEqual([])
})

it('keeps every field that an edit does not touch as the very same value', () => {
  const { jobs } = setUp()
  const id = jobs.create()
  const wire = { from: 'T1', to: 'motor', segments: [], traced: true, stated: [] }
  jobs.edit(id, [{ path: ['wires', 'a'], value: wire }])
  const before = jobs.store.getState().jobs[id]!.document
  jobs.edit(id, [{ path: ['title'], value: 'Roof 3' }])
  const after = jobs.store.getState().jobs[id]!.document
  expect(after.title).toBe('Roof 3')
  expect(after.wires).toBe(before.wires)
  jobs.edit(id, [{ path: ['wires', 'b'], value: { ...wire, from: 'T2' } }])
  expect(jobs.store.getState().jobs[id]!.document.wires).not.toBe(before.wires)
})

it('takes the same changes twice without doubling them', () => {
  const { jobs } = setUp()
  const id = jobs.create()
  jobs.edit(id, [{ path: ['title'], value: 'x' }])
  const before = jobs.store.getState().jobs[id]
  jobs.take(before?.changes ?? [])
  // The very same document: nothing on a screen is drawn or worked out again for it.
  expect(jobs.store.getState().jobs[id]).toBe(before)
  expect(jobs.store.getState().jobs[id]?.changes).toHaveLength(1)
})

it('reads changes of an earlier version with the fields it gained since, and folds none that it cannot read', async () => {
  const { jobs } = setUp()
  const id = jobs.create()
  const envelope = { job: id, at: 1_800_000_000_000, device: DEVICE, technician: '' }
  jobs.open([
    {
      ...envelope,
      id: '00000000-0000-4000-8000-000000000001',
      path: ['wires', 'a'],
      value: { from: 'T1', to: 'motor' },
    },
    { ...envelope, id: '00000000-0000-4000-8000-000000000002', path: ['hovercraft'], value: 1 },
  ])
  expect(jobs.store.getState().jobs[id]?.document.wires.a).toEqual({
    from: 'T1',
    to: 'motor',
    segments: [],
    traced: false,
    stated: [],
  })
  expect(jobs.store.getState().jobs[id]?.document).not.toHaveProperty('hovercraft')
})

it('a part taken lowers what is left, and giving it back returns it', () => {
  const { jobs } = setUp()
  const line = { kind: 'part', name: 'Cap', quantity: 2, cents: null, countedAt: 1_700_000_000_000 }
  expect(jobs.edit(VAN_ID, [{ path: ['stock', 'part-cap'], value: line }])).toBeNull()
  const left = () => jobs.store.getState().van.left['part-cap']
  const id = jobs.create()
  jobs.edit(id, [{ path: ['taken', 'part-cap'], value: { quantity: 1 } }])
  expect(left()).toBe(1)
  jobs.edit(id, [{ path: ['taken', 'part-cap'], value: null }])
  expect(left()).toBe(2)
  expect(jobs.store.getState().jobs).not.toHaveProperty(VAN_ID)
})

it('what an edit makes void falls with it, and an undo puts both back together', () => {
  const { jobs } = setUp()
  const id = jobs.create()
  const shown = () => jobs.store.getState().jobs[id]!.document
  jobs.edit(id, [{ path: ['plug'], value: 'CW' }])
  jobs.edit(id, [{ path: ['startup', 'turned'], value: 'right' }])
  const turn = [{ path: ['plug'], value: 'CCW' }]
  const back = inverseOf(shown(), withConsequences(shown(), turn))
  jobs.edit(id, turn)
  expect([shown().plug, shown().startup.turned]).toEqual(['CCW', undefined])
  jobs.edit(id, back)
  expect([shown().plug, shown().startup.turned]).toEqual(['CW', 'right'])
})

it('what a job would be with edits is what it becomes with them, and is not kept', () => {
  const { jobs } = setUp()
  const id = jobs.create()
  const edits = [{ path: ['placements', 'brown'], value: { kind: 'post', post: 'T1' } }]
  const would = jobs.ifEdited(id, edits)
  expect(would?.placements).toEqual({ brown: { kind: 'post', post: 'T1' } })
  expect(documentOf(jobs.store.getState(), id)).toEqual(EMPTY_JOB)
  jobs.edit(id, edits)
  expect(documentOf(jobs.store.getState(), id)).toEqual(would)
  expect(jobs.ifEdited(id, [{ path: ['no-such-field'], value: 1 }])).toBeNull()
})

it('an example is shown and edited, and is kept, told and counted nowhere', async () => {
  const keep = jest.fn(async () => undefined)
  const { jobs, told } = setUp(keep)
  const line = { kind: 'part', name: 'Cap', quantity: 2, cents: null, countedAt: 1_700_000_000_000 }
  jobs.edit(VAN_ID, [{ path: ['stock', 'part-cap'], value: line }])
  const example = jobs.create()
  const title = {
    id: uuid(),
    job: example,
    path: ['title'],
    value: 'Example',
    at: 1,
    device: DEVICE,
    technician: '',
  }
  jobs.show(example, [title])
  await settle()
  keep.mockClear()
  told.length = 0
  expect(jobs.edit(example, [{ path: ['site'], value: 'Yard' }])).toBeNull()
  expect(jobs.edit(example, [{ path: ['taken', 'part-cap'], value: { quantity: 1 } }])).toBeNull()
  await settle()
  const state = jobs.store.getState()
  expect(documentOf(state, example)).toMatchObject({ title: 'Example', site: 'Yard' })
  expect(changesOf(state, example)).toHaveLength(3)
  expect(state.jobs).toEqual({})
  expect(state.van.left).toEqual({ 'part-cap': 2 })
  expect(keep).not.toHaveBeenCalled()
  expect(told).toEqual([])
})

it('keeps a name of 300 letters whole, and no more of a longer one, on the screen as in the store', async () => {
  const kept: unknown[] = []
  const { jobs } = setUp()
  const device = { setFact: async (_: string, value: string) => void kept.push(value) }
  const own = createJobs({ device: device as never, deviceId: DEVICE, now: () => 0, onKept: () => undefined })
  for (const length of [300, 301]) own.setTechnician('ä'.repeat(length))
  await settle()
  expect(own.store.getState().technician).toHaveLength(300)
  expect(kept).toEqual(['ä'.repeat(300), 'ä'.repeat(300)])
  expect(jobs.store.getState().technician).not.toBe(own.store.getState().technician)
})
it('what touches no stock leaves the van as it is: the very same value, so that nothing is counted again', () => {
  const { jobs } = setUp()
  const before = jobs.store.getState().van
  jobs.edit(jobs.create(), [{ path: ['title'], value: 'Roof 3' }])
  expect(jobs.store.getState().van).toBe(before)
  jobs.edit(jobs.create(), [{ path: ['taken', 'motor-rowan'], value: { quantity: 1 } }])
  expect(jobs.store.getState().van).not.toBe(before)
})

describe('what the server makes of an edit', () => {
  it('kept under another time, it is folded under that time', () => {
    const { jobs } = setUp()
    const id = jobs.create()
    jobs.edit(id, [{ path: ['title'], value: 'from a clock far ahead' }])
    const [mine] = jobs.store.getState().jobs[id]?.changes ?? []
    if (!mine) throw new Error('the edit is gone')
    const theirs = { ...mine, id: uuid(), value: 'later, by a right clock', at: 1_790_000_000_500 }
    jobs.take([theirs])
    expect(jobs.store.getState().jobs[id]?.document.title).toBe('from a clock far ahead')
    jobs.restamp([{ id: mine.id, at: 1_790_000_000_000 }])
    expect(jobs.store.getState().jobs[id]?.document.title).toBe('later, by a right clock')
    expect(jobs.store.getState().jobs[id]?.changes).toHaveLength(2)
  })
  it('given up, it is gone from its job; a job of nothing else is gone with it', async () => {
    const { jobs } = setUp()
    const [one, two] = [jobs.create(), jobs.create()]
    jobs.edit(one, [{ path: ['title'], value: 'Roof 3' }])
    jobs.edit(one, [{ path: ['title'], value: 'Roof 4' }])
    jobs.edit(two, [{ path: ['title'], value: 'Yard' }])
    const last = jobs.store.getState().jobs[one]?.changes.at(-1)?.id ?? ''
    await jobs.drop([last, ...(jobs.store.getState().jobs[two]?.changes.map((c) => c.id) ?? [])], [one, two])
    expect(jobs.store.getState().jobs[one]?.document.title).toBe('Roof 3')
    expect(jobs.store.getState().jobs[two]).toBeUndefined()
  })
  it('of two changes with one id and other contents the one that is here stays', () => {
    const { jobs } = setUp()
    const id = jobs.create()
    jobs.edit(id, [{ path: ['title'], value: 'mine' }])
    const [mine] = jobs.store.getState().jobs[id]?.changes ?? []
    if (!mine) throw new Error('the edit is gone')
    jobs.take([{ ...mine, value: 'theirs', at: mine.at + 1 }])
    expect(jobs.store.getState().jobs[id]?.document.title).toBe('mine')
  })
})
it.each([
  ['before 2020', 0],
  ['beyond 2100', 5_000_000_000_000],
])('a clock that stands %s keeps every edit all the same, in its order', (_, clock) => {
  const device = { keep: async () => undefined, note: async () => undefined } as unknown as DeviceStore
  const jobs = createJobs({ device, deviceId: DEVICE, now: () => clock, onKept: () => undefined })
  const id = jobs.create()
  for (const value of ['a', 'b', 'c']) expect(jobs.edit(id, [{ path: ['title'], value }])).toBeNull()
  expect(jobs.store.getState().jobs[id]?.document.title).toBe('c')
})
