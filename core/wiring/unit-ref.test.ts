// A unit is one that ships, by its id, or a whole one: what is wrong in that is said at its own field.
import * as v from 'valibot'
import { problemsOf } from '../quantity/problem'
import { unitOf } from '../testing/fixtures'
import { UnitRefSchema } from './unit-ref'

const OWN = { ...unitOf('cooling-1-pole-shared-capacitor'), id: 'own-1' }
const said = (input: unknown) => {
  const parsed = v.safeParse(UnitRefSchema, input)
  return parsed.success ? [] : problemsOf(parsed.issues).map(({ path, message }) => `${path}: ${message}`)
}

it('takes either', () => {
  expect(said('fan-coil-three-speed')).toEqual([])
  expect(said(OWN)).toEqual([])
})
it('an id that none has', () =>
  expect(said('attic-fan')[0]).toContain(': The unit type must be one of: cooling-1-pole'))
it('the id of one that ships is not taken for another', () =>
  expect(said({ ...OWN, id: 'gas-furnace-board' })).toEqual([
    'id: “gas-furnace-board” is a unit that ships with the app.',
  ]))
it('what is wrong in a whole one, field by field', () => {
  expect(said({ ...OWN, volts: 5 })).toEqual(['volts: A supply below 24 V feeds no fan motor.'])
  expect(said({ ...OWN, posts: [{ ...OWN.posts[0], kind: 'attic' }] })[0]).toMatch(
    /^posts\.0\.kind: A terminal is one of: ([a-z-]+, )+[a-z-]+\.$/,
  )
  expect(said({ ...OWN, name: 'x'.repeat(121) })).toEqual([
    'name: The unit’s name is longer than 120 letters.',
  ])
  expect(said({ ...OWN, version: 2 })).toEqual([
    'version: This unit type is of another version; version 1 is read here.',
  ])
  expect(said({ ...OWN, attic: 1 })).toEqual([
    ': “attic” is not a field Oak Switch knows here.'.replace(/^:/, 'attic:'),
  ])
  expect(
    said({ ...OWN, posts: Array.from({ length: 61 }, (_, i) => ({ ...OWN.posts[0], id: `P${i}` })) }),
  ).toContain('posts: Terminals are more than 60.')
})
it('a wire whose id could be no field of a job is refused', () =>
  expect(said({ ...OWN, typicalWires: [{ id: '__proto__', from: 'T1', to: 'motor' }] })[0]).toBe(
    'typicalWires.0.id: A wire’s id has letters, digits, space, . _ / - only.',
  ))
it('its copper is looked at', () =>
  expect(said({ ...OWN, links: [...OWN.links, { from: 'L1', to: 'L2', what: 'odd' }] })[0]).toContain(
    'are joined: a dead short.',
  ))
