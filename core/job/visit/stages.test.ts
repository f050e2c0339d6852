import { CANS } from '../../capacitor/cans'
import { EMPTY_JOB, type JobDocument } from '../document'
import { hookupInput, type HookupInput } from '../inputs/hookup-input'
import { printOf } from '../print'
import { LEAD_SHEETS } from '../../motor/lead-sheets'
import { makeSafe } from '../../safety/make-safe'
import { DISCHARGED_STEP, openStep, proveStep } from '../../safety/progress'
import type { UnitType } from '../../wiring/unit-type'
import { unitTypeFor } from '../../wiring/unit-types'
import { mountedAs } from '../inputs/mount-input'
import { mountingChecks } from '../../mounting/checklist'
import { STAGES, type StageId } from './stage-names'
import { nextStage, stageState, type StageState } from './stages'

const wire = (traced: boolean) => ({ from: 'T1', to: 'motor', segments: [], traced, stated: [] })
const STEPS = makeSafe(unitTypeFor('cooling-1-pole-shared-capacitor') as UnitType, [])
const SAFE: JobDocument['safe'] = Object.fromEntries([
  ...STEPS.open.map((_, i) => [openStep(i), { state: 'done', volts: null }]),
  ...[...STEPS.prove.map((p) => proveStep(p.id)), DISCHARGED_STEP].map((key) => [
    key,
    { state: 'done', volts: 0.3 },
  ]),
])
const with_ = (more: Partial<JobDocument>): JobDocument => ({ ...EMPTY_JOB, ...more })

const recorded = { unit: 'cooling-1-pole-shared-capacitor', wires: { a: wire(true) } }
const chosen = {
  ...recorded,
  motor: LEAD_SHEETS[0] ?? null,
  wanted: { direction: 'CW' as const, seenFrom: 'lead-end' as const },
}
const fitted = { ...chosen, can: CANS[0] ?? null, compressorMicrofarads: 40 }
const proven = {
  verdict: 'proven' as const,
  sentence: 'x',
  print: printOf(hookupInput(with_(fitted)) as HookupInput),
}

it.each([
  ['an empty job', EMPTY_JOB, 'wires'],
  ['a unit without traced wires', with_({ unit: recorded.unit, wires: { a: wire(false) } }), 'wires'],
  ['wires traced', with_(recorded), 'motor'],
  ['a motor without a wanted rotation', with_({ ...chosen, wanted: null }), 'motor'],
  ['a motor chosen', with_(chosen), 'capacitor'],
  [
    'a shared can without the compressor’s value',
    with_({ ...fitted, compressorMicrofarads: null }),
    'capacitor',
  ],
  ['everything chosen', with_(fitted), 'board'],
  ['proven', with_({ ...fitted, proven }), 'card'],
  [
    'a full job, begun',
    with_({ unit: recorded.unit, safe: { 'open 1': { state: 'done', volts: null } } }),
    'safe',
  ],
  ['a full job, made safe', with_({ unit: recorded.unit, safe: SAFE }), 'fault'],
  [
    'a full job with its cause',
    with_({
      unit: recorded.unit,
      safe: SAFE,
      fault: { cause: 'bearing', name: 'x', strength: 'strong', because: [] },
    }),
    'wires',
  ],
  [
    'a full job, proven',
    with_({
      ...fitted,
      proven,
      safe: SAFE,
      fault: { cause: 'bearing', name: 'x', strength: 'strong', because: [] },
    }),
    'mount',
  ],
  [
    'a quick hookup that began its start-up',
    with_({ ...fitted, proven, startup: { turned: 'right' } }),
    'mount',
  ],
  ['proven, then changed', with_({ ...fitted, proven, compressorMicrofarads: 45 }), 'board'],
])('%s goes on at %s', (_, job, stage) => expect(nextStage(job)).toBe(stage))

it('a fan with a capacitor of its own needs no compressor value', () =>
  expect(
    stageState(
      with_({ ...fitted, unit: 'cooling-1-pole-own-capacitor', compressorMicrofarads: null }),
      'capacitor',
    ),
  ).toBe('done'))

it('a stage begun is neither empty nor done', () => {
  expect(stageState(with_({ unit: recorded.unit }), 'wires')).toBe('part')
  expect(stageState(with_({ placements: { black: { kind: 'loose' } } }), 'board')).toBe('part')
  expect(STAGES.map((s) => stageState(EMPTY_JOB, s.id))).toEqual(STAGES.map(() => 'empty'))
})

const step = { state: 'done' as const, volts: null }
const reading = {
  quantity: 'amps' as const,
  value: 1.4,
  range: null,
  accuracy: null,
  meter: 'typed' as const,
  at: 0,
}
const cause = { cause: 'bearing', name: 'x', strength: 'strong', because: [] } as NonNullable<
  JobDocument['fault']
>
/** What each field alone makes of its stage, the other stages being as of an empty job. */
it.each<[string, Partial<JobDocument>, StageId, StageState]>([
  ['a step of making safe', { safe: { 'open 1': step } }, 'safe', 'part'],
  ['a discharge', { discharge: { way: 'meter', at: 0 } as never }, 'safe', 'part'],
  ['steps without a unit', { safe: SAFE }, 'safe', 'part'],
  ['all steps of the unit', { unit: recorded.unit, safe: SAFE }, 'safe', 'done'],
  ['something seen', { observations: { spin: 'coasts' } }, 'fault', 'part'],
  ['something read', { measurements: { 'volts-call': reading } }, 'fault', 'part'],
  ['a cause', { fault: cause }, 'fault', 'done'],
  ['a line of a plate', { plateLines: { motor: 'x' } }, 'plates', 'part'],
  ['the motor’s plate', { motorPlate: {} as never }, 'plates', 'done'],
  ['the can’s marking', { canMarking: {} as never }, 'plates', 'done'],
  ['a unit', { unit: recorded.unit }, 'wires', 'part'],
  ['one wire of two traced', { ...recorded, wires: { a: wire(true), b: wire(false) } }, 'wires', 'part'],
  ['both traced', { ...recorded, wires: { a: wire(true), b: wire(true) } }, 'wires', 'done'],
  ['a motor alone', { motor: chosen.motor }, 'motor', 'part'],
  ['a direction alone', { wanted: chosen.wanted }, 'motor', 'part'],
  ['both', { motor: chosen.motor, wanted: chosen.wanted }, 'motor', 'done'],
  ['a reading of the can', { readings: { FAN: {} as never } }, 'capacitor', 'part'],
  ['a lead placed', { placements: { black: { kind: 'loose' } } }, 'board', 'part'],
  ['a proof of something else', { ...fitted, proven: { ...proven, print: 'other' } }, 'board', 'part'],
  ['a length', { mountInches: { oldBody: 6 } }, 'mount', 'part'],
  ['a look', { mountChecks: { spins: true } }, 'mount', 'part'],
  ['how it is held', { mountChoices: { way: 'base' } }, 'mount', 'part'],
  ['a length, of a known unit', { unit: recorded.unit, mountInches: { oldBody: 6 } }, 'mount', 'part'],
  ['a turn', { startup: { turned: 'right' } }, 'startup', 'part'],
  ['amps', { measurements: { 'amps-start cooling': reading } }, 'startup', 'part'],
  ['other amps', { measurements: { 'amps-motor': reading } }, 'startup', 'empty'],
  [
    'a right turn and amps',
    { startup: { turned: 'right' }, measurements: { 'amps-start cooling': reading } },
    'startup',
    'done',
  ],
  [
    'a wrong turn and amps',
    { startup: { turned: 'backwards' }, measurements: { 'amps-start cooling': reading } },
    'startup',
    'part',
  ],
  ['a proof', { ...fitted, proven }, 'card', 'done'],
])('%s', (_, fields, stage, state) => expect(stageState(with_(fields), stage)).toBe(state))

it('mounting is done once every check of this unit was looked at', () => {
  const unit = unitTypeFor(recorded.unit) as UnitType
  const ids = mountingChecks(unit, mountedAs(with_(recorded))).map(({ id }) => id)
  const looked = (list: readonly string[]) => ({
    ...recorded,
    mountChecks: Object.fromEntries(list.map((id) => [id, true])),
  })
  expect(ids.length).toBeGreaterThan(2)
  expect(stageState(with_(looked(ids)), 'mount')).toBe('done')
  expect(stageState(with_(looked(ids.slice(1))), 'mount')).toBe('part')
  expect(stageState(with_({ ...looked(ids), unit: null }), 'mount')).toBe('part')
})
it('the stages stand in the order of the work, each with a short name', () =>
  expect(STAGES.map(({ name }) => name)).toEqual([
    'Safe',
    'Fault',
    'Plates',
    'Wires',
    'Motor',
    'Can',
    'Board',
    'Mount',
    'Start',
    'Card',
  ]))
