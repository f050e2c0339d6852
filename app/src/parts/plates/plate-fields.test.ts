import * as v from 'valibot'
import { CanMarkingSchema } from '@oak/core/capacitor/marking'
import { MotorPlateSchema, UnitPlateSchema } from '@oak/core/motor/nameplate'
import { STANDARD_HORSEPOWER } from '@oak/core/motor/horsepower'
import { MechanicalSchema } from '@oak/core/motor/lead-sheet'
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
