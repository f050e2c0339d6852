import { estimatePlate } from './estimate'

it('nothing known is nothing said', () =>
  expect(estimatePlate({})).toEqual({ horsepower: null, rpm: null, speeds: null, conflict: null }))

describe('horsepower', () => {
  const range = (from: Parameters<typeof estimatePlate>[0]) => {
    const { horsepower } = estimatePlate(from)
    return horsepower && [horsepower.low, horsepower.high]
  }
  it('is a range, not a figure', () => expect(range({ microfarads: 5 })).toEqual(['1/8', '1/3']))
  it('narrows with every thing that is known', () => {
    expect(range({ microfarads: 7.5, blade: { diameterInches: 25, steep: false } })).toEqual(['1/4', '1/2'])
    expect(
      range({
        microfarads: 7.5,
        blade: { diameterInches: 25, steep: false },
        ampsBySpeed: [1.5],
        volts: 230,
      }),
    ).toEqual(['1/4', '1/4'])
  })
  it('takes amps with their volts: 2.8 A at 115 V is 1.4 A at 230 V', () =>
    expect(range({ ampsBySpeed: [2.8], volts: 115 })).toEqual(range({ ampsBySpeed: [1.4], volts: 230 })))
  it('says nothing from amps without volts', () => expect(range({ ampsBySpeed: [1.4] })).toBeNull())
  it('is half a horsepower at least for a steep blade', () =>
    expect(range({ blade: { diameterInches: 24, steep: true } })).toEqual(['1/2', '1/2']))
  it('shows sources that do not belong together, and chooses none', () => {
    const { horsepower, conflict } = estimatePlate({
      microfarads: 2,
      blade: { diameterInches: 29, steep: false },
    })
    expect(horsepower).toBeNull()
    expect(conflict).toContain('do not belong to one motor')
  })
})

it('reads the number of speeds from the selections, and the class from the blade', () => {
  const estimate = estimatePlate({
    ampsBySpeed: [0.4, 0.9, 1.1],
    volts: 120,
    blade: { diameterInches: 26, steep: false },
  })
  expect(estimate.speeds).toMatchObject({ low: 3, high: 3 })
  expect(estimate.rpm).toMatchObject({ low: 825, high: 1075 })
})
