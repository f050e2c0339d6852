// The start lead in each wrong place, and what is said of it; by hand from the unit's copper.
import { CAN, hookupWith, onPost, requestFor, tracedWires, unitOf } from '../../testing/fixtures'
import type { HookupRequest } from '../hookup'

const UNIT = 'cooling-1-pole-shared-capacitor'
const found = (code: string, request: HookupRequest, moves: Parameters<typeof hookupWith>[1]) =>
  hookupWith(request, moves)
    .proof.hazards.filter((h) => h.code === code)
    .map((h) => [h.severity, h.message, h.leads])
const wiresWith = (id: string, from: string) =>
  tracedWires(unitOf(UNIT)).map((w) => (w.id === id ? { ...w, from } : w))

it.each(['T1', 'T2', 'L1', 'CAN-C'])('on %s, a line or what is joined to one, it burns or hums', (post) =>
  expect(found('start-on-line', requestFor(UNIT), { brown: onPost(post) })).toEqual([
    [
      'stop',
      'Start reaches a line or another lead without its capacitor: the start winding burns, or the motor only hums.',
      // Its own lead first, then those of the other windings that stand on the same copper.
      expect.arrayContaining(['brown']),
    ],
  ]),
)
it('on the compressor’s section it takes from the compressor', () =>
  expect(found('section-serves-two-loads', requestFor(UNIT), { brown: onPost('CAN-20a') })).toEqual([
    ['stop', 'The start lead is on the compressor’s section: no section may serve two loads.', ['brown']],
  ]))
it('where no capacitor is, the fan does not start', () =>
  expect(found('start-open', requestFor(UNIT), { brown: onPost('GND') })).toEqual([
    ['stop', 'The start lead reaches no capacitor section: the fan will not start.', ['brown']],
  ]))
it('insulated it is on no section either: that is told of its lead, not as a wrong section', () => {
  const codes = hookupWith(requestFor(UNIT), { brown: { kind: 'insulated' } }).proof.hazards.map(
    (h) => h.code,
  )
  expect(codes).not.toContain('start-open')
  expect(codes).toContain('lead-not-landed')
})

describe('the other side of its capacitor', () => {
  it('on motor common’s line leaves no torque: C tied to T1, where black is', () =>
    expect(
      found('capacitor-off-run', requestFor(UNIT, 'rowan-25r', { wires: wiresWith('tie', 'T1') }), {
        black: onPost('T1'),
        white: onPost('T2'),
      }),
    ).toEqual([
      [
        'stop',
        'The far side of the fan’s capacitor is on motor common’s line, not on run’s: the motor has no starting torque.',
        // The run's return could bring run to it; then start itself.
        ['brown/white', 'brown'],
      ],
    ]))
  it('not on run: the start winding gets no current', () =>
    expect(found('capacitor-off-run', requestFor(UNIT), { white: { kind: 'insulated' } })).toEqual([
      [
        'stop',
        'The far side of the fan’s capacitor does not reach run: the start winding gets no current.',
        ['brown/white', 'brown'],
      ],
    ]))
})

it('µF are held against the tag with its tolerance; the wrong section is named with what it gives', () =>
  expect(found('capacitor-wrong-value', requestFor(UNIT), { brown: onPost('CAN-10') })).toEqual([
    ['stop', 'The start lead gets 10 µF; the motor’s tag asks for 7.5 µF ± 6 %.', ['brown']],
  ]))
it('as advised nothing is said', () => {
  expect(CAN.sections).toHaveLength(6)
  expect(hookupWith(requestFor(UNIT), {}).proof.hazards).toEqual([])
})
