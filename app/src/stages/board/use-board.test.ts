import { act, renderHook } from '@testing-library/react'
import type { JobDocument } from '@oak/core/job/document'
import { hookupInput } from '@oak/core/job/inputs/hookup-input'
import { FINISHED } from '@oak/core/job/testing/finished'
import type { LeadId } from '@oak/core/motor/lead-id'
import type { HookupOutput } from '@oak/core/operations/hookup-output'
import { runOperation } from '@oak/core/operations/registry'
import { knownUnitType } from '@oak/core/wiring/unit-types'
import { askAhead } from '../../parts/frame/asked-ahead'
import { editJob, jobIfEdited } from '../../platform/state/app'
import { boardFaces, shownMode } from './board-model'
import { useBoard, type BoardState } from './use-board'

jest.mock('../../platform/state/app', () => ({ editJob: jest.fn(), jobIfEdited: jest.fn() }))
jest.mock('../../parts/frame/asked-ahead', () => ({ askAhead: jest.fn() }))

const whole = FINISHED
const unit = knownUnitType(whole.unit ?? '')
function answerOf(job: JobDocument): HookupOutput {
  const result = runOperation('hookup', hookupInput(job))
  if (!result.ok) throw new Error(result.error.message)
  return result.output as HookupOutput
}
const answer = answerOf(whole)
const shown = (job: JobDocument) =>
  renderHook(({ of, fresh }) => useBoard('job-1', { job, unit, answer: of, fresh }), {
    initialProps: { of: answer, fresh: true },
  })
const board = (job: JobDocument) => shown(job).result as { readonly current: BoardState }
const edits = () => jest.mocked(editJob).mock.calls
beforeEach(() => jest.mocked(editJob).mockReset().mockReturnValue(null))
const lead = (id: string) => id as LeadId

it('is none without a motor or without a can', () => {
  expect(board({ ...whole, motor: null }).current).toBeNull()
  expect(board({ ...whole, can: null }).current).toBeNull()
  expect(board(whole).current).not.toBeNull()
})
const insulated = { kind: 'insulated' } as const
it('a lead is taken in hand, moved by one edit, and out of hand once the move is shown', () => {
  const { result, rerender } = shown(whole)
  const state = result as { readonly current: BoardState }
  expect(state.current.chosen).toBeUndefined()
  act(() => state.current.take('white'))
  expect(state.current.chosen?.id).toBe('white')
  act(() => state.current.move(lead('white'), insulated))
  expect(edits()).toEqual([['job-1', [{ path: ['placements', 'white'], value: insulated }]]])
  expect(state.current.selected).toBe('white')
  rerender({ of: answerOf({ ...whole, placements: { ...whole.placements, white: insulated } }), fresh: true })
  expect(state.current.selected).toBeNull()
})
it('a move whose answer takes long is shown without it: the lead is out of hand then', () => {
  const { result, rerender } = shown(whole)
  const state = result as { readonly current: BoardState }
  act(() => state.current.take('white'))
  act(() => state.current.move(lead('white'), insulated))
  rerender({ of: answer, fresh: false })
  expect(state.current.selected).toBeNull()
})
it('a thumb that is down on a post has the verdict of that move worked out, and moves nothing', () => {
  const state = board(whole)
  const moved = { ...whole, placements: { ...whole.placements, white: insulated } }
  jest.mocked(jobIfEdited).mockReturnValueOnce(moved).mockReturnValueOnce(null)
  state.current.aim(lead('white'), insulated)
  expect(jest.mocked(jobIfEdited).mock.calls).toEqual([
    ['job-1', [{ path: ['placements', 'white'], value: insulated }]],
  ])
  state.current.aim(lead('white'), { kind: 'post', post: 'L2' })
  expect(jest.mocked(askAhead).mock.calls).toEqual([['hookup', hookupInput(moved)]])
  expect(edits()).toEqual([])
})
it('a move made twice before it is shown is one; another one counts', () => {
  const state = board(whole)
  act(() => state.current.take('white'))
  act(() => state.current.move(lead('white'), insulated))
  act(() => state.current.move(lead('white'), insulated))
  expect(edits()).toHaveLength(1)
  act(() => state.current.move(lead('black'), insulated))
  expect(edits()).toHaveLength(2)
})
it('a move that is refused, or that is none, puts the lead down at once', () => {
  const state = board(whole)
  const goes = state.current.leads.find((l) => l.id === 'white')?.goes
  if (!goes) throw new Error('white is nowhere')
  act(() => state.current.take('white'))
  act(() => state.current.move(lead('white'), goes))
  expect(state.current.selected).toBeNull()
  jest.mocked(editJob).mockReturnValue('That cannot be kept.')
  act(() => state.current.take('white'))
  act(() => state.current.move(lead('white'), insulated))
  expect(state.current.selected).toBeNull()
})
it('moved to where it is advised, the hand’s place is taken back: no edit of its own stays', () => {
  const state = board(whole)
  const advised = state.current.leads.find((l) => l.id === 'white')?.advised
  if (!advised) throw new Error('white has no advised place')
  act(() => state.current.move(lead('white'), advised))
  expect(edits()).toEqual([['job-1', [{ path: ['placements', 'white'], value: null }]]])
})
it('Escape puts a lead down', () => {
  const state = board(whole)
  act(() => state.current.take('white'))
  act(() => void window.dispatchEvent(new KeyboardEvent('keydown', { key: 'Escape', bubbles: true })))
  expect(state.current.selected).toBeNull()
})
it('looks at the mode in which the unit runs, and at another one when asked', () => {
  const state = board(whole)
  expect(shownMode(answer, state.current.mode)?.mode).toBe('cooling')
  act(() => state.current.setMode(unit.modes.find((m) => m.id !== 'cooling')?.id ?? state.current.mode))
  expect(shownMode(answer, state.current.mode)?.mode).toBe(state.current.mode)
  expect(state.current.mode).not.toBe('cooling')
})
it('the plug turned is the other one of its two', () => {
  const state = board(whole)
  act(() => state.current.turnPlug())
  const [[, made]] = edits() as unknown as [[string, { path: string[]; value: string }[]]]
  expect(made).toHaveLength(1)
  expect(made[0]?.path).toEqual(['plug'])
  expect(made[0]?.value).not.toBe(answer.plug)
})
it('a part of the board stands for every kind of post that this unit and can have', () => {
  const { posts, parts, can, mode } = board(whole).current
  const faces = boardFaces(posts, can, answer, mode)
  expect(posts.every((post) => faces.has(post.id))).toBe(true)
  expect(parts.length).toBeGreaterThan(0)
})
