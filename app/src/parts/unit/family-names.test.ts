import { UNIT_FAMILIES } from '@oak/core/wiring/unit-type'
import { momentText } from '../../ui/dates'
import { FAMILY_NAMES, proposedName } from './family-names'

it('each family is called as the trade calls it, no two alike', () => {
  expect(Object.keys(FAMILY_NAMES).sort()).toEqual([...UNIT_FAMILIES].sort())
  expect(new Set(Object.values(FAMILY_NAMES)).size).toBe(UNIT_FAMILIES.length)
  // Its own words, but for a unit of two shafts and one that is split.
  const others = UNIT_FAMILIES.filter((f) => f !== 'roof-through-shaft' && f !== 'outdoor-split')
  for (const family of others) expect(FAMILY_NAMES[family]).toContain(family.replace('-', ' '))
  expect([FAMILY_NAMES['outdoor-split'], FAMILY_NAMES['roof-through-shaft']]).toEqual([
    'outdoor unit',
    'two-shaft roof unit',
  ])
})
it('a job that nobody named begins with the kind of unit and the time', () =>
  expect(proposedName('heat-pump', 0)).toBe(`Heat pump, ${momentText(0)}`))
