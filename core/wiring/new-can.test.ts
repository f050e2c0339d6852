import { hookupPosts } from './hookup-posts'
import { canPosts, moveUnitWires, NEW_C, NO_CAN } from './new-can'
import { unitTypeFor } from './unit-types'
import type { UnitType } from './unit-type'

const unit = unitTypeFor('cooling-1-pole-shared-capacitor') as UnitType
const single = [
  { id: '45', microfarads: 45 },
  { id: '5', microfarads: 4.9, marked: 5 },
]
const two = [
  { id: '1-40', microfarads: 40, of: 'Dual 40/5' },
  { id: '1-5', microfarads: 5, of: 'Dual 40/5' },
  { id: '2-5', microfarads: 5, of: 'Single 5' },
]
const old = [
  { id: '1-HERM', microfarads: 44.6, marked: 45, of: 'The old can', stays: 'HERM' },
  { id: '2-5', microfarads: 5, of: 'Single 5' },
]
const names = (sections: typeof two) =>
  hookupPosts(unit, { sections })
    .filter((p) => p.kind === 'can-c' || p.kind === 'can-section')
    .map((p) => p.name)

it('no can has no volts, no doubt of its own and nothing to put a lead on', () => {
  expect([NO_CAN.volts, NO_CAN.tolerancePercent]).toEqual([0, 0])
  expect(hookupPosts(unit, NO_CAN).filter((p) => p.kind === 'can-c' || p.kind === 'can-section')).toEqual([])
})
it('what goes in is called the new capacitor', () =>
  expect(
    new Set(hookupPosts(unit, { sections: single }).flatMap((p) => (p.kind === 'can-c' ? [p.partName] : []))),
  ).toEqual(new Set(['New capacitor'])))
it('posts are called by what is marked, also where a reading is known', () =>
  expect(canPosts({ sections: single }).map((p) => p.label)).toEqual(['C', '45 µF', '5 µF']))
it('of several capacitors each post says which can it is on', () => {
  expect(canPosts({ sections: two }).map((p) => p.label)).toEqual([
    'C',
    '40 µF, can 1',
    '5 µF, can 1',
    '5 µF, can 2',
  ])
  expect(names(two)).toEqual([
    'C on the new can',
    'the 40 µF section of Dual 40/5',
    'the 5 µF section of Dual 40/5',
    'the 5 µF section of Single 5',
  ])
})
it('an old can that stays is called so, with its C', () =>
  expect(names(old as typeof two)).toEqual([
    'C of the old can, tied to the new one’s',
    'the 45 µF section of the old can, which stays',
    'the 5 µF section of Single 5',
  ]))
it('where the old can stays nothing is moved off its C or its own section; else everything goes over', () => {
  const wires = [
    { id: 'c', from: 'C', to: 'T2' },
    { id: 'h', from: 'HERM', to: 'COMP-S' },
  ].map((w) => ({ ...w, segments: [], traced: true, stated: [] }))
  const fanSide = unit.posts.find((p) => p.kind === 'cap-fan')!.id
  const cSide = unit.posts.find((p) => p.kind === 'cap-c')!.id
  const herm = unit.posts.find((p) => p.kind === 'cap-compressor')!.id
  const real = wires.map((w) => ({ ...w, from: w.id === 'c' ? cSide : herm }))
  const group = (load: string, lead: string) => ({
    load,
    sections: [lead],
    lead,
    jumpers: [],
    microfarads: 1,
    errorPercent: 0,
    jumperShare: 0,
  })
  const moved = (sections: typeof two, lead: string) =>
    moveUnitWires(unit, real, { cSide, fanSide } as never, {
      name: 'x',
      volts: 440,
      tolerancePercent: 6,
      sections,
      groups: [group('HERM', lead), group('FAN', '2-5')],
      jumpers: [],
    })
  expect(moved(old as typeof two, '1-HERM').map((w) => [w.from, w.was])).toEqual([
    [NEW_C, undefined],
    ['CAN-1-HERM', undefined],
  ])
  expect(moved(two, '1-40').map((w) => [w.from, w.was?.from])).toEqual([
    [NEW_C, cSide],
    ['CAN-1-40', herm],
  ])
})
