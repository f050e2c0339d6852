import { whatNow } from './what-now'

it('what was done already is not asked for again', () => {
  const blue = [{ colour: 'BU' as const }]
  expect(whatNow({ segments: [], traced: false })).toBe('Trace it, or note its colour.')
  expect(whatNow({ segments: blue, traced: false })).toBe(
    'By custom blue tells nothing here. Follow it to its terminal.',
  )
  expect(whatNow({ segments: blue, traced: true })).toBe(
    'Its terminal does not tell. Say what the unit’s diagram, the motor’s label or ohms say.',
  )
})
