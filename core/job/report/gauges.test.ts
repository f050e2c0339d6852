// Readings against their limits: figures and limits derived from the tag and the plate, verdicts from the start-up's own judge.
import { FINISHED } from '../testing/finished'
import { typed } from '../testing/readings'
import type { JobDocument } from '../document'
import { CAN_PROBES, startProbe, SUPPLY_PROBE } from '../inputs/startup-input'
import { jobStartUp } from '../start-up'
import { composeReport } from './report'
import { gaugeShares, gaugesOf } from './gauges'

const RATED = FINISHED.motor?.settings.horsepower[0]?.amps ?? NaN
const WANTED = FINISHED.motor?.capacitor?.microfarads ?? NaN
const started = (measurements: JobDocument['measurements']): JobDocument => ({
  ...FINISHED,
  startup: { turned: 'right' },
  measurements,
})
const cooling = (value: number) => ({ [startProbe('amps', 'cooling')]: typed('amps', value) })

it('nothing started, nothing to draw', () => expect(gaugesOf(FINISHED)).toEqual([]))

it('amps of a mode stand against the rating on the tag, from nothing', () => {
  const [gauge] = gaugesOf(started(cooling(0.75 * RATED)))
  expect(gauge).toMatchObject({ id: 'amps-cooling', name: 'Fan motor in cooling', low: null, high: RATED })
  expect(gauge?.words).toBe(`${Math.round(75 * RATED) / 100} A, rated ${RATED} A`)
})

it.each([0.75, 1.05, 1.5])('at %s times the rating the verdict is the one of the start-up', (times) => {
  const job = started(cooling(times * RATED))
  expect(gaugesOf(job)[0]?.verdict).toBe(jobStartUp(job)?.amps[0]?.verdict)
})
it('a reading with the door off says so', () => {
  const job = started(cooling(0.75 * RATED))
  expect(gaugesOf({ ...job, startup: { ...job.startup, door: 'open' } })[0]?.words).toBe(
    `${Math.round(75 * RATED) / 100} A with the door off, rated ${RATED} A`,
  )
})
it('half as much again is outside, three quarters are fine', () => {
  expect(gaugesOf(started(cooling(1.5 * RATED)))[0]?.verdict).toBe('stop')
  expect(gaugesOf(started(cooling(0.75 * RATED)))[0]?.verdict).toBe('fine')
})

it('the capacitor is told in µF by its amps and volts, against the tag’s ± 6 %', () => {
  // C = I / (2 π f V): the amps that the wanted value takes at 360 V and 60 Hz.
  const amps = 2 * Math.PI * 60 * 360 * WANTED * 1e-6
  const job = started({
    ...cooling(RATED),
    [CAN_PROBES.amps]: typed('amps', amps),
    [CAN_PROBES.volts]: typed('volts', 360),
  })
  const gauge = gaugesOf(job).find((g) => g.id === 'capacitor')
  expect(gauge?.value).toBeCloseTo(WANTED, 6)
  expect([gauge?.low, gauge?.high]).toEqual([WANTED * 0.94, WANTED * 1.06])
  const far = gaugesOf(
    started({
      ...cooling(RATED),
      [CAN_PROBES.amps]: typed('amps', 1.5 * amps),
      [CAN_PROBES.volts]: typed('volts', 360),
    }),
  )
  expect(far.find((g) => g.id === 'capacitor')?.verdict).toBe('stop')
})

it('the supply stands within ± 10 % of the plate’s range', () => {
  const volts = (value: number) =>
    gaugesOf(started({ ...cooling(RATED), [SUPPLY_PROBE]: typed('volts', value) })).find(
      (g) => g.id === 'supply',
    )
  // 208–230 V: 187.2 V to 253 V.
  expect(FINISHED.motor?.nameplate.volts).toEqual({ low: 208, high: 230 })
  expect(volts(236)?.low).toBeCloseTo(187.2, 9)
  expect(volts(236)?.high).toBeCloseTo(253, 9)
  expect([236, 170, 270].map((v) => volts(v)?.verdict)).toEqual(['fine', 'stop', 'stop'])
  expect(volts(236)?.words).toBe('236 V, right from 187 to 253 V')
})

it('a supply alone has its chart under its heading, in the owner’s words too', () => {
  const report = composeReport(
    { ...FINISHED, measurements: { [SUPPLY_PROBE]: typed('volts', 236) } },
    'plain',
  )
  expect(report.gauges.map((g) => g.id)).toEqual(['supply'])
  expect(report.sections.find((s) => s.id === 'readings')).toMatchObject({ lines: [] })
})

describe('on its line', () => {
  it('a reading within its limits stands between their marks, in proportion', () => {
    const { from, to, at } = gaugeShares({ low: 187, high: 253, value: 220 })
    expect((at - from) / (to - from)).toBeCloseTo((220 - 187) / (253 - 187), 9)
    expect(from).toBeGreaterThan(0)
    expect(to).toBeLessThan(1)
  })
  it.each([
    [{ low: 187, high: 253, value: 0 }, 0],
    [{ low: 187, high: 253, value: 900 }, 1],
    [{ low: null, high: 1.6, value: 16 }, 1],
  ])('%j stands at the very end, and the limits are still on the line', (gauge, end) => {
    const { from, to, at } = gaugeShares(gauge)
    expect(at).toBe(end)
    expect([from >= 0, from < to, to <= 1]).toEqual([true, true, true])
  })
  it('where there is no least, the line begins at nothing', () =>
    expect(gaugeShares({ low: null, high: 1.6, value: 0 })).toMatchObject({ from: 0, at: 0 }))
})
