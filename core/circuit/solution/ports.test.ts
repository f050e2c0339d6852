// The short way to the torque against the whole circuit solved anew at each slip: the same figure, whatever is joined to what.
import fc from 'fast-check'
import { BLOWER_CAN, circuitInput, circuitOf, NO_CIRCUIT } from '../../testing/circuits'
import { CAN, ONE_PHASE, onPost } from '../../testing/fixtures'
import { hookupPosts } from '../../wiring/hookup-posts'
import { torqueBySlip } from './ports'
import { prepare, torqueAt } from './solve'

const SHEETS = { outdoor: ['rowan-25r', 'rowan-33m', 'rowan-16f'], blower: ['alder-33b'] } as const
const LEADS = ['black', 'white', 'brown', 'brown/white', 'blue', 'red']

const hookups = fc.constantFrom(...ONE_PHASE).chain((unit) => {
  const posts = hookupPosts(unit, unit.traits.fan === 'blower' ? BLOWER_CAN : CAN).map((post) => post.id)
  const goes = fc.oneof(fc.constantFrom(...posts).map(onPost), fc.constant({ kind: 'insulated' as const }))
  return fc.record({
    unit: fc.constant(unit.id),
    sheet: fc.constantFrom(...SHEETS[unit.traits.fan === 'blower' ? 'blower' : 'outdoor']),
    moves: fc.dictionary(fc.constantFrom(...LEADS), goes, { maxKeys: 3 }),
    mode: fc.constantFrom(...unit.modes.map((mode) => mode.id)),
  })
})

const slips = fc.double({ min: 0.001, max: 1.999, noNaN: true })

/** Of the rated torque: what the whole way and the short one may differ by, where the torque itself is no larger. */
const NEAR = 1e-7

it('is what the whole circuit gives, for any wiring, slip and direction', () =>
  fc.assert(
    fc.property(hookups, slips, fc.constantFrom(1 as const, -1 as const), (hookup, slip, sense) => {
      const input = circuitInput(hookup.unit, hookup.sheet, hookup.moves)
      const prepared = prepare(circuitOf(input, hookup.mode).circuit)
      const short = torqueBySlip(prepared, sense)(slip)
      const whole = torqueAt(prepared, slip, sense)
      const rated = input.machine?.rating.torque ?? 1
      expect(Math.abs(short - whole)).toBeLessThan(NEAR * Math.max(rated, Math.abs(whole)))
    }),
    { numRuns: 150, seed: 41 },
  ))

it('a circuit without a machine has no torque', () => {
  const prepared = prepare(NO_CIRCUIT)
  expect(torqueBySlip(prepared, 1)(0.5)).toBe(0)
})
