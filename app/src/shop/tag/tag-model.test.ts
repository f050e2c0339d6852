import { EMPTY_TAG, tagProblems, withLead } from '@oak/core/motor/tag-draft'
import { nextRole, pairingText, readDraft, tagFields, withTagField } from './tag-model'

it('a motor without a capacitor loses the field, and gets it back with another kind', () => {
  const ecm = withTagField(EMPTY_TAG, 'kind', 'ecm-outdoor')
  expect([ecm.capacitor, tagFields(ecm).some((f) => f.key === 'microfarads')]).toEqual([null, false])
  expect(withTagField(ecm, 'kind', 'psc-outdoor').capacitor).toEqual({ microfarads: null, volts: 370 })
})
it('two voltages are two choices, and no range', () => {
  const dual = withTagField(EMPTY_TAG, 'volts', '115/230')
  expect(dual.volts).toEqual({ low: 115, high: 230 })
  expect(dual.voltsChoices.map((c) => c.volts)).toEqual([
    { low: 115, high: 115 },
    { low: 230, high: 230 },
  ])
  const text = (draft: typeof dual) => tagFields(draft).find((f) => f.key === 'volts')?.text
  expect(text(dual)).toBe('115/230 V')
  expect(text(withTagField(dual, 'volts', '208–230'))).toBe('208–230 V')
  expect(withTagField(dual, 'volts', '208–230').voltsChoices).toEqual([])
})
it('reads a voltage range, or one voltage', () => {
  expect(withTagField(EMPTY_TAG, 'volts', '208–230').volts).toEqual({ low: 208, high: 230 })
  expect(withTagField(EMPTY_TAG, 'volts', '277').volts).toEqual({ low: 277, high: 277 })
})
it('keeps leads that another kind cannot have, as a contradiction', () => {
  const draft = withTagField(
    withLead(EMPTY_TAG, null, { colour: 'BK', stripe: null }, 'motor-common'),
    'kind',
    'three-phase',
  )
  expect(draft.leads).toHaveLength(1)
  expect(tagProblems(draft).map((p) => p.message)).toContain('This kind of motor has no motor common.')
})
it('offers the role that comes next on such a tag', () => {
  let draft = EMPTY_TAG
  const roles: string[] = []
  for (const colour of ['BK', 'WH', 'BN', 'GY', 'VT'] as const) {
    roles.push(nextRole(draft))
    draft = withLead(draft, null, { colour, stripe: null }, nextRole(draft))
  }
  expect(roles).toEqual(['motor-common', 'run', 'start', 'run-return', 'rotation'])
})
it('a kept draft is read back; what is none is not', () => {
  expect(readDraft(JSON.stringify({ ...EMPTY_TAG, name: 'Birch' }))?.name).toBe('Birch')
  expect([readDraft('{'), readDraft('3'), readDraft(undefined), readDraft('{"leads":1}')]).toEqual([
    null,
    null,
    null,
    null,
  ])
})
it('says pairs, and what is left open', () =>
  expect([
    pairingText([
      ['a', 'b'],
      ['c', 'd'],
    ]),
    pairingText(null),
  ]).toEqual(['a to b, c to d', 'left open']))
