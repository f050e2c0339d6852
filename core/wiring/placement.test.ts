import { samePlacement } from './placement'

it('two leads end in the same place on the same post, or both in no post at all in the same way', () => {
  const on = (post: string) => ({ kind: 'post' as const, post })
  expect(samePlacement(on('T1'), on('T1'))).toBe(true)
  expect(samePlacement(on('T1'), on('T2'))).toBe(false)
  expect(samePlacement({ kind: 'insulated' }, { kind: 'insulated' })).toBe(true)
  expect(samePlacement({ kind: 'insulated' }, { kind: 'loose' })).toBe(false)
  expect(samePlacement({ kind: 'plug' }, on('T1'))).toBe(false)
})
