import { SUBJECTS, modelFor } from '@oak/core/diagnosis/model'
import { UNIT_TYPES } from '@oak/core/wiring/unit-types'
import { SIGNS } from './FanTiles'
import { SYMPTOMS } from '@oak/core/diagnosis/symptoms'

it('every answer to what the fan or the compressor does has a sign of its own', () => {
  const ids = new Set(
    UNIT_TYPES.flatMap((unit) =>
      SUBJECTS.flatMap(
        (subject) =>
          modelFor(unit, subject)
            .tests.find((test) => test.id === SYMPTOMS[subject])
            ?.answers.map(({ id }) => id) ?? [],
      ),
    ),
  )
  expect(ids.size).toBeGreaterThan(10)
  expect([...ids].filter((id) => !SIGNS[id])).toEqual([])
})
