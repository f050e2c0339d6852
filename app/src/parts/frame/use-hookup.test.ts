import { act, renderHook } from '@testing-library/react'
import { EMPTY_JOB, type JobDocument } from '@oak/core/job/document'
import { hookupInput } from '@oak/core/job/inputs/hookup-input'
import { FINISHED } from '@oak/core/job/testing/finished'
import type { OperationResult } from '@oak/core/operations/registry'
import { runInWorker } from '../../platform/workers/operations'
import { askAhead } from './asked-ahead'
import { useHookup } from './use-hookup'
import { useCurrentOperation } from './use-operation'

jest.mock('../../platform/workers/operations', () => ({ runInWorker: jest.fn() }))

interface Asked {
  readonly input: unknown
  readonly answer: (result: OperationResult) => Promise<void>
  readonly fail: (error: Error) => Promise<void>
}
const asked: Asked[] = []
beforeEach(() => {
  asked.length = 0
  jest.mocked(runInWorker).mockImplementation(
    (_, input) =>
      new Promise<OperationResult>((resolve, reject) =>
        asked.push({
          input,
          answer: (result) => act(async () => resolve(result)),
          fail: (error) => act(async () => reject(error)),
        }),
      ),
  )
})
const latest = () => asked.at(-1) as Asked
const good = (output: unknown): OperationResult => ({ ok: true, output })
const error = { code: 'bad-input', path: 'can', message: 'The can has no C.', problems: [] } as const

const job = (more: Partial<JobDocument> = {}): JobDocument => ({ ...FINISHED, ...more })
const hookup = (first: JobDocument) => renderHook(({ of }) => useHookup(of), { initialProps: { of: first } })

it('asks for nothing while something is missing, and names what', () => {
  const { result } = hookup(EMPTY_JOB)
  expect(result.current).toMatchObject({ kind: 'missing' })
  expect(asked).toEqual([])
})
it('is at work until the answer comes, then fresh', async () => {
  const { result } = hookup(job())
  expect(result.current).toEqual({ kind: 'working' })
  await latest().answer(good('first'))
  expect(result.current).toEqual({ kind: 'ready', answer: 'first', fresh: true })
})
it('an edit leaves the last answer, not fresh: nothing is proven on it; another title asks nothing', async () => {
  const { result, rerender } = hookup(job())
  await latest().answer(good('first'))
  rerender({ of: job({ title: 'Roof 3' }) })
  expect(asked).toHaveLength(1)
  rerender({ of: job({ compressorMicrofarads: 45 }) })
  expect(result.current).toEqual({ kind: 'ready', answer: 'first', fresh: false })
  await latest().answer(good('second'))
  expect(result.current).toEqual({ kind: 'ready', answer: 'second', fresh: true })
})
it('an answer to what stood before is not heard, nor its failure', async () => {
  const { result, rerender } = hookup(job())
  rerender({ of: job({ compressorMicrofarads: 45 }) })
  rerender({ of: job({ compressorMicrofarads: 50 }) })
  const [early, middle, last] = asked
  await last?.answer(good('last'))
  await early?.answer(good('early'))
  await middle?.fail(new Error('late'))
  expect(result.current).toEqual({ kind: 'ready', answer: 'last', fresh: true })
})
it('a record that cannot be worked out says why, until it is another one', async () => {
  const { result, rerender } = hookup(job())
  await latest().answer({ ok: false, error })
  expect(result.current).toEqual({ kind: 'bad', error })
  rerender({ of: job({ compressorMicrofarads: 45 }) })
  expect(result.current).toEqual({ kind: 'working' })
})
it('no answer is a fault of the app’s own, and said as one', async () => {
  const { result } = hookup(job())
  await latest().fail(new Error('There is no item 3 in a list of 2.'))
  expect(result.current).toMatchObject({ kind: 'failed' })
  expect(JSON.stringify(result.current)).toContain('There is no item 3 in a list of 2.')
})

describe('asked for while the thumb is down', () => {
  const aim = (of: JobDocument) => askAhead('hookup', hookupInput(of))
  const aimed = job({ compressorMicrofarads: 35 })
  it('the answer is there with the edit, and asked for once', async () => {
    const { result, rerender } = hookup(job())
    await latest().answer(good('first'))
    aim(aimed)
    aim({ ...aimed, title: 'The same hookup' })
    await latest().answer(good('aimed'))
    expect(result.current).toEqual({ kind: 'ready', answer: 'first', fresh: true })
    rerender({ of: aimed })
    expect(result.current).toEqual({ kind: 'ready', answer: 'aimed', fresh: true })
    expect(asked).toHaveLength(2)
  })
  it('one that is not here yet is waited for, not asked for again', async () => {
    const { result, rerender } = hookup(job())
    await latest().answer(good('first'))
    aim(job({ compressorMicrofarads: 30 }))
    rerender({ of: job({ compressorMicrofarads: 30 }) })
    expect(result.current).toEqual({ kind: 'ready', answer: 'first', fresh: false })
    expect(asked).toHaveLength(2)
    await latest().answer(good('second'))
    expect(result.current).toEqual({ kind: 'ready', answer: 'second', fresh: true })
  })
  it('one that got no answer is asked for again', async () => {
    const late = job({ compressorMicrofarads: 25 })
    aim(late)
    await latest().fail(new Error('lost'))
    const { result } = hookup(late)
    expect(result.current).toEqual({ kind: 'working' })
    await latest().answer(good('again'))
    expect(result.current).toEqual({ kind: 'ready', answer: 'again', fresh: true })
  })
  it('a thumb that aimed at many posts leaves the last four', async () => {
    for (const microfarads of [61, 62, 63, 64, 65]) {
      aim(job({ compressorMicrofarads: microfarads }))
      await latest().answer(good(microfarads))
    }
    expect(hookup(job({ compressorMicrofarads: 62 })).result.current).toMatchObject({ answer: 62 })
    expect(hookup(job({ compressorMicrofarads: 61 })).result.current).toEqual({ kind: 'working' })
  })
})

describe('any other operation', () => {
  const ask = (first: unknown) =>
    renderHook(({ input }) => useCurrentOperation('diagnose', input), { initialProps: { input: first } })
  it('without an input has no answer and asks none, also after one that had', async () => {
    const { result, rerender } = ask(null)
    expect(result.current.answer).toBeNull()
    expect(asked).toEqual([])
    rerender({ input: { n: 1 } })
    await latest().answer(good(1))
    expect(result.current).toEqual({ answer: good(1), isCurrent: true })
    rerender({ input: null })
    expect(result.current.answer).toBeNull()
  })
  it('keeps the last answer meanwhile, and says that it is not of this input', async () => {
    const { result, rerender } = ask({ n: 1 })
    await latest().answer(good(1))
    rerender({ input: { n: 2 } })
    expect(result.current).toEqual({ answer: good(1), isCurrent: false })
    await asked[0]?.answer(good('late'))
    expect(result.current.isCurrent).toBe(false)
    await latest().fail(new Error('lost'))
    expect(result.current).toMatchObject({
      answer: { ok: false, error: { code: 'failed', path: '' } },
      isCurrent: true,
    })
  })
})
