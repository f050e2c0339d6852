import { valueWords } from './audit'

it('tells an edit as it is, and a picture by its length', () => {
  expect(valueWords('"Gannet Air"')).toBe('"Gannet Air"')
  expect(valueWords('{"a":"data:image/png"}')).toBe('{"a":"data:image/png"}')
  expect(valueWords(`"data:image/png;base64,${'A'.repeat(40_000)}"`)).toBe('a picture of 40024 letters')
})
