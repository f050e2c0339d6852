import { mutationsOf } from './mutate'

const mutants = (text: string, file = 'a.ts') =>
  mutationsOf(file, text).map(({ start, end, text: put }) => text.slice(0, start) + put + text.slice(end))

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
it('leaves the figures of an order alone: only their sign counts', () => {
  expect(mutants('a < b ? -1 : 1')).toEqual(['!(a < b) ? -1 : 1', 'a <= b ? -1 : 1'])
  expect(mutants('a > b ? 1 : 0')).toContain('a > b ? 1 : 1')
  // A sense that is multiplied with is no order.
  expect(mutants('turns ? 1 : -1')).toContain('turns ? 2 : -1')
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
  // What the core throws, a defect of ours says; a server's may be read.
  expect(mutants("throw new Error('no such mode')", 'core/a.ts')).toEqual([])
  expect(mutants('throw new Error(`no mode ${id}`)', 'core/a.ts')).toEqual([])
  expect(mutants("throw new Error('no such mode')", 'server/a.ts')).toEqual(["throw new Error('')"])
  expect(mutants("known(list[0], 'The tap')")).toEqual(["known(list[1], 'The tap')"])
})
