import { at, first, known, last } from './at'

it('gives what is there, also from typed arrays', () => {
  expect([at(['a', 'b'], 1), first([7, 8]), last([7, 8]), at(new Float64Array([1.5]), 0)]).toEqual([
    'b',
    7,
    8,
    1.5,
  ])
  expect([at([0, 1], 0), at([null], 0), known(0, 'x'), known('', 'x'), known(false, 'x')]).toEqual([
    0,
    null,
    0,
    '',
    false,
  ])
})
it('a miss is thrown, with what was missed', () => {
  expect(() => at([1, 2], 2)).toThrow('There is no item 2 in a list of 2.')
  expect(() => first([])).toThrow('There is no item 0 in a list of 0.')
  expect(() => last([])).toThrow('There is no item -1 in a list of 0.')
  expect(() => known(undefined, 'The mode')).toThrow('The mode is missing.')
  expect(() => known(null, 'The mode')).toThrow('The mode is missing.')
})
