// Crossed speeds: which pair is told, by which names, with which effect. By hand: cooling wants the most air, heating less, the fan alone least.
import { BLOWER_CAN } from '../../testing/circuits'
import { hookupWith, onPost, requestFor, tracedWires, unitOf } from '../../testing/fixtures'

const FURNACE = requestFor('gas-furnace-board', 'alder-33b', { can: BLOWER_CAN })
const withCirc = {
  ...FURNACE,
  unusedOutputs: [],
  wires: tracedWires(unitOf('gas-furnace-board')).map((w) =>
    w.id === 'spare-1' ? { ...w, from: 'CIRC' } : w,
  ),
}
const crossed = (request: typeof FURNACE, moves: Parameters<typeof hookupWith>[1]) =>
  hookupWith(request, moves)
    .proof.hazards.filter((h) => h.code === 'speeds-crossed')
    .map((h) => [h.severity, h.message, h.leads, h.modes])

it('the taps of cooling and heating exchanged', () =>
  expect(crossed(FURNACE, { black: onPost('HEAT'), red: onPost('COOL') })).toEqual([
    [
      'watch',
      'In cooling the blower runs at low, in heating at high: cooling wants the more air; with too little air the coil can ice over, the air comes out cooler.',
      ['red', 'black'],
      ['cooling', 'heating'],
    ],
  ]))
it('the taps of heating and the fan alone exchanged', () =>
  expect(crossed(withCirc, { blue: onPost('CIRC'), red: onPost('HEAT') })).toEqual([
    [
      'watch',
      'In heating the blower runs at low, in fan only at medium: heating wants the more air; the temperature rise goes up and the limit can trip.',
      ['red', 'blue'],
      ['heating', 'circulation'],
    ],
  ]))
it('as advised none are, with two outputs or three', () => {
  expect(crossed(FURNACE, {})).toEqual([])
  expect(crossed(withCirc, {})).toEqual([])
})
it('speeds alike are not crossed: one tap may serve two modes', () =>
  expect(crossed({ ...FURNACE, speedChoices: { COOL: 'low', HEAT: 'low' } }, {})).toEqual([]))
it('chosen the wrong way round they are crossed, as by hand', () =>
  expect(crossed({ ...FURNACE, speedChoices: { COOL: 'low', HEAT: 'high' } }, {})).toHaveLength(1))
it('on a switch of three speeds the pair that stands highest is told, with no effect made up', () =>
  expect(
    crossed(requestFor('fan-coil-three-speed', 'alder-33b', { can: BLOWER_CAN }), {
      black: onPost('LO'),
      red: onPost('HI'),
    }),
  ).toEqual([
    [
      'watch',
      'In high the blower runs at low, in medium at medium: high wants the more air.',
      ['red', 'blue'],
      ['high', 'medium'],
    ],
  ]))

it('a tap that is live while the blower should stand is no speed of a mode: that is told where it is looked for', () => {
  // The sequencer is bridged: with the relay’s coil off the slow tap is live, also in off.
  const base = requestFor('electric-furnace-relay-sequencer', 'alder-33b', { can: BLOWER_CAN })
  const bridge = { id: 'bridge', from: 'L1', to: 'S-OUT', segments: [], traced: true, stated: [] }
  const bridged = { ...base, wires: [...base.wires, bridge] }
  expect(crossed(bridged, {})).toEqual([])
})
