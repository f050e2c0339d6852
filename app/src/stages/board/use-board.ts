// What the board shows and what can be done on it, as one value: posts, leads, the mode that is looked at, the lead in hand.
import { useMemo, useState } from 'react'
import { useEscape } from '../../ui/use-escape'
import { useSame } from '../../ui/use-same'
import type { JobDocument } from '@oak/core/job/document'
import { hookupInput, liveCan, needsCan } from '@oak/core/job/inputs/hookup-input'
import type { LeadSheet } from '@oak/core/motor/lead-sheet'
import type { LeadId } from '@oak/core/motor/lead-id'
import type { HookupOutput } from '@oak/core/operations/hookup-output'
import { hookupPosts } from '@oak/core/wiring/hookup-posts'
import { NO_CAN } from '@oak/core/wiring/new-can'
import { samePlacement, type Placement } from '@oak/core/wiring/placement'
import { runningMode, type ModeId, type UnitType } from '@oak/core/wiring/unit-type'
import { askAhead } from '../../parts/frame/asked-ahead'
import { editJob, jobIfEdited } from '../../platform/state/app'
import { blamedLeads, boardLeads, boardParts, turnedPlug, type LeadMove } from './board-model'

export interface BoardOf {
  readonly job: JobDocument
  readonly unit: UnitType
  readonly answer: HookupOutput
  /** false: the answer is to what stood before. */
  readonly fresh: boolean
}

export type BoardState = NonNullable<ReturnType<typeof useBoard>>

/** null: the motor or the can is not chosen. */
export function useBoard(id: string, { job, unit, answer, fresh }: BoardOf) {
  const { selected, take, putDown, isOnItsWay } = useInHand(answer, fresh)
  const [mode, setMode] = useState<ModeId>(runningMode(unit))
  useEscape(selected === null ? null : () => take(null))
  const { sheet, can, posts, leads, parts } = useParts({ job, unit, answer })
  const stopped = useMemo(() => blamedLeads(answer), [answer])
  if (!sheet || !can) return null
  const chosen = leads.find((lead) => lead.id === selected)
  const editsOf = (moves: readonly LeadMove[]) =>
    moves.map(({ lead, to }) => {
      const advised = leads.find((l) => l.id === lead)?.advised
      return { path: ['placements', lead], value: advised && samePlacement(advised, to) ? null : to }
    })
  const mend = (moves: readonly LeadMove[]) => {
    // A bounce of the thumb is the same once more, and none.
    if (isOnItsWay(moves)) return
    const edits = editsOf(moves)
    const stays = ({ lead, to }: LeadMove) => leads.some((l) => l.id === lead && samePlacement(l.goes, to))
    const wrong = editJob(id, edits)
    // What changes nothing has no answer to wait for.
    if (wrong === null && !moves.every(stays)) putDown(moves)
    else take(null)
  }
  const move = (lead: LeadId, to: Placement) => mend([{ lead, to }])
  /** The thumb is down on where the lead would go: its verdict is worked out until it comes up. */
  const aim = (lead: LeadId, to: Placement) => {
    const would = jobIfEdited(id, editsOf([{ lead, to }]))
    const input = would && hookupInput(would)
    if (input) askAhead('hookup', input)
  }
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
    stopped,
    mode,
    setMode,
    selected,
    chosen,
    take,
    move,
    aim,
    mend,
    turnPlug,
  }
}

/** The lead in hand. One that is put down by a move stays in hand until the move is shown. */
function useInHand(answer: HookupOutput, fresh: boolean) {
  const [held, hold] = useState<Held>(NOTHING)
  const isShown = held.until !== null && (held.until !== answer || !fresh)
  return {
    selected: isShown ? null : held.lead,
    take: (lead: string | null) => hold({ ...NOTHING, lead }),
    putDown: (moves: readonly LeadMove[]) => hold(({ lead }) => ({ lead, until: answer, moves })),
    isOnItsWay: (moves: readonly LeadMove[]) =>
      held.until !== null && !isShown && JSON.stringify(held.moves) === JSON.stringify(moves),
  }
}

interface Held {
  readonly lead: string | null
  /** The answer that stood when it was moved; null: it was not. */
  readonly until: HookupOutput | null
  readonly moves: readonly LeadMove[]
}
const NOTHING: Held = { lead: null, until: null, moves: [] }

function useParts({ job, unit, answer }: Omit<BoardOf, 'fresh'>) {
  const sheet: LeadSheet | null = job.motor
  const can = useSame(needsCan(job) ? liveCan(job) : NO_CAN)
  const posts = useMemo(() => (can ? hookupPosts(unit, can) : []), [unit, can])
  const leads = useMemo(() => (sheet ? boardLeads(sheet, answer) : []), [sheet, answer])
  // Few moves change what stands on the board; where none did, its posts keep their places and are not drawn again.
  const parts = useSame(useMemo(() => boardParts(unit, posts, leads), [unit, posts, leads]))
  return { sheet, can, posts, leads, parts }
}
