import { EMPTY_MOTOR_PLATE } from '@oak/core/motor/nameplate'
import { airAt, drawnAs, sourcesOf } from './rotation-model'

const plate = (direction: 'CW' | 'CCW', seenFrom: 'lead-end' | 'shaft-end' | null) => ({
  ...EMPTY_MOTOR_PLATE,
  rotation: { direction, seenFrom },
})

it('the old motor’s plate is a source by itself, until it is said otherwise by hand', () => {
  const motorPlate = plate('CCW', 'shaft-end')
  expect(sourcesOf({ rotationSources: {}, motorPlate })).toEqual([
    { kind: 'nameplate', direction: 'CCW', seenFrom: 'shaft-end' },
  ])
  const byHand = { kind: 'nameplate' as const, direction: 'CW' as const, seenFrom: null }
  expect(sourcesOf({ rotationSources: { nameplate: byHand }, motorPlate })).toEqual([byHand])
  expect(sourcesOf({ rotationSources: {}, motorPlate: EMPTY_MOTOR_PLATE })).toEqual([])
  expect(sourcesOf({ rotationSources: {}, motorPlate: null })).toEqual([])
})

it('a housing is drawn the way its air leaves', () => {
  for (const outlet of ['top', 'right', 'bottom', 'left'] as const)
    for (const way of ['left', 'right'] as const)
      expect(drawnAs({ outlet, air: airAt(outlet, way) })).toBe(way)
})
