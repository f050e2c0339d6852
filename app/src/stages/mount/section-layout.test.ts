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
