import type { Can } from '../can'
import { singlesFor } from './single'

const can = (id: string, volts: number, ...values: number[]): Can => ({
  id,
  name: id,
  volts,
  tolerancePercent: 6,
  protectedStart: false,
  sections: values.map((microfarads, i) => ({ id: `${i}`, microfarads })),
})
const WANTED = { microfarads: 40, volts: 370, tolerancePercent: 6 }
const ids = (...cans: Can[]) => singlesFor(cans, WANTED).map(({ id }) => id)

it('only singles, the closest first, then the lower rating', () =>
  expect(
    ids(can('far', 370, 42), can('high', 440, 40), can('dual', 440, 40, 5), can('same', 370, 40)),
  ).toEqual(['same', 'high', 'far']))
it('6 % of 40 µF is 2.4: both ends are in, what is beyond is not', () => {
  expect(ids(can('low', 370, 37.6), can('up', 370, 42.4))).toEqual(['low', 'up'])
  expect(ids(can('low', 370, 37.5), can('up', 370, 42.5))).toEqual([])
})
it('volts equal or higher', () =>
  expect(ids(can('weak', 330, 40), can('same', 370, 40), can('more', 660, 40))).toEqual(['same', 'more']))
