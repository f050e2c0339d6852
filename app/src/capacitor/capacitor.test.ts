import { CANS } from '@oak/core/capacitor/cans'
import type { Can } from '@oak/core/capacitor/can'
import { withoutSection, withSection } from './can-edits'
import { CENTRE, placeSections } from './can-layout'

describe('the can from the top', () => {
  it.each([1, 2, 3, 6, 12, 24])('%i posts stand apart from each other and inside the rim', (n) => {
    const spots = placeSections(Array.from({ length: n }, (_, i) => ({ id: `s${i}`, microfarads: 2 + i })))
    for (const [i, a] of spots.entries()) {
      expect(Math.hypot(a.x - CENTRE, a.y - CENTRE) + a.r).toBeLessThan(140)
      if (n <= 12) for (const b of spots.slice(i + 1)) expect(Math.hypot(a.x - b.x, a.y - b.y)).toBeGreaterThan(a.r + b.r - 1)
    }
  })
})

describe('a can changed to what is in hand', () => {
  const can = CANS[0] as Can
  it('is no longer the one on the list', () => expect(withSection(can, '10', 12.5)).toMatchObject({ id: 'in-hand', sections: expect.arrayContaining([{ id: '10', microfarads: 12.5 }]) }))
  it('names every section apart, also equal ones', () => {
    const more = withSection(withSection(can, null, 7.5), null, 7.5)
    expect(more.sections.slice(-2).map((s) => s.id)).toEqual(['7.5', '7.5 (2)'])
  })
  it('loses one section', () => expect(withoutSection(can, '20').sections.map((s) => s.id)).not.toContain('20'))
})
