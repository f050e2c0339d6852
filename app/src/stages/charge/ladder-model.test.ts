import { apart, ladderOf, ladderScale } from './ladder-model'

const line = { saturation: 40, usual: { low: 5, high: 20 } }

it('superheat is counted up from the saturation mark, subcooling down from it', () => {
  expect(ladderOf('superheat', line, 52, 'F')).toEqual({ saturation: 40, line: 52, band: [45, 60] })
  expect(ladderOf('subcooling', { saturation: 100, usual: { low: 5, high: 15 } }, 90, 'F')).toEqual({
    saturation: 100,
    line: 90,
    band: [85, 95],
  })
})

it('in °C marks and band are those of °F: 50 °F are 10 °C, 9 °F of superheat 5 °C', () => {
  const ladder = ladderOf('superheat', { saturation: 50, usual: { low: 9, high: 18 } }, 68, 'C')
  expect(ladder).toEqual({ saturation: 10, line: 20, band: [15, 20] })
  // The same distance on the glass as in °F, within what the ends are rounded by.
  const [low = 0, high = 0] = ladderScale([ladder], [0, 100], 'C').domain()
  expect(high - low).toBeGreaterThanOrEqual(33.3)
})

it('without a pressure there is no band, and the line keeps its mark', () => {
  expect(ladderOf('superheat', null, 52, 'F')).toEqual({ saturation: null, line: 52, band: null })
  expect(ladderOf('superheat', { ...line, saturation: null }, undefined, 'F')).toEqual({
    saturation: null,
    line: null,
    band: null,
  })
})

it('both ladders have one scale, warm above, that holds every mark inside its ends', () => {
  const ladders = [
    ladderOf('superheat', line, 52, 'F'),
    ladderOf('subcooling', { saturation: 118, usual: { low: 5, high: 15 } }, -20, 'F'),
  ]
  const y = ladderScale(ladders, [10, 210], 'F')
  for (const mark of [40, 45, 60, 52, 118, 103, 113, -20]) {
    expect(y(mark)).toBeGreaterThan(10)
    expect(y(mark)).toBeLessThan(210)
  }
  expect(y(118)).toBeLessThan(y(40))
  expect(y(60) - y(50)).toBeCloseTo(y(110) - y(100), 9)
})

it('one mark alone does not stretch the ladder: it spans 60 °F at the least; nothing read shows 20 to 120', () => {
  const [low = 0, high = 0] = ladderScale([ladderOf('superheat', null, 52, 'F')], [0, 100], 'F').domain()
  expect(high - low).toBeGreaterThanOrEqual(60)
  expect(ladderScale([ladderOf('superheat', null, undefined, 'F')], [0, 100], 'F').domain()).toEqual([
    20, 120,
  ])
})

it('labels keep their distance and their order', () => {
  expect(apart(50, 100, 34)).toEqual([50, 100])
  expect(apart(50, 54, 34)).toEqual([35, 69])
  expect(apart(54, 50, 34)).toEqual([69, 35])
  expect(apart(50, 50, 34)).toEqual([33, 67])
})
