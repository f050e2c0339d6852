import { EMPTY_JOB } from '@oak/core/job/document'
import { countdownAt, dischargeSetup, endOf } from './safe-model'

const record = { ohms: 20_000, watts: 5, volts: 370, microfarads: [40, 5], startedAt: 1_000_000 }

it('takes the worst usual case where nothing is known, and says so', () =>
  expect(dischargeSetup(EMPTY_JOB)).toMatchObject({
    assumed: true,
    record: { microfarads: [80], volts: 440, ohms: 20_000, watts: 5 },
  }))
it('takes the marking where there is one, and what was set up before that', () => {
  expect(
    dischargeSetup({
      ...EMPTY_JOB,
      canMarking: { sections: [35, 5], range: null, volts: 370, tolerancePercent: null },
    }),
  ).toMatchObject({ assumed: false, record: { microfarads: [35, 5], volts: 370 } })
  expect(
    dischargeSetup({
      ...EMPTY_JOB,
      canMarking: { sections: [], range: { low: 135, high: 162 }, volts: 330, tolerancePercent: null },
    }).record.microfarads,
  ).toEqual([162])
  expect(dischargeSetup({ ...EMPTY_JOB, discharge: record }).record).toBe(record)
})
it('runs down by the largest section, and never below nothing', () => {
  // 523.26 V, RC = 0.8 s: after 1.6 s 523.26 / e² = 70.8 V.
  expect(countdownAt(record, 1_001_600)).toMatchObject({ volts: expect.closeTo(70.81, 1), done: false })
  // ln(52.326) × 0.8 = 3.166 s to 10 V.
  expect(countdownAt(record, 1_003_200)).toMatchObject({ secondsLeft: 0, done: true })
  expect(countdownAt({ ...record, startedAt: null }, 5)).toMatchObject({ share: 1, done: false })
})
it('a clock set back does not fill the can again', () => expect(countdownAt(record, 900_000).share).toBe(1))
it('stops its clock a second past 10 V', () =>
  expect(endOf(record)).toBeCloseTo(1_000_000 + 1000 * (3.166 + 1), -1))
