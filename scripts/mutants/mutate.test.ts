import { mutationsOf } from './mutate'

const mutants = (text: string) =>
  mutationsOf('a.ts', text).map(({ start, end, text: put }) => text.slice(0, start) + put + text.slice(end))

it('changes one thing at a time, and leaves types, imports and comments', () => {
  expect(mutants("import { a } from './a b'\n// a < b\ntype T = 1 | 'a b'\n")).toEqual([])
  expect(mutants('const f = (a: number) => a < 2')).toEqual([
    'const f = (a: number) => a <= 2',
    'const f = (a: number) => a < 3',
  ])
  expect(mutants('if (a && !b) c()')).toEqual(['if (false) c()', 'if (a || !b) c()', 'if (a && b) c()'])
})
it('changes a small number by one, and doubles a large one', () => {
  expect(mutants('f(0, 2, 0.5, 1_000)')).toEqual([
    'f(1, 2, 0.5, 1_000)',
    'f(0, 3, 0.5, 1_000)',
    'f(0, 2, 1.5, 1_000)',
    'f(0, 2, 0.5, 2000)',
  ])
})
it('swaps some and every, most and least, and turns a choice round', () => {
  expect(mutants('list.some(f)')).toEqual(['list.every(f)'])
  expect(mutants('Math.max(a, b)')).toEqual(['Math.min(a, b)'])
  expect(mutants('a.toString()')).toEqual([])
  expect(mutants('x ? a : b')).toEqual(['!(x) ? a : b'])
})
it('empties sentences, not names', () => {
  expect(mutants("say('It hums.')")).toEqual(["say('')"])
  expect(mutants("kind === 'run-return'")).toEqual(["kind !== 'run-return'"])
  expect(mutants("const a = { text: 'Two words' }")).toEqual(["const a = { text: '' }"])
  expect(mutants("'a b' + c")).toEqual([])
  expect(mutants("known(list[0], 'The tap')")).toEqual(["known(list[1], 'The tap')"])
})
