import { MOUNT_FIGURES } from '@oak/core/mounting/figures'
import { placeBlade, type ShaftEnd } from '@oak/core/mounting/blade-position'
import { DRAWN } from '@oak/core/testing/shaft'
import { FIGURE_WORDS, figuresFor, sentenceOf, worstEnd } from './mount-model'

const end = (more: Partial<ShaftEnd> = {}) =>
  placeBlade({ ...DRAWN, ...more }) as Parameters<typeof sentenceOf>[0]

it('says where the hub goes and how that differs from before', () => {
  expect(sentenceOf(end(), 'in')).toBe('Set the hub 3 in from the new face, 1 in further out than before.')
  // 3 in are 76.2 mm, an inch is 25.4.
  expect(sentenceOf(end(), 'mm')).toBe(
    'Set the hub 76.2 mm from the new face, 25.4 mm further out than before.',
  )
  expect(sentenceOf(end({ newBody: 6.5, shaft: 4 }), 'in')).toBe(
    'Set the hub 2 in from the new face, as before.',
  )
})
it('stops with the reason and by how much', () =>
  expect(sentenceOf(end({ shaft: 4 }), 'in')).toBe('The shaft is too short, by 1/4 in.'))
it('of two ends the worse counts, and the far one is named', () => {
  expect(worstEnd([end(), end()], 'in')).toMatchObject({
    verdict: 'fits',
    text: expect.stringMatching(/^Set/),
  })
  expect(worstEnd([end(), end({ oldHub: null })], 'in')).toMatchObject({
    verdict: 'cannotTell',
    text: expect.stringMatching(/^Lead end: /),
  })
  expect(worstEnd([end({ shaft: null }), end({ shaft: 4 })], 'in')).toMatchObject({
    verdict: 'stop',
    text: 'Lead end: The shaft is too short, by 1/4 in.',
  })
  expect(worstEnd([], 'in')).toBeNull()
})
it('a sixty-fourth of an inch is what a hand can set: less is as before', () => {
  // A body shorter by so much lets the hub stand out by as much more.
  const shifted = (inches: number) => sentenceOf(end({ newBody: 6.5 - inches, flat: 4 }), 'in')
  expect(shifted(0.015)).toContain(', as before')
  expect(shifted(0.016)).not.toContain(', as before')
})
it('a hub that comes nearer is closer than before', () => {
  // The new body is an inch longer than the old one of 6 1/2 in, whose hub stood at 2 in.
  expect(sentenceOf(end({ newBody: 7.5, shaft: 3 }), 'in')).toBe(
    'Set the hub 1 in from the new face, 1 in closer than before.',
  )
})
it('what is not known is said, not guessed', () => {
  expect(sentenceOf(end({ oldHub: null }), 'in')).toBe(
    'Where the blade goes is not known yet: see what to measure.',
  )
  expect(sentenceOf(end({ shaft: null }), 'in')).toMatch(/ Whether the shaft lets it is not known\.$/)
  expect(sentenceOf(end(), 'in')).not.toContain('not known')
})
it('by the rule of thumb is said where it is', () => {
  const ruled: Parameters<typeof sentenceOf>[0] = { ...end(), from: 'rule-of-thumb' }
  expect(sentenceOf(ruled, 'in')).toMatch(/ By the rule of thumb\.$/)
})
it('a stop without a length has no length, and ends with one full stop', () => {
  const stopped = (text: string, inches: number | null): Parameters<typeof sentenceOf>[0] => ({
    ...end(),
    notes: [{ severity: 'stop', text, inches }] as Parameters<typeof sentenceOf>[0]['notes'],
  })
  expect(sentenceOf(stopped('The hub would leave the shaft.', null), 'in')).toBe(
    'The hub would leave the shaft.',
  )
  expect(sentenceOf(stopped('The hub stands free: by far', 0.5), 'in')).toBe(
    'The hub stands free, by 1/2 in.',
  )
})
it('of two ends alike the near one is said, without a name', () =>
  expect(worstEnd([end({ shaft: 4 }), end({ shaft: 4 })], 'in')?.text).toBe(
    'The shaft is too short, by 1/4 in.',
  ))
it('asks for the figures of the way it is held, and at the far end for the far shaft’s', () => {
  const shared = ['oldHub', 'hubLength', 'shaft', 'flat', 'roomBeyond', 'shroud', 'hubToEdge']
  expect(figuresFor('near', 'base')).toEqual(['oldBody', 'newBody', ...shared])
  expect(figuresFor('near', 'band')).toEqual(['band', 'newBody', ...shared])
  expect(figuresFor('near', 'shaft-end')).toEqual(shared)
  for (const way of ['base', 'band', 'shaft-end'] as const)
    expect(figuresFor('far', way)).toEqual([
      'oldFace2',
      'newFace2',
      'oldHub2',
      'shaft2',
      'hubLength2',
      'flat2',
    ])
})
it('every figure has a name, a short one, and how it is measured', () => {
  for (const key of MOUNT_FIGURES)
    for (const text of Object.values(FIGURE_WORDS[key])) expect(text.length).toBeGreaterThan(2)
  for (const way of ['base', 'band', 'shaft-end'] as const)
    expect(figuresFor('near', way)).toContain('oldHub')
})
