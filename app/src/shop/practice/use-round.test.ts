import { act, renderHook } from '@testing-library/react'
import type { Act } from '@oak/core/practice/round/act'
import { thePractice } from '../../platform/state/app'
import type { Practice, PracticeRound } from '../../platform/state/practice'
import { runInWorker } from '../../platform/workers/operations'
import { useRound } from './use-round'

jest.mock('../../platform/state/app', () => ({ thePractice: jest.fn() }))
jest.mock('../../platform/workers/operations', () => ({ runInWorker: jest.fn() }))

const done: Act[] = []
beforeEach(() => {
  done.length = 0
  const practice = { act: (_: string, one: object) => done.push(one as Act) } as unknown as Practice
  jest.mocked(thePractice).mockReturnValue(practice)
  jest
    .mocked(runInWorker)
    .mockReset()
    .mockImplementation(async (_, input) => ({
      ok: true,
      output: { state: 'open', of: (input as { acts: object[] }).acts.length },
    }))
})

const round = (acts: readonly object[]): PracticeRound => ({
  id: 'round-1',
  skill: null,
  first: null,
  scenario: { name: 'Bench', complaint: 'It hums.' },
  acts,
  at: 0,
  technician: 'Ines',
  changes: [],
  result: null,
})
const probe = (black: string): Act => ({
  do: 'probe',
  dial: 'volts',
  probes: [
    { on: 'post', post: 'L1' },
    { on: 'post', post: black },
  ],
})
const asked = () => jest.mocked(runInWorker).mock.calls.length
const open = async () => {
  const shown = renderHook(({ of }) => useRound(of), { initialProps: { of: round([]) } })
  await act(async () => undefined)
  return shown
}

it('a thumb that is down has its reading worked out; when it comes up, the reading is there and is not asked for again', async () => {
  const { result, rerender } = await open()
  expect(result.current.output).toMatchObject({ of: 0 })
  await act(async () => result.current.aim(probe('L2')))
  expect(asked()).toBe(2)
  expect(done).toEqual([])
  act(() => result.current.act(probe('L2')))
  expect(done).toEqual([probe('L2')])
  rerender({ of: round(done) })
  expect(result.current.output).toMatchObject({ of: 1 })
  await act(async () => undefined)
  expect(asked()).toBe(2)
})
it('a thumb that slides off, and presses elsewhere, has the reading of where it pressed', async () => {
  const { result, rerender } = await open()
  await act(async () => result.current.aim(probe('T1')))
  act(() => result.current.act(probe('T2')))
  rerender({ of: round(done) })
  await act(async () => undefined)
  expect(jest.mocked(runInWorker).mock.lastCall?.[1]).toMatchObject({ acts: [probe('T2')] })
  expect(result.current.output).toMatchObject({ of: 1 })
})
