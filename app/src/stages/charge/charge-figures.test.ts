import { CHARGE_NAMES, isTemperature, keptAs, readAs, type ChargeKey } from './charge-figures'

it('a temperature is read by its zero, a target as a difference, a pressure as it is', () => {
  // 50 °F are 10 °C; 9 °F of difference are 5 °C.
  expect([readAs('suctionFahrenheit', 50, 'C'), readAs('targetSuperheat', 9, 'C')]).toEqual([10, 5])
  expect([readAs('suctionPsig', 68.5, 'C'), readAs('minutes', 12, 'C')]).toEqual([68.5, 12])
  expect([readAs('suctionFahrenheit', 50, 'F'), readAs('targetSuperheat', 9, 'F')]).toEqual([50, 9])
})
it('what is typed comes back as it was typed, in either unit', () => {
  for (const degrees of ['F', 'C'] as const)
    for (const key of Object.keys(CHARGE_NAMES) as ChargeKey[])
      for (const typed of [0, 4.5, 10, 37.2])
        expect([key, degrees, readAs(key, keptAs(key, typed, degrees), degrees)]).toEqual([
          key,
          degrees,
          typed,
        ])
})
it('a clamp and a minus belong to temperatures alone', () => {
  expect(isTemperature('outdoorFahrenheit')).toBe(true)
  for (const key of ['targetSuperheat', 'targetSubcooling', 'suctionPsig', 'minutes'] as const)
    expect([key, isTemperature(key)]).toEqual([key, false])
})
