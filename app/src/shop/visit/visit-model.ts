// What the visit's screen shows and edits, without rendering: what this visit does by the record, days to choose from, what begins again.
import * as v from 'valibot'
import type { JobDocument } from '@oak/core/job/document'
import { DaySchema } from '@oak/core/job/fields'
import { standingProof } from '@oak/core/job/standing-proof'
import { faultsOf } from '@oak/core/job/visit/visit-state'
import { dayAfter } from '@oak/core/quantity/day'
import type { Edit } from '../../platform/state/jobs'

/** What the visit does, as far as the record shows it: never asked for. */
export function doneSoFar(job: JobDocument): string[] {
  const proven = standingProof(job) !== null
  const planned = proven ? '' : ', planned'
  return [
    ...faultsOf(job).map(({ name }) => `Found: ${name}`),
    ...(job.motor && !job.motorStays ? [`Motor replaced: ${job.motor.name}${planned}`] : []),
    ...(job.motorStays ? ['The old motor stays'] : []),
    ...(job.can ? [`Capacitor: ${job.can.name}${planned}`] : []),
    ...(Object.keys(job.placements).length > 0 ? ['Leads placed by hand'] : []),
    ...(Object.keys(job.estimateLines).length > 0
      ? [job.acceptance ? `Estimate accepted by ${job.acceptance.name}` : 'Estimate made']
      : []),
  ]
}

export type DayChoice = 'tomorrow' | 'three' | 'week' | 'none' | 'other'
export const DAY_OPTIONS: readonly { readonly value: DayChoice; readonly text: string }[] = [
  { value: 'tomorrow', text: 'tomorrow' },
  { value: 'three', text: 'in 3 days' },
  { value: 'week', text: 'in a week' },
  { value: 'none', text: 'not said' },
  { value: 'other', text: 'another day' },
]
const AHEAD: Partial<Readonly<Record<DayChoice, number>>> = { tomorrow: 1, three: 3, week: 7 }

/** The day of a choice, from today on; `typed`: of another day. null: no day. */
export function dayOfChoice(choice: DayChoice, typed: string, today: string): string | null {
  const ahead = AHEAD[choice]
  if (ahead !== undefined) return dayAfter(today, ahead)
  return choice === 'other' ? typed.trim() : null
}

/** What is wrong with a day that was typed; null: nothing, or none was. */
export function dayProblem(choice: DayChoice, typed: string): string | null {
  if (choice !== 'other') return null
  const parsed = v.safeParse(DaySchema, typed.trim())
  return parsed.success ? null : parsed.issues[0].message
}

/** The part that this job waits for, in words to begin with: what the old plate asks of a motor. */
export function proposedPart(job: JobDocument): string {
  const plate = job.motorPlate
  if (!plate || job.motor) return ''
  const figures = [
    plate.horsepower[0] && `${plate.horsepower[0]} hp`,
    plate.rpm[0] && `${plate.rpm[0]} rpm`,
    plate.volts[0] &&
      `${plate.volts[0].low === plate.volts[0].high ? '' : `${plate.volts[0].low}–`}${plate.volts[0].high} V`,
  ].filter(Boolean)
  return figures.length > 0 ? `Motor, ${figures.join(', ')}` : ''
}

/** A further visit on the job: it is open again, and goes on where it stopped. */
export const nextVisitEdits = (job: JobDocument, key: string, at: number): Edit[] => [
  { path: ['visits', key], value: { at, why: job.comeBack?.why ?? '' } },
  ...(job.comeBack ? [{ path: ['comeBack'], value: null }] : []),
  ...(job.ended ? [{ path: ['ended'], value: null }] : []),
]

const SAME_PLACE = ['site', 'owner', 'hertz', 'tolerancePercent'] as const

/** Of another unit at the same place: what is the place's and the shop's; nothing of the unit. */
export const samePlaceEdits = (job: JobDocument): Edit[] =>
  SAME_PLACE.filter((field) => job[field] !== null && job[field] !== '').map((field) => ({
    path: [field],
    value: job[field],
  }))
