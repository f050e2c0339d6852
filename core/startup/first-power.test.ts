import { workOutHookup, type HookupRequest } from '../circuit/hookup'
import { leadSheetById } from '../motor/lead-sheets'
import { BLOWER_CAN } from '../testing/circuits'
import { requestFor, sheetOf, threePhaseRequest } from '../testing/fixtures'
import { judgeDirection } from './direction'
import {
  judgeTrouble,
  poweredHookup,
  TROUBLE_SENTENCES,
  type PoweredHookup,
  type Trouble,
} from './first-power'

const outdoor = requestFor()
const furnace = requestFor('gas-furnace-board', 'alder-33b', { can: BLOWER_CAN })
const on = (request: HookupRequest): PoweredHookup =>
  poweredHookup(request.unit, request.sheet, workOutHookup(request))

describe('a hookup as the one at the unit sees it', () => {
  it('outdoors: motor common on line 1, run on the other line, start on the fan’s section', () =>
    expect(on(outdoor)).toEqual({
      blower: false,
      feeds: [
        {
          mode: 'cooling',
          line1: 'black on T1 on the contactor',
          line2: expect.stringMatching(/^white on /),
        },
      ],
      phases: [],
      start: expect.stringMatching(/^brown on the [\d.]+ µF section of the new can$/),
      microfarads: sheetOf('rowan-25r').capacitor?.microfarads,
    }))
  it('a blower: in each mode the one tap that is live then, and the line lead; two capacitor leads', () => {
    const { feeds, start, blower } = on(furnace)
    expect(blower).toBe(true)
    // Nobody put a lead on the output for fan only, and the technician said so: the motor is not fed in it.
    const { modes, posts } = furnace.unit
    expect(feeds.map(({ mode }) => mode)).toEqual(
      modes.filter(({ id, fanRuns }) => fanRuns && id !== 'circulation').map(({ name }) => name),
    )
    const neutral = posts.find((p) => p.kind === 'neutral')
    for (const { line1, line2 } of feeds) {
      // One lead, on one of the board’s outputs; two taps live at once would be named both.
      expect(line1).toMatch(/^[a-z /]+ on \S+ on the [a-z ]+$/)
      expect(line2).toContain(` on ${neutral?.label} `)
    }
    expect(new Set(feeds.map(({ line1 }) => line1)).size).toBeGreaterThan(1)
    expect(start).toMatch(/^\S+ on .* and \S+ on /)
  })
  it('a lead that is nowhere feeds nothing, and that is said', () => {
    const loose = on({ ...outdoor, placements: [{ lead: 'black', goes: { kind: 'loose' } }] })
    expect(loose.feeds).toEqual([{ mode: 'cooling', line1: null, line2: expect.any(String) }])
    expect(judgeTrouble('nothing', loose).causes[1]).toBe(
      'In cooling no lead of the motor is on what is switched on: it cannot run then. See the board.',
    )
    expect(
      on({ ...outdoor, placements: [{ lead: 'brown', goes: { kind: 'post', post: 'GND' } }] }).start,
    ).toBe('brown on the chassis ground')
    expect(on({ ...outdoor, placements: [{ lead: 'brown', goes: { kind: 'insulated' } }] }).start).toBe(
      'brown on no post',
    )
  })
})

const ON: PoweredHookup = {
  blower: false,
  feeds: [
    { mode: 'cooling', line1: 'black on T1', line2: 'white on T2' },
    { mode: 'heating', line1: 'black on T1', line2: null },
  ],
  phases: [],
  start: 'brown on FAN',
  microfarads: 7.5,
}
const BLOWER: PoweredHookup = { ...ON, blower: true }
const ELECTRONIC: PoweredHookup = { ...ON, start: null, microfarads: null }
const causes = (seen: Trouble, hookup: PoweredHookup) => judgeTrouble(seen, hookup).causes

describe('what to look at', () => {
  it('hums and stands: what starts it, what its capacitor must read, the shaft by hand, the motor last', () => {
    expect(judgeTrouble('hums', ON)).toEqual({
      text: 'It hums and stands. Power off at once: a motor that stands overheats. Locked out and proven dead, in this order:',
      causes: [
        'What starts it: brown on FAN. Loose, or on another post, and there is no starting torque.',
        'The capacitor, discharged: for this motor it must read 7.5 µF. Open or far too small, it does the same.',
        'The blade by hand: it must turn freely. One that rubs, a hub against the motor’s body, or a seized bearing.',
        'The motor itself.',
      ],
      next: 'capacitor',
    })
    expect(judgeTrouble('hums', ELECTRONIC)).toMatchObject({
      causes: [expect.stringMatching(/^The blade by hand/), 'The motor itself.'],
      next: 'board',
    })
    expect(causes('hums', BLOWER)[2]).toMatch(/^The wheel by hand/)
  })
  it('nothing at all: called or not, then between which two leads the volts of each mode must be', () => {
    expect(causes('nothing', ON)).toEqual([
      'Whether it is called at all: thermostat, door switch, float switch, disconnect, fuse.',
      'In cooling, live and for those qualified: volts between black on T1 and white on T2. None: the contactor, its coil or the call. The supply’s volts: a splice, or the motor.',
      'In heating no lead of the motor is on the other line: it cannot run then. See the board.',
      'A motor that is hot may have its overload open: let it cool before its windings are judged.',
    ])
    expect(causes('nothing', BLOWER)[1]).toContain(
      'None: this mode switches another output, or none. The supply’s volts',
    )
    expect(judgeTrouble('nothing', ON).next).toBe('board')
  })
  it('breaker or fuse: not closed again, the leads end by end, each to the frame, and a can that is one', () => {
    expect(judgeTrouble('trips', ON)).toMatchObject({
      next: 'board',
      text: expect.stringContaining('do not close it again'),
    })
    expect(causes('trips', ON)).toEqual([
      'Every lead against the board, end by end: one on a wrong post shorts line to line, or to the frame.',
      'Each motor lead to the frame in ohms, off its post: a good one reads megohms.',
      'The capacitor, discharged: each section to C, and to its shell. Near 0 Ω is a short.',
      'A pinched or bare wire; the fuse or breaker against the unit’s plate.',
    ])
    expect(causes('trips', ELECTRONIC)).toHaveLength(3)
  })
  it('cuts out: what overloads it, of a blower the door, of an outdoor fan the coil and the blade', () => {
    expect(causes('cuts-out', ON)).toEqual([
      'Amps in each mode against its rating.',
      'The supply’s volts while it runs: too few or too many heat a motor.',
      'The capacitor under load.',
      'Air through the coil: a dirty coil, a blade too deep, or one too steep for this motor.',
      'Its speed against the old motor’s: a faster one on the same blade or wheel is overloaded.',
    ])
    expect(causes('cuts-out', BLOWER)[3]).toMatch(/^The door on/)
    expect(causes('cuts-out', ELECTRONIC)).not.toContain('The capacitor under load.')
    expect(judgeTrouble('cuts-out', ON)).toMatchObject({
      next: null,
      text: expect.stringContaining('Let it cool'),
    })
  })
  it('noise: what may touch, then the hub, the motor in its mount, a bearing', () => {
    expect(causes('noise', ON)[0]).toBe('The blade by hand: it must clear shroud and guard all round.')
    expect(causes('noise', BLOWER)[0]).toBe('The wheel by hand: it must touch its housing on neither side.')
    expect(causes('noise', ON).slice(1)).toEqual([
      'The hub: its screw on the flat and tight, and not against the motor’s body.',
      'The motor on its base or in its band: tight, its leads tied clear of what turns.',
      'A bearing: with the blade off, the shaft is quiet in the hand.',
    ])
    expect(judgeTrouble('noise', ON)).toMatchObject({
      next: 'mount',
      text: expect.stringContaining('Power off before'),
    })
  })
  it('each has its own sentence, and a motor without a sheet’s capacitor is not asked for one', () => {
    expect(new Set(Object.values(TROUBLE_SENTENCES)).size).toBe(5)
    const teal = leadSheetById('teal-33e')
    if (!teal) throw new Error('no electronic motor')
    expect(on({ ...outdoor, sheet: teal, can: null })).toMatchObject({ microfarads: null, start: null })
  })
})

describe('three phases', () => {
  const request = threePhaseRequest()
  it('are read pair by pair, in their places', () => {
    expect(judgeTrouble('nothing', on(request)).causes[1]).toBe(
      'In cooling, live and for those qualified: volts between each two of black on T1 on the contactor, red on T2 on the contactor and blue on T3 on the contactor. None: the contactor, its coil or the call. One pair only: a line is missing. Three alike: a splice, or the motor.',
    )
    const capped = on({ ...request, placements: [{ lead: 'red', goes: { kind: 'insulated' } }] })
    expect(judgeTrouble('nothing', capped).causes[1]).toBe(
      'In cooling the motor is on 2 of the three lines only: it cannot run then. See the board.',
    )
  })
  it('backwards: two of its own leads change places, from where they are, and nothing else', () => {
    const placed = on({
      ...request,
      placements: [
        { lead: 'red', goes: { kind: 'post', post: 'T3' } },
        { lead: 'blue', goes: { kind: 'post', post: 'T2' } },
      ],
    })
    const { verdict, steps, exchange } = judgeDirection({
      turned: 'backwards',
      sheet: request.sheet,
      set: 'CW',
      advised: null,
      on: placed,
    })
    expect(verdict).toBe('exchange-leads')
    expect(steps[0]).toBe('Exchange black on T1 on the contactor and red on T3 on the contactor.')
    expect(steps[1]).toContain(
      'two incoming lines or two of the compressor’s exchanged turn the compressor backward',
    )
    expect(exchange).toEqual([
      { lead: 'black', to: { kind: 'post', post: 'T3' } },
      { lead: 'red', to: { kind: 'post', post: 'T1' } },
    ])
  })
  it('a motor on two of three lines is told of those two', () => {
    const two = requestFor('packaged-three-phase-fan-on-two')
    expect(on(two).feeds).toEqual([
      { mode: 'cooling', line1: 'black on T1 on the contactor', line2: 'white on T2 on the contactor' },
    ])
    const moved = on({ ...two, placements: [{ lead: 'white', goes: { kind: 'post', post: 'T3' } }] })
    expect(moved.feeds[0]).toMatchObject({
      line1: 'black on T1 on the contactor',
      line2: 'white on T3 on the contactor',
    })
  })
})
