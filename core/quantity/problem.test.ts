// What is said of a field that was left out: the trade's word for it, never a type.
import * as v from 'valibot'
import { problemsOf } from './problem'

const lacking = (key: string) =>
  problemsOf(v.safeParse(v.strictObject({ [key]: v.number() }), {}).issues ?? []).map((p) => [
    p.path,
    p.message,
  ])

it.each([
  ['accuracy', 'The meter’s accuracy is missing.'],
  ['amps', 'The amps in the start lead are missing.'],
  ['between', 'The two posts of the reading are missing.'],
  ['can', 'The new can is missing.'],
  ['counts', 'The meter’s counts are missing.'],
  ['direction', 'The direction is missing.'],
  ['diameterInches', 'The blade’s diameter is missing.'],
  ['from', 'The wire’s first end is missing.'],
  ['hertz', 'The supply’s hertz are missing.'],
  ['leads', 'The leads are missing.'],
  ['loads', 'The loads are missing.'],
  ['microfarads', 'The µF are missing.'],
  ['ohms', 'The resistor’s ohms are missing.'],
  ['pairs', 'The pair readings are missing.'],
  ['percent', 'The meter’s percent is missing.'],
  ['posts', 'The can’s posts are missing.'],
  ['quantity', 'What was read is missing.'],
  ['rating', 'The rated µF are missing.'],
  ['reading', 'The reading is missing.'],
  ['resistor', 'The resistor is missing.'],
  ['resolution', 'The meter’s resolution is missing.'],
  ['sections', 'The can’s sections are missing.'],
  ['seenFrom', 'The end it is seen from is missing.'],
  ['sheet', 'The motor’s lead sheet is missing.'],
  ['text', 'The line is missing.'],
  ['to', 'The wire’s second end is missing.'],
  ['tolerancePercent', 'The tolerance is missing.'],
  ['unit', 'The unit type is missing.'],
  ['value', 'The reading’s value is missing.'],
  ['volts', 'The volts are missing.'],
  ['watts', 'The resistor’s watts are missing.'],
  ['wanted', 'The wanted rotation is missing.'],
  ['wires', 'The old wires are missing.'],
  ['bearings', '“bearings” is missing.'],
])('%s', (key, message) => expect(lacking(key)).toEqual([[key, message]]))

it('a field that nobody knows is named, and a wrong value has the words of its own check', () => {
  const schema = v.strictObject({ a: v.pipe(v.number('A is a number.'), v.minValue(1, 'A is 1 at least.')) })
  const said = (value: unknown) => problemsOf(v.safeParse(schema, value).issues ?? []).map((p) => p.message)
  expect(said({ a: 1, torque: 2 })).toEqual(['“torque” is not a field Oak Switch knows here.'])
  expect([said({ a: 'x' }), said({ a: 0 })]).toEqual([['A is a number.'], ['A is 1 at least.']])
})
