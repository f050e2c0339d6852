// The motors to choose from: those on the van and those known, each matched against the old one, the best that is there first.
import { useMemo } from 'react'
import type { JobDocument } from '@oak/core/job/document'
import { oldMotorOf } from '@oak/core/job/inputs/match-input'
import type { LeadSheet } from '@oak/core/motor/lead-sheet'
import { candidateOf } from '@oak/core/motor/match/criterion'
import { selectSpeeds } from '@oak/core/motor/settings'
import type { MatchMotorOutput } from '@oak/core/operations/match-motor'
import { useCurrentOperation } from '../../parts/frame/use-operation'
import { leftText, vanMotors, type VanMotor } from '../../parts/stock/van-model'
import { useVan } from '../../platform/state/app'

export type Match = MatchMotorOutput['matches'][number]

export interface ShelfRow {
  readonly sheet: LeadSheet
  /** null: not worked out yet. */
  readonly match: Match | null
  /** "2 on the van"; undefined where no motor is counted at all. */
  readonly stock: string | undefined
}

export interface Shelf {
  readonly shown: readonly ShelfRow[]
  readonly matches: readonly Match[]
  /** Nothing is matched yet, or it was against another old motor or direction: rows may still change places. */
  readonly isMatching: boolean
  /** What is wrong with the old plate; null: nothing. */
  readonly problem: string | null
}

/** What is matched is worked out in the worker. */
export function useShelf(job: JobDocument): Shelf {
  const { document: van, left } = useVan()
  const motors = useMemo(() => vanMotors(van, left), [van, left])
  const sheets = useMemo(() => sheetsOf(motors, job.motor), [motors, job.motor])
  const input = useMemo(() => ({ old: oldMotorOf(job), candidates: sheets.map(candidateOf) }), [job, sheets])
  const { answer: result, isCurrent } = useCurrentOperation('match-motor', input)
  const matches = result?.ok ? (result.output as MatchMotorOutput).matches : NO_MATCHES
  const problem = result && !result.ok ? result.error.message : null
  // Before the first answer there is no order: rows that came in another one would move under a finger.
  const shown = result ? shelfRows(sheets, matches, motors) : []
  return { shown, matches, isMatching: !isCurrent, problem }
}

const NO_MATCHES: readonly Match[] = []

/** Every known motor, and the job's own also where the van knows it no more. */
function sheetsOf(motors: readonly VanMotor[], own: LeadSheet | null): LeadSheet[] {
  const sheets = motors.map((m) => m.sheet)
  return own && !sheets.some((s) => s.id === own.id) ? [own, ...sheets] : sheets
}

/** Those that are there first, of each the best match first; before they are matched as they are known. */
export function shelfRows(
  sheets: readonly LeadSheet[],
  matches: readonly Match[],
  motors: readonly VanMotor[],
): ShelfRow[] {
  const counted = motors.some((m) => m.stock !== null)
  const stockOf = (sheet: LeadSheet) => motors.find((m) => m.sheet.id === sheet.id)?.stock ?? null
  const away = (sheet: LeadSheet) => (counted && (stockOf(sheet)?.left ?? 0) <= 0 ? 1 : 0)
  const place = (sheet: LeadSheet) => matches.findIndex((m) => m.id === sheet.id)
  const words = (sheet: LeadSheet) => {
    const stock = stockOf(sheet)
    return stock ? leftText(stock.left) : 'not on the van'
  }
  return [...sheets]
    .sort((a, b) => away(a) - away(b) || place(a) - place(b))
    .map((sheet) => ({
      sheet,
      match: matches[place(sheet)] ?? null,
      stock: counted ? words(sheet) : undefined,
    }))
}

/** What is still to be said before the stage is done, in words; null: nothing. */
export function whatIsDue({ motor, wanted, speed }: Pick<JobDocument, 'motor' | 'wanted' | 'speed'>) {
  if (!motor) return 'Pick the motor that is on the van.'
  const speeds = selectSpeeds(motor)
  if (speeds.length > 1 && !speeds.some((c) => c.speed === speed)) return 'Pick the speed to set.'
  return wanted ? null : 'Say which way the fan must turn.'
}
