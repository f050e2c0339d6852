import { REFRIGERANTS, type Refrigerant } from './refrigerants'
import { pressuresOf, saturationFahrenheit } from './saturation'

/** °F, psig. Common pressure-temperature charts, from memory. */
const CHARTS: Partial<Record<Refrigerant, [number, number][]>> = {
  'R-22': [
    [-20, 10.1],
    [-10, 16.5],
    [0, 24.0],
    [10, 32.8],
    [20, 43.1],
    [30, 55.0],
    [40, 68.6],
    [50, 84.1],
    [60, 101.6],
    [70, 121.4],
    [80, 143.6],
    [90, 168.4],
    [100, 195.9],
    [110, 226.4],
    [120, 260.0],
    [130, 296.9],
  ],
  'R-410A': [
    [-20, 26.3],
    [-10, 36.5],
    [0, 48.3],
    [10, 62.3],
    [20, 78.7],
    [30, 97.5],
    [40, 118.5],
    [50, 142.2],
    [60, 169.6],
    [70, 200.6],
    [80, 235.5],
    [90, 274.3],
    [100, 317.2],
    [110, 365.0],
    [120, 418.0],
    [130, 476.5],
  ],
}
/** °C, kPa absolute: NIST tables of difluoromethane, from memory. */
const R32: [number, number][] = [
  [-30, 273.4],
  [-20, 405.8],
  [-10, 582.6],
  [0, 813.1],
  [10, 1106.9],
  [20, 1474.6],
  [25, 1689.6],
  [30, 1927.5],
  [40, 2478.3],
  [50, 3141.2],
]
/** °F, bubble and dew in psig, between the table's own points: CoolProp 8.0.0. */
const COOLPROP: Partial<Record<Refrigerant, [number, number, number][]>> = {
  'R-407C': [
    [-17, 15.8, 8.1],
    [-3, 26.8, 17.2],
    [13, 42.9, 30.7],
    [26, 59.1, 44.7],
    [37, 75.4, 58.9],
    [44, 87.0, 69.2],
    [58, 113.7, 93.0],
    [66, 131.2, 108.8],
    [73, 147.8, 124.0],
    [84, 176.8, 150.6],
    [95, 209.4, 181.0],
    [103, 235.5, 205.6],
    [117, 286.7, 254.3],
    [129, 336.3, 302.3],
  ],
  'R-454B': [
    [-17, 27.5, 25.3],
    [-3, 42.3, 39.4],
    [13, 63.7, 60.0],
    [26, 85.3, 80.6],
    [37, 106.8, 101.3],
    [44, 122.1, 116.1],
    [58, 157.2, 150.0],
    [66, 180.1, 172.1],
    [73, 201.9, 193.2],
    [84, 239.7, 229.9],
    [95, 282.3, 271.4],
    [103, 316.4, 304.7],
    [117, 383.1, 370.2],
    [129, 447.9, 434.3],
  ],
  'R-22': [
    [-17, 12.0, 12.0],
    [37, 64.3, 64.3],
    [84, 153.2, 153.2],
    [124, 274.3, 274.3],
  ],
  'R-410A': [
    [-17, 29.2, 29.0],
    [37, 112.1, 111.7],
    [84, 251.5, 250.7],
    [124, 442.2, 441.0],
  ],
  'R-32': [
    [-17, 29.7, 29.7],
    [37, 114.1, 114.1],
    [84, 256.9, 256.9],
    [124, 452.7, 452.7],
  ],
}

describe('saturation, within 1 °F', () => {
  for (const [id, points] of Object.entries(CHARTS))
    it.each(points)(`${id} at %f °F is %f psig by the charts`, (fahrenheit, psig) =>
      expect(
        Math.abs((saturationFahrenheit(id as Refrigerant, psig, 'dew') as number) - fahrenheit),
      ).toBeLessThan(1),
    )
  it.each(R32)('R-32 at %f °C is %f kPa by NIST', (celsius, kilopascals) =>
    expect(
      Math.abs(
        (saturationFahrenheit('R-32', kilopascals / 6.894757 - 14.696, 'dew') as number) -
          (celsius * 1.8 + 32),
      ),
    ).toBeLessThan(1),
  )
  for (const [id, points] of Object.entries(COOLPROP))
    it.each(points)(
      `${id} at %f °F: bubble %f, dew %f psig, between the table’s points`,
      (fahrenheit, bubble, dew) => {
        expect(
          Math.abs((saturationFahrenheit(id as Refrigerant, bubble, 'bubble') as number) - fahrenheit),
        ).toBeLessThan(0.3)
        expect(
          Math.abs((saturationFahrenheit(id as Refrigerant, dew, 'dew') as number) - fahrenheit),
        ).toBeLessThan(0.3)
      },
    )
  it.each(REFRIGERANTS)('%s: outside its table nothing is said, and at its ends something is', (id) => {
    const { low, high } = pressuresOf(id, 'dew')
    expect([
      saturationFahrenheit(id, low - 0.01, 'dew'),
      saturationFahrenheit(id, high + 0.01, 'dew'),
    ]).toEqual([null, null])
    expect([saturationFahrenheit(id, low, 'dew'), saturationFahrenheit(id, high, 'dew')]).toEqual([-40, 140])
  })
})

it('between two rows of the table the temperature goes with the logarithm of the pressure, and stays between them', () => {
  // −30 °F at 4.93 psig and −20 °F at 10.21; half way between their logarithms above nothing is −25 °F.
  const half = Math.sqrt((4.93 + 14.696) * (10.21 + 14.696)) - 14.696
  expect(saturationFahrenheit('R-22', half, 'bubble')).toBeCloseTo(-25, 1)
})
