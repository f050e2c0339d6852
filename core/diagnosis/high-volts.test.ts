// Too much is as wrong as too little: each with its limit, by hand (1.1 × 230 = 253, 1.1 × 120 = 132), and before any ranking.
import { COIL, on, SPLIT, volts } from './testing/readings'

const seen = { 'fan-does': 'dead' }
it.each([
  [SPLIT, { 'volts-supply': volts(480) }, /^At the supply: \d+ to \d+ V is too high: 253 V is the most/],
  [COIL, { 'volts-supply': volts(277) }, /^At the supply: .* is too high: 132 V is the most/],
  [SPLIT, { 'volts-motor': volts(480) }, /^At the motor: .* 253 V is the most by this unit’s supply/],
  [COIL, { 'volts-output': volts(240) }, /^At the output that is called: .* 132 V is the most/],
  [
    SPLIT,
    { 'volts-call': volts(120) },
    /^On the 24 V call: 120 V, 32 V is the most\. A line touches the 24 V side: switch off/,
  ],
])('%s, %j', (unit, readings, text) => {
  const d = on(unit, seen, readings)
  expect(d.dangers).toHaveLength(1)
  expect(d.dangers[0]).toMatch(text)
  expect(d.sentence).toBe(d.dangers[0])
  // It is not an answer to “is there enough?”; of the supply it is the cause.
  const isSupply = 'volts-supply' in readings
  expect(d.readings.map((r) => r.answer)).toEqual([isSupply ? 'high' : null])
  expect(d.found.map((f) => f.id)).toEqual(isSupply ? ['supply-volts'] : [])
})
it('what is right is no danger', () =>
  expect(
    on(SPLIT, seen, { 'volts-supply': volts(243), 'volts-call': volts(27), 'volts-motor': volts(208) })
      .dangers,
  ).toEqual([]))
