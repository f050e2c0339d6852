import { describeMode, type Mode } from './mode-model'

const SET = { direction: 'CW', seenFrom: 'lead-end' } as const
interface Solved {
  readonly fanRuns?: boolean
  readonly direction?: number
  readonly amps?: number
  readonly volts?: number | null
  readonly line?: string | null
}
const mode = ({ fanRuns = true, direction = 1, amps = 1.62, volts = null, line = 'black' }: Solved) =>
  ({
    fanRuns,
    solution: {
      motor: { direction, amps, line, capacitorVolts: volts, rpm: 1093.4, startTorque: -0.317 },
      // The compressor's section stands higher, and is not the fan's.
      sections: [{ id: '40', volts: 402, amps: 6 }],
    },
  }) as unknown as Mode

it('a motor that runs tells speed, amps, the fan’s capacitor volts and start torque, in its own figures', () =>
  expect(describeMode(mode({ volts: 372.4 }), SET, true)).toEqual({
    turning: SET,
    does: 'Starts',
    figures: ['1093 rpm', '1.6 A in black', 'capacitor 372 V', 'start torque 32 %'],
  }))
it('one that starts the other way is drawn the other way', () =>
  expect(describeMode(mode({ direction: -1 }), SET, true).turning).toEqual({
    direction: 'CCW',
    seenFrom: 'lead-end',
  }))
it('one that stands says whether it ought to run, and gives no figures', () => {
  expect(describeMode(mode({ direction: 0 }), SET, true)).toMatchObject({
    does: 'Does not start; set to',
    figures: [],
  })
  expect(describeMode(mode({ direction: 0, fanRuns: false }), SET, true)).toMatchObject({
    does: 'Stands; set to',
    figures: [],
  })
})
it('without a winding model only the amps tell that it runs', () => {
  expect(describeMode(mode({ direction: 0, amps: 1.4, line: null }), SET, false)).toMatchObject({
    does: 'Starts',
    figures: ['1.4 A'],
  })
  expect(describeMode(mode({ direction: 0, amps: 0.05 }), SET, false)).toMatchObject({
    does: 'Does not start; set to',
    figures: [],
  })
})
it('before anything is solved it stands as it is set', () =>
  expect(describeMode(undefined, SET, true)).toEqual({ turning: SET, does: 'Stands; set to', figures: [] }))
it('a tenth of an ampere is none; nothing across the capacitor is not told', () => {
  expect(describeMode(mode({ direction: 0, amps: 0.1 }), SET, false).does).toBe('Does not start; set to')
  expect(describeMode(mode({ direction: 0, amps: 0.11 }), SET, false).does).toBe('Starts')
  for (const volts of [null, 0])
    expect(describeMode(mode({ volts }), SET, true).figures).toEqual([
      '1093 rpm',
      '1.6 A in black',
      'start torque 32 %',
    ])
  expect(describeMode(mode({ direction: -1 }), { ...SET, direction: 'CCW' }, true).turning?.direction).toBe(
    'CW',
  )
})

it('three phases: which way it turns is not known, and without power it says whether it ought to have some', () => {
  expect(describeMode(mode({ amps: 4.26 }), null, false)).toEqual({
    turning: null,
    does: 'On power. Which way it turns, first power shows.',
    figures: ['4.3 A in each of its three leads'],
  })
  const without = (fanRuns: boolean) => describeMode(mode({ amps: 0.1, fanRuns }), null, false)
  expect(without(true)).toEqual({ turning: null, does: 'Has no power.', figures: [] })
  expect(without(false)).toEqual({ turning: null, does: 'Stands.', figures: [] })
  expect(describeMode(undefined, null, false).does).toBe('Stands.')
})
