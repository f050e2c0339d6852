import { setUp } from './testing/jobs-set-up'
import { createPractice, practiceEdits, readRounds, toKeep, type PracticeRound } from './practice'

const settle = () => new Promise((resolve) => setTimeout(resolve, 400))
const SCENARIO = { name: 'A unit', complaint: 'It hums.', lesson: null }

function bench(kept: Record<string, string> = {}) {
  const { jobs, told } = setUp()
  const facts = new Map<string, string>(Object.entries(kept))
  const practice = createPractice({
    jobs,
    fact: (name) => Promise.resolve(facts.get(name)),
    setFact: async (name, value) => void facts.set(name, value),
    now: () => 1_800_000_000_000,
  })
  return { jobs, told, facts, practice }
}
async function begun() {
  const at = bench()
  await at.practice.load()
  const came = at.practice.begin({
    skill: 'safe',
    first: null,
    scenario: SCENARIO,
    edits: [{ path: ['title'], value: 'A unit' }],
  })
  if ('wrong' in came) throw new Error(came.wrong)
  return { ...at, id: came.id }
}

it('a round’s job is edited by the stages, is on no record, and takes nothing off the van', async () => {
  const { jobs, told, practice, id } = await begun()
  expect(jobs.edit(id, [{ path: ['site'], value: 'Bench' }])).toBeNull()
  expect(jobs.edit(id, [{ path: ['taken', 'x'], value: { quantity: 3 } }])).toBeNull()
  await settle()
  expect(told).toEqual([])
  expect(jobs.store.getState().list.summaries.size).toBe(0)
  expect(jobs.store.getState().van.left).toEqual({})
  expect(practice.store.getState().rounds?.[0]?.changes.map((c) => c.path[0])).toEqual(
    expect.arrayContaining(['title', 'site', 'taken']),
  )
})

it('goes on where it was after the app was closed: acts, and what the stages had', async () => {
  const { facts, jobs, practice, id } = await begun()
  practice.act(id, { do: 'wait' })
  jobs.edit(id, [{ path: ['site'], value: 'Bench' }])
  await settle()
  const later = bench({ practice: facts.get('practice')! })
  expect(await later.practice.reopen(id)).toBe(true)
  expect(later.practice.store.getState().rounds?.[0]?.acts).toEqual([{ do: 'wait' }])
  expect(later.jobs.store.getState().examples[id]?.document).toMatchObject({
    title: 'Practice: A unit',
    site: 'Bench',
  })
  expect(await later.practice.reopen('another')).toBe(false)
})

it('what a round showed is kept once, however often it is looked at', async () => {
  const { practice, id } = await begun()
  practice.finish(id, { state: 'hurt', total: 0, skills: [{ skill: 'safe', points: 0 }] })
  practice.finish(id, { state: 'handed-over', total: 90, skills: [] })
  expect(practice.store.getState().rounds?.[0]?.result).toEqual({
    state: 'hurt',
    total: 0,
    skills: [{ skill: 'safe', points: 0 }],
    at: 1_800_000_000_000,
  })
})

it('a practice paper says so whatever it is called', () =>
  expect(
    practiceEdits([
      { path: ['title'], value: 'Gull Street' },
      { path: ['title'], value: 'Practice: Gull Street' },
      { path: ['site'], value: 'Yard' },
    ]).map((e) => e.value),
  ).toEqual(['Practice: Gull Street', 'Practice: Gull Street', 'Yard']))

it('an edit that cannot be kept begins no round, and says why', async () => {
  const { practice } = bench()
  await practice.load()
  expect(
    practice.begin({
      skill: null,
      first: null,
      scenario: SCENARIO,
      edits: [{ path: ['compressorMicrofarads'], value: 0 }],
    }),
  ).toEqual({ wrong: 'The compressor’s µF must be above 0 µF.' })
  expect(practice.store.getState().rounds).toEqual([])
})

it('what is kept and cannot be read is said, and is no round', async () => {
  expect(readRounds(undefined)).toEqual([])
  expect(readRounds('{')).toBeNull()
  expect(readRounds('{"a":1}')).toBeNull()
  expect(readRounds('[{"id":"x"},4,null]')).toEqual([])
  const { practice } = bench({ practice: 'not JSON' })
  await practice.load()
  expect(practice.store.getState().trouble).toMatch(/cannot be read/)
})

it('of old rounds that are over only what they showed is kept; one that is open stays whole', () => {
  const round = (i: number, isOver: boolean): PracticeRound => ({
    id: String(i),
    skill: null,
    first: null,
    scenario: SCENARIO,
    acts: [{ do: 'wait' }],
    at: i,
    technician: '',
    changes: [],
    result: isOver ? { state: 'hurt', total: 0, skills: [], at: i } : null,
  })
  const kept = toKeep([...Array.from({ length: 40 }, (_, i) => round(i, true)), round(40, false)])
  expect(kept.map((r) => r.acts.length)).toEqual([
    ...Array.from({ length: 30 }, () => 1),
    ...Array.from({ length: 10 }, () => 0),
    1,
  ])
})

it('says so when the device cannot keep it', async () => {
  const { jobs } = setUp()
  const practice = createPractice({
    jobs,
    fact: () => Promise.resolve(undefined),
    setFact: () => Promise.reject(new Error('quota')),
    now: () => 0,
  })
  await practice.load()
  practice.begin({ skill: null, first: null, scenario: SCENARIO, edits: [{ path: ['title'], value: 'x' }] })
  await settle()
  expect(practice.store.getState().trouble).toMatch(/could not be kept on this device .*quota/)
})

it('an act that cannot be is taken back, and the round goes on', async () => {
  const { practice, id } = await begun()
  practice.act(id, { do: 'wait' })
  practice.act(id, { do: 'fit' })
  practice.takeBack(id)
  expect(practice.store.getState().rounds?.[0]?.acts).toEqual([{ do: 'wait' }])
})

it('a round that is left is gone, and showed nothing', async () => {
  const { practice, id, facts } = await begun()
  practice.leave(id)
  await settle()
  expect(practice.store.getState().rounds).toEqual([])
  expect(facts.get('practice')).toBe('[]')
})
