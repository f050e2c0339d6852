// How far a unit is from safe: what was opened, what was proven dead, what was discharged, and what was waived instead.
import type { MeterReading } from '../capacitor/bench'
import { PROVEN_DEAD_VOLTS, type MakeSafe } from './make-safe'

/** Above this it is no stray pick-up of the meter's leads: the pair is live, volts. Common practice, no source. */
const LIVE_VOLTS = 20

/** A step as the job holds it; volts null: nothing was read. */
export interface StepRecord {
  readonly state: 'done' | 'waived'
  readonly volts: MeterReading | null
}

/** How a step stands; `doubtful`: a few volts, which prove nothing. */
export type StepState = 'open' | 'done' | 'waived' | 'doubtful' | 'live'

/** Keys of the steps in a job. */
export const openStep = (index: number): string => `open ${index + 1}`
/** The key of a step to prove dead. */
export const proveStep = (id: string): string => `prove ${id}`
export const DISCHARGED_STEP = 'discharged'

/** A pair is dead at next to nothing; a few volts prove nothing; OL is a live line beyond the range. */
export function voltsState(volts: MeterReading): 'done' | 'doubtful' | 'live' {
  if (volts === 'OL' || volts > LIVE_VOLTS) return 'live'
  return volts <= PROVEN_DEAD_VOLTS ? 'done' : 'doubtful'
}

function stateOfStep(record: StepRecord | undefined, proves: boolean): StepState {
  if (!record) return 'open'
  if (record.state === 'waived') return 'waived'
  return proves && record.volts !== null ? voltsState(record.volts) : proves ? 'open' : 'done'
}

/** How far making safe is. */
export interface SafeProgress {
  /** `live`: something was read live. `open`: not finished. `waived`: finished, but for what was waived. */
  readonly state: 'safe' | 'waived' | 'open' | 'live'
  readonly sentence: string
  /** Key of the first step that is not done or waived; null when all are. */
  readonly next: string | null
  readonly states: Readonly<Record<string, StepState>>
}

/** From the steps of this unit and what the job records of them. */
export function safeProgress(
  { open, prove, hasCapacitor }: Pick<MakeSafe, 'open' | 'prove' | 'hasCapacitor'>,
  records: Readonly<Record<string, StepRecord>>,
): SafeProgress {
  const keys = [
    ...open.map((_, i) => openStep(i)),
    ...prove.map((p) => proveStep(p.id)),
    ...(hasCapacitor ? [DISCHARGED_STEP] : []),
  ]
  const proves = (key: string) => !key.startsWith('open ')
  const states = Object.fromEntries(keys.map((key) => [key, stateOfStep(records[key], proves(key))]))
  const next = keys.find((key) => states[key] !== 'done' && states[key] !== 'waived') ?? null
  const live = keys.filter((key) => states[key] === 'live')
  const waived = keys.filter((key) => states[key] === 'waived')
  if (live.length > 0)
    return {
      state: 'live',
      next,
      states,
      sentence: `LIVE: ${live.map((key) => wordsOf(key, prove)).join(' and ')}. Do not touch; find what feeds it.`,
    }
  if (next)
    return {
      state: 'open',
      next,
      states,
      sentence: `Not safe yet: ${keys.filter((key) => states[key] !== 'done' && states[key] !== 'waived').length} of ${keys.length} steps to go.`,
    }
  if (waived.length > 0)
    return {
      state: 'waived',
      next,
      states,
      sentence: `Made safe but for what was waived: ${waived.map((key) => wordsOf(key, prove)).join(', ')}. The record says so.`,
    }
  return {
    state: 'safe',
    next,
    states,
    sentence: `Opened${hasCapacitor ? ', proven dead and discharged' : ' and proven dead'}.`,
  }
}

function wordsOf(key: string, prove: MakeSafe['prove']): string {
  if (key === DISCHARGED_STEP) return 'the capacitor'
  const step = prove.find((p) => proveStep(p.id) === key)
  return step ? `${step.between.join(' to ')}` : `step ${key.slice(5)}`
}
