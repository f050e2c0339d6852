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

describe('in words', () => {
  const BLADE = { diameterInches: 24, steep: false }
  it('each thing that it rests on', () => {
    expect(
      estimatePlate({ microfarads: 7.5, blade: BLADE, ampsBySpeed: [1.1, 1.5], volts: 230 }),
    ).toMatchObject({
      horsepower: {
        because: ['It draws 1.5 A at 230 V.', 'Its old capacitor is 7.5 µF.', 'Its blade is 24 in across.'],
      },
      rpm: {
        because: ['Its blade is 24 in across; count the poles by another sign before ordering.'],
      },
      speeds: { low: 2, high: 2, because: ['2 selections draw 1.1, 1.5 A.'] },
      conflict: null,
    })
    expect(estimatePlate({ blade: { ...BLADE, steep: true } }).horsepower?.because).toEqual([
      'Its blade is 24 in across and steep: such fans need 1/2 hp or more.',
    ])
  })
  it('what does not belong together, each with the sizes it speaks for (by the table)', () =>
    expect(estimatePlate({ microfarads: 2, blade: { diameterInches: 29, steep: false } }).conflict).toBe(
      'These do not belong to one motor: Its old capacitor is 2 µF. (1/10 to 1/10 hp) Its blade is 29 in across. (1/2 to 3/4 hp)',
    ))
  it('what is outside the table', () =>
    expect(estimatePlate({ microfarads: 80, blade: { diameterInches: 10, steep: false } })).toMatchObject({
      horsepower: null,
      conflict:
        'Its old capacitor is 80 µF. Its blade is 10 in across. That is outside the usual fan motors.',
    }))
  it('one selection is no count of speeds; a blade has its class up to just below the next', () => {
    expect(estimatePlate({ ampsBySpeed: [1], volts: 230 }).speeds).toBeNull()
    const rpm = (diameterInches: number) => {
      const found = estimatePlate({ blade: { diameterInches, steep: false } }).rpm
      return found && [found.low, found.high]
    }
    expect([rpm(19.9), rpm(20), rpm(23.9), rpm(24), rpm(99)]).toEqual([
      [1075, 1550],
      [1075, 1075],
      [1075, 1075],
      [825, 1075],
      null,
    ])
  })
  it('a whole horsepower is the largest, not the smallest: 5 A at 230 V', () =>
    expect(estimatePlate({ ampsBySpeed: [5], volts: 230 }).horsepower).toMatchObject({
      low: '3/4',
      high: '1',
    }))
  it('steep and larger than a half horsepower’s blades: up to the size of such a blade', () =>
    expect(estimatePlate({ blade: { diameterInches: 34, steep: true } }).horsepower).toMatchObject({
      low: '1/2',
      high: '1',
    }))
})
