import fc from 'fast-check'
import type { LeadSheet, SpeedName } from '../motor/lead-sheet'
import { leadSheetById } from '../motor/lead-sheets'
import { listed } from '../quantity/display'
import { tracedWires, unitOf } from '../testing/fixtures'
import { outputsInUse } from './speed-outputs'
import { assignSpeeds, crossedBy } from './speeds'
import type { ModeId, UnitType } from './unit-type'

const sheet = (id: string): LeadSheet => leadSheetById(id) as LeadSheet
const plan = (unit: string, motor: string, more: Partial<Parameters<typeof assignSpeeds>[0]> = {}) =>
  assignSpeeds({ unit: unitOf(unit), wires: tracedWires(unitOf(unit)), sheet: sheet(motor), ...more })
const speeds = (p: ReturnType<typeof plan>) =>
  Object.fromEntries(p.assignments.map((a) => [a.output, a.speed]))
/** The furnace with a lead on CIRC as well. */
const withCirc = () =>
  tracedWires(unitOf('gas-furnace-board')).map((w) => (w.id === 'spare-1' ? { ...w, from: 'CIRC' } : w))

it('an output that several modes call is told by all of them', () => {
  const { assignments } = plan('gas-furnace-one-speed', 'alder-33b')
  const several = assignments.filter((a) => a.modes.length > 1)
  expect(several.length).toBeGreaterThan(0)
  for (const { modes, why } of several) expect(why).toContain(`: ${listed(modes)} want the most air.`)
})
it('the order in which a sheet names its speeds changes nothing', () => {
  const turned = structuredClone(sheet('alder-50b'))
  turned.settings.speed.reverse()
  const back = plan('fan-coil-three-speed', 'alder-50b', { sheet: turned })
  expect(back).toEqual(plan('fan-coil-three-speed', 'alder-50b'))
  const mixed = structuredClone(turned)
  mixed.settings.speed = [2, 0, 3, 1].map((i) => turned.settings.speed[i]!)
  expect(plan('fan-coil-three-speed', 'alder-50b', { sheet: mixed })).toEqual(back)
})
it('a motor without taps is told so, and not output by output', () => {
  const none = structuredClone(sheet('alder-33b'))
  none.settings.speed = []
  expect(plan('gas-furnace-board', 'alder-33b', { sheet: none }).problems).toEqual([
    `${none.name} has no speed taps: it is not made for a unit with speed outputs.`,
  ])
})
describe('taps for the outputs in use', () => {
  it('are found from the wires, parked ones not among them', () =>
    expect(outputsInUse(unitOf('gas-furnace-board'), withCirc()).map((o) => o.id)).toEqual([
      'COOL',
      'HEAT',
      'CIRC',
    ]))
  it('cooling gets the highest, heating the lowest of three', () => {
    const p = plan('gas-furnace-board', 'alder-33b')
    expect([speeds(p), p.problems]).toEqual([{ COOL: 'high', HEAT: 'low' }, []])
    expect(p.idle).toEqual([{ tap: 'blue', speed: 'medium', park: 'PARK1' }])
  })
  it('four speeds to three outputs are spread from the highest to the lowest', () =>
    expect(speeds(plan('fan-coil-three-speed', 'alder-50b'))).toEqual({
      HI: 'high',
      MED: 'medium',
      LO: 'low',
    }))
  it('three speeds to three outputs, one each, nothing idle', () => {
    const p = plan('gas-furnace-board', 'alder-33b', { wires: withCirc() })
    expect([speeds(p), p.idle, p.jumpers]).toEqual([{ COOL: 'high', HEAT: 'medium', CIRC: 'low' }, [], []])
  })
  it('fewer speeds than outputs: those that want least share, by a jumper, where the board allows it', () => {
    const two = structuredClone(sheet('alder-33b'))
    two.settings.speed = two.settings.speed.filter((s) => s.speed !== 'medium')
    const p = plan('gas-furnace-board', 'alder-33b', { wires: withCirc(), sheet: two })
    expect([speeds(p), p.jumpers, p.problems]).toEqual([
      { COOL: 'high', HEAT: 'low', CIRC: 'low' },
      [{ from: 'HEAT', to: 'CIRC', tap: 'red' }],
      [],
    ])
  })
  it('fewer speeds where outputs may not share: said, not guessed', () => {
    const two = structuredClone(sheet('alder-33b'))
    two.settings.speed = two.settings.speed.filter((s) => s.speed !== 'medium')
    expect(plan('fan-coil-three-speed', 'alder-33b', { sheet: two }).problems).toEqual([
      'No tap is left for low on the thermostat, which the unit calls in low, and its outputs may not share one. Take a motor with more speeds.',
    ])
  })
  it('say what a lower speed does to air and power', () => {
    // 820 of 1075 rpm: 76 % of the air, 0.763³ = 44 % of the power.
    expect(plan('gas-furnace-board', 'alder-33b').assignments[1]?.why).toContain(
      'About 76 % of the highest speed’s air for 44 % of its power',
    )
  })
  it('may be changed, but not so that two share a tap that may not', () => {
    expect(speeds(plan('gas-furnace-board', 'alder-33b', { choices: { HEAT: 'medium' } }))).toEqual({
      COOL: 'high',
      HEAT: 'medium',
    })
    expect(plan('fan-coil-three-speed', 'alder-33b', { choices: { LO: 'medium' } }).problems[0]).toContain(
      'may not share a tap on this unit',
    )
    expect(plan('gas-furnace-board', 'alder-33b', { choices: { HEAT: 'medium-low' } }).problems).toEqual([
      'Alder 33B has no medium-low speed for HEAT on the fan board.',
    ])
  })
  it('an outdoor motor has none', () =>
    expect(plan('gas-furnace-board', 'rowan-25r').problems[0]).toContain('has no speed taps'))
  it('no lead on any output: trace first', () =>
    expect(plan('gas-furnace-board', 'alder-33b', { wires: [] }).problems).toEqual([
      'No speed output had a lead of the old motor: trace the wires first.',
    ]))
})

describe('like for like: the old motor’s label on record', () => {
  const labelled = (labels: Readonly<Record<string, SpeedName>>) =>
    tracedWires(unitOf('gas-furnace-board')).map((w) => {
      const speed = labels[w.from]
      return w.to === 'motor' && speed ? { ...w, speed } : w
    })
  const furnace = (labels: Readonly<Record<string, SpeedName>>, more = {}, motor = 'alder-33b') =>
    plan('gas-furnace-board', motor, { wires: labelled(labels), ...more })
  const why = (p: ReturnType<typeof plan>, output: string) =>
    p.assignments.find((a) => a.output === output)?.why.split(' About')[0]

  it('every output keeps the speed it had, whatever is usual', () => {
    const p = furnace({ COOL: 'medium', HEAT: 'high' })
    expect([speeds(p), p.problems]).toEqual([{ COOL: 'medium', HEAT: 'high' }, []])
    expect(why(p, 'HEAT')).toBe('High: as the old motor ran it here.')
  })
  it('an output without a label takes what is left', () => {
    expect(speeds(furnace({ COOL: 'low' }))).toEqual({ COOL: 'low', HEAT: 'medium' })
    expect(speeds(furnace({ HEAT: 'high' }))).toEqual({ COOL: 'medium', HEAT: 'high' })
  })
  it('a speed that the new motor lacks becomes the next slower, and says what to check', () => {
    const p = furnace({ COOL: 'high', HEAT: 'medium-high' })
    expect(speeds(p)).toEqual({ COOL: 'high', HEAT: 'medium' })
    expect(why(p, 'HEAT')).toBe(
      'Medium: the nearest to the old one. The old motor ran it at medium-high: check the temperature rise against the unit’s plate.',
    )
    expect(why(furnace({ COOL: 'medium-high', HEAT: 'low' }), 'COOL')).toBe(
      'Medium: the nearest to the old one. The old motor ran it at medium-high: check the coil for ice.',
    )
  })
  it('two that would fall on one tap, where it may not be shared, take two', () => {
    const p = plan('fan-coil-three-speed', 'alder-33b', {
      wires: tracedWires(unitOf('fan-coil-three-speed')).map((w) =>
        w.from === 'MED'
          ? { ...w, speed: 'medium-low' as const }
          : w.from === 'LO'
            ? { ...w, speed: 'low' as const }
            : w,
      ),
    })
    expect([speeds(p), p.problems]).toEqual([{ HI: 'high', MED: 'medium', LO: 'low' }, []])
  })
  it('what the technician chooses stands, with what it changes', () => {
    const p = furnace({ COOL: 'medium', HEAT: 'low' }, { choices: { COOL: 'high' } })
    expect(speeds(p)).toEqual({ COOL: 'high', HEAT: 'low' })
    expect(why(p, 'COOL')).toBe(
      'Chosen by the technician: high. The old motor ran it at medium: check that the coil sheds no water.',
    )
    expect(why(furnace({ COOL: 'medium' }, { choices: { COOL: 'medium' } }), 'COOL')).toBe(
      'Chosen by the technician: medium.',
    )
  })
})

it('a harness that crosses speeds is found from the amps of each selection', () => {
  const unit = unitOf('fan-coil-three-speed')
  // Amps rise with speed: 0.4, 0.9, 1.1 from low to high is right; the other way round crosses high and low, and each with medium.
  expect(crossedBy(unit, tracedWires(unit), { LO: 0.4, MED: 0.9, HI: 1.1 })).toEqual([])
  expect(crossedBy(unit, tracedWires(unit), { LO: 1.1, MED: 0.9, HI: 0.4 })).toHaveLength(3)
  expect(crossedBy(unit, tracedWires(unit), { LO: 1.1, HI: 0.4 })[0]).toContain('these two are crossed')
})

// Boards with one to four outputs, each called in one mode, some allowed to share; motors with one to five taps.
const MODES: readonly ModeId[] = ['cooling', 'heating', 'circulation', 'high']
const NAMES: readonly SpeedName[] = ['high', 'medium-high', 'medium', 'medium-low', 'low']
const generated = fc.record({
  outputs: fc.integer({ min: 1, max: 4 }),
  taps: fc.integer({ min: 1, max: 5 }),
  share: fc.boolean(),
  parks: fc.integer({ min: 0, max: 3 }),
})

it('on generated boards and motors every mode has exactly one live tap, and none is tied to another unless the unit allows it', () =>
  fc.assert(
    fc.property(generated, ({ outputs, taps, share, parks }) => {
      const base = unitOf('gas-furnace-board')
      const ids = MODES.slice(0, outputs).map((m) => `OUT-${m}`)
      const unit: UnitType = {
        ...base,
        posts: [
          ...base.posts.filter((p) => p.kind !== 'output' && p.kind !== 'park'),
          ...ids.map((id) => ({ id, label: id, part: 'board', kind: 'output' as const })),
          ...Array.from({ length: parks }, (_, i) => ({
            id: `P${i}`,
            label: `P${i}`,
            part: 'board',
            kind: 'park' as const,
          })),
        ],
        modes: [
          { id: 'off', name: 'off', fanRuns: false },
          ...MODES.slice(0, outputs).map((id) => ({ id, name: id, fanRuns: true })),
        ],
        switches: MODES.slice(0, outputs).map((id) => ({
          id,
          from: base.supply.line1,
          to: `OUT-${id}`,
          closedIn: [id],
        })),
        outputsMayShare: share ? [ids] : [],
      }
      const motor = structuredClone(sheet('alder-33b'))
      motor.settings.speed = NAMES.slice(0, taps).map((speed) => ({
        speed,
        tap: `tap ${speed}`,
        rpm: null,
        amps: null,
        join: [],
        land: [],
        insulate: [],
        open: [],
      }))
      const wires = ids.map((from) => ({
        id: from,
        from,
        to: 'motor',
        segments: [],
        traced: true,
        stated: [],
      }))
      const p = assignSpeeds({ unit, wires, sheet: motor })
      const tied = p.jumpers.length > 0
      if (!share) expect(tied).toBe(false)
      if (share || taps >= outputs) expect(p.problems).toEqual([])
      else expect(p.problems.length).toBeGreaterThan(0)
      for (const mode of unit.modes.filter((m) => m.fanRuns)) {
        // Live by the switch, or by a jumper from an output that is.
        const live = new Set(unit.switches.filter((s) => s.closedIn.includes(mode.id)).map((s) => s.to))
        for (const j of p.jumpers)
          if (live.has(j.from) || live.has(j.to)) [j.from, j.to].forEach((id) => live.add(id))
        const liveTaps = new Set(
          p.assignments.filter((a) => live.has(a.output) && a.tap !== null).map((a) => a.tap),
        )
        expect(liveTaps.size).toBe(p.problems.length > 0 && liveTaps.size === 0 ? 0 : 1)
      }
      // Idle taps: each on a post of its own, or by itself; none is also in use.
      const parked = p.idle.flatMap((i) => (i.park ? [i.park] : []))
      expect(new Set(parked).size).toBe(parked.length)
      expect(p.idle.some((i) => p.assignments.some((a) => a.tap === i.tap))).toBe(false)
      expect(p.idle.length + new Set(p.assignments.flatMap((a) => (a.tap ? [a.tap] : []))).size).toBe(taps)
    }),
    { seed: 31, numRuns: 300 },
  ))

it('outputs share a tap only where the board allows all of them together: one that is in no such group is named', () => {
  const unit: UnitType = { ...unitOf('gas-furnace-board'), outputsMayShare: [['HEAT', 'CIRC']] }
  const share = (choices: Record<string, SpeedName>) =>
    assignSpeeds({ unit, wires: withCirc(), sheet: sheet('alder-33b'), choices }).problems
  expect(share({ COOL: 'high', HEAT: 'low', CIRC: 'low' })).toEqual([])
  expect(share({ COOL: 'low', HEAT: 'low', CIRC: 'medium' })).toEqual([
    expect.stringMatching(
      /^COOL .* and HEAT .* may not share a tap on this unit: a jumper between them would join/,
    ),
  ])
})
