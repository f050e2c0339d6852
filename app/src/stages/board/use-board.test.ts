import { act, renderHook } from '@testing-library/react'
import type { JobDocument } from '@oak/core/job/document'
import { hookupInput } from '@oak/core/job/inputs/hookup-input'
import { FINISHED } from '@oak/core/job/testing/finished'
import type { LeadId } from '@oak/core/motor/lead-id'
import type { HookupOutput } from '@oak/core/operations/hookup-output'
import { runOperation } from '@oak/core/operations/registry'
import { knownUnitType } from '@oak/core/wiring/unit-types'
import { editJob } from '../../platform/state/app'
import { useBoard, type BoardState } from './use-board'

jest.mock('../../platform/state/app', () => ({ editJob: jest.fn() }))

const whole = FINISHED
const unit = knownUnitType(whole.unit ?? '')
function answerOf(job: JobDocument): HookupOutput {
  const result = runOperation('hookup', hookupInput(job))
  if (!result.ok) throw new Error(result.error.message)
  return result.output as HookupOutput
}
const answer = answerOf(whole)
const board = (job: JobDocument) =>
  renderHook(() => useBoard('job-1', { job, unit, answer })).result as { readonly current: BoardState }
const edits = () => jest.mocked(editJob).mock.calls
beforeEach(() => jest.mocked(editJob).mockReset())
const lead = (id: string) => id as LeadId

it('is none without a motor or without a can', () => {
  expect(board({ ...whole, motor: null }).current).toBeNull()
  expect(board({ ...whole, can: null }).current).toBeNull()
  expect(board(whole).current).not.toBeNull()
})
it('a lead is taken in hand, moved by one edit, and out of hand again', () => {
  const state = board(whole)
  expect(state.current.chosen).toBeUndefined()
  act(() => state.current.take('white'))
  expect(state.current.chosen?.id).toBe('white')
  const to = { kind: 'insulated' } as const
  act(() => state.current.move(lead('white'), to))
  expect(edits()).toEqual([['job-1', [{ path: ['placements', 'white'], value: to }]]])
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
  expect(state.current.shownMode?.mode).toBe('cooling')
  act(() => state.current.setMode(unit.modes.find((m) => m.id !== 'cooling')?.id ?? state.current.mode))
  expect(state.current.shownMode?.mode).not.toBe('cooling')
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
  const { posts, parts, faces } = board(whole).current
  expect(posts.every((post) => faces.has(post.id))).toBe(true)
  expect(parts.length).toBeGreaterThan(0)
})
