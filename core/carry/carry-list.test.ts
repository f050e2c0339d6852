import data from './items.json'
import { BLANK } from '../motor/match/mechanical'
import { leadSheetById } from '../motor/lead-sheets'
import { unitTypeFor } from '../wiring/unit-types'
import { carryList, type CarryInput } from './carry-list'

const unit = (id: string) => unitTypeFor(id)!
const INPUT: CarryInput = {
  unit: unit('cooling-1-pole-shared-capacitor'),
  motor: leadSheetById('rowan-25r')!,
  can: 'seven-section can',
  oldBody: { ...BLANK, mounting: ['studs'], frameInches: 5.6, shaftLengthInches: 6 },
  observations: {},
  counts: { jumpers: 2, landed: 4, insulated: 1 },
}
const ids = (more: Partial<CarryInput> = {}) => carryList({ ...INPUT, ...more }).map((item) => item.id)
const name = (id: string, more: Partial<CarryInput> = {}) =>
  carryList({ ...INPUT, ...more }).find((item) => item.id === id)?.name

it('always takes lockout, meter, something to discharge with, and something to measure with', () => {
  for (const u of ['cooling-1-pole-shared-capacitor', 'gas-furnace-board', 'pool-heater-two-capacitors'])
    expect(ids({ unit: unit(u) })).toEqual(
      expect.arrayContaining(['lockout', 'meter', 'discharge', 'tape', 'crimper', 'puller']),
    )
})
it('counts what the plan needs, and says so where there is no plan', () => {
  expect([name('jumpers'), name('caps'), name('terminals')]).toEqual([
    'Jumpers for the can: 2',
    'Insulating caps: 1',
    'Quick-connect terminals: 4 and two spare',
  ])
  expect(name('caps', { counts: null })).toBe('Insulating caps: as many as the plan will need')
  expect(ids({ counts: { jumpers: 0, landed: 3, insulated: 0 } })).not.toEqual(
    expect.arrayContaining(['jumpers', 'caps']),
  )
})
it('takes the tools of this mounting and no other; all of them when it is not known', () => {
  expect(ids().filter((id) => ['studs', 'band', 'cradle', 'lugs', 'mounting-any'].includes(id))).toEqual([
    'studs',
  ])
  expect(ids({ oldBody: null })).toContain('mounting-any')
  expect(ids({ oldBody: { ...BLANK, mounting: ['cradle'] } })).toEqual(
    expect.arrayContaining(['cradle', 'other-mounting']),
  )
})
it('takes another band for another frame, and a saw for a longer shaft', () => {
  expect(ids()).not.toEqual(expect.arrayContaining(['other-band', 'saw']))
  expect(ids({ oldBody: { ...BLANK, frameInches: 6.3 } })).toContain('other-band')
  expect(ids({ oldBody: { ...BLANK, shaftLengthInches: 4 } })).toContain('saw')
})
it('follows the state of the old motor', () => {
  expect(ids()).not.toContain('oil')
  expect(ids({ observations: { spin: 'seized' } })).toContain('oil')
  expect(ids({ observations: { 'capacitor-fitted': 'none' } })).not.toContain('discharge')
})
it('follows the unit: sleeve and drains outdoors, straightedge at a wheel', () => {
  expect(ids()).toEqual(expect.arrayContaining(['sleeve', 'drain-plugs']))
  const indoors = ids({ unit: unit('gas-furnace-board'), motor: leadSheetById('alder-33b')! })
  expect(indoors).toContain('wheel-shims')
  expect(indoors).not.toEqual(expect.arrayContaining(['sleeve', 'drain-plugs']))
})
it('says that no motor is chosen rather than leaving it out', () =>
  expect(ids({ motor: null, can: null })).toContain('motor-open'))
it('a motor with a select lead needs a splice', () =>
  expect(ids({ motor: leadSheetById('teal-33e')! })).toContain('splices'))
it('every item can come up, each with a reason, under an id of its own', () => {
  const inputs: Partial<CarryInput>[] = [
    {},
    { motor: null },
    { oldBody: null, observations: { spin: 'drags' } },
    { motor: leadSheetById('teal-33e')! },
    { unit: unit('gas-furnace-board') },
    { motorStays: true },
    ...(['belly-band', 'cradle', 'lugs'] as const).map((m) => ({
      oldBody: { ...BLANK, mounting: [m], frameInches: 6.5, shaftLengthInches: 3 },
    })),
  ]
  const lists = inputs.map((more) => ids(more))
  const seen = new Set(lists.flat())
  expect(data.items.filter((item) => !seen.has(item.id)).map((item) => item.id)).toEqual([])
  for (const list of lists) expect(new Set(list).size).toBe(list.length)
  expect(data.items.every((item) => item.why.length > 20)).toBe(true)
})
it('for a motor that stays: its capacitor with the reason, nothing for a hub, a mounting or a new motor', () => {
  const list = ids({ motorStays: true })
  expect(list).toEqual(expect.arrayContaining(['can', 'can-strap', 'discharge', 'crimper']))
  for (const id of ['motor', 'motor-open', 'hex', 'puller', 'studs', 'mounting-any', 'drain-plugs'])
    expect(list).not.toContain(id)
  expect(
    ids({ motorStays: true, unit: unit('gas-furnace-board'), motor: leadSheetById('alder-33b')! }),
  ).not.toContain('wheel-shims')
  const why = (motorStays: boolean) =>
    carryList({ ...INPUT, motorStays }).find((item) => item.id === 'can')?.why
  expect(why(true)).toBe('Of the value on the tag of the motor that stays.')
  expect(why(false)).toBe('A new motor gets a new capacitor of the value on its own tag.')
})
