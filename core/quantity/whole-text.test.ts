import { cutText, isWhole } from './whole-text'

it('knows half a character wherever it lies', () => {
  const half = '\ud83d'
  for (const whole of ['', 'Fan 3', 'äö', '🔧', [1, null, { a: ['🔧'] }]]) expect(isWhole(whole)).toBe(true)
  for (const cut of [half, `${half}!`, '\udd27', [{ a: [half] }], { [half]: 1 }])
    expect(isWhole(cut)).toBe(false)
})
it('cuts between characters as they are seen: never through a pair, an accent or a family', () => {
  expect(cutText('Roof 3', 6)).toBe('Roof 3')
  expect(cutText('Roof 3', 4)).toBe('Roof')
  expect(cutText('ab🔧', 3)).toBe('ab')
  expect(cutText('ab🔧c', 4)).toBe('ab🔧')
  expect(cutText('cafe\u0301s', 4)).toBe('caf')
  expect(cutText('👨\u200d👩\u200d👧', 5)).toBe('')
})
