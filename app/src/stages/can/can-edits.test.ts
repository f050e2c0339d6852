import { CANS } from '@oak/core/capacitor/cans'
import type { Can } from '@oak/core/capacitor/can'
import { withoutSection, withSection } from './can-edits'

describe('a can changed to what is in hand', () => {
  const can = CANS[0] as Can
  it('is no longer the one on the list', () =>
    expect(withSection(can, '10', 12.5)).toMatchObject({
      id: 'in-hand',
      sections: expect.arrayContaining([{ id: '10', microfarads: 12.5 }]),
    }))
  it('names every section apart, also equal ones', () => {
    const more = withSection(withSection(can, null, 7.5), null, 7.5)
    expect(more.sections.slice(-2).map((s) => s.id)).toEqual(['7.5', '7.5 (2)'])
  })
  it('loses one section', () =>
    expect(withoutSection(can, '20').sections.map((s) => s.id)).not.toContain('20'))
})
