import { unitOf } from '../testing/fixtures'
import { compressorPhases, compressorPosts } from './compressor-posts'
import type { UnitType } from './unit-type'

const THREE = unitOf('packaged-three-phase')
const ONE = unitOf('cooling-1-pole-shared-capacitor')
/** The unit with the posts of its compressor labelled otherwise; a label less is a post less. */
const labelled = (unit: UnitType, labels: readonly string[]): UnitType => {
  const own = unit.posts.filter((post) => post.kind === 'compressor')
  const posts = unit.posts.flatMap((post) => {
    const at = own.indexOf(post)
    const label = labels[at]
    return at < 0 ? [post] : label === undefined ? [] : [{ ...post, label }]
  })
  return { ...unit, posts }
}

it('one phase has C, R and S; three phases have three like posts', () => {
  expect(compressorPosts(ONE)).toEqual({ C: 'COMP-C', R: 'COMP-R', S: 'COMP-S' })
  expect(compressorPhases(ONE)).toEqual([])
  expect(compressorPosts(THREE)).toBeNull()
  expect(compressorPhases(THREE)).toEqual(['COMP-1', 'COMP-2', 'COMP-3'])
})

it('a compressor on one phase of a unit on three is one of one phase', () =>
  expect(compressorPhases(labelled(THREE, ['C', 'R', 'S']))).toEqual([]))

it('three posts of another name, on one phase, and two on three are neither', () => {
  expect(compressorPhases(labelled(ONE, ['1', '2', '3']))).toEqual([])
  expect(compressorPosts(labelled(ONE, ['1', '2', '3']))).toBeNull()
  expect(compressorPhases(labelled(THREE, ['1', '2']))).toEqual([])
})
