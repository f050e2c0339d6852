// Practice on this device: rounds as lists of acts, each with the job that the real stages edit. It is kept apart: nothing of it is on the
// record, counted on the van, or delivered.
import { createStore, type StoreApi } from 'zustand/vanilla'
import { v4 as uuid } from 'uuid'
import type { Change } from '@oak/core/job/change'
import type { JobsState } from './jobs-state'
import type { Edit, Jobs } from './jobs'

/** What a round came to. */
export interface RoundResult {
  readonly state: 'hurt' | 'handed-over'
  /** 0 to 100. */
  readonly total: number
  /** What it showed of each skill, 0 to 100. */
  readonly skills: readonly { readonly skill: string; readonly points: number }[]
  readonly at: number
}

export interface PracticeRound {
  /** Of the round and of its job. */
  readonly id: string
  /** What it was drawn for; null: a unit from a file. */
  readonly skill: string | null
  /** Which of the rounds to begin with it is; null: another. */
  readonly first: string | null
  /** The unit, faults included. */
  readonly scenario: { readonly name: string; readonly lesson?: string | null; readonly complaint: string }
  readonly acts: readonly object[]
  readonly at: number
  readonly technician: string
  /** Of the practice job. */
  readonly changes: readonly Change[]
  /** null: it goes on. */
  readonly result: RoundResult | null
}

export interface PracticeState {
  /** The latest first; null: not read yet. */
  readonly rounds: readonly PracticeRound[] | null
  /** What the meter on the bench shows, for the stages of the same job. */
  readonly meter: { readonly job: string; readonly quantity: string; readonly value: number | 'OL' } | null
  readonly trouble: string | null
}

export interface PracticePorts {
  readonly jobs: Pick<Jobs, 'store' | 'show' | 'edit'>
  readonly fact: (name: string) => Promise<string | number | undefined>
  readonly setFact: (name: string, value: string) => Promise<void>
  readonly now: () => number
}

export interface BeginWith extends Pick<PracticeRound, 'skill' | 'first' | 'scenario'> {
  /** What a job on this unit begins with. */
  readonly edits: readonly Edit[]
}

export interface Practice {
  readonly store: StoreApi<PracticeState>
  /** Reads what is kept, once. */
  readonly load: () => Promise<void>
  /** Shows the job of a round to the stages; false: there is no such round. */
  readonly reopen: (id: string) => Promise<boolean>
  /** A new round; returns its id, or what is wrong in words. */
  readonly begin: (begin: BeginWith) => { readonly id: string } | { readonly wrong: string }
  readonly act: (id: string, act: object) => void
  /** The last act cannot be on this unit: it was none. */
  readonly takeBack: (id: string) => void
  readonly finish: (id: string, result: Omit<RoundResult, 'at'>) => void
  /** A round that nobody goes on with: it is gone, and showed nothing. */
  readonly leave: (id: string) => void
  readonly setMeter: (meter: PracticeState['meter']) => void
}

const KEPT = 'practice'
/** Of those that are over: so many can be watched again, and of so many it is known what they showed. */
const [WATCHED, KNOWN] = [30, 1000]
/** What no practice paper goes without. */
export const PRACTICE_TITLE = 'Practice: '

const isRound = (value: unknown): value is PracticeRound =>
  typeof value === 'object' &&
  value !== null &&
  typeof (value as PracticeRound).id === 'string' &&
  Array.isArray((value as PracticeRound).acts) &&
  Array.isArray((value as PracticeRound).changes) &&
  typeof (value as PracticeRound).scenario === 'object'

/** What is kept as text; what cannot be read is not taken for rounds. */
export function readRounds(text: string | number | undefined): PracticeRound[] | null {
  if (text === undefined) return []
  try {
    const read: unknown = JSON.parse(String(text))
    return Array.isArray(read) ? read.filter(isRound) : null
  } catch {
    return null
  }
}

/** The latest whole; of those before only what they showed. */
export function toKeep(rounds: readonly PracticeRound[]): PracticeRound[] {
  return rounds
    .slice(0, KNOWN)
    .map((round, i) => (round.result === null || i < WATCHED ? round : { ...round, acts: [], changes: [] }))
}

/** Papers of a practice job say what they are, whatever it is renamed to. */
export const practiceEdits = (edits: readonly Edit[]): readonly Edit[] =>
  edits.map((edit) =>
    edit.path[0] === 'title' && !String(edit.value).startsWith(PRACTICE_TITLE)
      ? { ...edit, value: `${PRACTICE_TITLE}${String(edit.value)}` }
      : edit,
  )

/** Keeps the rounds as they are: at once, or after what the tap changes is drawn. */
function createSaver(store: StoreApi<PracticeState>, setFact: PracticePorts['setFact']) {
  let timer: ReturnType<typeof setTimeout> | undefined
  async function save(): Promise<void> {
    try {
      await setFact(KEPT, JSON.stringify(toKeep(store.getState().rounds ?? [])))
    } catch (error) {
      store.setState({ trouble: `The practice round could not be kept on this device (${String(error)}).` })
    }
  }
  return (at: 'now' | 'soon'): void => {
    clearTimeout(timer)
    if (at === 'now') void save()
    else timer = setTimeout(() => void save())
  }
}

export function createPractice({ jobs, fact, setFact, now }: PracticePorts): Practice {
  const store = createStore<PracticeState>(() => ({ rounds: null, meter: null, trouble: null }))
  const roundsNow = (): readonly PracticeRound[] => store.getState().rounds ?? []
  let loading: Promise<void> | null = null
  const save = createSaver(store, setFact)
  function set(rounds: readonly PracticeRound[], at: 'now' | 'soon'): void {
    store.setState({ rounds })
    save(at)
  }
  const replace = (id: string, edit: (round: PracticeRound) => PracticeRound, at: 'now' | 'soon' = 'now') =>
    set(
      roundsNow().map((round) => (round.id === id ? edit(round) : round)),
      at,
    )
  /** What the stages edit of the practice job is the round's. */
  function hear({ examples }: JobsState, before: JobsState): void {
    if (examples === before.examples) return
    for (const { id, changes } of roundsNow()) {
      const held = examples[id]
      if (held && held.changes !== changes)
        replace(id, (round) => ({ ...round, changes: held.changes }), 'soon')
    }
  }
  async function read(): Promise<void> {
    const rounds = readRounds(await fact(KEPT))
    store.setState({
      rounds: [...roundsNow(), ...(rounds ?? [])],
      trouble: rounds
        ? null
        : 'The practice rounds on this device cannot be read. New ones begin a new list.',
    })
    jobs.store.subscribe(hear)
  }
  const load = (): Promise<void> => (loading ??= read())

  return {
    store,
    load,
    async reopen(id) {
      await load()
      const round = roundsNow().find((r) => r.id === id)
      if (round) jobs.show(id, round.changes)
      return round !== undefined
    },
    begin({ edits, ...of }) {
      const id = uuid()
      jobs.show(id, [])
      const wrong = jobs.edit(id, practiceEdits(edits))
      if (wrong !== null) return { wrong }
      const { examples, technician } = jobs.store.getState()
      const round = {
        ...of,
        id,
        acts: [],
        at: now(),
        technician,
        changes: examples[id]?.changes ?? [],
        result: null,
      }
      set([round, ...roundsNow()], 'now')
      return { id }
    },
    act: (id, act) => replace(id, (round) => ({ ...round, acts: [...round.acts, act] }), 'soon'),
    takeBack: (id) => replace(id, (round) => ({ ...round, acts: round.acts.slice(0, -1) })),
    finish: (id, result) =>
      replace(id, (round) => (round.result ? round : { ...round, result: { ...result, at: now() } })),
    leave: (id) =>
      set(
        roundsNow().filter((round) => round.id !== id),
        'now',
      ),
    setMeter: (meter) => store.setState({ meter }),
  }
}
