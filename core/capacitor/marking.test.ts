import { TRADE_CAPACITOR_VOLTS, TRADE_MICROFARADS } from './marking'

// What a counter has, written down again by itself. Common practice, no source.
it('the trade’s values of run capacitors: fans 2 to 15 µF, compressors 15 to 80 in steps of five', () => {
  const small = [2, 2.5, 3, 4, 5, 6, 7.5, 10, 12.5, 15, 17.5]
  const large = Array.from({ length: 13 }, (_, i) => 20 + 5 * i)
  expect(TRADE_MICROFARADS).toEqual([...small, ...large])
})
it('the trade’s ratings: what one phase gives, times what a motor’s winding adds', () =>
  expect(TRADE_CAPACITOR_VOLTS).toEqual([
    110, 125, 165, 220, 250, 330, 370, 400, 440, 450, 480, 500, 525, 660,
  ]))
