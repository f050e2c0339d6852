// The drive in each mode, by hand from the unit types' switches: what is wrong in two modes alike is told once, with both names.
import { hookupWith, onPost, requestFor } from '../../testing/fixtures'

const heatPump = (lead: string, post: string) =>
  hookupWith(requestFor('heat-pump-1-pole-shared-capacitor'), { [lead]: onPost(post) }).proof

test('a heat pump is proven in heating too: the fan runs as in cooling, and stands in defrost', () => {
  const { proof } = hookupWith(requestFor('heat-pump-1-pole-shared-capacitor'), {})
  expect(proof.modes.map(({ mode, fanRuns, solution }) => [mode, fanRuns, solution.motor.direction])).toEqual(
    [
      ['off', false, 0],
      ['cooling', true, 1],
      ['heating', true, 1],
      ['defrost', false, 0],
    ],
  )
  expect(proof.sentence).toBe('Proven in off, cooling, heating and defrost.')
})

test('motor common on the other line has no volts across the motor in both running modes, and is told once', () => {
  // One pole: T2 is L2 for good, where run is.
  const found = heatPump('black', 'T2').hazards.filter((h) => h.code === 'no-voltage-across-motor')
  expect(found.map((h) => [h.message, h.modes])).toEqual([
    [
      'Motor common and run are on the same line in cooling and heating: there is no voltage across the motor.',
      ['cooling', 'heating'],
    ],
  ])
})

test('motor common past the defrost relay runs the fan in defrost, and the wire is named', () => {
  const proof = heatPump('black', 'T1')
  expect(proof.verdict).toBe('stop')
  expect(proof.hazards.find((h) => h.code === 'runs-in-defrost')).toMatchObject({
    message: 'The fan keeps running in defrost: motor common bypasses the defrost board’s relay.',
    modes: ['defrost'],
    move: { lead: 'black', to: onPost('DF2') },
  })
})

test('motor common that stays on a line while run is dead is watched, by custom', () => {
  // One pole: T1 is opened, T2 is L2 for good.
  const { hazards } = hookupWith(requestFor('cooling-1-pole-shared-capacitor'), {
    black: onPost('T2'),
    white: onPost('T1'),
  }).proof
  expect(hazards.find((h) => h.code === 'motor-common-unswitched')?.message).toBe(
    'Motor common stays on a line in off; by custom it is the switched side.',
  )
  // Run on the line that stays is the custom itself.
  const usual = hookupWith(requestFor('cooling-1-pole-shared-capacitor'), {}).proof
  expect(usual.hazards).toEqual([])
})
