import { EMPTY_JOB } from '@oak/core/job/document'
import { doAgain, inverseOf, NO_STEPS, record, takeBack } from './undo'

const placed = { kind: 'post' as const, post: 'T1' }
const job = { ...EMPTY_JOB, plug: 'CW' as const, placements: { brown: placed } }

it('remembers what an edit replaces, also that there was nothing', () => {
  expect(
    inverseOf(job, [
      { path: ['placements', 'brown'], value: null },
      { path: ['placements', 'white'], value: placed },
      { path: ['plug'], value: 'CCW' },
    ]),
  ).toEqual([
    { path: ['placements', 'brown'], value: placed },
    { path: ['placements', 'white'], value: null },
    { path: ['plug'], value: 'CW' },
  ])
})
it('undoes the last first, redoes in order, and a new edit ends what could be redone', () => {
  const step = (n: number) => ({
    edits: [{ path: ['title'], value: `${n}` }],
    before: [{ path: ['title'], value: `${n - 1}` }],
  })
  const two = record(record(NO_STEPS, step(1)), step(2))
  const back = takeBack(two)!
  expect(back.edits[0]?.value).toBe('1')
  expect(doAgain(back.state)?.edits[0]?.value).toBe('2')
  expect(doAgain(record(back.state, step(3)))).toBeNull()
  expect(takeBack(takeBack(back.state)!.state)).toBeNull()
})
it('keeps a hundred steps', () => {
  let state = NO_STEPS
  for (let i = 0; i < 150; i++) state = record(state, { edits: [], before: [] })
  expect(state.done).toHaveLength(100)
})
