import * as v from 'valibot'
import { OPERATIONS, runOperation } from './registry'
import { TAPS, GOOD, sheet } from './testing/inputs'

const error = (name: string, input: unknown) => {
  const result = runOperation(name, input)
  return result.ok ? 'no error' : `${result.error.path}: ${result.error.message}`
}

describe('every operation', () => {
  it.each(OPERATIONS.map((o) => [o.name, o] as const))(
    '%s answers in the shape it publishes',
    (name, operation) => {
      const result = runOperation(name, GOOD[name])
      expect(result.ok).toBe(true)
      if (result.ok) expect(v.safeParse(operation.output, result.output).issues).toBeUndefined()
    },
  )
  it.each(OPERATIONS.map((o) => o.name))('%s survives what is not an object', (name) => {
    for (const input of [null, 3, 'x', [], undefined])
      expect(error(name, input)).toBe(': The input must be one JSON object.')
  })
  it.each(OPERATIONS.map((o) => [o.name, o.help]))('%s says in one line what it is for', (_, help) => {
    expect(help).toMatch(/^[A-Z].{30,}[^.]$|^[A-Z].{30,}\.$/)
    expect(help).not.toContain('\n')
  })
  it('that does not exist is named', () =>
    expect(error('weld', {})).toContain(
      'There is no operation called “weld”. There are: make-safe, discharge, diagnose,',
    ))
})

it('a load nothing can reach is an answer that names it', () => {
  const result = runOperation('tap-plan', { ...TAPS, loads: [{ load: 'FAN', microfarads: 80 }] })
  expect(result).toMatchObject({
    ok: true,
    output: {
      feasible: false,
      nearest: { groups: [{ microfarads: 5 }] },
      problems: [{ path: 'loads.0.microfarads' }],
    },
  })
})

it('rotation names both ends and the plug', () => {
  expect(runOperation('rotation', { wanted: { direction: 'CW', seenFrom: 'shaft-end' }, sheet })).toEqual({
    ok: true,
    output: {
      wanted: { direction: 'CW', seenFrom: 'shaft-end' },
      leadEnd: 'CCW',
      shaftEnd: 'CW',
      sources: [],
      conflict: null,
      ends: null,
      join: [
        ['purple', 'orange'],
        ['yellow', 'plug brown'],
      ],
      refusal: null,
    },
  })
})

it('where both ends have a shaft it says which one the shaft end is', () => {
  const both = { ...sheet, mechanical: sheet.mechanical && { ...sheet.mechanical, throughShaft: true } }
  expect(
    runOperation('rotation', { wanted: { direction: 'CW', seenFrom: 'shaft-end' }, sheet: both }),
  ).toMatchObject({ output: { ends: 'Both ends have a shaft: “shaft end” is the one away from the leads.' } })
})

it('a curve stands on the supply that is said, else on what the motor is rated for', () => {
  const chosen = (more: object) => {
    const result = runOperation('motor-curve', { sheet, points: 3, ...more })
    return result.ok ? (result.output as { chosen: { amps: number; startTorque: number } }).chosen : null
  }
  // Start torque goes with the square of the volts (textbook): the sheet is rated up to 230 V.
  const rated = chosen({})
  expect(chosen({ volts: 230 })).toEqual(rated)
  const [low, high] = [chosen({ volts: 207 })?.startTorque ?? 0, rated?.startTorque ?? 1]
  expect(low / high).toBeCloseTo(0.81, 6)
})
