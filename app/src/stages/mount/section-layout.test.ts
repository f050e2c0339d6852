import { placeBlade } from '@oak/core/mounting/blade-position'
import { DRAWN } from '@oak/core/testing/shaft'
import { drawSection } from './section-layout'

const draw = (more = {}) => {
  const end = { ...DRAWN, ...more }
  return drawSection({
    end: placeBlade(end) as never,
    oldHub: end.oldHub,
    hubLength: end.hubLength,
    shaft: end.shaft,
    shroud: end.shroud,
    width: 360,
    reach: 300,
  })
}

it('is to one scale, and both hubs stand on one line', () => {
  const { old, now, line, pixelsPerInch } = draw()
  expect([old!.face / pixelsPerInch, now!.face / pixelsPerInch, line! / pixelsPerInch]).toEqual([
    6.5,
    5.5,
    expect.closeTo(8.5, 9),
  ])
  expect(old!.hub).toBeCloseTo(line as number, 9)
  expect(now!.hub).toBeCloseTo(line as number, 9)
})
it('moves with the figures, and stays in the picture', () => {
  expect(draw({ newBody: 6 }).now!.face / draw({ newBody: 6 }).pixelsPerInch).toBeCloseTo(6, 9)
  for (const shaft of [2, 5, 12, 24]) expect(draw({ shaft }).now!.tip).toBeLessThanOrEqual(300 + 1e-9)
})
it('draws what is known and nothing else', () =>
  expect(draw({ oldBody: null, newBody: null })).toMatchObject({ old: null, now: null, line: null }))

it('old and new stand at a quarter and three quarters of the width, as far as the shafts reach', () => {
  // DRAWN: old face 6 1/2 in; its tip is not measured: 5 in of shaft stand out. New face 5 1/2 in and 5 in of shaft.
  const { old, now, pixelsPerInch, shroud } = draw()
  expect([old?.x, now?.x]).toEqual([360 * 0.27, 360 * 0.73])
  expect(pixelsPerInch).toBeCloseTo(300 / 11.5, 9)
  expect([old?.tip, now?.tip].map((tip) => (tip ?? NaN) / pixelsPerInch)).toEqual([
    expect.closeTo(11.5, 9),
    expect.closeTo(10.5, 9),
  ])
  expect((now?.hubLength ?? NaN) / pixelsPerInch).toBeCloseTo(1.25, 9)
  expect(shroud).toBeNull()
})
it('a hub far out makes the old shaft as long as it needs, half an inch beyond', () => {
  const { old, pixelsPerInch } = draw({ oldHub: 6 })
  expect((old?.tip ?? NaN) / pixelsPerInch).toBeCloseTo(6.5 + 6 + 1.25 + 0.5, 9)
})
it('what was not measured is drawn as usual, and the shroud where it was measured', () => {
  const blank = draw({ hubLength: null, shaft: null })
  expect((blank.now?.hubLength ?? NaN) / blank.pixelsPerInch).toBeCloseTo(1.25, 9)
  expect((blank.now?.tip ?? NaN) / blank.pixelsPerInch).toBeCloseTo(5.5 + 5, 9)
  const high = draw({ shroud: 14 })
  expect(high.shroud).toBeCloseTo(300, 9)
  expect(draw({ oldHub: null }).old?.hub).toBeNull()
  expect(draw({ oldBody: null, newBody: null }).pixelsPerInch).toBeCloseTo(300 / 4, 9)
})
