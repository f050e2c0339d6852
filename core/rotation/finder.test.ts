import * as v from 'valibot'
import { findRotation, RotationSourceSchema, type RotationSource } from './finder'
import type { Direction, Rotation, View } from './view'

// Everything here is derived from vectors, apart from the implementation. The viewer looks along −z, x to the right, y up;
// a turn is a vector omega along z, clockwise as seen when it points away (−z). Velocity at r is omega × r.
type Vector = readonly [number, number, number]
const cross = ([a, b, c]: Vector, [x, y, z]: Vector): Vector => [b * z - c * y, c * x - a * z, a * y - b * x]
const dot = (a: Vector, b: Vector) => a[0] * b[0] + a[1] * b[1] + a[2] * b[2]
const TOP: Vector = [0, 1, 0]
const turns: readonly (readonly [Direction, Vector])[] = [
  ['CW', [0, 0, -1]],
  ['CCW', [0, 0, 1]],
]
const rotationOf = (source: RotationSource): Rotation | null => findRotation([source]).wanted

/** The one direction that a test of the velocity accepts. */
function onlyTurn(accepts: (omega: Vector) => boolean): Direction {
  const found = turns.filter(([, omega]) => accepts(omega))
  if (found.length !== 1) throw new Error(`${found.length} turns fit`)
  return (found[0] as (typeof turns)[number])[0]
}

describe('a propeller, every case', () => {
  for (const nearEdge of ['left', 'right'] as const)
    for (const shaft of ['toward', 'away'] as const)
      it(`nearer edge ${nearEdge}, shaft ${shaft}`, () => {
        // Air comes toward the viewer, +z. The blade at the top is a flat plate: its chord runs from left to right, rising
        // toward the viewer at the nearer edge. A moving plate pushes air along its normal, on the side it moves to.
        const slope = nearEdge === 'right' ? 0.4 : -0.4
        const normal: Vector = [-slope, 0, 1]
        const direction = onlyTurn((omega) => {
          const push = dot(cross(omega, TOP), normal)
          return push * normal[2] > 0
        })
        const end: View = shaft === 'toward' ? 'shaft-end' : 'lead-end'
        expect(rotationOf({ kind: 'propeller', nearEdge, shaft })).toEqual({ direction, seenFrom: end })
      })
})

describe('a forward-curved wheel, every outlet', () => {
  const places: Record<string, Vector> = {
    top: [0, 1, 0],
    right: [1, 0, 0],
    bottom: [0, -1, 0],
    left: [-1, 0, 0],
  }
  const ways: Record<string, Vector> = { left: [-1, 0, 0], right: [1, 0, 0], up: [0, 1, 0], down: [0, -1, 0] }
  for (const [outlet, place] of Object.entries(places))
    for (const [air, way] of Object.entries(ways))
      for (const looking of ['lead-end', 'shaft-end'] as const) {
        const source = { kind: 'wheel-outlet', outlet, air, looking }
        if (dot(place, way) !== 0)
          it(`${outlet}, ${air}: air cannot leave so`, () =>
            expect(v.safeParse(RotationSourceSchema, source).success).toBe(false))
        else
          it(`${outlet}, ${air}, seen from the ${looking}`, () =>
            // The rim at the outlet moves as the air leaves.
            expect(rotationOf(source as RotationSource)).toEqual({
              direction: onlyTurn((omega) => dot(cross(omega, place), way) > 0),
              seenFrom: looking,
            }))
      }
  for (const hollow of ['left', 'right'] as const)
    for (const curve of ['forward', 'backward'] as const)
      it(`hollow side ${hollow} at the top, curved ${curve}`, () =>
        // Cups move towards their hollow side, blades that lean back away from it.
        expect(rotationOf({ kind: 'wheel-cups', hollow, curve, looking: 'lead-end' })?.direction).toBe(
          onlyTurn((omega) => dot(cross(omega, TOP), ways[hollow] as Vector) > 0 === (curve === 'forward')),
        ))
  it('one recorded before curves were told apart is a wheel of cups', () =>
    expect(
      v.parse(RotationSourceSchema, { kind: 'wheel-cups', hollow: 'left', looking: 'lead-end' }),
    ).toEqual({
      kind: 'wheel-cups',
      hollow: 'left',
      curve: 'forward',
      looking: 'lead-end',
    }))
  it('says which kind of wheel it went by', () => {
    const words = (curve: 'forward' | 'backward') =>
      findRotation([{ kind: 'wheel-cups', hollow: 'left', curve, looking: 'lead-end' }]).sources[0]?.words
    expect(words('forward')).toBe(
      'The hollow side of the blades leads; at the top it faces left: counter-clockwise seen from the lead end.',
    )
    expect(words('backward')).toBe(
      'Few long blades that lean back: the round side leads; at the top the hollow faces left: clockwise seen from the lead end.',
    )
  })
})

describe('other sources', () => {
  it('a plate without its end tells nothing', () =>
    expect(findRotation([{ kind: 'nameplate', direction: 'CW', seenFrom: null }])).toMatchObject({
      wanted: null,
      conflict: null,
    }))
  it('a short test that ran backwards asks for the other way', () => {
    const set: Rotation = { direction: 'CW', seenFrom: 'lead-end' }
    expect(rotationOf({ kind: 'short-test', set, ran: 'backwards' })).toEqual({
      direction: 'CCW',
      seenFrom: 'lead-end',
    })
    expect(rotationOf({ kind: 'short-test', set, ran: 'right' })).toEqual(set)
  })
})

describe('several sources', () => {
  const plate: RotationSource = { kind: 'nameplate', direction: 'CCW', seenFrom: 'shaft-end' }
  it('that agree, though named from two ends', () =>
    expect(findRotation([plate, { kind: 'nameplate', direction: 'CW', seenFrom: 'lead-end' }])).toMatchObject(
      { wanted: { direction: 'CCW', seenFrom: 'shaft-end' }, conflict: null },
    ))
  it('that disagree choose none, and say what may be wrong', () => {
    const answer = findRotation([plate, { kind: 'propeller', nearEdge: 'left', shaft: 'toward' }])
    expect(answer.wanted).toBeNull()
    expect(answer.conflict).toBe(
      'By the plate it is counter-clockwise seen from the shaft end, by the blade clockwise seen from the shaft end. The blade may be on upside down, the motor may have been replaced before, or the plate names the other end.',
    )
  })
})

it('every source says what it went by', () => {
  const words = (source: RotationSource) => findRotation([source]).sources[0]?.words
  expect(words({ kind: 'nameplate', direction: 'CW', seenFrom: 'lead-end' })).toBe(
    'The plate: clockwise seen from the lead end.',
  )
  expect(words({ kind: 'nameplate', direction: 'CCW', seenFrom: null })).toBe(
    'The plate says CCW and not from which end: that tells nothing yet.',
  )
  expect(words({ kind: 'propeller', nearEdge: 'right', shaft: 'toward' })).toBe(
    'The blade’s nearer edge is on the right, so the farther one leads: counter-clockwise seen from the shaft end.',
  )
  expect(words({ kind: 'wheel-outlet', outlet: 'top', air: 'right', looking: 'lead-end' })).toBe(
    'Air leaves at the top going right, as the rim moves there: clockwise seen from the lead end.',
  )
  const set: Rotation = { direction: 'CW', seenFrom: 'lead-end' }
  expect(words({ kind: 'short-test', set, ran: 'right' })).toBe(
    'It ran the right way as set: clockwise seen from the lead end.',
  )
  expect(words({ kind: 'short-test', set, ran: 'backwards' })).toBe(
    'It ran backwards as set, so it needs the other way: counter-clockwise seen from the lead end.',
  )
})
