import { operationPool, type OperationRunner } from './pool'

const made: OperationRunner[] = []
const pool = (limits = {}) => {
  made.push(operationPool(limits))
  return made.at(-1) as OperationRunner
}
afterAll(() => Promise.all(made.map((p) => p.close())))

/** No test of speed: a worker thread has taken more than ten seconds to start where the processor is lent to others. */
const PATIENT = { timeoutMs: 100_000 }
/** Of what is to end late, ms. */
const LIMIT = 5000
const TRIVIAL = { amps: 1, volts: 265.258238, hertz: 60 }
/** Its answer as soon as a thread is there to give one; never, if none ever is. */
async function answered(runner: OperationRunner) {
  for (;;) {
    const answer = await runner.run('microfarads', TRIVIAL)
    if (answer !== 'late') return answer
  }
}

const section = (microfarads: number, i: number) => ({ id: `${i}`, microfarads })
/** Nothing on it joins to 999 µF within nothing: the search has to go through all. */
const ENDLESS = {
  stock: Array.from({ length: 3000 }, (_, i) => ({
    id: `p${i}`,
    name: 'odd',
    volts: 440,
    sections: Array.from({ length: 6 }, (_, s) => section(1.37 * s + 0.013 * i + 1.11, s)),
  })),
  loads: [
    { load: 'A', microfarads: 99 },
    { load: 'B', microfarads: 98 },
  ],
  tolerancePercent: 0,
  mostParts: 3,
}

it('answers as the registry does, bad input included', async () => {
  const runner = pool(PATIENT)
  expect(await runner.run('microfarads', TRIVIAL)).toMatchObject({
    ok: true,
    output: { microfarads: expect.closeTo(10, 5) },
  })
  expect(await runner.run('microfarads', { amps: -1, volts: 370, hertz: 60 })).toMatchObject({
    ok: false,
    error: { path: 'amps' },
  })
  expect(await runner.run('weld', {})).toMatchObject({ ok: false, error: { code: 'unknown-operation' } })
}, 120_000)

it('a long one is ended at its time, and the next is answered', async () => {
  const runner = pool({ timeoutMs: LIMIT, threads: 1 })
  await answered(runner)
  expect(await runner.run('capacitor-plan', ENDLESS)).toBe('late')
  expect(await answered(runner)).toMatchObject({ ok: true })
}, 120_000)

it('waiting counts toward the time: who waits behind a long one is answered at its own time', async () => {
  const runner = pool({ timeoutMs: LIMIT, threads: 1 })
  await answered(runner)
  const at: number[] = []
  const ask = async () => {
    const answer = await runner.run('capacitor-plan', ENDLESS)
    at.push(performance.now())
    return answer
  }
  expect(await Promise.all([ask(), ask(), ask()])).toEqual(['late', 'late', 'late'])
  // All were asked at once, so all are answered at once: one after another, each of the two would wait a limit of its own after the last.
  expect(Math.max(...at) - Math.min(...at)).toBeLessThan(2 * LIMIT)
  expect(await answered(runner)).toMatchObject({ ok: true })
}, 120_000)

it('more than can wait are sent away', async () => {
  const runner = pool({ ...PATIENT, threads: 1, queue: 1 })
  const answers = await Promise.all(Array.from({ length: 5 }, () => runner.run('microfarads', TRIVIAL)))
  // One works, one waits.
  expect(answers.map((a) => a === 'busy')).toEqual([false, false, true, true, true])
  expect(answers.slice(0, 2)).toEqual(Array(2).fill(expect.objectContaining({ ok: true })))
  expect(await runner.run('microfarads', TRIVIAL)).toMatchObject({ ok: true })
}, 120_000)
