// Each figure of a solved mode moved alone, past the limit that is written beside it, and the sentence that follows.
import { machineOf } from '../../motor/machine/machine'
import { BLOWER_CAN } from '../../testing/circuits'
import { hookupWith, requestFor } from '../../testing/fixtures'
import { limitsOf } from './limits'
import type { ModeSolution } from './mode-solution'
import { findSymptoms, type SymptomInput } from './symptoms'

const request = requestFor()
const { proof, can } = hookupWith(request, {})
/** With the maker's own constants, unless a test says otherwise. */
const machine = { ...machineOf(request.sheet)!, estimated: false }
const { rated } = limitsOf(machine)
const solutions = proof.modes.map((m) => m.solution)
const cooling = solutions.find((m) => m.fanRuns)!
const off = solutions.find((m) => !m.fanRuns)!
const INPUT: Omit<SymptomInput, 'modes'> = {
  unit: request.unit,
  machine,
  can,
  taps: [],
  tagVolts: 370,
  ratedVolts: request.sheet.nameplate.volts,
  ratedAmps: machine.ratedAmps,
}
const said = (modes: readonly ModeSolution[], more: Partial<SymptomInput> = {}) =>
  findSymptoms({ ...INPUT, ...more, modes }).map((h) => [h.severity, h.code, h.message, h.leads] as const)
const motorWith = (motor: Partial<ModeSolution['motor']>, mode = cooling): ModeSolution => ({
  ...mode,
  motor: { ...mode.motor, ...motor },
})
const amps = (main: number, auxiliary: number) =>
  cooling.motor.windings.map((w) => ({ ...w, amps: w.id === 'main' ? main : auxiliary }))

it('as advised nothing is wrong', () => expect(said(solutions)).toEqual([]))

describe('a short: 150 A and more from a source', () => {
  const leads = { brown: 0.04, white: 80, black: 200 }
  const at = (most: number) =>
    said([
      {
        ...cooling,
        supplyAmps: [3, most],
        leads: Object.fromEntries(Object.entries(leads).map(([id, a]) => [id, { volts: 0, amps: a }])),
        motor: { ...cooling.motor, direction: 0 },
      },
    ])
  it('names the two leads that carry most, and says nothing besides', () =>
    expect(at(150)).toEqual([
      [
        'stop',
        'short-circuit',
        'In cooling the supply would drive about 150 A: a short circuit.',
        ['black', 'white'],
      ],
    ]))
  it('just under it is none', () => expect(at(149).map(([, code]) => code)).toEqual(['does-not-start']))
})

describe('line volts on a 24 V part', () => {
  const coil = request.unit.posts.find((p) => p.kind === 'coil')!
  const at = (volts: number) => said([{ ...cooling, posts: { ...cooling.posts, [coil.id]: volts } }])
  it('60 V and less are none of it, more is', () => {
    expect(at(60)).toEqual([])
    expect(at(61)).toEqual([
      ['stop', 'line-on-coil', `In cooling ${coil.label} stands at 61 V: it is made for 24 V.`, []],
    ])
  })
})

describe('two taps', () => {
  const at = (first: number, second: number) =>
    said(
      [
        {
          ...cooling,
          leads: { ...cooling.leads, red: { volts: 1, amps: first }, blue: { volts: 1, amps: second } },
        },
      ],
      { taps: ['red', 'blue'] },
    )
  const tenth = 0.1 * machine.ratedAmps
  it('live together above a tenth of the rated amps each: the greater of them circulates', () =>
    expect(at(1.1 * tenth, 1.26)).toEqual([
      [
        'stop',
        'two-taps-live',
        'In cooling the red and blue taps are live together: about 1.3 A circulate in the winding between them.',
        ['red', 'blue'],
      ],
    ]))
  it('one of them under it is at rest', () => expect(at(0.9 * tenth, 1.26)).toEqual([]))
})

describe('a motor that stands', () => {
  const standing = (main: number, auxiliary: number) =>
    said([
      motorWith({ direction: 0, windings: amps(main * rated.mainAmps, auxiliary * rated.auxiliaryAmps) }),
    ])
  it.each([
    ['under a tenth in the main winding', 0.09, 1, 'no current flows in its main winding'],
    ['under 0.3 in the auxiliary', 0.11, 0.29, 'no current flows in its auxiliary winding, so it only hums'],
    ['both flow', 0.11, 0.31, 'both windings’ currents lie alike, so it only hums'],
  ])('%s', (_, main, auxiliary, why) =>
    expect(standing(main, auxiliary)).toEqual([
      ['stop', 'does-not-start', `In cooling the motor does not start: ${why}.`, []],
    ]),
  )
  it('its main winding may then carry any amps, its auxiliary not', () => {
    expect(standing(6, 1).map(([, code]) => code)).toEqual(['does-not-start'])
    expect(standing(6, 1.31).map(([, code]) => code)).toEqual(['does-not-start', 'winding-overcurrent'])
  })
})

it('volts across the motor outside its plate by more than the 10 % that motors take, and 3 % for the wire, are told', () => {
  const { low, high } = request.sheet.nameplate.volts
  const at = (volts: number) => said([motorWith({ volts })])
  expect(at(1.09 * high)).toEqual([])
  expect(at((0.91 * low) / 1.03)).toEqual([])
  for (const volts of [Math.ceil(1.11 * high), Math.floor((0.89 * low) / 1.03)])
    expect(at(volts)).toEqual([
      ['stop', 'motor-voltage', `In cooling ${volts} V stand across the motor, rated ${low}–${high} V.`, []],
    ])
  expect(at(0).map(([, code]) => code)).toEqual(['motor-voltage'])
})

it('a motor that starts the other way is told, and 0.03 of its torque is enough to start', () => {
  expect(said([motorWith({ direction: -1 })])).toEqual([
    ['stop', 'starts-backward', 'In cooling the motor starts the other way than its plug is set.', []],
  ])
  const low = (share: number) => ({
    ...cooling,
    tolerance: {
      capacitorVolts: [1, 1] as const,
      startTorque: [share * machine.rating.torque, machine.rating.torque] as const,
    },
  })
  expect(said([low(0.029)]).map(([severity, code]) => [severity, code])).toEqual([['watch', 'weak-start']])
  expect(said([low(0.031)])).toEqual([])
})

describe('hardly any start torque by fitted constants', () => {
  const estimated = { machine: { ...machine, estimated: true } }
  const at = (startTorque: number, direction: 1 | -1) =>
    said([motorWith({ startTorque, direction })], estimated)
  it('is watched, its sign left aside, and the direction is not told from it', () => {
    for (const torque of [0.021, -0.021])
      expect(at(torque, -1)).toEqual([
        [
          'watch',
          'weak-start',
          'By estimate the motor has hardly any start torque in cooling, 2 % of its rated: see that it starts, and the right way.',
          [],
        ],
      ])
  })
  it('0.03 of the rated torque is enough', () =>
    expect(at(-0.03, -1).map(([, code]) => code)).toEqual(['starts-backward']))
})

describe('a mode in which the fan stands', () => {
  const at = (main: number) =>
    said([
      {
        ...motorWith(
          { windings: off.motor.windings.map((w, i) => ({ ...w, amps: i === 0 ? main : 0 })) },
          off,
        ),
        leads: {
          brown: { volts: 0, amps: 0.06 },
          white: { volts: 0, amps: 0.05 },
          black: { volts: 0, amps: main },
        },
      },
    ])
  it('a tenth of the rated amps in a winding is what it may carry', () => {
    expect(at(0.1 * rated.mainAmps)).toEqual([])
    const main = Number((0.2 * rated.mainAmps).toFixed(2))
    expect(at(main)).toEqual([
      [
        'stop',
        'runs-when-stopped',
        `In ${off.name} the fan is meant to stand, and its windings carry ${main} A.`,
        ['black', 'brown'],
      ],
    ])
  })
})

describe('a motor without a winding model', () => {
  const plain = { machine: null, ratedAmps: 2 }
  it('runs when half its rated amps flow', () => {
    expect(said([motorWith({ amps: 1 })], plain)).toEqual([])
    expect(said([motorWith({ amps: 0.99 })], plain)).toEqual([
      ['stop', 'does-not-start', 'In cooling the motor has no voltage: it will not run.', []],
    ])
  })
  it('stands while a tenth of them flows', () => {
    expect(said([motorWith({ amps: 0.2, windings: [] }, off)], plain)).toEqual([])
    expect(said([motorWith({ amps: 0.21, windings: [] }, off)], plain).map(([, code]) => code)).toEqual([
      'runs-when-stopped',
    ])
  })
})

describe('volts on the fan’s section', () => {
  const at = (capacitorVolts: number | null, more: Partial<SymptomInput> = {}) =>
    said([motorWith({ capacitorVolts })], more)
  it('by the maker’s constants the can’s rating is the limit', () => {
    expect(at(440)).toEqual([])
    // Whole volts are read.
    expect(at(441.4)).toEqual([
      [
        'stop',
        'capacitor-overvoltage',
        'In cooling 441 V stand on the fan’s section of a can rated 440 V.',
        [],
      ],
    ])
    expect(at(null)).toEqual([])
    expect(at(441, { can: { ...can, volts: 0 } })).toEqual([])
  })
  it('by estimate it is watched above 1.2 and stopped above 1.6 times the tag’s own hookup', () => {
    const estimated = { machine: { ...machine, estimated: true }, can: { ...can, volts: 370 } }
    const own = rated.capacitorVolts
    const times = (share: number, more: Partial<SymptomInput> = {}) =>
      at(share * own, { ...estimated, ...more }).map(([severity]) => severity)
    expect(1.21 * own).toBeGreaterThan(370)
    expect(at(1.3 * own, estimated)[0]?.[2]).toMatch(
      /^By estimate \d+ V stand on the fan’s section in cooling, 1\.3 times what the tag’s own hookup puts on it; the can is rated 370 V\.$/,
    )
    expect(times(1.19)).toEqual([])
    expect(times(1.21)).toEqual(['watch'])
    expect(times(1.59)).toEqual(['watch'])
    expect(times(1.61)).toEqual(['stop'])
    // A can of 440 V on a motor whose tag asks for 370 V may stand so much more.
    expect(times(1.25, { can: { ...can, volts: 440 } })).toEqual([])
    // No volts on the tag: the can's own count.
    expect(times(1.21, { tagVolts: null })).toEqual(['watch'])
  })
})

it('a symptom of two modes is one, with both', () =>
  expect(
    findSymptoms({
      ...INPUT,
      modes: [motorWith({ direction: -1 }), { ...motorWith({ direction: -1 }), mode: off.mode }],
    }).map((h) => [h.code, h.modes]),
  ).toEqual([['starts-backward', [cooling.mode, off.mode]]]))

describe('a blower’s tap', () => {
  const blower = requestFor('gas-furnace-board', 'alder-33b', { can: BLOWER_CAN })
  const whole = hookupWith(blower, {})
  const running = whole.proof.modes.map((m) => m.solution).find((m) => m.fanRuns)!
  const taps = blower.sheet.leads.filter((l) => l.role === 'speed').map((l) => l.id)
  /** A tap that stands so high above earth, and what stands across the winding. */
  const at = (volts: number, across = running.motor.volts) =>
    findSymptoms({
      ...INPUT,
      unit: blower.unit,
      machine: machineOf(blower.sheet),
      can: whole.can,
      taps,
      ratedVolts: blower.sheet.nameplate.volts,
      modes: [
        {
          ...running,
          motor: { ...running.motor, volts: across },
          leads: Object.fromEntries(
            Object.entries(running.leads).map(([id, lead]) => [
              id,
              taps.includes(id) ? { ...lead, volts } : lead,
            ]),
          ),
        },
      ],
    }).map((h) => h.message)
  it('is fed when it stands above a fifth of the unit’s volts', () => {
    expect(at(0.21 * blower.unit.volts)).toEqual([])
    expect(at(0.19 * blower.unit.volts, 0.19 * blower.unit.volts)).toEqual([
      `In ${running.name} the unit calls for the blower, and no speed tap is live.`,
    ])
    // On the neutral, with the line lead on what is switched: the winding has its volts all the same.
    expect(at(0)).toEqual([])
  })
})
