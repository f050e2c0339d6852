import { tracedWires, unitOf } from '../testing/fixtures'
import { UNIT_TYPES } from '../wiring/unit-types'
import { makeSafe } from './make-safe'

const live = (id: string) =>
  makeSafe(unitOf(id), tracedWires(unitOf(id))).liveWithOff.map((p) => `${p.post} ${p.line}`)

it('a one-pole contactor leaves its un-switched side live, with the motor and cap C on it', () => {
  // By hand: L2 is shunted to T2; the tie brings T2 to C; the compressor's R hangs on T2.
  expect(live('cooling-1-pole-shared-capacitor')).toEqual(['T2 line2', 'C line2', 'COMP-R line2'])
  expect(makeSafe(unitOf('cooling-1-pole-shared-capacitor'), []).sentence).toBe(
    'Thermostat off is not dead: T2 on the contactor stays on line 2, and through it every lead of the stopped motor.',
  )
})
it('a two-pole contactor takes both down', () => {
  expect(live('cooling-2-pole-shared-capacitor')).toEqual([])
  expect(makeSafe(unitOf('cooling-2-pole-shared-capacitor'), []).sentence).toContain(
    'nothing behind the contactor is on a line',
  )
})
it('a blower’s neutral is never switched', () =>
  expect(makeSafe(unitOf('fan-coil-three-speed'), []).sentence).toContain(
    'neutral on the splice box is never switched, and the motor hangs on it',
  ))
it('recorded wires count: a tie moved to the switched side takes C down', () => {
  const unit = unitOf('cooling-1-pole-shared-capacitor')
  expect(
    makeSafe(
      unit,
      tracedWires(unit).map((w) => (w.id === 'tie' ? { ...w, from: 'T1' } : w)),
    ).liveWithOff.map((p) => p.post),
  ).toEqual(['T2', 'COMP-R'])
})
it.each(UNIT_TYPES.map((u) => [u.id, u] as const))(
  '%s says what to open, what stays live, and proves each line to the chassis',
  (_, unit) => {
    const safe = makeSafe(unit, [])
    expect([
      safe.open.length > 1,
      safe.staysLive.length > 0,
      new Set(safe.prove.map((p) => p.id)).size === safe.prove.length,
    ]).toEqual([true, true, true])
    const proven = (post: string) =>
      safe.prove.some(
        (p) =>
          p.between.includes(post) &&
          p.between.some((id) => unit.posts.find((x) => x.id === id)?.kind === 'earth'),
      )
    expect([proven(unit.supply.line1), proven(unit.supply.line2)]).toEqual([true, true])
  },
)
