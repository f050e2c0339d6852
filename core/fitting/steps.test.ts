// The steps carried out literally, from the recorded old state, end in exactly the advised hookup: for every unit type, kind of motor,
// kind of can, kept side and hard-start kit.
import { hookupWith, requestFor, unitOf } from '../testing/fixtures'
import { BLOWER_CAN } from '../testing/circuits'
import type { Section } from '../capacitor/can'
import { workOutHookup, type HookupRequest } from '../circuit/hookup'
import { LEAD_SHEETS } from '../motor/lead-sheets'
import { findRoles } from '../wiring/evidence'
import { NEW_C, PROTECTED_POST } from '../wiring/new-can'
import { ownWires } from '../wiring/own-wires'
import { UNIT_TYPES } from '../wiring/unit-types'
import { at230 } from '../circuit/testing/wirings'
import { carryOut } from './testing/carry-out'
import { fitSteps } from './steps'

type GivenCan = NonNullable<HookupRequest['can']>
const can = (name: string, sections: Section[], more: Partial<GivenCan> = {}): GivenCan => ({
  name,
  volts: 440,
  tolerancePercent: 6,
  sections,
  ...more,
})
const section = (id: string, microfarads: number, more: Partial<Section> = {}): Section => ({
  id,
  microfarads,
  ...more,
})
const TAPS = [25, 20, 10, 5, 2.5].map((value) => section(`${value}`, value))
const CANS: Readonly<Record<string, GivenCan>> = {
  'multi-tap': can('Six', TAPS),
  'multi-tap with a protected start': can('Six', TAPS, { protectedStart: true }),
  dual: can('Dual', [section('40', 40), section('7.5', 7.5)]),
  'two singles': can('Singles', [
    section('1-40', 40, { of: 'Single 40' }),
    section('2-7.5', 7.5, { of: 'Single 7.5' }),
  ]),
  'HERM of the old can and a single': can('Kept', [
    section('1-HERM', 40, { of: 'The old can', stays: 'HERM' }),
    section('2-7.5', 7.5, { of: 'Single 7.5' }),
  ]),
  'FAN of the old can and a single': can('Kept', [
    section('1-FAN', 7.5, { of: 'The old can', stays: 'FAN' }),
    section('2-40', 40, { of: 'Single 40' }),
  ]),
  'a single': can('Single', [section('7.5', 7.5)]),
  'a blower’s': BLOWER_CAN,
}
const FARS = [null, NEW_C, PROTECTED_POST]

/** Every hookup that is neither refused nor stopped, in words. */
function* cases(): Generator<{ words: string; request: HookupRequest }> {
  for (const unit of UNIT_TYPES)
    for (const sheet of LEAD_SHEETS)
      for (const [kind, given] of [...Object.entries(CANS), ['no can', null] as const])
        for (const hardStart of unit.traits.capacitor === 'shared' ? FARS : [null])
          for (const horsepower of sheet.settings.horsepower.map((c) => c.horsepower).slice(0, 2)) {
            const base = requestFor(unit.id, sheet.id, { horsepower, hardStart })
            const request = {
              ...base,
              // The demo's motor on three phases is made for 460 V.
              unit: sheet.kind === 'three-phase' ? { ...base.unit, volts: 460 } : base.unit,
              sheet: sheet.kind === 'psc-blower' && unit.volts > 200 ? at230(base.sheet) : base.sheet,
              can: given,
            }
            if (workOutHookup(request, { mends: false }).proof.verdict === 'stop') continue
            yield { words: [unit.id, sheet.id, kind, hardStart ?? 'no kit', horsepower].join(', '), request }
          }
}

const ordered = (list: Iterable<readonly string[]>): string[] =>
  [...list].map((ends) => [...ends].sort().join(' – ')).sort()

it('carried out, they end in exactly the advised hookup', () => {
  const seen = new Set<string>()
  let count = 0
  for (const { words, request } of cases()) {
    const answer = hookupWith(request, {}, { mends: false })
    const acts = fitSteps(request, answer).flatMap((step) => step.acts)
    const done = carryOut(request, acts)
    count++
    words.split(', ').forEach((word) => seen.add(word))
    // A side of the old can that stays is the same copper under another name.
    const { unit } = request
    const kept = request.can?.sections.find((s) => s.stays)
    const post = (kind: string) => unit.posts.find((p) => p.kind === kind)?.id ?? ''
    const same = new Map(
      kept
        ? [
            [post('cap-c'), NEW_C],
            [post(kept.stays === 'FAN' ? 'cap-fan' : 'cap-compressor'), `CAN-${kept.id}`],
          ]
        : [],
    )
    const wires = [...done.wires.values()].map((ends) => ends.map((end) => same.get(end) ?? end))
    expect([words, ordered(wires)]).toEqual([
      words,
      ordered([...answer.unitWires, ...answer.added].map(({ from, to }) => [from, to])),
    ])
    expect([words, Object.fromEntries(done.leads)]).toEqual([
      words,
      Object.fromEntries(
        answer.leads.map(({ lead, goes }) => [lead, goes.kind === 'post' ? goes.post : goes.kind]),
      ),
    ])
    expect([words, ordered(done.jumpers)]).toEqual([
      words,
      ordered(answer.can.jumpers.map((j) => [j.from, j.to])),
    ])
    expect([words, done.oldLeads]).toEqual([words, []])
    // A unit without a capacitor has none to take out, unless one is fitted.
    const hadCan = unit.traits.capacitor !== 'none' || request.can !== null
    expect([words, done.oldCanOut]).toEqual([words, hadCan && kept === undefined])
    // No end is left on a post that went with the old can.
    const gone = unit.posts.filter((p) => p.kind.startsWith('cap-')).map((p) => p.id)
    expect([words, [...wires.flat(), ...done.leads.values()].filter((end) => gone.includes(end))]).toEqual([
      words,
      [],
    ])
    const names = new Set(request.can?.sections.map((s) => s.of ?? '') ?? [])
    expect([words, done.ties.length]).toEqual([words, Math.max(0, names.size - 1)])
    const herm = answer.plan.groups.find((g) => g.load === 'HERM')
    expect([words, done.kit]).toEqual([
      words,
      request.hardStart ? [`CAN-${herm?.lead}`, request.hardStart] : null,
    ])
  }
  // Every kind was among them, or the test would say nothing.
  expect(count).toBeGreaterThan(100)
  for (const name of [
    ...UNIT_TYPES.map((u) => u.id),
    ...Object.keys(CANS),
    'no can',
    ...FARS.map((f) => f ?? 'no kit'),
  ])
    expect([name, seen.has(name)]).toEqual([name, true])
})

const SHARED = requestFor('cooling-1-pole-shared-capacitor', 'rowan-25r', {
  can: can('Six', TAPS),
  // 25 and 10.
  compressorMicrofarads: 35,
})
const stepsOf = (request: HookupRequest) => fitSteps(request, hookupWith(request, {}))
const textOf = (request: HookupRequest, id: string) => stepsOf(request).find((s) => s.id === id)?.text

describe('steps of fitting', () => {
  it('begin with the discharge, read the can before anything is on its sections, and end with the date', () => {
    const steps = stepsOf(SHARED)
    const kinds = steps.map((s) => s.kind)
    expect(steps[0]?.id).toBe('discharge')
    expect(kinds.at(-1)).toBe('label')
    expect(kinds.lastIndexOf('join')).toBeLessThan(kinds.indexOf('check'))
    const sections = SHARED.can.sections.map((s) => `CAN-${s.id}`)
    const firstOn = steps.findIndex((s) =>
      s.acts.some(
        (a) =>
          (a.kind === 'move' && sections.includes(a.to)) ||
          (a.kind === 'land' && a.goes.kind === 'post' && sections.includes(a.goes.post)),
      ),
    )
    expect(firstOn).toBeGreaterThan(steps.findLastIndex((s) => s.id.startsWith('check-')))
  })
  it('name each jumper with its share, each wire with where it goes, and what the meter must read', () => {
    const request = SHARED
    const jumpers = stepsOf(request).filter((s) => s.id.startsWith('jumper'))
    // 10 of 35 and 2.5 of 7.5.
    expect(jumpers.map((s) => [s.text, s.why])).toEqual([
      [
        'HERM: jumper from the 25 µF section of the new can to the 10 µF section of the new can.',
        'It carries 29 % of this load’s capacitor current.',
      ],
      [
        'FAN: jumper from the 5 µF section of the new can to the 2.5 µF section of the new can.',
        'It carries 33 % of this load’s capacitor current.',
      ],
    ])
    expect(textOf(request, 'land-brown')).toBe('Brown on the 5 µF section of the new can.')
    expect(textOf(request, 'check-FAN')).toContain('reads 7.5 µF, 7.05 to 7.95 µF')
    expect(textOf(request, 'empty')).toBe('Nothing on 20 µF: cover it.')
    expect(
      stepsOf(request).find((s) => s.acts.some((a) => a.kind === 'move' && a.from === 'HERM'))?.text,
    ).toBe(
      'The wire from S on the compressor: off HERM of the old capacitor, on the 25 µF section of the new can.',
    )
    expect(textOf(request, 'old-leads')).toContain('the one on FAN of the old capacitor')
    expect(textOf(request, 'land-brown/white')).toBe(
      'Brown with white stripe cut back and insulated by itself.',
    )
  })
  it('say which wire is which by its colour, where that is on record', () => {
    const wires = SHARED.wires.map((w) => ({ ...w, segments: [{ colour: 'RD' as const, stripe: null }] }))
    expect(textOf({ ...SHARED, wires }, 'old-leads')).toContain('the red one on FAN of the old capacitor')
    const moved = stepsOf({ ...SHARED, wires }).filter((s) => s.id.startsWith('move-'))
    expect(moved.every((s) => s.text.startsWith('The red wire from '))).toBe(true)
  })
  it('of two capacitors strap both and tie their C’s; a single’s C is either post', () => {
    const request = { ...SHARED, compressorMicrofarads: 40, can: CANS['two singles'] as GivenCan }
    expect(
      stepsOf(request)
        .filter((s) => s.kind === 'mount')
        .map((s) => s.text.split(' upright')[0]),
    ).toEqual(['Strap Single 40', 'Strap Single 7.5'])
    expect(textOf(request, 'tie-0')).toBe(
      'Tie C of Single 7.5 to C of Single 40 with a wire as thick as the one that feeds it. A single has no C: either post is its C, and the other its section.',
    )
  })
  it('where a side of the old can stays it is not taken out, its wire is not moved, and it is not read again', () => {
    const request = {
      ...SHARED,
      compressorMicrofarads: 40,
      can: CANS['HERM of the old can and a single'] as GivenCan,
    }
    const steps = stepsOf(request)
    expect(textOf(request, 'old')).toBe(
      'Leave the old can in its strap, for HERM. The post of its other side stays empty.',
    )
    expect(steps.filter((s) => s.kind === 'mount')).toHaveLength(1)
    expect(textOf(request, 'tie-0')).toContain('Tie C of Single 7.5 to C of the old can')
    expect(steps.some((s) => s.id.startsWith('move-') || s.id === 'check-HERM')).toBe(false)
  })
  it('past a protected terminal the kit is told with the check of its fuse', () => {
    const request = {
      ...SHARED,
      can: CANS['multi-tap with a protected start'] as GivenCan,
      hardStart: PROTECTED_POST,
    }
    expect(textOf(request, 'fuse')).toContain('nearly 0 Ω')
    expect(textOf(request, 'kit')).toBe(
      'Hard-start kit: one lead with the compressor’s wire on the 25 µF section of the new can, the other on the protected terminal, not on C.',
    )
    expect(textOf({ ...SHARED, hardStart: NEW_C }, 'kit')).toContain('the other on C of Six.')
  })
  it('there are none while it is stopped, or while a load has no value', () => {
    expect(stepsOf({ ...SHARED, compressorMicrofarads: null })).toEqual([])
    expect(stepsOf({ ...SHARED, can: { ...SHARED.can, volts: 250 } })).toEqual([])
  })
  it('a motor without a capacitor: the old one comes out, and its wires with it', () => {
    const unit = unitOf('cooling-1-pole-own-capacitor')
    const request = { ...requestFor(unit.id, 'teal-33e'), can: null, speed: 'high' as const }
    expect(textOf(request, 'old')).toBe('Take the old capacitor out; nothing takes its place.')
    expect(stepsOf(request).some((s) => s.id === 'label' || s.id.startsWith('check-'))).toBe(false)
    // Nor is anything tied to a capacitor that is not there.
    expect(hookupWith(request, {}).added).toEqual([])
  })
})

describe('a motor that stays', () => {
  /** The same sheet as the old motor's: its leads in the colours that its wires have. */
  const colours: Readonly<Record<string, 'BK' | 'WH' | 'BN'>> = {
    'motor-common': 'BK',
    run: 'WH',
    start: 'BN',
  }
  const found = findRoles(SHARED.unit, SHARED.wires)
  const wires = SHARED.wires.map((wire) => {
    const colour = colours[found.find((f) => f.wire === wire.id)?.role ?? '']
    return colour ? { ...wire, segments: [{ colour, stripe: null }] } : wire
  })
  const stays: HookupRequest = { ...SHARED, wires, motorStays: true }

  it('only what hangs on the capacitor comes off and lands again; the rest is left alone', () => {
    expect(textOf(stays, 'old-leads')).toBe(
      'Of the motor that stays, off: the brown one on FAN of the old capacitor. Its other leads stay where they are.',
    )
    const landed = stepsOf(stays).flatMap((s) => s.acts.filter((a) => a.kind === 'land'))
    expect(landed.filter((a) => a.goes.kind === 'post').map((a) => a.lead)).toEqual(['brown'])
  })
  it('carried out, every lead is where it is advised: moved, or there before', () => {
    const answer = hookupWith(stays, {}, { mends: false })
    const own = ownWires(stays.unit, stays.sheet, wires, answer.findings)
    const done = carryOut(
      stays,
      fitSteps(stays, answer).flatMap((step) => step.acts),
    )
    for (const { lead, goes } of answer.leads) {
      const there = done.leads.get(lead) ?? own.get(lead)?.from
      expect([lead, there]).toEqual([lead, goes.kind === 'post' ? goes.post : goes.kind])
    }
  })
  it('a lead on the wrong post is moved, and named by its colour', () => {
    // Run hangs where motor common belongs, and the other way round.
    const at = (role: string) => found.find((f) => f.role === role)?.wire
    const crossed = wires.map((w) =>
      w.id === at('run') || w.id === at('motor-common')
        ? {
            ...w,
            segments: [{ colour: w.id === at('run') ? ('BK' as const) : ('WH' as const), stripe: null }],
          }
        : w,
    )
    const text = textOf({ ...stays, wires: crossed }, 'old-leads')
    expect(text).toContain('the black one')
    expect(text).toContain('the white one')
  })
})
