import { EMPTY_TAG } from '../../motor/tag-draft'
import { isOnTag, takeOnTag } from './take-tag'
import type { Proposal } from './proposal'

const take = (field: Proposal['field'], text: string) => {
  const taken = takeOnTag(EMPTY_TAG, { field, text })
  if (!taken.ok) throw new Error(taken.message)
  return taken.draft
}

it.each([
  ['horsepower', 'HP 1/4', { horsepower: [{ horsepower: '1/4' }] }],
  ['amps', '1.6 A', { horsepower: [{ amps: 1.6 }] }],
  ['rpm', 'RPM 1075', { rpm: 1075 }],
  ['volts', '208-230 V', { volts: { low: 208, high: 230 } }],
  ['microfarads', 'CAP 5 MFD', { capacitor: { microfarads: 5, volts: 370 } }],
  ['capacitor-volts', '440 VAC', { capacitor: { microfarads: null, volts: 440 } }],
] as const)('%s: “%s” comes to its place, and nothing else does', (field, text, place) => {
  const draft = take(field, text)
  expect(draft).toMatchObject(place)
  const [key] = Object.keys(place) as (keyof typeof draft)[]
  expect({ ...draft, [key as string]: EMPTY_TAG[key as 'rpm'] }).toEqual(EMPTY_TAG)
})
it('what does not say it is refused in words, and two voltages too', () => {
  expect(takeOnTag(EMPTY_TAG, { field: 'amps', text: 'one and a bit' })).toEqual({
    ok: false,
    message: 'This line does not say it. Write it as it is printed, with its unit.',
  })
  expect(takeOnTag(EMPTY_TAG, { field: 'volts', text: '115/230 V' })).toMatchObject({
    ok: false,
    message: expect.stringContaining('Two voltages') as string,
  })
})
it('a tag has no place for a frame or hertz, and one without a capacitor none for that', () => {
  const fields = (kind: typeof EMPTY_TAG.kind) =>
    (['amps', 'microfarads', 'capacitor-volts', 'hertz', 'frame', 'rotation'] as const).filter((field) =>
      isOnTag({ ...EMPTY_TAG, kind }, { field }),
    )
  expect(fields('psc-outdoor')).toEqual(['amps', 'microfarads', 'capacitor-volts'])
  expect(fields('three-phase')).toEqual(['amps'])
})
