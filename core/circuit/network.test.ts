import { workOutHookup } from './hookup'
import { hookupWith, onPost, requestFor, sheetOf } from '../testing/fixtures'
import { setLeads } from '../motor/settings'
import { Conductors } from '../wiring/conductors'
import { buildNetwork, COMMON, leadPoint, RUN, START } from './network'
import { copperIn, potentials } from './potential'

const hookupOf = (unit: string, sheetId = 'rowan-25r') => {
  const request = requestFor(unit, sheetId)
  const answer = workOutHookup(request)
  const leads = setLeads(request.sheet, {
    horsepower: answer.horsepower,
    rotation: answer.plug.set,
    speed: answer.speed,
  })
  return {
    unit: request.unit,
    can: answer.can,
    unitWires: [...answer.unitWires, ...answer.added],
    leads,
    placements: answer.placements,
  }
}

describe('conductors', () => {
  it('join step by step, and know nothing of strangers', () => {
    const copper = new Conductors()
    copper.join('a', 'b')
    copper.join('c', 'd')
    expect([
      copper.joined('a', 'b'),
      copper.joined('a', 'c'),
      copper.joined('x', 'y'),
      copper.joined('x', 'x'),
    ]).toEqual([true, false, false, true])
    copper.join('b', 'c')
    expect(copper.joined('a', 'd')).toBe(true)
  })
  it('survive loops of jumpers', () => {
    const copper = new Conductors()
    for (const [a, b] of [
      ['a', 'b'],
      ['b', 'c'],
      ['c', 'a'],
      ['a', 'a'],
    ] as const)
      copper.join(a, b)
    expect(copper.find('a')).toBe(copper.find('c'))
  })
})

describe('the network', () => {
  it('takes run-return as run, and every idle tap as a point of its own', () => {
    const sheet = sheetOf('rowan-33m')
    const leads = setLeads(sheet, {
      horsepower: sheet.settings.horsepower[0]!,
      rotation: sheet.settings.rotation[0]!,
      speed: null,
    })
    const points = Object.fromEntries(leads.map((l) => [l.lead.id, leadPoint(l)]))
    expect(points).toMatchObject({
      black: COMMON,
      white: RUN,
      'brown/white': RUN,
      brown: START,
      blue: 'MOTOR:power-tap:blue',
      red: 'MOTOR:power-tap:red',
    })
  })
  it('holds a capacitor for each section, and the one that stays with its value unknown', () => {
    expect(buildNetwork(hookupOf('cooling-1-pole-shared-capacitor')).capacitors).toHaveLength(6)
    const own = buildNetwork(hookupOf('cooling-1-pole-own-capacitor')).capacitors
    expect(own.filter((c) => c.microfarads === null)).toEqual([
      { a: 'H1', b: 'H2', microfarads: null, read: false },
    ])
  })
  it('lands only what is on a post', () => {
    const network = buildNetwork(hookupOf('cooling-1-pole-shared-capacitor'))
    expect(network.conductors.flatMap((c) => (c.lead ? [c.lead] : [])).sort()).toEqual([
      'black',
      'brown',
      'green',
      'white',
    ])
  })
})

describe('potentials', () => {
  const at = (unit: string, mode: 'off' | 'cooling' | 'defrost', points: string[]) => {
    const hookup = hookupOf(unit)
    const network = buildNetwork(hookup)
    return Object.fromEntries(potentials(copperIn(hookup.unit, network, mode), network, points))
  }
  // By hand: one pole, so L2 and T2 are one copper; T1 hangs on L1 only while the contactor is closed.
  it('of a one-pole unit, off', () =>
    expect(
      at('cooling-1-pole-shared-capacitor', 'off', ['L1', 'T1', 'L2', 'T2', COMMON, 'GND', 'A1']),
    ).toEqual({
      L1: 'line1',
      T1: 'through',
      L2: 'line2',
      T2: 'line2',
      [COMMON]: 'through',
      GND: 'earth',
      A1: 'low-voltage',
    }))
  it('of a two-pole unit, off: nothing behind the contactor', () =>
    expect(at('cooling-2-pole-shared-capacitor', 'off', ['T1', 'T2', COMMON, RUN, START])).toEqual({
      T1: 'dead',
      T2: 'dead',
      [COMMON]: 'dead',
      [RUN]: 'dead',
      [START]: 'dead',
    }))
  it('of a heat pump in defrost: the relay holds motor common off the line', () =>
    expect(at('heat-pump-2-pole-shared-capacitor', 'defrost', ['DF1', 'DF2', COMMON, RUN])).toEqual({
      DF1: 'line1',
      DF2: 'through',
      [COMMON]: 'through',
      [RUN]: 'line2',
    }))
  it('a point joined to two sources is a fault', () => {
    const { proof } = hookupWith(requestFor(), { green: onPost('T1') })
    expect(proof.modes.find((m) => m.mode === 'cooling')?.posts).toMatchObject({ T1: 'line1', GND: 'earth' })
    const short = hookupWith(requestFor(), { 'brown/white': onPost('T1') }).proof
    expect(short.modes.find((m) => m.mode === 'cooling')?.posts.T1).toBe('fault')
  })
})

describe('the whole network, counted by hand from the unit type and the sheet', () => {
  const ends = (list: readonly { readonly a: string; readonly b: string }[]) =>
    list.map(({ a, b }) => `${a} - ${b}`)
  it('a shared can on a one-pole contactor with the demo motor', () => {
    const network = buildNetwork(hookupOf('cooling-1-pole-shared-capacitor'))
    expect(ends(network.windings)).toEqual([
      `${COMMON} - ${RUN}`,
      `${COMMON} - ${START}`,
      // Its four plug leads hang on the windings, each a point of its own.
      ...['purple', 'yellow', 'orange', 'plug brown'].map((id) => `${COMMON} - MOTOR:rotation:${id}`),
      'COMP-C - COMP-R',
      'COMP-C - COMP-S',
    ])
    expect(ends(network.capacitors)).toEqual(
      ['20a', '20b', '10', '5a', '5b', '2.5'].map((id) => `CAN-${id} - CAN-C`),
    )
    // The shunt of the one pole, and motor common on the side that switches.
    expect(ends(network.conductors)).toEqual(
      expect.arrayContaining(['L2 - T2', `${COMMON} - T1`, `${RUN} - T2`]),
    )
    expect(network.switches).toEqual([{ a: 'L1', b: 'T1', closedIn: ['cooling'] }])
  })
  it('where the compressor’s can is its own, it is one more capacitor, of a value that is not known', () => {
    const { capacitors } = buildNetwork(hookupOf('cooling-1-pole-own-capacitor'))
    const kept = capacitors.filter((c) => c.microfarads === null)
    expect(kept).toHaveLength(1)
    expect(kept[0]).toMatchObject({ read: false })
    expect(capacitors.filter((c) => c.microfarads !== null).map((c) => c.read)).toEqual(Array(6).fill(false))
  })
  it('a blower has no compressor’s windings; its idle taps are ends of its own winding', () => {
    const { windings } = buildNetwork(hookupOf('gas-furnace-board', 'alder-33b'))
    const all = ends(windings)
    expect(all.some((w) => w.startsWith('COMP'))).toBe(false)
    for (const tap of ['black', 'blue', 'red']) expect(all).toContain(`${COMMON} - MOTOR:speed:${tap}`)
  })
  it('an electronic motor has no start winding', () => {
    const { windings } = buildNetwork(hookupOf('cooling-1-pole-shared-capacitor', 'teal-33e'))
    expect(ends(windings).filter((w) => w.endsWith(START))).toEqual([])
    expect(ends(windings)[0]).toBe(`${COMMON} - ${RUN}`)
  })
})

describe('where a lead comes from inside the motor', () => {
  const lead = (id: string, role: 'speed' | 'rotation' | 'run') => ({
    id,
    colour: 'BK' as const,
    stripe: null,
    role,
  })
  const at = (use: Parameters<typeof leadPoint>[0]['use'], role: 'speed' | 'rotation' | 'run' = 'run') =>
    leadPoint({ lead: lead('black', role), use })
  it('a blower’s capacitor leads: the start winding’s end, and run brought out again', () => {
    expect(at({ kind: 'capacitor', side: 'start' })).toBe(START)
    expect(at({ kind: 'capacitor', side: 'run' })).toBe(RUN)
  })
  it('run and the line lead of a blower are one, run-return too; each phase is an end of its own', () => {
    expect(at({ kind: 'land', as: 'line' })).toBe(RUN)
    expect(at({ kind: 'return' })).toBe(RUN)
    expect(at({ kind: 'land', as: 'motor-common' })).toBe(COMMON)
    expect(at({ kind: 'land', as: 'phase' })).toBe('MOTOR:phase:black')
  })
  it('what is insulated or in the plug is a point of its own', () =>
    expect(at({ kind: 'insulate', why: '' }, 'speed')).toBe('MOTOR:speed:black'))
})
