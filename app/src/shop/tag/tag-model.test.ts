import { EMPTY_TAG, tagProblems, withLead } from '@oak/core/motor/tag-draft'
import { nextRole, pairingText, readDraft, samePairing, tagFields, withTagField } from './tag-model'

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
  expect(readDraft(JSON.stringify({ ...EMPTY_TAG, name: 'Birch', horsepower: [] }))?.name).toBe('Birch')
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

const entryOf = (draft: typeof EMPTY_TAG, key: string) => tagFields(draft).find((f) => f.key === key)
it('the fields of a tag are called as on a tag, and stand at what the draft has', () => {
  const draft = withTagField(withTagField(EMPTY_TAG, 'kind', 'psc-outdoor'), 'microfarads', 7.5)
  expect(tagFields(draft).map(({ label, text }) => [label, text])).toEqual([
    ['kind', 'outdoor'],
    ['volts', '208–230 V'],
    ['speed', draft.rpm === null ? null : `${draft.rpm} rpm`],
    ['its capacitor', '7.5 µF'],
    ['its rating', '370 V'],
    ['seen from', draft.rotationNamedFrom === 'lead-end' ? 'lead end' : 'shaft end'],
  ])
  const options = (key: string) => {
    const entry = entryOf(draft, key)?.entry
    return entry?.kind === 'pick' ? entry.options.map(({ text }) => text) : []
  }
  expect(options('kind')).toEqual(['outdoor', 'blower', 'outdoor, no can', 'three-phase'])
  expect(options('volts')).toEqual(['115 V', '208–230 V', '115/230 V', '277 V', '460 V'])
  expect(options('capacitorVolts')).toEqual(['370 V', '440 V'])
  expect(options('rotationNamedFrom')).toEqual(['lead end', 'shaft end'])
})
it('a figure is set, and taken away again; an unknown one changes nothing', () => {
  expect(withTagField(EMPTY_TAG, 'rpm', 825).rpm).toBe(825)
  expect(withTagField(EMPTY_TAG, 'rpm', null).rpm).toBeNull()
  const can = withTagField(EMPTY_TAG, 'microfarads', 10)
  expect(can.capacitor).toEqual({ microfarads: 10, volts: 370 })
  expect(withTagField(can, 'capacitorVolts', '440').capacitor).toEqual({ microfarads: 10, volts: 440 })
  expect(withTagField(can, 'microfarads', null).capacitor).toEqual({ microfarads: null, volts: 370 })
  const bare = withTagField(EMPTY_TAG, 'kind', 'ecm-outdoor')
  expect(withTagField(bare, 'microfarads', 5).capacitor).toEqual({ microfarads: 5, volts: 370 })
  expect(withTagField(bare, 'capacitorVolts', '440').capacitor).toEqual({ microfarads: null, volts: 440 })
  for (const end of ['lead-end', 'shaft-end'] as const)
    expect(withTagField(EMPTY_TAG, 'rotationNamedFrom', end).rotationNamedFrom).toBe(end)
  expect(withTagField(EMPTY_TAG, 'wings', 2)).toBe(EMPTY_TAG)
})
it('a blower that has no leads yet is a 115 V one; entered leads keep their volts, and another kind too', () => {
  expect(withTagField(EMPTY_TAG, 'kind', 'psc-blower').volts).toEqual({ low: 115, high: 115 })
  expect(withTagField(EMPTY_TAG, 'kind', 'three-phase').volts).toEqual(EMPTY_TAG.volts)
  const entered = withLead(EMPTY_TAG, null, { colour: 'BK', stripe: null }, 'motor-common')
  expect(withTagField(entered, 'kind', 'psc-blower').volts).toEqual(EMPTY_TAG.volts)
  expect(withTagField(EMPTY_TAG, 'kind', 'three-phase').capacitor).toBeNull()
})
it.each([
  ['psc-blower', ['line', 'speed', 'speed', 'speed']],
  ['ecm-outdoor', ['line', 'line', 'select', 'select']],
  ['three-phase', ['phase', 'phase', 'phase', 'phase']],
] as const)('leads of a %s come in the order of their work', (kind, wanted) => {
  let draft = withTagField(EMPTY_TAG, 'kind', kind)
  const roles: string[] = []
  for (const colour of ['BK', 'WH', 'RD', 'BU'] as const) {
    roles.push(nextRole(draft))
    draft = withLead(draft, null, { colour, stripe: null }, nextRole(draft))
  }
  expect(roles).toEqual([...wanted])
})
it('a power tap is motor common’s: run comes next', () =>
  expect(nextRole(withLead(EMPTY_TAG, null, { colour: 'BK', stripe: null }, 'power-tap'))).toBe('run'))
it('two pairings are the same when they join the same leads in the same order', () => {
  expect(samePairing([['a', 'b']], [['a', 'b']])).toBe(true)
  expect(samePairing([['a', 'b']], [['a', 'c']])).toBe(false)
  expect([samePairing(null, null), samePairing(undefined, null)]).toEqual([true, false])
})
it('a kept draft of an older day gets the fields that came since; one with a hole is none', () => {
  expect(readDraft(JSON.stringify({ name: 'Birch', leads: [], horsepower: [] }))).toEqual({
    ...EMPTY_TAG,
    name: 'Birch',
    horsepower: [],
  })
  for (const hole of [
    { leads: [], horsepower: [] },
    { name: 'x', horsepower: [] },
    { name: 'x', leads: [] },
  ])
    expect(readDraft(JSON.stringify(hole))).toBeNull()
})
