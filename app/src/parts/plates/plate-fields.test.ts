import * as v from 'valibot'
import { CanMarkingSchema } from '@oak/core/capacitor/marking'
import { MotorPlateSchema, UnitPlateSchema } from '@oak/core/motor/nameplate'
import { STANDARD_HORSEPOWER } from '@oak/core/motor/horsepower'
import { MechanicalSchema } from '@oak/core/motor/lead-sheet'
import { BLANK_BLADE, BladeSchema } from '@oak/core/motor/blade'
import { bladeFields, steepField, withBladeField } from './blade-fields'
import { bodyFields, withBodyField } from './body-fields'
import {
  canFields,
  motorFields,
  unitFields,
  withCanField,
  withMotorField,
  withUnitField,
} from './plate-fields'

const texts = (fields: readonly { readonly key: string; readonly text: string | null }[]) =>
  Object.fromEntries(fields.map((f) => [f.key, f.text]))

it('blank plates are blank, not zero', () => {
  for (const fields of [motorFields(null), unitFields(null), canFields(null)])
    expect(fields.every((f) => f.text === null)).toBe(true)
})

it('a motor’s figures come one by one, and keep to the schema', () => {
  let plate = withMotorField(null, 'horsepower', '1/4')
  for (const [key, value] of [
    ['rpm', 1075],
    ['volts', '208–230'],
    ['amps', 1.4],
    ['microfarads', 5],
    ['phase', '1'],
    ['rotation', 'CCW lead-end'],
    ['poles', 6],
  ] as const)
    plate = withMotorField(plate, key, value)
  expect(v.safeParse(MotorPlateSchema, plate).issues).toBeUndefined()
  expect(texts(motorFields(plate))).toEqual({
    horsepower: '1/4 hp',
    rpm: '1075 rpm',
    volts: '208–230 V',
    amps: '1.4 A',
    microfarads: '5 µF',
    rotation: 'CCW, lead end',
    phase: '1 ph',
    poles: '6 poles',
  })
  expect(texts(motorFields(withMotorField(plate, 'rotation', 'reversible'))).rotation).toBe('reversible')
  expect(texts(motorFields(withMotorField(plate, 'rpm', null))).rpm).toBeNull()
})

it('every standard horsepower keeps to the schema', () => {
  for (const h of STANDARD_HORSEPOWER)
    expect(v.safeParse(MotorPlateSchema, withMotorField(null, 'horsepower', h)).issues).toBeUndefined()
})

it('a direction whose end is not said shows so', () =>
  expect(
    texts(
      motorFields({ ...withMotorField(null, 'phase', '1'), rotation: { direction: 'CW', seenFrom: null } }),
    ).rotation,
  ).toBe('CW, end not said'))

it('a can grows from a single to a dual and back', () => {
  const single = withCanField(null, 'section-0', 40)
  const dual = withCanField(withCanField(single, 'section-1', 5), 'volts', 440)
  expect(texts(canFields(dual))).toEqual({
    'section-0': '40 µF',
    'section-1': '5 µF',
    volts: '440 V',
    tolerancePercent: null,
  })
  expect(canFields(dual).map((f) => f.label)).toEqual(['HERM', 'FAN', 'volts', 'tolerance ±'])
  expect(v.safeParse(CanMarkingSchema, dual).issues).toBeUndefined()
  expect(withCanField(dual, 'section-1', null).sections).toEqual([40])
  expect(
    texts(canFields({ sections: [], range: { low: 135, high: 162 }, volts: 330, tolerancePercent: null }))[
      'section-0'
    ],
  ).toBe('135–162 µF')
})

it('a unit’s figures keep to the schema', () => {
  const plate = withUnitField(
    withUnitField(withUnitField(null, 'volts', '208–230'), 'fanAmps', 1.2),
    'phase',
    '3',
  )
  expect(v.safeParse(UnitPlateSchema, plate).issues).toBeUndefined()
  expect(texts(unitFields(plate))).toMatchObject({ volts: '208–230 V', fanAmps: '1.2 A', phase: '3 ph' })
})

it('the old body’s figures keep to the schema', () => {
  let body = withBodyField(null, 'shaftInches', 0.5)
  for (const [key, value] of [
    ['positions', 'shaft-up'],
    ['mounting', 'belly-band'],
    ['throughShaft', 'no'],
    ['enclosure', 'enclosed'],
  ] as const)
    body = withBodyField(body, key, value)
  expect(v.safeParse(MechanicalSchema, body).issues).toBeUndefined()
  expect(texts(bodyFields(body))).toMatchObject({
    shaftInches: '0.5 in',
    positions: 'shaft up',
    mounting: 'belly band',
    throughShaft: 'no',
    enclosure: 'enclosed',
    bodyInches: null,
  })
  expect(texts(bodyFields(withBodyField(body, 'throughShaft', null))).throughShaft).toBeNull()
})

type Fields = ReturnType<typeof motorFields>
const labels = (fields: Fields) => fields.map(({ label }) => label)
const entryOf = (fields: Fields, key: string) => fields.find((f) => f.key === key)?.entry
const optionsOf = (fields: Fields, key: string) => {
  const entry = entryOf(fields, key)
  return entry?.kind === 'pick' ? entry.options.map(({ text }) => text) : null
}

it('every figure of a plate is called what the trade calls it', () => {
  expect(labels(motorFields(null))).toEqual([
    'horsepower',
    'speed',
    'volts',
    'amps',
    'its capacitor',
    'turns',
    'phase',
    'poles',
  ])
  expect(labels(unitFields(null))).toEqual([
    'volts',
    'phase',
    'fan',
    'compressor',
    'circuit, at least',
    'fuse, at most',
  ])
  expect(labels(canFields(null))).toEqual(['marked', 'second section', 'volts', 'tolerance ±'])
  expect(labels(bodyFields(null))).toEqual([
    'shaft across',
    'shaft length',
    'body length',
    'frame across',
    'shaft both ends',
    'shaft points',
    'held by',
    'shell',
    'in air stream',
  ])
  expect(labels(bladeFields(null))).toEqual([
    'tip to tip',
    'how many',
    'pitch',
    'width',
    'bore',
    'hand, from air-out side',
  ])
})
it('a list can be put back to what cannot be read', () => {
  expect(optionsOf(motorFields(null), 'volts')).toEqual([
    'not readable',
    '115 V',
    '208–230 V',
    '277 V',
    '460 V',
  ])
  expect(optionsOf(motorFields(null), 'phase')).toEqual(['not readable', 'one phase', 'three phases'])
  expect(optionsOf(motorFields(null), 'rotation')).toEqual([
    'not readable',
    'CW, seen from the lead end',
    'CW, seen from the shaft end',
    'CCW, seen from the lead end',
    'CCW, seen from the shaft end',
    'reversible',
  ])
  expect(optionsOf(bladeFields(null), 'hand')).toEqual(['not known', 'CW', 'CCW'])
  expect(optionsOf(bodyFields(null), 'airOver')).toEqual(['not known', 'yes', 'no'])
})
it('what is on the plate is what the list stands at', () => {
  const plate = (key: string, value: string) => entryOf(motorFields(withMotorField(null, key, value)), key)
  expect(plate('horsepower', '1/3')).toMatchObject({ value: '1/3' })
  expect(plate('volts', '277')).toMatchObject({ value: '277' })
  expect(plate('phase', '3')).toMatchObject({ value: '3' })
  expect(plate('rotation', 'CW shaft-end')).toMatchObject({ value: 'CW shaft-end' })
  expect(plate('rotation', 'reversible')).toMatchObject({ value: 'reversible' })
  for (const key of ['horsepower', 'volts', 'phase', 'rotation'])
    expect(entryOf(motorFields(null), key)).toMatchObject({ value: '' })
  // Of several there is none to stand at: the text says them all.
  const two = {
    ...withMotorField(null, 'volts', '115'),
    volts: [
      { low: 115, high: 115 },
      { low: 230, high: 230 },
    ],
    horsepower: ['1/4', '1/3'],
  }
  expect([entryOf(motorFields(two), 'volts'), entryOf(motorFields(two), 'horsepower')]).toMatchObject([
    { value: '' },
    { value: '' },
  ])
  expect(texts(motorFields(two))).toMatchObject({ volts: '115 / 230 V', horsepower: '1/4 / 1/3 hp' })
})
it('a first figure changed leaves those beside it, and cleared takes all', () => {
  const three = { ...withMotorField(null, 'rpm', 1075), rpm: [1075, 825], amps: [1.4, 1.1] }
  expect(withMotorField(three, 'rpm', 1100).rpm).toEqual([1100, 825])
  expect(withMotorField(three, 'amps', 1.5).amps).toEqual([1.5, 1.1])
  expect(withMotorField(three, 'amps', null).amps).toEqual([])
  expect(texts(motorFields(three))).toMatchObject({ rpm: '1075 / 825 rpm', amps: '1.4 / 1.1 A' })
  expect(entryOf(motorFields(three), 'rpm')).toEqual({ kind: 'number', unit: 'rpm', value: 1075 })
})
it('a direction chosen is not reversible, a direction taken away is not known', () => {
  const turning = withMotorField(withMotorField(null, 'rotation', 'reversible'), 'rotation', 'CW lead-end')
  expect(turning).toMatchObject({ reversible: false, rotation: { direction: 'CW', seenFrom: 'lead-end' } })
  expect(withMotorField(turning, 'rotation', null)).toMatchObject({ reversible: null, rotation: null })
  expect(withMotorField(turning, 'rotation', 'reversible')).toMatchObject({
    reversible: true,
    rotation: null,
  })
  expect(withMotorField(turning, 'phase', null).phase).toBeNull()
  expect(withMotorField(null, 'horsepower', null).horsepower).toEqual([])
})
it('one section of a marking changes alone; a start capacitor’s range goes when sections come', () => {
  const dual = { sections: [40, 5], range: null, volts: 440, tolerancePercent: 6 }
  expect(withCanField(dual, 'section-0', 45).sections).toEqual([45, 5])
  expect(withCanField(dual, 'section-1', 7.5).sections).toEqual([40, 7.5])
  expect(withCanField(dual, 'section-0', null).sections).toEqual([5])
  const start = { sections: [], range: { low: 135, high: 162 }, volts: 330, tolerancePercent: null }
  expect(withCanField(start, 'volts', 250)).toEqual({ ...start, volts: 250 })
  expect(withCanField(start, 'section-0', null).range).toEqual({ low: 135, high: 162 })
  expect(withCanField(start, 'section-0', 40)).toMatchObject({ sections: [40], range: null })
})
it('a blade’s figures keep to the schema, with their units', () => {
  let blade = withBladeField(null, 'diameterInches', 22)
  for (const [key, value] of [
    ['blades', 3],
    ['pitchDegrees', 27],
    ['widthInches', 4.125],
    ['boreInches', 0.5],
    ['hand', 'CW'],
  ] as const)
    blade = withBladeField(blade, key, value)
  expect(v.safeParse(BladeSchema, blade).issues).toBeUndefined()
  expect(texts(bladeFields(blade))).toEqual({
    diameterInches: '22 in',
    blades: '3',
    pitchDegrees: '27 °',
    widthInches: '4.125 in',
    boreInches: '0.5 in',
    hand: 'CW',
  })
  expect(bladeFields(BLANK_BLADE).every(({ text }) => text === null)).toBe(true)
  expect(entryOf(bladeFields(blade), 'hand')).toMatchObject({ value: 'CW' })
  expect(entryOf(bladeFields(null), 'hand')).toMatchObject({ value: '' })
})
it('steepness is usual, steep or not known', () => {
  expect(
    [true, false, null].map((steep) => [
      steepField(steep).text,
      (steepField(steep).entry as { value: string }).value,
    ]),
  ).toEqual([
    ['steep', 'steep'],
    ['usual', 'usual'],
    [null, ''],
  ])
  expect(optionsOf([steepField(null)], 'steep')).toEqual(['not known', 'usual', 'steep'])
})
it('a body in the air stream, through the shaft or not, is yes, no or not known', () => {
  for (const key of ['airOver', 'throughShaft'] as const) {
    const said = (value: string | null) => {
      const body = withBodyField(null, key, value)
      return [
        body[key],
        texts(bodyFields(body))[key],
        (entryOf(bodyFields(body), key) as { value: string }).value,
      ]
    }
    expect([said('yes'), said('no'), said(null)]).toEqual([
      [true, 'yes', 'yes'],
      [false, 'no', 'no'],
      [null, null, ''],
    ])
  }
  expect(texts(bodyFields(withBodyField(null, 'shaftInches', 0.4375))).shaftInches).toBe('0.438 in')
})
