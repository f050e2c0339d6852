import { rememberedFor, rememberedLatest } from './remembered'

it('works out once for each holder and argument, also where the answer is nothing', () => {
  const asked: unknown[] = []
  const size = rememberedFor((holder: { n: number }, by: { k: number }) => {
    asked.push([holder.n, by.k])
    return by.k === 0 ? null : holder.n * by.k
  })
  const [a, b] = [{ n: 2 }, { n: 2 }]
  expect([
    size(a, { k: 3 }),
    size(a, { k: 3 }),
    size(b, { k: 3 }),
    size(a, { k: 0 }),
    size(a, { k: 0 }),
  ]).toEqual([6, 6, 6, null, null])
  expect(asked).toEqual([
    [2, 3],
    [2, 3],
    [2, 0],
  ])
})

it('keeps the latest few: what was asked again stays, the oldest goes', () => {
  const asked: number[] = []
  const twice = rememberedLatest((n: number) => {
    asked.push(n)
    return { n: 2 * n }
  }, 2)
  const one = twice(1)
  twice(2)
  expect(twice(1)).toBe(one)
  twice(3)
  expect(twice(1)).toBe(one)
  expect(twice(2)).toEqual({ n: 4 })
  expect(asked).toEqual([1, 2, 3, 2])
})
