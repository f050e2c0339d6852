import { MOUNT_FIGURES } from '@oak/core/job/inputs/mount-input'
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
    text: expect.stringMatching(/^Far end: /),
  })
  expect(worstEnd([end({ shaft: null }), end({ shaft: 4 })], 'in')).toMatchObject({
    verdict: 'stop',
    text: 'Far end: The shaft is too short, by 1/4 in.',
  })
  expect(worstEnd([], 'in')).toBeNull()
})
it('every figure has a name, a short one, and how it is measured', () => {
  for (const key of MOUNT_FIGURES)
    for (const text of Object.values(FIGURE_WORDS[key])) expect(text.length).toBeGreaterThan(2)
  for (const way of ['base', 'band', 'shaft-end'] as const)
    expect(figuresFor('near', way)).toContain('oldHub')
})
