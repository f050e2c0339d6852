// Why each lead goes where it goes, and what is warned of, in the words people read; expected from the unit's posts, by hand.
import { BLOWER_CAN } from '../testing/circuits'
import { leadSheetById } from '../motor/lead-sheets'
import { hookupWith, requestFor, tracedWires, unitOf } from '../testing/fixtures'
import { assignSpeeds, crossedBy } from './speeds'

const SHARED = 'cooling-1-pole-shared-capacitor'
const FURNACE = requestFor('gas-furnace-board', 'alder-33b', { can: BLOWER_CAN })
const fourSpeeds = leadSheetById('alder-50b')!
const whyOf = (request: typeof FURNACE, lead: string) =>
  hookupWith(request, {}).leads.find((l) => l.lead === lead)?.why
const without = (request: typeof FURNACE, ...speeds: string[]) => ({
  ...request,
  sheet: {
    ...request.sheet,
    settings: {
      ...request.sheet.settings,
      speed: request.sheet.settings.speed.filter((s) => !speeds.includes(s.speed)),
    },
  },
})
const withCirc = {
  ...FURNACE,
  unusedOutputs: [],
  wires: tracedWires(FURNACE.unit).map((w) => (w.id === 'spare-1' ? { ...w, from: 'CIRC' } : w)),
}

describe('a tap', () => {
  it('that serves one output says so, and no jumper', () => {
    expect(whyOf(FURNACE, 'black')).toBe('High: cooling wants the most air.')
  })
  it('that serves two outputs lands on the first and is taken on by a jumper, named', () => {
    const two = without(withCirc, 'medium')
    const { leads, added } = hookupWith(two, {})
    expect(leads.find((l) => l.lead === 'red')).toMatchObject({
      goes: { kind: 'post', post: 'HEAT' },
      why: expect.stringMatching(/ A jumper takes it on to CIRC on the fan board\.$/),
    })
    expect(added).toEqual([{ id: 'jumper CIRC', from: 'HEAT', to: 'CIRC' }])
  })
  it('that serves three outputs names both that it is taken on to', () => {
    const one = without(withCirc, 'medium', 'low')
    expect(whyOf(one, 'black')).toMatch(
      / A jumper takes it on to (HEAT|CIRC) on the fan board and (HEAT|CIRC) on the fan board\.$/,
    )
  })
  it('that is idle has a parking post of its own, each its own', () => {
    const { idle, assignments } = assignSpeeds({ ...FURNACE, sheet: fourSpeeds })
    expect(idle.map((i) => i.park).filter((park) => park !== null)).toHaveLength(2)
    for (const { tap, park } of idle) {
      const why = whyOf({ ...FURNACE, sheet: fourSpeeds }, tap)
      expect(why).toBe(`Idle: parked by itself on ${park?.replace('PARK', 'PARK ')} on the fan board.`)
    }
    expect(assignments).toHaveLength(2)
  })
  it('that serves none is parked by itself, or insulated where no parking post is left', () => {
    expect(whyOf(FURNACE, 'blue')).toBe('Idle: parked by itself on PARK 1 on the fan board.')
    const coil = requestFor('roof-through-shaft', 'alder-33b', { can: BLOWER_CAN })
    expect(hookupWith(coil, {}).leads.find((l) => l.lead === 'blue')).toMatchObject({
      goes: { kind: 'insulated' },
      why: 'Idle: insulated by itself. Idle taps float above line voltage.',
    })
  })
})

it('two outputs that may not share a tap are both named, in one sentence', () => {
  const coil = requestFor('fan-coil-three-speed', 'alder-33b', { can: BLOWER_CAN })
  expect(assignSpeeds({ ...coil, choices: { LO: 'medium', MED: 'medium' } }).problems).toEqual([
    'Med on the thermostat and low on the thermostat may not share a tap on this unit: a jumper between them would join what must stay apart.',
  ])
})
it('a change of a speed that both heating and cooling run at says both things to look at', () => {
  const oneSpeed = {
    unit: {
      ...FURNACE.unit,
      switches: FURNACE.unit.switches.map((s) =>
        s.to === 'COOL' ? { ...s, closedIn: ['cooling', 'heating'] as const } : s,
      ),
    },
    wires: FURNACE.wires.map((w) => (w.from === 'COOL' ? { ...w, speed: 'medium' as const } : w)),
    sheet: FURNACE.sheet,
    choices: { COOL: 'low' as const },
  }
  expect(
    assignSpeeds(oneSpeed as unknown as Parameters<typeof assignSpeeds>[0]).assignments[0]?.why,
  ).toContain(
    'The old motor ran it at medium: check the temperature rise against the unit’s plate and the coil for ice.',
  )
})
it('an output called in two modes names both', () => {
  const alone = { ...without(FURNACE, 'high', 'low'), unusedOutputs: ['CIRC'] }
  const why = assignSpeeds(alone).assignments.map((a) => a.why.split(' About')[0])
  // One tap for two outputs: they share it.
  expect(why).toEqual([
    'Medium: the motor has fewer speeds than outputs in use, so those that want least share.',
    'Medium: the motor has fewer speeds than outputs in use, so those that want least share.',
  ])
})
it('amps that are alike cross nothing', () => {
  const unit = unitOf('fan-coil-three-speed')
  expect(crossedBy(unit, tracedWires(unit), { LO: 0.9, MED: 0.9, HI: 0.9 })).toEqual([])
  expect(crossedBy(unit, tracedWires(unit), { LO: 1.1, HI: 0.4 })).toEqual([
    'Low on the thermostat draws 1.1 A and high on the thermostat 0.4 A: amps rise with speed, so these two are crossed.',
  ])
})

describe('what is warned of the old wires', () => {
  const warnings = (change: Parameters<typeof requestFor>[2]) =>
    hookupWith(requestFor(SHARED, 'rowan-25r', change), {}).warnings.map((w) => [w.code, w.message])
  const wires = (id: string, more: object) =>
    tracedWires(unitOf(SHARED)).map((w) => (w.id === id ? { ...w, ...more } : w))
  it('nothing of a record that is whole', () => expect(warnings({})).toEqual([]))
  it('a wire that is not traced, by its post', () =>
    expect(warnings({ wires: wires('fan-a', { traced: false }) })).toContainEqual([
      'not-traced',
      'The wire on T1 on the contactor is not traced yet.',
    ]))
  it.each([
    ['diagram', 'the unit’s diagram'],
    ['motor-label', 'the motor’s label'],
    ['resistance', 'resistance'],
  ] as const)('a role that %s carries, against its colour', (source, name) =>
    expect(
      warnings({
        wires: wires('fan-c', {
          traced: false,
          segments: [{ colour: 'BN' }],
          stated: [{ source, role: 'run' }],
        }),
      }).find(([code]) => code === 'evidence-conflict')?.[1],
    ).toMatch(new RegExp(`^The wire on FAN on the dual capacitor is run by ${name}, against this: `)),
  )
  it('a role that its terminal carries', () =>
    expect(
      warnings({ wires: wires('fan-c', { segments: [{ colour: 'BK' }] }) }).find(
        ([code]) => code === 'evidence-conflict',
      )?.[1],
    ).toMatch(/^The wire on FAN on the dual capacitor is start by its terminal, against this: /))
  it('cap C that no wire ties', () =>
    expect(warnings({ wires: tracedWires(unitOf(SHARED)).filter((w) => w.id !== 'tie') })).toContainEqual([
      'c-not-tied',
      'No wire from cap C to a line is recorded. On a dual can there is one: trace it.',
    ]))
})

it('start goes to the fan’s section, the largest of its group where it has several', () => {
  expect(whyOf(requestFor(SHARED), 'brown')).toBe(
    'Start goes to the fan’s section, the largest section of its group.',
  )
  const single = { ...requestFor('cooling-1-pole-own-capacitor', 'rowan-25r', { can: BLOWER_CAN }) }
  expect(whyOf(single, 'brown')).toBe('Start goes to the fan’s section.')
})
