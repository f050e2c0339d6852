import { breakLines } from './break-lines'

/** Every letter is one wide. */
const lines = (text: string, widest: number) => breakLines(text, (part) => part.length, widest)

it('a text that fits is one line', () => {
  expect(lines('fan dead', 8)).toEqual(['fan dead'])
  expect(lines('', 8)).toEqual([''])
})
it('breaks at spaces, which stay at the end of their line', () =>
  expect(lines('the fan is dead', 8)).toEqual(['the fan ', 'is dead']))
it('breaks inside a word that is longer than a line, and goes on after it', () => {
  expect(lines('abcdefghij kl', 4)).toEqual(['abcd', 'efgh', 'ij ', 'kl'])
  expect(lines('x abcdefg', 4)).toEqual(['x ab', 'cdef', 'g'])
})
it('a word as wide as a line stays whole', () => expect(lines('abcd efgh', 5)).toEqual(['abcd ', 'efgh']))
