import {
  sameRotation,
  seenFrom,
  rotationText,
  type Direction,
  type View,
  rotationFromBoth,
  rotationLetters,
} from './view'

// Independent of the implementation: a point of the rim moves by omega × r; a viewer looks along the axis and sees
// clockwise when the rim's top moves to the viewer's right. The shaft leaves along +z, the leads along −z.
type Vector = readonly [number, number, number]
const cross = ([a, b, c]: Vector, [x, y, z]: Vector): Vector => [b * z - c * y, c * x - a * z, a * y - b * x]
const dot = (a: Vector, b: Vector) => a[0] * b[0] + a[1] * b[1] + a[2] * b[2]
const UP: Vector = [0, 1, 0]
const looking: Record<View, Vector> = { 'shaft-end': [0, 0, -1], 'lead-end': [0, 0, 1] }

function seen(omega: Vector, view: View): Direction {
  const right = cross(looking[view], UP)
  return dot(cross(omega, UP), right) > 0 ? 'CW' : 'CCW'
}

describe('the same turning seen from either end, derived from vectors', () => {
  const views: View[] = ['lead-end', 'shaft-end']
  for (const omega of [
    [0, 0, 1],
    [0, 0, -1],
  ] as Vector[])
    for (const from of views)
      for (const to of views)
        it(`omega ${omega[2]} named from the ${from}, wanted from the ${to}`, () =>
          expect(seenFrom({ direction: seen(omega, from), seenFrom: from }, to)).toEqual({
            direction: seen(omega, to),
            seenFrom: to,
          }))
})

it('knows two names of one turning', () => {
  expect(
    sameRotation({ direction: 'CW', seenFrom: 'lead-end' }, { direction: 'CCW', seenFrom: 'shaft-end' }),
  ).toBe(true)
  expect(
    sameRotation({ direction: 'CW', seenFrom: 'lead-end' }, { direction: 'CW', seenFrom: 'shaft-end' }),
  ).toBe(false)
})

it('never names a direction without its end', () =>
  expect(rotationText({ direction: 'CCW', seenFrom: 'shaft-end' })).toBe(
    'counter-clockwise seen from the shaft end',
  ))

it('is told from both ends, the named one first, in words and in letters', () => {
  const turning = { direction: 'CCW', seenFrom: 'shaft-end' } as const
  expect(rotationFromBoth(turning)).toBe(
    'counter-clockwise seen from the shaft end (clockwise from the lead end)',
  )
  expect(rotationLetters(turning)).toBe('CCW seen from the shaft end (CW from the lead end)')
})
