// What the board shows and what can be done on it, as one value: posts, leads, the mode that is looked at, the lead in hand.
import { useMemo, useState } from 'react'
import { useEscape } from '../../ui/use-escape'
import { useSame } from '../../ui/use-same'
import type { JobDocument } from '@oak/core/job/document'
import { liveCan, needsCan } from '@oak/core/job/inputs/hookup-input'
import type { LeadSheet } from '@oak/core/motor/lead-sheet'
import type { LeadId } from '@oak/core/motor/lead-id'
import type { HookupOutput } from '@oak/core/operations/hookup-output'
import { hookupPosts } from '@oak/core/wiring/hookup-posts'
import { NO_CAN } from '@oak/core/wiring/new-can'
import { samePlacement, type Placement } from '@oak/core/wiring/placement'
import { runningMode, type ModeId, type UnitType } from '@oak/core/wiring/unit-type'
import { editJob } from '../../platform/state/app'
import { blamedLeads, boardFaces, boardLeads, boardParts, turnedPlug, type LeadMove } from './board-model'

export interface BoardOf {
  readonly job: JobDocument
  readonly unit: UnitType
  readonly answer: HookupOutput
}

export type BoardState = NonNullable<ReturnType<typeof useBoard>>

/** null: the motor or the can is not chosen. */
export function useBoard(id: string, { job, unit, answer }: BoardOf) {
  const [selected, take] = useState<string | null>(null)
  const [mode, setMode] = useState<ModeId>(runningMode(unit))
  useEscape(selected === null ? null : () => take(null))
  const { sheet, can, posts, leads, parts } = useParts({ job, unit, answer })
  if (!sheet || !can) return null
  const chosen = leads.find((lead) => lead.id === selected)
  const shownMode = answer.proof.modes.find((m) => m.mode === mode) ?? answer.proof.modes[0]
  const looked = { mode: shownMode?.mode ?? mode, choosing: chosen !== undefined }
  const mend = (moves: readonly LeadMove[]) => {
    editJob(
      id,
      moves.map(({ lead, to }) => {
        const advised = leads.find((l) => l.id === lead)?.advised
        return { path: ['placements', lead], value: advised && samePlacement(advised, to) ? null : to }
      }),
    )
    take(null)
  }
  const move = (lead: LeadId, to: Placement) => mend([{ lead, to }])
  const turnPlug = () => {
    const value = turnedPlug(sheet, answer.plug)
    if (value !== undefined) editJob(id, [{ path: ['plug'], value }])
  }
  return {
    sheet,
    can,
    posts,
    leads,
    parts,
    faces: boardFaces(unit, can, answer, looked),
    stopped: blamedLeads(answer),
    mode,
    setMode,
    shownMode,
    selected,
    chosen,
    take,
    move,
    mend,
    turnPlug,
  }
}

function useParts({ job, unit, answer }: BoardOf) {
  const sheet: LeadSheet | null = job.motor
  const can = useSame(needsCan(job) ? liveCan(job) : NO_CAN)
  const posts = useMemo(() => (can ? hookupPosts(unit, can) : []), [unit, can])
  const leads = useMemo(() => (sheet ? boardLeads(sheet, answer) : []), [sheet, answer])
  const parts = useMemo(() => boardParts(unit, posts, leads), [unit, posts, leads])
  return { sheet, can, posts, leads, parts }
}
