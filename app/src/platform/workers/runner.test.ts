import type { OperationResult } from '@oak/core/operations/registry'
import { createRunner, WorkerLost, type Running } from './runner'

const good: OperationResult = { ok: true, output: 7 }
const never = new Promise<never>(() => undefined)

/** A runner whose workers are made by `make`; counts how many were started and how often it paused. */
function counting(make: (nth: number) => Running, tries = 3) {
  const counted = { started: 0, paused: 0 }
  const run = createRunner({
    start: () => make(++counted.started),
    pause: () => {
      counted.paused++
      return Promise.resolve()
    },
    tries,
  })
  return { run, counted }
}
const lost = (message: string): Running => ({
  run: () => never,
  lost: Promise.reject(new WorkerLost(message)),
})

it('starts one worker for many calls', async () => {
  const { run, counted } = counting(() => ({ run: () => Promise.resolve(good), lost: never }))
  expect([await run('hookup', 1), await run('prove', 2)]).toEqual([good, good])
  expect(counted).toEqual({ started: 1, paused: 0 })
})
it('a lost worker is started again, and the call answered', async () => {
  const { run, counted } = counting((nth) =>
    nth < 3 ? lost('gone') : { run: () => Promise.resolve(good), lost: never },
  )
  expect(await run('hookup', 1)).toEqual(good)
  expect(counted).toEqual({ started: 3, paused: 2 })
})
it('gives up after so many tries, and says that the worker was lost', async () => {
  const { run, counted } = counting(() => lost('not there'))
  await expect(run('hookup', 1)).rejects.toThrow(WorkerLost)
  expect(counted).toEqual({ started: 3, paused: 2 })
})
it('an operation that throws has failed at once: nothing is asked again', async () => {
  const { run, counted } = counting(() => ({
    run: () => Promise.reject(new Error('There is no item 3 in a list of 2.')),
    lost: never,
  }))
  await expect(run('hookup', 1)).rejects.toThrow('There is no item 3 in a list of 2.')
  expect(counted).toEqual({ started: 1, paused: 0 })
})
it('a worker lost while nobody waits is replaced at the next call', async () => {
  let lose: (error: Error) => void = () => undefined
  const { run, counted } = counting((nth) => ({
    run: () => Promise.resolve({ ok: true, output: nth }),
    lost: nth === 1 ? new Promise<never>((_, reject) => (lose = reject)) : never,
  }))
  await run('hookup', 1)
  lose(new WorkerLost('died'))
  await Promise.resolve()
  expect(await run('hookup', 1)).toEqual({ ok: true, output: 2 })
  expect(counted.started).toBe(2)
})
