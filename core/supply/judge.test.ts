// Volts that were read, against what is right for them: each verdict with its limit and what to do.
import { judgeVolts } from './judge'

const RATED = { low: 208, high: 230 }
const judge = (low: number, high: number) => judgeVolts({ low, high }, RATED, 'the motor’s plate')

// 208 less 10 % is 187.2, 230 and 10 % are 253.
it('inside both ends with all that the meter leaves open: fine', () => {
  expect(judge(228.6, 231.4)).toEqual({
    verdict: 'fine',
    text: '229 to 231 V, within 187 to 253 V by the motor’s plate.',
  })
  expect(judge(230.2, 230.4)).toEqual({
    verdict: 'fine',
    text: '230 V, within 187 to 253 V by the motor’s plate.',
  })
  expect(judge(187.2, 253).verdict).toBe('fine')
})

it('surely above: too high, and nothing is run on it', () =>
  expect(judge(253.1, 255)).toEqual({
    verdict: 'high',
    text: '253 to 255 V is too high: 253 V is the most by the motor’s plate. Switch off; nothing is run on it until the supply is found and put right.',
  }))

it('surely below: too low, with where to look', () =>
  expect(judge(185, 187.1)).toEqual({
    verdict: 'low',
    text: '185 to 187 V is too low: 187 V is the least by the motor’s plate. Look for a loose connection, a lost leg or a thin wire before the motor runs on.',
  }))

it('with a limit inside the meter’s doubt: cannot tell, and which limit', () => {
  expect(judge(186, 189)).toEqual({
    verdict: 'cannotTell',
    text: '186 to 189 V: the limit of 187 V by the motor’s plate lies inside the meter’s doubt.',
  })
  expect(judge(252, 254).text).toBe(
    '252 to 254 V: the limit of 253 V by the motor’s plate lies inside the meter’s doubt.',
  )
  expect([judge(253, 254).verdict, judge(186, 187.2).verdict]).toEqual(['cannotTell', 'cannotTell'])
})
