import fc from 'fast-check'
import { lowerBound } from './sorted'

it('is the first entry that is not below, as a walk finds it', () => {
  fc.assert(
    fc.property(
      fc.array(fc.integer({ min: 0, max: 20 })).map((list) => list.sort((a, b) => a - b)),
      fc.integer({ min: -1, max: 21 }),
      (list, wanted) => {
        const walked = list.findIndex((x) => x >= wanted)
        expect(lowerBound(list, wanted)).toBe(walked < 0 ? list.length : walked)
      },
    ),
  )
})
